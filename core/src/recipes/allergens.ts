import { cacheByOwner } from '../identity/index.js';
import {
  type Allergen,
  findIngredient,
  foodOrPresumed,
  type Larder,
  standardLarder,
} from '../larder/index.js';
import type { Recipe } from './types.js';

/** What a dish holds, as far as its lines are known. */
export interface Contents {
  readonly allergens: readonly Allergen[];
  /** Names of lines whose allergens nobody knows: not in the larder, or not said of an own ingredient. */
  readonly notKnown: readonly string[];
}

/** Allergens of a dish as the larder knows them, and what it does not. Never a promise: labels decide. */
export function contentsOf({ lines }: Pick<Recipe, 'lines'>, larder: Larder = standardLarder): Contents {
  return contents(lines, [larder], () => readContents(lines, larder));
}

const contents = cacheByOwner<Recipe['lines'], Contents>();

function readContents(lines: Recipe['lines'], larder: Larder): Contents {
  const found = new Set<Allergen>();
  const notKnown = new Set<string>();
  for (const line of lines) {
    const ingredient = foodOrPresumed(larder, line);
    if (!ingredient || ingredient.allergensNotKnown) notKnown.add(line.name || line.text);
    for (const allergen of ingredient?.allergens ?? []) found.add(allergen);
  }
  return { allergens: [...found].sort(), notKnown: [...notKnown] };
}

export function allergensOf(
  recipe: Pick<Recipe, 'lines'>,
  larder: Larder = standardLarder,
): readonly Allergen[] {
  return contentsOf(recipe, larder).allergens;
}

/**
 * "vegan" or "vegetarian" where every line is known to be; empty where one is not, or is not in the larder.
 */
export function dietsOf(recipe: Pick<Recipe, 'lines'>, larder: Larder = standardLarder): string[] {
  const found = recipe.lines.map((line) => findIngredient(larder, line.ingredient));
  if (found.length === 0 || found.some((ingredient) => ingredient === null)) return [];
  const all = (diet: 'vegetarian' | 'vegan') => found.every((ingredient) => ingredient!.diet[diet]);
  if (all('vegan')) return ['vegan'];
  return all('vegetarian') ? ['vegetarian'] : [];
}
