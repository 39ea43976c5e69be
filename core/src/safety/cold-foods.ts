import type { SafetyProfile } from '../class/index.js';
import { family, type Ingredient } from '../larder/index.js';
import { doing, either, type RecipeStep, saying } from '../recipes/index.js';
import { countsCutGreens } from './profile.js';

/** Counted as food for the cold once they are cut, by the profiles that do so: cabbage is a leaf, too. */
export const cutGreens: readonly string[] = [
  'cos-lettuce',
  'little-gem',
  'butterhead',
  'lettuce',
  'iceberg',
  'oak-leaf',
  'frisee',
  'batavia',
  'lambs-lettuce',
  'mizuna',
  'microleaves',
  'sorrel',
  'mixed-leaves',
  'rocket',
  'baby-spinach',
  'leaf-spinach',
  'swiss-chard',
  'kale',
  'watercress',
  'radicchio',
  'chicory',
  'cabbage',
  'red-cabbage',
  'savoy-cabbage',
  'pointed-cabbage',
  'pak-choi',
  'brussels-sprouts',
  'tomato',
  'cherry-tomato',
  'green-tomato',
  'melon',
  'watermelon',
];

/** Kept in the cold from the shop on, beside what its caution says: milk, and soft or fresh cheese. */
const dairy = family('cold when bought');
const eggs = family('eggs');
/** Food that needs the cold from when its tin or jar is opened. */
const opened = family('opened and kept cold');
/** Herbs, garlic, chilli and shallot, and what of them lies in oil. */
const aromatics = family('kept in oil only cold');
const inOil = either(doing('infuse', 'steep', 'confit'), saying('in oil', 'infuse', 'steep'));

/** From when on a food's time out counts: taken out, its second step, or only once it was cooked. */
export type CountsFrom = 'taken out' | 'second step' | 'cooked';

/** From when on the time of a food counts that a step takes first; null where it needs no cold. */
export function countsFrom(food: Ingredient, first: RecipeStep, profile: SafetyProfile): CountsFrom | null {
  if (isColdFood(food, first, profile)) return 'taken out';
  // Grains and pulses may swell in hot water without a hob.
  if (food.cautions.includes('cool-fast')) return 'second step';
  return food.section === 'vegetables' || food.section === 'grains and pulses' ? 'cooked' : null;
}

function isColdFood(food: Ingredient, step: RecipeStep, profile: SafetyProfile): boolean {
  const { cautions, id } = food;
  return (
    cautions.some((caution) => ['keep-cold', 'raw-protein', 'soft-cheese', 'sprouts'].includes(caution)) ||
    [dairy, eggs, opened].some((foods) => foods.has(food)) ||
    (countsCutGreens(profile) && cutGreens.includes(id)) ||
    isInOil(food, step)
  );
}

/** Garlic, herbs, chilli and shallot that lie in oil: cold from then on. */
function isInOil(food: Ingredient, step: RecipeStep): boolean {
  const { holdMinutes } = step;
  return aromatics.has(food) && inOil(step) && (holdMinutes === null || holdMinutes > usedSoon);
}

/** What is used within so many minutes is not kept in oil. ~ */
const usedSoon = 120;
