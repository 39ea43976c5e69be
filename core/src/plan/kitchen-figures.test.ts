import { describe, expect, it } from 'vitest';
import { ownIngredientId, type LarderEntry } from '../larder/index.js';
import { parseIngredientLine, lineOf } from '../recipes/index.js';
import { larderOf } from '../larder/index.js';
import { classOf, dish, kitchen, recipe, step } from '../tests/recipes.js';
import { planClass } from './plan-class.js';

/** 4 people at one station making a recipe for 4 once, no demonstration. */
function planOf(
  lines: readonly string[],
  larder: readonly LarderEntry[] = [],
  to: Parameters<typeof recipe>[1] = {},
) {
  const written = recipe([], { ...to, steps: [step('s1', { text: 'Toss everything.' })] });
  const read = lines.map((text, index) =>
    lineOf(
      parseIngredientLine(text, { system: 'metric', larder: larderOf(larder) }),
      index,
      'c1',
      larderOf(larder),
    ),
  );
  const used = {
    ...written,
    lines: read,
    steps: written.steps.map((each) => ({
      ...each,
      uses: read.map((line) => ({ line: line.id, share: '1' as const })),
    })),
  };
  return planClass({ class: classOf([dish(used)], { people: 4 }), kitchen: { ...kitchen, larder } });
}
const row = (plan: ReturnType<typeof planOf>, key: string) =>
  plan.shopping.rows.find((each) => each.key === key)!;
const figures = (ingredient: string, of: Record<string, number>): LarderEntry => ({
  ingredient,
  figures: of,
  own: null,
});

describe('sizes of pieces', () => {
  it(
    '2 large beetroots are 2 × 180 = 360 g → 400 g loose, 2 small ones 2 ' +
      '× 80 = 160 → 200 g, 2 of no size 2 × 120 = 240 → 300 g',
    () => {
      expect(
        ['2 large beetroots', '2 small beetroots', '2 beetroots'].map(
          (line) => row(planOf([line]), 'beetroot').buy,
        ),
      ).toEqual(['400 g', '200 g', '300 g']);
    },
  );
  it('the bench is told the weight of its size: 1 large tomato, 180 g', () => {
    expect(
      planOf(['1 large tomato']).portions.dishes[0]!.components[0]!.lines[0]!.cells[0]!.spoons,
    ).toMatchObject({ lead: '1', beside: '180 g' });
  });
});

describe('a kitchen’s own figures in a plan', () => {
  it('a yield: 400 g peeled potatoes ÷ 0.82 = 488 → 500 g; at 0.7 they are 571 → 600 g', () => {
    expect(row(planOf(['400 g peeled potatoes']), 'potato').buy).toBe('500 g');
    const own = row(
      planOf(['400 g peeled potatoes'], [figures('potato', { 'yield.peeled': 0.7 })]),
      'potato',
    );
    expect(own.buy).toBe('600 g');
    expect(own.estimated).toBe(false);
    expect(own.workings.steps.find(({ label }) => label === '÷ 0.7 yield')!.note).toBeUndefined();
  });
  it('a weighed handful: 2 × 40 g of rocket = 80 g → one bag of 100 g instead of one of 60 g', () => {
    expect([
      row(planOf(['2 handfuls of rocket']), 'rocket').buy,
      row(planOf(['2 handfuls of rocket'], [figures('rocket', { handful: 40, 'yield.usual': 1 })]), 'rocket')
        .buy,
    ]).toEqual(['1 bag of 60 g', '1 bag of 100 g']);
  });
  it('a weighed squeeze is grams: 3 squeezes of 8 g', () => {
    const plan = planOf(['3 squeezes of lime'], [figures('lime', { squeeze: 8 })]);
    expect(plan.portions.dishes[0]!.components[0]!.lines[0]!.cells[0]!.grams).toMatchObject({
      lead: '3 squeezes',
      beside: '24 g',
    });
  });
  it('an ingredient of its own is bought in its packs, with its allergens', () => {
    const id = ownIngredientId('Sea kale');
    const own: LarderEntry = {
      ingredient: id,
      figures: {},
      own: {
        name: 'Sea kale',
        section: 'vegetables',
        shoppingUnit: 'g',
        packSize: 150,
        packName: 'bag',
        allergens: ['celery'],
      },
    };
    const plan = planOf(['200 g sea kale'], [own]);
    expect(row(plan, id)).toMatchObject({
      buy: '2 bags of 150 g',
      leftOver: '100 g left',
      inLarder: true,
      section: 'vegetables',
    });
    expect(plan.allergens[0]!.contains).toEqual(['celery']);
    expect(plan.warnings.filter(({ id: warning }) => warning === 'unknown')).toEqual([]);
  });
});

describe('ways that a class chooses', () => {
  const choices = [
    {
      id: 'w1',
      name: 'Peel',
      usual: 'o1',
      options: [
        { id: 'o1', name: 'peeled' },
        { id: 'o2', name: 'skin on' },
      ],
    },
  ];
  const both = recipe(['500 g peeled potatoes', '500 g potatoes'], {
    choices,
    steps: [
      step('s1', { text: 'Peel them.', handsOnMinutes: 12, when: { choice: 'w1', option: 'o1' } }),
      step('s2', { text: 'Boil the potatoes.', after: ['s1'] }),
    ],
  });
  const asked = {
    ...both,
    lines: both.lines.map((line, index) => ({ ...line, when: { choice: 'w1', option: `o${index + 1}` } })),
  };
  const planFor = (chosen: Record<string, string>) =>
    planClass({ class: classOf([dish(asked, { choices: chosen })], { people: 4 }), kitchen });
  it(
    'peeled: 500 ÷ 0.82 = 610 → 700 g, and the peeling is in ' + 'the plan; skin on: 500 g, and it is not',
    () => {
      const titles = (plan: ReturnType<typeof planFor>) => plan.timeline.clock.map(({ title }) => title);
      expect([row(planFor({}), 'potato').buy, titles(planFor({})).includes('Peel them')]).toEqual([
        '700 g',
        true,
      ]);
      expect([
        row(planFor({ w1: 'o2' }), 'potato').buy,
        titles(planFor({ w1: 'o2' })).includes('Peel them'),
      ]).toEqual(['500 g', false]);
    },
  );
});
