import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import type { ConversionFacts } from './convert.js';
import { formatForKitchen, formatMass, type KitchenOptions, onScale } from './kitchen.js';
import { formatMillilitres, formatVolume } from './spoons.js';
import { type Amount, measureSystems, type Rational } from './types.js';

const metric: KitchenOptions = { show: 'spoons', kitchenSystem: 'metric', recipeSystem: 'metric', facts: {} };

describe('at the borders of what is shown', () => {
  it('999.6 g round to a kilogram, and are written as one; 999.4 g are not', () =>
    expect([formatMass(999.6), formatMass(999.4)]).toEqual(['1 kg', '999 g']));
  it('so are 999.6 ml a litre', () =>
    expect([formatMillilitres(999.6), formatMillilitres(999.4)]).toEqual(['1 l', '999 ml']));
  it('no pieces are 0, not a quarter of one', () =>
    expect(formatForKitchen({ low: '0', high: '0', unit: 'piece' }, metric).lead).toBe('0'));
});

describe('spoons beside a weight', () => {
  // Water: 1 g/ml. The drawer has one teaspoon of 5 ml: 5 ÷ 7.1 is 29.6 % under, 5 ÷ 7.2 is 30.6 %.
  const oneTeaspoon = { teaspoons: ['1'] as const, tablespoon: false, cups: [] };
  const besideOf = (grams: Rational) =>
    formatForKitchen(
      { low: grams, high: grams, unit: 'g' },
      { ...metric, facts: { gramsPerMillilitre: '1' }, measuringSet: oneTeaspoon },
    ).beside;
  it('are shown with their error, up to 30 %', () => expect(besideOf('71/10')).toBe('1 tsp, 30 % under'));
  it('beyond that they help nobody', () => expect(besideOf('36/5')).toBeNull());
});

describe('a drawer without spoons', () => {
  it('liquids are measured by the scales alone', () =>
    expect(
      formatForKitchen(
        { low: '50', high: '50', unit: 'ml' },
        { ...metric, show: 'grams', measuringSet: { teaspoons: [], tablespoon: false, cups: [] } },
      ),
    ).toMatchObject({ lead: '50 ml', beside: null }));
  it('what has a weight is weighed, with its millilitres beside: 50 × 0.91 = 45.5 g, set to 45', () =>
    expect(
      formatForKitchen(
        { low: '50', high: '50', unit: 'ml' },
        {
          ...metric,
          show: 'grams',
          facts: { gramsPerMillilitre: '91/100' },
          measuringSet: { teaspoons: [], tablespoon: false, cups: [] },
        },
      ),
    ).toMatchObject({ lead: '45 g', beside: '50 ml' }));
});

describe('spoons and cups', () => {
  it.each([
    [15, '1 tbsp'],
    [45, '3 tbsp'],
    [50, '3 tbsp + 1 tsp'],
    [67.5, '¼ cup + 1 tsp'],
    [2.5, '½ tsp'],
    [11.25, '2¼ tsp'],
    [250, '1 cup'],
    [312.5, '1¼ cups'],
    [1.25, '¼ tsp'],
  ])('%d ml are %s', (millilitres, text) => expect(formatVolume(millilitres, 'metric').text).toBe(text));
  it('60 ml are 4 tbsp: ¼ cup would be 62.5 ml, 4.2 % over', () =>
    expect(formatVolume(60, 'metric').text).toBe('4 tbsp'));
  it('in Australia 60 ml are 3 tbsp of 20 ml', () =>
    expect(formatVolume(60, 'australian').text).toBe('3 tbsp'));
  it('never 0.17 cup: 42.5 ml are 2 tbsp + 2½ tsp', () =>
    expect(formatVolume(42.5, 'metric').text).toBe('2 tbsp + 2½ tsp'));
  it('over twelve cups it is litres', () => expect(formatVolume(4250, 'metric').text).toBe('4.25 l'));
  it('0.6 ml cannot be reached: ⅛ tsp is 0.625 ml, 4.2 % over', () => {
    const shown = formatVolume(0.6, 'metric');
    expect(shown).toMatchObject({ text: '⅛ tsp', reached: false });
    expect(shown.error).toBeCloseTo(0.0417, 3);
  });
});

describe('properties of spoons', () => {
  it('what is called reached lies within the tolerance, with at most two kinds of measure', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.5, max: 2900, noNaN: true }),
        fc.constantFrom(...measureSystems),
        fc.constantFrom(0.01, 0.03),
        (millilitres, system, tolerance) => {
          const shown = formatVolume(millilitres, system, tolerance);
          if (shown.reached) expect(Math.abs(shown.error)).toBeLessThanOrEqual(tolerance + 1e-9);
          expect(shown.text.split(' + ').length).toBeLessThanOrEqual(2);
          expect(shown.text).not.toMatch(/\d\.\d.*(cup|tbsp|tsp)/);
        },
      ),
    );
  });
});

