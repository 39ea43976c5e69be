import { createHash } from 'node:crypto';
import { spawn } from 'node:child_process';
import {
  appendFileSync,
  cpSync,
  createReadStream,
  createWriteStream,
  existsSync,
  mkdirSync,
  mkdtempSync,
  readdirSync,
  readFileSync,
  renameSync,
  rmdirSync,
  rmSync,
  writeFileSync,
} from 'node:fs';
import { tmpdir, userInfo } from 'node:os';
import { basename, join } from 'node:path';
import { pipeline } from 'node:stream/promises';
import { isDeepStrictEqual } from 'node:util';
import { createGunzip, createGzip } from 'node:zlib';
import { administer } from '../database-accounts.mjs';
import { environment } from '../database-process.mjs';
import { startDatabase } from '../database.mjs';
import { isHeld } from '../folder-lock.mjs';
import { takePeopleKey, usualPlace } from '../people-key.mjs';
import { PlainError } from '../say.mjs';
import { prepare, serverEnvironment } from '../serve.mjs';
import { checkedChanges, statementsOf } from './changes.mjs';
import { dumpOf } from './dump.mjs';
import { endOf } from './processes.mjs';
import { seal, unseal } from './sealed.mjs';

const schema = 'fornax';
const dumpFile = 'fornax.sql.gz';
const aboutFile = 'about.json';

/**
 * Takes a backup of the data in `folder` while it is in use: all of it as it was at one moment, and the place
 * in the record of changes from which it can be brought to any later one. With `key`, a file, it is sealed;
 * with `also`, a folder, a copy goes there. Returns the backup's own folder.
 */
export async function backUp(folder, target, { key = null, also = null } = {}) {
  if (!existsSync(join(folder, 'database')))
    throw new PlainError(`${folder} holds no Fornax data: choose its folder with FORNAX_DATA.`);
  const made = join(target, new Date().toISOString().slice(0, 19).replaceAll(':', '-'));
  await builtBeside(made, (halfway) => withSocket(folder, (socket) => take(socket, halfway, key)));
  keepRegister(folder, target);
  if (also) {
    await ship(made, also);
    keepRegister(folder, also);
  }
  return made;
}

/** Does work in a folder beside its place, which is moved there once all of it is whole. */
async function builtBeside(place, work) {
  const halfway = `${place}.part`;
  rmSync(halfway, { recursive: true, force: true });
  mkdirSync(halfway, { recursive: true, mode: 0o700 });
  try {
    const result = await work(halfway);
    renameSync(halfway, place);
    return result;
  } catch (error) {
    rmSync(halfway, { recursive: true, force: true });
    throw error;
  }
}

async function take(socket, halfway, key) {
  const file = join(halfway, dumpFile);
  const { stream, counted } = dumpOf(socket, schema);
  const packed = stream.pipe(createGzip());
  stream.once('error', (error) => packed.destroy(error));
  await pipeline(key ? await seal(packed, key) : packed, createWriteStream(file, { mode: 0o600 }));
  const { place, tables } = await counted;
  if (!place)
    throw new PlainError('The backup says no place in the record of changes: its database keeps none.');
  const about = {
    made: new Date().toISOString(),
    isSealed: key !== null,
    sha256: await digestOf(file),
    ...place,
    tables,
  };
  const signed = { ...about, own: ownDigest(about) };
  writeFileSync(join(halfway, aboutFile), `${JSON.stringify(signed, null, 2)}\n`, { mode: 0o600 });
}

/** Copies a backup to a second folder, and looks at the copy. */
async function ship(made, also) {
  const copy = join(also, basename(made));
  mkdirSync(also, { recursive: true, mode: 0o700 });
  await builtBeside(copy, (halfway) => cpSync(made, halfway, { recursive: true }));
  await aboutOf(copy);
}

/** The socket of the database that runs with a folder; one is started where none does. */
async function withSocket(folder, work) {
  if (isHeld(folder)) {
    const socket = join(readFileSync(join(folder, 'socket'), 'utf8'), 'database.sock');
    if (administer(socket, 'SELECT 1;', environment).status !== 0)
      throw new PlainError('The database does not answer: see that Fornax runs, or stop it, and try again.');
    return work(socket);
  }
  return withDatabase(folder, ({ socket }) => work(socket));
}

async function withDatabase(folder, work) {
  const database = await startDatabase(folder);
  try {
    return await work(database);
  } finally {
    await database.stop();
  }
}

async function digestOf(file) {
  const hash = createHash('sha256');
  for await (const chunk of createReadStream(file)) hash.update(chunk);
  return hash.digest('hex');
}

function ownDigest(about) {
  return createHash('sha256').update(JSON.stringify(about)).digest('hex');
}

/** What a backup says of itself; throws where it, or its dump, is not as it was when it was made. */
async function aboutOf(backup) {
  const file = join(backup, aboutFile);
  if (!existsSync(file)) throw new PlainError(`${backup} is no backup of Fornax: it has no ${aboutFile}.`);
  const damaged = new PlainError(`The backup in ${backup} is damaged: it is not as it was when it was made.`);
  let told;
  try {
    told = JSON.parse(readFileSync(file, 'utf8'));
  } catch {
    throw damaged;
  }
  const { own, ...about } = told ?? {};
  // Backups of older versions tell of themselves without a digest of that.
  if (own !== undefined && own !== ownDigest(about)) throw damaged;
  if (own === undefined && about.tables) throw damaged;
  if (!existsSync(join(backup, dumpFile)) || (await digestOf(join(backup, dumpFile))) !== about.sha256)
    throw damaged;
  return about;
}

