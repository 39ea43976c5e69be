import { frameId } from '../../identity/index.js';
import { eatMinuteOf } from '../tasks/frame-minutes.js';
import {
  type Attempt,
  type AttemptInput,
  type RelaxedConstraint,
  linksWithout,
  pinsOf,
  problemOf,
  type Starts,
  stepsPerTask,
} from './attempt.js';
import { findPlan } from './find-plan.js';
import { scheduled } from './scheduled.js';
import { tasksOf } from './tasks-of.js';

/** The plan that stands with what must change in it, and eating when it was; null where that cannot be. */
export function steadied(input: AttemptInput, standing: Starts): Attempt | null {
  return steadiedWithout(input, standing, 'nothing') ?? steadiedWithout(input, standing, 'showing');
}

function steadiedWithout(input: AttemptInput, standing: Starts, relaxed: RelaxedConstraint): Attempt | null {
  if (standing[frameId('eat')] === undefined) return null;
  const overrun = standing[frameId('eat')]! - eatMinuteOf(input.facts.lengthMinutes);
  const tasks = tasksOf(input, overrun);
  const result = scheduled(problemOf(tasks, linksWithout(tasks, relaxed), input, overrun), {
    objective: 'shortest',
    seed: 1,
    budgetSteps: stepsPerTask * tasks.tasks.length,
    firstOnly: true,
    pinned: pinsOf(tasks, input),
    standing,
  });
  return result.status === 'scheduled' && overrun <= 0
    ? { tasks, starts: result.starts, overrun, relaxed, brokenPins: [] }
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

type Pins = readonly (readonly [id: string, start: number])[];

/** Plans that are looked for at the most to find out which of many pins cannot be kept. */
const mostTries = 40;

/**
 * The pins that do not make the plan worse, in their order: all of them, or else those of the first half and
 * then of the second that do not. Where so many are in each other's way that it would take too long to tell,
 * the last of them are let go with the broken ones.
 */
export function withoutBrokenPins(input: AttemptInput, withAll: Attempt | null): Attempt | null {
  const pinned = (pins: Starts): Attempt | null =>
    findPlan({ ...input, decisions: { ...input.decisions, pins } });
  let best = pinned({});
  if (!best || (withAll && !isWorse(withAll, best))) return withAll;
  let kept: Starts = {};
  let tries = 0;
  const keep = (pins: Pins): void => {
    if (tries++ >= mostTries) return;
    const more = { ...kept, ...Object.fromEntries(pins) };
    const attempt = pinned(more);
    if (!attempt || isWorse(attempt, best!)) return keepSome(pins);
    best = attempt;
    kept = more;
  };
  const keepSome = (pins: Pins): void => {
    if (pins.length < 2) return;
    const half = pins.length >> 1;
    keep(pins.slice(0, half));
    keep(pins.slice(half));
  };
  keepSome(Object.entries(input.decisions.pins));
  return { ...best, brokenPins: Object.keys(input.decisions.pins).filter((id) => !Object.hasOwn(kept, id)) };
}

function isWorse(attempt: Attempt, than: Attempt): boolean {
  return (
    Math.max(0, attempt.overrun) > Math.max(0, than.overrun) ||
    (attempt.relaxed === 'keeping' && than.relaxed !== 'keeping')
  );
}
