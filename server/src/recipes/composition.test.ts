import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { parseRecipeText, type Recipe } from '@fornax/core';
import { v7 as uuid } from 'uuid';
import { startHarness, type Harness } from '../tests/harness.js';

let harness: Harness;
beforeAll(async () => {
  harness = await startHarness();
});
afterAll(() => harness.close());

const text = (title: string) => `${title}\nServes 4\nIngredients\n200 g feta\nMethod\n1. Blend.`;
const simple = (title: string) => parseRecipeText(text(title), { system: 'metric' });
/** A recipe with a component for each of these, made by them. */
const made = (title: string, ...parts: readonly string[]): Recipe => {
  const recipe = simple(title);
  const components = parts.map((recipeId, at) => ({
    id: `p${at}`,
    name: `Part ${at}`,
    role: 'base' as const,
    recipe: { recipeId, batches: '1' as const },
  }));
  return { ...recipe, components: [...recipe.components, ...components] };
};
const make = async (content: Recipe) => {
  const { body } = await harness.cook.post('/api/recipes').send({ id: uuid(), content }).expect(201);
  return body.id as string;
};
const change = (id: string, revision: number, content: Recipe) =>
  harness.cook.patch(`/api/recipes/${id}`).set('If-Match', `"r${revision}"`).send({ content });
const partsOf = async (id: string) => {
  const { body } = await harness.cook.get(`/api/recipes/${id}`).expect(200);
  return (body.content as Recipe).components.flatMap(({ recipe }) => recipe?.recipeId ?? []);
};

describe('recipes of recipes', () => {
  it('of two that become a part of each other at once, one is refused: no pair makes a loop', async () => {
    for (let pair = 0; pair < 15; pair++) {
      const [a, b] = await Promise.all([make(simple('A')), make(simple('B'))]);
      const answers = await Promise.all([change(a, 1, made('A', b)), change(b, 1, made('B', a))]);
      expect(answers.map(({ status }) => status).sort()).toEqual([200, 422]);
      expect((await partsOf(a)).length + (await partsOf(b)).length).toBe(1);
    }
  });
  it('one that was deleted does not come back into a loop', async () => {
    const inner = await make(simple('Inner'));
    const outer = await make(made('Outer', inner));
    await harness.cook.delete(`/api/recipes/${outer}`).expect(204);
    await change(inner, 1, made('Inner', outer)).expect(200);
    const { body } = await harness.cook.post(`/api/recipes/${outer}/restore`).expect(409);
    expect(body.detail).toBe(
      'This would make the recipe a part of itself: “Outer” needs “Inner” needs “Outer”.',
    );
    await harness.cook.get(`/api/recipes/${inner}`).expect(200);
  });
  it('one that grows on every level is refused before it is written out', async () => {
    // 1 + 5 × 1 = 6 lines, 1 + 5 × 6 = 31, then 1 + 19 × 31 = 590 lines and as many steps.
    let below = await make(simple('Level 0'));
    for (const level of [1, 2]) below = await make(narrow(`Level ${level}`, below, 5));
    const wide = narrow('Level 3', below, 19);
    const { body } = await harness.cook.post('/api/recipes').send({ id: uuid(), content: wide }).expect(422);
    expect(body.errors).toEqual([
      {
        field: 'content.components',
        sentence: 'With its parts written out, “Level 3” would have 590 steps; a recipe has at most 160.',
      },
    ]);
    await harness.cook.get('/api/recipes').expect(200);
  });
  it('a part does not grow beyond what a recipe that has it can hold', async () => {
    const part = await make(simple('Part'));
    await make(narrow('Five of it', part, 5));
    const { body } = await change(part, 1, longer(simple('Part'), 40)).expect(422);
    // 5 × 40 + 1
    expect(body.detail).toBe(
      'With its parts written out, “Five of it” would have 201 steps; a recipe has at most 160.',
    );
  });
  it('twelve that are deleted at once are deleted at once', async () => {
    const ids = await Promise.all(Array.from({ length: 12 }, (_, at) => make(simple(`Gone ${at}`))));
    const start = performance.now();
    const answers = await Promise.all(ids.map((id) => harness.cook.delete(`/api/recipes/${id}`)));
    expect(answers.map(({ status }) => status)).toEqual(ids.map(() => 204));
    // A connection is waited for 20 s: none may wait for one that waits for it.
    expect(performance.now() - start).toBeLessThan(10_000);
  });
});

const narrow = (title: string, part: string, times: number) =>
  made(title, ...Array.from({ length: times }, () => part));

function longer(recipe: Recipe, count: number): Recipe {
  const [first] = recipe.steps;
  return { ...recipe, steps: Array.from({ length: count }, (_, at) => ({ ...first!, id: `s${at}` })) };
}

describe('what a class can hold', () => {
  const dishOf = (recipeId: string, to: object = {}) => ({
    id: uuid(),
    recipeId,
    portion: 'side',
    maker: 'every station',
    ...to,
  });
  const classOf = (dishes: readonly object[]) => ({
    id: uuid(),
    title: 'Long class',
    startsAt: '2099-03-05T18:30',
    dishes,
  });
  it('160 steps, those of a swap counted again: 90 + 70 are held, 90 + 70 + 70 are not', async () => {
    const long = await make(longer(simple('Long'), 90));
    const other = await make(longer(simple('Other'), 70));
    const class_ = classOf([dishOf(long), dishOf(other)]);
    await harness.cook.post('/api/classes').send(class_).expect(201);
    const [first, second] = class_.dishes as [object, object];
    const { body } = await harness.cook
      .patch(`/api/classes/${class_.id}`)
      .set('If-Match', '"r1"')
      .send({ dishes: [first, { ...second, making: { swap: true } }] })
      .expect(422);
    expect(body.errors).toEqual([
      {
        field: 'dishes',
        sentence:
          'The dishes have 230 steps, those of ready-made swaps counted again; a plan holds 160. ' +
          'Take a dish off the menu.',
      },
    ]);
    expect((await harness.cook.get(`/api/classes/${class_.id}`)).body).toMatchObject({ revision: 1 });
  });
  it('two dishes of one id are refused by name', async () => {
    const recipe = await make(simple('Twice'));
    const dish = dishOf(recipe);
    const { body } = await harness.cook
      .post('/api/classes')
      .send(classOf([dish, dish]))
      .expect(422);
    expect(body.errors).toEqual([{ field: 'dishes', sentence: 'Two dishes have one id.' }]);
  });
});
