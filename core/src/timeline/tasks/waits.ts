import { taskRef } from '../../identity/index.js';
import type { RecipeStep } from '../../recipes/index.js';
import { showRange } from '../../words/index.js';
import { applianceDemand, roundsOfWait } from './appliances.js';
import type { TaskDraft } from './draft.js';
import { addFreshWater } from './fresh-water.js';
import { minutesALitre } from './minutes.js';
import { addPreheating } from './preheating.js';
import { isEatenReadyMade } from './swaps.js';
import { nameOfWait, waitTitle } from './titles.js';
import type { HowStep, StepToPlan } from './types.js';

/** What a step waits for once its hands are off, in as many rounds as its appliance and vessel ask for. */
export function addWait(draft: TaskDraft, planned: StepToPlan, hands: string): string {
  const { dish, step, place, ofSwap } = planned;
  const rounds = roundsOfWait(draft.input.kitchen, step, place);
  const wait = draft.add({
    ref: taskRef(dish.id, step.id, 'wait', { ofSwap }),
    name: nameOfWait(step.text),
    minutes: step.waitMinutes!.high * rounds + place.heatingMinutes,
    demands: applianceDemand(draft.input.kitchen, step, place),
    latest: latestOf(draft, planned),
    fromEnd: ofSwap ? undefined : 'latest',
    lane: step.occupies?.appliance ?? 'resting',
    kind: 'wait',
    title: waitTitle(step),
    detail: step.until || step.text,
    dishTitle: dish.recipe.title,
    step,
    how: howWaited(step, rounds, place.heatingMinutes),
  });
  draft.link(hands, wait, { maxLag: 0 });
  addPreheating(draft, planned, wait);
  addFreshWater(draft, planned, { hands, wait });
  return wait;
}

/**
 * A swap is ready before the stations are set out. What it stands in for may be ready when the class is over,
 * all else when it is eaten.
 */
function latestOf({ input, eatAt, setOutMinutes }: TaskDraft, { dish, place, ofSwap }: StepToPlan): number {
  if (ofSwap) return -setOutMinutes;
  return isEatenReadyMade(dish) && place.inClass ? input.facts.lengthMinutes : eatAt;
}

function howWaited({ waitMinutes, until }: RecipeStep, rounds: number, heatingMinutes: number): HowStep[] {
  const { low, high } = waitMinutes!;
  return [
    {
      label: 'Waiting, as written',
      value: `${showRange(low, high)} min`,
      note: until ? `Look first at ${low} min: ${until}.` : undefined,
    },
    ...(rounds > 1 ? [{ label: 'Rounds', value: String(rounds), note: 'It does not all fit at once.' }] : []),
    ...(heatingMinutes > 0
      ? [
          {
            label: 'More water than as written takes longer to boil',
            value: `+ ${heatingMinutes} min`,
            note: `${minutesALitre} min for a litre.`,
          },
        ]
      : []),
  ];
}
