import { isMadeByStudents } from '../../class/index.js';
import { stepKey, type StepKey } from '../../identity/index.js';
import { objective } from '../objective.js';
import { usedMinutes } from '../read/budget.js';
import type { TaskInput } from '../tasks/types.js';
import { type Attempt, type AttemptInput, attemptPlan } from './attempt.js';
import { bringForward } from './find-plan.js';
import { figuresOf } from './figures.js';
import { withHandsBusy } from './hands-busy.js';
import { leastOverrun } from './overrun.js';
import { spellsOf } from './spells.js';

/** A step that waits longer is worth its place in class only if there is other work meanwhile. */
const longWait = 45;
/** Of such steps so many are tried. */
const mostLongWaits = 3;

/**
 * Steps that may be done in class or before go to the students as long as the class is under 85 % full and
 * keeps every keeping time: first those that teach a technique, and of a recipe the later ones, as what comes
 * before a step that is done ahead is done ahead, too. As many as fit are found by halves; then those that
 * wait long are tried one by one, which must not leave the stations idle.
 */
export function sharedOut(input: AttemptInput): AttemptInput {
  const offered = offeredSteps(input);
  const isShort = ({ wait }: Offered) => wait < longWait;
  const short = offered.filter(isShort).map(({ key }) => key);
  const long = offered.filter((each) => !isShort(each)).slice(0, mostLongWaits);
  // The same steps are the same question, so that their tasks are built once.
  const asked = new Map<string, AttemptInput>();
  const withSteps = (steps: readonly StepKey[]): AttemptInput => {
    const question =
      asked.get(steps.join()) ?? (steps.length === 0 ? input : { ...input, leftToStudents: new Set(steps) });
    asked.set(steps.join(), question);
    return question;
  };
  let given = mostThatFit(short, (steps) => onTimeWith(withSteps(steps)) !== null);
  for (const { key } of long) {
    const more = [...given, key];
    const percent = percentWith(withSteps(more));
    if (
      percent !== null &&
      (percent >= objective.atWork.limits.saidUnderPercent || percent >= (percentWith(withSteps(given)) ?? 0))
    )
      given = more;
  }
  return given.length > 0 ? withSteps(given) : input;
}

interface Offered {
  readonly key: StepKey;
  readonly teaches: boolean;
  readonly wait: number;
}

function offeredSteps({ dishes, decisions }: TaskInput): Offered[] {
  const open = dishes
    .filter(({ timed }) => isMadeByStudents(timed.maker))
    .flatMap(({ timed: { id, recipe } }) =>
      recipe.steps
        .filter((step) => step.place === 'either' && !step.addedFor)
        .reverse()
        .map((step) => ({
          key: stepKey(id, step.id),
          teaches: step.techniques.length > 0,
          wait: step.waitMinutes?.high ?? 0,
        })),
    )
    .filter(({ key }) => decisions.when[key] === undefined);
  return [...open.filter(({ teaches }) => teaches), ...open.filter(({ teaches }) => !teaches)];
}

/** The most of the first ones that fit, by halves. */
function mostThatFit(
  steps: readonly StepKey[],
  fits: (steps: readonly StepKey[]) => boolean,
): readonly StepKey[] {
  let best = 0;
  let tooMany = steps.length + 1;
  // Mostly all of them fit, so that is tried first.
  let count = steps.length;
  while (count > best) {
    if (fits(steps.slice(0, count))) best = count;
    else tooMany = count;
    // Where not even none of them fits, some will not either; all may, where staff have no hands.
    if (count === steps.length && best === 0 && !fits([])) return [];
    count = (best + tooMany) >> 1;
  }
  return steps.slice(0, best);
}

/** A plan on time that keeps all it should and leaves the class its reserve; null where there is none. */
function onTimeWith(input: AttemptInput): Attempt | null {
  if (leastOverrun(input) > 0) return null;
  const attempt = attemptPlan(input, 0, 'nothing');
  if (!attempt) return null;
  const spells = spellsOf(attempt);
  const { lengthMinutes } = input.facts;
  return usedMinutes(spells, lengthMinutes) <= lengthMinutes * objective.reserve.limits.fullShare
    ? attempt
    : null;
}

/** Minutes of work of 100 until eating in such a plan; null where there is none. */
function percentWith(input: AttemptInput): number | null {
  const found = onTimeWith(input);
  if (!found) return null;
  const attempt = withHandsBusy(input, bringForward(input, found));
  return figuresOf(input, attempt).workPercent;
}
