import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { parseRecipeText, type Recipe } from '@fornax/core';
import { QueryTypes } from 'sequelize';
import { v7 as uuid } from 'uuid';
import { up as giveActs } from '../database/migrations/0011-acts-of-steps.js';
import { startHarness, type Harness } from '../tests/harness.js';

let harness: Harness;
beforeAll(async () => {
  harness = await startHarness();
});
afterAll(() => harness.close());

const text = 'Test\nServes 4\nIngredients\n4 eggs\nMethod\n1. Poach the eggs.\n2. Drain.';
const written = () => parseRecipeText(text, { system: 'metric' });
const verbsOf = ({ steps }: Recipe) => steps.map(({ acts }) => acts?.map(({ verb }) => verb) ?? null);

async function make(content: Recipe): Promise<string> {
  const id = uuid();
  await harness.cook.post('/api/recipes').send({ id, content }).expect(201);
  return id;
}
const stored = async (id: string) =>
  (await harness.cook.get(`/api/recipes/${id}`).expect(200)).body as { content: Recipe; revision: number };

describe('what steps do', () => {
  it('is read when a recipe is saved, and read anew when its words change', async () => {
    const id = await make(written());
    const { content, revision } = await stored(id);
    expect(verbsOf(content)).toEqual([['poach'], ['drain']]);
    const steps = content.steps.map((step, index) =>
      index === 0 ? { ...step, text: 'Fry the eggs.' } : step,
    );
    await harness.cook
      .patch(`/api/recipes/${id}`)
      .set('If-Match', `"r${revision}"`)
      .send({ content: { ...content, steps } })
      .expect(200);
    expect(verbsOf((await stored(id)).content)).toEqual([['fry'], ['drain']]);
  });
  it('stays as a person corrected it', async () => {
    const own = written();
    const acts = [{ verb: 'steam', kind: 'wet heat', way: 'wet' as const, words: [0, 0] as const }];
    const steps = own.steps.map((step) => ({ ...step, acts, actsCorrected: true }));
    expect(verbsOf((await stored(await make({ ...own, steps }))).content)).toEqual([['steam'], ['steam']]);
  });
  it.each<object>([{ words: [0] }, { verb: '<b>' }, { way: 'magic' }])('is refused with %o', async (odd) => {
    const own = written();
    const acts = [{ verb: 'steam', kind: 'wet heat', words: [0, 0], ...odd }];
    const steps = own.steps.map((step) => ({ ...step, acts }));
    await harness.cook
      .post('/api/recipes')
      .send({ id: uuid(), content: { ...own, steps } })
      .expect(422);
  });
  it('is given once to recipes and versions that were stored without', async () => {
    const id = await make(written());
    const { sequelize } = harness;
    const content = JSON.stringify(written());
    await sequelize.query('UPDATE recipes SET content = :content WHERE id = :id', {
      replacements: { id, content },
    });
    await sequelize.query('UPDATE recipe_versions SET content = :content ORDER BY id LIMIT 1', {
      replacements: { content },
    });
    await giveActs(sequelize);
    const rows = async (table: string) =>
      (
        await sequelize.query<{ content: string }>(`SELECT content FROM ${table}`, {
          type: QueryTypes.SELECT,
        })
      ).map((row) => JSON.parse(row.content) as Recipe);
    const all = [...(await rows('recipes')), ...(await rows('recipe_versions'))];
    expect(all.flatMap(({ steps }) => steps.filter(({ acts }) => !acts))).toEqual([]);
    const again = JSON.stringify(all);
    await giveActs(sequelize);
    expect(JSON.stringify([...(await rows('recipes')), ...(await rows('recipe_versions'))])).toBe(again);
  });
});
