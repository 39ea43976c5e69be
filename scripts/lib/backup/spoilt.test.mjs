import {
  chmodSync,
  cpSync,
  existsSync,
  mkdtempSync,
  readdirSync,
  readFileSync,
  rmSync,
  truncateSync,
} from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { administer } from '../database-accounts.mjs';
import { environment } from '../database-process.mjs';
import { binaryLogFolder } from '../binary-log.mjs';
import { freePort } from '../database.mjs';
import { usualPlace } from '../people-key.mjs';
import { startFornax } from '../serve.mjs';
import { visitor } from '../torture/visitor.mjs';
import { backUp, checkBackup, restore } from './backup.mjs';
import { makeKey } from './sealed.mjs';
import { spoilings } from './spoilt.mjs';
import { titlesIn } from './titles.mjs';

const place = mkdtempSync(join(tmpdir(), 'fornax-spoilt-'));
chmodSync(place, 0o755);
const data = join(place, 'data');
const key = join(place, 'key');
const peopleKey = usualPlace(data);
const erased = 'Aino Bergholm';
let backup;
let sealed;

beforeAll(async () => {
  const fornax = await startFornax({ folder: data, port: await freePort(), demo: true, say: () => null });
  const cook = await visitor(fornax.address);
  await cook.makeClass('Kept before');
  await makeKey(key);
  backup = await backUp(data, join(place, 'backups'), { also: join(place, 'second') });
  sealed = await backUp(data, join(place, 'sealed'), { key });
  for (const title of ['Kept since', 'Kept later', 'Kept last']) {
    await cook.makeClass(title);
    if (title !== 'Kept last') administer(fornax.database.socket, 'FLUSH BINARY LOGS;', environment);
  }
  // After the backup; its register is beside the data, and a later backup puts it beside the backups.
  const { status } = await cook.send('POST', '/people/erase', { name: erased });
  expect(status).toBe(200);
  cpSync(join(data, 'erasures'), join(place, 'backups', 'erasures'));
  await fornax.stop();
});
afterAll(() => rmSync(place, { recursive: true, force: true }));

describe('a backup or a record of changes that is spoilt is refused, and nothing is put anywhere', () => {
  it.each(Object.entries(spoilings))('%s', async (name, spoil) => {
    const [spoiltBackup, spoiltData, target] = ['b', 'd', 't'].map((each) => join(place, `${each} ${name}`));
    cpSync(backup, spoiltBackup, { recursive: true });
    cpSync(binaryLogFolder(data), binaryLogFolder(spoiltData), { recursive: true });
    spoil(spoiltBackup, spoiltData);
    await expect(restore(spoiltBackup, target, { changes: spoiltData, peopleKey })).rejects.toThrow(
      /damaged|missing|does not hold|no backup|not as it was|does not follow|no change at the place/,
    );
    expect(readdirSync(place).filter((each) => each.startsWith(`t ${name}`))).toEqual([]);
  });
});

describe('somebody who was erased since', () => {
  it('is not brought back by a backup that holds them, nor read without the key', async () => {
    const folder = join(place, 'erased');
    await expect(restore(backup, folder)).rejects.toThrow('names and needs that are sealed');
    await restore(backup, folder, { peopleKey });
    const fornax = await startFornax({ folder, port: await freePort(), demo: true });
    const cook = await visitor(fornax.address);
    const rosters = [];
    for (const { id } of (await cook.get('/classes')).body)
      rosters.push(...(await cook.get(`/classes/${id}`)).body.roster);
    await fornax.stop();
    expect(rosters.map(({ name }) => name)).not.toContain(erased);
    expect(rosters.length).toBeGreaterThan(3);
  });
});

describe('what is whole', () => {
  it('of a record that breaks off is put back on request, and how far that is', async () => {
    const broken = join(place, 'broken');
    cpSync(binaryLogFolder(data), binaryLogFolder(broken), { recursive: true });
    const last = readdirSync(binaryLogFolder(broken))
      .filter((each) => /\d$/.test(each))
      .sort()
      .at(-1);
    const file = join(binaryLogFolder(broken), last);
    truncateSync(file, readFileSync(file).length - 100);
    const folder = join(place, 'as-far');
    const reached = await restore(backup, folder, { changes: broken, asFarAsWhole: true, peopleKey });
    expect(reached <= new Date().toISOString()).toBe(true);
    // What breaks off is the erasing, the last change.
    expect(await titlesIn(folder, 'Kept')).toEqual(['Kept before', 'Kept last', 'Kept later', 'Kept since']);
  });
  it('is tried in a database that is thrown away, and a copy in a second folder is the same', async () => {
    const copy = join(place, 'second', readdirSync(join(place, 'second'))[0]);
    const { tables, rows } = await checkBackup(copy);
    expect(tables).toBeGreaterThan(15);
    expect(rows).toBeGreaterThan(50);
  });
});

describe('a sealed backup', () => {
  it('shows nothing of what it holds, and is tried with its key', async () => {
    expect(readFileSync(join(sealed, 'fornax.sql.gz')).subarray(0, 21).toString()).toBe(
      'age-encryption.org/v1',
    );
    expect((await checkBackup(sealed, { key })).rows).toBeGreaterThan(50);
  });
  it('is opened by its key alone', async () => {
    const another = join(place, 'another');
    await makeKey(another);
    const target = join(place, 'opened');
    await expect(restore(sealed, target, { key: another, peopleKey })).rejects.toThrow(
      'does not open this backup',
    );
    await expect(restore(sealed, target, { peopleKey })).rejects.toThrow('This backup is sealed');
    expect(existsSync(target)).toBe(false);
    await expect(makeKey(key)).rejects.toThrow('is there already');
  });
});
