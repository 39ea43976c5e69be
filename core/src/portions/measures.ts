import type { LineKind } from '../class/index.js';
import type { Ingredient } from '../larder/index.js';
import type { RecipeLine } from '../recipes/index.js';
import type { PortionLine, PortionOptions } from './types.js';

/** Spoons for what is poured or pinched, scales for the rest. */
export const usualMeasures: NonNullable<PortionOptions['measureBy']> = {
  liquid: 'spoons',
  spice: 'spoons',
  food: 'grams',
};

function kindOfLine(line: RecipeLine, ingredient: Ingredient | null): LineKind {
  if (line.scaling === 'startLow' || ingredient?.section === 'spices and seasoning') return 'spice';
  return ingredient?.shoppingUnit === 'ml' || line.byProducts.includes('juice') ? 'liquid' : 'food';
}

/** What the kitchen measures a line with. */
export function measureOf(
  line: RecipeLine,
  ingredient: Ingredient | null,
  options: PortionOptions,
): PortionLine['measure'] {
  return (options.measureBy ?? usualMeasures)[kindOfLine(line, ingredient)];
}
