import { spawn, spawnSync } from 'node:child_process';
import { createServer } from 'node:net';
import {
  chmodSync,
  closeSync,
  existsSync,
  mkdtempSync,
  openSync,
  readFileSync,
  renameSync,
  rmSync,
  statfsSync,
  statSync,
  writeFileSync,
} from 'node:fs';
import { tmpdir, userInfo } from 'node:os';
import { join } from 'node:path';
import { setTimeout as wait } from 'node:timers/promises';
import { administer, lastLine, secureAccounts } from './database-accounts.mjs';
import { closedFolder, databaseOwner, ownFolder } from './database-owner.mjs';
import { PlainError } from './say.mjs';

const startsWithinMilliseconds = 45_000;
/** A new data folder takes about 150 MB. */
const leastFreeBytes = 300 * 1024 * 1024;
const pidFile = 'fornax.pid';
const environment = { ...process.env, PATH: `${process.env.PATH}:/usr/sbin:/sbin` };

/**
 * Starts a MariaDB of the project's own, with its data in `folder`, that only this user's programs reach: by
 * a socket in a folder that is closed to others, not by the network. Returns the address for the application
 * and how to stop it. Two of them with different folders stand side by side; a second on the same folder is
 * refused. `schemas` are patterns of names that the application may use besides its own.
 */
export async function startDatabase(folder, { schemas = [] } = {}) {
  const owner = databaseOwner();
  closedFolder(folder, owner);
  checkSpace(folder);
  const unlock = lockFolder(folder);
  try {
    const data = join(folder, 'database');
    await endOrphan(folder);
    if (!existsSync(join(data, 'mysql'))) install(data, folder, owner);
    const place = openPlace(folder, owner);
    const process_ = launch(data, folder, place.socket, owner);
    await answering(process_, place.socket, folder);
    const access = { socket: place.socket, folder, environment, more: schemas };
    return {
      url: secureAccounts(access),
      socket: place.socket,
      pid: process_.pid,
      stop: () => stop(process_, unlock, place.close),
    };
  } catch (error) {
    unlock();
    throw error;
  }
}

function checkSpace(folder) {
  const { bavail, bsize } = statfsSync(folder);
  if (bavail * bsize < leastFreeBytes)
    throw new PlainError(`The disk that holds ${folder} is nearly full: Fornax needs 300 MB there to start.`);
}

/**
 * One Fornax a folder: the lock names the process that holds it, and one whose process is gone is taken over.
 */
function lockFolder(folder) {
  const lock = join(folder, 'running.pid');
  for (;;) {
    try {
      const file = openSync(lock, 'wx');
      writeFileSync(file, String(process.pid));
      closeSync(file);
      return () => rmSync(lock, { force: true });
    } catch (error) {
      if (error.code !== 'EEXIST') throw error;
      const holder = Number(readFileSync(lock, 'utf8'));
      if (isRunning(holder))
        throw new PlainError(
          `Fornax is running already with the data in ${folder}: stop ` +
            'it, or choose another folder with FORNAX_DATA.',
        );
      rmSync(lock, { force: true });
    }
  }
}

/** Whether a Fornax that still runs holds the folder. */
export function isHeld(folder) {
  const lock = join(folder, 'running.pid');
  return existsSync(lock) && isRunning(Number(readFileSync(lock, 'utf8')));
}

/**
 * A Fornax that was killed outright leaves its database running: it is stopped cleanly before the folder is
 * used again.
 */
export async function endOrphan(folder) {
  const file = [join(folder, 'database', pidFile), join(folder, 'database.pid')].find(existsSync) ?? '';
  const pid = existsSync(file) ? Number(readFileSync(file, 'utf8')) : 0;
  // A process that has ended and that nobody has waited for still has its number, but no arguments.
  const isOurs = () => commandOf(pid).includes(`--datadir=${join(folder, 'database')}`);
  if (!pid || !isOurs()) return;
  process.kill(pid, 'SIGTERM');
  const until = Date.now() + startsWithinMilliseconds;
  while (isOurs() && Date.now() < until) await wait(100);
}

/** The arguments of a process; a number that has been given to another program must not be stopped. */
function commandOf(pid) {
  try {
    return readFileSync(`/proc/${pid}/cmdline`, 'utf8').split('\0');
  } catch (error) {
    if (error.code === 'ENOENT' || error.code === 'ESRCH') return [];
    throw error;
  }
}

function isRunning(pid) {
  if (!pid) return false;
  try {
    process.kill(pid, 0);
    return true;
  } catch (error) {
    return error.code === 'EPERM';
  }
}

