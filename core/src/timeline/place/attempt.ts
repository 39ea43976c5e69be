import { appliancesOf } from '../../class/index.js';
import { cacheByOwner } from '../../identity/index.js';
import type { ScheduleLink, ScheduleProblem } from '../../scheduler/index.js';
import { isOutOfTime } from '../../scheduler/out-of-time.js';
import type { ClassTasks, PlanLink, PlanTask, TaskInput } from '../tasks/types.js';
import { scheduled } from './scheduled.js';
import { tasksOf } from './tasks-of.js';

/** Conflicts for each task of one attempt. */
export const stepsPerTask = 1;

/**
 * What a plan does without: nothing; that what was shown is done soon; or that, too, that results are used as
 * long as they keep.
 */
export type RelaxedConstraint = 'nothing' | 'showing' | 'keeping';

export type Starts = Readonly<Record<string, number>>;

export interface Attempt {
  tasks: ClassTasks;
  starts: Starts;
  overrun: number;
  relaxed: RelaxedConstraint;
  brokenPins: readonly string[];
}

export interface AttemptInput extends TaskInput {
  /** Opening hours on the axis. */
  readonly open: readonly (readonly [number, number])[];
  /** Steps spent on bettering the plan; with 0 the first that is valid stands. */
  readonly effort: number;
  readonly standing?: Starts;
}

/** Any plan of a class that runs over by so much and does without what is let go. */
export function attemptPlan(
  input: AttemptInput,
  overrun: number,
  relaxed: RelaxedConstraint,
): Attempt | null {
  const tasks = tasksOf(input, overrun);
  const links = linksWithout(tasks, relaxed);
  const pinned = pinsOf(tasks, input);
  // Most of what cannot be is told by its links, long before it is put together as a problem.
  const cannotBe = toldByLinks(tasks.tasks, [links, input.decisions.pins], () =>
    isOutOfTime({ tasks: tasks.tasks, links }, pinned),
  );
  if (cannotBe) return null;
  const result = scheduled(problemOf(tasks, links, input, overrun), {
    objective: 'shortest',
    seed: 1,
    budgetSteps: stepsPerTask * tasks.tasks.length,
    firstOnly: true,
    pinned,
  });
  return result.status === 'scheduled'
    ? { tasks, starts: result.starts, overrun, relaxed, brokenPins: [] }
    : null;
}

const toldByLinks = cacheByOwner<readonly PlanTask[], boolean>();

export function pinsOf(
  { tasks }: ClassTasks,
  { decisions }: AttemptInput,
  broken: readonly string[] = [],
): Record<string, number> {
  const known = new Set(tasks.map(({ id }) => id));
  return Object.fromEntries(
    Object.entries(decisions.pins).filter(([id]) => known.has(id) && !broken.includes(id)),
  );
}

/** The plan at its strictest that there is: first with all, then without what it can do without best. */
export function strictest(input: AttemptInput, overrun: number, most: RelaxedConstraint): Attempt | null {
  for (const relaxed of ['nothing', 'showing', 'keeping'] as const) {
    const attempt = attemptPlan(input, overrun, relaxed);
    if (attempt || relaxed === most) return attempt;
  }
  return null;
}

/** The problem of the class on time, with every keeping time and pin: what a clash is looked for in. */
export function strictProblem(input: AttemptInput): { problem: ScheduleProblem; pinned: Starts } {
  const tasks = tasksOf(input, 0);
  return {
    problem: problemOf(tasks, linksWithout(tasks, 'showing'), input, 0),
    pinned: pinsOf(tasks, input),
  };
}

export function linksWithout({ links }: ClassTasks, relaxed: RelaxedConstraint): readonly PlanLink[] {
  if (relaxed === 'nothing') return links;
  return loosened(links, [relaxed], () =>
    links
      .filter(({ isFirstUse }) => !isFirstUse)
      .map((link) => (relaxed === 'keeping' || link.isSeen ? withoutMost(link) : link)),
  );
}

const loosened = cacheByOwner<readonly PlanLink[], readonly PlanLink[]>();

/** A wait still follows its hands at once; only how long after something comes is let go. */
function withoutMost(link: PlanLink): PlanLink {
  return link.maxLag === 0 && !link.isKeeping ? link : { ...link, maxLag: undefined };
}

export function problemOf(
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
      ...appliancesOf(input.kitchen).map(({ appliance, capacity }) => ({
        id: appliance,
        name: `the ${appliance}`,
        capacity,
      })),
      ...tasks.resources,
    ],
  };
}
