import { toNumber, unitKind, unitSize } from '../../../amounts/index.js';
import { findIngredient, type Ingredient, type Larder, standardLarder } from '../../../larder/index.js';
import type { RecipeLine } from '../../types.js';

/**
 * The acid that a dressing measures against its oil is used whole, as held back it would change the ratio; so
 * is that of a pickle, with its sugar. What only sharpens or sweetens a dish, or is salted, hot or raw
 * garlic, is started low.
 */
export function withMeasuredAcid(
  lines: readonly RecipeLine[],
  larder: Larder = standardLarder,
): RecipeLine[] {
  const oily = new Set(
    lines
      .filter(({ ingredient }) => isOil(findIngredient(larder, ingredient)))
      .map(({ componentId }) => componentId),
  );
  const isMeasuredAcid = (line: RecipeLine) =>
    (oily.has(line.componentId) || isMuch(line)) && isAcid(findIngredient(larder, line.ingredient));
  const pickling = new Set(
    lines
      .filter((line) => isMeasuredAcid(line) && !oily.has(line.componentId))
      .map(({ componentId }) => componentId),
  );
  const isMeasured = (line: RecipeLine) =>
    isMeasuredAcid(line) ||
    (pickling.has(line.componentId) && isSweet(findIngredient(larder, line.ingredient)));
  return lines.map((line) =>
    line.scaling === 'startLow' && isMeasured(line) ? { ...line, scaling: 'linear' } : line,
  );
}

/**
 * A share of fat from which on a food is an oil, and of acid or sugar from which on it
 * sharpens or sweetens.
 */
const oilFrom = 0.9;
const acidFrom = 0.03;
const sweetFrom = 0.6;

/** More than this many millilitres pickle or dress, they do not sharpen. */
const muchFrom = 45;

function isMuch({ amount, unit }: RecipeLine): boolean {
  const size = unit && unitKind(unit) === 'volume' ? unitSize(unit, 'metric') : null;
  return amount !== null && size !== null && toNumber(amount.high) * toNumber(size) > muchFrom;
}

function isOil(food: Ingredient | null): boolean {
  return food?.section === 'oils and vinegars' && (food.composition?.fat.value ?? 0) >= oilFrom;
}

function isSweet(food: Ingredient | null): boolean {
  return (food?.composition?.sugar.value ?? 0) >= sweetFrom;
}

function isAcid(food: Ingredient | null): boolean {
  return (
    (food?.composition?.acid?.share.value ?? 0) >= acidFrom && (food?.composition?.salt.value ?? 0) < 0.05
  );
}
