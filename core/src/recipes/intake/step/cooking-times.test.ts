import { describe, expect, it } from 'vitest';
import { larderOf } from '../../../larder/index.js';
import { parseRecipeText } from '../text/text.js';

const waitOf = (line: string, step: string, larder = larderOf([])) => {
  const text = ['Test', 'Serves 4', '', 'Ingredients', line, '', 'Method', `1. ${step}`].join('\n');
  const [first] = parseRecipeText(text, { system: 'metric', larder }).steps;
  const { waitMinutes, occupies, isWaitEstimated = false, until } = first!;
  return {
    minutes: waitMinutes && [waitMinutes.low, waitMinutes.high],
    appliance: occupies?.appliance ?? null,
    isWaitEstimated,
    until,
  };
};

/** By larder/data/cooking.csv: rice boiled 10-12, squash roasted in wedges 35-45, eggs boiled 7-10 … */
describe('cooking of which nobody says how long', () => {
  it.each<[string, string, [number, number], string | null]>([
    ['300 g white rice', 'Cook the rice.', [10, 12], 'hob'],
    ['1 squash', 'Roast the squash until soft.', [35, 45], 'oven'],
    ['4 eggs', 'Boil the eggs.', [7, 10], 'hob'],
    ['300 g short pasta', 'Cook the pasta in salted water.', [9, 12], 'hob'],
    ['400 g salmon fillet', 'Poach the salmon.', [8, 12], 'hob'],
    ['300 g broccoli', 'Steam the broccoli.', [4, 6], 'hob'],
    ['500 g new potatoes', 'The potatoes are boiled.', [15, 20], 'hob'],
    ['500 g carrots, diced', 'Roast the carrots.', [25, 35], 'oven'],
    ['500 g carrots', 'Roast the carrots.', [35, 45], 'oven'],
    ['300 g dried chickpeas', 'Boil the chickpeas.', [60, 100], 'hob'],
    ['200 g couscous', 'Pour boiling water over the couscous and cover.', [5, 10], null],
    ['30 g dried mushrooms', 'Soak the mushrooms in hot water.', [20, 30], null],
  ])('%s: “%s” waits %j min on %s', (line, step, minutes, appliance) =>
    expect(waitOf(line, step)).toMatchObject({ minutes, appliance, isWaitEstimated: true }),
  );
  it('what follows and says its time is added', () => {
    // 7 to 10 boiled, and 5 in iced water.
    expect(waitOf('4 eggs', 'Boil the eggs, then leave in iced water for 5 minutes.').minutes).toEqual([
      12, 15,
    ]);
  });
  it.each<[string, string, [number, number] | null]>([
    ['500 g new potatoes', 'Boil the potatoes for 12 minutes.', [12, 12]],
    ['250 g green lentils', 'Bring to the boil and simmer the lentils for 20 minutes.', [20, 20]],
    ['300 g cooked rice', 'Toss the rice with the oil.', null],
    ['4 tomatoes', 'Slice the tomatoes.', null],
    ['250 g quinoa, cooked', 'Warm the quinoa.', null],
    ['2 onions', 'Fry the onions.', null],
    ['500 g new potatoes', 'While the potatoes boil, wash up.', null],
  ])('%s: “%s” is no estimate', (line, step, minutes) =>
    expect(waitOf(line, step)).toMatchObject({ minutes, isWaitEstimated: false }),
  );
  it('says the sign that ends it where the recipe says none', () => {
    expect(waitOf('1 squash', 'Roast the squash.').until).toBe('until soft to a knife');
    expect(waitOf('1 squash', 'Roast the squash until soft.').until).toBe('until soft');
  });
  it('goes by the kitchen’s own minutes where it has some', () => {
    const larder = larderOf([{ ingredient: 'white-rice', figures: { 'cooks.boil+whole': 14 }, own: null }]);
    expect(waitOf('300 g white rice', 'Cook the rice.', larder).minutes).toEqual([14, 14]);
  });
});
