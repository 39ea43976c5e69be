import { toNumber } from '../../amounts/index.js';
import type { TimedDish } from '../../class/index.js';
import type { DishPortions } from '../../portions/index.js';
import type { RecipeStep } from '../../recipes/index.js';
import type { TaskDraft } from './draft.js';
import { heatingFor, roundsFor } from './minutes.js';
import { staffFor } from './staff.js';
import type { StepPlace } from './types.js';

/** A ready-made swap is a batch of its own, finished before class: every step by staff, with its waits. */
export function placeOfSwap(
  draft: TaskDraft,
  dish: TimedDish,
  step: RecipeStep,
  portions: DishPortions,
): StepPlace {
  const batch = portions.batches.find((each) => each.kind === 'swap')!;
  return {
    where: staffFor(draft, { dish, step, inClass: false, ofSwap: true }),
    factor: toNumber(batch.factor),
    inClass: false,
    rounds: roundsFor(step, portions, batch),
    heatingMinutes: heatingFor(step, portions, batch),
    places: 1,
  };
}

/**
 * The steps of a ready-made swap: all of them; where the own batch goes home, up to that wait, since the rest
 * is done in class with what is ready.
 */
export function stepsOfSwap(steps: readonly RecipeStep[]): RecipeStep[] {
  const later = new Set<string>();
  for (const step of steps)
    if (step.after.some((id) => later.has(id) || steps.find((each) => each.id === id)?.waitsAtHome))
      later.add(step.id);
  return steps.filter(({ id }) => !later.has(id));
}
