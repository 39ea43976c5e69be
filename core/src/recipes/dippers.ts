import { cacheByOwner } from '../identity/index.js';
import { lineCues } from './intake/line-cues.js';
import { findIngredient, type Larder } from '../larder/index.js';
import type { Recipe, RecipeLine } from './types.js';

const isDipped = lineCues.has('to dip');
const isBeside = lineCues.has('beside');

/** Whether a line without an amount is served beside the dish: "pitta, to serve". */
export function isServedBeside({ amount, text }: Pick<RecipeLine, 'amount' | 'text'>): boolean {
  return amount === null && (isBeside(text) || isDipped(text));
}

/**
 * Lines without an amount that people dip: those of a component of dippers, those that say so, and of a dip
 * the bread and vegetables to serve.
 */
export function dippersOf(recipe: DippedRecipe, larder: Larder): readonly RecipeLine[] {
  return dippers(recipe, [larder], () => findDippers(recipe, larder));
}

type DippedRecipe = Pick<Recipe, 'kind' | 'components' | 'lines'>;

const dippers = cacheByOwner<DippedRecipe, readonly RecipeLine[]>();

function findDippers(recipe: DippedRecipe, larder: Larder): readonly RecipeLine[] {
  const roles = new Map(recipe.components.map(({ id, role }) => [id, role]));
  return recipe.lines.filter((line) => {
    if (line.amount !== null) return false;
    const section = findIngredient(larder, line.ingredient)?.section;
    const isFood = section === 'bakery' || section === 'vegetables' || section === 'salad and herbs';
    return (
      isDipped(line.text) ||
      (isFood && roles.get(line.componentId) === 'dippers') ||
      (isFood && recipe.kind === 'dip' && isBeside(line.text))
    );
  });
}
