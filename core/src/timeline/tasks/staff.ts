import type { TimedDish } from '../../class/index.js';
import { idOf, stepKey, taskRef } from '../../identity/index.js';
import type { RecipeStep } from '../../recipes/index.js';
import type { TaskDraft } from './draft.js';
import { cratesOf, packMinutesPerCrate } from './frame-minutes.js';
import type { Staff } from './types.js';

/** Packing and setting out are the assistant's, so they count before any prep is shared out. */
export function shareOutFrame({ load, setOutMinutes, input }: TaskDraft): void {
  if (input.facts.assistants > 0)
    load.assistant = setOutMinutes + packMinutesPerCrate * cratesOf(input.stations);
}

/**
 * As decided; else prep is shared out by load, and in class the assistant does what students do not.
 * Demonstrations are the instructor's.
 */
export function staffFor(
  { input, load }: TaskDraft,
  {
    dish,
    step,
    inClass,
    ofSwap = false,
  }: { dish: TimedDish; step: RecipeStep; inClass: boolean; ofSwap?: boolean },
): Staff {
  if (input.facts.assistants === 0) return 'you';
  const wanted = input.decisions.hands[idOf(taskRef(dish.id, step.id, 'hands', { ofSwap }))];
  if (wanted) return wanted;
  if (inClass) return dish.maker === 'demonstration' ? 'you' : 'assistant';
  return load.assistant <= load.you ? 'assistant' : 'you';
}

/**
 * A step that may be either is done before, unless the instructor wants it in class. What comes before a step
 * that is done before class is done before, too.
 */
export function isInClass(draft: TaskDraft, dish: TimedDish, step: RecipeStep): boolean {
  return (
    isMeantForClass(draft, dish, step) &&
    dish.recipe.steps.every((each) => !each.after.includes(step.id) || isInClass(draft, dish, each))
  );
}

function isMeantForClass({ input }: TaskDraft, dish: TimedDish, step: RecipeStep): boolean {
  const wanted = input.decisions.when[stepKey(dish.id, step.id)];
  return (wanted ?? step.place) === 'in class';
}
