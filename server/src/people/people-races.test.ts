import { nobody, type Person } from '@fornax/core';
import type { ClassView } from '@fornax/contract';
import { v7 as uuid } from 'uuid';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { ClassRow } from '../database/models.js';
import { inTransaction } from '../database/transaction.js';
import { startHarness, type Harness } from '../tests/harness.js';
import { PeopleVault } from './people-vault.js';
import { PeopleService } from './people.service.js';

let harness: Harness;
beforeAll(async () => {
  harness = await startHarness();
});
afterAll(() => harness.close());

const person = (name: string): Person => ({ ...nobody, id: uuid(), name });

async function classWith(roster: readonly Person[], startsAt: string): Promise<ClassView> {
  const { body } = await harness.cook
    .post('/api/classes')
    .send({ id: uuid(), title: 'Raced', startsAt, roster })
    .expect(201);
  return body as ClassView;
}

/** Edits the roster of a class while somebody else writes it, and says what was promised and what stands. */
async function editAgainst(made: ClassView, other: () => Promise<unknown>) {
  const added = person('Added meanwhile');
  const edit = harness.cook
    .patch(`/api/classes/${made.id}`)
    .set('If-Match', `"r${made.revision}"`)
    .send({ place: 'The annexe', roster: [...made.roster, added] })
    .then(({ status }) => status);
  const [status] = await Promise.all([edit, other()]);
  const { body } = await harness.cook.get(`/api/classes/${made.id}`).expect(200);
  return {
    status,
    place: (body as ClassView).place,
    roster: (body as ClassView).roster.map((each) => each.name),
  };
}

const rounds = Array.from({ length: 8 }, (_, round) => round);

describe('erasing somebody', () => {
  it('does not wait for who edits a class that they are not in, and nobody waits for it', async () => {
    const gone = person('Zzyxa Elsewhere');
    const other = await classWith([person('Stays')], '2031-03-06T18:30');
    const theirs = await classWith([gone], '2031-03-07T18:30');
    const isErased = await inTransaction(harness.sequelize, async () => {
      await ClassRow.findByPk(other.id, { lock: true });
      // As long as the other class is held.
      return harness.cook.post('/api/people/erase').send({ name: gone.name }).expect(200);
    });
    expect(isErased.body).toMatchObject({ classes: 1, people: 1 });
    const { body } = await harness.cook.get(`/api/classes/${theirs.id}`).expect(200);
    expect((body as ClassView).roster).toEqual([]);
  });
  it.each([[['Stays']], [[]]])('leaves who reads a class meanwhile with %j', async (others) => {
    const gone = person('Zzyxa Read');
    const made = await classWith([gone, ...others.map(person)], '2031-03-09T18:30');
    const read = (await ClassRow.findByPk(made.id))!;
    await harness.cook.post('/api/people/erase').send({ name: gone.name }).expect(200);
    // The row is of before, its key of after.
    const { roster } = await harness.app.get(PeopleVault).openOne(read);
    expect(roster.map((each) => each.name)).toEqual(others);
  });
  it('finds them among more classes than are looked through at once', async () => {
    const gone = person('Zzyxa Many');
    const made = [await classWith([gone], '2031-03-08T18:30')];
    const usual = (await ClassRow.findByPk(made[0]!.id))!.get({ plain: true }) as object;
    const open = JSON.stringify([gone, person('Stays')]);
    const ids = Array.from({ length: 450 }, () => uuid());
    await ClassRow.bulkCreate(ids.map((id) => ({ ...usual, id, roster: open })) as never);
    const { body } = await harness.cook.post('/api/people/erase').send({ name: gone.name }).expect(200);
    expect(body).toMatchObject({ classes: 451, people: 451 });
  });
});

describe('an edit that is acknowledged stands', () => {
  it.each(rounds)('while somebody of the class is erased (%i)', async () => {
    const gone = person('Zzyxa Quandt');
    const made = await classWith([gone, person('Stays')], '2031-03-05T18:30');
    const after = await editAgainst(made, () =>
      harness.cook.post('/api/people/erase').send({ name: gone.name }).expect(200),
    );
    // An edit that came first is kept, one that came second is told.
    expect(after.place).toBe(after.status === 200 ? 'The annexe' : '');
    expect(after.roster.includes('Added meanwhile')).toBe(after.status === 200);
    expect(after.roster).toContain('Stays');
    expect(after.roster).not.toContain(gone.name);
    if (after.status !== 200) expect([after.status, after.roster]).toEqual([409, ['Stays']]);
  });

  it.each(rounds)('while the people of classes past are forgotten (%i)', async () => {
    const made = await classWith([person('Long ago')], '2024-03-05T18:30');
    const service = harness.app.get(PeopleService);
    const after = await editAgainst(made, () => service.forget());
    expect(after.place).toBe(after.status === 200 ? 'The annexe' : '');
    expect([200, 409]).toContain(after.status);
  });
});
