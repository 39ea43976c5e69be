import { describe, expect, it } from 'vitest';
import { recipe, step } from '../tests/recipes.js';
import type { RecipeFactsOptions } from './facts.js';
import { recipeFacts } from './recipe-facts.js';
import { monthsText } from './season.js';

const options: RecipeFactsOptions = {
  english: 'uk',
  allergenList: 'eu',
  currency: 'GBP',
  hemisphere: 'north',
};
const textOf = (of: ReturnType<typeof recipeFacts>, id: string) =>
  of.facts.find((fact) => fact.id === id)!.text;

describe('the strip above a recipe', () => {
  const salad = recipe(['500 g peeled potatoes', '100 g walnuts', '2 tbsp olive oil', '1 tsp fine salt'], {
    serves: 4,
    leastBatch: '1/2',
    steps: [
      step('s1', { handsOnMinutes: 10, waitMinutes: { low: 18, high: 22 } }),
      step('s2', { handsOnMinutes: 5 }),
    ],
  });
  const facts = recipeFacts(salad, options);
  it('yield by weight: 500 + 100 + 30 × 0.91 + 5 × 1.2 = 633.3 g', () =>
    expect(textOf(facts, 'yield')).toMatch(/^633 g, /));
  it('minutes: 10 + 5 hands-on, 22 waiting', () =>
    expect(textOf(facts, 'minutes')).toBe('15 min hands-on, 22 min waiting'));
  it('least batch: ½ of 4 is 2 portions', () =>
    expect(facts.facts.find((fact) => fact.id === 'batches')!.workings.steps[1]).toMatchObject({
      value: '2 side portions',
    }));
  it('batches: from ½ of the series on, and what goes in whole', () => {
    const batches = recipeFacts(
      recipe(['2 eggs', '100 g rocket'], { leastBatch: '2/3' }),
      options,
    ).facts.find((fact) => fact.id === 'batches')!;
    expect([textOf(facts, 'batches'), batches.text]).toEqual([
      '½ or more',
      '⅔ or more, some in whole pieces',
    ]);
    expect(batches.workings.steps.slice(2)).toMatchObject([
      { value: '⅔ ¾ 1 1¼ 1½ 1¾ 2' },
      { label: 'eggs', value: 'in whole pieces' },
    ]);
  });
  it(
    'rough cost: 500 ÷ 0.82 g at £1 a kg + 100 g at £1.60 + 30 of 500 ml at £5.20 + 6 ' +
      'of 500 g at £0.60 = 0.610 + 1.60 + 0.312 + 0.007 = £2.53, £0.63 each',
    () => expect(textOf(facts, 'cost')).toBe('about £2.53, £0.63 each'),
  );
  it('in another money the larder’s pounds say nothing', () =>
    expect(textOf(recipeFacts(salad, { ...options, currency: 'EUR' }), 'cost')).toBe('not known'));
  it('allergens by the kitchen’s list, vegan by the larder', () =>
    expect([facts.allergens, facts.diets]).toEqual([['nuts (walnut)'], ['vegan']]));
  it('cautions name what they are about', () =>
    expect(facts.cautions.map(({ ingredient }) => ingredient)).toEqual(['potatoes', 'walnut halves']));
  it('what has no density is told, not invented', () => {
    const odd = recipeFacts(recipe(['2 cups moon dust', '100 g rocket']), options).facts.find(
      (fact) => fact.id === 'yield',
    )!;
    expect(odd.workings.steps.at(-1)).toMatchObject({
      label: 'Not known',
      value: '1 line',
      note: 'moon dust',
    });
    expect(odd.text).toMatch(/, not known for 1 line$/);
  });
  it('nor are the season and the cost of what nobody knows', () => {
    const odd = recipeFacts(recipe(['200 g moon dust', '100 g rocket']), options).facts;
    const text = (id: string) => odd.find((fact) => fact.id === id)!.text;
    expect([text('season'), text('cost')]).toEqual([
      expect.stringMatching(/, not known for 1 line$/),
      expect.stringMatching(/, not known for 1 line$/),
    ]);
  });
  it('nothing unknown is called vegan', () =>
    expect(recipeFacts(recipe(['2 cups moon dust']), options).diets).toEqual([]));
});

describe('seasons', () => {
  // Oranges Nov–Apr, beetroot Jun–Feb: together Nov–Feb; six months later in the south.
  const winter = recipe(['3 oranges', '1 kg beetroot']);
  it('both at once', () => expect(textOf(recipeFacts(winter, options), 'season')).toBe('Nov–Feb'));
  it('in the south', () =>
    expect(textOf(recipeFacts(winter, { ...options, hemisphere: 'south' }), 'season')).toBe('May–Aug'));
  it('never, or always', () => {
    expect(textOf(recipeFacts(recipe(['1 bunch asparagus', '1 kg parsnips']), options), 'season')).toBe(
      'never all at once',
    );
    expect(textOf(recipeFacts(recipe(['1 tin chickpeas']), options), 'season')).toBe('all year');
  });
  it.each([
    [[1, 2, 12], 'Dec–Feb'],
    [[3], 'Mar'],
    [[1, 2, 6, 7], 'Jan–Feb and Jun–Jul'],
  ])('%j', (months, text) => expect(monthsText(months)).toBe(text));
});
