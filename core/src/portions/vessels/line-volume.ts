import {
  type Amount,
  convert,
  type Rational,
  sizeOfUnit,
  toNumber,
  type UnitId,
  unitKind,
} from '../../amounts/index.js';
import { cacheByOwner } from '../../identity/index.js';
import { conversionFacts, yieldOf, type Ingredient } from '../../larder/index.js';
import { pieceSizeOf, type RecipeLine } from '../../recipes/index.js';

/**
 * Cut vegetables lie in a bowl at about half the weight of water. An estimate, used for volume only where
 * nothing better is known.
 */
export const usualDensity = 0.5;

/** What a line puts into the dish: grams and millilitres, null where a fact is missing. */
export interface LineMeasure {
  readonly grams: number | null;
  readonly millilitres: number | null;
}

/**
 * Grams of a line as it goes into the dish, peeled, drained or swollen, and its millilitres where a density
 * is known. Zest takes no room.
 */
export function lineMeasure(
  line: RecipeLine,
  ingredient: Ingredient | null,
  amount: Amount | null = amountOf(line),
): LineMeasure {
  if (!amount || line.byProducts.some((part) => part === 'zest'))
    return { grams: amount ? 0 : null, millilitres: 0 };
  const one = measuresOfOne(line, [ingredient, amount.unit], () => ofOne(line, ingredient, amount.unit));
  const count = toNumber(amount.low);
  return {
    grams: one.grams === null ? null : count * one.grams,
    millilitres: one.millilitres === null ? null : count * one.millilitres,
  };
}

const measuresOfOne = cacheByOwner<RecipeLine, LineMeasure>();

/** The same of one unit of a line: every amount of it is so many times that. */
function ofOne(line: RecipeLine, ingredient: Ingredient | null, unit: UnitId): LineMeasure {
  const facts = conversionFacts(ingredient, line.preparation, pieceSizeOf(line.note));
  const packed = line.pack
    ? { ...facts, gramsPerCount: { ...facts.gramsPerCount, [unit]: packGrams(line.pack) } }
    : facts;
  const juiced = juiceOfOne(line, ingredient, unit);
  if (juiced !== null) return { grams: juiced, millilitres: juiced };
  const share = shareThatGoesIn(line, ingredient, unit);
  const grams = sizeOfUnit(unit, 'g', packed, 'metric');
  const millilitres = sizeOfUnit(unit, 'ml', packed, 'metric');
  return {
    grams: grams === null ? null : share * grams,
    millilitres: millilitres === null ? null : share * millilitres,
  };
}

/**
 * The room a line takes in a bowl, in millilitres. Where no density is known, the usual one of cut vegetables
 * is taken and said.
 */
export function lineVolume(
  line: RecipeLine,
  ingredient: Ingredient | null,
  amount: Amount | null,
): { millilitres: number; estimated: boolean } {
  const { grams, millilitres } = lineMeasure(line, ingredient, amount);
  if (millilitres !== null) return { millilitres, estimated: false };
  return { millilitres: (grams ?? 0) / usualDensity, estimated: true };
}

function amountOf(line: RecipeLine): Amount | null {
  return line.amount && line.unit ? { ...line.amount, unit: line.unit } : null;
}

function packGrams(pack: Amount): Rational {
  const grams = convert(pack, 'g', {}, 'metric');
  return grams.ok ? grams.amount.low : pack.low;
}

/** Juice written in pieces counts at its low end. */
function juiceOfOne(line: RecipeLine, ingredient: Ingredient | null, unit: UnitId): number | null {
  const low = ingredient?.byProducts?.juiceMillilitres?.low.value;
  return unit === 'piece' && line.byProducts.includes('juice') && low ? low : null;
}

/** What of a line's food goes into the dish, as a share of its weight as written; swollen, more than 1. */
export function shareThatGoesIn(
  line: Pick<RecipeLine, 'basis' | 'preparation'>,
  ingredient: Ingredient | null,
  unit: UnitId,
): number {
  if (!ingredient) return 1;
  const swells = ingredient.dryToCooked && line.basis === 'purchased' ? ingredient.dryToCooked.value : 1;
  if (line.basis === 'edible' && unitKind(unit) !== 'count') return swells;
  // A tin is drained; a weight that is written drained is that of what is left.
  if (ingredient.drainedShare && line.preparation.includes('drained'))
    return unitKind(unit) === 'count' ? ingredient.drainedShare.value : 1;
  return (yieldOf(ingredient, line.preparation)?.value ?? 1) * swells;
}
