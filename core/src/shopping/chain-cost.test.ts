import { describe, expect, it } from 'vitest';
import { larderOf, standardLarder } from '../larder/index.js';
import { list, only, stock, use } from '../tests/shopping-uses.js';
import type { OfferedByProduct, IngredientUse } from './types.js';

describe('by-products of other steps', () => {
  const gift = (overrides: Partial<OfferedByProduct> = {}): OfferedByProduct => ({
    dishTitle: 'Bacon',
    ingredient: 'bacon-fat',
    amount: '45',
    minute: 10,
    keepsDays: 14,
    allergens: [],
    isRaw: false,
    words: 'bacon fat',
    ...overrides,
  });
  const fat = (overrides: Partial<IngredientUse> = {}) =>
    use('2 tbsp bacon fat', 1, { minute: 60, dishTitle: 'Dressing', ...overrides });
  it('20. 30 ml wanted, 45 ml left by the bacon: nothing to buy', () =>
    expect(list([fat()], { offeredByProducts: [gift()] })).toMatchObject({
      rows: [],
      covered: [{ buy: 'nothing' }],
    }));
  it('21. 2 × 30 ml wanted, 45 left: 15 ml more', () =>
    expect(only([use('2 tbsp bacon fat', 2, { minute: 60 })], { offeredByProducts: [gift()] })).toMatchObject(
      {
        buy: '15 ml more',
        remark: 'It is not sold by itself: open one more of what leaves it.',
      },
    ));
  it('22. roasting oil of one step is used by the next: 90 ml − 30 = 60 ml of olive oil', () => {
    const row = only([use('90 ml olive oil', 1, { minute: 60 })], {
      offeredByProducts: [gift({ ingredient: 'olive-oil', amount: '30', words: 'roasting oil' })],
    });
    expect([row.need, row.workings.steps.find(({ label }) => label === '− roasting oil')?.value]).toEqual([
      '90',
      '− 30 ml',
    ]);
  });
  it('prepared stock covers only what by-products left open', () => {
    // 2 tbsp are 30 ml; the bacon leaves 20, so of 30 ml that are strained already 10 are used.
    const strained = stock('bacon-fat', '30 ml', { state: 'drained' });
    const { covered } = list([fat({ preparation: ['drained'] })], {
      offeredByProducts: [gift({ amount: '20' })],
      stock: [strained],
    });
    expect(
      covered[0]!.workings.steps
        .filter(({ label }) => label.startsWith('−'))
        .map(({ label, value }) => [label, value]),
    ).toEqual([
      ['− bacon fat', '− 20 ml'],
      ['− in the cupboard, drained', '− 10 ml'],
    ]);
  });
  it('the giver must come first', () =>
    expect(only([fat({ minute: 5 })], { offeredByProducts: [gift()] }).remark).toContain(
      'comes after “Dressing” wants it',
    ));
  it('it must keep until then: 15 days later is too late for 14', () =>
    expect(only([fat({ minute: 10 + 15 * 1440 })], { offeredByProducts: [gift()] }).remark).toContain(
      'does not keep',
    ));
  it('no border of allergens is crossed, unless the dish has it anyway', () => {
    expect(only([fat()], { offeredByProducts: [gift({ allergens: ['fish'] })] }).remark).toContain(
      'would bring fish into “Dressing”',
    );
    expect(
      list([fat({ dishAllergens: ['fish'] })], { offeredByProducts: [gift({ allergens: ['fish'] })] }).rows,
    ).toEqual([]);
  });
  it('what touched raw food is not used again', () =>
    expect(only([fat()], { offeredByProducts: [gift({ isRaw: true })] }).remark).toContain(
      'touched raw food',
    ));
  it('the earliest use is served first: 45 ml to the first 30 and 15 of the next 30', () => {
    const row = only(
      [
        use('2 tbsp bacon fat', 1, { minute: 90, dishTitle: 'Late' }),
        use('2 tbsp bacon fat', 1, { minute: 20, dishTitle: 'Early' }),
      ],
      { offeredByProducts: [gift()] },
    );
    expect(
      row.workings.steps
        .filter(({ label }) => label.startsWith('− bacon'))
        .map(({ value, note }) => [value, note]),
    ).toEqual([
      ['− 30 ml', 'From “Bacon” for “Early”.'],
      ['− 15 ml', 'From “Bacon” for “Late”.'],
    ]);
  });
});