/**
 * Puts a backup into an empty folder; with `changes`, a data folder or a copy of its record of changes,
 * brings it forward from there, `until` a moment ("2026-11-26 18:30:00", UTC) or to the last change. Built
 * beside its place and moved there once whole, so that there is never a part of it. Returns the last moment
 * that it reaches (ISO).
 */
export async function restore(backup, folder, options = {}) {
  const { changes = null, until = null, key = null, asFarAsWhole = false } = options;
  const about = await aboutOf(backup);
  if (existsSync(folder) && readdirSync(folder).length > 0)
    throw new PlainError(
      `${folder} is not empty, so nothing was put there: choose another with FORNAX_DATA.`,
    );
  if (until && !/^\d{4}-\d\d-\d\d \d\d:\d\d(:\d\d)?$/.test(until))
    throw new PlainError(`“${until}” is no moment: write it like 2026-11-26 18:30:00, in UTC.`);
  const keyOfPeople = keyOfPeopleIn(about, options);
  const record = changes ? checkedChanges(about, changes, { asFarAsWhole }) : null;
  if (existsSync(folder)) rmdirSync(folder);
  await builtBeside(folder, (halfway) =>
    withDatabase(halfway, async ({ socket, url }) => {
      await putBack(socket, backup, about, key);
      if (record) {
        const { stream, ended } = statementsOf(record, { ...about, schema, until, asFarAsWhole });
        await Promise.all([play(socket, stream), ended]);
      }
      const environmentOfIt = serverEnvironment({ url, demo: false, port: 0 });
      if (keyOfPeople) environmentOfIt.FORNAX_KEY_FILE = takePeopleKey(keyOfPeople, halfway);
      const registers = registersOf(backup, changes);
      // Whoever was erased since the backup was taken is erased again before anybody sees it.
      prepare(environmentOfIt, keyOfPeople && registers.length > 0 ? ['erase', ...registers] : []);
      for (const file of registers) appendFileSync(join(halfway, registerFile), readFileSync(file));
    }),
  );
  return reached(about, record, until);
}

/** Who was erased, beside the data and beside each backup: outside of what a backup brings back. */
const registerFile = 'erasures';

function registersOf(backup, changes) {
  const places = [join(backup, '..'), ...(changes ? [changes] : [])];
  return places.map((place) => join(place, registerFile)).filter((file) => existsSync(file));
}

/** The register as it is now, for all backups of a folder: an older one would let somebody come back. */
function keepRegister(folder, target) {
  const register = join(folder, registerFile);
  if (existsSync(register)) cpSync(register, join(target, registerFile));
}

const existing = (file) => (existsSync(file) ? file : null);

/** The file with the key for names and needs; throws where the backup holds some and there is none. */
function keyOfPeopleIn({ tables }, { peopleKey = null, changes = null }) {
  const file = peopleKey ?? (changes && existing(usualPlace(changes)));
  if (!file && tables?.class_keys?.rows > 0)
    throw new PlainError(
      'This backup holds names and needs that are sealed: say where the key is, with --people-key ' +
        '/the/old/folder/secrets/people.',
    );
  return file;
}

/** The moment of the last change that was put back; where it was asked for, no later than that. */
function reached({ made }, record, until) {
  const last = record?.moment && record.moment > made ? record.moment : made;
  const asked = until ? new Date(`${until.replace(' ', 'T')}Z`).toISOString() : last;
  return asked < last ? asked : last;
}

async function putBack(socket, backup, { isSealed = false }, key) {
  const stored = createReadStream(join(backup, dumpFile));
  const packed = isSealed ? await unseal(stored, key) : stored;
  const statements = createGunzip();
  const reading = pipeline(packed, statements);
  await Promise.all([reading, play(socket, statements)]);
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

/**
 * Puts a backup into a database that is thrown away again, and compares what each table holds with what it
 * held when the backup was taken. Returns how many tables and rows it has; throws where one is otherwise.
 */
export async function checkBackup(backup, { key = null } = {}) {
  const about = await aboutOf(backup);
  if (!about.tables)
    throw new PlainError(`The backup in ${backup} does not say what it holds: take a new one.`);
  const folder = mkdtempSync(join(tmpdir(), 'fornax-check-'));
  try {
    const found = await withDatabase(folder, async ({ socket }) => {
      await putBack(socket, backup, about, key);
      const { stream, counted } = dumpOf(socket, schema);
      stream.resume();
      return (await counted).tables;
    });
    for (const name of new Set([...Object.keys(found), ...Object.keys(about.tables)]))
      if (!isDeepStrictEqual(found[name], about.tables[name]))
        throw new PlainError(`The backup in ${backup} does not give ${name} back as it was.`);
    const rows = Object.values(found).reduce((sum, table) => sum + table.rows, 0);
    return { tables: Object.keys(found).length, rows };
  } finally {
    rmSync(folder, { recursive: true, force: true });
  }
}
