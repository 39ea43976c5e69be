import { describe, expect, it } from 'vitest';
import { planClass } from '../plan/index.js';
import { classOf, dish, kitchen } from '../tests/recipes.js';

import { keptBackOf } from './kept-back.js';
import { parseIngredientLine, parseRecipeText } from './index.js';

describe('a part of a line that its words keep back', () => {
  it.each([
    ['50 g walnuts, half for the top', '1/2', 'half for the top', 'walnuts'],
    ['1 bunch dill (save a little for the top)', '1/4', 'save a little for the top', 'dill'],
    ['1 bunch parsley, some reserved for garnish', '1/4', 'some reserved for garnish', 'parsley'],
    ['30 g pine nuts, reserving a few to finish', '1/4', 'reserving a few to finish', 'pine nuts'],
    ['100 g feta, keep a quarter back for the top', '1/4', 'keep a quarter back for the top', 'feta'],
    ['2 tbsp sesame seeds, toasted, half kept back', '1/2', 'half kept back', 'sesame seeds'],
    ['40 g walnuts - save a few for the top', '1/4', 'save a few for the top', 'walnuts'],
    ['1 bunch basil, a few leaves for garnish', '1/4', 'a few leaves for garnish', 'basil'],
  ])('%s', (text, share, words, name) => {
    const reading = parseIngredientLine(text, { system: 'metric' });
    expect(reading.keptBack).toEqual({ amount: null, share, words });
    expect([reading.name, reading.note.replace('toasted', '')]).toEqual([name, '']);
  });
  it.each([
    '20 g mint, half chopped',
    '1 cucumber, half diced, half sliced',
    'half a cucumber, for the top',
    '1 lemon, half sliced to serve',
  ])('%s keeps nothing back', (text) =>
    expect(parseIngredientLine(text, { system: 'metric' }).keptBack).toBeNull(),
  );
});

describe('a part of a line that steps keep back', () => {
  const recipe = parseRecipeText(
    `Chopped salad
Serves 4

2 cucumbers
300 g tomatoes
1 bunch dill
60 g walnuts, half for the top
3 tbsp olive oil

Dice the cucumbers and the tomatoes.
Toss with the oil and most of the dill, keeping back some of each vegetable for the top.
Scatter with the rest of the vegetables and the last of the dill.`,
    { system: 'metric' },
  );
  const line = (name: string) => recipe.lines.find((each) => each.name === name)!;

  it('is what the last step uses to finish the dish', () => {
    expect(keptBackOf(line('dill'), recipe.steps)).toEqual({
      amount: null,
      share: '1/4',
      words: '¼ for the top',
    });
    expect(keptBackOf(line('olive oil'), recipe.steps)).toBeNull();
  });

  it('is shown with each bench and on the cards, as a part of the amount', () => {
    const plan = planClass({
      class: {
        ...classOf([dish(recipe, { id: 'd1', recipeId: 'r1' })]),
        people: 4,
        peoplePerStation: 4,
        demonstrationPlates: 0,
      },
      kitchen,
    });
    const lines = plan.portions.dishes[0]!.components.flatMap((component) => component.lines);
    const walnuts = lines.find(({ name }) => /walnut/.test(name))!;
    const [cell] = walnuts.cells;
    // Half of the 60 g of this batch; the list buys 60 g, not 90.
    expect([walnuts.keptBack, cell!.grams.lead, cell!.kept, cell!.isKeptWithin]).toEqual([
      'half for the top',
      '60 g',
      '30 g',
      true,
    ]);
    expect(plan.shopping.rows.find(({ ingredient }) => ingredient === 'walnuts')!.need).toBe('60');
  });
});
