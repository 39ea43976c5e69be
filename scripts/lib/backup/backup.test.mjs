import { appendFileSync, chmodSync, existsSync, mkdtempSync, readdirSync, rmSync, statSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { setTimeout as wait } from 'node:timers/promises';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { backUp, restore } from './backup.mjs';
import { titlesIn } from './titles.mjs';
import { usualPlace } from '../people-key.mjs';
import { freePort } from '../database.mjs';
import { startFornax } from '../serve.mjs';
import { back } from '../torture/kills.mjs';
import { visitor } from '../torture/visitor.mjs';
import { startWriters } from '../torture/writers.mjs';

const place = mkdtempSync(join(tmpdir(), 'fornax-backup-'));
// The database's own user passes through.
chmodSync(place, 0o755);
const data = join(place, 'data');
let backup;
let moment;

const toTheSecond = () => new Date().toISOString().slice(0, 19).replace('T', ' ');

describe('a backup that is taken while people write', () => {
  beforeAll(async () => {
    const fornax = await startFornax({ folder: data, port: await freePort(), demo: true, say: () => null });
    const cook = await visitor(fornax.address);
    const writing = await startWriters(fornax.address, 3);
    await cook.makeClass('Kept before');
    backup = await backUp(data, join(place, 'backups'));
    await cook.makeClass('Kept since');
    expect((await writing.stop()).lost).toBe(0);
    await wait(1100);
    moment = toTheSecond();
    await wait(1100);
    await cook.makeClass('Kept too late');
    process.kill(fornax.database.pid(), 'SIGKILL');
    process.kill(fornax.server.pid(), 'SIGKILL');
    await back(fornax);
    await fornax.stop();
  });
  afterAll(() => rmSync(place, { recursive: true, force: true }));

  it('is put back as it was at its moment', async () => {
    const folder = join(place, 'as-it-was');
    await restore(backup, folder, { peopleKey: usualPlace(data) });
    const again = await startFornax({ folder, port: await freePort(), demo: true });
    const { body } = await (await visitor(again.address)).get('/classes?find=Kept');
    await again.stop();
    expect(body.map(({ title }) => title)).toEqual(['Kept before']);
  });
  it('is brought forward to a minute', async () => {
    const folder = join(place, 'to-a-minute');
    await restore(backup, folder, { changes: data, until: moment });
    expect(await titlesIn(folder, 'Kept')).toEqual(['Kept before', 'Kept since']);
  });
  it('is brought forward to the last change before all was killed', async () => {
    const folder = join(place, 'to-the-last');
    await restore(backup, folder, { changes: data });
    expect(await titlesIn(folder, 'Kept')).toEqual(['Kept before', 'Kept since', 'Kept too late']);
  });
  it('is closed to others, and leaves nothing half done', () => {
    expect(statSync(backup).mode & 0o077).toBe(0);
    expect(readdirSync(join(place, 'backups')).filter((name) => name.endsWith('.part'))).toEqual([]);
  });
  it('is not put where there is something, nor where it is damaged, nor to what is no moment', async () => {
    await expect(restore(backup, data)).rejects.toThrow('is not empty, so nothing was put there');
    await expect(restore(place, join(place, 'new'))).rejects.toThrow('is no backup of Fornax');
    await expect(restore(backup, join(place, 'new'), { changes: data, until: 'noon' })).rejects.toThrow(
      '“noon” is no moment',
    );
    appendFileSync(join(backup, 'fornax.sql.gz'), 'x');
    await expect(restore(backup, join(place, 'new'))).rejects.toThrow('is damaged');
    expect(existsSync(join(place, 'new'))).toBe(false);
  });
  it('of nothing is refused', async () => {
    await expect(backUp(join(place, 'nowhere'), place)).rejects.toThrow('holds no Fornax data');
  });
});
