import { spawnSync } from 'node:child_process';
import { rmSync, mkdtempSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterAll, describe, expect, it } from 'vitest';
import { freePort } from './database.mjs';
import { startFornax } from './serve.mjs';
import { fillDisk } from './torture/disk.mjs';
import { visitor } from './torture/visitor.mjs';

const place = mkdtempSync(join(tmpdir(), 'fornax-disk-'));
/** A small disk of its own can only be had where the machine lets us. */
const isMounted = spawnSync('mount', ['-t', 'tmpfs', '-o', 'size=420m', 'none', place]).status === 0;

describe.skipIf(!isMounted)('a full disk', () => {
  afterAll(() => {
    spawnSync('umount', [place]);
    rmSync(place, { recursive: true, force: true });
  });
  it('refuses what is written, answers what is read, and writes again once there is room', async () => {
    const fornax = await startFornax({ folder: join(place, 'data'), port: await freePort(), demo: true });
    const cook = await visitor(fornax.address);
    const empty = fillDisk(place);
    // Signing in has just looked at the disk: what is known of it stands for a moment.
    await expect.poll(async () => (await cook.makeClass('Too late')).status).toBe(507);
    const refused = await cook.makeClass('Too late');
    expect(refused.body.detail).toBe(
      'The disk that holds the data is full; nothing was changed. Once there is room again, try again.',
    );
    expect((await cook.get('/classes')).status).toBe(200);
    expect((await cook.get('/session')).status).toBe(200);
    empty();
    await expect.poll(async () => (await cook.makeClass('In time')).status).toBe(201);
    await fornax.stop();
  });
});
