import type { ScheduleProblem } from '../scheduler/index.js';

export type Starts = Readonly<Record<string, number>>;

/** Every constraint of a plan, checked minute by minute and without the solver's own code. */
export function violations(problem: ScheduleProblem, starts: Starts, pinned: Starts = {}): string[] {
  const found: string[] = [];
  for (const each of problem.tasks) {
    const start = starts[each.id]!;
    if (!Number.isInteger(start)) found.push(`${each.id} has no whole start`);
    if (each.earliest !== undefined && start < each.earliest) found.push(`${each.id} starts too early`);
    if (each.latest !== undefined && start + each.minutes > each.latest)
      found.push(`${each.id} ends too late`);
    if (pinned[each.id] !== undefined && start !== pinned[each.id]) found.push(`${each.id} left its pin`);
  }
  for (const { from, to, minLag, maxLag } of problem.links) {
    const lag = starts[to]! - starts[from]! - problem.tasks.find(({ id }) => id === from)!.minutes;
    if (lag < minLag || (maxLag !== undefined && lag > maxLag))
      found.push(`${from} → ${to} has a lag of ${lag}`);
  }
  for (const resource of problem.resources) found.push(...resourceViolations(problem, resource, starts));
  return found;
}

function resourceViolations(
  problem: ScheduleProblem,
  resource: ScheduleProblem['resources'][number],
  starts: Starts,
): string[] {
  const found: string[] = [];
  const users = problem.tasks.flatMap((each) =>
    each.demands
      .filter((demand) => demand.resource === resource.id && each.minutes > 0)
      .map((demand) => ({ each, demand, start: starts[each.id]!, end: starts[each.id]! + each.minutes })),
  );
  for (const { start, end, each } of users) {
    for (let minute = start; minute < end; minute++) {
      const running = users.filter((other) => other.start <= minute && minute < other.end);
      if (running.reduce((sum, { demand }) => sum + demand.units, 0) > resource.capacity)
        found.push(`${resource.id} is over at ${minute}`);
      if (new Set(running.flatMap(({ demand }) => demand.setting ?? [])).size > 1)
        found.push(`${resource.id} has two settings at ${minute}`);
      if (resource.open && !resource.open.some(([from, to]) => from <= minute && minute < to))
        found.push(`${each.id} uses ${resource.id} while it is closed`);
    }
  }
  const gap = resource.changeoverMinutes ?? 0;
  for (const a of users)
    for (const b of users) {
      if (
        a.demand.setting &&
        b.demand.setting &&
        a.demand.setting !== b.demand.setting &&
        a.start <= b.start &&
        b.start - a.end < gap
      )
        found.push(`${resource.id} changes too fast`);
    }
  return found;
}

function spanOf(problem: ScheduleProblem, starts: Starts, inClassOnly: boolean): number {
  const flagged = inClassOnly && problem.tasks.some((task) => task.inClass);
  const counted = problem.tasks.filter((task) => !flagged || task.inClass);
  return (
    Math.max(...counted.map((task) => starts[task.id]! + task.minutes)) -
    Math.min(...counted.map((task) => starts[task.id]!))
  );
}

function stalenessOf(problem: ScheduleProblem, starts: Starts): number {
  return problem.links.reduce((sum, { from, to, minLag, maxLag, weight }) => {
    const lag = starts[to]! - starts[from]! - problem.tasks.find(({ id }) => id === from)!.minutes;
    return (
      sum +
      (weight ?? (maxLag === undefined || maxLag === minLag ? 0 : Math.round(1000 / (maxLag - minLag)))) *
        (lag - minLag)
    );
  }, 0);
}

function unevennessOf(problem: ScheduleProblem, starts: Starts): number {
  let sum = 0;
  for (const resource of problem.resources) {
    const use = new Map<number, number>();
    for (const task of problem.tasks)
      for (const demand of task.demands) {
        if (demand.resource !== resource.id) continue;
        for (let minute = starts[task.id]!; minute < starts[task.id]! + task.minutes; minute++)
          use.set(minute, (use.get(minute) ?? 0) + demand.units);
      }
    for (const units of use.values()) sum += units * units;
  }
  return sum;
}

/** What a plan costs, as the objective orders plans: smaller from the left is better. */
export function costOf(
  problem: ScheduleProblem,
  starts: Starts,
  objective: 'shortest' | 'freshest',
): number[] {
  const late = -problem.tasks.reduce((sum, { id }) => sum + starts[id]!, 0);
  if (objective === 'freshest') return [stalenessOf(problem, starts), late, unevennessOf(problem, starts)];
  return [
    spanOf(problem, starts, true),
    spanOf(problem, starts, false),
    late,
    ...problem.tasks.map(({ id }) => starts[id]!),
  ];
}

/**
 * The best of all plans with starts in [from, to], tried one by one; null where there is none. For a handful
 * of tasks only.
 */
export function bestByTrying(
  problem: ScheduleProblem,
  objective: 'shortest' | 'freshest',
  from: number,
  to: number,
  pinned: Starts = {},
  isAllowed: (starts: Starts) => boolean = () => true,
): { starts: Starts; cost: number[] } | null {
  let best: { starts: Starts; cost: number[] } | null = null;
  const starts: Record<string, number> = {};
  const place = (at: number): void => {
    if (at === problem.tasks.length) {
      if (violations(problem, starts, pinned).length > 0 || !isAllowed(starts)) return;
      const cost = costOf(problem, starts, objective);
      if (!best || isLess(cost, best.cost)) best = { starts: { ...starts }, cost };
      return;
    }
    for (let start = from; start <= to; start++) {
      starts[problem.tasks[at]!.id] = start;
      place(at + 1);
    }
  };
  place(0);
  return best;
}

function isLess(a: readonly number[], b: readonly number[]): boolean {
  for (let at = 0; at < a.length; at++) if (a[at] !== b[at]) return a[at]! < b[at]!;
  return false;
}
