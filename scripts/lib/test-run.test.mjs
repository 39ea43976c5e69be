import { spawn } from 'node:child_process';
import { existsSync, mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { pathToFileURL } from 'node:url';
import { afterEach, beforeEach, expect, it } from 'vitest';
import { processesOf } from './test-run.mjs';

let folder;
beforeEach(() => {
  folder = mkdtempSync(join(tmpdir(), 'fornax-scripts-'));
});
afterEach(() => rmSync(folder, { recursive: true, force: true }));

/** A run with a database, and a process that its starter has let go of; it says its folder, and waits. */
const script = (of) => `
import { spawn, spawnSync } from 'node:child_process';
import { mkdirSync } from 'node:fs';
import { join } from 'node:path';
import { beginTestRun } from ${JSON.stringify(new URL('test-run.mjs', pathToFileURL(of)).href)};
const run = beginTestRun();
process.once('SIGTERM', () => void run.end().then(() => process.exit(143)));
Object.assign(process.env, run.env);
const { startDatabase } = await import(${JSON.stringify(new URL('database.mjs', pathToFileURL(of)).href)});
await startDatabase(join(run.folder, 'data'));
spawn('sleep', ['600'], { detached: true, stdio: 'ignore' }).unref();
// Where nobody may mount one there is none to be left behind.
mkdirSync(join(run.folder, 'disk'));
spawnSync('mount', ['-t', 'tmpfs', '-o', 'size=1m', 'none', join(run.folder, 'disk')]);
process.stdout.write(run.folder + '\\n');
setInterval(() => undefined, 1000);
`;

/** Starts it; resolves with its process and its folder once its database is up. */
async function begun() {
  const file = join(folder, 'run.mjs');
  writeFileSync(file, script(import.meta.filename));
  const child = spawn(process.execPath, [file], { stdio: ['ignore', 'pipe', 'inherit'] });
  const said = await new Promise((resolve) => {
    child.stdout.once('data', (chunk) => resolve(String(chunk).trim()));
  });
  return { child, said };
}

it.each([
  ['asked to end', 'SIGTERM'],
  ['killed outright', 'SIGKILL'],
])('a run that is %s leaves no database, no process and no folder behind', async (_, signal) => {
  const { child, said } = await begun();
  const database = Number(readFileSync(join(said, 'data', 'database', 'fornax.pid'), 'utf8'));
  expect(processesOf(said)).toContain(database);
  expect(processesOf(said).length).toBeGreaterThanOrEqual(2);
  child.kill(signal);
  await expect.poll(() => existsSync(said)).toBe(false);
  expect(processesOf(said)).toEqual([]);
  // Its process number stays until the machine's first process has taken note.
  await expect.poll(() => existsSync(`/proc/${database}`)).toBe(false);
});

it('one that is not its own is left alone', () => {
  expect(processesOf('/tmp/fornax-run-nobody')).toEqual([]);
  expect(processesOf(process.env.FORNAX_TEST_RUN ?? '/nobody')).not.toContain(1);
});
