import { describe, expect, it } from 'vitest';
import { standardLarder } from '../larder/index.js';
import { parseRecipeText } from '../recipes/index.js';
import { findCautions } from './index.js';

function rulesOf(line: string, ...steps: string[]): string[] {
  const method = steps.map((each, index) => `${index + 1}. ${each}`);
  const text = ['Test', 'Serves 4', '', line, '2 tbsp olive oil', '', 'Method', ...method].join('\n');
  const recipe = parseRecipeText(text, { system: 'metric' });
  const profile = { style: 'uk' as const, own: {} };
  return findCautions('d1', { recipe, larder: standardLarder, profile }).map(({ rule }) => rule);
}

/** Verbs that heat, in words that a list of the usual ones does not have. */
describe('heat by any verb is heat', () => {
  it.each([
    'Sauté the chicken in the oil and serve.',
    'Braise the chicken for 40 minutes.',
    'Barbecue the chicken for 20 minutes.',
    'Pan-fry the chicken for 12 minutes.',
    'Stir fry the chicken.',
    'Stew the chicken for an hour.',
    'Brown the chicken all over.',
    'Broil the chicken for 15 minutes.',
    'Confit the chicken for two hours.',
    'Char-grill the chicken.',
  ])('%s is not told when it is done', (step) =>
    expect(rulesOf('4 chicken thighs', step)).toContain('cooked-to-what'),
  );
  it.each(['Coddle the eggs.', 'Soft-boil the eggs.', 'Scramble the eggs.', 'Poach the eggs.'])(
    '%s: they are not eaten raw',
    (step) => expect(rulesOf('4 eggs', step)).not.toContain('raw-egg'),
  );
  it.each(['Whisk the eggs and serve on toast.', 'Stir the eggs into the fried rice and serve.'])(
    '%s: they are',
    (step) => expect(rulesOf('4 eggs', step)).toContain('raw-egg'),
  );
  it.each([
    ['200 g yoghurt', 'Stir the yoghurt in and braise for 20 minutes.', 'yoghurt-boiled'],
    ['200 g yoghurt', 'Stir the yoghurt in and parboil it.', 'yoghurt-boiled'],
    ['20 g basil', 'Braise the basil with the beans for 20 minutes.', 'basil-cooked'],
    [
      '250 g dried red kidney beans',
      'Soak the beans, drain and parboil them for 5 minutes.',
      'beans-boiled-short',
    ],
  ])('%s: %s', (line, step, rule) => expect(rulesOf(line, step)).toContain(rule));
  it.each([
    ['200 g yoghurt', 'Serve the yoghurt with the boiled potatoes.', 'yoghurt-boiled'],
    ['20 g basil', 'Scatter the basil over the roast tomatoes.', 'basil-cooked'],
  ])('%s: %s is none', (line, step, rule) => expect(rulesOf(line, step)).not.toContain(rule));
});

/** What is said in the passive, of what was done, or in another order is said all the same. */
describe('dangers in other words', () => {
  it.each([
    ['300 g dried kidney beans', ['Put the beans to soak overnight.', 'Boil fast.'], 'beans-soaking-water'],
    ['4 chicken thighs', ['Rinsing the chicken first, fry it.'], 'poultry-washed'],
    ['1 avocado', ['Holding the avocado in your palm, cut around it.'], 'stone-in-the-palm'],
    ['2 tbsp brandy', ['Pour in the brandy and flambé.'], 'flambe'],
    ['400 g frozen prawns', ['The prawns are thawed on the worktop.'], 'thawed-warm'],
    ['400 g chicken breast', ['Marinate the chicken in lemon juice for 5 hours.'], 'poultry-in-acid-long'],
    [
      '1 red onion',
      ['Pickle the onion in vinegar; it keeps in the fridge for 22 days.'],
      'quick-pickle-kept',
    ],
    ['1 head garlic', ['Confit the garlic in the oil and keep at room temperature.'], 'in-oil'],
    ['4 garlic cloves', ['Sauté the garlic until dark brown.'], 'garlic-burnt'],
    ['300 g leftover roast chicken', ['Re-heat the chicken.'], 'reheated-to-what'],
    ['200 ml vinegar', ['Ladle the simmering vinegar into a jar.'], 'hot-into-jar'],
    ['4 eggs', ['Hard-boil the eggs for 9 minutes.', 'Peel them.'], 'eggs-not-cooled'],
  ])('%s: %s is %s', (line, steps, rule) => expect(rulesOf(line, ...steps)).toContain(rule));
  it.each([
    [
      '300 g dried kidney beans',
      ['Soaked overnight, drained and rinsed, the beans are boiled fast for 30 minutes.'],
      'beans-not-boiled',
    ],
    ['400 g frozen prawns', ['The prawns are defrosted in the fridge overnight.'], 'thawed-warm'],
    [
      '1 red onion',
      ['Pickle the onion in vinegar; it keeps in the fridge for 21 days.'],
      'quick-pickle-kept',
    ],
    ['200 g frozen peas', ['Thaw the peas at room temperature.'], 'thawed-warm'],
    [
      '400 g chicken breast',
      ['Marinate the chicken in the lemon juice for 4 hours.'],
      'poultry-in-acid-long',
    ],
    ['1 cos lettuce', ['Wash the leaves; they are spun dry.'], 'leaves-not-dried'],
    ['4 eggs', ['Hard-boil the eggs for 9 minutes, plunge into iced water.'], 'eggs-not-cooled'],
    ['1 avocado', ['Lay the avocado on the board and cut around the stone.'], 'stone-in-the-palm'],
    ['300 g leftover roast chicken', ['Re-heat the chicken until piping hot.'], 'reheated-to-what'],
  ])('%s: %s is not %s', (line, steps, rule) => expect(rulesOf(line, ...steps)).not.toContain(rule));
});
