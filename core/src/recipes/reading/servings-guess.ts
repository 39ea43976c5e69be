import { type MeasureSystem, sizeOfUnit, toNumber } from '../../amounts/index.js';
import {
  conversionFacts,
  findIngredient,
  type Ingredient,
  type Larder,
  standardLarder,
} from '../../larder/index.js';
import { pieceSizeOf } from '../size.js';
import type { DishKind, Portion, Recipe, RecipeLine } from '../types.js';

/** Grams of a dish a head, by its kind: estimates of the trade. */
const gramsAHead: Readonly<Record<DishKind, Readonly<Record<Portion, number>>>> = {
  salad: { taste: 90, side: 160, main: 350 },
  dip: { taste: 40, side: 60, main: 90 },
  dressing: { taste: 10, side: 20, main: 30 },
};

/** More people than this are guessed by twos, as recipes count. */
const byTwosFrom = 5;
/** A recipe that weighs less than this has lines whose weight nobody knows. */
const leastWeighed = 0.5;

/** For how many a recipe seems to be, by what it weighs, with the figures that it comes from. */
export interface ServingsGuess {
  readonly serves: number;
  readonly grams: number;
  readonly gramsAHead: number;
}

/**
 * For how many a recipe is by the weight of its food; null where too few of its lines can be weighed. What
 * is dry counts as it swells.
 */
export function guessServings(
  { lines, kind, portion, system }: Pick<Recipe, 'lines' | 'kind' | 'portion' | 'system'>,
  larder: Larder = standardLarder,
): ServingsGuess | null {
  const measured = lines.filter(({ amount }) => amount !== null);
  const weights = measured.map((line) => gramsOf(line, system, larder));
  const known = weights.filter((grams) => grams !== null);
  if (known.length === 0 || known.length < measured.length * leastWeighed) return null;
  const grams = Math.round(known.reduce((sum, each) => sum + each, 0));
  const aHead = gramsAHead[kind][portion];
  const people = Math.max(1, Math.round(grams / aHead));
  const serves = people < byTwosFrom ? people : 2 * Math.round(people / 2);
  return { serves, grams, gramsAHead: aHead };
}

/** Water to soak or boil in is not eaten. */
const notEaten = new Set(['water', 'ice']);

/** Grams of a line as it is eaten; null where nobody knows them. */
function gramsOf(line: RecipeLine, system: MeasureSystem, larder: Larder): number | null {
  const food = findIngredient(larder, line.ingredient);
  if (!line.amount || !line.unit) return null;
  if (food && notEaten.has(food.id)) return 0;
  const size =
    packGrams(line, food, system) ??
    sizeOfUnit(line.unit, 'g', conversionFacts(food, line.preparation, pieceSizeOf(line.note)), system);
  if (size === null) return null;
  const middle = (toNumber(line.amount.low) + toNumber(line.amount.high)) / 2;
  const swells = food?.dryToCooked && line.basis === 'purchased' ? food.dryToCooked.value : 1;
  return middle * size * swells * (line.byProducts.length > 0 ? shareOfByProduct : 1);
}

/** A lemon gives so much of itself as juice. An estimate, good enough for a guess. */
const shareOfByProduct = 0.4;

/** What a tin or packet of a said size holds, drained. */
function packGrams({ pack }: RecipeLine, food: Ingredient | null, system: MeasureSystem): number | null {
  const size = pack && sizeOfUnit(pack.unit, 'g', conversionFacts(food, []), system);
  return size === null ? null : toNumber(pack!.low) * size * (food?.drainedShare?.value ?? 1);
}
