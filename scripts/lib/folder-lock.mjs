import { existsSync, linkSync, readFileSync, renameSync, rmSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { PlainError } from './say.mjs';

const lockOf = (folder) => join(folder, 'running.pid');
const bootFile = '/proc/sys/kernel/random/boot_id';

/**
 * One Fornax a folder: the lock tells the process that holds it by its number, by when it started, and by the
 * start of its machine, so that no other process that has come to the same number is taken for it. Returns
 * how to let go; a lock whose process is gone is taken over.
 */
export function lockFolder(folder) {
  const lock = lockOf(folder);
  const own = join(folder, `running.${process.pid}.new`);
  writeFileSync(own, identityOf(process.pid), { mode: 0o600 });
  try {
    while (!linked(own, lock)) {
      const held = read(lock);
      if (held === null) continue;
      if (isAlive(held))
        throw new PlainError(
          `Fornax is running already with the data in ${folder}: stop ` +
            'it, or choose another folder with FORNAX_DATA.',
        );
      takeAway(lock, held);
    }
  } finally {
    rmSync(own, { force: true });
  }
  return () => rmSync(lock, { force: true });
}

/** Whether a Fornax that still runs holds the folder. */
export function isHeld(folder) {
  const held = read(lockOf(folder));
  return held !== null && isAlive(held);
}

/** Puts the lock in place, whole from its first moment; false where there is one. */
function linked(own, lock) {
  try {
    linkSync(own, lock);
    return true;
  } catch (error) {
    if (error.code === 'EEXIST') return false;
    throw error;
  }
}

function read(lock) {
  try {
    return readFileSync(lock, 'utf8');
  } catch (error) {
    if (error.code === 'ENOENT') return null;
    throw error;
  }
}

/** Takes a lock away that was found to be nobody's; another's that stands there meanwhile is put back. */
function takeAway(lock, held) {
  const aside = `${lock}.${process.pid}.old`;
  try {
    renameSync(lock, aside);
  } catch (error) {
    if (error.code === 'ENOENT') return;
    throw error;
  }
  if (read(aside) !== held) linked(aside, lock);
  rmSync(aside, { force: true });
}

/** “417 88231 3c9e…”: the number of a process, when it started (clock ticks since boot), and which boot. */
function identityOf(pid) {
  return `${pid} ${startOf(pid)} ${existsSync(bootFile) ? readFileSync(bootFile, 'utf8').trim() : ''}\n`;
}

/** When a process started, in clock ticks since boot; an empty text where nobody has its number. */
function startOf(pid) {
  const stat = read(`/proc/${pid}/stat`);
  // The name of its program comes second, in brackets, and may hold anything.
  return stat?.slice(stat.lastIndexOf(')') + 2).split(' ')[19] ?? '';
}

function isAlive(held) {
  const [pid, start] = held.trim().split(' ');
  if (!Number(pid)) return false;
  // Locks of older versions hold a number alone.
  if (start === undefined) return isOlderFornax(pid);
  return identityOf(pid) === held;
}

function isOlderFornax(pid) {
  const command = read(`/proc/${pid}/cmdline`);
  return command !== null && /\bscripts\/(demo|start)\.mjs\b/.test(command);
}
