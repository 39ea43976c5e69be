import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { parseRecipeText } from '@fornax/core';
import { v7 as uuid } from 'uuid';
import { StockRow } from '../database/models.js';
import { classNamed, startHarness, type Harness } from '../tests/harness.js';

let harness: Harness;
beforeAll(async () => {
  harness = await startHarness();
});
afterAll(() => harness.close());

const put = (ingredient: string, revision: number, body: object) =>
  harness.cook.put(`/api/larder/${ingredient}`).set('If-Match', `"r${revision}"`).send(body);
const figures = (of: Record<string, unknown>) => ({ figures: of, own: null });
const own = {
  name: 'Pickled samphire',
  section: 'tins and jars',
  shoppingUnit: 'g',
  packSize: 200,
  packName: 'jar',
  allergens: ['sulphites'],
};

describe('a kitchen’s own figures', () => {
  it('are kept by ingredient, come with the kitchen, and count in its plans', async () => {
    const view = await classNamed(harness.cook, 'Roots and citrus');
    const oranges = async () =>
      (await harness.cook.get(`/api/classes/${view.id}/plan`).expect(200)).body.shopping.rows.find(
        ({ key }: { key: string }) => key === 'orange',
      );
    const zestFor = async () =>
      (await oranges()).workings.steps.find(({ label }: { label: string }) => label.startsWith('For zest'))
        .label;
    expect(await zestFor()).toBe('For zest, 10 g a piece');
    expect((await put('orange', 0, figures({ zest: 5 })).expect(200)).body).toMatchObject({
      ingredient: 'orange',
      figures: { zest: 5 },
      revision: 1,
    });
    expect((await harness.cook.get('/api/kitchen').expect(200)).body.larder).toEqual([
      { ingredient: 'orange', figures: { zest: 5 }, own: null },
    ]);
    expect(await zestFor()).toBe('For zest, 5 g a piece');
    await put('orange', 1, figures({})).expect(200);
    expect(await zestFor()).toBe('For zest, 10 g a piece');
  });
  it.each([
    [{ 'yield.usual': 0 }, 'Yield lies between 0.05 and 1, not at 0.'],
    [{ 'price.0': -1 }, 'Price, smallest size lies between 0.001 and 1000 a pack, not at -1.'],
    [{ colour: 3 }, '“colour” is no figure of the larder.'],
    [{ handful: 'many' }, '“handful” must be a number.'],
  ])('%j is refused with the reason', async (wrong, sentence) => {
    const { body } = await put('basil', 0, figures(wrong)).expect(422);
    expect(body.errors).toEqual([{ field: 'figures', sentence }]);
  });
  it('two at once: one lands, the other is shown what stands', async () => {
    const answers = await Promise.all([1, 2, 3].map((grams) => put('mint', 0, figures({ handful: grams }))));
    expect(answers.map(({ status }) => status).sort()).toEqual([200, 409, 409]);
    expect(answers.find(({ status }) => status === 409)!.body.current).toMatchObject({
      ingredient: 'mint',
      revision: 1,
    });
  });
  it('what a kitchen calls a food means it in every recipe, until another food is named by it', async () => {
    const content = parseRecipeText('Bloater toast\nIngredients\n100 g bloater\nMethod\nToast.', {
      system: 'metric',
    });
    const id = uuid();
    await harness.cook.post('/api/recipes').send({ id, content }).expect(201);
    const row = async () =>
      (await harness.cook.get('/api/recipes').expect(200)).body.find(
        (each: { id: string }) => each.id === id,
      );
    expect(await row()).toMatchObject({ allergens: [], notKnown: ['bloater'], diets: [] });
    await put('smoked-mackerel', 0, { ...figures({}), called: ['Bloater'] }).expect(200);
    expect(await row()).toMatchObject({ allergens: ['fish'], notKnown: [] });
    await put('celery-salt', 0, { ...figures({}), called: ['bloater'] }).expect(200);
    expect(await row()).toMatchObject({ allergens: ['celery'], notKnown: [] });
    const { body } = await harness.cook.get('/api/larder').expect(200);
    expect(
      body.find(({ ingredient }: { ingredient: string }) => ingredient === 'smoked-mackerel').called,
    ).toEqual([]);
    await put('basil', 0, { ...figures({}), called: ['x'.repeat(201)] }).expect(422);
  });
  it('an unknown ingredient wants a frame; one of the larder’s own name takes none', async () => {
    await put('own-moon-dust', 0, figures({ handful: 3 })).expect(404);
    await put('own-pickled-samphire', 0, { figures: { handful: 20 }, own }).expect(200);
    await put('basil', 0, { figures: {}, own }).expect(422);
    await put('BASIL', 0, figures({})).expect(404);
    await put('own-x', 0, { figures: {}, own: { ...own, packSize: 0 } }).expect(422);
    await put('own-x', 0, { figures: {}, own: { ...own, eatenBy: 'everyone' } }).expect(422);
  });
});

