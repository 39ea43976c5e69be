import { type Allergen, findIngredient, type Larder, standardLarder } from '../larder/index.js';
import type { Recipe } from './types.js';

/** Allergens of a dish as the larder knows them. Never a promise: labels decide. */
export function allergensOf(recipe: Pick<Recipe, 'lines'>, larder: Larder = standardLarder): Allergen[] {
  const found = new Set<Allergen>();
  for (const line of recipe.lines)
    for (const allergen of findIngredient(larder, line.ingredient)?.allergens ?? []) found.add(allergen);
  return [...found].sort();
}
