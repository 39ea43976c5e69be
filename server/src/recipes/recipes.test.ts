import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { parseRecipeText } from '@fornax/core';
import { v7 as uuid } from 'uuid';
import { classNamed, recipeNamed, startHarness, type Harness } from '../tests/harness.js';

let harness: Harness;
beforeAll(async () => { harness = await startHarness(); });
afterAll(() => harness.close());

const content = (text: string) => parseRecipeText(text, { system: 'metric' });
const simple = () => content('Test dip\nServes 4\nIngredients\n200 g feta\n2 tbsp moon dust\nMethod\n1. Blend.');

describe('the library', () => {
  it('lists recipes with minutes, techniques and allergens', async () => {
    const beetroot = await recipeNamed(harness.cook, /Beetroot/);
    // 8 + 9 + 5 + 10 + 5 + 5 = 42 hands-on, 75 + 12 = 87 waiting
    expect(beetroot).toMatchObject({ handsOnMinutes: 42, waitMinutes: 87, allergens: ['nuts (hazelnut)', 'sulphites'], diets: ['vegan'], season: 'Nov–Feb', unread: 0 });
    expect(beetroot.techniques).toContain('fillet-citrus');
  });
});

describe('making, mending, deleting', () => {
  it('keeps what was pasted, with what was not understood', async () => {
    const id = uuid();
    const { body } = await harness.cook.post('/api/recipes').send({ id, content: simple() }).expect(201);
    expect(body.content.lines[1]).toMatchObject({ text: '2 tbsp moon dust', ingredient: null, unread: '“moon dust” is not in the larder' });
    expect((await harness.cook.get(`/api/recipes/${id}`).expect(200)).headers.etag).toMatch(/^"r1\.[\w-]{16}"$/);
    await harness.cook.post('/api/recipes').send({ id, content: simple() }).expect(201);
    expect((await harness.cook.get('/api/recipes')).body.filter((each: { id: string }) => each.id === id)).toHaveLength(1);
  });
  it('sent five times at once it is made once, and every answer is the recipe', async () => {
    const body = { id: uuid(), content: simple() };
    const answers = await Promise.all(Array.from({ length: 5 }, () => harness.cook.post('/api/recipes').send(body)));
    expect(answers.map(({ status }) => status)).toEqual([201, 201, 201, 201, 201]);
    expect(new Set(answers.map((answer) => answer.body.id))).toEqual(new Set([body.id]));
  });
  it('one that is deleted while it is put on a menu is either deleted or on the menu', async () => {
    const class_ = await classNamed(harness.cook, 'Smoke, char and warm salads');
    for (let round = 0; round < 8; round++) {
      const { body: made } = await harness.cook.post('/api/recipes').send({ id: uuid(), content: simple() });
      const dishes = [{ id: uuid(), recipeId: made.id, portion: 'side', maker: 'every station' }];
      const [deleted, put] = await Promise.all([harness.cook.delete(`/api/recipes/${made.id}`), harness.cook.post('/api/classes').send({ id: uuid(), title: 'Race', startsAt: class_.startsAt, dishes })]);
      expect([[204, 422], [409, 201]]).toContainEqual([deleted.status, put.status]);
    }
  });
  it('a recipe without lines or steps can be kept', async () => {
    await harness.cook.post('/api/recipes').send({ id: uuid(), content: content('Only a title') }).expect(201);
  });
  it.each([
    ['an amount of 1/0', (recipe: ReturnType<typeof simple>) => ({ ...recipe, lines: [{ ...recipe.lines[0]!, amount: { low: '1/0', high: '1/0' } }] }), 'content.lines.0.amount.low'],
    ['an amount of lots', (recipe: ReturnType<typeof simple>) => ({ ...recipe, lines: [{ ...recipe.lines[0]!, amount: { low: 'lots', high: 'lots' } }] }), 'content.lines.0.amount.low'],
    ['no title', (recipe: ReturnType<typeof simple>) => ({ ...recipe, title: '' }), 'content.title'],
    ['0 servings', (recipe: ReturnType<typeof simple>) => ({ ...recipe, serves: 0 }), 'content.serves'],
    ['a unit that is none', (recipe: ReturnType<typeof simple>) => ({ ...recipe, lines: [{ ...recipe.lines[0]!, unit: 'bucket' }] }), 'content.lines.0.unit'],
    ['200 lines', (recipe: ReturnType<typeof simple>) => ({ ...recipe, lines: Array.from({ length: 200 }, () => recipe.lines[0]!) }), 'content.lines'],
  ])('%s is refused beside its field', async (_, change, field) => {
    const { body } = await harness.cook.post('/api/recipes').send({ id: uuid(), content: change(simple()) }).expect(422);
    expect(body.errors.map((each: { field: string }) => each.field)).toContain(field);
  });
  it('two people: the second is told, and shown what stands', async () => {
    const { body: made } = await harness.cook.post('/api/recipes').send({ id: uuid(), content: simple() });
    const change = (title: string) => harness.cook.patch(`/api/recipes/${made.id}`).set('If-Match', '"r1"').send({ content: { ...made.content, title } });
    await change('Mine').expect(200);
    expect((await change('Yours').expect(409)).body.current).toMatchObject({ revision: 2, content: { title: 'Mine' } });
  });
  it('one that a class uses is not deleted, and the class is named', async () => {
    const beetroot = await recipeNamed(harness.cook, /Beetroot/);
    const { body } = await harness.cook.delete(`/api/recipes/${beetroot.id}`).expect(409);
    expect(body.detail).toBe('“Beetroot with orange and hazelnut” is on the menu of “Roots and citrus”. Take it off there first.');
  });
  it('deleting can be undone', async () => {
    const { body: made } = await harness.cook.post('/api/recipes').send({ id: uuid(), content: simple() });
    await harness.cook.delete(`/api/recipes/${made.id}`).expect(204);
    await harness.cook.get(`/api/recipes/${made.id}`).expect(404);
    await harness.cook.post(`/api/recipes/${made.id}/restore`).expect(200);
  });
});