describe('what leads', () => {
  it('spoons lead a volume, grams stand beside it: 2 tbsp of oil at 0.91 are 30 × 0.91 = 27.3 g', () => {
    expect(
      formatForKitchen(
        { low: '2', high: '2', unit: 'tbsp' },
        { ...metric, facts: { gramsPerMillilitre: '91/100' as const } },
      ),
    ).toMatchObject({ lead: '2 tbsp', beside: '27 g' });
  });
  it('grams lead when asked for', () => {
    expect(
      formatForKitchen(
        { low: '2', high: '2', unit: 'tbsp' },
        { ...metric, show: 'grams', facts: { gramsPerMillilitre: '91/100' as const } },
      ),
    ).toMatchObject({ lead: '27 g', beside: '2 tbsp' });
  });
  it('salt is held to 1 %: ⅓ tsp is 1.67 ml, 2 g, and ¼ tsp is 25 % under', () => {
    expect(
      formatForKitchen(
        { low: '1/3', high: '1/3', unit: 'tsp' },
        { ...metric, tolerance: 0.01, facts: { gramsPerMillilitre: '6/5' as const } },
      ),
    ).toMatchObject({ lead: '2 g', beside: '¼ tsp, 25 % under' });
  });
  it('a weight leads, and spoons stand beside a small one only', () => {
    const facts = { gramsPerMillilitre: '1/2' as const };
    expect(formatForKitchen({ low: '30', high: '30', unit: 'g' }, { ...metric, facts })).toMatchObject({
      lead: '30 g',
      beside: '4 tbsp',
    });
    expect(formatForKitchen({ low: '300', high: '300', unit: 'g' }, { ...metric, facts })).toMatchObject({
      lead: '300 g',
      beside: null,
    });
  });
  it('the low end of a range leads, the rest is added to taste', () => {
    expect(formatForKitchen({ low: '2', high: '3', unit: 'tbsp' }, metric)).toMatchObject({
      lead: '2 tbsp',
      beside: 'up to 3 tbsp, added to taste',
    });
  });
  it('counts go to quarters and thirds', () => {
    expect(formatForKitchen({ low: '3/2', high: '3/2', unit: 'piece' }, metric).lead).toBe('1½');
    expect(formatForKitchen({ low: '7/3', high: '7/3', unit: 'clove' }, metric).lead).toBe('2⅓ cloves');
    expect(formatForKitchen({ low: '1/10', high: '1/10', unit: 'bunch' }, metric).lead).toBe('¼ bunch');
  });
  it('a recipe in US cups is measured with the kitchen’s own: 1 US cup, 236.6 ml', () => {
    expect(
      formatForKitchen({ low: '1', high: '1', unit: 'cup' }, { ...metric, recipeSystem: 'us' }).lead,
    ).toBe('¾ cup + 3 tbsp');
  });
});

describe('scales', () => {
  it.each([
    [0.4, '0.4 g'],
    [1.26, '1.3 g'],
    [7.3, '7.5 g'],
    [12.4, '12 g'],
    [375, '375 g'],
    [1500, '1.5 kg'],
  ])('%d g read %s', (grams, text) => expect(formatMass(grams)).toBe(text));
  it.each([
    [4.25, '4.25 ml'],
    [154.2, '154 ml'],
    [1500, '1.5 l'],
  ])('%d ml read %s', (millilitres, text) => expect(formatMillilitres(millilitres)).toBe(text));
});

describe('weights as a cook sets a scale', () => {
  it.each([
    [667, '670 g', '670 ÷ 667 − 1 = 0.4 %'],
    [203, '200 g', '200 ÷ 203 − 1 = −1.5 %'],
    [143, '145 g', '145 ÷ 143 − 1 = 1.4 %'],
    [22, '22 g', '20 would be 9 % less: to 1 g'],
    [17.2, '17 g', '−1.2 %'],
    [4.5, '4.5 g', '4 and 5 are 11 % off: to half a gram'],
    [1667, '1.67 kg', '1 670 ÷ 1 667 − 1 = 0.2 %'],
  ])('%d g is %s: %s', (grams, text) => expect(onScale(grams).text).toBe(text));
  it('salt and leaven within 1 %: 143 g stays 143', () => expect(onScale(143, 0.01).text).toBe('143 g'));
  it('never further off than the tolerance', () => {
    fc.assert(
      fc.property(fc.double({ min: 3, max: 5000, noNaN: true }), (grams) => {
        expect(Math.abs(onScale(grams).error)).toBeLessThanOrEqual(0.0301);
      }),
    );
  });
});

describe('what is too little to measure', () => {
  const shown = (amount: Amount, facts: ConversionFacts) =>
    formatForKitchen(amount, { show: 'grams', kitchenSystem: 'metric', recipeSystem: 'metric', facts });
  it('0.4 g without a density is brought up to 2 g', () =>
    expect(shown({ low: '2/5', high: '2/5', unit: 'g' }, {}).lead).toBe('2 g'));
  it('0.4 g of salt is 0.4 ÷ 1.2 = 0.33 ml: ⅛ tsp, 0.625 ml', () =>
    expect(shown({ low: '2/5', high: '2/5', unit: 'g' }, { gramsPerMillilitre: '6/5' }).lead).toBe('⅛ tsp'));
  it('1.5 g of salt is 1.25 ml: ¼ tsp, with its weight beside', () =>
    expect(shown({ low: '3/2', high: '3/2', unit: 'g' }, { gramsPerMillilitre: '6/5' })).toMatchObject({
      lead: '¼ tsp',
      beside: '1.5 g',
    }));
});
