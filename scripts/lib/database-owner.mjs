import { spawnSync } from 'node:child_process';
import { createHash } from 'node:crypto';
import { chmodSync, chownSync, existsSync, mkdirSync } from 'node:fs';
import { dirname, join } from 'node:path';
import { userInfo } from 'node:os';
import { root } from './machine.mjs';
import { PlainError } from './say.mjs';

/** Debian's user for the database: it owns nothing but that. */
const databaseUser = 'mysql';

/**
 * Who the database runs as: never root. Started by root it is Debian's own user for it, `{ name, uid, gid }`
 * with their numbers; started by anybody else it is they.
 */
export function databaseOwner() {
  const { uid, gid, username } = userInfo();
  if (uid !== 0) return { name: username, uid, gid, isOther: false };
  const numbers = ['-u', '-g'].map((which) => {
    const found = spawnSync('id', [which, databaseUser], { encoding: 'utf8' });
    if (found.status !== 0)
      throw new PlainError(
        `There is no user “${databaseUser}” to run the database as: install Debian's mariadb-server.`,
      );
    return Number(found.stdout);
  });
  return { name: databaseUser, uid: numbers[0], gid: numbers[1], isOther: true };
}

/**
 * The folder for the data: the one that is wanted where the database's user can enter it, else one of this
 * checkout's own under /var/lib. What was chosen by name is not replaced.
 */
export function usableFolder(wanted, isChosen) {
  if (existsSync(join(wanted, 'database')) && canEnter(wanted)) return wanted;
  if (canEnter(dirname(wanted))) return wanted;
  if (isChosen)
    throw new PlainError(
      `The database runs as “${databaseUser}”, which cannot enter ${dirname(wanted)}: ` +
        'choose another folder with FORNAX_DATA.',
    );
  const own = createHash('sha256').update(root).digest('hex').slice(0, 12);
  return join('/var/lib/fornax', own, wanted.split('/').pop());
}

function canEnter(folder) {
  const owner = databaseOwner();
  if (!owner.isOther) return true;
  const place = nearest(folder);
  return spawnSync('test', ['-x', place], { uid: owner.uid, gid: owner.gid }).status === 0;
}

/** The folder, or the nearest above it that exists. */
function nearest(folder) {
  return existsSync(folder) || folder === '/' ? folder : nearest(dirname(folder));
}

/** A folder that only its owner and the database's user enter. */
export function closedFolder(folder, { gid, isOther }) {
  mkdirSync(folder, { recursive: true });
  if (!isOther) return chmodSync(folder, 0o700);
  chownSync(folder, 0, gid);
  chmodSync(folder, 0o750);
}

/** A folder that belongs to the database's user alone. */
export function ownFolder(folder, { uid, gid }) {
  mkdirSync(folder, { recursive: true });
  chownSync(folder, uid, gid);
  chmodSync(folder, 0o700);
}
