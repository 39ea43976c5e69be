import type { RecipeSummary, RecipeView } from '@fornax/contract';
import { v7 as uuid } from 'uuid';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { RecipeRow } from '../database/models.js';
import { recipeNamed, startHarness, type Harness } from '../tests/harness.js';

const many = 400;

let harness: Harness;
beforeAll(async () => {
  harness = await startHarness();
  await harness.cook.get('/api/recipes').expect(200);
  const { id } = await recipeNamed(harness.cook, /Shaved fennel/);
  const row = (await RecipeRow.findByPk(id))!;
  await RecipeRow.bulkCreate(
    Array.from({ length: many }, (_, number) => ({
      ...(row.dataValues as object),
      id: uuid(),
      title: `Copy ${number}`,
      content: { ...row.content, title: `Copy ${number}` },
      summary: { ...row.summary!, row: { ...row.summary!.row, title: `Copy ${number}` } },
    })),
  );
});
afterAll(() => harness.close());

const list = async () => (await harness.cook.get('/api/recipes').expect(200)).body as RecipeSummary[];
const renewed = async () => (await list()).filter(({ isRenewed }) => isRenewed).length;

describe('a library of hundreds whose larder changes', () => {
  it('is listed at once as it was, says so, and is renewed while others are answered', async () => {
    await expect.poll(renewed).toBe(0);
    const entry = { own: null, figures: {}, called: ['bulb of anise'] };
    const { body } = await harness.cook.put('/api/larder/fennel').set('If-Match', '"r0"').send(entry);
    expect(body).toMatchObject({ ingredient: 'fennel' });
    const asked = performance.now();
    const waits: number[] = [];
    let isOver = false;
    const bystander = (async () => {
      while (!isOver) {
        const begun = performance.now();
        await harness.stranger.get('/api/health').expect(200);
        waits.push(performance.now() - begun);
        await new Promise((resolve) => setTimeout(resolve, 100));
      }
    })();
    const rows = await list();
    expect(rows.length).toBeGreaterThan(many);
    expect(rows.filter(({ isRenewed }) => isRenewed).length).toBeGreaterThan(many);
    expect(rows.find(({ title }) => title === 'Copy 7')!.handsOnMinutes).toBeGreaterThan(0);
    await expect.poll(renewed).toBe(0);
    isOver = true;
    await bystander;
    // Nobody waits for the whole of it.
    expect(Math.max(...waits)).toBeLessThan((performance.now() - asked) / 2);
  });

  it('a recipe that changes while rows are worked out is shown as it is', async () => {
    const { id } = (await list()).find(({ title }) => title === 'Copy 3')!;
    const { revision, content } = (await harness.cook.get(`/api/recipes/${id}`)).body as RecipeView;
    const entry = { own: null, figures: {}, called: ['bulb of anise', 'sweet bulb'] };
    await harness.cook.put('/api/larder/fennel').set('If-Match', '"r1"').send(entry).expect(200);
    const [changed] = await Promise.all([
      harness.cook
        .patch(`/api/recipes/${id}`)
        .set('If-Match', `"r${revision}"`)
        .send({ content: { ...content, title: 'Changed meanwhile', serves: 11 } }),
      list(),
    ]);
    expect(changed.status).toBe(200);
    await expect.poll(renewed).toBe(0);
    expect((await list()).find((row) => row.id === id)).toMatchObject({
      title: 'Changed meanwhile',
      serves: 11,
    });
  });
});
