import { useState } from 'react';
import { FileTrigger } from 'react-aria-components';
import { largestFileBytes, type KitchenCsvReading } from '@fornax/core';
import { readInWorker } from '../workers/read-worker.js';
import { Button } from '../parts/Button.js';
import { useFileWork } from '../parts/files/useFileWork.js';
import { RefusedRows } from '../parts/RefusedRows.js';
import { saveFile } from '../parts/files/save-file.js';
import { Row } from '../parts/states.js';
import { useSay } from '../parts/toasts.js';
import type { KitchenEditor } from './useKitchenEditor.js';
import type { KitchenEdits } from '../api/rows.js';
import { ErrorLine } from '../parts/kit.js';

/** Tools and vessels as a table for a spreadsheet, out and in again; what was refused is told row by row. */
export function KitchenFiles({ kitchen, editor }: { kitchen: KitchenEdits; editor: KitchenEditor }) {
  const [reading, setReading] = useState<KitchenCsvReading | null>(null);
  const [said, setSaid] = useState('');
  const say = useSay();
  const handle = useFileWork();
  const read = async (file: File | undefined) => {
    if (!file) return;
    if (file.size > largestFileBytes) return setSaid('This file is larger than 5 MB; split it.');
    setSaid('');
    const { tools, vessels } = kitchen;
    const text = await file.text();
    const counts = { tools, vessels };
    await readInWorker((reader) => reader.kitchen(text, counts)).then(setReading, (error: Error) =>
      setSaid(error.message),
    );
  };
  const save = async () => {
    const { writeKitchenCsv } = await import('../parts/files/tables.js');
    saveFile('kitchen.csv', 'text/csv', writeKitchenCsv(kitchen));
  };
  const take = () => {
    if (!reading) return;
    const { tools, vessels } = kitchen;
    editor.edit({ tools: reading.tools, vessels: reading.vessels });
    say('Tools and vessels were taken from the file.', {
      label: 'Undo',
      run: () => editor.edit({ tools, vessels }),
    });
    setReading(null);
  };
  const refused = reading?.report.filter((row) => row.refused) ?? [];
  const taken = (reading?.report.length ?? 0) - refused.length;
  return (
    <>
      <Row>
        <Button onPress={() => handle(save)}>Save as CSV</Button>
        <FileTrigger acceptedFileTypes={['.csv']} onSelect={(list) => handle(() => read(list?.[0]))}>
          <Button>Choose a file to bring in</Button>
        </FileTrigger>
      </Row>
      {said || reading?.refused ? <ErrorLine role="alert">{said || reading?.refused}</ErrorLine> : null}
      {reading && !reading.refused ? (
        <>
          <p role="status">
            {taken} rows can be taken, {refused.length} refused.
          </p>
          <RefusedRows rows={refused} />
          <Row>
            <Button look="act" isDisabled={taken === 0} onPress={take}>
              Take {taken} rows
            </Button>
            <Button look="quiet" onPress={() => setReading(null)}>
              Cancel
            </Button>
          </Row>
        </>
      ) : null}
    </>
  );
}
