import { isUkStyle } from '../class/index.js';
import { findIngredient, foodOrPresumed, type Ingredient } from '../larder/index.js';
import {
  type ActingStep,
  actsOf,
  namesFood as names,
  type Recipe,
  type RecipeLine,
  type RecipeStep,
  saying,
} from '../recipes/index.js';
import { isPlural } from '../words/index.js';
import type { Found, Judged } from './types.js';

/** A line with its food. */
export interface FoodLine {
  readonly line: RecipeLine;
  readonly food: Ingredient;
}

/** The lines of a recipe whose food is of some kind, as far as it is known or its name tells. */
export function linesWhere({ recipe, larder }: Judged, is: (each: FoodLine) => boolean): FoodLine[] {
  return recipe.lines.flatMap((line) => {
    const food = foodOrPresumed(larder, line);
    return food && is({ line, food }) ? [{ line, food }] : [];
  });
}

/** The steps that use a line, and all that come after them: what happens to the food. */
export function stepsOf({ recipe: { steps } }: Pick<Judged, 'recipe'>, line: RecipeLine): RecipeStep[] {
  const found = new Set(stepsWith(steps, line).map(({ id }) => id));
  // Steps stand in the order in which they are written, each after those that it names.
  for (const step of steps) if (step.after.some((before) => found.has(before))) found.add(step.id);
  return steps.filter((step) => found.has(step.id));
}

/** The steps that use a line, or where none does, name a word of it: "the chicken" for chicken thighs. */
function stepsWith(steps: readonly RecipeStep[], { id, name }: RecipeLine): RecipeStep[] {
  const using = steps.filter(({ uses }) => uses.some(({ line }) => line === id));
  return using.length > 0 ? using : steps.filter((step) => names(step, name));
}

export { namesFood as names } from '../recipes/index.js';

const hotPlaces: ReadonlySet<string> = new Set(['oven', 'hob', 'griddle', 'microwave']);

/** Whether a step heats what is in it. */
export function heats(step: RecipeStep): boolean {
  return (
    actsOf(step).some(({ way }) => way !== undefined) ||
    (step.occupies !== null && hotPlaces.has(step.occupies.appliance))
  );
}

/** Whether a step cooks what is in it in water, stock or steam. */
export function cooksInWater(step: ActingStep): boolean {
  return actsOf(step).some(({ way }) => way === 'wet');
}

/** "the beans are", "the salmon is". */
export function theFoodIs({ name }: RecipeLine): string {
  return `the ${name} ${isPlural(name) ? 'are' : 'is'}`;
}

export const follow = 'Follow your local food code and a qualified person’s advice.';

/**
 * Minutes that pass after a step until the food is eaten, as far as its own wait and those of the steps that
 * follow it say; `from` 1 leaves out its own.
 */
export function waitsAfter({ steps }: Pick<Recipe, 'steps'>, step: RecipeStep, from: 0 | 1 = 0): number {
  const later = new Set([step.id]);
  for (const each of steps) if (each.after.some((id) => later.has(id))) later.add(each.id);
  return steps
    .filter(({ id }) => later.has(id) && (from === 0 || id !== step.id))
    .reduce((sum, { waitMinutes }) => sum + (waitMinutes?.low ?? 0), 0);
}

export function usesLine({ uses }: Pick<RecipeStep, 'uses'>, id: string): boolean {
  return uses.some(({ line }) => line === id);
}

/** Whether a line is in what a step handles: used there, named, or among all that comes together. */
export function handles(step: RecipeStep, { id, name }: RecipeLine): boolean {
  return usesLine(step, id) || names(step, name) || takesEverything(step);
}

const takesEverything = saying('everything');

/** A food that can be taken in place of one, where the larder knows how much of it. */
export function swapOf(
  { larder }: Pick<Judged, 'larder'>,
  missing: string,
  taken: string,
): Pick<Found, 'swap'> {
  const isKnown = findIngredient(larder, missing)?.substitutes.some(({ ingredient }) => ingredient === taken);
  return isKnown ? { swap: { missing, taken } } : {};
}

/** To what it is cooked in the middle: UK-style 75 °C, US-style 74, minced meat there 71. */
export function middleWords({ profile }: Judged, isMinced: boolean): string {
  if (isUkStyle(profile)) return '75 °C (82 °C in Scotland where it is reheated)';
  return isMinced ? '71 °C' : '74 °C';
}
