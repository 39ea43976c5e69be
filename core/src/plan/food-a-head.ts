import { formatMass, formatMillilitres, toNumber, type WorkingStep } from '../amounts/index.js';
import type { ClassFacts } from '../class/index.js';
import { timeOf } from '../identity/index.js';
import { findIngredient, type Larder } from '../larder/index.js';
import { batchesInAll, lineMeasure, usualDensity } from '../portions/index.js';
import type { PlannedDish } from './planned-dish.js';
import type { FoodAHead, PlanWarning } from './types.js';

/** Grams of food a head that are enough, by meal. Starting estimates. */
const enoughGrams = { lunch: [350, 450], dinner: [500, 600] } as const;
/** A class that begins before this hour eats at lunch. */
const dinnerFromHour = 16;

/**
 * Grams and rough millilitres a head: the lines as they go into the dish, of every batch that is eaten in
 * class, but not of one that stands in for another, is kept aside or is carried on to another class.
 */
export function foodAHead(facts: ClassFacts, dishes: readonly PlannedDish[], larder: Larder): FoodAHead {
  const each = dishes
    .filter(({ decided }) => decided.making?.longWait !== 'next class')
    .map((dish) => ({ title: dish.given.recipe.title, ...ofDish(dish, facts.people, larder) }));
  const grams = Math.round(each.reduce((sum, dish) => sum + dish.grams, 0));
  const millilitres = Math.round(each.reduce((sum, dish) => sum + dish.millilitres, 0));
  const meal = Number(timeOf(facts.startsAt).slice(0, 2)) < dinnerFromHour ? 'lunch' : 'dinner';
  const enough = enoughGrams[meal];
  const steps = each.map((dish): WorkingStep => ({
    label: dish.title,
    value: formatMass(dish.grams),
    note:
      `${formatMass(dish.grams * facts.people)} for ${facts.people} people, ` +
      `about ${formatMillilitres(dish.millilitres)} each.`,
  }));
  return {
    grams,
    millilitres,
    meal,
    enough,
    most: each.reduce((most, dish) => (dish.grams > most.grams ? dish : most), { title: '', grams: 0 }).title,
    workings: {
      title: 'Food a head',
      steps: [...steps, { label: `Enough for a ${meal}`, value: `${enough[0]}–${enough[1]} g` }],
      result: formatMass(grams),
      estimated: true,
    },
  };
}

function ofDish({ decided, portions }: PlannedDish, people: number, larder: Larder) {
  const eaten = portions.batches.filter(({ kind }) => kind !== 'swap' && kind !== 'spare');
  const batches = toNumber(batchesInAll(eaten));
  const lines = decided.recipe.lines
    .filter(({ ingredient, toTaste }) => ingredient !== 'water' && !toTaste)
    .map((line) => lineMeasure(line, findIngredient(larder, line.ingredient)));
  const grams = lines.reduce((sum, line) => sum + (line.grams ?? 0), 0);
  const millilitres = lines.reduce(
    (sum, line) => sum + (line.millilitres ?? (line.grams ?? 0) / usualDensity),
    0,
  );
  return { grams: (grams * batches) / people, millilitres: (millilitres * batches) / people };
}

/** More than people eat, with what to do about it. */
export function foodWarnings({ grams, meal, enough, most }: FoodAHead): PlanWarning[] {
  if (grams <= enough[1]) return [];
  return [
    {
      id: 'food',
      place: 'people',
      level: 'look',
      sentence: `About ${grams} g of food a head; ${enough[0]}–${enough[1]} g are enough for a ${meal}`,
      remedy: `Make a smaller portion of “${most}”, leave a dish out, or pack boxes to carry some home.`,
    },
  ];
}