describe('the cupboard', () => {
  const row = (to: object = {}) => ({
    id: uuid(),
    ingredient: 'farro',
    amount: { low: '500', high: '500', unit: 'g' },
    state: '',
    useBy: '2099-03-20',
    note: '',
    ...to,
  });
  it('is added to once, changed under its revision, emptied and undone', async () => {
    const body = row();
    const mine = async () =>
      ((await harness.cook.get('/api/stock').expect(200)).body as { id: string }[]).filter(
        ({ id }) => id === body.id,
      );
    await Promise.all([
      harness.cook.post('/api/stock').send(body).expect(201),
      harness.cook.post('/api/stock').send(body).expect(201),
    ]);
    expect(await mine()).toEqual([{ ...body, revision: 1 }]);
    const less = { ...body, amount: { low: '200', high: '200', unit: 'g' } };
    await harness.cook.patch(`/api/stock/${body.id}`).set('If-Match', '"r1"').send(less).expect(200);
    expect(
      (await harness.cook.patch(`/api/stock/${body.id}`).set('If-Match', '"r1"').send(body).expect(409)).body
        .current.amount.low,
    ).toBe('200');
    await harness.cook.delete(`/api/stock/${body.id}`).expect(204);
    expect(await mine()).toEqual([]);
    await harness.cook.post('/api/stock').send(body).expect(410);
    await harness.cook.post(`/api/stock/${body.id}/restore`).expect(204);
    expect(await mine()).toHaveLength(1);
    await harness.cook.delete(`/api/stock/${uuid()}`).expect(404);
    await harness.cook.patch(`/api/stock/${uuid()}`).set('If-Match', '"r1"').send(less).expect(404);
  });
  it.each([
    [{ amount: { low: '-5', high: '-5', unit: 'g' } }, 'amount.low'],
    [{ useBy: '2099-02-30' }, 'useBy'],
    [{ ingredient: '../x' }, 'ingredient'],
    [{ note: 'x'.repeat(200) }, 'note'],
  ])('%j is refused beside its field', async (to, field) => {
    expect(
      (await harness.cook.post('/api/stock').send(row(to)).expect(422)).body.errors.map(
        (each: { field: string }) => each.field,
      ),
    ).toContain(field);
  });
});

it('a kitchen’s cupboard holds two thousand rows, and says so', async () => {
  const row = (await StockRow.findOne())!.get({ plain: true }) as object;
  await StockRow.bulkCreate(Array.from({ length: 2000 }, () => ({ ...row, id: uuid() })) as never);
  const sample = { id: uuid(), ingredient: 'feta', amount: { low: '100', high: '100', unit: 'g' } };
  const { body } = await harness.cook
    .post('/api/stock')
    .send({ ...sample, state: 'opened', useBy: null, note: '' })
    .expect(422);
  expect(body.detail).toBe('A kitchen holds at most 2000 rows in its cupboard: take some out first.');
});
