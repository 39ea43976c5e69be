import type { Recipe } from './types.js';

/**
 * Minutes of one pair of hands and of waiting for a recipe as written, each step's longest wait, one step
 * after another.
 */
export function recipeMinutes(recipe: Pick<Recipe, 'steps'>): {
  readonly handsOn: number;
  readonly waiting: number;
} {
  return {
    handsOn: recipe.steps.reduce((sum, step) => sum + step.handsOnMinutes, 0),
    waiting: recipe.steps.reduce((sum, step) => sum + (step.waitMinutes?.high ?? 0), 0),
  };
}
