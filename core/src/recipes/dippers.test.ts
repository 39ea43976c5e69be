import { describe, expect, it } from 'vitest';
import { planClass } from '../plan/index.js';
import { classOf, dish, kitchen } from '../tests/recipes.js';
import { parseRecipeText } from './index.js';

const dip = parseRecipeText(
  `Bean dip
Serves 4

2 tins white beans, drained
Carrot sticks and celery sticks, to dip
pitta, to serve
extra virgin olive oil, to serve
salt

Blend the beans. Serve with the oil.`,
  { system: 'metric' },
);
const plan = planClass({
  class: {
    ...classOf([dish(dip, { id: 'd1', recipeId: 'r1' })]),
    people: 12,
    peoplePerStation: 4,
    demonstrationPlates: 0,
  },
  kitchen,
});

describe('things to dip and to serve', () => {
  it('are a line each', () =>
    expect(dip.lines.map(({ ingredient, note }) => [ingredient, note])).toEqual([
      ['tinned-white-beans', 'drained'],
      ['carrot', 'to dip'],
      ['celery', 'to dip'],
      ['pitta', 'to serve'],
      ['extra-virgin-olive-oil', 'to serve'],
      ['fine-salt', ''],
    ]));

  it('have an amount a head at each bench', () => {
    const lines = plan.portions.dishes[0]!.components.flatMap((component) => component.lines);
    const shown = (name: string) => {
      const { lead, beside } = lines.find((line) => line.name === name)!.cells[0]!.spoons;
      return [lead, beside];
    };
    // Three things to dip share 60 g a head.
    expect(shown('carrot')).toEqual(['to serve', 'about 20 g a head']);
    expect(shown('celery')).toEqual(['to serve', 'about 20 g a head']);
    expect(shown('extra virgin olive oil')).toEqual(['to serve', 'about 5 ml a head']);
    expect(shown('fine salt')).toEqual(['to taste', null]);
  });

  it('are bought for everybody: 12 × 20 g of carrots', () => {
    const carrots = plan.shopping.rows.find(({ ingredient }) => ingredient === 'carrot')!;
    expect(carrots.need).toBe('240');
    expect(carrots.workings.steps).toContainEqual({
      label: 'To dip: 12 people × 20 g',
      value: '240 g',
      note: '5 to 6 pieces a head, of 3 things to dip.',
    });
  });
});

describe('foods named one after another without an amount', () => {
  const names = (row: string) =>
    parseRecipeText(`Salad\nServes 4\n\nIngredients\n${row}\n1 lemon\n\nMethod\nMix.`, { system: 'metric' })
      .lines.slice(0, -1)
      .map(({ ingredient, note }) => [ingredient, note].filter(Boolean).join(', '));
  it.each([
    ['Salt and pepper, to taste', ['fine-salt', 'black-pepper']],
    ['salt, pepper, olive oil', ['fine-salt', 'black-pepper', 'olive-oil']],
    ['parsley, mint and dill, chopped', ['parsley, chopped', 'mint, chopped', 'dill, chopped']],
    ['lemon wedges and parsley, to serve', ['lemon, wedges, to serve', 'parsley, to serve']],
    ['mustard and cress', ['cress']],
    ['parsley, torn, to serve', ['parsley, torn, to serve']],
    ['feta, crumbled', ['feta, crumbled']],
  ])('%s', (row, expected) => expect(names(row)).toEqual(expected));
});
