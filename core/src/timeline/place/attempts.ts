import { frameId } from '../../identity/index.js';
import type { ScheduleLink, ScheduleOptions, ScheduleProblem } from '../../scheduler/index.js';
import { findPlan as findSchedule } from '../../scheduler/schedule.js';
import { eatMinuteOf, welcomeMinutes } from '../tasks/frame-minutes.js';
import { tasksOf } from './tasks-of.js';
import type { ClassTasks, PlanLink, TaskInput } from '../tasks/types.js';

/** Minutes by which a class that does not fit is let run over, tried in turn. */
const overruns = [0, 10, 20, 30, 45, 60, 90, 120, 180, 240, 360, 480];
/** Conflicts for each task of one attempt. */
const stepsPerTask = 1;
/** Conflicts for each step of effort in which a class that did not fit is looked for on time. */
const onTimeSteps = 10;

export type Starts = Readonly<Record<string, number>>;

export interface Attempt {
  tasks: ClassTasks;
  starts: Starts;
  overrun: number;
  isRelaxed: boolean;
  brokenPins: readonly string[];
}

export interface AttemptInput extends Omit<TaskInput, 'overrun'> {
  /** Opening hours on the axis. */
  readonly open: readonly (readonly [number, number])[];
  /** Steps spent on bettering the plan; with 0 the first that is valid stands. */
  readonly effort: number;
  readonly standing?: Starts;
}

/**
 * A plan of the class: on time and with all keeping times where there is one; else with the keeping times let
 * go; else with the least of a few overruns. Pins that would make it worse are let go, and named.
 */
export function findAttempt(input: AttemptInput): Attempt | null {
  const steady = input.standing && steadied(input, input.standing);
  if (steady) return input.effort > 0 ? bettered(input, steady) : steady;
  const found = findPlan(input);
  const pins = Object.keys(input.decisions.pins);
  const isWanting = !found || found.overrun > 0 || found.isRelaxed;
  const best = pins.length === 0 || !isWanting ? found : nearStanding(input, withoutBrokenPins(input, found));
  return best && input.effort > 0 ? bettered(input, best) : best;
}

