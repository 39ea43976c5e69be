import type { ClassFacts } from '../../class/index.js';
import { type DishId, taskRef } from '../../identity/index.js';
import { type RecipeStep, jobTitle } from '../../recipes/index.js';
import { applianceDemand } from './appliances.js';
import type { TaskDraft } from './draft.js';
import { welcomeMinutes } from './frame-minutes.js';
import { handsOn, type HandsOn } from './minutes.js';
import { handsOnWork } from './minutes-of-work.js';
import { addPreheating } from './preheating.js';
import { shownMinutes } from './shown.js';
import type { StepToPlan } from './types.js';
import { isWatched } from './watched.js';

/** People in a class take longer than the recipe's practised hands. */
const beginnerPace = 1.5;

/** The hands of a step; returns the id of their task. */
export function addHands(draft: TaskDraft, { dish, step, place, ofSwap }: StepToPlan): string {
  const { where, inClass } = place;
  const isShown = dish.maker === 'demonstration' && inClass && isWatched(dish, step, draft.input.facts);
  const work = isShown
    ? shownToAll(dish.id, step, draft.input.facts)
    : workOf(draft, { dish, step, place, ofSwap });
  if (where !== 'stations' && !inClass) draft.load[where] += work.minutes;
  const title = ofSwap ? `Swap: ${jobTitle(step, dish.recipe)}` : jobTitle(step, dish.recipe);
  const hands = draft.add({
    ref: taskRef(dish.id, step.id, 'hands', { ofSwap }),
    minutes: work.minutes,
    demands: [
      { resource: where, units: work.pairs },
      ...(step.waitMinutes ? [] : applianceDemand(draft.input.kitchen, step, place)),
      ...(isShown ? [{ resource: 'stations', units: draft.stationHands }] : []),
    ],
    ...(inClass
      ? { earliest: welcomeMinutes, latest: draft.eatAt, fromEnd: 'latest' as const }
      : { latest: -draft.setOutMinutes }),
    inClass,
    lane: where,
    kind: isShown ? 'demonstration' : where === 'stations' ? 'students' : 'prep',
    title,
    detail: step.text,
    dishTitle: dish.recipe.title,
    step,
    how: step.addedFor
      ? [{ label: 'Added by the plan', value: '', note: step.addedFor }, ...work.how]
      : work.how,
  });
  if (!step.waitMinutes) addPreheating(draft, { dish, step, ofSwap }, hands);
  return hands;
}

function workOf(draft: TaskDraft, { dish, step, place: { where, factor, rounds } }: StepToPlan): HandsOn {
  const work = draft.workOf(dish, step.id);
  const hands =
    where === 'stations' ? { hands: draft.stationHands, pace: beginnerPace } : { hands: 1, pace: 1 };
  return work ? handsOnWork(work, factor, { ...hands, rounds }) : handsOn(step, factor, { ...hands, rounds });
}

function shownToAll(dishId: DishId, step: RecipeStep, facts: ClassFacts): HandsOn {
  const { minutes, how } = shownMinutes(dishId, step, facts);
  return minutes > 0
    ? { minutes, pairs: 1, how }
    : {
        minutes: Math.max(1, step.handsOnMinutes),
        pairs: 1,
        how: [{ label: 'Demonstrated to all', value: `${step.handsOnMinutes} min` }],
      };
}
