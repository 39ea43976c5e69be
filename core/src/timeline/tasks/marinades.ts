import { type Ingredient, keepingOf, type Larder } from '../../larder/index.js';
import { doing, either, type Recipe, saying } from '../../recipes/index.js';
import { usedBy } from './putting-in.js';

const marinates = either(doing('marinate'), saying('marinade'));

/** A marinade with acid ends in time for what lies in it. */
export function withShorterMarinades(recipe: Recipe, larder: Larder): Recipe {
  return {
    ...recipe,
    steps: recipe.steps.map((step) => {
      const limit = marinates(step) && step.waitMinutes ? marinadeLimit(usedBy(recipe, step, larder)) : null;
      const left = limit === null ? null : Math.max(0, limit - step.waitMinutes!.high);
      return left === null || (step.holdMinutes !== null && step.holdMinutes <= left)
        ? step
        : { ...step, holdMinutes: left };
    }),
  };
}

function marinadeLimit(used: readonly Ingredient[]): number | null {
  if (!used.some((each) => each.composition?.acid && each.composition.acid.share.value > 0.03)) return null;
  const limits = used
    .filter(({ section }) => section === 'fish and meat')
    .map((food) => keepingOf(food, 'raw in acid')?.minutes ?? longestMarinade);
  return limits.length > 0 ? Math.min(...limits) : null;
}

/** What has no row of its own stays as long as poultry. */
const longestMarinade = keepingOf('chicken-breast', 'raw in acid')!.minutes;