/** The plan that stands with what must change in it, and eating when it was; null where that cannot be. */
function steadied(input: AttemptInput, standing: Starts): Attempt | null {
  if (standing[frameId('eat')] === undefined) return null;
  const overrun = standing[frameId('eat')]! - eatMinuteOf(input.facts.lengthMinutes);
  const tasks = tasksOf(input, overrun);
  const result = findSchedule(problemOf(tasks, tasks.links, input, overrun), {
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

/** The problem of an attempt once more, with its pins. */
function questionOf(
  input: AttemptInput,
  attempt: Attempt,
  options: Partial<ScheduleOptions> & { budgetSteps: number },
): [ScheduleProblem, ScheduleOptions] {
  const links = attempt.isRelaxed ? attempt.tasks.links.map(withoutHold) : attempt.tasks.links;
  return [
    problemOf(attempt.tasks, links, input, attempt.overrun),
    { objective: 'shortest', seed: 1, pinned: pinsOf(attempt.tasks, input, attempt.brokenPins), ...options },
  ];
}

/**
 * Where only pins are in the way, the plan that stands with the other pins: a pin that cannot be kept moves
 * nothing.
 */
function nearStanding(input: AttemptInput, attempt: Attempt | null): Attempt | null {
  if (!attempt || !input.standing || attempt.brokenPins.length === 0) return attempt;
  const pins = Object.fromEntries(
    Object.entries(input.decisions.pins).filter(([id]) => !attempt.brokenPins.includes(id)),
  );
  const steady = steadied({ ...input, decisions: { ...input.decisions, pins } }, input.standing);
  return steady ? { ...steady, brokenPins: attempt.brokenPins } : attempt;
}

/** Pins one after the other, as long as the plan does not get worse by them. */
function withoutBrokenPins(input: AttemptInput, withAll: Attempt | null): Attempt | null {
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

/**
 * The same with steps spent on it. For the shortest class, eating and clearing may come forward; for the
 * freshest food they stay, and what is made comes closer to where it is used.
 */
function bettered(input: AttemptInput, given: Attempt): Attempt {
  const attempt = onTime(input, given) ?? given;
  const objective = input.decisions.aim;
  const [problem, options] = questionOf(input, attempt, {
    objective,
    budgetSteps: input.effort,
    standing: attempt.starts,
  });
  const free = new Set(objective === 'shortest' ? [frameId('eat'), frameId('clear')] : []);
  const tasks = problem.tasks.map((task) => (free.has(task.id) ? { ...task, earliest: undefined } : task));
  const result = findSchedule(
    {
      ...problem,
      tasks,
      links: [...problem.links, { from: frameId('eat'), to: frameId('clear'), minLag: 0, maxLag: 0 }],
    },
    options,
  );
  if (result.status !== 'scheduled') return attempt;
  return {
    ...attempt,
    starts: result.starts,
    overrun: attempt.overrun + result.starts[frameId('eat')]! - attempt.starts[frameId('eat')]!,
  };
}

/**
 * The class on time with every keeping time after all, looked for longer than a first plan is; null where it
 * is so already or is not found.
 */
function onTime(input: AttemptInput, attempt: Attempt): Attempt | null {
  if (attempt.overrun <= 0 && !attempt.isRelaxed) return null;
  const tasks = tasksOf(input, 0);
  const pinned = pinsOf(tasks, input, attempt.brokenPins);
  const result = findSchedule(problemOf(tasks, tasks.links, input, 0), {
    objective: 'shortest',
    seed: 1,
    budgetSteps: input.effort * onTimeSteps,
    firstOnly: true,
    pinned,
  });
  return result.status === 'scheduled'
    ? { tasks, starts: result.starts, overrun: 0, isRelaxed: false, brokenPins: attempt.brokenPins }
    : null;
}

function pinsOf(
  { tasks }: ClassTasks,
  { decisions }: AttemptInput,
  broken: readonly string[] = [],
): Record<string, number> {
  const known = new Set(tasks.map(({ id }) => id));
  return Object.fromEntries(
    Object.entries(decisions.pins).filter(([id]) => known.has(id) && !broken.includes(id)),
  );
}

/** The problem of the class on time, with every keeping time and pin: what a clash is looked for in. */
export function strictProblem(input: AttemptInput): { problem: ScheduleProblem; pinned: Starts } {
  const tasks = tasksOf(input, 0);
  return { problem: problemOf(tasks, tasks.links, input, 0), pinned: pinsOf(tasks, input) };
}

function findPlan(input: AttemptInput): Attempt | null {
  const wanted = Math.max(0, leastOverrun(input));
  const first = overruns.findIndex((overrun) => overrun >= wanted);
  if (first < 0) return null;
  if (first > 0) return withOverrun(input, first);
  const attempt = attemptPlan(input, 0, false) ?? attemptPlan(input, 0, true);
  return attempt ? bringForward(input, attempt, attempt.isRelaxed) : withOverrun(input, 1);
}

/**
 * The least overrun from `first` on that has a plan; it is mostly near, so it is looked for in growing
 * strides and then between. There, a plan that keeps all keeping times is taken where one is.
 */
function withOverrun(input: AttemptInput, first: number): Attempt | null {
  let found: Attempt | null = null;
  let from = first;
  let to = first;
  for (let stride = 1; to < overruns.length; stride *= 2) {
    found = attemptPlan(input, overruns[to]!, true);
    if (found) break;
    from = to + 1;
    to += stride;
  }
  to = Math.min(to, overruns.length);
  while (from < to) {
    const middle = (from + to) >> 1;
    const attempt = attemptPlan(input, overruns[middle]!, true);
    found = attempt ?? found;
    if (attempt) to = middle;
    else from = middle + 1;
  }
  return found && (attemptPlan(input, found.overrun, false) ?? found);
}

/**
 * Minutes that the class must run over because some hands have more work in it than it has minutes; below 0
 * where none have.
 */
function leastOverrun(input: AttemptInput): number {
  const { tasks } = tasksOf(input, 0);
  const hands: Readonly<Record<string, number>> = {
    you: 1,
    assistant: Math.max(1, input.facts.assistants),
    stations: Math.min(...input.stations.sizes),
  };
  const loads = Object.entries(hands).map(
    ([resource, capacity]) =>
      tasks
        .filter((task) => task.inClass)
        .reduce(
          (sum, task) =>
            sum + task.minutes * (task.demands.find((demand) => demand.resource === resource)?.units ?? 0),
          0,
        ) / capacity,
  );
  return Math.ceil(Math.max(...loads)) - input.facts.lengthMinutes;
}

function attemptPlan(input: AttemptInput, overrun: number, relaxed: boolean): Attempt | null {
  const tasks = tasksOf(input, overrun);
  const links = relaxed ? tasks.links.map(withoutHold) : tasks.links;
  const result = findSchedule(problemOf(tasks, links, input, overrun), {
    objective: 'shortest',
    seed: 1,
    budgetSteps: stepsPerTask * tasks.tasks.length,
    firstOnly: true,
    pinned: pinsOf(tasks, input),
  });
  return result.status === 'scheduled'
    ? { tasks, starts: result.starts, overrun, isRelaxed: relaxed, brokenPins: [] }
    : null;
}

/** Work begins when the welcome is over: minutes to spare belong at the end, not before the first cut. */
function bringForward(input: AttemptInput, attempt: Attempt, relaxed: boolean): Attempt {
  const cooking = attempt.tasks.tasks.filter((task) => task.inClass && task.kind !== 'class');
  const first = Math.min(...cooking.map((task) => attempt.starts[task.id]!));
  const spare = cooking.length === 0 ? 0 : first - welcomeMinutes;
  return (spare > 0 ? attemptPlan(input, -spare, relaxed) : null) ?? attempt;
}

/** A wait still follows its hands at once; only how long a result keeps is let go. */
function withoutHold(link: PlanLink): PlanLink {
  return link.maxLag === 0 && !link.isKeeping ? link : { ...link, maxLag: undefined };
}

function problemOf(
  tasks: ClassTasks,
  links: readonly ScheduleLink[],
  input: AttemptInput,
  overrun: number,
): ScheduleProblem {
  const length = input.facts.lengthMinutes + overrun;
  // The class itself may run past the kitchen's hours; that is a warning of its own, not a reason to have no
  // plan.
  const staffed: (readonly [number, number])[] = [...input.open, [0, length]];
  const hands = Math.min(...input.stations.sizes);
  return {
    tasks: tasks.tasks,
    links,
    resources: [
      { id: 'you', name: 'you', capacity: 1, open: staffed },
      { id: 'assistant', name: 'the assistant', capacity: input.facts.assistants, open: staffed },
      { id: 'stations', name: 'the stations', capacity: hands, open: [[0, length]] },
      ...input.kitchen.appliances.map(({ appliance, capacity }) => ({
        id: appliance,
        name: `the ${appliance}`,
        capacity,
      })),
      ...tasks.resources,
    ],
  };
}
