import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { convert } from './convert.js';
import { toNumber } from './rational.js';
import { type Amount, type MeasureSystem, measureSystems, type Rational, type UnitId } from './types.js';
import { unitIds, unitKind, unitSize } from './units.js';

const exactly = (value: Rational, unit: UnitId): Amount => ({ low: value, high: value, unit });
const converted = (value: Rational, from: UnitId, to: UnitId, system: MeasureSystem, facts = {}) => {
  const result = convert(exactly(value, from), to, facts, system);
  // A reason stands where the amount would.
  return (result.ok ? result.amount.low : result.reason) as Rational;
};

describe('standard measures', () => {
  it('a US cup is 48 teaspoons: 48 × 4.92892159375 = 236.5882365 ml', () =>
    expect(toNumber(converted('1', 'cup', 'ml', 'us'))).toBeCloseTo(236.5882365, 10));
  it('a US pint is 2 cups', () => expect(converted('1', 'pint', 'cup', 'us')).toBe('2'));
  it('an imperial pint is 20 × 28.4130625 = 568.26125 ml', () =>
    expect(toNumber(converted('1', 'pint', 'ml', 'imperial'))).toBe(568.26125));
  it('an Australian tablespoon is 4 teaspoons', () =>
    expect(converted('1', 'tbsp', 'tsp', 'australian')).toBe('4'));
  it('a metric cup is 250 ml', () => expect(converted('1', 'cup', 'ml', 'metric')).toBe('250'));
  it('16 ounces are a pound', () => expect(converted('16', 'oz', 'lb', 'us')).toBe('1'));
  it('a pound is 453.59237 g', () => expect(toNumber(converted('1', 'lb', 'g', 'imperial'))).toBe(453.59237));
});

describe('between lengths and mass', () => {
  it('3 cm of ginger at 6 g a centimetre: 3 × 6 = 18 g', () =>
    expect(converted('3', 'cm', 'g', 'metric', { gramsPerCentimetre: '6' as const })).toBe('18'));
  it('without grams a centimetre there is a reason, not an amount', () =>
    expect(converted('3', 'cm', 'g', 'metric')).not.toMatch(/^\d/));
});

describe('between mass and volume', () => {
  it('a tablespoon of honey at 1.42 g/ml: 15 × 1.42 = 21.3 g', () =>
    expect(converted('1', 'tbsp', 'g', 'metric', { gramsPerMillilitre: '71/50' as const })).toBe('213/10'));
  it('71 g of honey are 71 ÷ 1.42 = 50 ml', () =>
    expect(converted('71', 'g', 'ml', 'metric', { gramsPerMillilitre: '71/50' as const })).toBe('50'));
  it('says so where no density is known, and never assumes water', () =>
    expect(converted('100', 'ml', 'g', 'metric')).toContain('no density is known'));
});

describe('counts and lengths', () => {
  it('3 cloves of 5 g are 15 g', () =>
    expect(converted('3', 'clove', 'g', 'metric', { gramsPerCount: { clove: '5' } })).toBe('15'));
  it('a handful weighs what a handful of this weighs', () =>
    expect(converted('2', 'handful', 'g', 'metric', { gramsPerHandful: '25' })).toBe('50'));
  it('5 cm of ginger at 6 g a centimetre are 30 g', () =>
    expect(converted('5', 'cm', 'g', 'metric', { gramsPerCentimetre: '6' })).toBe('30'));
  it('an inch is 2.54 cm', () =>
    expect(converted('1', 'inch', 'g', 'metric', { gramsPerCentimetre: '1' })).toBe('127/50'));
  it.each([
    ['piece', 'the weight of one piece is not known'],
    ['sprig', 'the weight of one sprig of this is not known'],
    ['handful', 'the weight of a handful of this is not known'],
  ] as const)('says what is missing for a %s', (unit, reason) =>
    expect(converted('1', unit, 'g', 'metric')).toBe(reason),
  );
});

describe('properties', () => {
  const sized = unitIds.filter((unit) => unitSize(unit, 'us') !== null && unitKind(unit) !== 'length');
  it('there and back is the same amount, exactly', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...sized),
        fc.constantFrom(...sized),
        fc.constantFrom(...measureSystems),
        fc.integer({ min: 1, max: 5000 }),
        fc.integer({ min: 1, max: 12 }),
        (from, to, system, top, bottom) => {
          const facts = { gramsPerMillilitre: '9/10' as const };
          const amount = exactly(`${BigInt(top)}/${BigInt(bottom)}`, from);
          const there = convert(amount, to, facts, system);
          if (!there.ok) throw new Error(there.reason);
          const back = convert(there.amount, from, facts, system);
          expect(back.ok && toNumber(back.amount.low)).toBeCloseTo(top / bottom, 9);
        },
      ),
    );
  });
  it('a range stays a range: 2–3 tbsp are 30–45 ml', () => {
    const result = convert({ low: '2', high: '3', unit: 'tbsp' }, 'ml', {}, 'metric');
    expect(result).toEqual({ ok: true, amount: { low: '30', high: '45', unit: 'ml' } });
  });
});
