import { isBetterPlan, meets, objective } from '../objective.js';
import { eatMinuteOf } from '../tasks/frame-minutes.js';
import { addedCount, withFewerAdded } from '../tasks/shows.js';
import { type Attempt, type AttemptInput, attemptPlan } from './attempt.js';
import { figuresOf } from './figures.js';
import { leastOverrun } from './overrun.js';
import { spellsOf } from './spells.js';

/** An input with the plan that was found for it. */
export interface Planned {
  readonly input: AttemptInput;
  readonly attempt: Attempt | null;
}

/**
 * What the plan shows by itself gives way: half of it, then all, where the class ends on time only so, keeps
 * only so what it should, or has its hands at work.
 */
export function withShowsThatFit(
  input: AttemptInput,
  find: (input: AttemptInput) => Attempt | null,
): Planned {
  const given = { input, attempt: find(input) };
  const added = addedCount(input.shows!);
  if (added === 0) return given;
  const fewer = [...new Set([added >> 1, 0])].map((most) => ({
    ...input,
    shows: withFewerAdded(input.shows!, most),
  }));
  if (!isOnTime(input, given.attempt)) return onTime(given, fewer, find);
  return withHandsAtWork({ input, attempt: given.attempt }, fewer, find);
}

function isOnTime(input: AttemptInput, attempt: Attempt | null): attempt is Attempt {
  return attempt !== null && meets(figuresOf(input, attempt), ['onTime', 'kept', 'doneSoon']);
}

function onTime(
  given: Planned,
  fewer: readonly AttemptInput[],
  find: (input: AttemptInput) => Attempt | null,
): Planned {
  const { attempt } = given;
  const fitting = fewer.find((less) => leastOverrun(less) <= 0 && attemptPlan(less, 0, 'nothing'));
  const isLate = attempt === null || attempt.overrun > 0;
  const less = fitting ?? (isLate ? fewer[fewer.length - 1]! : null);
  const other = less && find(less);
  if (!other) return given;
  const isSooner =
    !attempt || isBetterPlan(figuresOf(less, other), figuresOf(given.input, attempt), ['onTime']);
  return fitting || isSooner ? { input: less, attempt: other } : given;
}

/** Without its demonstrations a class of much waiting may have its hands at work for long enough. */
function withHandsAtWork(
  given: { readonly input: AttemptInput; readonly attempt: Attempt },
  fewer: readonly AttemptInput[],
  find: (input: AttemptInput) => Attempt | null,
): Planned {
  const { beforeShowsPercent } = objective.atWork.limits;
  const percent = figuresOf(given.input, given.attempt).workPercent;
  const eatMinute = eatMinuteOf(given.input.facts.lengthMinutes) + given.attempt.overrun;
  const shown = spellsOf(given.attempt)
    .filter(({ kind }) => kind === 'demonstration')
    .reduce((sum, { start, end }) => sum + end - start, 0);
  // Each minute that is not shown is a minute less until eating at best.
  const most = (percent * eatMinute) / Math.max(1, eatMinute - shown);
  if (percent >= beforeShowsPercent || most < beforeShowsPercent) return given;
  for (const less of fewer) {
    const attempt = find(less);
    if (isOnTime(less, attempt) && figuresOf(less, attempt).workPercent >= beforeShowsPercent)
      return { input: less, attempt };
  }
  return given;
}
