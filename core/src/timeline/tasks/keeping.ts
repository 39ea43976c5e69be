import { keepingOf } from '../../larder/index.js';
import { doing, either, type RecipeStep, saying } from '../../recipes/index.js';

/** What is cut, cooked or toasted before class keeps so long, covered and cold. */
export const preparedMinutes = keepingOf(null, 'prepared')!.minutes;

/** A wait that may be longer by this has a range that a plan can use. */
const leastRange = 60;
/** What lies in water, and must come out of it in time. */
const soaks = either(doing('soak'), saying('soaked'));

/** Minutes by which a wait in the cold or on the side may be longer than it must be; 0 where it may not. */
export function rangeOf({ waitMinutes, occupies }: Pick<RecipeStep, 'waitMinutes' | 'occupies'>): number {
  const range = waitMinutes ? waitMinutes.high - waitMinutes.low : 0;
  const isLeft = occupies === null || occupies.appliance === 'fridge';
  return isLeft && range >= leastRange ? range : 0;
}

/**
 * How long the result of a step is good once its wait is over at the earliest: as long as it keeps, and
 * what the wait may be longer; of a soak that names no keeping, that alone. Null for no limit that matters.
 */
export function endsSoak(step: RecipeStep): boolean {
  return step.holdMinutes === null && rangeOf(step) > 0 && soaks(step);
}

export function keepsFor(step: RecipeStep): number | null {
  const range = rangeOf(step);
  if (step.holdMinutes !== null) return step.holdMinutes + range;
  return endsSoak(step) ? range : null;
}
