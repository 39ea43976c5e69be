import type { ScheduleLink, ScheduleTask } from './types.js';

/** One difference constraint: start(to) ≥ start(from) + gap. Node 0 is the axis itself; tasks follow from 1. */
export interface Edge {
  readonly from: number;
  readonly to: number;
  readonly gap: number;
  /** The fact behind it: a task's window or pin, or a link. */
  readonly fact: { readonly task: number } | { readonly link: number };
}

/** Every window, pin and lag as difference constraints. */
export function edgesOf(tasks: readonly ScheduleTask[], links: readonly ScheduleLink[], pinned: Readonly<Record<string, number>>): Edge[] {
  const index = new Map(tasks.map((task, at) => [task.id, at + 1]));
  const edges: Edge[] = [];
  tasks.forEach((task, at) => {
    const node = at + 1;
    const pin = pinned[task.id];
    const fact = { task: at };
    if (task.earliest !== undefined) edges.push({ from: 0, to: node, gap: task.earliest, fact });
    if (task.latest !== undefined) edges.push({ from: node, to: 0, gap: task.minutes - task.latest, fact });
    if (pin !== undefined) edges.push({ from: 0, to: node, gap: pin, fact }, { from: node, to: 0, gap: -pin, fact });
  });
  links.forEach((link, at) => {
    const from = index.get(link.from)!;
    const to = index.get(link.to)!;
    const minutes = tasks[from - 1]!.minutes;
    edges.push({ from, to, gap: minutes + link.minLag, fact: { link: at } });
    if (link.maxLag !== undefined) edges.push({ from: to, to: from, gap: -(minutes + link.maxLag), fact: { link: at } });
  });
  return edges;
}

/** Longest paths between all nodes, or the edges of a contradiction (a cycle that asks for more time than there is). */
export type Distances = { readonly ok: true; readonly gaps: Float64Array; readonly size: number } | { readonly ok: false; readonly cycle: readonly Edge[] };

/**
 * The least gap that all constraints together demand between every two starts: gaps[a × size + b] is the least
 * start(b) − start(a), −∞ where there is none. O(n³) for n tasks.
 */
export function longestGaps(size: number, edges: readonly Edge[]): Distances {
  const cycle = findContradiction(size, edges);
  if (cycle) return { ok: false, cycle };
  const gaps = new Float64Array(size * size).fill(-Infinity);
  for (let node = 0; node < size; node++) gaps[node * size + node] = 0;
  for (const edge of edges) {
    const at = edge.from * size + edge.to;
    if (edge.gap > gaps[at]!) gaps[at] = edge.gap;
  }
  for (let via = 0; via < size; via++) {
    for (let from = 0; from < size; from++) {
      const first = gaps[from * size + via]!;
      if (first === -Infinity) continue;
      for (let to = 0; to < size; to++) {
        const through = first + gaps[via * size + to]!;
        if (through > gaps[from * size + to]!) gaps[from * size + to] = through;
      }
    }
  }
  return { ok: true, gaps, size };
}

/** Bellman–Ford from all nodes at once; a node still rising after `size` rounds lies behind a contradiction. */
function findContradiction(size: number, edges: readonly Edge[]): Edge[] | null {
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
  for (let at = node; ;) {
    const edge = reachedBy[at]!;
    cycle.push(edge);
    at = edge.from;
    if (at === node) return cycle;
  }
}
