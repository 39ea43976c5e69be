import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { toNumber } from '../amounts/index.js';
import type { LocalDate } from '../identity/index.js';
import { pieceSizeOf, parseIngredientLine } from '../recipes/index.js';
import { lastUse } from './row-parts.js';
import { buildShoppingList } from './shopping-list.js';
import type { IngredientUse } from './types.js';

/** One use as written, made `count` times. */
function use(text: string, count = 1, dishTitle = 'Salad'): IngredientUse {
  const line = parseIngredientLine(text, { system: 'metric' });
  return {
    dishId: dishTitle,
    dishTitle,
    where: 'stations',
    count,
    name: line.name,
    ingredient: line.ingredient,
    amount: line.amount && line.unit ? { ...line.amount, unit: line.unit } : null,
    pack: line.pack,
    preparation: line.preparation,
    basis: line.basis,
    size: pieceSizeOf(line.note),
    part: line.byProducts,
    optional: line.optional,
    system: 'metric',
  };
}
const list = (...uses: IngredientUse[]) => buildShoppingList(uses, { english: 'uk' });
const only = (...uses: IngredientUse[]) => list(...uses).rows[0]!;
const need = (...uses: IngredientUse[]) => toNumber(only(...uses).need!);

describe('the days of uses', () => {
  it('the last use is the latest date, whatever the order; without dates there is none', () => {
    const on = (date: LocalDate): IngredientUse => ({ ...use('1 lemon'), date });
    expect(lastUse([on('2026-11-25'), on('2026-11-27'), on('2026-11-26')])).toBe('2026-11-27');
    expect(lastUse([use('1 lemon')])).toBeNull();
  });
});

describe('as purchased', () => {
  it('500 g potatoes, peeled, are bought as 500 g', () =>
    expect(need(use('500 g potatoes, peeled'))).toBe(500));
  it('500 g peeled potatoes: 500 ÷ 0.82 = 609.8 g, bought as 700 g loose', () => {
    expect(need(use('500 g peeled potatoes'))).toBeCloseTo(609.756, 3);
    expect(only(use('500 g peeled potatoes')).buy).toBe('700 g');
  });
  it('4 tbsp chopped parsley: 60 ml × 0.25 = 15 g ÷ 0.55 = 27.3 g → 1 bunch of 30 g', () => {
    expect(need(use('4 tbsp chopped parsley'))).toBeCloseTo(27.27, 2);
    expect(only(use('4 tbsp chopped parsley'))).toMatchObject({
      buy: '1 bunch of 30 g',
      leftOver: '3 g left',
    });
  });
  it('counts are never divided by a yield: 3 avocados are 3', () =>
    expect(need(use('3 avocados, diced'))).toBe(3));
  it('400 g diced, peeled and seeded cucumber: 400 ÷ 0.70 ÷ 350 g = 1.63 → 2', () =>
    expect(only(use('400 g peeled, seeded cucumber'))).toMatchObject({ buy: '2' }));
  it('480 g drained chickpeas: 480 ÷ 0.6 = 800 g → 2 tins', () =>
    expect(only(use('480 g drained chickpeas')).buy).toBe('2 tins of 400 g'));
  it('1½ tins of chickpeas, drained, are 600 g net → 2 tins', () =>
    expect(only(use('1½ tins chickpeas, drained'))).toMatchObject({
      buy: '2 tins of 400 g',
      leftOver: '200 g left',
    }));
  it('600 g cooked farro: 600 ÷ 2.4 = 250 g dry', () => expect(need(use('600 g cooked farro'))).toBe(250));
  it('the high end of a range is bought: 2–3 shallots are 3', () =>
    expect(need(use('2–3 shallots'))).toBe(3));
  it('4 cloves of garlic: 4 × 5 g ÷ 50 g = 0.4 → 1 bulb', () =>
    expect(only(use('4 cloves garlic')).buy).toBe('1 bulb'));
});

describe('added up once, rounded once', () => {
  it('12 cloves of garlic over two dishes: 12 × 5 ÷ 50 = 1.2 → 2 bulbs, not 1 + 1', () =>
    expect(only(use('4 cloves garlic', 1, 'A'), use('4 cloves garlic', 2, 'B'))).toMatchObject({
      buy: '2 bulbs',
      dishes: ['A', 'B'],
    }));
  it('half an onion at 3 stations: 1½ → 2 onions', () => expect(only(use('½ onion', 3)).buy).toBe('2'));
  it('half a raw egg cannot be shared: 3 stations of ½ are 3 eggs → a box of 6', () =>
    expect(only(use('½ egg', 3))).toMatchObject({ need: '3', buy: '1 box of 6', leftOver: '3 left' }));
  it('eggs = whole + max(yolks, whites): 2 + max(3, 1) = 5', () =>
    expect(need(use('2 eggs'), use('3 egg yolks'), use('1 egg white'))).toBe(5));
  it('yolks alone, or whites alone, are eggs too: 1 + 3 = 4, 1 + 2 = 3', () => {
    expect(need(use('1 egg'), use('3 egg yolks'))).toBe(4);
    expect(need(use('1 egg'), use('2 egg whites'))).toBe(3);
  });
  it('spring onion and scallion are one row', () =>
    expect(list(use('2 spring onions'), use('3 scallions')).rows).toHaveLength(1));
});

