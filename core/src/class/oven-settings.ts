import { cacheByOwner } from '../identity/index.js';
import type { Recipe, RecipeStep } from '../recipes/index.js';
import { appliancesOf, type KitchenFacts } from './kitchen.js';

/** Dishes whose settings are so far apart at the most go into one oven together, in degrees Celsius. */
const mostApart = 15;
/** A fan oven is set so much under a conventional one, in degrees Celsius. */
const fanUnder = 20;

/**
 * What the ovens of a class are set to, by what its recipes say, in degrees Celsius of a conventional oven.
 */
export interface OvenSettings {
  readonly setTo: ReadonlyMap<number, number>;
  readonly isFan: boolean;
}

/**
 * Settings that lie close together are one: that of the step which is in longest. A kitchen whose ovens are
 * all fan ovens sets them lower.
 */
export function ovenSettings(
  recipes: readonly Recipe[],
  kitchen: Pick<KitchenFacts, 'appliances'>,
): OvenSettings {
  const wanted = new Map<number, number>();
  for (const step of recipes.flatMap(({ steps }) => steps)) {
    const celsius = celsiusOf(step);
    const minutes = step.waitMinutes?.high ?? step.handsOnMinutes;
    if (celsius !== null) wanted.set(celsius, Math.max(wanted.get(celsius) ?? 0, minutes));
  }
  const setTo = new Map<number, number>();
  for (const group of groupsOf([...wanted.keys()].sort((a, b) => a - b))) {
    const longest = group.reduce((best, each) => (wanted.get(each)! > wanted.get(best)! ? each : best));
    for (const each of group) setTo.set(each, longest);
  }
  return { setTo, isFan: hasFanOvens(kitchen) };
}

function groupsOf(sorted: readonly number[]): number[][] {
  const groups: number[][] = [];
  for (const celsius of sorted) {
    const last = groups.at(-1);
    if (last && celsius - last[0]! <= mostApart) last.push(celsius);
    else groups.push([celsius]);
  }
  return groups;
}

function hasFanOvens(kitchen: Pick<KitchenFacts, 'appliances'>): boolean {
  const oven = appliancesOf(kitchen).find(({ appliance }) => appliance === 'oven');
  return oven ? oven.settings.split(';').every((each) => wordsOf(each).includes('fan')) : false;
}

const wordsOf = (text: string) => text.toLowerCase().split(/[^a-z]+/);

function celsiusOf({ occupies }: RecipeStep): number | null {
  if (occupies?.appliance !== 'oven') return null;
  const found = /^(\d+) °C$/.exec(occupies.setting);
  return found ? Number(found[1]) : null;
}

const made = cacheByOwner<Recipe, Recipe>();

/** A recipe with its oven steps at what the ovens are really set to. */
export function withOvenSettings(recipe: Recipe, settings: OvenSettings): Recipe {
  const words = recipe.steps.map((step) => setWords(step, settings));
  if (words.every((each) => each === null)) return recipe;
  return made(recipe, words, () => ({
    ...recipe,
    steps: recipe.steps.map((step, index) => set(step, words[index]!)),
  }));
}

function setWords(step: RecipeStep, { setTo, isFan }: OvenSettings): string | null {
  const celsius = celsiusOf(step);
  const together = celsius === null ? undefined : setTo.get(celsius);
  if (celsius === null || together === undefined || (together === celsius && !isFan)) return null;
  return isFan ? `${together - fanUnder} °C fan` : `${together} °C`;
}

function set(step: RecipeStep, words: string | null): RecipeStep {
  if (words === null) return step;
  return {
    ...step,
    text: `${step.text.trim()} (Oven: ${words}.)`,
    occupies: { appliance: 'oven', setting: words },
  };
}
