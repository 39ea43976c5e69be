import { useState } from 'react';
import { FileTrigger } from 'react-aria-components';
import { largestFileBytes, type RosterReading } from '@fornax/core';
import { useOpenClass } from '../../classes/class-context.js';
import { readInWorker } from '../../workers/read-worker.js';
import { Button } from '../../parts/Button.js';
import { Dialog } from '../../parts/Dialog.js';
import { useFileWork } from '../../parts/files/useFileWork.js';
import { RefusedRows } from '../../parts/RefusedRows.js';
import { saveFile } from '../../parts/files/save-file.js';
import { Row } from '../../parts/states.js';
import { useRoster } from './useRoster.js';

/** Who comes, from a list as a booking form gives it; what was refused is told row by row. */
export function RosterFile() {
  const { view } = useOpenClass();
  const { roster, change } = useRoster();
  const handle = useFileWork();
  const [reading, setReading] = useState<RosterReading | null>(null);
  const read = async (file: File | undefined) => {
    if (!file) return;
    setReading(await readPeople(file));
  };
  const save = async () => {
    const { writeRosterCsv } = await import('../../parts/files/tables.js');
    saveFile(`${view.title}, people.csv`, 'text/csv', writeRosterCsv(roster));
  };
  const known = new Set(roster.map(({ name }) => name.toLowerCase()));
  const fresh = reading?.people.filter(({ name }) => !known.has(name.toLowerCase())) ?? [];
  const already = (reading?.people.length ?? 0) - fresh.length;
  const refused = reading?.report.filter((row) => row.refused) ?? [];
  const take = () => {
    change((all) => [...all, ...fresh], `${fresh.length} people were taken from the file.`);
    setReading(null);
  };
  return (
    <>
      <FileTrigger
        acceptedFileTypes={['.csv', 'text/csv']}
        onSelect={(list) => handle(() => read(list?.[0]))}
      >
        <Button>From a list (CSV)</Button>
      </FileTrigger>
      {roster.length > 0 ? (
        <Button look="quiet" onPress={() => handle(save)}>
          Save as CSV, with names
        </Button>
      ) : null}
      {reading ? (
        <Dialog title="People from a list" isOpen onClose={() => setReading(null)}>
          {reading.refused ? (
            <p role="alert">{reading.refused}</p>
          ) : (
            <p role="status">
              {fresh.length} people can be taken
              {already > 0 ? `, ${already} are here already` : ''}, {refused.length} rows are refused.
            </p>
          )}
          {refused.length > 0 ? <RefusedRows rows={refused} /> : null}
          <Row style={{ marginTop: 12 }}>
            <Button look="act" isDisabled={fresh.length === 0} onPress={take}>
              Take {fresh.length} people
            </Button>
            <Button look="quiet" onPress={() => setReading(null)}>
              Cancel
            </Button>
          </Row>
        </Dialog>
      ) : null}
    </>
  );
}

async function readPeople(file: File): Promise<RosterReading> {
  if (file.size > largestFileBytes)
    return { people: [], report: [], refused: 'This file is larger than 5 MB; split it.' };
  const text = await file.text();
  return readInWorker((reader) => reader.roster(text)).catch((error: Error) => ({
    people: [],
    report: [],
    refused: error.message,
  }));
}
