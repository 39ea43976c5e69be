import type { ScheduleProblem, ScheduleTask } from './types.js';

/** What one task takes of a resource, its demands on it added up. */
interface Need {
  readonly resource: number;
  readonly units: number;
  readonly settings: readonly string[];
}

/** A task that takes something of a resource. */
export interface User {
  readonly task: number;
  readonly minutes: number;
  readonly units: number;
  readonly settings: readonly string[];
}

/** A problem with ids resolved and horizons set; tasks are numbers from 0. */
export interface Model {
  readonly problem: ScheduleProblem;
  readonly count: number;
  readonly minutes: readonly number[];
  readonly needs: readonly (readonly Need[])[];
  /** The tasks of each resource. */
  readonly users: readonly (readonly User[])[];
  /** Index of each link's ends. */
  readonly ends: readonly (readonly [from: number, to: number])[];
  readonly pinned: Readonly<Record<string, number>>;
  readonly inClass: readonly number[];
  readonly isOrdered: boolean;
  /** Nothing says when it is over: the last end is 0. */
  readonly isFloating: boolean;
  /** Nothing ties it to any moment: a plan can be moved as a whole. */
  readonly isFree: boolean;
  readonly lowest: number;
  readonly highest: number;
  /** Before which all is over if it can be. */
  readonly wantedEnd: number;
}

/**
 * Up to this many tasks every two of them have their order as a choice; beyond, only start times are
 * searched.
 */
const mostOrdered = 40;

/**
 * With `isOrdered`, every two tasks of a small problem have their order as a choice of its own: slower to set
 * up, and far better at proofs.
 */
export function modelOf(
  problem: ScheduleProblem,
  pinned: Readonly<Record<string, number>>,
  isOrdered = true,
): Model {
  const index = new Map(problem.tasks.map((task, at) => [task.id, at]));
  const resources = new Map(problem.resources.map((resource, at) => [resource.id, at]));
  const inClass = problem.tasks.flatMap((task, at) => (task.inClass ? [at] : []));
  const latest = problem.tasks.flatMap((task) => [
    ...(task.latest === undefined ? [] : [task.latest]),
    ...(pinned[task.id] === undefined ? [] : [pinned[task.id]! + task.minutes]),
  ]);
  const needs = problem.tasks.map((task) => needsOf(task, resources));
  return {
    problem,
    pinned,
    isOrdered: isOrdered && problem.tasks.length <= mostOrdered,
    count: problem.tasks.length,
    minutes: problem.tasks.map((task) => task.minutes),
    needs,
    users: usersOf(problem, needs),
    ends: problem.links.map((link) => [index.get(link.from)!, index.get(link.to)!]),
    inClass: inClass.length > 0 ? inClass : problem.tasks.map((_, at) => at),
    isFloating: latest.length === 0,
    isFree:
      latest.length === 0 &&
      problem.tasks.every((task) => task.earliest === undefined) &&
      problem.resources.every((resource) => !resource.open),
    wantedEnd: Math.max(...(latest.length > 0 ? latest : [0])),
    ...horizonOf(problem, pinned),
  };
}

function usersOf({ tasks, resources }: ScheduleProblem, needs: readonly (readonly Need[])[]): User[][] {
  const users: User[][] = resources.map(() => []);
  needs.forEach((each, task) => {
    for (const { resource, units, settings } of each)
      users[resource]!.push({ task, minutes: tasks[task]!.minutes, units, settings });
  });
  return users;
}

function needsOf(task: ScheduleTask, resources: ReadonlyMap<string, number>): Need[] {
  if (task.minutes === 0) return [];
  const needs = new Map<number, { resource: number; units: number; settings: string[] }>();
  for (const { resource, units, setting } of task.demands) {
    const index = resources.get(resource)!;
    const need = needs.get(index) ?? { resource: index, units: 0, settings: [] };
    need.units += units;
    if (setting !== undefined && !need.settings.includes(setting)) need.settings.push(setting);
    needs.set(index, need);
  }
  return [...needs.values()];
}

/**
 * Wide enough that a plan lies in it wherever there is one: beyond all windows and hours, idle time can
 * always be closed up.
 */
function horizonOf(
  problem: ScheduleProblem,
  pinned: Readonly<Record<string, number>>,
): { lowest: number; highest: number } {
  const moments = [
    0,
    ...problem.tasks.flatMap((task) => [task.earliest ?? 0, task.latest ?? 0, pinned[task.id] ?? 0]),
    ...problem.resources.flatMap((resource) => resource.open?.flat() ?? []),
  ];
  const changeover = Math.max(0, ...problem.resources.map((resource) => resource.changeoverMinutes ?? 0));
  const work = problem.tasks.reduce((sum, task) => sum + task.minutes + changeover, 0);
  const lags = problem.links.reduce(
    (sum, link) => sum + Math.max(Math.abs(link.minLag), Math.abs(link.maxLag ?? 0)),
    0,
  );
  const reach = work + lags + 1;
  return {
    lowest: moments.reduce((least, each) => Math.min(least, each)) - reach,
    highest: moments.reduce((most, each) => Math.max(most, each)) + reach,
  };
}
