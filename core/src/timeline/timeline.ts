import {
  type ClassFacts,
  type KitchenFacts,
  noTimelineDecisions,
  type StationPlan,
  type TimelineDecisions,
} from '../class/index.js';
import { schedule, type ScheduleResult } from '../scheduler/index.js';
import { type Axis, createAxis } from './axis.js';
import { otherHours, outsideHours, writtenHours } from './hours.js';
import { type Attempt, type AttemptInput, type Starts, strictProblem } from './place/attempt.js';
import { findAttempt } from './place/find-attempt.js';
import { canBeLate } from './place/overrun.js';
import { aheadOf, budgetOf, percentOf, usedMinutes, usedWorkings } from './read/budget.js';
import { handsOnOf } from './read/hands-on.js';
import { clashesOf, entryOf } from './read/entries.js';
import { linksBy } from './read/reasons.js';
import { eatMinuteOf } from './tasks/frame-minutes.js';
import type { DishOnClock } from './tasks/types.js';
import type { AddedStep, Timeline } from './types.js';

export interface TimelineInput {
  readonly facts: ClassFacts;
  readonly kitchen: KitchenFacts;
  readonly stations: StationPlan;
  readonly dishes: readonly DishOnClock[];
  readonly decisions?: TimelineDecisions;
  /** What the instructor does not want of what the plan would add. */
  readonly leftOut?: readonly AddedStep[];
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
  const input = openInput(given);
  const attempt = inSomeHours(input, axis);
  if (!attempt) return emptyTimeline(input.facts);
  const byId = new Map(attempt.tasks.tasks.map((task) => [task.id, task]));
  const found = {
    ...attempt,
    byId,
    pins: input.decisions.pins,
    before: linksBy(attempt.tasks.links, 'to'),
    after: linksBy(attempt.tasks.links, 'from'),
  };
  const entries = attempt.tasks.tasks
    .map((task) => entryOf(task, found, axis))
    .sort((a, b) => a.start - b.start || a.end - b.end);
  const classEnd = input.facts.lengthMinutes + attempt.overrun;
  const clashes = [...clashesOf(entries), ...outsideHours(entries, input.open, classEnd)];
  const used = usedMinutes(entries, classEnd);
  return {
    status:
      attempt.overrun > 0 || clashes.length > 0 || attempt.brokenPins.length > 0 ? 'strained' : 'scheduled',
    daysBefore: entries.filter((entry) => entry.localDate < axis.classDate),
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
    ahead: aheadOf(attempt),
    leftOut: given.leftOut ?? [],
    starts: attempt.starts,
    brokenPins: attempt.brokenPins,
  };
}

/** A plan in the hours of the kitchen; where only they stand in the way, in others, which is said. */
function inSomeHours(input: AttemptInput, axis: Axis): Attempt | null {
  const attempt = findAttempt(input);
  const others = otherHours(axis, input.kitchen).map((open) => ({ ...input, open }));
  if (attempt || !canBeLate(others[others.length - 1]!)) return attempt;
  return others.reduce<Attempt | null>((found, other) => found ?? findAttempt(other), null);
}

function openInput(given: TimelineInput): AttemptInput {
  const axis = createAxis(given.facts.startsAt, given.facts.zone);
  return {
    ...given,
    decisions: given.decisions ?? noTimelineDecisions,
    effort: given.effort ?? 0,
    open: writtenHours(axis, given.kitchen),
  };
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
  const attempt = findAttempt(openInput(given));
  return attempt !== null && attempt.overrun <= 0 && !attempt.isRelaxed && attempt.brokenPins.length === 0;
}

function emptyTimeline(facts: ClassFacts): Timeline {
  return {
    status: 'undecided',
    daysBefore: [],
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
