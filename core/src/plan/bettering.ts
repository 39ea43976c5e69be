import type { KitShortage } from '../kit/index.js';
import { movedBetween } from '../timeline/index.js';
import type { ClassPlan } from './types.js';

/**
 * Steps in which a first plan is bettered, slice by slice, each from the one before: so a change of the
 * bundle can stop it, and every machine comes to the same plan.
 */
export const betteringSlices: readonly number[] = [10, 30, 60, 120];

/**
 * Whether a plan that was found later takes the place of the one that stands: something moved, and it asks
 * for no more tools than are there. The clock does not know the tools that the room shares, so a shorter plan
 * may want them at once; a way out that was taken would then be taken back by the plan itself.
 */
export function isBetter(standing: ClassPlan, found: ClassPlan): boolean {
  return (
    missing(found.kit.shortages) <= missing(standing.kit.shortages) &&
    movedBetween(standing.timeline, found.timeline).length > 0
  );
}

/** Tools that the kitchen lacks at the worst moments, in pieces. */
function missing(shortages: readonly KitShortage[]): number {
  return shortages.reduce((sum, { needed, inKitchen }) => sum + needed - inKitchen, 0);
}
