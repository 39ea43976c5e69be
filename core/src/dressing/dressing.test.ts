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

const classic = [
  '90 ml extra virgin olive oil',
  '30 ml red wine vinegar',
  '1 tsp Dijon mustard',
  '3 g fine salt',
];

describe('the balance of a bowl', () => {
  it('in vinegar of 5 %: 30 ml of 6 % are 30.3 × 6 ÷ 5 = 36.36, and 90 ÷ 36.36 = 2.48', () =>
    expect(round(bowl(classic).ratioEquivalent)).toBe(2.48));
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
  const found = bowl(classic);
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
  it('no spoon that moves the salt by more than 0.3 points: 250 ml of oil get a pinch', () => {
    // 250 × 0.91 = 227.5 g. ⅛ tsp of salt is 0.625 ml × 1.2 = 0.75 g: 0.75 ÷ 228.25 = 0.33 points.
    const added = adjustments(bowl(['250 ml olive oil']), 'flat', standardLarder);
    expect(added.find(({ ingredient }) => ingredient === 'fine-salt')).toMatchObject({ teaspoons: 0.0625 });
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
