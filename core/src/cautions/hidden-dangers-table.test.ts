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
