import { addChoices, choicesOf } from './choices.js';
import { weighedLags } from './costs.js';
import { Energy } from './energy.js';
import { type Arc, Engine } from './engine.js';
import type { Model } from './model.js';
import { Orders } from './orders.js';
import { Freshness, LateStarts } from './sums.js';
import { Timetable } from './timetable.js';
import type { ScheduleLink } from './types.js';

type Interval = readonly [from: number, to: number];

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
  problem.tasks.forEach((task, index) => {
    if (task.earliest !== undefined) engine.post(2 * index, task.earliest);
    if (task.latest !== undefined) engine.post(2 * index + 1, task.minutes - task.latest);
    const pin = pinned[task.id];
    if (pin === undefined) return;
    engine.post(2 * index, pin);
    engine.post(2 * index + 1, -pin);
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
