import { spawnSync } from 'node:child_process';
import { createServer } from 'node:net';
import { existsSync, mkdtempSync, readFileSync, rmSync, statfsSync, statSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { setTimeout as wait } from 'node:timers/promises';
import { secureAccounts } from './database-accounts.mjs';
import { binaryLog, binaryLogFolder, relocateBinaryLog } from './binary-log.mjs';
import { closedFolder, databaseOwner, ownFolder } from './database-owner.mjs';
import { answering, environment, installMariadb, launchMariadb } from './database-process.mjs';
import { lockFolder } from './folder-lock.mjs';
import { keepRunning } from './keep-running.mjs';
import { PlainError } from './say.mjs';

const startsWithinMilliseconds = 45_000;
/** A new data folder takes about 150 MB. */
const leastFreeBytes = 300 * 1024 * 1024;
const pidFile = 'fornax.pid';
/**
 * Starts a MariaDB of the project's own, with its data in `folder`, that only this user's programs reach: by
 * a socket in a folder that is closed to others, not by the network. Returns the address for the application
 * and how to stop it. Two of them with different folders stand side by side; a second on the same folder is
 * refused. `schemas` are patterns of names that the application may use besides its own; one that ends
 * unasked is started again.
 */
export async function startDatabase(folder, { schemas = [], ...keeping } = {}) {
  const owner = databaseOwner();
  closedFolder(folder, owner);
  checkSpace(folder);
  const unlock = lockFolder(folder);
  try {
    const data = join(folder, 'database');
    await endOrphan(folder);
    if (!existsSync(join(data, 'mysql'))) installMariadb(data, owner);
    const place = openPlace(folder, owner);
    const start = async () => {
      const log = join(folder, 'database.log');
      const child = launchMariadb(data, settings(folder, data, place.socket), log, owner);
      await answering(child, place.socket, log);
      return child;
    };
    const database = await keepRunning({ what: 'The database', start, ...keeping });
    const access = { socket: place.socket, folder, environment, more: schemas };
    return {
      url: secureAccounts(access),
      socket: place.socket,
      pid: database.pid,
      stop: async () => {
        await database.stop();
        place.close();
        unlock();
      },
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
  const until = performance.now() + startsWithinMilliseconds;
  while (isOurs() && performance.now() < until) await wait(100);
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
  ownFolder(binaryLogFolder(folder), owner);
  relocateBinaryLog(folder);
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

/** How a Fornax database of its own is set, wherever it stands. */
function settings(folder, data, socket) {
  return [
    '--skip-networking',
    `--socket=${socket}`,
    `--pid-file=${join(data, pidFile)}`,
    `--secure-file-priv=${filesFolder(folder)}`,
    '--innodb-buffer-pool-size=64M',
    '--max-connections=60',
    ...binaryLog(folder),
  ];
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
