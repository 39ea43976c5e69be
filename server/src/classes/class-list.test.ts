import { afterAll, beforeAll, describe, expect, it, vi } from 'vitest';
import type { ClassSummary, RecipeVersionView } from '@fornax/contract';
import { parseRecipeText } from '@fornax/core';
import { v7 as uuid } from 'uuid';
import { ClassDishRow, ClassRow } from '../database/models.js';
import { classNamed, library, recipeNamed, startHarness, type Harness } from '../tests/harness.js';

let harness: Harness;
beforeAll(async () => {
  harness = await startHarness();
});
afterAll(() => harness.close());

const list = async (query = '') => {
  const { body, headers } = await harness.cook.get(`/api/classes${query}`).expect(200);
  const [, earlier] = /^<\/api\/classes(\?before=[^>]+)>; rel="prev"$/.exec(headers.link ?? '') ?? [];
  return { classes: body as ClassSummary[], earlier };
};

/** So many classes of before, each with a dish, that differ in nothing but their number and day. */
async function addPast(count: number): Promise<void> {
  const usual = (await ClassRow.findOne())!.get({ plain: true }) as object;
  const dish = (await ClassDishRow.findOne())!.get({ plain: true }) as { id: string };
  const ids = Array.from({ length: count }, () => uuid());
  const day = (index: number) => new Date(Date.UTC(2015, 0, 1) + index * 86_400_000).toISOString();
  await ClassRow.bulkCreate(
    ids.map((id, index) => ({
      ...usual,
      id,
      title: `Past ${index}`,
      // Three on each day at the same time: places must tell them apart.
      startsAt: `${day(Math.floor(index / 3)).slice(0, 10)}T18:30`,
    })) as never,
  );
  await ClassDishRow.bulkCreate(ids.map((classId) => ({ ...dish, id: uuid(), classId })) as never);
}

/** How many rows the database hands over for an answer, and how many characters of them. */
async function readFor(ask: () => Promise<unknown>): Promise<{ queries: number; characters: number }> {
  const query = harness.sequelize.query.bind(harness.sequelize) as (...args: unknown[]) => Promise<unknown>;
  let characters = 0;
  const spied = vi.spyOn(harness.sequelize, 'query').mockImplementation((async (...args: unknown[]) => {
    const found = await query(...args);
    characters += JSON.stringify(found)?.length ?? 0;
    return found;
  }) as never);
  await ask();
  const queries = spied.mock.calls.length;
  spied.mockRestore();
  return { queries, characters };
}

describe('past classes', () => {
  it('come twenty at a time: each once, in order, all of them', async () => {
    await addPast(50);
    const first = await list();
    const past = (classes: readonly ClassSummary[]) => classes.map(({ title }) => title).filter(isPast);
    const isPast = (title: string) => title.startsWith('Past');
    expect(past(first.classes)).toHaveLength(20);
    const second = await list(first.earlier);
    const third = await list(second.earlier);
    expect(third.earlier).toBeUndefined();
    const all = [...third.classes, ...second.classes, ...first.classes].filter(({ title }) => isPast(title));
    expect(new Set(all.map(({ id }) => id)).size).toBe(50);
    expect(all.map(({ startsAt }) => startsAt)).toEqual(all.map(({ startsAt }) => startsAt).sort());
  });
  it('two thousand of them cost the list no more than twenty do', async () => {
    const change = async () => {
      const id = uuid();
      await harness.cook.post('/api/classes').send({ id, title: 'One', startsAt: '2099-12-05T18:30' });
      await harness.cook.delete(`/api/classes/${id}`).expect(204);
    };
    const read = async () => {
      // What first plans show stands for a while only: all of it is there just before.
      const isPlanned = ({ startsAt, dishes, jobs }: ClassSummary) =>
        startsAt < '2099' || dishes.length === 0 || (jobs ?? []).length > 0;
      await expect.poll(async () => (await list()).classes.every(isPlanned), { timeout: 60_000 }).toBe(true);
      await change();
      return readFor(() => list());
    };
    const before = await read();
    await addPast(2000);
    const after = await read();
    expect(after.queries).toBe(before.queries);
    expect(after.characters / before.characters).toBeLessThan(1.05);
  });
  it('are found by a part of their title, and its signs are signs', async () => {
    expect((await list('?find=past%201')).classes.map(({ title }) => title)).toContain('Past 1999');
    expect((await list('?find=past%201')).classes).toHaveLength(20);
    expect((await list('?find=%25')).classes).toEqual([]);
    expect((await list('?find=_ast')).classes).toEqual([]);
  });
  it.each(['?before=x', '?before=2026-11-20T18:30', '?find=', '?surprise=1', '?find[]=a'])(
    '%s is refused in a sentence',
    async (query) => {
      const { body } = await harness.cook.get(`/api/classes${query}`).expect(422);
      expect(body.errors).toHaveLength(1);
    },
  );
});

