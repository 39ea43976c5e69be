import Fraction from 'fraction.js';
import { toFraction, toRational } from './rational.js';
import type { MeasureSystem, Rational, UnitId, UnitKind } from './types.js';

interface UnitFact {
  readonly kind: UnitKind;
  /** Grams, millilitres or centimetres in one unit, when that does not depend on the system. */
  readonly size?: Rational;
  /** True where the size is a starting estimate and not a standard. */
  readonly estimate?: boolean;
  readonly one: string;
  readonly many: string;
}

const US_TEASPOON = '4.92892159375';
const IMPERIAL_FLUID_OUNCE = '28.4130625';

/**
 * Every unit with its name on the screen. Informal sizes are estimates that a kitchen can weigh once and
 * replace.
 */
const unitFacts: Readonly<Record<UnitId, UnitFact>> = {
  g: { kind: 'mass', size: '1', one: 'g', many: 'g' },
  kg: { kind: 'mass', size: '1000', one: 'kg', many: 'kg' },
  oz: { kind: 'mass', size: toRational(new Fraction('453.59237').div(16)), one: 'oz', many: 'oz' },
  lb: { kind: 'mass', size: toRational(new Fraction('453.59237')), one: 'lb', many: 'lb' },
  ml: { kind: 'volume', size: '1', one: 'ml', many: 'ml' },
  l: { kind: 'volume', size: '1000', one: 'l', many: 'l' },
  tsp: { kind: 'volume', one: 'tsp', many: 'tsp' },
  dsp: { kind: 'volume', one: 'dsp', many: 'dsp' },
  tbsp: { kind: 'volume', one: 'tbsp', many: 'tbsp' },
  cup: { kind: 'volume', one: 'cup', many: 'cups' },
  floz: { kind: 'volume', one: 'fl oz', many: 'fl oz' },
  pint: { kind: 'volume', one: 'pint', many: 'pints' },
  drop: { kind: 'volume', size: '1/20', estimate: true, one: 'drop', many: 'drops' },
  pinch: { kind: 'volume', size: '3/10', estimate: true, one: 'pinch', many: 'pinches' },
  dash: { kind: 'volume', size: '3/5', estimate: true, one: 'dash', many: 'dashes' },
  squeeze: { kind: 'volume', size: '5', estimate: true, one: 'squeeze', many: 'squeezes' },
  splash: { kind: 'volume', size: '5', estimate: true, one: 'splash', many: 'splashes' },
  drizzle: { kind: 'volume', size: '12', estimate: true, one: 'drizzle', many: 'drizzles' },
  glug: { kind: 'volume', size: '25', estimate: true, one: 'glug', many: 'glugs' },
  palmful: { kind: 'mass', size: '15', estimate: true, one: 'palmful', many: 'palmfuls' },
  knob: { kind: 'mass', size: '15', estimate: true, one: 'knob', many: 'knobs' },
  handful: { kind: 'mass', estimate: true, one: 'handful', many: 'handfuls' },
  clove: { kind: 'count', one: 'clove', many: 'cloves' },
  bunch: { kind: 'count', one: 'bunch', many: 'bunches' },
  sprig: { kind: 'count', one: 'sprig', many: 'sprigs' },
  stalk: { kind: 'count', one: 'stalk', many: 'stalks' },
  head: { kind: 'count', one: 'head', many: 'heads' },
  leaf: { kind: 'count', one: 'leaf', many: 'leaves' },
  slice: { kind: 'count', one: 'slice', many: 'slices' },
  tin: { kind: 'count', one: 'tin', many: 'tins' },
  jar: { kind: 'count', one: 'jar', many: 'jars' },
  packet: { kind: 'count', one: 'packet', many: 'packets' },
  cm: { kind: 'length', size: '1', one: 'cm', many: 'cm' },
  inch: { kind: 'length', size: toRational(new Fraction('2.54')), one: 'inch', many: 'inches' },
  piece: { kind: 'count', one: '', many: '' },
};

export const unitIds = Object.keys(unitFacts) as readonly UnitId[];

/**
 * Millilitres in the measures that differ by system. Standard figures; see the docstring of {@link unitSize}.
 */
const measureMillilitres: Readonly<Record<MeasureSystem, Partial<Record<UnitId, Rational>>>> = {
  us: systemMeasures({
    tsp: US_TEASPOON,
    dsp: times(US_TEASPOON, 2),
    tbsp: times(US_TEASPOON, 3),
    cup: times(US_TEASPOON, 48),
    floz: times(US_TEASPOON, 6),
    pint: times(US_TEASPOON, 96),
  }),
  imperial: systemMeasures({
    tsp: '5',
    dsp: '10',
    tbsp: '15',
    cup: times(IMPERIAL_FLUID_OUNCE, 10),
    floz: IMPERIAL_FLUID_OUNCE,
    pint: times(IMPERIAL_FLUID_OUNCE, 20),
  }),
  metric: systemMeasures({
    tsp: '5',
    dsp: '10',
    tbsp: '15',
    cup: '250',
    floz: IMPERIAL_FLUID_OUNCE,
    pint: times(IMPERIAL_FLUID_OUNCE, 20),
  }),
  australian: systemMeasures({
    tsp: '5',
    dsp: '10',
    tbsp: '20',
    cup: '250',
    floz: IMPERIAL_FLUID_OUNCE,
    pint: times(IMPERIAL_FLUID_OUNCE, 20),
  }),
};

function times(millilitres: string, count: number): Rational {
  return toRational(new Fraction(millilitres).mul(count));
}

function systemMeasures(sizes: Partial<Record<UnitId, string>>): Partial<Record<UnitId, Rational>> {
  return Object.fromEntries(
    Object.entries(sizes).map(([unit, size]) => [unit, toFraction(size).toFraction()]),
  );
}

export function unitKind(unit: UnitId): UnitKind {
  return unitFacts[unit].kind;
}

/** True for pinches, glugs and the like, whose size is a starting estimate. */
export function isEstimatedUnit(unit: UnitId): boolean {
  return unitFacts[unit].estimate === true;
}

export function unitName(unit: UnitId, count: number): string {
  return count > 1 ? unitFacts[unit].many : unitFacts[unit].one;
}

/**
 * Grams, millilitres or centimetres in one unit, exactly, or null where there is none (a count, a handful).
 * US teaspoon 4.92892159375 ml, tablespoon 3 of these, cup 16 tablespoons, fluid ounce 2, pint 2 cups.
 * Imperial fluid ounce 28.4130625 ml, pint 20 of these, half a pint taken for its cup, with 5 and 15 ml
 * spoons. Metric 5, 10, 15 and 250 ml. Australian as metric with a tablespoon of 20 ml. Pound 453.59237 g.
 */
export function unitSize(unit: UnitId, system: MeasureSystem): Rational | null {
  return measureMillilitres[system][unit] ?? unitFacts[unit].size ?? null;
}
