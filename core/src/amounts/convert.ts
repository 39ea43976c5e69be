import { toFraction, toNumber, toRational } from './rational.js';
import type { Amount, MeasureSystem, Rational, UnitId } from './types.js';
import { unitKind, unitSize } from './units.js';

/** What converting needs to know of an ingredient in one form. Grams, and grams per millilitre. */
export interface ConversionFacts {
  /** Grams per millilitre in this form; absent where none is known. Water is never assumed. */
  readonly gramsPerMillilitre?: Rational;
  /** Grams as purchased of one counted unit: a piece, a clove, a bunch, a tin. */
  readonly gramsPerCount?: Partial<Record<UnitId, Rational>>;
  /** Grams of a handful of this. */
  readonly gramsPerHandful?: Rational;
  /** Grams in a centimetre of its length (ginger). */
  readonly gramsPerCentimetre?: Rational;
}

export type Conversion =
  { readonly ok: true; readonly amount: Amount } | { readonly ok: false; readonly reason: string };

/**
 * Converts an amount exactly to another unit, crossing between mass, volume and count only through the facts
 * given. Fails with a plain reason where a needed fact is not known.
 */
export function convert(
  amount: Amount,
  to: UnitId,
  facts: ConversionFacts,
  system: MeasureSystem,
): Conversion {
  if (amount.unit === to) return { ok: true, amount };
  const factor = rememberedFactor(amount.unit, to, facts, system);
  if ('reason' in factor) return { ok: false, reason: factor.reason };
  const low = toRational(toFraction(amount.low).mul(toFraction(factor.value)));
  const high =
    amount.high === amount.low ? low : toRational(toFraction(amount.high).mul(toFraction(factor.value)));
  return { ok: true, amount: { low, high, unit: to } };
}

type Factor = { readonly value: Rational; readonly size: number } | { readonly reason: string };

/**
 * How many of one unit make another, to the nearest number: for drawing and estimates, never for further
 * exact work. Null where a fact is missing.
 */
export function sizeOfUnit(
  unit: UnitId,
  to: UnitId,
  facts: ConversionFacts,
  system: MeasureSystem,
): number | null {
  if (unit === to) return 1;
  const factor = rememberedFactor(unit, to, facts, system);
  return 'reason' in factor ? null : factor.size;
}

/** The same facts are asked for the same few conversions all through a plan. */
const factors = new WeakMap<ConversionFacts, Map<string, Factor>>();

function rememberedFactor(from: UnitId, to: UnitId, facts: ConversionFacts, system: MeasureSystem): Factor {
  const known = factors.get(facts) ?? new Map<string, Factor>();
  const key = `${from}>${to}>${system}`;
  const before = known.get(key);
  if (before) return before;
  const found = conversionFactor(from, to, facts, system);
  const factor: Factor = 'reason' in found ? found : { value: found.value, size: toNumber(found.value) };
  factors.set(facts, known.set(key, factor));
  return factor;
}

function conversionFactor(
  from: UnitId,
  to: UnitId,
  facts: ConversionFacts,
  system: MeasureSystem,
): { readonly value: Rational } | { readonly reason: string } {
  const fromBase = inBase(from, facts, system);
  const toBase = inBase(to, facts, system);
  if (!fromBase) return { reason: missingFact(from) };
  if (!toBase) return { reason: missingFact(to) };
  const ratio = toFraction(fromBase.size).div(toFraction(toBase.size));
  if (fromBase.base === toBase.base) return { value: toRational(ratio) };
  if (!facts.gramsPerMillilitre)
    return { reason: 'no density is known, so weight and volume cannot be compared' };
  const density = toFraction(facts.gramsPerMillilitre);
  return { value: toRational(fromBase.base === 'ml' ? ratio.mul(density) : ratio.div(density)) };
}

interface BaseSize {
  readonly base: 'g' | 'ml';
  readonly size: Rational;
}

/** The size of one unit in grams or millilitres; null where the facts do not tell. */
function inBase(unit: UnitId, facts: ConversionFacts, system: MeasureSystem): BaseSize | null {
  const kind = unitKind(unit);
  const counted = facts.gramsPerCount?.[unit];
  if (counted) return { base: 'g', size: counted };
  if (unit === 'handful') return facts.gramsPerHandful ? { base: 'g', size: facts.gramsPerHandful } : null;
  const size = unitSize(unit, system);
  if (!size) return null;
  if (kind === 'mass') return { base: 'g', size };
  if (kind === 'volume') return { base: 'ml', size };
  if (kind === 'length' && facts.gramsPerCentimetre) {
    return { base: 'g', size: toRational(toFraction(size).mul(toFraction(facts.gramsPerCentimetre))) };
  }
  return null;
}

function missingFact(unit: UnitId): string {
  if (unit === 'piece') return 'the weight of one piece is not known';
  if (unit === 'handful') return 'the weight of a handful of this is not known';
  return `the weight of one ${unit} of this is not known`;
}
