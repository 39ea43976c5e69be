import { percentAtWork } from '../read/hands-on.js';
import { eatMinuteOf } from '../tasks/frame-minutes.js';
import { addedCount, withFewerAdded } from '../tasks/shows.js';
import { type Attempt, type AttemptInput, attemptPlan } from './attempt.js';
import { spellsOf } from './hands-busy.js';
import { leastOverrun } from './overrun.js';

/** An input with the plan that was found for it. */
export interface Planned {
  readonly input: AttemptInput;
  readonly attempt: Attempt | null;
}

/** Of 100 minutes until eating so many with work in hand come before what the plan shows by itself. */
const handsFirstPercent = 60;

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
  if (!isOnTime(given.attempt)) return onTime(given, fewer, find);
  return withHandsAtWork({ input, attempt: given.attempt }, fewer, find);
}

function isOnTime(attempt: Attempt | null): attempt is Attempt {
  return attempt !== null && attempt.overrun <= 0 && attempt.relaxed === 'nothing';
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
  const isBetter = other && (fitting || other.overrun < (attempt?.overrun ?? Infinity));
  return isBetter ? { input: less, attempt: other } : given;
}

/** Without its demonstrations a class of much waiting may have its hands at work for long enough. */
function withHandsAtWork(
  given: { readonly input: AttemptInput; readonly attempt: Attempt },
  fewer: readonly AttemptInput[],
  find: (input: AttemptInput) => Attempt | null,
): Planned {
  const percentOf = ({ facts }: AttemptInput, attempt: Attempt) =>
    percentAtWork(spellsOf(attempt), eatMinuteOf(facts.lengthMinutes) + attempt.overrun);
  const percent = percentOf(given.input, given.attempt);
  const eatMinute = eatMinuteOf(given.input.facts.lengthMinutes) + given.attempt.overrun;
  const shown = spellsOf(given.attempt)
    .filter(({ kind }) => kind === 'demonstration')
    .reduce((sum, { start, end }) => sum + end - start, 0);
  // Each minute that is not shown is a minute less until eating at best.
  const most = (percent * eatMinute) / Math.max(1, eatMinute - shown);
  if (percent >= handsFirstPercent || most < handsFirstPercent) return given;
  for (const less of fewer) {
    const attempt = find(less);
    if (isOnTime(attempt) && percentOf(less, attempt) >= handsFirstPercent) return { input: less, attempt };
  }
  return given;
}
