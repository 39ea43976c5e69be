import type { ScheduleLink, ScheduleProblem } from './types.js';

/** A start that is held to be so many minutes after another at the least. */
export type Gap = readonly [from: number, to: number, minutes: number];

/**
 * Whether links and windows alone leave some task no moment, however many hands and hours there were: told
 * without a search.
 */
export function isOutOfTime(
  { tasks, links }: Pick<ScheduleProblem, 'tasks' | 'links'>,
  pinned: Readonly<Record<string, number>>,
): boolean {
  const numbers = new Map(tasks.map(({ id }, number) => [id, number]));
  const ends = links.map(({ from, to }) => [numbers.get(from)!, numbers.get(to)!] as const);
  const minutes = tasks.map((task) => task.minutes);
  const earliest = tasks.map((task) => task.earliest ?? -Infinity);
  const latest = tasks.map((task) => (task.latest ?? Infinity) - task.minutes);
  for (const [id, start] of Object.entries(pinned)) {
    const task = numbers.get(id)!;
    earliest[task] = Math.max(earliest[task]!, start);
    latest[task] = Math.min(latest[task]!, start);
  }
  return earliestStarts(earliest, latest, gapsOf(links, ends, minutes)) === null;
}

/**
 * The earliest starts, each after its own `earliest`, that keep all gaps; null where one of them is past its
 * latest, or gaps in a circle put each other off for ever.
 */
export function earliestStarts(
  earliest: readonly number[],
  latest: readonly number[],
  gaps: readonly Gap[],
): readonly number[] | null {
  const starts = [...earliest];
  if (starts.some((start, task) => start > latest[task]!)) return null;
  // A start is put off by each of the others once at most, unless they go round in a circle.
  for (let round = 0; round <= starts.length; round++) {
    let isSettled = true;
    for (const [from, to, minutes] of gaps) {
      const start = starts[from]! + minutes;
      if (start <= starts[to]!) continue;
      if (start > latest[to]!) return null;
      starts[to] = start;
      isSettled = false;
    }
    if (isSettled) return starts;
  }
  return null;
}

/** What links ask of the starts of their ends, by their numbers. */
export function gapsOf(
  links: readonly ScheduleLink[],
  ends: readonly (readonly [from: number, to: number])[],
  minutes: readonly number[],
): Gap[] {
  return links.flatMap(({ minLag, maxLag }, at): Gap[] => {
    const [from, to] = ends[at]!;
    const after: Gap = [from, to, minutes[from]! + minLag];
    return maxLag === undefined ? [after] : [after, [to, from, -(minutes[from]! + maxLag)]];
  });
}
