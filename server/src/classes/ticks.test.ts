import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { v7 as uuid } from 'uuid';
import { classNamed, startHarness, type Harness } from '../tests/harness.js';

let harness: Harness;
beforeAll(async () => {
  harness = await startHarness();
});
afterAll(() => harness.close());

describe('ticks', () => {
  it('two phones first at once: both are taken, and both see the later', async () => {
    const view = await classNamed(harness.cook, 'Slaws and lunch bowls');
    const ticks = `/api/classes/${view.id}/ticks`;
    for (let round = 0; round < 20; round++) {
      const key = `row ${round}`;
      const answers = await Promise.all(
        [true, false].map((ticked) => harness.cook.put(ticks).send({ key, ticked })),
      );
      expect(answers.map(({ status }) => status)).toEqual([200, 200]);
      const stands = (await harness.cook.get(ticks)).body.filter((tick: { key: string }) => tick.key === key);
      expect(stands).toHaveLength(1);
    }
  });
  it('rows whose names differ by case, accent, emoji or a blank are different rows', async () => {
    const view = await classNamed(harness.cook, 'Slaws and lunch bowls');
    const ticks = `/api/classes/${view.id}/ticks`;
    const keys = ['pate', 'Pate', 'pâté', 'pate ', '🌶', '🥬'];
    for (const [at, key] of keys.entries())
      await harness.cook.put(ticks).send({ key, ticked: true, count: at }).expect(200);
    const { body } = await harness.cook.get(ticks);
    expect(keys.map((key) => body.find((tick: { key: string }) => tick.key === key)?.count)).toEqual([
      0, 1, 2, 3, 4, 5,
    ]);
  });
  it('are rows of their own: who, when, and the later one stands', async () => {
    const view = await classNamed(harness.cook, 'Roots and citrus');
    await harness.cook.put(`/api/classes/${view.id}/ticks`).send({ key: 'orange', ticked: true }).expect(200);
    await harness.cook
      .put(`/api/classes/${view.id}/ticks`)
      .send({ key: 'orange', ticked: false })
      .expect(200);
    expect((await harness.cook.get(`/api/classes/${view.id}/ticks`)).body).toMatchObject([
      { key: 'orange', ticked: false, by: 'Ines Okoye' },
    ]);
  });
  it('on a class that is deleted, or is none, are refused', async () => {
    const made = { id: uuid(), title: 'Gone', startsAt: '2099-03-05T18:30' };
    await harness.cook.post('/api/classes').send(made).expect(201);
    await harness.cook.delete(`/api/classes/${made.id}`).expect(204);
    for (const [id, status] of [
      [made.id, 410],
      [uuid(), 404],
    ] as const)
      await harness.cook.put(`/api/classes/${id}/ticks`).send({ key: 'orange', ticked: true }).expect(status);
  });
});
