import type { TimedDish } from '../../class/index.js';
import { idOf, stepKey, taskRef } from '../../identity/index.js';
import type { RecipeStep } from '../../recipes/index.js';
import type { TaskDraft } from './draft.js';
import { cratesOf, packMinutesPerCrate } from './frame-minutes.js';
import type { Staff } from './types.js';
import { isWantedInClass } from './wanted.js';
import { isWatched } from './watched.js';

/** Packing and setting out are the assistant's, so they count before any prep is shared out. */
export function shareOutFrame({ load, setOutMinutes, input }: TaskDraft): void {
  if (input.facts.assistants > 0)
    load.assistant = setOutMinutes + packMinutesPerCrate * cratesOf(input.stations);
}

/**
 * As decided; else prep is shared out by load, and in class the assistant does what students do not.
 * What is shown to all is the instructor's.
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
  if (inClass)
    return dish.maker === 'demonstration' && isWatched(dish, step, input.facts) ? 'you' : 'assistant';
  return load.assistant <= load.you ? 'assistant' : 'you';
}

/**
 * Whether a step is done in class. What comes before a step that is done before class is done before, too.
 */
export function isInClass(draft: TaskDraft, dish: TimedDish, step: RecipeStep): boolean {
  const isMeantForClass = isLeftToTheEnd(draft, dish, step)
    ? finishMinutes(draft, dish, step) > 0
    : isWantedInClass(draft.input, dish, step);
  return (
    isMeantForClass &&
    dish.recipe.steps.every((each) => !each.after.includes(step.id) || isInClass(draft, dish, each))
  );
}

/** Of a dish that is made ahead nothing but its last minutes is done in class, unless it is decided so. */
function isLeftToTheEnd({ input }: TaskDraft, { id, maker }: TimedDish, step: RecipeStep): boolean {
  return maker === 'made ahead' && !input.decisions.when[stepKey(id, step.id)];
}

/**
 * A dish that is made ahead is finished before class. Only what does not keep from then until it is eaten, or
 * until it goes into such a step, is left for the last minutes: how many of them from its start to eating; 0
 * where it is done before.
 */
function finishMinutes(draft: TaskDraft, dish: TimedDish, step: RecipeStep): number {
  if (step.place === 'before' || step.holdMinutes === null) return 0;
  const later = dish.recipe.steps.filter(({ after }) => after.includes(step.id));
  const toFinish = Math.max(0, ...later.map((each) => finishMinutes(draft, dish, each)));
  if (later.length > 0 && toFinish === 0) return 0;
  const needed = draft.eatAt - toFinish + draft.setOutMinutes;
  if (step.holdMinutes >= needed) return 0;
  return toFinish + Math.max(1, step.handsOnMinutes) + (step.waitMinutes?.high ?? 0);
}
