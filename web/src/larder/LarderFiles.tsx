import { useState } from 'react';
import { FileTrigger } from 'react-aria-components';
import styled from 'styled-components';
import { counted, type LarderCsvReading, largestFileBytes, writeLarderCsv } from '@fornax/core';
import { readInWorker } from '../workers/read-worker.js';
import { Button } from '../parts/Button.js';
import { Dialog } from '../parts/Dialog.js';
import { RefusedRows } from '../parts/RefusedRows.js';
import { saveFile } from '../parts/files/save-file.js';
import { Row } from '../parts/states.js';
import type { LarderEntries } from '../api/useLarderEntries.js';

const Alert = styled.p`
  margin: 0.75rem 0;
  color: ${({ theme }) => theme.colour.beet};
`;

/** The larder as a table for a spreadsheet, out and in again; what was refused is told row by row. */
export function LarderFiles({
  isOpen,
  entries,
  onClose,
}: {
  isOpen: boolean;
  entries: LarderEntries;
  onClose: () => void;
}) {
  const [reading, setReading] = useState<LarderCsvReading | null>(null);
  const [said, setSaid] = useState('');
  const close = () => {
    setReading(null);
    setSaid('');
    onClose();
  };
  const read = async (file: File | undefined) => {
    if (!file) return;
    const isTooLarge = file.size > largestFileBytes;
    setSaid(isTooLarge ? 'This file is larger than 5 MB; split it.' : '');
    if (isTooLarge) return setReading(null);
    const text = await file.text();
    await readInWorker((reader) => reader.larder(text, entries.entries, entries.currency)).then(
      setReading,
      (error: Error) => setSaid(error.message),
    );
  };
  const take = async () => {
    if (!reading) return;
    const failure = await saveAll(reading, entries);
    if (failure) return setSaid(failure);
    setReading(null);
    setSaid(`${takenWords(reading.changed.length)}.`);
  };
  return (
    <Dialog title="The larder as CSV" wide isOpen={isOpen} onClose={close}>
      <Row>
        <Button
          onPress={() => saveFile('larder.csv', 'text/csv', writeLarderCsv(entries.larder, entries.entries))}
        >
          Save the whole larder
        </Button>
        <FileTrigger acceptedFileTypes={['.csv']} onSelect={(list) => void read(list?.[0])}>
          <Button>Choose a file to bring in</Button>
        </FileTrigger>
      </Row>
      {reading?.refused ? <Alert role="alert">{reading.refused}</Alert> : null}
      {said ? (
        <Alert as="p" role="status">
          {said}
        </Alert>
      ) : null}
      {reading && !reading.refused ? (
        <ToTake reading={reading} onTake={() => void take()} onCancel={close} />
      ) : null}
    </Dialog>
  );
}

function ToTake({
  reading,
  onTake,
  onCancel,
}: {
  reading: LarderCsvReading;
  onTake: () => void;
  onCancel: () => void;
}) {
  const refused = reading.report.filter((row) => row.refused);
  return (
    <>
      <p role="status">
        {reading.report.length - refused.length} rows can be taken, {refused.length} refused;{' '}
        {reading.changed.length} ingredients change.
      </p>
      <RefusedRows rows={refused} />
      <Row>
        <Button look="act" isDisabled={reading.changed.length === 0} onPress={onTake}>
          Take {reading.changed.length} ingredients
        </Button>
        <Button look="quiet" onPress={onCancel}>
          Cancel
        </Button>
      </Row>
    </>
  );
}

/** Saves what a file changes, one ingredient after another; returns where and why it stopped, or null. */
async function saveAll({ changed, entries: read }: LarderCsvReading, entries: LarderEntries) {
  let taken = 0;
  for (const id of changed) {
    const failure = await entries.save(read.find((entry) => entry.ingredient === id)!).then(
      () => '',
      (error: Error) => error.message,
    );
    if (failure) return `${takenWords(taken)}; then: ${failure}`;
    taken++;
  }
  return null;
}

/** "1 ingredient was taken". */
function takenWords(count: number): string {
  return `${counted(count, 'ingredient')} ${count === 1 ? 'was' : 'were'} taken`;
}
