import { mostDelay, mostWatching } from '../read/attention.js';
import type { TimedDish } from '../../class/index.js';
import { stepKey, taskRef } from '../../identity/index.js';
import { jobTitle, type RecipeStep } from '../../recipes/index.js';
import { timedOf, type TaskDraft } from './draft.js';
import { welcomeMinutes } from './frame-minutes.js';
import { candidatesOf } from './shows.js';
import type { PlanLink, Show } from './types.js';

/** What students do is shown to all of them first, where the class has it shown; null where it has not. */
export function addDemonstration(
  draft: TaskDraft,
  dish: TimedDish,
  step: RecipeStep,
  isAtStations: boolean,
): string | null {
  const show = draft.shows.get(stepKey(dish.id, step.id));
  if (!isAtStations || !show) return null;
  const others = show.together.flatMap((key) => titleOf(draft, key) ?? []);
  return draft.add({
    ref: taskRef(dish.id, step.id, 'shown'),
    minutes: show.minutes,
    demands: [
      { resource: 'you', units: 1 },
      { resource: 'stations', units: draft.stationHands },
    ],
    earliest: welcomeMinutes,
    latest: draft.eatAt,
    fromEnd: 'latest',
    inClass: true,
    lane: 'you',
    kind: 'demonstration',
    title: `Show: ${[jobTitle(step, dish.recipe), ...others].join('; ')}`,
    detail: 'Every station stops and watches.',
    dishTitle: dish.recipe.title,
    step,
    how: show.how,
  });
}

function titleOf({ input }: TaskDraft, key: string): string | null {
  for (const { timed } of input.dishes)
    for (const step of timed.recipe.steps)
      if (stepKey(timed.id, step.id) === key) return jobTitle(step, timed.recipe);
  return null;
}

/**
 * What was shown is done soon, unless its recipe wants it shown and a ready-made swap lets that be while the
 * own batch still waits.
 */
export function seenSoon(dish: Pick<TimedDish, 'making'>, show: Show): Partial<PlanLink> {
  if (dish.making?.swap && !show.isAdded) return {};
  return { maxLag: Math.max(0, Math.min(mostDelay, mostWatching - show.minutes)), isSeen: true };
}

/**
 * What is shown together is done soon after it; and nobody does what is shown later: other steps with its
 * techniques come after it, in the order in which a class comes to them.
 */
export function linkDemonstrations(draft: TaskDraft): void {
  const { facts } = draft.input;
  const atStations = candidatesOf(timedOf(draft.input), facts).flatMap(({ key, dish, step }) => {
    const tasks = draft.tasksOf(dish, step.id);
    return tasks && draft.isOfStudents(tasks.hands) ? [{ key, dish, step, tasks }] : [];
  });
  atStations.forEach(({ key, tasks: { shown } }, index) => {
    const show = shown === null ? undefined : draft.shows.get(key);
    if (!show) return;
    for (const other of atStations.slice(index + 1)) {
      if (show.together.includes(other.key))
        draft.link(shown!, other.tasks.hands, seenSoon(other.dish, show));
      else if (other.step.techniques.some((each) => show.techniques.includes(each)))
        draft.link(shown!, other.tasks.shown ?? other.tasks.hands, { isFirstUse: true });
    }
  });
}
