import { useState } from 'react';
import { largestFileBytes, readLarderCsv, writeLarderCsv, type LarderCsvReading } from '@fornax/core';
import { FileTrigger } from 'react-aria-components';
import styled from 'styled-components';
import { Button } from '../parts/Button.js';
import { Dialog } from '../parts/Dialog.js';
import { saveFile } from '../parts/save-file.js';
import { Quietly, Row } from '../parts/states.js';
import type { LarderEntries } from './useLarderEntries.js';

const List = styled.ul`
  max-height: 260px;
  overflow: auto;
  margin: 12px 0;
  li {
    padding: 3px 0;
    border-bottom: 1px solid ${({ theme }) => theme.colour.hairline};
    overflow-wrap: anywhere;
  }
  strong {
    color: ${({ theme }) => theme.colour.beet};
    font-weight: 400;
  }
`;
const Alert = styled.p`
  margin: 12px 0;
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
    setSaid(file.size > largestFileBytes ? 'This file is larger than 5 MB; split it.' : '');
    setReading(
      file.size > largestFileBytes
        ? null
        : readLarderCsv(
            await file.text(),
            entries.larder,
            entries.entries.map(({ ingredient, figures, own }) => ({ ingredient, figures, own })),
            entries.currency,
          ),
    );
  };
  const take = async () => {
    if (!reading) return;
    let taken = 0;
    for (const id of reading.changed) {
      const failure = await entries.save(reading.entries.find((entry) => entry.ingredient === id)!).then(
        () => '',
        (error: Error) => error.message,
      );
      if (failure) return setSaid(`${taken} ingredients were taken; then: ${failure}`);
      taken++;
    }
    setReading(null);
    setSaid(`${taken} ${taken === 1 ? 'ingredient was' : 'ingredients were'} taken.`);
  };
  const refused = reading?.report.filter((row) => row.refused) ?? [];
  return (
    <Dialog title="The larder as CSV" wide isOpen={isOpen} onClose={close}>
      <Row>
        <Button onPress={() => saveFile('larder.csv', 'text/csv', writeLarderCsv(entries.larder))}>
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
        <>
          <p role="status">
            {reading.report.length - refused.length} rows can be taken, {refused.length} refused;{' '}
            {reading.changed.length} ingredients change.
          </p>
          <List aria-label="Refused rows">
            {refused.map((row) => (
              <li key={row.row}>
                <Quietly>
                  Row {row.row}: {row.what}{' '}
                </Quietly>
                <strong>{row.refused}</strong>
              </li>
            ))}
          </List>
          <Row>
            <Button look="act" isDisabled={reading.changed.length === 0} onPress={() => void take()}>
              Take {reading.changed.length} ingredients
            </Button>
            <Button look="quiet" onPress={close}>
              Cancel
            </Button>
          </Row>
        </>
      ) : null}
    </Dialog>
  );
}
