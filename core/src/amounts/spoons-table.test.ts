import { describe, expect, it } from 'vitest';
import { formatVolume } from './spoons.js';
import type { MeasureSystem } from './types.js';

/**
 * System, spoons and cups as a person would set them out, and the millilitres they hold, by the standard
 * sizes.
 */
const table = `
metric | ¼ tsp | 1.25
metric | ½ tsp | 2.5
metric | ¾ tsp | 3.75
metric | 1 tsp | 5
metric | 1¼ tsp | 6.25
metric | 1½ tsp | 7.5
metric | 2 tsp | 10
metric | 2½ tsp | 12.5
metric | 1 tbsp | 15
metric | 1 tbsp + ½ tsp | 17.5
metric | 1 tbsp + 1 tsp | 20
metric | 1 tbsp + 2 tsp | 25
metric | 2 tbsp | 30
metric | 2 tbsp + 1 tsp | 35
metric | 3 tbsp | 45
metric | 3 tbsp + 2 tsp | 55
metric | ¼ cup | 62.5
metric | 5 tbsp | 75
metric | ⅓ cup | 83.333
metric | ½ cup | 125
metric | ⅔ cup | 166.667
metric | ¾ cup | 187.5
metric | 1 cup | 250
metric | 1½ cups | 375
metric | 2 cups | 500
metric | 2⅓ cups | 583.333
us | ¼ tsp | 1.23223
us | ½ tsp | 2.46446
us | 1 tsp | 4.92892
us | 1½ tsp | 7.39338
us | 1 tbsp | 14.78676
us | 2 tbsp | 29.57353
us | 3 tbsp | 44.36029
us | ¼ cup | 59.14706
us | ⅓ cup | 78.86275
us | ½ cup | 118.29412
us | ⅔ cup | 157.72549
us | ¾ cup | 177.44118
us | 1 cup | 236.58824
us | 1¼ cups | 295.7353
us | 3 cups | 709.76471
us | 5 tbsp | 73.93382
us | ½ cup + 1 tbsp | 133.08088
imperial | 1 tbsp | 15
imperial | ½ cup | 142.0653
imperial | 1 cup | 284.13063
australian | 1 tsp | 5
australian | 1 tbsp | 20
australian | 2 tbsp | 40
australian | 1 tbsp + 1 tsp | 25
australian | ¼ cup | 62.5
australian | 1 cup | 250
`
  .trim()
  .split('\n')
  .map((row) => row.split(' | ') as [MeasureSystem, string, string]);

describe('what a person would set out', () => {
  it.each(table)('%s: %s holds %s ml', (system, text, millilitres) => {
    const shown = formatVolume(Number(millilitres), system, 0.01);
    expect(shown.text).toBe(text);
    expect(Math.abs(shown.error)).toBeLessThan(0.01);
  });
  it.each(table)(
    '%s: %s may be 2 %% more than %s ml and is still no worse than 3 %% off',
    (system, _, millilitres) => {
      const shown = formatVolume(Number(millilitres) * 1.02, system);
      expect(shown.reached).toBe(true);
      expect(Math.abs(shown.error)).toBeLessThanOrEqual(0.03);
    },
  );
});
