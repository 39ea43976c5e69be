import { spawn, spawnSync } from 'node:child_process';
import { chmodSync, mkdtempSync, readdirSync, readFileSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';

/** By this a process is known to be of a run, however it was started and whoever its parent is now. */
const mark = 'FORNAX_TEST_RUN';
/** What does not end when it is asked to is ended outright after so long. */
const patienceMilliseconds = 10_000;

/**
 * A folder for all that a run of the tests makes, and the environment in which its processes find it. A
 * second process waits for the end of this one, however it comes, and then ends what is left of the run and
 * removes the folder. `end` does the same at once; it resolves when nothing is left.
 */
export function beginTestRun() {
  const folder = mkdtempSync(join(tmpdir(), 'fornax-run-'));
  // The database's own account enters it, too.
  chmodSync(folder, 0o755);
  const guard = spawn(process.execPath, [fileURLToPath(import.meta.url), folder], {
    detached: true,
    stdio: ['pipe', 'ignore', 'inherit'],
  });
  const ended = new Promise((resolve) => {
    guard.once('exit', resolve);
  });
  // The run may end before its guard: that is what the guard waits for.
  guard.unref();
  guard.stdin.unref?.();
  return {
    folder,
    env: { TMPDIR: folder, [mark]: folder },
    end: async () => {
      guard.ref();
      guard.stdin.end();
      await ended;
    },
  };
}

/** Processes of a run: their environment says so, as it is handed on to all that they start. */
export function processesOf(folder) {
  return readdirSync('/proc')
    .filter((name) => /^\d+$/.test(name))
    .filter((pid) => environmentOf(pid).includes(`${mark}=${folder}`))
    .map(Number);
}

function environmentOf(pid) {
  try {
    return readFileSync(`/proc/${pid}/environ`, 'utf8').split('\0');
  } catch {
    // It has ended, or is another person's.
    return [];
  }
}

async function clear(folder) {
  signal(folder, 'SIGTERM');
  const until = performance.now() + patienceMilliseconds;
  while (processesOf(folder).length > 0 && performance.now() < until) await pause(100);
  while (processesOf(folder).length > 0) {
    signal(folder, 'SIGKILL');
    await pause(100);
  }
  // The tests of a full disk have mounted a small one.
  for (const place of mountsIn(folder)) spawnSync('umount', [place]);
  // The last thread of a database may still write when its process is no longer told by its environment.
  rmSync(folder, { recursive: true, force: true, maxRetries: 20 });
}

function mountsIn(folder) {
  return readFileSync('/proc/mounts', 'utf8')
    .split('\n')
    .map((line) => line.split(' ')[1] ?? '')
    .filter((place) => place.startsWith(`${folder}/`));
}

function signal(folder, name) {
  for (const pid of processesOf(folder))
    try {
      process.kill(pid, name);
    } catch (error) {
      if (error.code !== 'ESRCH') throw error;
    }
}

function pause(milliseconds) {
  return new Promise((resolve) => {
    setTimeout(resolve, milliseconds);
  });
}

/** The guard itself: its input ends with the process that began the run. */
async function keepGuard(folder) {
  for (const name of ['SIGINT', 'SIGTERM', 'SIGHUP']) process.on(name, () => undefined);
  process.stdin.resume();
  await new Promise((resolve) => {
    process.stdin.once('end', resolve).once('error', resolve);
  });
  await clear(folder);
}

if (process.argv[1] === fileURLToPath(import.meta.url)) await keepGuard(process.argv[2]);
