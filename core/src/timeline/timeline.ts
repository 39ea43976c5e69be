import {
  type ClassFacts,
  type KitchenFacts,
  noTimelineDecisions,
  type StationPlan,
  type TimelineDecisions,
} from '../class/index.js';
import { schedule, type ScheduleResult } from '../scheduler/index.js';
import { type Axis, createAxis } from './axis.js';
import { type OpenHours, openingHours, otherHours, outsideHours, writtenHours } from './hours.js';
import { type Attempt, type AttemptInput, attemptPlan, type Starts, strictProblem } from './place/attempt.js';
import { isBetterPlan, meets } from './objective.js';
import { figuresOf } from './place/figures.js';
import { findAttempt } from './place/find-attempt.js';
import { canBeLate } from './place/overrun.js';
import { withPrepared } from './place/prepared.js';
import { type Planned, withShowsThatFit } from './place/shows-that-fit.js';
import { sharedOut } from './place/share-out.js';
import { withOtherHours } from './place/tasks-of.js';
import { aheadOf, budgetOf, percentOf, usedMinutes, usedWorkings } from './read/budget.js';
import { handsOnOf } from './read/hands-on.js';
import { withoutIdleMixing } from './read/idle-mixing.js';
import { isEarlierDay, visitsOf } from './read/visits.js';
import { clashesOf, entryOf, lackingClashes } from './read/entries.js';
import { byStart, linksBy } from './read/reasons.js';
import { eatMinuteOf } from './tasks/frame-minutes.js';
import { endsSoak } from './tasks/keeping.js';
import { timedOf } from './tasks/draft.js';
import { showsOf } from './tasks/shows.js';
import type { DishOnClock, PlanTask, Shows } from './tasks/types.js';
import type { AddedStep, Timeline } from './types.js';

export interface TimelineInput {
  readonly facts: ClassFacts;
  readonly kitchen: KitchenFacts;
  readonly stations: StationPlan;
  readonly dishes: readonly DishOnClock[];
  readonly decisions?: TimelineDecisions;
  /** What the instructor does not want of what the plan would add. */
  readonly leftOut?: readonly AddedStep[];
  /** What the class is shown; by itself where absent. */
  readonly shows?: Shows;
  /** Steps spent on bettering the plan; without, the first that is valid stands. */
  readonly effort?: number;
  /** A plan to begin from. */
  readonly standing?: Starts;
}

/** Steps in which a clash is proven. */
const clashSteps = 2000;

/**
 * The plan of a class, backwards from eating and class start. Where keeping times cannot be met they are let
 * go and named as clashes; where the class is too short, eating is put off by the least of a few steps that
 * works, and said.
 */
export function buildTimeline(given: TimelineInput): Timeline {
  const axis = createAxis(given.facts.startsAt, given.facts.zone);
  const { input, attempt } = planned(openInput(given), axis);
  if (!attempt) return emptyTimeline(input.facts);
  const byId = new Map(attempt.tasks.tasks.map((task) => [task.id, task]));
  const found = {
    ...attempt,
    byId,
    pins: input.decisions.pins,
    before: linksBy(attempt.tasks.links, 'to'),
    after: linksBy(attempt.tasks.links, 'from'),
    startingAt: byStart(attempt),
  };
  const all = attempt.tasks.tasks
    .map((task) => entryOf(task, found, axis))
    .sort((a, b) => a.start - b.start || a.end - b.end);
  const entries = withoutIdleMixing(all, byId);
  const classEnd = input.facts.lengthMinutes + attempt.overrun;
  const clashes = [
    ...clashesOf(entries),
    ...lackingClashes(entries, byId, input.kitchen),
    ...outsideHours(entries, openingHours(axis, input.kitchen), classEnd),
  ];
  const used = usedMinutes(entries, classEnd);
  const daysBefore = entries.filter((entry) => entry.localDate < axis.classDate);
  return {
    status:
      attempt.overrun > 0 || clashes.length > 0 || attempt.brokenPins.length > 0 ? 'strained' : 'scheduled',
    daysBefore,
    visits: visitsOf(daysBefore),
    clock: entries.filter((entry) => entry.localDate >= axis.classDate),
    eatMinute: eatMinuteOf(input.facts.lengthMinutes) + attempt.overrun,
    classMinutes: input.facts.lengthMinutes,
    usedMinutes: used,
    usedPercent: percentOf(used, input.facts.lengthMinutes),
    overrunMinutes: Math.max(0, attempt.overrun),
    spareMinutes: Math.max(0, -attempt.overrun),
    clashes,
    usedWorkings: usedWorkings(entries, used, input.facts.lengthMinutes),
    handsOn: handsOnOf(entries, eatMinuteOf(input.facts.lengthMinutes) + attempt.overrun),
    budget: budgetOf(entries),
    ahead: aheadOf(attempt, input.leftToStaff),
    leftOut: given.leftOut ?? [],
    starts: attempt.starts,
    brokenPins: attempt.brokenPins,
  };
}