/**
 * Sets the data up beside its place and moves it there when whole, so that a break in the middle leaves
 * nothing half done.
 */
function install(data, folder, owner) {
  const halfway = `${data}.new`;
  rmSync(halfway, { recursive: true, force: true });
  ownFolder(halfway, owner);
  const done = spawnSync(
    'mariadb-install-db',
    [
      '--no-defaults',
      '--auth-root-authentication-method=socket',
      `--auth-root-socket-user=${userInfo().username}`,
      '--skip-test-db',
      `--datadir=${halfway}`,
      ...asUser(owner),
    ],
    { env: environment, encoding: 'utf8' },
  );
  if (done.status !== 0)
    throw new PlainError(
      `The database could not be set up in ${folder}: ` +
        `${lastLine(done.stderr || done.stdout || String(done.error))}`,
    );
  renameSync(halfway, data);
}

function asUser({ name, isOther }) {
  return isOther ? [`--user=${name}`] : [];
}

/**
 * Closes the data to others, also that of older versions, and opens a short-lived folder for the socket:
 * socket paths are short by law, and a long data folder must not break them.
 */
function openPlace(folder, owner) {
  const data = join(folder, 'database');
  if (owner.isOther && statSync(data).uid !== owner.uid)
    spawnSync('chown', ['-R', `${owner.uid}:${owner.gid}`, data]);
  ownFolder(data, owner);
  ownFolder(filesFolder(folder), owner);
  const known = join(folder, 'socket');
  const place = mkdtempSync(join(tmpdir(), 'fornax-'));
  const close = (of) => rmSync(of, { recursive: true, force: true });
  // One that was killed outright has left its own.
  if (existsSync(known)) close(readFileSync(known, 'utf8'));
  writeFileSync(known, place, { mode: 0o600 });
  ownFolder(place, owner);
  return { socket: join(place, 'database.sock'), close: () => close(place) };
}

/** The only folder that statements may read from or write to, and nobody does. */
function filesFolder(folder) {
  return join(folder, 'database-files');
}

function launch(data, folder, socket, owner) {
  const logFile = join(folder, 'database.log');
  const log = openSync(logFile, 'w', 0o600);
  chmodSync(logFile, 0o600);
  const child = spawn(
    'mariadbd',
    [
      '--no-defaults',
      ...asUser(owner),
      `--datadir=${data}`,
      '--skip-networking',
      `--socket=${socket}`,
      `--pid-file=${join(data, pidFile)}`,
      `--secure-file-priv=${filesFolder(folder)}`,
      '--local-infile=OFF',
      '--character-set-server=utf8mb4',
      '--collation-server=utf8mb4_unicode_ci',
      '--innodb-buffer-pool-size=64M',
      '--performance-schema=OFF',
      '--skip-name-resolve',
      '--max-connections=60',
    ],
    { stdio: ['ignore', log, log], env: environment, detached: true },
  );
  closeSync(log);
  return child;
}

async function answering(child, socket, folder) {
  let ended = false;
  child.once('exit', () => {
    ended = true;
  });
  child.once('error', () => {
    ended = true;
  });
  const until = Date.now() + startsWithinMilliseconds;
  while (Date.now() < until && !ended) {
    if (administer(socket, 'SELECT 1;', environment).status === 0) return;
    await wait(150);
  }
  if (!ended) child.kill('SIGKILL');
  throw new PlainError(
    `The database did not come up: ${logReason(folder)} The whole log is in ${join(folder, 'database.log')}.`,
  );
}

function logReason(folder) {
  const lines = readFileSync(join(folder, 'database.log'), 'utf8').split('\n');
  if (lines.some((line) => /No space left/i.test(line))) return 'the disk is full.';
  const error = lines.find((line) => /\[ERROR\]/.test(line));
  return error ? `${error.replace(/^.*\[ERROR\]\s*/, '')}.` : 'it gave no reason.';
}

async function stop(child, unlock, close) {
  if (child.exitCode === null && child.signalCode === null) {
    const ended = new Promise((resolve) => {
      child.once('exit', resolve);
    });
    child.kill('SIGTERM');
    await ended;
  }
  close();
  unlock();
}

export function freePort() {
  return new Promise((resolve, reject) => {
    const probe = createServer().once('error', reject);
    probe.listen(0, '127.0.0.1', () => {
      const { port } = probe.address();
      probe.close(() => resolve(port));
    });
  });
}
