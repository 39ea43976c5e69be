import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { standardLarder } from '../larder/index.js';
import { lineOf, parseIngredientLine } from '../recipes/index.js';
import {
  adjustments,
  balanceDressing,
  complaints,
  dresses,
  type DressingMethod,
  parts,
  schoolOf,
} from './index.js';

const linesOf = (...texts: string[]) =>
  texts.map((text, index) => lineOf(parseIngredientLine(text, { system: 'metric' }), index, 'c1'));
const bowl = (texts: readonly string[], method: DressingMethod = 'whisk') =>
  balanceDressing(linesOf(...texts), standardLarder, { method });
const round = (value: number | null, places = 2) => (value === null ? null : Number(value.toFixed(places)));

/** Lines, method → ratio, salt %, acid as acetic %, sugar %, school, thickness, minutes it holds. */
type Row = [string[], DressingMethod, number | null, number, number, number, string, string, number];

/**
 * By hand. Oil 0.91 g/ml, vinegar 1.01, juice 1.03, mustard 1.05, honey 1.42, salt 1.2, yoghurt 1.03.
 */
const table: Row[] = [
  // 90 ml oil 81.9 g; 30 ml vinegar 30.3 g, 6 % = 1.818 g; 5 ml mustard 5.25 g with 0.315 salt, 0.0945 acid;
  // 3 g salt. 120.45 g: salt 3.315 ÷ 120.45 = 2.75 %, acid 1.9125 = 1.59 %, sugar (0.0909 + 0.13125) = 0.18
  // %.
  [
    ['90 ml extra virgin olive oil', '30 ml red wine vinegar', '1 tsp Dijon mustard', '3 g fine salt'],
    'whisk',
    3,
    2.75,
    1.59,
    0.18,
    'oil-led',
    'pourable',
    45,
  ],
  // The same shaken holds 10.
  [
    ['90 ml extra virgin olive oil', '30 ml red wine vinegar', '1 tsp Dijon mustard', '3 g fine salt'],
    'shake',
    3,
    2.75,
    1.59,
    0.18,
    'oil-led',
    'pourable',
    10,
  ],
  // 60 ml oil 54.6 g; 30 ml lemon 30.9 g, 5.5 % citric × 0.938 = 1.594 g; 2 g salt. 87.5 g: salt 2.29 %,
  // acid 1.82 %, sugar 0.6798 = 0.78 %.
  [
    ['60 ml olive oil', '30 ml lemon juice', '2 g fine salt'],
    'shake',
    2,
    2.29,
    1.82,
    0.78,
    'moderate',
    'pourable',
    10,
  ],
  // 45 ml oil 40.95 g; 45 ml cider vinegar 45.45 g, 5 % = 2.2725 g; 2 g salt. 88.4 g: salt 2.26 %, acid 2.57
  // %,
  // sugar 0.1818 = 0.21 %.
  [
    ['45 ml olive oil', '45 ml cider vinegar', '2 g fine salt'],
    'whisk',
    1,
    2.26,
    2.57,
    0.21,
    'even',
    'pourable',
    10,
  ],
  // 20 ml oil 18.2 g; 60 ml vinegar 60.6 g, 3.03 g acid; 10 g sugar; 2 g salt. 90.8 g: salt 2.2 %, acid 3.34
  // %,
  // sugar 10.2424 = 11.28 %.
  [
    ['20 ml olive oil', '60 ml cider vinegar', '10 g caster sugar', '2 g fine salt'],
    'shake',
    0.33,
    2.2,
    3.34,
    11.28,
    'acid-led',
    'pourable',
    10,
  ],
  // 200 g strained yoghurt: 20 g fat, 0.2 g salt, 7.6 g sugar, 2 g lactic × 0.667 = 1.334 g; 15 ml lemon
  // 15.45 g,
  // 0.797 g acid, 0.34 g sugar; 2 g salt. 217.45 g: salt 1.01 %, acid 0.98 %, sugar 3.65 %.
  [
    ['200 g strained yoghurt', '15 ml lemon juice', '2 g fine salt'],
    'whisk',
    0,
    1.01,
    0.98,
    3.65,
    'creamy',
    'dippable',
    1440,
  ],
  // 60 ml orange 61.8 g, 1 % × 0.938 = 0.58 g acid, 5.562 g sugar; 15 ml lemon 15.45 g, 0.797 g, 0.34 g; 1 g
  // salt.
  // 78.25 g: salt 1.28 %, acid 1.76 %, sugar 7.54 %. Orange is under 3 %, so nothing but the lemon is a part.
  [
    ['60 ml orange juice', '15 ml lemon juice', '1 g fine salt'],
    'shake',
    0,
    1.28,
    1.76,
    7.54,
    'no-oil',
    'pourable',
    10,
  ],
  // 240 g chickpeas: 6.24 fat, 1.2 salt, 0.96 sugar, 165.6 water; 60 g tahini: 33.6 fat, 0.3 sugar, 0.06
  // salt, 1.2 water; 30 ml lemon 30.9 g: 28.428 water, 0.0927 fat, 0.6798 sugar, 1.6995 citric × 0.938 =
  // 1.594; 2 g salt. 332.9 g: salt 3.26 = 0.98 %, acid 0.48 %, sugar 1.9398 = 0.58 %. Solids 27 %, fat
  // 12 % × 0.4: 32 %, to dip into.
  [
    ['240 g chickpeas, drained', '60 g tahini', '30 ml lemon juice', '2 g fine salt'],
    'blend',
    0,
    0.98,
    0.48,
    0.58,
    'creamy',
    'dippable',
    1440,
  ],
];

