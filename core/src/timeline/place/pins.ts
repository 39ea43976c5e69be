import { frameId } from '../../identity/index.js';
import { eatMinuteOf } from '../tasks/frame-minutes.js';
import { type Attempt, type AttemptInput, pinsOf, problemOf, type Starts, stepsPerTask } from './attempt.js';
import { findPlan } from './find-plan.js';
import { scheduled } from './scheduled.js';
import { tasksOf } from './tasks-of.js';

/** The plan that stands with what must change in it, and eating when it was; null where that cannot be. */
export function steadied(input: AttemptInput, standing: Starts): Attempt | null {
  if (standing[frameId('eat')] === undefined) return null;
  const overrun = standing[frameId('eat')]! - eatMinuteOf(input.facts.lengthMinutes);
  const tasks = tasksOf(input, overrun);
  const result = scheduled(problemOf(tasks, tasks.links, input, overrun), {
    objective: 'shortest',
    seed: 1,
    budgetSteps: stepsPerTask * tasks.tasks.length,
    firstOnly: true,
    pinned: pinsOf(tasks, input),
    standing,
  });
  return result.status === 'scheduled' && overrun <= 0
    ? { tasks, starts: result.starts, overrun, isRelaxed: false, brokenPins: [] }
    : null;
}

/**
 * Where only pins are in the way, the plan that stands with the other pins: a pin that cannot be kept moves
 * nothing.
 */
export function nearStanding(input: AttemptInput, attempt: Attempt | null): Attempt | null {
  if (!attempt || !input.standing || attempt.brokenPins.length === 0) return attempt;
  const pins = Object.fromEntries(
    Object.entries(input.decisions.pins).filter(([id]) => !attempt.brokenPins.includes(id)),
  );
  const steady = steadied({ ...input, decisions: { ...input.decisions, pins } }, input.standing);
  return steady ? { ...steady, brokenPins: attempt.brokenPins } : attempt;
}

/** Pins one after the other, as long as the plan does not get worse by them. */
export function withoutBrokenPins(input: AttemptInput, withAll: Attempt | null): Attempt | null {
  const pinned = (pins: Starts): Attempt | null =>
    findPlan({ ...input, decisions: { ...input.decisions, pins } });
  let best = pinned({});
  if (!best || (withAll && !isWorse(withAll, best))) return withAll;
  let kept: Starts = {};
  for (const [id, start] of Object.entries(input.decisions.pins)) {
    const attempt = pinned({ ...kept, [id]: start });
    if (!attempt || isWorse(attempt, best)) continue;
    best = attempt;
    kept = { ...kept, [id]: start };
  }
  return { ...best, brokenPins: Object.keys(input.decisions.pins).filter((id) => !(id in kept)) };
}

function isWorse(attempt: Attempt, than: Attempt): boolean {
  return Math.max(0, attempt.overrun) > Math.max(0, than.overrun) || (attempt.isRelaxed && !than.isRelaxed);
}
