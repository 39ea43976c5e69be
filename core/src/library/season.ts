import type { WorkingStep } from '../amounts/index.js';
import { findIngredient, type Ingredient, type Larder } from '../larder/index.js';
import type { Recipe } from '../recipes/index.js';
import { fact, lacking, lackingStep, type RecipeFact, type RecipeFactsOptions } from './facts.js';

const monthNames = ['Jan', 'Feb', 'Mar', 'Apr', 'May', 'Jun', 'Jul', 'Aug', 'Sep', 'Oct', 'Nov', 'Dec'];

/** Months in which everything that has a season is in it: "Oct–Feb", "all year", "never all at once". */
export function seasonText(
  recipe: Pick<Recipe, 'lines'>,
  larder: Larder,
  hemisphere: RecipeFactsOptions['hemisphere'],
): string {
  return monthsOrNever(seasonMonths(recipe, larder, hemisphere));
}

/** The same months as numbers from 1 to 12: all of them where nothing of it has a season. */
export function seasonMonths(
  recipe: Pick<Recipe, 'lines'>,
  larder: Larder,
  hemisphere: RecipeFactsOptions['hemisphere'],
): number[] {
  const known = recipe.lines.flatMap((line) => findIngredient(larder, line.ingredient) ?? []);
  return monthsOfAll(seasonal(known), hemisphere);
}

/**
 * What a season hangs on: vegetables, fruit and leaves. Herbs by the bunch are grown under cover all year.
 */
function seasonal(known: readonly Ingredient[]): Ingredient[] {
  const isHerb = (ingredient: Ingredient) =>
    ingredient.section === 'salad and herbs' &&
    ingredient.packs.some((pack) => pack.name === 'bunch' || (pack.name === 'packet' && pack.size <= 20));
  return [...new Set(known)].filter(
    (ingredient) =>
      ingredient.seasonMonths.length > 0 && ingredient.seasonMonths.length < 12 && !isHerb(ingredient),
  );
}

function monthsOfAll(
  ingredients: readonly Ingredient[],
  hemisphere: RecipeFactsOptions['hemisphere'],
): number[] {
  return monthNames
    .map((_, index) => index + 1)
    .filter((month) => ingredients.every((ingredient) => seasonOf(ingredient, hemisphere).includes(month)));
}

function monthsOrNever(months: readonly number[]): string {
  return months.length === 0 ? 'never all at once' : monthsText(months);
}

export function seasonFact(
  known: readonly Ingredient[],
  notKnown: readonly string[],
  options: RecipeFactsOptions,
): RecipeFact {
  const ingredients = seasonal(known);
  const steps = ingredients.map((ingredient): WorkingStep => ({
    label: ingredient.names[options.english],
    value: monthsText(seasonOf(ingredient, options.hemisphere)),
  }));
  const text = `${monthsOrNever(monthsOfAll(ingredients, options.hemisphere))}${lacking(notKnown.length)}`;
  return fact('season', 'In season', text, [...steps, ...lackingStep(notKnown)], true);
}

function seasonOf(ingredient: Ingredient, hemisphere: RecipeFactsOptions['hemisphere']): number[] {
  return hemisphere === 'north'
    ? [...ingredient.seasonMonths]
    : ingredient.seasonMonths.map((month) => ((month + 5) % 12) + 1);
}

/** "Oct–Feb", over the turn of the year where it does; several spans are joined by "and". */
export function monthsText(months: readonly number[]): string {
  if (months.length === 12) return 'all year';
  const has = new Set(months);
  const firsts = months.filter((month) => !has.has(month === 1 ? 12 : month - 1));
  return firsts
    .map((first) => {
      let last = first;
      while (has.has(last === 12 ? 1 : last + 1)) last = last === 12 ? 1 : last + 1;
      return first === last ? monthNames[first - 1]! : `${monthNames[first - 1]}–${monthNames[last - 1]}`;
    })
    .join(' and ');
}
