import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { parseRecipeText } from '@fornax/core';
import { v7 as uuid } from 'uuid';
import { classNamed, recipeNamed, startHarness, type Harness } from '../tests/harness.js';

let harness: Harness;
beforeAll(async () => {
  harness = await startHarness();
});
afterAll(() => harness.close());

const content = (text: string) => parseRecipeText(text, { system: 'metric' });
const simple = () =>
  content('Test dip\nServes 4\nIngredients\n200 g feta\n2 tbsp moon dust\nMethod\n1. Blend.');

describe('the library', () => {
  it('lists recipes with minutes, techniques and allergens', async () => {
    const beetroot = await recipeNamed(harness.cook, /Beetroot/);
    // 8 + 9 + 5 + 10 + 5 + 5 = 42 hands-on, 75 + 12 = 87 waiting
    expect(beetroot).toMatchObject({
      handsOnMinutes: 42,
      waitMinutes: 87,
      allergens: ['nuts (hazelnut)', 'sulphites'],
      diets: ['vegan'],
      season: 'Nov–Feb',
      unread: 0,
    });
    expect(beetroot.techniques).toContain('fillet-citrus');
  });
});

describe('making, mending, deleting', () => {
  it('keeps what was pasted, with what was not understood', async () => {
    const id = uuid();
    const { body } = await harness.cook.post('/api/recipes').send({ id, content: simple() }).expect(201);
    expect(body.content.lines[1]).toMatchObject({
      text: '2 tbsp moon dust',
      ingredient: null,
      unread: '“moon dust” is not in the larder',
    });
    expect((await harness.cook.get(`/api/recipes/${id}`).expect(200)).headers.etag).toMatch(
      /^"r1\.[\w-]{16}"$/,
    );
    await harness.cook.post('/api/recipes').send({ id, content: simple() }).expect(201);
    expect(
      (await harness.cook.get('/api/recipes')).body.filter((each: { id: string }) => each.id === id),
    ).toHaveLength(1);
  });
  it('sent five times at once it is made once, and every answer is the recipe', async () => {
    const body = { id: uuid(), content: simple() };
    const answers = await Promise.all(
      Array.from({ length: 5 }, () => harness.cook.post('/api/recipes').send(body)),
    );
    expect(answers.map(({ status }) => status)).toEqual([201, 201, 201, 201, 201]);
    expect(new Set(answers.map((answer) => answer.body.id))).toEqual(new Set([body.id]));
  });
  it('one that is deleted while it is put on a menu is either deleted or on the menu', async () => {
    const class_ = await classNamed(harness.cook, 'Smoke, char and warm salads');
    for (let round = 0; round < 8; round++) {
      const { body: made } = await harness.cook.post('/api/recipes').send({ id: uuid(), content: simple() });
      const dishes = [{ id: uuid(), recipeId: made.id, portion: 'side', maker: 'every station' }];
      const [deleted, put] = await Promise.all([
        harness.cook.delete(`/api/recipes/${made.id}`),
        harness.cook
          .post('/api/classes')
          .send({ id: uuid(), title: 'Race', startsAt: class_.startsAt, dishes }),
      ]);
      expect([
        [204, 422],
        [409, 201],
      ]).toContainEqual([deleted.status, put.status]);
    }
  });
  it('a recipe without lines or steps can be kept', async () => {
    await harness.cook
      .post('/api/recipes')
      .send({ id: uuid(), content: content('Only a title') })
      .expect(201);
  });
  it.each([
    [
      'an amount of 1/0',
      (recipe: ReturnType<typeof simple>) => ({
        ...recipe,
        lines: [{ ...recipe.lines[0]!, amount: { low: '1/0', high: '1/0' } }],
      }),
      'content.lines.0.amount.low',
    ],
    [
      'an amount of lots',
      (recipe: ReturnType<typeof simple>) => ({
        ...recipe,
        lines: [{ ...recipe.lines[0]!, amount: { low: 'lots', high: 'lots' } }],
      }),
      'content.lines.0.amount.low',
    ],
    ['no title', (recipe: ReturnType<typeof simple>) => ({ ...recipe, title: '' }), 'content.title'],
    ['0 servings', (recipe: ReturnType<typeof simple>) => ({ ...recipe, serves: 0 }), 'content.serves'],
    [
      'a unit that is none',
      (recipe: ReturnType<typeof simple>) => ({
        ...recipe,
        lines: [{ ...recipe.lines[0]!, unit: 'bucket' }],
      }),
      'content.lines.0.unit',
    ],
    [
      '200 lines',
      (recipe: ReturnType<typeof simple>) => ({
        ...recipe,
        lines: Array.from({ length: 200 }, () => recipe.lines[0]!),
      }),
      'content.lines',
    ],
  ])('%s is refused beside its field', async (_, change, field) => {
    const { body } = await harness.cook
      .post('/api/recipes')
      .send({ id: uuid(), content: change(simple()) })
      .expect(422);
    expect(body.errors.map((each: { field: string }) => each.field)).toContain(field);
  });
  it('two people: the second is told, and shown what stands', async () => {
    const { body: made } = await harness.cook.post('/api/recipes').send({ id: uuid(), content: simple() });
    const change = (title: string) =>
      harness.cook
        .patch(`/api/recipes/${made.id}`)
        .set('If-Match', '"r1"')
        .send({ content: { ...made.content, title } });
    await change('Mine').expect(200);
    expect((await change('Yours').expect(409)).body.current).toMatchObject({
      revision: 2,
      content: { title: 'Mine' },
    });
  });
  it('one that a class uses is not deleted, and the class is named', async () => {
    const beetroot = await recipeNamed(harness.cook, /Beetroot/);
    const { body } = await harness.cook.delete(`/api/recipes/${beetroot.id}`).expect(409);
    expect(body.detail).toBe(
      '“Beetroot with orange and hazelnut” is on the menu of “Roots and citrus”. Take it off there first.',
    );
  });
  it('deleting can be undone', async () => {
    const { body: made } = await harness.cook.post('/api/recipes').send({ id: uuid(), content: simple() });
    await harness.cook.delete(`/api/recipes/${made.id}`).expect(204);
    await harness.cook.get(`/api/recipes/${made.id}`).expect(410);
    await harness.cook.post('/api/recipes').send({ id: made.id, content: simple() }).expect(410);
    await harness.cook.post(`/api/recipes/${made.id}/restore`).expect(200);
  });
});