/** A plan; where the class would run over, one with steps prepared by staff that runs over less. */
function planned(given: AttemptInput, axis: Axis): Planned {
  const { input, attempt } = withShowsThatFit(given, (each) => inSomeHours(each, axis));
  if (attempt && meets(figuresOf(input, attempt), ['onTime'])) return { input, attempt };
  const prepared = withPrepared(input);
  const other = prepared && inSomeHours(prepared, axis);
  if (!other) return { input, attempt };
  const isSooner =
    !attempt || isBetterPlan(figuresOf(prepared, other), figuresOf(input, attempt), ['onTime']);
  return isSooner ? { input: prepared, attempt: other } : { input, attempt };
}

/** A plan in the hours of the kitchen; where only they stand in the way, in others, which is said. */
function inSomeHours(input: AttemptInput, axis: Axis): Attempt | null {
  const attempt = findAttempt(input);
  const hours = otherHours(axis, input.kitchen);
  if (attempt) {
    const late = keptTooLong(attempt, input);
    return late.length > 0 ? (keptBetter(input, hours[0]!, attempt, late) ?? attempt) : attempt;
  }
  const others = hours.map((open) => withOtherHours(input, { open }));
  if (!canBeLate(others[others.length - 1]!)) return null;
  return others.reduce<Attempt | null>((found, other) => found ?? findAttempt(other), null);
}

/** Tasks of an earlier day whose results are used too late. */
function keptTooLong(
  { tasks: { tasks, links }, starts, relaxed }: Attempt,
  { open }: AttemptInput,
): PlanTask[] {
  if (relaxed !== 'keeping') return [];
  const minutes = new Map(tasks.map((task) => [task.id, task.minutes]));
  const late = links.filter(
    ({ from, to, maxLag, isKeeping }) =>
      isKeeping &&
      isEarlierDay(starts[from]!, open) &&
      starts[to]! - starts[from]! - minutes.get(from)! > (maxLag ?? Infinity),
  );
  return tasks.filter(({ id }) => late.some(({ from }) => from === id));
}

/** Before something keeps badly a soak is drained, and people come while the kitchen is open. */
function keptBetter(
  input: AttemptInput,
  open: OpenHours,
  than: Attempt,
  late: readonly PlanTask[],
): Attempt | undefined {
  const isSoaked = late.some(({ step }) => step && endsSoak(step));
  const most = Math.max(0, than.overrun);
  const drained = isSoaked ? [{ isDrained: true }, { open, isDrained: true }] : [];
  for (const to of [...drained.slice(0, 1), { open }, ...drained.slice(1)]) {
    const other = 'isDrained' in to ? { ...input, ...to } : withOtherHours(input, to);
    // Whether there is any at all is quickly found; only then it is looked for in earnest.
    if (!attemptPlan(other, most, 'showing')) continue;
    const found = findAttempt(other);
    if (found && found.relaxed !== 'keeping' && found.overrun <= most) return found;
  }
  return undefined;
}

function openInput(given: TimelineInput): AttemptInput {
  const axis = createAxis(given.facts.startsAt, given.facts.zone);
  return sharedOut({
    ...given,
    decisions: given.decisions ?? noTimelineDecisions,
    effort: given.effort ?? 0,
    shows: given.shows ?? showsOf(timedOf(given), given.facts, given.kitchen),
    open: writtenHours(axis, given.kitchen),
  });
}

/**
 * Why there is no plan on time that keeps all keeping times and pins: an irreducible clash; or that there is
 * one, or that it is not known.
 */
export function explainTimeline(given: TimelineInput): ScheduleResult {
  const { problem, pinned } = strictProblem(openInput(given));
  return schedule(problem, {
    objective: 'shortest',
    seed: 1,
    budgetSteps: clashSteps,
    pinned,
    firstOnly: true,
  });
}

/** Whether there is a plan on time that keeps all keeping times and pins. */
export function isOnTime(given: TimelineInput): boolean {
  const input = openInput(given);
  const found = findAttempt(input);
  const prepared = found && found.overrun <= 0 ? null : withPrepared(input);
  const attempt = prepared ? findAttempt(prepared) : found;
  return (
    attempt !== null &&
    attempt.overrun <= 0 &&
    attempt.relaxed !== 'keeping' &&
    attempt.brokenPins.length === 0
  );
}

function emptyTimeline(facts: ClassFacts): Timeline {
  return {
    status: 'undecided',
    daysBefore: [],
    visits: [],
    clock: [],
    eatMinute: eatMinuteOf(facts.lengthMinutes),
    classMinutes: facts.lengthMinutes,
    usedMinutes: 0,
    usedPercent: 0,
    overrunMinutes: 0,
    spareMinutes: 0,
    clashes: [
      { entryIds: [], sentence: 'No plan was found that fits this kitchen’s hours, hands and appliances' },
    ],
    usedWorkings: { title: 'No plan', steps: [], result: '0 min', estimated: true },
    handsOn: handsOnOf([], eatMinuteOf(facts.lengthMinutes)),
    budget: [],
    ahead: [],
    leftOut: [],
    starts: {},
    brokenPins: [],
  };
}
