import {
  type ClassFacts,
  type KitchenFacts,
  noTimelineDecisions,
  type StationPlan,
  type TimelineDecisions,
} from '../class/index.js';
import type { DishPortions } from '../portions/index.js';
import { schedule, type ScheduleResult } from '../scheduler/index.js';
import { createAxis } from './axis.js';
import { type Attempt, findAttempt, type Starts, strictProblem } from './place/attempts.js';
import { clashesOf, entryOf, linksBy } from './read/entries.js';
import { eatMinuteOf, type PlanTask } from './tasks/tasks.js';
import type { AddedStep, Timeline, TimelineEntry } from './types.js';

export interface TimelineInput {
  readonly facts: ClassFacts;
  readonly kitchen: KitchenFacts;
  readonly stations: StationPlan;
  readonly portions: readonly DishPortions[];
  readonly decisions?: TimelineDecisions;
  /** What the instructor does not want of what the plan would add. */
  readonly leftOut?: readonly AddedStep[];
  /** Steps spent on bettering the plan; without, the first that is valid stands. */
  readonly effort?: number;
  /** A plan to begin from. */
  readonly standing?: Starts;
}

/** How many days of prep are looked back over. */
const leadDays = 5;
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
  const attempt = findAttempt(input);
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
  const clashes = clashesOf(entries);
  const used = usedMinutes(entries, input.facts.lengthMinutes + attempt.overrun);
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
    budget: budgetOf(entries),
    ahead: aheadOf(attempt),
    leftOut: given.leftOut ?? [],
    starts: attempt.starts,
    brokenPins: attempt.brokenPins,
  };
}

function openInput(given: TimelineInput) {
  const axis = createAxis(given.facts.startsAt, given.facts.zone);
  return {
    ...given,
    decisions: given.decisions ?? noTimelineDecisions,
    effort: given.effort ?? 0,
    open: axis.openIntervals(given.kitchen, leadDays),
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

/** Class minutes by step, most first; demonstrations count with the step they show. */
function budgetOf(entries: readonly TimelineEntry[]): Timeline['budget'] {
  const minutes = new Map<string, { title: string; minutes: number; stepKey: string }>();
  for (const entry of entries) {
    if (entry.kind === 'wait' || entry.end <= 0) continue;
    const stepKey = entry.id.replace(/:shown$/, '');
    const known = minutes.get(stepKey) ?? { title: entry.title.replace(/^Show: /, ''), minutes: 0, stepKey };
    known.minutes += entry.end - Math.max(0, entry.start);
    minutes.set(stepKey, known);
  }
  return [...minutes.values()].sort((a, b) => b.minutes - a.minutes);
}

/**
 * Steps that the recipe lets be done in class or before, and that are done before: what that saves in class.
 */
function aheadOf({ tasks }: Attempt): Timeline['ahead'] {
  const isAhead = (task: PlanTask) =>
    task.step?.place === 'either' &&
    task.inClass === false &&
    task.kind === 'prep' &&
    !task.id.includes('/swap/');
  return tasks.tasks.filter(isAhead).map((task) => ({
    stepKey: task.id,
    title: task.title,
    dishTitle: task.dishTitle,
    minutes: task.minutes,
  }));
}

/** Minutes of the class in which something is going on, of those it has. */
function usedMinutes(entries: readonly TimelineEntry[], length: number): number {
  const busy = new Array<boolean>(length).fill(false);
  for (const entry of entries) {
    if (entry.kind === 'wait' || entry.end <= 0) continue;
    for (let minute = Math.max(0, entry.start); minute < Math.min(length, entry.end); minute++)
      busy[minute] = true;
  }
  return busy.filter(Boolean).length;
}

function percentOf(part: number, whole: number): number {
  return Math.round((part / whole) * 100);
}

function usedWorkings(
  entries: readonly TimelineEntry[],
  used: number,
  length: number,
): Timeline['usedWorkings'] {
  const kinds = [
    ['demonstration', 'Demonstrations'],
    ['students', 'Work at the stations'],
    ['class', 'Welcome, eating and clearing'],
  ] as const;
  const steps = kinds.map(([kind, label]) => {
    const minutes = entries
      .filter((entry) => entry.kind === kind && entry.start >= 0)
      .reduce((sum, entry) => sum + entry.end - entry.start, 0);
    return {
      label,
      value: `${minutes} min`,
      note: kind === 'students' ? 'Some of it side by side.' : undefined,
    };
  });
  return {
    title: `${used} of ${length} class minutes used`,
    steps: [
      ...steps,
      { label: 'Minutes in which something goes on', value: `${used} min` },
      {
        label: `${used} ÷ ${length}`,
        value: `${percentOf(used, length)} %`,
        note: 'A class over about 85 % runs late.',
      },
    ],
    result: `${used} min`,
    estimated: true,
  };
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
    budget: [],
    ahead: [],
    leftOut: [],
    starts: {},
    brokenPins: [],
  };
}
