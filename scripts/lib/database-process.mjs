import { spawn, spawnSync } from 'node:child_process';
import { chmodSync, closeSync, openSync, readFileSync, renameSync, rmSync } from 'node:fs';
import { userInfo } from 'node:os';
import { setTimeout as wait } from 'node:timers/promises';
import { administer, lastLine } from './database-accounts.mjs';
import { ownFolder } from './database-owner.mjs';
import { PlainError } from './say.mjs';

const startsWithinMilliseconds = 45_000;
export const environment = { ...process.env, PATH: `${process.env.PATH}:/usr/sbin:/sbin` };

/**
 * Sets a database up beside its place and moves it there when whole, so that a break in the middle leaves
 * nothing half done.
 */
export function installMariadb(data, owner) {
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
    { env: { ...environment, TMPDIR: temporaryFolder(data, owner) }, encoding: 'utf8' },
  );
  if (done.status !== 0)
    throw new PlainError(
      `The database could not be set up in ${data}: ` +
        `${installReason(`${done.stderr}\n${done.stdout}\n${done.error ?? ''}`)}`,
    );
  renameSync(halfway, data);
}

/**
 * A folder for a database's temporary tables alone: one that starts deletes the temporary tables that it
 * finds, so two that share a folder delete each other's.
 */
function temporaryFolder(data, owner) {
  const folder = `${data}.tmp`;
  ownFolder(folder, owner);
  return folder;
}

function installReason(output) {
  const lines = output.split('\n').filter((line) => /error/i.test(line) && !/Aborting/.test(line));
  return lines.length > 0 ? lines.join('; ') : lastLine(output);
}

function asUser({ name, isOther }) {
  return isOther ? [`--user=${name}`] : [];
}

/** Starts a MariaDB on its data; what it has to say goes into a file that is closed to others. */
export function launchMariadb(data, settings, logFile, owner) {
  const log = openSync(logFile, 'w', 0o600);
  chmodSync(logFile, 0o600);
  const child = spawn(
    'mariadbd',
    [
      '--no-defaults',
      ...asUser(owner),
      '--local-infile=OFF',
      '--character-set-server=utf8mb4',
      '--collation-server=utf8mb4_unicode_ci',
      '--performance-schema=OFF',
      '--skip-name-resolve',
      `--datadir=${data}`,
      `--tmpdir=${temporaryFolder(data, owner)}`,
      ...settings,
    ],
    { stdio: ['ignore', log, log], env: environment, detached: true },
  );
  closeSync(log);
  return child;
}

/** Resolves once a database answers on its socket; throws a plain sentence where it does not come up. */
export async function answering(child, socket, logFile, within = startsWithinMilliseconds) {
  let ended = false;
  child.once('exit', () => {
    ended = true;
  });
  child.once('error', () => {
    ended = true;
  });
  const until = performance.now() + within;
  while (performance.now() < until && !ended) {
    if (administer(socket, 'SELECT 1;', environment).status === 0) return;
    await wait(150);
  }
  if (!ended) child.kill('SIGKILL');
  throw new PlainError(`The database did not come up: ${logReason(logFile)} The whole log is in ${logFile}.`);
}

function logReason(logFile) {
  const lines = readFileSync(logFile, 'utf8').split('\n');
  if (lines.some((line) => /No space left/i.test(line))) return 'the disk is full.';
  const error = lines.find((line) => /\[ERROR\]/.test(line));
  return error ? `${error.replace(/^.*\[ERROR\]\s*/, '')}.` : 'it gave no reason.';
}
