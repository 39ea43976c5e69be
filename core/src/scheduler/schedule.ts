import { irreducibleClash } from './clash.js';
import { type Model, modelOf } from './model.js';
import { optimise } from './optimise.js';
import { isOutOfTime } from './out-of-time.js';
import { clashSentence } from './sentence.js';
import type { StartList } from './stages.js';
import type { ScheduleOptions, ScheduleProblem, ScheduleResult } from './types.js';
import { validateProblem } from './validate.js';

/** Conflicts in which one fact of a clash is decided. */
const stepsForFact = 3000;

/**
 * Plans tasks with least and largest lags on resources with capacities, hours and settings: as short, or as
 * fresh, as the steps allow. A step is one conflict of the search or one neighbourhood rearranged. The same
 * problem, seed and budget give the same plan on every machine. `impossible` only where that is proven, with
 * an irreducible clash; `undecided` when the steps ran out first. Throws on malformed input with a plain
 * message.
 */
export function schedule(problem: ScheduleProblem, options: ScheduleOptions): ScheduleResult {
  const result = findPlan(problem, options);
  if (result.status !== 'none') return result;
  const pinned = options.pinned ?? {};
  const clash = irreducibleClash(problem, pinned, stepsForFact);
  return { status: 'impossible', clash, sentence: clashSentence(problem, clash, pinned) };
}

/** The same without looking for what clashes where there is no plan. */
export function findPlan(
  problem: ScheduleProblem,
  options: ScheduleOptions,
): Exclude<ScheduleResult, { status: 'impossible' }> | { readonly status: 'none' } {
  validateProblem(problem, options);
  const pinned = options.pinned ?? {};
  if (isOutOfTime(problem, pinned)) return { status: 'none' };
  const model = modelOf(problem, pinned, !options.firstOnly);
  const outcome = optimise(model, {
    objective: options.objective,
    seed: options.seed,
    steps: { left: options.budgetSteps },
    firstOnly: options.firstOnly ?? false,
    ...(options.standing ? { standing: standingStarts(model, options.standing) } : {}),
    ...(options.onImprove
      ? { onImprove: (starts: StartList) => options.onImprove!(startsById(model, starts)) }
      : {}),
  });
  const bound =
    options.objective === 'shortest' && outcome.status !== 'none' && outcome.lowerBound !== undefined
      ? { lowerBound: outcome.lowerBound }
      : {};
  if (outcome.status === 'limit')
    return {
      status: 'undecided',
      ...bound,
      sentence: 'No plan was found in the steps allowed; one may still exist.',
    };
  if (outcome.status === 'found')
    return {
      status: 'scheduled',
      starts: startsById(model, outcome.starts),
      length: outcome.length,
      ...bound,
    };
  return { status: 'none' };
}

/** Adding 0 makes −0, which negated bounds bring about, a plain 0. */
function startsById({ problem }: Model, starts: StartList): Record<string, number> {
  return Object.fromEntries(problem.tasks.map((task, at) => [task.id, starts[at]! + 0]));
}

/** A task that is new in the problem has no place yet; it begins the search where its class does. */
function standingStarts({ problem, pinned }: Model, standing: Readonly<Record<string, number>>): StartList {
  return problem.tasks.map((task) => pinned[task.id] ?? standing[task.id] ?? 0);
}
