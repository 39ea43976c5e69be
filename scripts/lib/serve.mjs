import { fork, spawnSync } from 'node:child_process';
import { createServer } from 'node:net';
import { existsSync, rmSync } from 'node:fs';
import { isAbsolute, join } from 'node:path';
import { endOrphan, startDatabase } from './database.mjs';
import { isHeld } from './folder-lock.mjs';
import { usableFolder } from './database-owner.mjs';
import { keepRunning } from './keep-running.mjs';
import { root } from './machine.mjs';
import { peopleKey } from './people-key.mjs';
import { PlainError } from './say.mjs';

/**
 * Where the data lives: FORNAX_DATA, or a folder in the project; where the database's user cannot enter the
 * project, one of its own under /var/lib.
 */
export function dataFolder(usual) {
  const chosen = process.env.FORNAX_DATA;
  if (!chosen) return usableFolder(join(root, usual), false);
  return usableFolder(isAbsolute(chosen) ? chosen : join(process.cwd(), chosen), true);
}

export function readPort() {
  const port = Number(process.env.PORT ?? 4600);
  if (!Number.isInteger(port) || port < 1 || port > 65535)
    throw new PlainError(`“${process.env.PORT}” is no port: choose a number from 1 to 65535.`);
  return port;
}

/**
 * Empties a data folder that is Fornax's own, as `mark` in it shows; refuses any other folder, and one that
 * is in use.
 */
export async function resetData(folder, mark = join(folder, 'database')) {
  if (!existsSync(folder)) return;
  if (!existsSync(mark)) throw new PlainError(`${folder} holds no Fornax data, so it was not emptied.`);
  if (isHeld(folder))
    throw new PlainError(`Fornax is running with the data in ${folder}: stop it first, then reset.`);
  await endOrphan(folder);
  rmSync(folder, { recursive: true });
}

/** Throws a plain sentence where something else listens on the port. */
export function checkPort(port) {
  return new Promise((resolve, reject) => {
    const probe = createServer();
    probe.once('error', (error) =>
      reject(
        error.code === 'EADDRINUSE'
          ? new PlainError(`Port ${port} is in use: choose another with PORT=${port + 1}.`)
          : error,
      ),
    );
    probe.listen(port, '127.0.0.1', () => probe.close(resolve));
  });
}

/** The local date, "2026-11-24". */
export function today() {
  const now = new Date();
  return [
    now.getFullYear(),
    String(now.getMonth() + 1).padStart(2, '0'),
    String(now.getDate()).padStart(2, '0'),
  ].join('-');
}

/**
 * Database, migrations, demo data if asked for, server. Returns the address and how to stop everything
 * cleanly. What else is given says how the two are kept running.
 */
export async function startFornax({ folder, port, demo, ...keeping }) {
  await checkPort(port);
  const database = await databaseFor(folder, demo, keeping);
  try {
    const environment = {
      ...serverEnvironment({ url: database.url, demo, port }),
      FORNAX_DATA_FOLDER: folder,
      FORNAX_KEY_FILE: peopleKey(folder),
    };
    prepare(environment, demo ? ['demo', today()] : []);
    const server = await keepRunning({
      what: 'The server',
      start: () => launchServer(environment),
      ...keeping,
    });
    const stop = async () => {
      await server.stop();
      await database.stop();
    };
    return { address: `http://127.0.0.1:${port}`, server, database, stop };
  } catch (error) {
    await database.stop();
    throw error;
  }
}

/** What a server is told of its surroundings. */
export function serverEnvironment({ url, demo, port }) {
  return {
    ...process.env,
    FORNAX_DATABASE: url,
    FORNAX_WEB: join(root, 'web', 'dist', 'app'),
    FORNAX_DEMO: demo ? '1' : '0',
    PORT: String(port),
  };
}

/** The database that FORNAX_DATABASE names, or one of our own; the demo is never put into another's. */
function databaseFor(folder, demo, keeping) {
  const url = process.env.FORNAX_DATABASE;
  return url && !demo ? { url, stop: () => Promise.resolve() } : startDatabase(folder, keeping);
}

export function prepare(environment, args) {
  const done = spawnSync(process.execPath, [join(root, 'server', 'dist', 'node', 'prepare.js'), ...args], {
    env: environment,
    encoding: 'utf8',
  });
  if (done.status !== 0)
    throw new PlainError(`The database could not be brought up to date: ${done.stderr.trim()}`);
}

/** Keeps the memory of the server near what it needs: the engine would rather take more than clean up. */
const serverLimits = ['--max-old-space-size=192', '--max-semi-space-size=4'];

/** Threads allocate from few places, so that what one has given back serves another. */
const fewerArenas = { MALLOC_ARENA_MAX: '2' };

export function launchServer(environment) {
  const server = fork(join(root, 'server', 'dist', 'node', 'main.js'), [], {
    env: { ...fewerArenas, ...environment },
    execArgv: serverLimits,
    stdio: ['ignore', 'inherit', 'pipe', 'ipc'],
    detached: true,
  });
  let said = '';
  server.stderr.on('data', (chunk) => {
    said += chunk;
    process.stderr.write(chunk);
  });
  return new Promise((resolve, reject) => {
    server.once('message', () => resolve(server));
    server.once('exit', () =>
      reject(
        new PlainError(
          said ? 'The server did not start; see the sentence above.' : 'The server did not start.',
        ),
      ),
    );
  });
}

/** Serves until Ctrl+C or SIGTERM, then stops server and database and ends. */
export async function serveUntilStopped(options) {
  let stopping = false;
  const fornax = await startFornax(options);
  const end = async (code) => {
    if (stopping) return;
    stopping = true;
    await fornax.stop();
    process.exit(code);
  };
  process.on('SIGINT', () => void end(0));
  process.on('SIGTERM', () => void end(0));
  return fornax;
}
