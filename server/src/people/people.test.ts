import { randomBytes } from 'node:crypto';
import { readFile, writeFile } from 'node:fs/promises';
import { nobody, type Person } from '@fornax/core';
import { QueryTypes } from 'sequelize';
import { v7 as uuid } from 'uuid';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { CONFIG } from '../config.js';
import type { ServerConfig } from '../config.js';
import { classNamed, demoDay, startHarness, type Harness } from '../tests/harness.js';
import { ClassKeyRow, ClassRow } from '../database/models.js';
import { PeopleService } from './people.service.js';
import { PeopleVault } from './people-vault.js';
import { digestOfName } from './sealing.js';

let harness: Harness;
beforeAll(async () => {
  harness = await startHarness();
});
afterAll(() => harness.close());

const person = (name: string, of: Partial<Person> = {}): Person => ({ ...nobody, id: uuid(), name, ...of });
const patch = async (title: string, body: object) => {
  const view = await classNamed(harness.cook, title);
  return harness.cook.patch(`/api/classes/${view.id}`).set('If-Match', `"r${view.revision}"`).send(body);
};
const rosterOf = async (title: string) =>
  (await classNamed(harness.cook, title)).roster.map(({ name }) => name);
const name = 'Zzyxa Quandt';

describe('people of a class', () => {
  it('are kept with it, and found by its plan', async () => {
    const mira = person(name, { station: 2, allergens: [{ what: 'nuts', traces: true }] });
    expect((await patch('Roots and citrus', { roster: [mira] })).status).toBe(200);
    const { id } = await classNamed(harness.cook, 'Roots and citrus');
    const { body } = await harness.cook.get(`/api/classes/${id}/plan`).expect(200);
    expect(JSON.stringify(body.warnings)).toContain(name);
  });

  it.each<[object, string, string]>([
    [{ name: '' }, 'roster.0.name', 'Write a name, in up to 80 characters.'],
    [{ station: 0 }, 'roster.0.station', 'Stations are numbered from 1.'],
    [{ age: 'old' }, 'roster.0.age', 'Choose an age group.'],
    [{ diets: ['air'] }, 'roster.0.diets', 'Choose diets from the list.'],
    [
      { allergens: [{ what: 'x', traces: false }] },
      'roster.0.allergens.0.what',
      'Choose an allergen from the list.',
    ],
  ])('%o is refused in its field', async (wrong, field, sentence) => {
    const { status, body } = await patch('Roots and citrus', { roster: [{ ...person('A'), ...wrong }] });
    expect([status, body.errors]).toEqual([422, [{ field, sentence }]]);
  });

  it('are in no list of classes, no calendar, no card, and not in the log, an error among it', async () => {
    const { id } = await classNamed(harness.cook, 'Roots and citrus');
    const list = await harness.cook.get('/api/classes').expect(200);
    expect(JSON.stringify(list.body)).not.toContain(name);
    const cards = await harness.cook.get(`/api/classes/${id}/cards.pdf`);
    expect(String(cards.body)).not.toContain(name);
    // A write that fails for its revision, and one that is refused, with the name in it.
    await harness.cook
      .patch(`/api/classes/${id}`)
      .set('If-Match', '"r1"')
      .send({ roster: [{ ...person(name), age: 'none' }] });
    await harness.cook.post('/api/people/erase').send({ name: `${name} ${'x'.repeat(90)}` });
    const { logFile } = harness.app.get<ServerConfig>(CONFIG);
    expect(await readFile(logFile, 'utf8')).not.toContain(name.split(' ')[0]);
  });

  it('are not seen by another kitchen', async () => {
    const { id } = await classNamed(harness.cook, 'Roots and citrus');
    expect((await harness.stranger.get(`/api/classes/${id}`)).status).toBe(401);
    expect((await harness.stranger.get(`/api/classes/${id}/last-people`)).status).toBe(401);
    expect((await harness.stranger.post('/api/people/erase').send({ name })).status).toBe(401);
  });

  it('come again as last time, from the class before', async () => {
    const next = await classNamed(harness.cook, 'Smoke, char and warm salads');
    const { body } = await harness.cook.get(`/api/classes/${next.id}/last-people`).expect(200);
    expect(body.last.classTitle).toBe('Roots and citrus');
    expect(body.last.roster.map((each: Person) => each.name)).toEqual([name]);
    const first = await classNamed(harness.cook, 'Dressings from the ratio up');
    expect((await harness.cook.get(`/api/classes/${first.id}/last-people`)).body).toEqual({ last: null });
  });

  it('are erased on request from every class, with what was noted about them', async () => {
    const zed = person(name, { station: 1 });
    const friend = person('Ole', { friends: [zed.id] });
    const noted = { [`person:${zed.id}:x`]: `${name} knows`, [`person:${friend.id}:x`]: 'asked' };
    const { decisions } = await classNamed(harness.cook, 'Slaws and lunch bowls');
    await patch('Slaws and lunch bowls', { roster: [zed, friend], decisions: { ...decisions, noted } });
    const { body } = await harness.cook
      .post('/api/people/erase')
      .send({ name: ` ${name.toUpperCase()} ` })
      .expect(200);
    expect(body).toMatchObject({ classes: 2, people: 2, recordedUntil: expect.stringMatching(/^20/) });
    const after = await classNamed(harness.cook, 'Slaws and lunch bowls');
    expect(after.roster.map((each) => [each.name, each.friends])).toEqual([['Ole', []]]);
    expect(Object.keys(after.decisions.noted)).toEqual([`person:${friend.id}:x`]);
    expect(await rosterOf('Roots and citrus')).toEqual([]);
  });

  it('are erased however their accents were typed; no control characters are in a name', async () => {
    const zoe = person('Zoe\u0308 Quandt');
    const nul = person('Zoë\u0000 QUANDT');
    await patch('Slaws and lunch bowls', { roster: [zoe, nul, person('Zoe Quandt')] });
    const after = await rosterOf('Slaws and lunch bowls');
    expect(after).toEqual(['Zoë Quandt', 'Zoë QUANDT', 'Zoe Quandt']);
    await harness.cook.post('/api/people/erase').send({ name: 'ZOE\u0308 quandt' }).expect(200);
    expect(await rosterOf('Slaws and lunch bowls')).toEqual(['Zoe Quandt']);
  });

  it('are sealed where they are kept; what was sealed opens no more once one is erased', async () => {
    const { id, decisions } = await classNamed(harness.cook, 'Slaws and lunch bowls');
    await patch('Slaws and lunch bowls', {
      roster: [person('Sealed Quandt'), person('Stays Quandt')],
      decisions: { ...decisions, noted: { 'person:x:y': 'Quandt knows' } },
    });
    const stored = async () => ({
      row: (await ClassRow.findByPk(id))!,
      key: (await ClassKeyRow.findByPk(id))!,
    });
    const before = await stored();
    expect(JSON.stringify(before.row.dataValues)).not.toContain('Quandt');
    const vault = harness.app.get(PeopleVault);
    expect((await vault.openOne(before.row)).roster).toHaveLength(2);
    await harness.cook.post('/api/people/erase').send({ name: 'Sealed Quandt' }).expect(200);
    const after = await stored();
    expect(after.key.wrapped).not.toBe(before.key.wrapped);
    // Whoever had read the row before gets it as it is now; what stood in it opens with no key that is left.
    expect((await vault.openOne(before.row)).roster).toHaveLength(1);
    await ClassRow.update({ roster: before.row.roster }, { where: { id } });
    await expect(vault.openOne((await ClassRow.findByPk(id))!)).rejects.toThrow();
    await ClassRow.update({ roster: after.row.roster }, { where: { id } });
    expect(await rosterOf('Slaws and lunch bowls')).toEqual(['Stays Quandt']);
    await patch('Slaws and lunch bowls', { roster: [] });
    expect(await ClassKeyRow.findByPk(id)).toBeNull();
  });

  it('of before there were keys are sealed at the start, and their class stays as it is', async () => {
    const { id, revision } = await classNamed(harness.cook, 'Slaws and lunch bowls');
    const open = JSON.stringify([person('Open Quandt')]);
    const replacements = [open, id];
    await harness.sequelize.query('UPDATE classes SET roster = ? WHERE id = ?', { replacements });
    expect(await rosterOf('Slaws and lunch bowls')).toEqual([]);
    await harness.app.get(PeopleService).sealOld();
    expect((await ClassRow.findByPk(id))!.roster).toMatch(/^v1:/);
    await patch('Roots and citrus', { place: 'Elsewhere' });
    expect(await rosterOf('Slaws and lunch bowls')).toEqual(['Open Quandt']);
    expect((await classNamed(harness.cook, 'Slaws and lunch bowls')).revision).toBe(revision);
    await patch('Slaws and lunch bowls', { roster: [] });
  });

  it('erased before a backup was put back are erased again, unless named again since', async () => {
    const kitchenId = (await ClassRow.findOne())!.kitchenId;
    const vault = harness.app.get(PeopleVault);
    const service = harness.app.get(PeopleService);
    const gone = person('Gone Quandt');
    await patch('Slaws and lunch bowls', { roster: [gone, person('Stays Quandt')] });
    const digest = digestOfName(vault.newest, kitchenId, 'gone quandt');
    const erasure = (at: number) => [{ kitchenId, digest, at: new Date(at) }];
    expect(await service.eraseAgain(erasure(Date.parse('2020-01-01')))).toEqual({ classes: 0, people: 0 });
    expect(await service.eraseAgain(erasure(Date.parse('2099-01-01')))).toEqual({ classes: 1, people: 1 });
    expect(await rosterOf('Slaws and lunch bowls')).toEqual(['Stays Quandt']);
    await patch('Slaws and lunch bowls', { roster: [] });
  });

  it('are opened with an older key of the installation, and rewrapped with the newest', async () => {
    await patch('Slaws and lunch bowls', { roster: [person('Kept Quandt')] });
    const { id } = await classNamed(harness.cook, 'Slaws and lunch bowls');
    const { keyFile } = harness.app.get<ServerConfig>(CONFIG);
    const newer = `${keyFile}-newer`;
    await writeFile(newer, `${randomBytes(32).toString('base64')}\n${await readFile(keyFile, 'utf8')}`);
    const rotated = new PeopleVault({ ...harness.app.get<ServerConfig>(CONFIG), keyFile: newer });
    expect(await rotated.rewrap()).toBeGreaterThan(0);
    expect((await rotated.openOne((await ClassRow.findByPk(id))!)).roster).toHaveLength(1);
    expect(await harness.app.get(PeopleVault).problem()).toMatch(/^Names and needs are kept here/);
    const [newest, usual] = (await readFile(newer, 'utf8')).split('\n');
    await writeFile(newer, `${usual}\n${newest}\n`);
    await new PeopleVault({ ...harness.app.get<ServerConfig>(CONFIG), keyFile: newer }).rewrap();
    expect(await harness.app.get(PeopleVault).problem()).toBeNull();
    await patch('Slaws and lunch bowls', { roster: [person('Ole')] });
  });

  it('are erased by themselves when their time is over, and not a day before', async () => {
    await patch('Roots and citrus', { roster: [person(name)] });
    const service = harness.app.get(PeopleService);
    // The class is three days after the demo's day; 30 days are the usual time.
    const after = (days: number) => Date.parse(`${demoDay}T12:00Z`) + (3 + days) * 24 * 3_600_000;
    expect(await service.forget(after(30))).toBe(1);
    expect(await rosterOf('Roots and citrus')).toEqual([name]);
    expect(await service.forget(after(31))).toBe(1);
    expect(await rosterOf('Roots and citrus')).toEqual([]);
    const stored = await harness.sequelize.query('SELECT roster FROM classes', { type: QueryTypes.SELECT });
    expect(JSON.stringify(stored)).not.toContain(name);
  });

  it('a kitchen says itself for how long', async () => {
    const kitchen = (await harness.cook.get('/api/kitchen').expect(200)).body as { revision: number };
    await harness.cook
      .patch('/api/kitchen')
      .set('If-Match', `"r${kitchen.revision}"`)
      .send({ forgetPeopleAfterDays: 2 })
      .expect(200);
    await patch('Roots and citrus', { roster: [person(name)] });
    const now = Date.parse(`${demoDay}T12:00Z`) + 6 * 24 * 3_600_000;
    expect(await harness.app.get(PeopleService).forget(now)).toBe(1);
    expect(await rosterOf('Roots and citrus')).toEqual([]);
  });
});