describe('the balance of a bowl, by hand', () => {
  it.each(table)('%j, %s', (texts, method, ratio, salt, acid, sugar, school, thickness, hold) => {
    const found = bowl(texts, method);
    expect({
      ratio: round(found.ratio),
      salt: round(found.salt * 100),
      acid: round(found.acidity),
      sugar: round(found.sugar * 100),
      school: found.school,
      thickness: found.thickness,
      hold: found.holdMinutes,
    }).toEqual({ ratio, salt, acid, sugar, school, thickness, hold });
    expect(parts.reduce((sum, part) => sum + found[part], 0)).toBeCloseTo(1);
    expect(found.missing).toEqual([]);
  });
  it('in vinegar of 5 %: 30 ml of 6 % are 30.3 × 6 ÷ 5 = 36.36, and 90 ÷ 36.36 = 2.48', () =>
    expect(round(bowl(table[0]![0]).ratioEquivalent)).toBe(2.48));
  it('the borders of the schools are geometric middles', () => {
    const at = (ratio: number) => schoolOf({ oil: 0.5, creamy: 0, ratio });
    expect([2.45, 2.44, 1.42, 1.41, 0.58, 0.57].map(at)).toEqual([
      'oil-led',
      'moderate',
      'moderate',
      'even',
      'even',
      'acid-led',
    ]);
    expect(schoolOf({ oil: 0.049, creamy: 0.9, ratio: 3 })).toBe('no-oil');
    expect(schoolOf({ oil: 0.2, creamy: 0.15, ratio: 3 })).toBe('creamy');
  });
  it('half a teaspoon of mustard for 120 ml is too little to hold it', () =>
    expect(bowl(['90 ml olive oil', '30 ml cider vinegar', '½ tsp Dijon mustard']).holdMinutes).toBe(10));
  it('what is not known is an interval and a row, and what has no amount is left out and said', () => {
    const found = bowl(['60 ml olive oil', '20 g preserved quince paste', 'salt']);
    expect(found.missing.map(({ what }) => what)).toEqual(['composition', 'amount']);
    // 20 of 54.6 + 20 = 74.6 g may be anything: 26.8 %.
    expect(round(found.intervals.sugar[1], 3)).toBe(0.268);
    expect(found.intervals.sugar[0]).toBe(0);
  });
  it('an empty bowl has figures of nothing, and no NaN', () => {
    const found = bowl([]);
    expect([found.grams, found.acidity, found.salt, found.solids, found.ratio]).toEqual([0, 0, 0, 0, null]);
  });
});

