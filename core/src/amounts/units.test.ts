import { describe, expect, it } from 'vitest';
import { toNumber } from './rational.js';
import { measureSystems, type MeasureSystem, type UnitId } from './types.js';
import { isEstimatedUnit, unitIds, unitKind, unitName, unitSize } from './units.js';

/**
 * Unit, then its size in millilitres, grams or centimetres in US, imperial, metric and Australian measure.
 */
const sizes = `
tsp    4.92892159375 5 5 5
dsp    9.8578431875 10 10 10
tbsp   14.78676478125 15 15 20
cup    236.5882365 284.130625 250 250
floz   29.5735295625 28.4130625 28.4130625 28.4130625
pint   473.176473 568.26125 568.26125 568.26125
ml     1 1 1 1
l      1000 1000 1000 1000
g      1 1 1 1
kg     1000 1000 1000 1000
oz     28.349523125 28.349523125 28.349523125 28.349523125
lb     453.59237 453.59237 453.59237 453.59237
drop   0.05 0.05 0.05 0.05
pinch  0.3 0.3 0.3 0.3
dash   0.6 0.6 0.6 0.6
splash 5 5 5 5
drizzle 12 12 12 12
glug   25 25 25 25
palmful 15 15 15 15
knob   15 15 15 15
cm     1 1 1 1
inch   2.54 2.54 2.54 2.54
`
  .trim()
  .split('\n')
  .flatMap((row) => {
    const [unit, us, imperial, metric, australian] = row.split(/\s+/) as [
      UnitId,
      string,
      string,
      string,
      string,
    ];
    return (
      [
        ['us', us],
        ['imperial', imperial],
        ['metric', metric],
        ['australian', australian],
      ] as [MeasureSystem, string][]
    ).map(([system, size]) => ({ unit, system, size: Number(size) }));
  });

describe('sizes', () => {
  it.each(sizes)('$system $unit is $size', ({ unit, system, size }) =>
    expect(toNumber(unitSize(unit, system)!)).toBeCloseTo(size, 9),
  );
  it('what has no size of its own has none: counts and handfuls', () => {
    for (const unit of unitIds)
      if (unitKind(unit) === 'count' || unit === 'handful')
        for (const system of measureSystems) expect([unit, unitSize(unit, system)]).toEqual([unit, null]);
  });
});

describe('kinds and names', () => {
  it.each<[UnitId, string]>([
    ['g', 'mass'],
    ['cup', 'volume'],
    ['handful', 'mass'],
    ['clove', 'count'],
    ['piece', 'count'],
    ['inch', 'length'],
  ])('%s is a %s', (unit, kind) => expect(unitKind(unit)).toBe(kind));
  it.each<[UnitId, number, string]>([
    ['cup', 1, 'cup'],
    ['cup', 1.5, 'cups'],
    ['leaf', 2, 'leaves'],
    ['bunch', 0.5, 'bunch'],
    ['piece', 3, ''],
    ['tbsp', 3, 'tbsp'],
    ['inch', 2, 'inches'],
  ])('%s × %d is “%s”', (unit, count, name) => expect(unitName(unit, count)).toBe(name));
  it('informal sizes are estimates, spoons are not', () => {
    expect(['pinch', 'glug', 'knob', 'handful'].every((unit) => isEstimatedUnit(unit as UnitId))).toBe(true);
    expect(['tsp', 'g', 'clove', 'cm'].some((unit) => isEstimatedUnit(unit as UnitId))).toBe(false);
  });
});
