import { mkdtempSync, rmSync, symlinkSync } from 'node:fs';
import { Agent, request } from 'node:http';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { setTimeout as wait } from 'node:timers/promises';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { freePort, startDatabase } from './database.mjs';
import { peopleKey } from './people-key.mjs';
import { launchServer, prepare, serverEnvironment, today } from './serve.mjs';
import { visitor } from './torture/visitor.mjs';

const folder = mkdtempSync(join(tmpdir(), 'fornax-server-'));
/** The disk that the server looks at: one without room, or one with some. */
const disk = join(folder, 'disk');
const lookAt = (place) => {
  rmSync(disk, { force: true });
  symlinkSync(place, disk);
};
const [full, roomy] = ['/proc/self/fdinfo', tmpdir()];
let database;
let url;

beforeAll(async () => {
  database = await startDatabase(folder);
  ({ url } = database);
  prepare(serverEnvironment({ url, demo: true, port: 0 }), ['demo', today()]);
});
afterAll(async () => {
  await database.stop();
  rmSync(folder, { recursive: true, force: true });
});

async function started(more = {}) {
  const port = await freePort();
  const environment = {
    ...serverEnvironment({ url, demo: true, port }),
    FORNAX_LOG: 'silent',
    FORNAX_KEY_FILE: peopleKey(folder),
    ...more,
  };
  return { address: `http://127.0.0.1:${port}`, port, server: await launchServer(environment) };
}

const ended = (child) =>
  new Promise((resolve) => {
    child.once('exit', resolve);
  });

describe('a server whose wall clock is set back by an hour', () => {
  it('takes writes once there is room, and refuses them once there is none', async () => {
    lookAt(roomy);
    const shift = new URL('./shift-clock.mjs', import.meta.url).href;
    const { address, server } = await started({
      FORNAX_DATA_FOLDER: disk,
      NODE_OPTIONS: `--import ${shift}`,
    });
    const cook = await visitor(address);
    const status = async () => (await cook.makeClass('By the clock')).status;
    expect(await status()).toBe(201);
    lookAt(full);
    await expect.poll(status).toBe(507);
    server.kill('SIGUSR2');
    await wait(100);
    lookAt(roomy);
    await expect.poll(status).toBe(201);
    lookAt(full);
    await expect.poll(status).toBe(507);
    server.kill('SIGTERM');
    await ended(server);
  });
});

describe('a server that is told to stop', () => {
  it('answers what is under way, and ends each connection with its answer', async () => {
    const { port, address, server } = await started();
    const { cookie } = await visitor(address);
    const agent = new Agent({ keepAlive: true });
    const ask = (path, body) =>
      new Promise((resolve, reject) => {
        const headers = { cookie, Origin: address, 'Content-Type': 'application/json' };
        const asked = request(
          { agent, host: '127.0.0.1', port, path, method: body ? 'POST' : 'GET', headers },
          (answer) => {
            let said = '';
            answer.on('data', (chunk) => {
              said += chunk;
            });
            answer.on('end', () =>
              resolve({ status: answer.statusCode, connection: answer.headers.connection, said }),
            );
          },
        );
        asked.once('error', reject);
        if (!body) return asked.end();
        // A request that is sent slowly, and that the stop comes into.
        asked.write(body.slice(0, 10));
        setTimeout(() => asked.end(body.slice(10)), 400);
        return undefined;
      });
    expect((await ask('/api/session')).connection).toBe('keep-alive');
    const slow = ask('/api/session', JSON.stringify({ demo: true, padding: undefined }));
    await wait(150);
    const exit = ended(server);
    server.kill('SIGTERM');
    expect(await slow).toMatchObject({ status: 204, connection: 'close' });
    expect(await exit).toBe(0);
    agent.destroy();
  });
});
