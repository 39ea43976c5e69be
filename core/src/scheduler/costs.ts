import type { Model } from './model.js';
import type { WeighedLag } from './sums.js';
import type { ScheduleLink } from './types.js';

/** A short hold weighs more: 1000 ÷ the room between its lags, 0 where there is no limit or no room. */
function linkWeight(link: ScheduleLink): number {
  if (link.weight !== undefined) return link.weight;
  if (link.maxLag === undefined || link.maxLag === link.minLag) return 0;
  return Math.round(1000 / (link.maxLag - link.minLag));
}

/** The links whose lags count towards staleness. */
export function weighedLags({
  problem,
  ends,
  minutes,
}: Pick<Model, 'problem' | 'ends' | 'minutes'>): WeighedLag[] {
  return problem.links
    .map((link, at) => ({
      from: ends[at]![0],
      to: ends[at]![1],
      distance: minutes[ends[at]![0]]! + link.minLag,
      weight: linkWeight(link),
    }))
    .filter(({ weight }) => weight > 0);
}

/** Weighed minutes by which lags are longer than they must be. */
export function stalenessOf(model: Model, starts: readonly number[]): number {
  return weighedLags(model).reduce(
    (sum, { from, to, distance, weight }) => sum + weight * (starts[to]! - starts[from]! - distance),
    0,
  );
}

/** Minutes from the first start to the last end of some tasks. */
export function spanOf(model: Model, tasks: readonly number[], starts: readonly number[]): number {
  let first = Infinity;
  let last = -Infinity;
  for (const task of tasks) {
    first = Math.min(first, starts[task]!);
    last = Math.max(last, starts[task]! + model.minutes[task]!);
  }
  return tasks.length === 0 ? 0 : last - first;
}

export function sumOf(starts: readonly number[]): number {
  return starts.reduce((sum, start) => sum + start, 0);
}

/** Σ usage² over resources and minutes: lower where use is even. */
export function unevennessOf(model: Model, starts: readonly number[]): number {
  return model.problem.resources.reduce((sum, _, resource) => sum + unevennessOn(model, resource, starts), 0);
}

function unevennessOn(model: Model, resource: number, starts: readonly number[]): number {
  const changes = model.needs
    .flatMap((needs, task) =>
      needs
        .filter((need) => need.resource === resource)
        .flatMap(({ units }) => [
          { at: starts[task]!, by: units },
          { at: starts[task]! + model.minutes[task]!, by: -units },
        ]),
    )
    .sort((a, b) => a.at - b.at);
  let sum = 0;
  let units = 0;
  changes.forEach(({ at, by }, index) => {
    if (index > 0) sum += units * units * (at - changes[index - 1]!.at);
    units += by;
  });
  return sum;
}

/** A bound on the span of the class from its chains, its work on each resource and each setting. */
export function lowerBoundOf(model: Model): number {
  const inClass = new Set(model.inClass);
  const work = model.problem.resources.map((resource, at) => {
    const users = model.inClass.flatMap((task) =>
      model.needs[task]!.filter((need) => need.resource === at).map((need) => ({
        ...need,
        minutes: model.minutes[task]!,
      })),
    );
    return resource.capacity === 0
      ? 0
      : Math.ceil(users.reduce((sum, { units, minutes }) => sum + units * minutes, 0) / resource.capacity);
  });
  return Math.max(0, ...work, ...longestChains(model, inClass));
}

/**
 * For each task of the class, the minutes from its start to the last end that links force. Links with
 * negative lags may form circles, so only as many rounds as tasks.
 */
function longestChains({ count, minutes, ends, problem }: Model, inClass: ReadonlySet<number>): number[] {
  const arcs = problem.links.flatMap((link, at) => {
    const [from, to] = ends[at]!;
    const back =
      link.maxLag === undefined ? [] : [{ from: to, to: from, gap: -(minutes[from]! + link.maxLag) }];
    return [{ from, to, gap: minutes[from]! + link.minLag }, ...back];
  });
  const tail = minutes.map((each, task) => (inClass.has(task) ? each : -Infinity));
  for (let round = 0; round < count; round++) {
    let moved = false;
    for (const { from, to, gap } of arcs) {
      if (tail[to]! + gap <= tail[from]!) continue;
      tail[from] = tail[to]! + gap;
      moved = true;
    }
    if (!moved) break;
  }
  return [...inClass].map((task) => tail[task]!);
}
