import { afterAll, beforeAll, describe, expect, it, vi } from 'vitest';
import type { ClassSummary } from '@fornax/contract';
import { v7 as uuid } from 'uuid';
import { Planner } from '../planning/planner.js';
import { recipeNamed, startHarness, type Harness } from '../tests/harness.js';

let harness: Harness;
beforeAll(async () => {
  harness = await startHarness();
});
afterAll(() => harness.close());

const unknown = { title: 'Just made', jobs: [], toDecide: null };

describe('a listed class whose plan is not known', () => {
  const soon = async (people: number) => {
    const recipeId = (await recipeNamed(harness.cook, /Shaved fennel/)).id;
    const dishes = [{ id: uuid(), recipeId, portion: 'side', maker: 'every station' }];
    return {
      id: uuid(),
      title: 'Just made',
      startsAt: '2099-01-05T18:30',
      lengthMinutes: 120,
      people,
      peoplePerStation: 4,
      assistants: 0,
      dishes,
    };
  };
  const listed = async () => ((await harness.cook.get('/api/classes')).body as ClassSummary[])[0]!;

  it('says that it is being planned, and never that nothing is to decide', async () => {
    const made = await soon(120);
    const { workers } = harness.app.get(Planner);
    let release = () => undefined as void;
    const held = new Promise<void>((resolve) => {
      release = resolve;
    });
    const usual = workers.ask.bind(workers);
    const asks = vi.spyOn(workers, 'ask').mockImplementation((...asked) => held.then(() => usual(...asked)));
    await harness.cook.post('/api/classes').send(made).expect(201);
    expect(await listed()).toMatchObject({ ...unknown, isBeingPlanned: true });
    release();
    asks.mockRestore();
    await expect.poll(listed).toMatchObject({ toDecide: expect.any(Number), isBeingPlanned: false });
    expect((await listed()).jobs!.length).toBeGreaterThan(0);
    await harness.cook.delete(`/api/classes/${made.id}`).expect(204);
  });
  it('does not say so of one that takes too long', async () => {
    const made = await soon(121);
    const { workers } = harness.app.get(Planner);
    const usual = workers.longestMilliseconds;
    workers.longestMilliseconds = 1;
    await harness.cook.post('/api/classes').send(made).expect(201);
    await expect.poll(listed).toMatchObject({ ...unknown, isBeingPlanned: false });
    workers.longestMilliseconds = usual;
    await harness.cook.delete(`/api/classes/${made.id}`).expect(204);
  });
});