describe('no list reads whole recipes', () => {
  const bytesOf = async (path: string) =>
    (await readFor(async () => harness.cook.get(path).expect(200))).characters;
  const touch = async () => {
    const { body } = await harness.cook.get('/api/kitchen');
    await harness.cook
      .patch('/api/kitchen')
      .set('If-Match', `"r${body.revision}"`)
      .send({ name: 'A kitchen' });
  };
  it('of recipes, techniques or classes', async () => {
    const whole = JSON.stringify((await classNamed(harness.cook, 'Roots and citrus')).dishes).length;
    const long = parseRecipeText(
      `Long\nIngredients\n${'100 g feta, crumbled by hand into pieces\n'.repeat(80)}Method\n1. Toss.`,
      { system: 'metric' },
    );
    await harness.cook.post('/api/recipes').send({ id: uuid(), content: long }).expect(201);
    for (const path of ['/api/recipes', '/api/techniques']) {
      await library(harness.cook);
      await harness.cook.get(path).expect(200);
      await touch();
      const before = await bytesOf(path);
      for (let more = 0; more < 3; more++)
        await harness.cook.post('/api/recipes').send({ id: uuid(), content: long }).expect(201);
      await library(harness.cook);
      await harness.cook.get(path).expect(200);
      await touch();
      expect((await bytesOf(path)) - before, path).toBeLessThan(3 * 600);
    }
    expect(whole).toBeGreaterThan(3000);
  });
  it('and a row is written down as it is, whatever signs its title has', async () => {
    const title = `What's "it"? A \\ dip :kitchenId`;
    const content = { ...parseRecipeText('It\nIngredients\n1 g salt', { system: 'metric' }), title };
    await harness.cook.post('/api/recipes').send({ id: uuid(), content }).expect(201);
    expect((await recipeNamed(harness.cook, /^What's/)).title).toBe(title);
    await touch();
    expect((await recipeNamed(harness.cook, /^What's/)).title).toBe(title);
  });
  it('and the row of a recipe is as its parts, the larder and the list of allergens are now', async () => {
    const part = uuid();
    const make = (text: string) => parseRecipeText(text, { system: 'metric' });
    await harness.cook.post('/api/recipes').send({ id: part, content: make('Part\nIngredients\n1 g salt') });
    const content = {
      ...make('Whole thing\nIngredients\n1 g salt'),
      components: [{ id: 'c1', name: 'All', role: 'base', recipe: { recipeId: part, batches: '1' } }],
    };
    await harness.cook.post('/api/recipes').send({ id: uuid(), content }).expect(201);
    const allergens = async () => (await recipeNamed(harness.cook, /^Whole thing/)).allergens;
    expect(await allergens()).toEqual([]);
    await harness.cook
      .patch(`/api/recipes/${part}`)
      .set('If-Match', '"r1"')
      .send({ content: make('Part\nIngredients\n100 g walnuts') })
      .expect(200);
    expect(await allergens()).toEqual(['nuts (walnut)']);
    const { body } = await harness.cook.get('/api/kitchen');
    await harness.cook
      .patch('/api/kitchen')
      .set('If-Match', `"r${body.revision}"`)
      .send({ allergenList: 'us' })
      .expect(200);
    expect(await allergens()).toEqual(['tree nuts (walnut)']);
  });
});

describe('versions', () => {
  it('come twenty at a time', async () => {
    const id = uuid();
    const content = parseRecipeText('Many\nServes 1\nIngredients\n1 g salt', { system: 'metric' });
    await harness.cook.post('/api/recipes').send({ id, content }).expect(201);
    for (let number = 1; number <= 23; number++) {
      await harness.cook
        .post(`/api/recipes/${id}/versions`)
        .send({ note: `${number}` })
        .expect(200);
      await harness.cook
        .patch(`/api/recipes/${id}`)
        .set('If-Match', `"r${number}"`)
        .send({ content: { ...content, serves: number + 1 } })
        .expect(200);
    }
    const { body, headers } = await harness.cook.get(`/api/recipes/${id}/versions`).expect(200);
    expect(body).toHaveLength(20);
    const earlier = /<([^>]+)>; rel="prev"/.exec(headers.link!)![1]!;
    const rest = (await harness.cook.get(earlier).expect(200)).body as RecipeVersionView[];
    expect(rest.map(({ number }) => number)).toEqual([3, 2, 1]);
    await harness.cook.get(`/api/recipes/${id}/versions?before=x`).expect(422);
  });
});
