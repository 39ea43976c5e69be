import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { freePort } from '../database.mjs';
import { startFornax } from '../serve.mjs';
import { fuzz } from './fuzz.mjs';
import { kill, pause, writesBetween } from './kills.mjs';
import { twoKitchens } from './kitchens.mjs';
import { race } from './races.mjs';
import { startWriters } from './writers.mjs';

/** `npm run torture` in short. */
process.env.FORNAX_LOG = 'silent';
let fornax;
const folder = mkdtempSync(join(tmpdir(), 'fornax-torture-'));
beforeAll(async () => {
  fornax = await startFornax({
    folder,
    port: await freePort(),
    demo: true,
    say: () => undefined,
    firstPause: 50,
    stands: 0,
  });
});
afterAll(async () => {
  await fornax.stop();
  rmSync(folder, { recursive: true, force: true });
});

describe('an attacked Fornax', () => {
  it('of ten writes at once each comes out as it must', async () => {
    expect(await race(fornax.address, { writes: 300 })).toEqual({ writes: 300, wrong: 0, failed: 0 });
  });
  it('answers fuzzed requests, and none with a word of another kitchen', async () => {
    const kitchens = await twoKitchens(fornax);
    const { requests, statuses, failed, foreign } = await fuzz(fornax.address, { kitchens, requests: 400 });
    expect(requests).toBeGreaterThanOrEqual(400);
    expect({ failed, foreign }).toEqual({ failed: [], foreign: [] });
    // Most of it gets past the door, or this shows nothing.
    expect((statuses[200] ?? 0) + (statuses[201] ?? 0)).toBeGreaterThan(80);
    expect(statuses[201]).toBeGreaterThan(4);
  });
  it('loses nothing while server, database and both are killed', async () => {
    const { killed, acknowledged, lost, stale, failed } = await kill(fornax, { times: 3, writers: 4 });
    expect({ killed, lost, stale, failed }).toEqual({ killed: 3, lost: 0, stale: 0, failed: 0 });
    expect(acknowledged).toBeGreaterThanOrEqual(3 * writesBetween);
  });
  it('loses nothing while its database stands still', async () => {
    const { lost, stale, failed } = await pause(fornax, { milliseconds: 2000, writers: 4 });
    expect({ lost, stale, failed }).toEqual({ lost: 0, stale: 0, failed: 0 });
  });
});

describe('the writers themselves', () => {
  it('notice what is lost: a class that somebody takes away', async () => {
    const writing = await startWriters(fornax.address, 1);
    await expect.poll(() => writing.tally.acknowledged).toBeGreaterThan(8);
    await writing.take();
    expect((await writing.stop()).lost).toBeGreaterThan(0);
  });
});
