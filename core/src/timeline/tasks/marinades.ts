import type { Ingredient, Larder } from '../../larder/index.js';
import type { Recipe } from '../../recipes/index.js';
import { usedBy } from './putting-in.js';

/** Fish and tender meat stay in an acid marinade half an hour at most, poultry about four hours. */
const marinadeMinutes = { seafood: 30, poultry: 240 };

/** A marinade with acid ends in time for what lies in it. */
export function withShorterMarinades(recipe: Recipe, larder: Larder): Recipe {
  return {
    ...recipe,
    steps: recipe.steps.map((step) => {
      const limit =
        /\bmarina/i.test(step.text) && step.waitMinutes ? marinadeLimit(usedBy(recipe, step, larder)) : null;
      const left = limit === null ? null : Math.max(0, limit - step.waitMinutes!.high);
      return left === null || (step.holdMinutes !== null && step.holdMinutes <= left)
        ? step
        : { ...step, holdMinutes: left };
    }),
  };
}

function marinadeLimit(used: readonly Ingredient[]): number | null {
  if (!used.some((each) => each.composition?.acid && each.composition.acid.share.value > 0.03)) return null;
  const raw = used.filter((each) => each.section === 'fish and meat');
  if (raw.length === 0) return null;
  return raw.some((each) =>
    each.allergens.some(
      (allergen) => allergen === 'fish' || allergen === 'crustaceans' || allergen === 'molluscs',
    ),
  )
    ? marinadeMinutes.seafood
    : marinadeMinutes.poultry;
}