describe('citrus', () => {
  it('zest and juice of one lemon: bought once', () =>
    expect(need(use('juice of 1 lemon'), use('zest of 1 lemon'))).toBe(1));
  it('4 stations × 60 ml + demonstration 60 ml = 300 ml ÷ 35 ml = 8.6 → 9 lemons', () =>
    expect(need(use('4 tbsp lemon juice', 5))).toBe(9));
  it('zest decides where it wants more: 24 g ÷ 6 g = 4 lemons, 1 for juice', () =>
    expect(need(use('2 tbsp lemon juice'), use('24 g lemon zest'))).toBe(4));
  it('slices and juice do not share a lemon: 1 + 1', () =>
    expect(need(use('1 lemon, thinly sliced'), use('juice of 1 lemon'))).toBe(2));
  it('3 oranges in fillets leave 3 × 20 = 60 ml: 4 tbsp of juice ask for no more', () =>
    expect(need(use('3 oranges, segmented'), use('4 tbsp orange juice'))).toBe(3));
  it('6 tbsp want 90 − 60 = 30 ml more: 30 ÷ 70 → 1 orange', () =>
    expect(need(use('3 oranges, segmented'), use('6 tbsp orange juice'))).toBe(4));
  it('says how: the workings end in the fewest that cover all', () =>
    expect(
      only(use('juice of 1 lemon'), use('zest of 1 lemon')).workings.steps.map(({ label }) => label),
    ).toContain('Fewest that cover all'));
});

describe('what cannot be summed', () => {
  it('an unknown ingredient is added up as written, without a density', () => {
    expect(only(use('30 g moon dust', 2), use('1 tsp moon dust'))).toMatchObject({
      inLarder: false,
      section: 'other',
      buy: '60 g',
      remark: 'Not in it yet: 1 tsp. Add it to the larder, so that it can be added up.',
      need: null,
    });
  });
  it('weights and volumes are each one amount: 1 tsp + 1 tbsp = 20 ml, 1 oz + 100 g = 128 g', () => {
    expect(only(use('1 tsp moon dust'), use('1 tbsp moon dust')).buy).toBe('20 ml');
    expect(only(use('1 oz moon dust'), use('100 g moon dust')).buy).toBe('128 g');
  });
  it('counts, bunches and tins of one food are one amount: 2 × 30 + 10 = 70 g of parsley', () =>
    expect(only(use('2 bunches parsley'), use('10 g parsley'))).toMatchObject({ missing: null, need: '70' }));
  it('what cannot be added is told beside the one amount, with its question', () =>
    expect(only(use('200 g feta', 2), use('2 stalks feta'))).toMatchObject({
      buy: '2 blocks of 200 g',
      remark: 'Not in it yet: 2 stalks. How much does one stalk weigh?',
      missing: { figure: 'count.stalk', unit: 'g' },
    }));
  it('14 halves of boiled eggs are 7; of raw ones each bench cracks one: 14', () => {
    expect(only(use('1/2 egg, hard-boiled', 14)).need).toBe('7');
    expect(only(use('1/2 egg', 14)).need).toBe('14');
  });
  it('bread to serve is bought by the head: 2 people × 60 g = 120 g', () =>
    expect(only({ ...use('country bread, to serve'), plates: 2 }).need).toBe('120'));
  it('never in parts that no spoon has', () => {
    expect(only(use('1/6 cup moon dust')).buy).toBe('42 ml');
    expect(only(use('1¾ tsp moon dust')).buy).toBe('1¾ tsp');
  });
  it('a known one with a missing fact is bought as written, with the reason', () => {
    expect(only(use('½ cup figs'))).toMatchObject({
      remark: 'How many grams does a millilitre of it weigh?',
      missing: { figure: 'density.plain', unit: 'g/ml' },
      buy: '½ cup',
    });
  });
  it('to taste is still bought: the smallest size', () =>
    expect(only(use('black pepper to taste')).buy).toBe('1 jar of 50 g'));
  it('water is never bought', () => expect(list(use('2 l water')).rows).toHaveLength(0));
  it('rows come by section, in the order a shop is walked', () => {
    expect(
      list(use('1 tsp fine salt'), use('1 lemon'), use('2 carrots'), use('100 g feta')).sections.map(
        ({ section }) => section,
      ),
    ).toEqual(['vegetables', 'fruit', 'dairy and eggs', 'spices and seasoning']);
  });
});

describe('properties', () => {
  const lines = [
    '100 g rocket',
    '2 tbsp chopped parsley',
    '3 tbsp lemon juice',
    '1 onion',
    '2 eggs',
    '200 g peeled carrots',
    '1 tin chickpeas',
    '5 cloves garlic',
    '30 ml olive oil',
  ];
  it('never buys less than the benches use', () => {
    fc.assert(
      fc.property(fc.constantFrom(...lines), fc.integer({ min: 1, max: 40 }), (line, count) => {
        const row = only(use(line, count));
        const bought = row.packs.reduce((sum, pack) => sum + pack.count * pack.size, 0);
        expect(bought).toBeGreaterThanOrEqual(toNumber(row.need!) - 1e-9);
      }),
    );
  });
  it('more needed is never less bought', () => {
    fc.assert(
      fc.property(fc.constantFrom(...lines), fc.integer({ min: 1, max: 30 }), (line, count) => {
        const total = (times: number) =>
          only(use(line, times)).packs.reduce((sum, pack) => sum + pack.count * pack.size, 0);
        expect(total(count + 1)).toBeGreaterThanOrEqual(total(count));
      }),
    );
  });
});
