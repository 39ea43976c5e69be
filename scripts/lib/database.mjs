import { spawn, spawnSync } from 'node:child_process';
import { createServer } from 'node:net';
import {
  closeSync,
  existsSync,
  mkdirSync,
  openSync,
  readFileSync,
  renameSync,
  rmSync,
  statfsSync,
  writeFileSync,
} from 'node:fs';
import { join } from 'node:path';
import { setTimeout as wait } from 'node:timers/promises';
import { PlainError } from './say.mjs';

const startsWithinMilliseconds = 45_000;
/** A new data folder takes about 150 MB. */
const leastFreeBytes = 300 * 1024 * 1024;
const environment = { ...process.env, PATH: `${process.env.PATH}:/usr/sbin:/sbin` };

/**
 * Starts a MariaDB of the project's own on loopback, with its data in `folder`, and returns its address and
 * how to stop it. Two of them with different folders stand side by side; a second on the same folder is
 * refused.
 */
export async function startDatabase(folder) {
  mkdirSync(folder, { recursive: true });
  checkSpace(folder);
  const unlock = lockFolder(folder);
  try {
    const data = join(folder, 'database');
    await endOrphan(folder);
    if (!existsSync(join(data, 'mysql'))) install(data, folder);
    const port = await freePort();
    const process_ = launch(data, folder, port);
    await answering(process_, port, folder);
    await createDatabase(port, folder);
    return {
      url: `mariadb://root@127.0.0.1:${port}/fornax`,
      port,
      pid: process_.pid,
      stop: () => stop(process_, unlock),
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
  const file = join(folder, 'database.pid');
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
function install(data, folder) {
  const halfway = `${data}.new`;
  rmSync(halfway, { recursive: true, force: true });
  const done = spawnSync(
    'mariadb-install-db',
    [
      '--no-defaults',
      '--auth-root-authentication-method=normal',
      '--skip-test-db',
      `--datadir=${halfway}`,
      ...asUser(),
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

function asUser() {
  return process.getuid?.() === 0 ? ['--user=root'] : [];
}

function launch(data, folder, port) {
  const log = openSync(join(folder, 'database.log'), 'w');
  const child = spawn(
    'mariadbd',
    [
      '--no-defaults',
      ...asUser(),
      `--datadir=${data}`,
      '--bind-address=127.0.0.1',
      `--port=${port}`,
      `--socket=${socketPath(port)}`,
      `--pid-file=${join(folder, 'database.pid')}`,
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

/** Socket paths are short by law; a long data folder must not break them. */
function socketPath(port) {
  return `/tmp/fornax-${process.pid}-${port}.sock`;
}

async function answering(child, port, folder) {
  let ended = false;
  child.once('exit', () => {
    ended = true;
  });
  child.once('error', () => {
    ended = true;
  });
  const until = Date.now() + startsWithinMilliseconds;
  while (Date.now() < until && !ended) {
    if (sql(port, 'SELECT 1').status === 0) return;
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

function sql(port, statement) {
  return spawnSync('mariadb', ['--no-defaults', '-uroot', '-h127.0.0.1', `-P${port}`, '-e', statement], {
    env: environment,
    encoding: 'utf8',
  });
}

function createDatabase(port, folder) {
  const made = sql(
    port,
    'CREATE DATABASE IF NOT EXISTS fornax CHARACTER SET utf8mb4 COLLATE utf8mb4_unicode_ci',
  );
  if (made.status !== 0)
    throw new PlainError(`The database in ${folder} could not be opened: ${lastLine(made.stderr)}`);
}

async function stop(child, unlock) {
  if (child.exitCode === null && child.signalCode === null) {
    const ended = new Promise((resolve) => {
      child.once('exit', resolve);
    });
    child.kill('SIGTERM');
    await ended;
  }
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

function lastLine(text) {
  return text.trim().split('\n').pop() ?? '';
}
