import type { TimedDish } from '../../class/index.js';
import { taskRef } from '../../identity/index.js';
import { type RecipeStep, jobTitle } from '../../recipes/index.js';
import type { TaskDraft } from './draft.js';
import { welcomeMinutes } from './frame-minutes.js';
import { shownMinutes } from './shown.js';

/**
 * What students do is shown to all of them first, where the recipe says so and they do not know it yet;
 * null where it is not.
 */
export function addDemonstration(
  draft: TaskDraft,
  dish: TimedDish,
  step: RecipeStep,
  isAtStations: boolean,
): string | null {
  const { facts } = draft.input;
  const { minutes, how } = shownMinutes(dish.id, step, facts);
  if (!isAtStations || minutes === 0 || facts.demonstrationPlates === 0) return null;
  return draft.add({
    ref: taskRef(dish.id, step.id, 'shown'),
    minutes,
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
    title: `Show: ${jobTitle(step, dish.recipe)}`,
    detail: 'Every station stops and watches.',
    dishTitle: dish.recipe.title,
    step,
    how,
  });
}
