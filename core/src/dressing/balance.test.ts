import { describe, expect, it } from 'vitest';
import { standardLarder } from '../larder/index.js';
import { lineOf, parseIngredientLine } from '../recipes/index.js';
import { balanceDressing, type DressingMethod, parts } from './index.js';

/** Lines, method, [ratio, salt %, acid as acetic %, sugar %], "school, thickness", minutes it holds. */
type Row = [string, DressingMethod, [number | null, number, number, number], string, number];

/**
 * 24 bowls by hand. Oil 0.91 or 0.92 g/ml, vinegar 1.01, balsamic 1.08, juice 1.03, mustard 1.05, honey 1.42,
 * soy sauce 1.13, fish sauce 1.2. Acid is as acetic: citric × 0.938, lactic × 0.667.
 */
const table: Row[] = [
  // 90 ml oil 81.9 g; 30 ml vinegar 30.3 g, 6 % = 1.818 g; 5 ml mustard 5.25 g with 0.315 salt, 0.0945
  // acid; 3 g salt. 120.45 g: salt 3.315 ÷ 120.45 = 2.75 %, acid 1.9125 = 1.59 %, sugar (0.0909 +
  // 0.13125) = 0.18 %.
  [
    '90 ml extra virgin olive oil; 30 ml red wine vinegar; 1 tsp Dijon mustard; 3 g fine salt',
    'whisk',
    [3, 2.75, 1.59, 0.18],
    'oil-led, pourable',
    45,
  ],
  // The same shaken holds 10.
  [
    '90 ml extra virgin olive oil; 30 ml red wine vinegar; 1 tsp Dijon mustard; 3 g fine salt',
    'shake',
    [3, 2.75, 1.59, 0.18],
    'oil-led, pourable',
    10,
  ],
  // 60 ml oil 54.6 g; 30 ml lemon 30.9 g, 5.5 % citric × 0.938 = 1.594 g; 2 g salt. 87.5 g: salt 2.29 %,
  // acid 1.82 %, sugar 0.6798 = 0.78 %.
  [
    '60 ml olive oil; 30 ml lemon juice; 2 g fine salt',
    'shake',
    [2, 2.29, 1.82, 0.78],
    'moderate, pourable',
    10,
  ],
  // 45 ml oil 40.95 g; 45 ml cider vinegar 45.45 g, 5 % = 2.2725 g; 2 g salt. 88.4 g: salt 2.26 %, acid
  // 2.57 %, sugar 0.1818 = 0.21 %.
  [
    '45 ml olive oil; 45 ml cider vinegar; 2 g fine salt',
    'whisk',
    [1, 2.26, 2.57, 0.21],
    'even, pourable',
    10,
  ],
  // 20 ml oil 18.2 g; 60 ml vinegar 60.6 g, 3.03 g acid; 10 g sugar; 2 g salt. 90.8 g: salt 2.2 %, acid
  // 3.34 %, sugar 10.2424 = 11.28 %.
  [
    '20 ml olive oil; 60 ml cider vinegar; 10 g caster sugar; 2 g fine salt',
    'shake',
    [0.33, 2.2, 3.34, 11.28],
    'acid-led, pourable',
    10,
  ],
  // 200 g strained yoghurt: 20 g fat, 0.2 g salt, 7.6 g sugar, 2 g lactic × 0.667 = 1.334 g; 15 ml lemon
  // 15.45 g, 0.797 g acid, 0.34 g sugar; 2 g salt. 217.45 g: salt 1.01 %, acid 0.98 %, sugar 3.65 %.
  [
    '200 g strained yoghurt; 15 ml lemon juice; 2 g fine salt',
    'whisk',
    [0, 1.01, 0.98, 3.65],
    'creamy, dippable',
    1440,
  ],
  // 60 ml orange 61.8 g, 1 % × 0.938 = 0.58 g acid, 5.562 g sugar; 15 ml lemon 15.45 g, 0.797 g, 0.34 g;
  // 1 g salt. 78.25 g: salt 1.28 %, acid 1.76 %, sugar 7.54 %. Orange is under 3 %, so nothing but the
  // lemon is a part.
  [
    '60 ml orange juice; 15 ml lemon juice; 1 g fine salt',
    'shake',
    [0, 1.28, 1.76, 7.54],
    'no-oil, pourable',
    10,
  ],
  // 240 g chickpeas: 6.24 fat, 1.2 salt, 0.96 sugar, 165.6 water; 60 g tahini: 33.6 fat, 0.3 sugar, 0.06
  // salt, 1.2 water; 30 ml lemon 30.9 g: 28.428 water, 0.0927 fat, 0.6798 sugar, 1.6995 citric × 0.938 =
  // 1.594; 2 g salt. 332.9 g: salt 3.26 = 0.98 %, acid 0.48 %, sugar 1.9398 = 0.58 %. Solids 27 %, fat 12
  // % × 0.4: 32 %, to dip into.
  [
    '240 g chickpeas, drained; 60 g tahini; 30 ml lemon juice; 2 g fine salt',
    'blend',
    [0, 0.98, 0.48, 0.58],
    'creamy, dippable',
    1440,
  ],
  // rapeseed oil 82.8 g; white wine vinegar 30.3 g: 0.0909 sugar, 1.818 acid; fine salt 2 g. 115.1 g:
  // salt 2 = 1.74 %, acid 1.818 = 1.58 %, sugar 0.0909 = 0.08 %; solids and bound fat 0 %.
  [
    '90 ml rapeseed oil; 30 ml white wine vinegar; 2 g fine salt',
    'shake',
    [3.0, 1.74, 1.58, 0.08],
    'oil-led, pourable',
    10,
  ],
  // walnut oil 55.2 g; sherry vinegar 30.3 g: 0.4545 sugar, 2.121 acid; fine salt 1.5 g. 87 g: salt 1.5 =
  // 1.72 %, acid 2.121 = 2.44 %, sugar 0.4545 = 0.52 %; solids and bound fat 0 %.
  [
    '60 ml walnut oil; 30 ml sherry vinegar; 1.5 g fine salt',
    'whisk',
    [2.0, 1.72, 2.44, 0.52],
    'moderate, pourable',
    10,
  ],
  // olive oil 36.4 g; lime juice 41.2 g: 0.7004 sugar, 2.3187 acid; honey 10 g: 8 sugar; fine salt 1.5 g.
  // 89.1 g: salt 1.5 = 1.68 %, acid 2.3187 = 2.60 %, sugar 8.7004 = 9.76 %; solids and bound fat 1 %.
  [
    '40 ml extra virgin olive oil; 40 ml lime juice; 10 g honey; 1.5 g fine salt',
    'whisk',
    [1.0, 1.68, 2.6, 9.76],
    'even, pourable',
    10,
  ],
  // sunflower oil 13.8 g; rice vinegar 60.6 g: 0.303 sugar, 2.6058 acid; soy sauce 16.95 g: 2.5425 salt,
  // 0.2542 sugar, 0.0904 acid; caster sugar 12 g. 103.35 g: salt 2.5425 = 2.46 %, acid 2.6962 = 2.61 %,
  // sugar 12.5572 = 12.15 %; solids and bound fat 3 %.
  [
    '15 ml sunflower oil; 60 ml rice vinegar; 15 ml soy sauce; 12 g caster sugar',
    'shake',
    [0.25, 2.46, 2.61, 12.15],
    'acid-led, pourable',
    10,
  ],
  // olive oil 54.6 g; balsamic vinegar 21.6 g: 0.0216 salt, 3.672 sugar, 1.296 acid; fine salt 1.5 g.
  // 77.7 g: salt 1.5216 = 1.96 %, acid 1.296 = 1.67 %, sugar 3.672 = 4.73 %; nothing binds the fat.
  [
    '60 ml extra virgin olive oil; 20 ml balsamic vinegar; 1.5 g fine salt',
    'stick blender',
    [3.0, 1.96, 1.67, 4.73],
    'oil-led, pourable',
    8,
  ],
  // mayonnaise 100 g: 1.4 salt, 1.3 sugar, 0.3 acid; plain yoghurt 100 g: 0.2 salt, 4.9 sugar, 0.667
  // acid; lemon juice 10.3 g: 0.2266 sugar, 0.5314 acid. 210.3 g: salt 1.6 = 0.76 %, acid 1.4984 = 0.71
  // %, sugar 6.4266 = 3.06 %; solids and bound fat 17 %.
  [
    '100 g mayonnaise; 100 g plain yoghurt; 10 ml lemon juice',
    'whisk',
    [0.0, 0.76, 0.71, 3.06],
    'creamy, dippable',
    1440,
  ],
  // buttermilk 120 g: 0.24 salt, 5.76 sugar, 0.6403 acid; soured cream 30 g: 0.03 salt, 1.14 sugar,
  // 0.1401 acid; cider vinegar 5.05 g: 0.0202 sugar, 0.2525 acid; fine salt 1.5 g. 156.55 g: salt 1.77 =
  // 1.13 %, acid 1.0329 = 0.66 %, sugar 6.9202 = 4.42 %; solids and bound fat 5 %.
  [
    '120 g buttermilk; 30 g soured cream; 5 ml cider vinegar; 1.5 g fine salt',
    'shake',
    [0.0, 1.13, 0.66, 4.42],
    'no-oil, pourable',
    10,
  ],
  // tahini 60 g: 0.06 salt, 0.3 sugar; water 60 g; lemon juice 30.9 g: 0.6798 sugar, 1.5941 acid; fine
  // salt 1.5 g. 152.4 g: salt 1.56 = 1.02 %, acid 1.5941 = 1.05 %, sugar 0.9798 = 0.64 %; solids and
  // bound fat 25 %.
  [
    '60 g tahini; 60 g water; 30 ml lemon juice; 1.5 g fine salt',
    'whisk',
    [0.0, 1.02, 1.05, 0.64],
    'creamy, dippable',
    1440,
  ],
  // feta 150 g: 3.9 salt, 1.5 sugar, 0.9004 acid; plain yoghurt 50 g: 0.1 salt, 2.45 sugar, 0.3335 acid;
  // olive oil 18.2 g; lemon juice 10.3 g: 0.2266 sugar, 0.5314 acid. 228.5 g: salt 4 = 1.75 %, acid
  // 1.7653 = 0.77 %, sugar 4.1766 = 1.83 %; solids and bound fat 22 %.
  [
    '150 g feta; 50 g plain yoghurt; 20 ml olive oil; 10 ml lemon juice',
    'blend',
    [2.0, 1.75, 0.77, 1.83],
    'creamy, dippable',
    1440,
  ],
  // white beans 240 g: 1.2 salt, 1.68 sugar; olive oil 40.95 g; lemon juice 15.45 g: 0.3399 sugar, 0.7971
  // acid; fine salt 2 g. 298.4 g: salt 3.2 = 1.07 %, acid 0.7971 = 0.27 %, sugar 2.0199 = 0.68 %; solids
  // and bound fat 27 %.
  [
    '240 g tinned white beans, drained; 45 ml extra virgin olive oil; 15 ml lemon juice; 2 g fine salt',
    'blend',
    [3.0, 1.07, 0.27, 0.68],
    'oil-led, dippable',
    1440,
  ],
  // cream cheese 200 g: 1.4 salt, 7 sugar, 0.8004 acid; plain yoghurt 50 g: 0.1 salt, 2.45 sugar, 0.3335
  // acid; fine salt 1 g. 251 g: salt 2.5 = 1.00 %, acid 1.1339 = 0.45 %, sugar 9.45 = 3.76 %; solids and
  // bound fat 18 %.
  [
    '200 g cream cheese; 50 g plain yoghurt; 1 g fine salt',
    'whisk',
    [null, 1.0, 0.45, 3.76],
    'creamy, dippable',
    1440,
  ],
  // silken tofu, 95 % of 100 g: 0.475 sugar; soy sauce 16.95 g: 2.5425 salt, 0.2542 sugar, 0.0904 acid; rice
  // vinegar 15.15 g: 0.0757 sugar, 0.6514 acid. 127.1 g: salt 2.5425 = 2.00 %, acid 0.7419 = 0.58 %,
  // sugar 0.805 = 0.63 %; solids and bound fat 17 %.
  [
    '100 g silken tofu; 15 ml soy sauce; 15 ml rice vinegar',
    'blend',
    [0.0, 2, 0.58, 0.63],
    'no-oil, dippable',
    1440,
  ],
  // peanut butter 100 g: 0.9 salt, 6 sugar; water 60 g; lime juice 30.9 g: 0.5253 sugar, 1.7391 acid; soy
  // sauce 16.95 g: 2.5425 salt, 0.2542 sugar, 0.0904 acid. 207.85 g: salt 3.4425 = 1.66 %, acid 1.8295 =
  // 0.88 %, sugar 6.7795 = 3.26 %; solids and bound fat 31 %.
  [
    '100 g peanut butter; 60 g water; 30 ml lime juice; 15 ml soy sauce',
    'whisk',
    [0.0, 1.66, 0.88, 3.26],
    'creamy, dippable',
    1440,
  ],
  // orange juice 92.7 g: 8.343 sugar, 0.8695 acid; lime juice 30.9 g: 0.5253 sugar, 1.7391 acid; fine
  // salt 1 g. 124.6 g: salt 1 = 0.80 %, acid 2.6086 = 2.09 %, sugar 8.8683 = 7.12 %; solids and bound fat
  // 2 %.
  [
    '90 ml orange juice; 30 ml lime juice; 1 g fine salt',
    'shake',
    [0.0, 0.8, 2.09, 7.12],
    'no-oil, pourable',
    10,
  ],
  // lime juice 30.9 g: 0.5253 sugar, 1.7391 acid; fish sauce 24 g: 5.76 salt, 0.48 sugar; caster sugar 10
  // g; water 5 g. 69.9 g: salt 5.76 = 8.24 %, acid 1.7391 = 2.49 %, sugar 11.0053 = 15.74 %; solids and
  // bound fat 2 %.
  [
    '30 ml lime juice; 20 ml fish sauce; 10 g caster sugar; 5 ml water',
    'shake',
    [0.0, 8.24, 2.49, 15.74],
    'no-oil, pourable',
    10,
  ],
  // olive oil 54.6 g; red wine vinegar 20.2 g: 0.0606 sugar, 1.212 acid; wholegrain mustard 10 g: 0.5
  // salt, 0.4 sugar, 0.17 acid; honey 5 g: 4 sugar; fine salt 2 g. 91.8 g: salt 2.5 = 2.72 %, acid 1.382
  // = 1.51 %, sugar 4.4606 = 4.86 %; solids and bound fat 2 %.
  [
    '60 ml olive oil; 20 ml red wine vinegar; 10 g wholegrain mustard; 5 g honey; 2 g fine salt',
    'whisk',
    [3.0, 2.72, 1.51, 4.86],
    'oil-led, pourable',
    45,
  ],
];

const round = (value: number | null) => (value === null ? null : Number(value.toFixed(2)));

describe('the balance of a bowl, by hand', () => {
  it.each(table)('%s, %s', (texts, method, figures, words, hold) => {
    const lines = texts
      .split('; ')
      .map((text, index) => lineOf(parseIngredientLine(text, { system: 'metric' }), index, 'c1'));
    const found = balanceDressing(lines, standardLarder, { method });
    const { ratio, salt, acidity, sugar, school, thickness, holdMinutes } = found;
    expect([ratio, salt * 100, acidity, sugar * 100].map(round)).toEqual(figures);
    expect([`${school}, ${thickness}`, holdMinutes]).toEqual([words, hold]);
    expect(parts.reduce((sum, part) => sum + found[part], 0)).toBeCloseTo(1);
    expect(found.missing).toEqual([]);
  });
});
