import { isMadeByStudents, type TimedDish } from '../../class/index.js';
import { stepKey, type StepKey } from '../../identity/index.js';
import { doing, either, inOneAct, isDone, isSaid, type RecipeStep, saying } from '../../recipes/index.js';
import type { TaskInput } from '../tasks/types.js';
import { type AttemptInput, attemptPlan } from './attempt.js';
import { leastOverrun } from './overrun.js';

/** What is put together, or is spoilt by standing, belongs to the class. */
const belongsToClass = either(
  doing('toss', 'serve', 'finish', 'seasoning', 'fold', 'spoon', 'assemble', 'arrange'),
  saying('at once', 'avocado', 'hot', 'warm'),
  inOneAct(isDone('mix'), isSaid('everything')),
);

/**
 * A class that would run over has some of its steps prepared by staff: as few as make it fit, the longest
 * first. What is put together at the end and what is decided by the instructor stays as it is. Null where
 * nothing can be prepared.
 */
export function withPrepared(input: AttemptInput): AttemptInput | null {
  const steps = preparable(input);
  if (steps.length === 0) return null;
  const prepared = (count: number): AttemptInput => ({
    ...input,
    leftToStaff: new Set(steps.slice(0, count)),
  });
  const fits = (count: number) => {
    const some = prepared(count);
    return leastOverrun(some) <= 0 && attemptPlan(some, 0, 'keeping') !== null;
  };
  let tooFew = 0;
  let enough = steps.length;
  while (enough - tooFew > 1) {
    const middle = (tooFew + enough) >> 1;
    if (fits(middle)) enough = middle;
    else tooFew = middle;
  }
  return prepared(enough);
}

/** Steps of what students make that staff could do before, with all that comes before them, longest first. */
function preparable({ dishes, decisions }: TaskInput): StepKey[] {
  return dishes
    .filter(({ timed }) => isMadeByStudents(timed.maker))
    .flatMap(({ timed }) => {
      const can = new Map<string, boolean>();
      const canBe = (step: RecipeStep): boolean => {
        const known = can.get(step.id);
        if (known !== undefined) return known;
        can.set(step.id, false);
        const is = isPreparation(step, timed, decisions) && stepsBefore(step, timed).every(canBe);
        can.set(step.id, is);
        return is;
      };
      return timed.recipe.steps
        .filter((step) => step.place === 'in class' && canBe(step))
        .map((step) => ({ key: stepKey(timed.id, step.id), minutes: minutesOf(step) }));
    })
    .sort((a, b) => b.minutes - a.minutes)
    .map(({ key }) => key);
}

function isPreparation(
  step: RecipeStep,
  { id, recipe }: TimedDish,
  decisions: TaskInput['decisions'],
): boolean {
  if (step.place !== 'in class') return true;
  const isLast = !recipe.steps.some(({ after }) => after.includes(step.id));
  const isFree = decisions.when[stepKey(id, step.id)] === undefined && !step.addedFor;
  return isFree && !isLast && (step.holdMinutes ?? Infinity) >= 60 && !belongsToClass(step);
}

function stepsBefore({ after }: RecipeStep, { recipe }: TimedDish): RecipeStep[] {
  return recipe.steps.filter(({ id }) => after.includes(id));
}

function minutesOf({ handsOnMinutes, waitMinutes }: RecipeStep): number {
  return handsOnMinutes + (waitMinutes?.high ?? 0);
}
