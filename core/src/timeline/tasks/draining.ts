import { mainFoodOf } from '../../recipes/index.js';
import { taskRef } from '../../identity/index.js';
import type { TaskDraft } from './draft.js';
import { endsSoak, rangeOf } from './keeping.js';
import { staffFor } from './staff.js';
import type { StepToPlan } from './types.js';

/** Pouring off, rinsing, covering. A starting estimate. */
const drainMinutes = 3;
/** How long soaked pulses keep in the cold, drained and covered. A starting estimate. */
export const drainedMinutes = 1440;
/** Above the turns of fresh water. */
const turn = 9;

/**
 * A soak that is over before anybody goes on with it is drained in its range and put into the cold; null
 * where a soak is gone on with in time. Returns the id of the job.
 */
export function addDraining(
  draft: TaskDraft,
  { dish, step, ofSwap }: StepToPlan,
  wait: string,
): string | null {
  if (!draft.input.isDrained || !endsSoak(step)) return null;
  const who = staffFor(draft, { dish, step, inClass: false, ofSwap });
  const drained = draft.add({
    ref: taskRef(dish.id, step.id, 'water', { ofSwap, turn }),
    minutes: drainMinutes,
    demands: [{ resource: who, units: 1 }],
    latest: -draft.setOutMinutes,
    inClass: false,
    lane: who,
    kind: 'prep',
    title: `Drain ${mainFoodOf(step, dish.recipe)}`,
    detail: 'The soak is over: pour the water off, rinse, cover and put into the cold until it is wanted.',
    dishTitle: dish.recipe.title,
    step: null,
    how: [
      {
        label: 'Added by the plan',
        value: `${drainMinutes} min`,
        note: 'It would lie in water for too long.',
      },
    ],
  });
  draft.link(wait, drained, { maxLag: rangeOf(step), isKeeping: true });
  return drained;
}
