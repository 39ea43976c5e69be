import type { Model } from './model.js';

/** About `size` tasks that may change places: those around a moment, or those tied to one task. */
export function neighbourhood(
  model: Model,
  starts: readonly number[],
  size: number,
  random: () => number,
): Set<number> {
  const centre = Math.floor(random() * model.count);
  const moment = starts[centre]! + random() * model.minutes[centre]!;
  const near = model.minutes
    .map((minutes, task) => ({ task, away: Math.abs(starts[task]! + minutes / 2 - moment) }))
    .sort((a, b) => a.away - b.away || a.task - b.task);
  if (random() < 0.5) return new Set(near.slice(0, size).map(({ task }) => task));
  const chosen = new Set([centre]);
  const shared = new Set(model.needs[centre]!.map(({ resource }) => resource));
  for (const [from, to] of model.ends) {
    if (chosen.size >= size) return chosen;
    if (chosen.has(from)) chosen.add(to);
    else if (chosen.has(to)) chosen.add(from);
  }
  for (const { task } of near) {
    if (chosen.size >= size) break;
    if (model.needs[task]!.some(({ resource }) => shared.has(resource))) chosen.add(task);
  }
  return chosen;
}

/**
 * The tasks that are tied to those moved, or stand near to where these stood or go, nearest first and the
 * moved ones before all.
 */
export function nearMoved(
  model: Model,
  standing: readonly number[],
  moved: ReadonlyMap<number, number>,
): number[] {
  const tied = new Set(
    model.ends.flatMap(([from, to]) => (moved.has(from) ? [to] : moved.has(to) ? [from] : [])),
  );
  const away = (task: number) => {
    if (moved.has(task)) return -2;
    if (tied.has(task)) return -1;
    return Math.min(
      ...[...moved].flatMap(([other, start]) => [
        Math.abs(standing[task]! - standing[other]!),
        Math.abs(standing[task]! - start),
      ]),
    );
  };
  return model.minutes
    .map((_, task) => ({ task, away: away(task) }))
    .sort((a, b) => a.away - b.away || a.task - b.task)
    .map(({ task }) => task);
}
