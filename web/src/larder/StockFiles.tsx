import { useState } from 'react';
import type { StockView } from '@fornax/contract';
import { readInWorker } from '../workers/read-worker.js';
import { counted, largestFileBytes, type StockCsvReading, writeStockCsv } from '@fornax/core';
import { FileTrigger } from 'react-aria-components';
import { v7 as uuid } from 'uuid';
import { call } from '../api/client.js';
import type { LarderEntries } from '../api/useLarderEntries.js';
import { Button } from '../parts/Button.js';
import { RefusedRows } from '../parts/RefusedRows.js';
import { saveFile } from '../parts/files/save-file.js';
import { Row } from '../parts/states.js';
import { ErrorLine } from '../parts/kit.js';

interface StockFilesProps {
  stock: readonly StockView[];
  entries: LarderEntries;
  english: 'uk' | 'us';
  onTaken: () => Promise<unknown>;
}

/** The cupboard as a table for a spreadsheet, out and in again; what cannot be read is told row by row. */
export function StockFiles({ stock, entries, english, onTaken }: StockFilesProps) {
  const [reading, setReading] = useState<StockCsvReading | null>(null);
  const [said, setSaid] = useState('');
  const read = async (file: File | undefined) => {
    if (!file) return;
    const isTooLarge = file.size > largestFileBytes;
    setSaid(isTooLarge ? 'This file is larger than 5 MB; split it.' : '');
    if (isTooLarge) return setReading(null);
    const text = await file.text();
    await readInWorker((reader) => reader.stock(text, entries.entries)).then(setReading, (error: Error) =>
      setSaid(error.message),
    );
  };
  const take = async () => {
    if (!reading) return;
    setSaid(await putIn(reading));
    setReading(null);
    await onTaken();
  };
  return (
    <>
      <Row>
        <Button
          onPress={() =>
            saveFile('cupboard.csv', 'text/csv', writeStockCsv(stock, { larder: entries.larder, english }))
          }
        >
          Save as CSV
        </Button>
        <FileTrigger acceptedFileTypes={['.csv']} onSelect={(list) => void read(list?.[0])}>
          <Button>Import a CSV</Button>
        </FileTrigger>
      </Row>
      {reading?.refused ? <ErrorLine role="alert">{reading.refused}</ErrorLine> : null}
      {said ? <ErrorLine role="status">{said}</ErrorLine> : null}
      {reading && !reading.refused ? (
        <ToTake reading={reading} onTake={() => void take()} onCancel={() => setReading(null)} />
      ) : null}
    </>
  );
}

interface ToTakeProps {
  reading: StockCsvReading;
  onTake: () => void;
  onCancel: () => void;
}

function ToTake({ reading, onTake, onCancel }: ToTakeProps) {
  const refused = reading.report.filter((row) => row.refused);
  return (
    <>
      <p role="status">
        {counted(reading.rows.length, 'row')} can be put in, {refused.length} refused. What is in the cupboard
        already stays.
      </p>
      <RefusedRows rows={refused} />
      <Row>
        <Button isDisabled={reading.rows.length === 0} onPress={onTake}>
          Put in {counted(reading.rows.length, 'row')}
        </Button>
        <Button look="quiet" onPress={onCancel}>
          Cancel
        </Button>
      </Row>
    </>
  );
}

/** Puts one row after another in; returns how many, and where and why it stopped. */
async function putIn({ rows }: StockCsvReading): Promise<string> {
  let taken = 0;
  for (const row of rows) {
    const failure = await call('/stock', { method: 'POST', body: { id: uuid(), ...row } }).then(
      () => '',
      (error: Error) => error.message,
    );
    if (failure) return `${counted(taken, 'row')} put in; then: ${failure}`;
    taken++;
  }
  return `${counted(taken, 'row')} put in.`;
}
