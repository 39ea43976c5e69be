import { findIngredient, type Ingredient, type Larder, standardLarder } from '../../../larder/index.js';
import type { RecipeLine } from '../../types.js';

/**
 * The acid that a dressing measures against its oil is used whole: held back, it would change the ratio. What
 * only sharpens a dish, or is salted, hot or raw garlic, is started low.
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
  return lines.map((line) =>
    line.scaling === 'startLow' &&
    oily.has(line.componentId) &&
    isAcid(findIngredient(larder, line.ingredient))
      ? { ...line, scaling: 'linear' }
      : line,
  );
}

/** A share of fat from which on a food is an oil, and of acid from which on it sharpens. */
const oilFrom = 0.9;
const acidFrom = 0.03;

function isOil(food: Ingredient | null): boolean {
  return food?.section === 'oils and vinegars' && (food.composition?.fat.value ?? 0) >= oilFrom;
}

function isAcid(food: Ingredient | null): boolean {
  return (
    (food?.composition?.acid?.share.value ?? 0) >= acidFrom && (food?.composition?.salt.value ?? 0) < 0.05
  );
}