const amounts = fc.record({
  oil: fc.integer({ min: 10, max: 200 }),
  acid: fc.integer({ min: 10, max: 100 }),
  salt: fc.integer({ min: 1, max: 6 }),
  honey: fc.integer({ min: 1, max: 30 }),
});
const textsOf = (
  { oil, acid, salt, honey }: { oil: number; acid: number; salt: number; honey: number },
  by = 1,
) => [
  `${oil * by} ml olive oil`,
  `${acid * by} ml cider vinegar`,
  `${salt * by} g fine salt`,
  `${honey * by} g honey`,
];

describe('whatever the bowl', () => {
  it('scaling changes no balance', () =>
    fc.assert(
      fc.property(amounts, fc.integer({ min: 2, max: 9 }), (of, by) => {
        const [one, many] = [bowl(textsOf(of)), bowl(textsOf(of, by))];
        for (const part of parts) expect(many[part]).toBeCloseTo(one[part], 9);
        expect(many.ratio).toBeCloseTo(one.ratio!, 9);
        expect(many.school).toBe(one.school);
      }),
    ));
  it('more acid never lowers the acidity', () =>
    fc.assert(
      fc.property(amounts, (of) => {
        expect(bowl(textsOf({ ...of, acid: of.acid + 5 })).acidity).toBeGreaterThan(
          bowl(textsOf(of)).acidity,
        );
      }),
    ));
});

describe('taste and adjust', () => {
  const found = bowl(table[0]![0]);
  it('every complaint has an answer that moves salt and acid by 0.3 points at the most', () => {
    for (const complaint of complaints)
      for (const { saltPoints, acidPoints, teaspoons } of adjustments(found, complaint, standardLarder)) {
        expect(Math.max(Math.abs(saltPoints), Math.abs(acidPoints)) <= 0.3 || teaspoons === 0.0625).toBe(
          true,
        );
        expect(teaspoons).toBeGreaterThan(0);
      }
  });
  it('its own vinegar for a flat bowl of 120 g: 1 tsp is 5.05 g, 0.303 of acid, 0.18 points more', () => {
    // (1.9125 + 0.303) ÷ 125.5 = 1.765 %, from 1.588. Two would be 1.929, more than 0.3 points.
    const [vinegar] = adjustments(found, 'flat', standardLarder);
    expect(vinegar).toMatchObject({ name: 'red wine vinegar', teaspoons: 1 });
    expect(round(vinegar!.acidPoints)).toBe(0.18);
    // 90 ml of oil to 30 + 5 of acid.
    expect(round(vinegar!.ratio)).toBe(2.57);
  });
  it('a bowl without anything sharp gets lemon', () => {
    const [lemon] = adjustments(bowl(['90 ml olive oil', '2 g fine salt']), 'flat', standardLarder);
    expect(lemon).toMatchObject({ ingredient: 'lemon', name: 'lemon juice' });
  });
  it('too salty gets bulk, never sugar', () =>
    expect(adjustments(found, 'too salty', standardLarder).map(({ ingredient }) => ingredient)).toEqual([
      'extra-virgin-olive-oil',
      'water',
    ]));
  it('nothing in the bowl, nothing to add', () =>
    expect(adjustments(bowl([]), 'flat', standardLarder)).toEqual([]));
});

describe('how much it dresses', () => {
  it('60 g on leaves at 24–30 %: 200–250 g; on bread at 30–60 %: 100–200 g', () => {
    const of = { grams: 60, acidity: 1.5, salt: 0.02 };
    expect(dresses('leaves', of).grams.map(Math.round)).toEqual([200, 250]);
    expect(dresses('bread', of).grams.map(Math.round)).toEqual([100, 200]);
  });
  it('one that is made strong is used sparingly, 4–6 %: 60 g for 1–1.5 kg', () => {
    const strong = dresses('leaves', { grams: 60, acidity: 5, salt: 0.02 });
    expect(strong.isStrong).toBe(true);
    expect(strong.grams.map(Math.round)).toEqual([1000, 1500]);
  });
});