describe('versions', () => {
  it('one is kept by hand with its reason; keeping the same again cuts no other', async () => {
    const { body: made } = await harness.cook.post('/api/recipes').send({ id: uuid(), content: simple() });
    const keep = (note: string) =>
      harness.cook.post(`/api/recipes/${made.id}/versions`).send({ note }).expect(200);
    expect((await keep('first try')).body).toMatchObject([
      { number: 1, by: 'Ines Okoye', note: 'first try', content: { title: 'Test dip' } },
    ]);
    expect((await keep('again')).body).toHaveLength(1);
    const serve = (serves: number, revision: number) =>
      harness.cook
        .patch(`/api/recipes/${made.id}`)
        .set('If-Match', `"r${revision}"`)
        .send({ content: { ...made.content, serves } })
        .expect(200);
    await serve(6, 1);
    await keep('more people');
    await serve(8, 2);
    expect(
      (await keep('still more')).body.map((each: { number: number; content: { serves: number } }) => [
        each.number,
        each.content.serves,
      ]),
    ).toEqual([
      [3, 8],
      [2, 6],
      [1, 4],
    ]);
  });
});

describe('sub-recipes', () => {
  const within = (title: string, recipeId: string) => ({
    ...simple(),
    title,
    components: [{ id: 'c1', name: 'All', role: 'base', recipe: { recipeId, batches: '2' } }],
  });
  it(
    'a version holds their lines as they were when it was ' + 'cut; the class is offered what moved on',
    async () => {
      const { body: part } = await harness.cook.post('/api/recipes').send({ id: uuid(), content: simple() });
      const { body: whole } = await harness.cook
        .post('/api/recipes')
        .send({ id: uuid(), content: within('With a part', part.id) });
      // 2 × 200 g of feta beside its own 200 g.
      expect(
        whole.whole.lines
          .filter((line: { name: string }) => line.name === 'feta')
          .map((line: { amount: { low: string } }) => line.amount.low),
      ).toEqual(['200', '400']);
      const { body: class_ } = await harness.cook
        .post('/api/classes')
        .send({
          id: uuid(),
          title: 'Parts',
          startsAt: '2099-03-05T18:30',
          dishes: [{ id: uuid(), recipeId: whole.id, portion: 'side', maker: 'every station' }],
        })
        .expect(201);
      await harness.cook
        .patch(`/api/recipes/${part.id}`)
        .set('If-Match', '"r1"')
        .send({ content: content('Test dip\nServes 4\nIngredients\n250 g feta\nMethod\n1. Blend.') })
        .expect(200);
      const { body: same } = await harness.cook.get(`/api/classes/${class_.id}`);
      const feta = (recipe: { lines: { name: string; amount: { low: string } }[] }) =>
        recipe.lines.filter((line) => line.name === 'feta').map((line) => line.amount.low);
      expect([same.dishes[0].draftDiffers, feta(same.dishes[0].recipe), feta(same.dishes[0].newest)]).toEqual(
        [true, ['200', '400'], ['200', '500']],
      );
      expect((await harness.cook.delete(`/api/recipes/${part.id}`).expect(409)).body.detail).toBe(
        '“Test dip” is a part of “With a part”. Take it out there first.',
      );
    },
  );
  it('one that would contain itself is refused with its way', async () => {
    const { body: a } = await harness.cook
      .post('/api/recipes')
      .send({ id: uuid(), content: { ...simple(), title: 'A' } });
    const { body: b } = await harness.cook
      .post('/api/recipes')
      .send({ id: uuid(), content: within('B', a.id) });
    const { body } = await harness.cook
      .patch(`/api/recipes/${a.id}`)
      .set('If-Match', '"r1"')
      .send({ content: within('A', b.id) })
      .expect(422);
    expect(body.errors).toEqual([
      {
        field: 'content.components',
        sentence: 'This would make the recipe a part of itself: “A” needs “B” needs “A”.',
      },
    ]);
  });
});
