import type { ScheduleProblem } from '../../scheduler/index.js';
import { eatMinuteOf } from '../tasks/frame-minutes.js';
import { joined, type Spell } from '../read/attention.js';
import { objective } from '../objective.js';
import { usedMinutes } from '../read/budget.js';
import { type Attempt, type AttemptInput, linksWithout, pinsOf, problemOf, type Starts } from './attempt.js';
import { figuresOf } from './figures.js';
import { Hands } from './hands.js';
import { Placement } from './placement.js';
import { questionOf, cacheOfAnswers } from './scheduled.js';
import { spellsOf } from './spells.js';
import { tasksOf } from './tasks-of.js';

/** Moves that are tried for one plan. */
const mostTries = 150;

/**
 * A plan in which students have something to do: work and what is shown before it come forward into spells in
 * which the stations would stand idle or watch for too long, one job after the other, as far as everything
 * keeps. Where the class has minutes to spare and students still work little, it eats later, so that jobs
 * which would go on side by side come one after the other.
 */
export function withHandsBusy(input: AttemptInput, attempt: Attempt): Attempt {
  const busy = inItsTime(input, attempt);
  const { wantedPercent } = objective.atWork.limits;
  const percent = figuresOf(input, busy).workPercent;
  const isRoomy = usedPercent(input, busy) < objective.inTurn.limits.roomyPercent;
  if (percent >= wantedPercent && !isRoomy) return busy;
  const room = roomToSpread(input, busy);
  // Where there is time to spare, jobs in turn are better than side by side, as long as hands stay at work.
  const least = isRoomy ? Math.min(percent, wantedPercent) : percent + 1;
  for (const minutes of [room, room >> 1, room >> 2].filter((each) => each >= leastSpread)) {
    const later = eatingLater(input, attempt, minutes);
    const spread = later && inItsTime(input, later);
    if (spread && figuresOf(input, spread).workPercent >= least) return spread;
    // Where the most room gives no more work, less of it does not either.
    if (!isRoomy && spread && workIn(spread) <= workIn(busy)) break;
  }
  return busy;
}

/** Minutes of the class with work in hand. */
function workIn(attempt: Attempt): number {
  return joined(studentSpells(attempt)).reduce((sum, [from, to]) => sum + to - from, 0);
}

function studentSpells(attempt: Attempt): Spell[] {
  return spellsOf(attempt)
    .filter(({ kind, start }) => kind === 'students' && start >= 0)
    .map(({ start, end }): Spell => [start, end]);
}

/** Minutes by which it is worth eating later. */
const leastSpread = 3;

function usedPercent({ facts }: AttemptInput, attempt: Attempt): number {
  return (usedMinutes(spellsOf(attempt), facts.lengthMinutes) / facts.lengthMinutes) * 100;
}

/** Minutes that jobs overlap, as far as the class has them to spare below 85 %. */
function roomToSpread({ facts }: AttemptInput, attempt: Attempt): number {
  const spells = spellsOf(attempt);
  const sum = studentSpells(attempt).reduce((total, [from, to]) => total + to - from, 0);
  const overlap = sum - workIn(attempt);
  const room =
    Math.floor(facts.lengthMinutes * objective.reserve.limits.fullShare) -
    usedMinutes(spells, facts.lengthMinutes);
  return Math.min(overlap, room, -attempt.overrun);
}

/** The same plan with all of the class but its welcome so much later; null where something does not keep. */
function eatingLater(input: AttemptInput, attempt: Attempt, minutes: number): Attempt | null {
  const overrun = attempt.overrun + minutes;
  const tasks = tasksOf(input, overrun);
  const pinned = pinsOf(tasks, input, attempt.brokenPins);
  const starts = Object.fromEntries(
    Object.entries(attempt.starts).map(([id, start]) => [
      id,
      start > 0 && pinned[id] === undefined ? start + minutes : start,
    ]),
  );
  const later = { ...attempt, tasks, starts, overrun };
  const problem = problemOf(tasks, linksWithout(tasks, attempt.relaxed), input, overrun);
  return new Placement(problem, starts, () => true).isSound() ? later : null;
}

function inItsTime(input: AttemptInput, attempt: Attempt): Attempt {
  const pinned = pinsOf(attempt.tasks, input, attempt.brokenPins);
  const links = linksWithout(attempt.tasks, attempt.relaxed);
  const problem = problemOf(attempt.tasks, links, input, attempt.overrun);
  const eatMinute = eatMinuteOf(input.facts.lengthMinutes) + attempt.overrun;
  const starts = busiedLast(questionOf(problem, [attempt.starts, pinned, eatMinute]), () =>
    busied(attempt, problem, pinned, eatMinute),
  );
  return { ...attempt, starts };
}

const busiedLast = cacheOfAnswers<Starts>(16);

function busied(
  { tasks: { tasks }, starts }: Attempt,
  problem: ScheduleProblem,
  pinned: Starts,
  eatMinute: number,
) {
  const isFixed = tasks.map(({ kind, id }) => kind === 'class' || pinned[id] !== undefined);
  const placement = new Placement(problem, starts, (_, number) => isFixed[number]!);
  const hands = new Hands(tasks, placement, eatMinute);
  let tries = 0;
  // What could not be moved to a minute mostly cannot after another move either: that is looked at last.
  const failed = new Set<number>();
  let isLookedAtAgain = false;
  const improve = (): boolean => {
    const now = hands.worth();
    for (const [task, to] of hands.wishes()) {
      const wish = to * tasks.length + task;
      if (isFixed[task] || failed.has(wish)) continue;
      if (tries++ >= mostTries) return false;
      const moves = placement.tried(task, to);
      if (!moves || !hands.isTouchedBy(moves) || hands.worth(moves) <= now) {
        failed.add(wish);
        continue;
      }
      placement.take(moves);
      isLookedAtAgain = true;
      return true;
    }
    if (!isLookedAtAgain) return false;
    isLookedAtAgain = false;
    failed.clear();
    return true;
  };
  while (improve());
  return placement.result();
}