describe('cost', () => {
  const larder = larderOf([{ ingredient: 'carrot', figures: { 'price.0': 1.5 }, own: null }]);
  it('grams and kilograms of the same need no estimate', () =>
    expect(only([use('1 kg carrots')]).estimated).toBe(false));
  it('24. 500 g of carrots at 1.50 a kilogram are 0.75, over 5 people 0.15 a head', () =>
    expect(list([use('500 g carrots')], { larder, people: 5 }).cost).toMatchObject({
      total: 0.75,
      perHead: 0.15,
      unknown: [],
    }));
  it('25. two dishes of 300 and 100 g share 0.60: 0.45 and 0.15', () => {
    const { dishes } = list(
      [
        use('300 g carrots', 1, { dishId: 'a', dishTitle: 'A' }),
        use('100 g carrots', 1, { dishId: 'b', dishTitle: 'B' }),
      ],
      { larder },
    ).cost;
    expect(dishes.map(({ dish, cost }) => [dish, Math.round(cost * 100)])).toEqual([
      ['A', 45],
      ['B', 15],
    ]);
  });
  it('what costs a penny is named in the workings, what costs less is with the others', () => {
    // Carrots are sold from 100 g on: at 0.10 a kilogram for 0.01, at 0.04 for 0.004.
    const namesAt = (price: number) =>
      list([use('100 g carrots')], {
        larder: larderOf([{ ingredient: 'carrot', figures: { 'price.0': price }, own: null }]),
      }).cost.workings.steps.map(({ label }) => label);
    expect(namesAt(0.1)[0]).toBe('carrot');
    expect(namesAt(0.04)[0]).toBe('1 more thing');
  });
  it('the six dearest are named, the others added up', () => {
    const lines = [
      'carrots',
      'potatoes',
      'red onions',
      'tomatoes',
      'cucumbers',
      'aubergines',
      'leeks',
      'beetroot',
    ];
    const { workings, unknown } = list(lines.map((name) => use(`1 kg ${name}`))).cost;
    expect(unknown).toEqual([]);
    expect(workings.steps[6]!.label).toBe('2 more things');
  });
  it('the workings say what each dish costs', () => {
    const { workings } = list(
      [
        use('300 g carrots', 1, { dishId: 'a', dishTitle: 'A' }),
        use('100 g carrots', 1, { dishId: 'b', dishTitle: 'B' }),
      ],
      { larder },
    ).cost;
    expect(
      workings.steps
        .filter(({ label }) => label.startsWith('For '))
        .map(({ label, value, note }) => [label, value, note]),
    ).toEqual([
      ['For A', '£0.45', '75 % of it, by what each uses.'],
      ['For B', '£0.15', '25 % of it, by what each uses.'],
    ]);
  });
  it('a price that is not known is named and not counted as nothing', () => {
    const { cost, rows } = list([use('500 g carrots'), use('30 g moon dust')], { larder });
    expect([cost.total, cost.unknown, rows.find(({ name }) => name === 'moon dust')!.cost]).toEqual([
      0.75,
      ['moon dust'],
      null,
    ]);
  });
  it('in another money only prices measured here count', () => {
    expect(list([use('500 g carrots')], { currency: 'EUR', larder: standardLarder }).cost).toMatchObject({
      total: 0,
      unknown: ['carrot'],
    });
    expect(list([use('500 g carrots')], { currency: 'EUR', larder }).cost).toMatchObject({ total: 0.75 });
  });
});
