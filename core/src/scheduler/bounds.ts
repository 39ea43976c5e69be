import type { ScheduleLink, ScheduleTask } from './types.js';

/**
 * One difference constraint: start(to) ≥ start(from) + gap. Node 0 is the axis itself; tasks follow from 1.
 */
export interface Edge {
  readonly from: number;
  readonly to: number;
  readonly gap: number;
  /** The fact behind it: a task's window or pin, or a link. */
  readonly fact: { readonly task: number } | { readonly link: number };
}

/** Every window, pin and lag as difference constraints. */
export function edgesOf(
  tasks: readonly ScheduleTask[],
  links: readonly ScheduleLink[],
  pinned: Readonly<Record<string, number>>,
): Edge[] {
  const index = new Map(tasks.map((task, at) => [task.id, at + 1]));
  const edges: Edge[] = [];
  tasks.forEach((task, at) => {
    const node = at + 1;
    const pin = pinned[task.id];
    const fact = { task: at };
    if (task.earliest !== undefined) edges.push({ from: 0, to: node, gap: task.earliest, fact });
    if (task.latest !== undefined) edges.push({ from: node, to: 0, gap: task.minutes - task.latest, fact });
    if (pin !== undefined)
      edges.push({ from: 0, to: node, gap: pin, fact }, { from: node, to: 0, gap: -pin, fact });
  });
  links.forEach((link, place) => {
    const from = index.get(link.from)!;
    const to = index.get(link.to)!;
    const minutes = tasks[from - 1]!.minutes;
    edges.push({ from, to, gap: minutes + link.minLag, fact: { link: place } });
    if (link.maxLag !== undefined)
      edges.push({ from: to, to: from, gap: -(minutes + link.maxLag), fact: { link: place } });
  });
  return edges;
}

/**
 * The edges of a contradiction, a cycle that asks for more time than there is, or null. Bellman–Ford from all
 * nodes at once.
 */
export function findContradiction(size: number, edges: readonly Edge[]): Edge[] | null {
  const start = new Float64Array(size);
  const reachedBy: (Edge | null)[] = new Array<Edge | null>(size).fill(null);
  let risen = -1;
  for (let round = 0; round <= size; round++) {
    risen = -1;
    for (const edge of edges) {
      if (start[edge.from]! + edge.gap > start[edge.to]!) {
        start[edge.to] = start[edge.from]! + edge.gap;
        reachedBy[edge.to] = edge;
        risen = edge.to;
      }
    }
    if (risen < 0) return null;
  }
  let node = risen;
  for (let back = 0; back < size; back++) node = reachedBy[node]!.from;
  const cycle: Edge[] = [];
  for (let link = node; ;) {
    const edge = reachedBy[link]!;
    cycle.push(edge);
    link = edge.from;
    if (link === node) return cycle;
  }
}
