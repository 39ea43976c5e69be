import { spawn } from 'node:child_process';
import { existsSync, mkdtempSync, readFileSync, rmSync } from 'node:fs';
import { createConnection } from 'node:net';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { freePort } from './database.mjs';
import { root } from './machine.mjs';

// One after the other on the same data, as it is when somebody starts and ends it again and again.
let folder;
beforeAll(() => {
  folder = mkdtempSync(join(tmpdir(), 'fornax-scripts-'));
});
afterAll(() => rmSync(folder, { recursive: true, force: true }));

/** Starts npm run demo's command and waits until it is ready. */
async function startDemo() {
  const port = await freePort();
  const env = { ...process.env, PORT: String(port), FORNAX_DATA: folder };
  const child = spawn(process.execPath, [join(root, 'scripts', 'demo.mjs')], { env });
  let said = '';
  child.stderr.on('data', (chunk) => {
    said += chunk;
  });
  await new Promise((resolve, reject) => {
    child.stdout.on('data', (chunk) => {
      if (String(chunk).includes('Fornax is ready')) resolve();
    });
    child.once('exit', () => reject(new Error(said)));
  });
  return { child, port };
}

function ended(child) {
  return new Promise((resolve) => {
    child.once('exit', resolve);
  });
}

const databasePid = () => Number(readFileSync(join(folder, 'database', 'fornax.pid'), 'utf8'));

/** Somebody who has begun a request and does not end it. */
function halfConnected(port) {
  return new Promise((resolve) => {
    const half = createConnection(port, '127.0.0.1', () =>
      half.write('GET / HTTP/1.1\r\nHost: half', () => resolve(half)),
    );
    half.on('error', () => undefined);
  });
}

describe('the demo as a process', () => {
  it('killed outright, it leaves its database, and starts again over it', async () => {
    const { child } = await startDemo();
    const left = databasePid();
    const over = ended(child);
    child.kill('SIGKILL');
    await over;
    expect(() => process.kill(left, 0)).not.toThrow();
    const again = await startDemo();
    expect(databasePid()).not.toBe(left);
    const clean = ended(again.child);
    again.child.kill('SIGTERM');
    expect(await clean).toBe(0);
  });
  it.each(['SIGINT', 'SIGTERM'])(
    '%s stops it and its database cleanly, whoever is connected',
    async (signal) => {
      const { child, port } = await startDemo();
      const half = await halfConnected(port);
      const clean = ended(child);
      child.kill(signal);
      expect(await clean).toBe(0);
      expect(readFileSync(join(folder, 'database.log'), 'utf8')).toContain('Shutdown complete');
      expect(existsSync(join(folder, 'running.pid'))).toBe(false);
      half.destroy();
    },
  );
});
