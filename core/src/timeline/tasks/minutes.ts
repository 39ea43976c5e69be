import { showNumber, toNumber } from '../../amounts/index.js';
import type { Batch, DishPortions } from '../../portions/index.js';
import type { RecipeStep } from '../../recipes/index.js';
import type { HowStep } from './types.js';

/** Work longer than this at a station is shared by two pairs of hands. */
export const shareWorkOverMinutes = 12;

/** The rounds that the fullest vessel of a step asks for, for the batch in question or any. */
export function roundsFor(step: RecipeStep, portions: DishPortions, batch: Batch | null): number {
  // A second serving dish or box is filled in the same go; a bowl or a pan is worked in again.
  const fits = portions.fits.filter(
    (fit) =>
      fit.stepId === step.id &&
      fit.kind !== 'serving dish' &&
      fit.kind !== 'storage box' &&
      (!batch || fit.batchId === batch.id),
  );
  return fits.reduce((most, fit) => Math.max(most, fit.rounds), 1);
}

/** Bringing a litre of water to the boil on a ring. A starting estimate. */
export const minutesALitre = 3;
/** Litres of water to a litre of food in a pot: two fifths of it are food. */
const waterToFood = 1.5;

/**
 * Minutes that a pot takes longer to boil than the recipe counts with, because it holds more water than for
 * the recipe as written.
 */
export function heatingFor(step: RecipeStep, portions: DishPortions, batch: Batch | null): number {
  const fits = portions.fits.filter(
    (fit) => fit.stepId === step.id && fit.kind === 'pot' && (!batch || fit.batchId === batch.id),
  );
  const more = fits.map((fit) => {
    const factor = toNumber(portions.batches.find((each) => each.id === fit.batchId)!.factor);
    return ((fit.food / fit.rounds - fit.food / factor) / 1000) * waterToFood * fit.rounds;
  });
  return Math.round(Math.max(0, ...more) * minutesALitre);
}

/** Emptying and filling a vessel again. A starting estimate. */
export const minutesBetweenRounds = 1;

export function largest(batches: readonly Batch[]): Batch | null {
  return batches.reduce<Batch | null>(
    (best, each) => (!best || toNumber(each.factor) > toNumber(best.factor) ? each : best),
    null,
  );
}

/** How many pairs of hands there may be, how much slower than practised ones, in how many rounds. */
export interface PairsOfHands {
  readonly hands: number;
  readonly pace: number;
  readonly rounds: number;
}

/** Work for hands: minutes of so many pairs, and how that came about. */
export interface HandsOn {
  readonly minutes: number;
  readonly pairs: number;
  readonly how: readonly HowStep[];
}

/**
 * Hands-on minutes for a batch: they grow with the amount per pair of hands, but never fall under half of
 * what is written; loading something that then waits grows only past a double batch. Starting estimates.
 */
export function handsOn(step: RecipeStep, factor: number, pairOfHands: PairsOfHands): HandsOn {
  const growth = step.waitMinutes ? Math.max(1, factor / 2) : Math.max(0.5, factor);
  const alone = step.handsOnMinutes * growth * pairOfHands.pace;
  const pairs = alone > shareWorkOverMinutes && pairOfHands.hands >= 2 ? 2 : 1;
  const again = step.handsOnMinutes > 0 ? (pairOfHands.rounds - 1) * minutesBetweenRounds : 0;
  const minutes = Math.max(1, Math.ceil(alone / pairs - 1e-9) + again);
  const how = [
    { label: 'Hands-on, as written', value: `${step.handsOnMinutes} min` },
    {
      label: `× ${showNumber(growth)} for ${showNumber(factor)} batches`,
      value: `${showNumber(step.handsOnMinutes * growth)} min`,
      note: step.waitMinutes
        ? 'Loading grows only past a double batch.'
        : growth > factor
          ? 'Never under half of what is written.'
          : undefined,
    },
    ...(pairOfHands.pace === 1
      ? []
      : [{ label: `× ${pairOfHands.pace} for people who are learning`, value: `${showNumber(alone)} min` }]),
    ...(pairs > 1 ? [{ label: 'Two pairs of hands', value: `${minutes - again} min` }] : []),
    ...(again > 0
      ? [{ label: `${pairOfHands.rounds} rounds: it does not fit at once`, value: `+ ${again} min` }]
      : []),
  ];
  return { minutes, pairs, how };
}
