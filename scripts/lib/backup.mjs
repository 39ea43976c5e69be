import { createHash } from 'node:crypto';
import { spawn } from 'node:child_process';
import {
  createReadStream,
  createWriteStream,
  existsSync,
  mkdirSync,
  readdirSync,
  readFileSync,
} from 'node:fs';
import { renameSync, rmSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { pipeline } from 'node:stream/promises';
import { createGunzip, createGzip } from 'node:zlib';
import { userInfo } from 'node:os';
import { binaryLogFolder } from './binary-log.mjs';
import { administer } from './database-accounts.mjs';
import { environment } from './database-process.mjs';
import { isHeld, startDatabase } from './database.mjs';
import { PlainError } from './say.mjs';
import { prepare, serverEnvironment } from './serve.mjs';

const schema = 'fornax';
const dumpFile = 'fornax.sql.gz';
const aboutFile = 'about.json';

/**
 * Takes a backup of the data in `folder` while it is in use: all of it as it was at one moment, and the place
 * in the record of changes from which it can be brought to any later one. Returns the backup's own folder.
 */
export async function backUp(folder, target) {
  if (!existsSync(join(folder, 'database')))
    throw new PlainError(`${folder} holds no Fornax data: choose its folder with FORNAX_DATA.`);
  const made = join(target, new Date().toISOString().slice(0, 19).replaceAll(':', '-'));
  const halfway = `${made}.part`;
  rmSync(halfway, { recursive: true, force: true });
  mkdirSync(halfway, { recursive: true, mode: 0o700 });
  await withSocket(folder, async (socket) => {
    await dump(socket, join(halfway, dumpFile));
    const about = {
      made: new Date().toISOString(),
      sha256: await digestOf(join(halfway, dumpFile)),
      ...(await placeIn(join(halfway, dumpFile))),
    };
    writeFileSync(join(halfway, aboutFile), `${JSON.stringify(about, null, 2)}\n`, { mode: 0o600 });
  });
  renameSync(halfway, made);
  return made;
}

/** The socket of the database that runs with a folder; one is started where none does. */
async function withSocket(folder, work) {
  if (isHeld(folder)) {
    const socket = join(readFileSync(join(folder, 'socket'), 'utf8'), 'database.sock');
    if (administer(socket, 'SELECT 1;', environment).status !== 0)
      throw new PlainError('The database does not answer: see that Fornax runs, or stop it, and try again.');
    return work(socket);
  }
  const database = await startDatabase(folder);
  try {
    return await work(database.socket);
  } finally {
    await database.stop();
  }
}

async function dump(socket, file) {
  const dumping = spawn(
    'mariadb-dump',
    [
      '--no-defaults',
      `-u${userInfo().username}`,
      `--socket=${socket}`,
      // One transaction: what is written meanwhile is not in it, and nobody waits for it.
      '--single-transaction',
      '--master-data=2',
      '--hex-blob',
      '--default-character-set=utf8mb4',
      schema,
    ],
    { env: environment, stdio: ['ignore', 'pipe', 'pipe'] },
  );
  const ended = endOf(dumping, 'The backup could not be taken');
  await pipeline(dumping.stdout, createGzip(), createWriteStream(file, { mode: 0o600 }));
  await ended;
}

function endOf(child, what) {
  let said = '';
  child.stderr.on('data', (chunk) => {
    said += chunk;
  });
  return new Promise((resolve, reject) => {
    child.once('error', (error) => reject(new PlainError(`${what}: ${error.message}.`)));
    child.once('close', (status) =>
      status === 0 ? resolve() : reject(new PlainError(`${what}: ${said.trim() || 'it gave no reason'}.`)),
    );
  });
}

/** Where the record of changes stood: MariaDB writes it into the head of a dump. */
async function placeIn(file) {
  let head = '';
  for await (const chunk of createReadStream(file).pipe(createGunzip())) {
    head += chunk;
    const [, log, position] = /MASTER_LOG_FILE='([^']+)', MASTER_LOG_POS=(\d+)/.exec(head) ?? [];
    if (log) return { log, position: Number(position) };
    if (head.length > 100_000) break;
  }
  throw new PlainError('The backup says no place in the record of changes: its database keeps none.');
}

async function digestOf(file) {
  const hash = createHash('sha256');
  for await (const chunk of createReadStream(file)) hash.update(chunk);
  return hash.digest('hex');
}

/**
 * Puts a backup into an empty folder; with `changes`, a data folder or a copy of its record of changes,
 * brings it forward from there, `until` a moment ("2026-11-26 18:30:00", UTC) or to the last change.
 */
export async function restore(backup, folder, { changes = null, until = null } = {}) {
  const about = aboutOf(backup);
  if (existsSync(folder) && readdirSync(folder).length > 0)
    throw new PlainError(
      `${folder} is not empty, so nothing was put there: choose another with FORNAX_DATA.`,
    );
  if (until && !/^\d{4}-\d\d-\d\d \d\d:\d\d(:\d\d)?$/.test(until))
    throw new PlainError(`“${until}” is no moment: write it like 2026-11-26 18:30:00, in UTC.`);
  if ((await digestOf(join(backup, dumpFile))) !== about.sha256)
    throw new PlainError(`The backup in ${backup} is damaged: it is not as it was when it was made.`);
  const database = await startDatabase(folder);
  try {
    await play(database.socket, createReadStream(join(backup, dumpFile)).pipe(createGunzip()));
    if (changes) await playChanges(database.socket, about, changes, until);
    prepare(serverEnvironment({ url: database.url, demo: false, port: 0 }), []);
  } finally {
    await database.stop();
  }
}

function aboutOf(backup) {
  const file = join(backup, aboutFile);
  if (!existsSync(file)) throw new PlainError(`${backup} is no backup of Fornax: it has no ${aboutFile}.`);
  return JSON.parse(readFileSync(file, 'utf8'));
}

async function play(socket, statements) {
  const playing = spawn(
    'mariadb',
    [
      '--no-defaults',
      `-u${userInfo().username}`,
      `--socket=${socket}`,
      '--default-character-set=utf8mb4',
      '--binary-mode',
      schema,
    ],
    { env: environment, stdio: ['pipe', 'ignore', 'pipe'] },
  );
  const ended = endOf(playing, 'The backup could not be put back');
  await Promise.all([pipeline(statements, playing.stdin), ended]);
}

async function playChanges(socket, { log, position }, changes, until) {
  const place = existsSync(binaryLogFolder(changes)) ? binaryLogFolder(changes) : changes;
  const files = readdirSync(place)
    .filter((name) => /^changes\.\d+$/.test(name) && name >= log)
    .sort();
  if (files[0] !== log)
    throw new PlainError(`${place} does not hold ${log}, where the backup ends: changes since are missing.`);
  const reading = spawn(
    'mariadb-binlog',
    [
      '--no-defaults',
      `--database=${schema}`,
      `--start-position=${position}`,
      ...(until ? [`--stop-datetime=${until}`] : []),
      ...files.map((name) => join(place, name)),
    ],
    { env: { ...environment, TZ: 'UTC' }, stdio: ['ignore', 'pipe', 'pipe'] },
  );
  const ended = endOf(reading, 'The changes since the backup could not be read');
  await Promise.all([play(socket, reading.stdout), ended]);
}
