import { spawn } from 'node:child_process';
import { existsSync, readdirSync, readFileSync } from 'node:fs';
import { basename, join } from 'node:path';
import { binaryLogFolder } from '../binary-log.mjs';
import { environment } from '../database-process.mjs';
import { PlainError } from '../say.mjs';
import { checkFollows, readChangeFile } from './change-file.mjs';
import { endOf } from './processes.mjs';

/**
 * The files of the record of changes from a backup's place on, each looked at whole: names and the numbers of
 * changes follow each other without a gap, every checksum holds. Throws a plain sentence where one does not.
 * With `asFarAsWhole` a last file that breaks off is taken up to its last whole change. Returns the paths,
 * `moment` (ISO) of the last change, and `wholeBytes` of the last file.
 */
export function checkedChanges({ log, position }, changes, { asFarAsWhole = false } = {}) {
  const place = existsSync(binaryLogFolder(changes)) ? binaryLogFolder(changes) : changes;
  const names = namesFrom(place, log);
  let before = null;
  let moment = 0;
  for (const name of names) {
    const file = readChangeFile(join(place, name));
    const isLast = name === names.at(-1);
    if (file.damage && !(isLast && asFarAsWhole)) throw damaged(name, file, isLast);
    if (before) checkFollows(name, file, before);
    else if (!file.places.has(position) && file.wholeBytes !== position)
      throw new PlainError(
        `${name} has no change at the place where the backup ends, so nothing was put back.`,
      );
    if (isLast && file.next && !file.damage)
      throw new PlainError(`${file.next} is missing: ${name} says that more comes after it.`);
    moment = Math.max(moment, file.moment);
    before = file;
  }
  return {
    paths: names.map((name) => join(place, name)),
    moment: moment > 0 ? new Date(moment * 1000).toISOString() : null,
    wholeBytes: before.wholeBytes,
  };
}

function damaged(name, { damage, moment }, isLast) {
  const when = moment > 0 ? ` The last whole change in it is of ${toTheSecond(moment)} (UTC).` : '';
  const wayOut = isLast ? ' To put back what is whole all the same, add --as-far-as-whole.' : '';
  return new PlainError(`${name} is damaged: ${damage}. Nothing was put back.${when}${wayOut}`);
}

const toTheSecond = (moment) => new Date(moment * 1000).toISOString().slice(0, 19).replace('T', ' ');

/** Names from a file on; all that the folder's own list names must be there, and no number left out. */
function namesFrom(place, log) {
  const numberOf = (name) => Number(name.split('.')[1]);
  const names = readdirSync(place)
    .filter((name) => /^changes\.\d+$/.test(name) && numberOf(name) >= numberOf(log))
    .sort((a, b) => numberOf(a) - numberOf(b));
  if (names[0] !== log)
    throw new PlainError(`${place} does not hold ${log}, where the backup ends: changes since are missing.`);
  const listed = listedIn(place).filter((name) => numberOf(name) >= numberOf(log));
  const wanted = Math.max(numberOf(names.at(-1)), ...listed.map(numberOf));
  for (let number = numberOf(log); number <= wanted; number++)
    if (!names.some((name) => numberOf(name) === number))
      throw new PlainError(
        `changes.${String(number).padStart(6, '0')} is missing in ${place}, so nothing was put back.`,
      );
  return names;
}

function listedIn(place) {
  const list = join(place, 'changes.index');
  if (!existsSync(list)) return [];
  return readFileSync(list, 'utf8')
    .split('\n')
    .filter(Boolean)
    .map((path) => basename(path));
}

/** The statements of changed rows from a place on, as a stream; `until` a moment in UTC, or to the end. */
export function statementsOf({ paths, wholeBytes }, { position, schema, until, asFarAsWhole }) {
  const reading = spawn(
    'mariadb-binlog',
    [
      '--no-defaults',
      '--verify-binlog-checksum',
      `--database=${schema}`,
      `--start-position=${position}`,
      ...(until ? [`--stop-datetime=${until}`] : []),
      // It counts in the last file.
      ...(asFarAsWhole ? [`--stop-position=${wholeBytes}`] : []),
      ...paths,
    ],
    { env: { ...environment, TZ: 'UTC' }, stdio: ['ignore', 'pipe', 'pipe'] },
  );
  return { stream: reading.stdout, ended: endOf(reading, 'The changes since the backup could not be read') };
}
