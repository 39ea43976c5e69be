import { taskRef } from '../../identity/index.js';
import { showSpan } from '../../words/index.js';
import type { TaskDraft } from './draft.js';
import { doing, either, saying, mainFoodOf } from '../../recipes/index.js';
import { rangeOf } from './keeping.js';
import { staffFor } from './staff.js';
import type { StepToPlan } from './types.js';

/** Soaks as long as this want fresh water, about every 8 hours; nights are longer. Starting estimates. */
const longSoakMinutes = 16 * 60;
const minutesOfOneWater = 8 * 60;
const leastMinutesInWater = 5 * 60;
const mostMinutesInWater = 12 * 60;
const changeWaterMinutes = 3;
/** What lies in water or is soaked of its salt, but not what is salted to draw its own out. */
const liesInWater = either(doing('soak'), saying('soaked', 'in water', 'fresh water'));

/** A long soak has its water changed about every 8 hours, when somebody is in the kitchen. */
export function addFreshWater(
  draft: TaskDraft,
  { dish, step, ofSwap }: StepToPlan,
  { hands, wait }: { hands: string; wait: string },
): void {
  const soakMinutes = step.waitMinutes!.high;
  if (soakMinutes < longSoakMinutes || !liesInWater(step)) return;
  const changes = Math.ceil(soakMinutes / minutesOfOneWater) - 1;
  for (let turn = 1, before = hands; turn <= changes; turn++) {
    const who = staffFor(draft, { dish, step, inClass: false, ofSwap });
    const change = draft.add({
      ref: taskRef(dish.id, step.id, 'water', { ofSwap, turn }),
      minutes: changeWaterMinutes,
      demands: [{ resource: who, units: 1 }],
      latest: -draft.setOutMinutes,
      inClass: false,
      lane: who,
      kind: 'prep',
      title: `Change the water of ${mainFoodOf(step, dish.recipe)}`,
      detail: `Pour the water off and cover with fresh, change ${turn} of ${changes}.`,
      dishTitle: dish.recipe.title,
      step: null,
      how: [
        {
          label: `Soaked ${showSpan(soakMinutes)}, fresh water about every ${showSpan(minutesOfOneWater)}`,
          value: `${changes} changes`,
        },
      ],
    });
    draft.link(before, change, { minLag: leastMinutesInWater, maxLag: mostMinutesInWater });
    draft.link(change, wait, { minLag: -(soakMinutes - rangeOf(step)) });
    before = change;
  }
}
