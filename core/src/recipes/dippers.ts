import { rememberLast } from '../identity/index.js';
import { findIngredient, type Larder } from '../larder/index.js';
import type { Recipe, RecipeLine } from './types.js';

const dipped = /\b(?:to dip|for dipping|dippers?|crudit[eé]s|sticks|batons|to scoop|for scooping)\b/i;
const served = /\b(?:to serve|for serving|serve with|alongside|on the side)\b/i;

/** Whether a line without an amount is served beside the dish: "pitta, to serve". */
export function isServedBeside({ amount, text }: Pick<RecipeLine, 'amount' | 'text'>): boolean {
  return amount === null && (served.test(text) || dipped.test(text));
}

/**
 * Lines without an amount that people dip: those of a component of dippers, those that say so, and of a dip
 * the bread and vegetables to serve.
 */
export function dippersOf(recipe: DippedRecipe, larder: Larder): readonly RecipeLine[] {
  return dippers(recipe, [larder], () => findDippers(recipe, larder));
}

type DippedRecipe = Pick<Recipe, 'kind' | 'components' | 'lines'>;

const dippers = rememberLast<DippedRecipe, readonly RecipeLine[]>();

function findDippers(recipe: DippedRecipe, larder: Larder): readonly RecipeLine[] {
  const roles = new Map(recipe.components.map(({ id, role }) => [id, role]));
  return recipe.lines.filter((line) => {
    if (line.amount !== null) return false;
    const section = findIngredient(larder, line.ingredient)?.section;
    const isFood = section === 'bakery' || section === 'vegetables' || section === 'salad and herbs';
    return (
      dipped.test(line.text) ||
      (isFood && roles.get(line.componentId) === 'dippers') ||
      (isFood && recipe.kind === 'dip' && served.test(line.text))
    );
  });
}
