import type { RecipeSummary } from '@fornax/contract';
import {
  allergensByList,
  contentsOf,
  dietsOf,
  findIngredient,
  larderOf,
  recipeMinutes,
  recognised,
  seasonMonths,
  seasonText,
  type KitchenFacts,
  type Recipe,
} from '@fornax/core';

/** Counts up where the same recipe and kitchen give another row than before. */
export const wayOfWorkingOut = 3;

/** What the list shows of a recipe, its sub-recipes written out, by the larder of its kitchen. */
export function summaryOf(written: Recipe, kitchen: KitchenFacts): Omit<RecipeSummary, 'id'> {
  const larder = larderOf(kitchen.larder);
  const recipe = recognised(written, larder);
  const minutes = recipeMinutes(recipe);
  const contents = contentsOf(recipe, larder);
  return {
    title: recipe.title,
    kind: recipe.kind,
    serves: recipe.serves,
    portion: recipe.portion,
    handsOnMinutes: minutes.handsOn,
    waitMinutes: minutes.waiting,
    techniques: [...new Set(recipe.steps.flatMap((step) => step.techniques))],
    allergens: allergensByList(contents.allergens, kitchen.allergenList),
    notKnown: [...contents.notKnown],
    diets: dietsOf(recipe, larder),
    season: seasonText(recipe, larder, kitchen.hemisphere),
    months: seasonMonths(recipe, larder, kitchen.hemisphere),
    ingredients: [
      ...new Set(recipe.lines.flatMap((line) => findIngredient(larder, line.ingredient)?.id ?? [])),
    ],
    unread: recipe.lines.filter((line) => line.unread !== '').length,
  };
}
