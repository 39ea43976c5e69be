import { Energy } from './energy.js';
import { Engine, type Arc } from './engine.js';
import { Freshness, LateStarts } from './sums.js';
import { weighedLags } from './costs.js';
import { addChoices, choicesOf } from './choices.js';
import type { Orders } from './orders.js';
import { Timetable } from './timetable.js';
import type { ScheduleLink, ScheduleProblem, ScheduleTask } from './types.js';

type Interval = readonly [from: number, to: number];

/** What one task takes of a resource, its demands on it added up. */
export interface Need {
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
    const at = resources.get(resource)!;
    const need = needs.get(at) ?? { resource: at, units: 0, settings: [] };
    need.units += units;
    if (setting !== undefined && !need.settings.includes(setting)) need.settings.push(setting);
    needs.set(at, need);
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

/**
 * The engine of a model: variables are the tasks' starts, then first start and last end of the class, then of
 * all.
 */
export interface PlanEngine {
  readonly engine: Engine;
  readonly orders: Orders | null;
  /** Raises no start; bounds the minutes from first start to last end. */
  limitSpan(which: 'class' | 'all', minutes: number): void;
  limitStaleness(most: number): void;
  limitStarts(least: number): void;
  /** The variable of the last end. */
  readonly lastEnd: number;
}

export function engineOf(model: Model): PlanEngine {
  const { count } = model;
  const choices = choicesOf(model);
  const starts = Array.from({ length: count + 4 }, () => [model.lowest, model.highest] as const);
  const engine = new Engine([...starts, ...Array.from({ length: choices.count }, () => [0, 1] as const)]);
  const spans = {
    class: addSpan(engine, model, model.inClass, count),
    all: addSpan(
      engine,
      model,
      model.minutes.map((_, at) => at),
      count + 2,
    ),
  };
  addWindows(engine, model);
  model.problem.links.forEach((link, at) => addLink(engine, model, link, model.ends[at]!));
  addHours(engine, model);
  const orders = addChoices(engine, choices, count);
  model.problem.resources.forEach((_, at) => addResource(engine, model, at));
  const tasks = model.minutes.map((_, at) => at);
  const late = new LateStarts(count);
  const fresh = new Freshness(weighedLags(model));
  engine.addPropagator(late, tasks);
  engine.addPropagator(fresh, tasks);
  return {
    engine,
    orders,
    lastEnd: count + 3,
    limitStaleness: (most) => {
      fresh.most = most;
      engine.touch();
    },
    limitStarts: (least) => {
      late.least = least;
      engine.touch();
    },
    limitSpan: (which, minutes) => {
      if (orders) orders.findsCircles = false;
      engine.raiseGap(spans[which].last, spans[which].first, spans[which].arcs, -minutes);
    },
  };
}

function addSpan(
  engine: Engine,
  { minutes, lowest, highest }: Model,
  tasks: readonly number[],
  first: number,
): { first: number; last: number; arcs: readonly [Arc, Arc] } {
  const last = first + 1;
  for (const task of tasks) {
    engine.addDifference(first, task, 0);
    engine.addDifference(task, last, minutes[task]!);
  }
  return { first, last, arcs: engine.addDifference(last, first, 2 * (lowest - highest)) };
}

function addWindows(engine: Engine, { problem, pinned }: Model): void {
  problem.tasks.forEach((task, at) => {
    if (task.earliest !== undefined) engine.post(2 * at, task.earliest);
    if (task.latest !== undefined) engine.post(2 * at + 1, task.minutes - task.latest);
    const pin = pinned[task.id];
    if (pin === undefined) return;
    engine.post(2 * at, pin);
    engine.post(2 * at + 1, -pin);
  });
}

function addLink(
  engine: Engine,
  { minutes }: Model,
  link: ScheduleLink,
  [from, to]: readonly [number, number],
): void {
  engine.addDifference(from, to, minutes[from]! + link.minLag);
  if (link.maxLag !== undefined) engine.addDifference(to, from, -(minutes[from]! + link.maxLag));
}

/**
 * Starts at which a task lies inside one open interval of everything it needs. Tasks alike in both share
 * them.
 */
function addHours(engine: Engine, { problem, minutes, needs, count, lowest, highest }: Model): void {
  const open = problem.resources.map((resource) => (resource.open ? mergeIntervals(resource.open) : null));
  const known = new Map<string, readonly number[]>();
  for (let task = 0; task < count; task++) {
    const limited = needs[task]!.filter(({ resource }) => open[resource]);
    if (limited.length === 0) continue;
    const key = `${minutes[task]} ${limited.map(({ resource }) => resource).join()}`;
    const starts =
      known.get(key) ??
      limited
        .reduce<readonly Interval[]>(
          (left, { resource }) =>
            intersect(
              left,
              open[resource]!.map(([from, to]): Interval => [from, to - minutes[task]!]).filter(
                ([from, to]) => from <= to,
              ),
            ),
          [[lowest, highest]],
        )
        .flat();
    known.set(key, starts);
    engine.allowOnly(task, starts);
  }
}

/** Intervals with both ends included. */
function intersect(left: readonly Interval[], right: readonly Interval[]): Interval[] {
  return left
    .flatMap(([from, to]) =>
      right.map(([start, end]): Interval => [Math.max(from, start), Math.min(to, end)]),
    )
    .filter(([from, to]) => from <= to)
    .sort((a, b) => a[0] - b[0]);
}

/** In order, with touching intervals made one. */
export function mergeIntervals(intervals: readonly Interval[]): Interval[] {
  const merged: [number, number][] = [];
  for (const [from, to] of [...intervals].filter(([start, end]) => start < end).sort((a, b) => a[0] - b[0])) {
    const last = merged[merged.length - 1];
    if (last && from <= last[1]) last[1] = Math.max(last[1], to);
    else merged.push([from, to]);
  }
  return merged;
}

/** Up to this many users a resource has its windows checked for room. */
const mostChecked = 40;

function addResource(engine: Engine, model: Model, at: number): void {
  const resource = model.problem.resources[at]!;
  const users = model.users[at]!;
  if (users.some(({ units, settings }) => units > resource.capacity || settings.length > 1))
    engine.addClause([], false);
  const takers = users.filter(({ units }) => units > 0);
  const tasks = takers.map(({ task }) => task);
  if (takers.reduce((sum, { units }) => sum + units, 0) <= resource.capacity) return;
  engine.addPropagator(new Timetable(takers, resource.capacity), tasks);
  if (takers.length <= mostChecked)
    engine.addPropagator(
      new Energy(
        takers,
        resource.capacity,
        resource.open ? mergeIntervals(resource.open) : null,
        model.isOrdered,
      ),
      tasks,
    );
}
