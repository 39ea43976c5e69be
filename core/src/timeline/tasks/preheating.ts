import { appliancesOf } from '../../class/index.js';
import { classTaskRef, idOf, type TaskRef } from '../../identity/index.js';
import type { Appliance, RecipeStep } from '../../recipes/index.js';
import type { TaskDraft } from './draft.js';
import type { DishOnClock, StepToPlan } from './types.js';

/**
 * An oven or griddle is heated for each setting before its first use. Where a class wants it at several,
 * every dish has it heated right before its own first use: another setting may come between.
 */
export function addPreheating(
  draft: TaskDraft,
  { dish, step, ofSwap }: Pick<StepToPlan, 'dish' | 'step' | 'ofSwap'>,
  before: string,
): void {
  if (!step.occupies) return;
  const { appliance, setting } = step.occupies;
  const inKitchen = appliancesOf(draft.input.kitchen).find((each) => each.appliance === appliance);
  const heatMinutes = inKitchen?.heatMinutes ?? 0;
  if (heatMinutes === 0) return;
  const isShared = settingsOf(draft.input.dishes, appliance).size < 2;
  const turn = isShared ? 1 : draft.turnOf(`${appliance}:${setting}`, `${dish.id}${ofSwap ? ', swap' : ''}`);
  const ref = classTaskRef('heating', `${appliance}:${setting}`, turn);
  const isFirst = !draft.has(idOf(ref));
  if (isFirst) addHeating(draft, ref, step.occupies, heatMinutes);
  draft.link(idOf(ref), before, isFirst && !isShared ? { maxLag: 0 } : {});
}

/** The settings at which the dishes of a class want an appliance. */
function settingsOf(dishes: readonly DishOnClock[], appliance: Appliance): ReadonlySet<string> {
  return new Set(
    dishes.flatMap(({ timed }) =>
      timed.recipe.steps.flatMap(({ occupies }) =>
        occupies?.appliance === appliance ? [occupies.setting] : [],
      ),
    ),
  );
}

function addHeating(
  draft: TaskDraft,
  ref: TaskRef,
  { appliance, setting }: NonNullable<RecipeStep['occupies']>,
  minutes: number,
): void {
  const title = `Heat the ${appliance}${setting ? ` to ${setting}` : ''}`;
  draft.add({
    ref,
    minutes,
    demands: [{ resource: appliance, units: 1, setting: setting || undefined }],
    latest: draft.eatAt,
    fromEnd: 'latest',
    lane: appliance,
    kind: 'wait',
    title,
    detail: title,
    dishTitle: '',
    step: null,
    how: [{ label: `The ${appliance} takes time to heat`, value: `${minutes} min` }],
  });
}
