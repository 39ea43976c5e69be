import { isEatenReadyMade } from '../../class/index.js';
import { taskRef } from '../../identity/index.js';
import { type RecipeStep, nameOfWait, waitTitle } from '../../recipes/index.js';
import { showRange, showSpan } from '../../words/index.js';
import { applianceDemand, laneOfWait, roundsOfWait } from './appliances.js';
import type { TaskDraft } from './draft.js';
import { addFreshWater } from './fresh-water.js';
import { rangeOf } from './keeping.js';
import { minutesALitre } from './minutes.js';
import { addPreheating } from './preheating.js';
import type { HowStep, StepToPlan } from './types.js';

/** What a step waits for once its hands are off, in as many rounds as its appliance and vessel ask for. */
export function addWait(draft: TaskDraft, planned: StepToPlan, hands: string): string {
  const { dish, step, place, ofSwap } = planned;
  const rounds = roundsOfWait(draft.input.kitchen, step, place);
  const wait = draft.add({
    ref: taskRef(dish.id, step.id, 'wait', { ofSwap }),
    name: nameOfWait(step, dish.recipe),
    minutes: (step.waitMinutes!.high - rangeOf(step)) * rounds + place.heatingMinutes,
    demands: applianceDemand(draft.input.kitchen, step, place),
    latest: latestOf(draft, planned),
    fromEnd: ofSwap || isMadeAhead(planned) ? undefined : 'latest',
    lane: laneOfWait(draft.input.kitchen, step),
    kind: 'wait',
    title: waitTitle(step, dish.recipe),
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

function isMadeAhead({ dish, place }: StepToPlan): boolean {
  return dish.maker === 'made ahead' && !place.inClass;
}

/**
 * A swap is ready before the stations are set out, what is made ahead when class begins. What it stands in
 * for may be ready when the class is over, all else when it is eaten.
 */
function latestOf({ input, eatAt, setOutMinutes }: TaskDraft, planned: StepToPlan): number {
  const { dish, place, ofSwap } = planned;
  if (ofSwap) return -setOutMinutes;
  if (isMadeAhead(planned)) return 0;
  return isEatenReadyMade(dish) && place.inClass ? input.facts.lengthMinutes : eatAt;
}

function rangeNote(step: RecipeStep): string | undefined {
  const range = rangeOf(step);
  return range > 0 ? `The least of it; up to ${showSpan(range)} longer is as good.` : undefined;
}

function howWaited(step: RecipeStep, rounds: number, heatingMinutes: number): HowStep[] {
  const { until } = step;
  const { low, high } = step.waitMinutes!;
  return [
    {
      label: 'Waiting, as written',
      value: `${showRange(low, high)} min`,
      note: until ? `Look first at ${low} min: ${until}.` : rangeNote(step),
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
