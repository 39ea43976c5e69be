import type { Recipe, RecipeComponent } from '../recipes/index.js';

/** The components of a recipe that are dressings or dips of their own. */
export function dressingComponents({ components }: Recipe): RecipeComponent[] {
  return components.filter(({ role }) => role === 'dressing' || role === 'dip');
}
