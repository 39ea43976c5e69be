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

/** The window of each start that the constraints leave, and which fixed task last narrowed it from below. */
export class Windows {
  readonly from: Float64Array;
  readonly to: Float64Array;
  /** The fixed node behind each `from`; 0 where only the axis is. */
  readonly heldBy: Int32Array;
  readonly #ahead: readonly (readonly Edge[])[];
  readonly #back: readonly (readonly Edge[])[];

  constructor(private readonly size: number, edges: readonly Edge[]) {
    const ahead: Edge[][] = Array.from({ length: size }, () => []);
    const back: Edge[][] = Array.from({ length: size }, () => []);
    for (const edge of edges) {
      ahead[edge.from]!.push(edge);
      back[edge.to]!.push(edge);
    }
    this.#ahead = ahead;
    this.#back = back;
    this.from = new Float64Array(size);
    this.to = new Float64Array(size);
    this.heldBy = new Int32Array(size);
    this.reset([]);
  }

  /** Starts over with only these nodes fixed. The constraints must not contradict each other. */
  reset(fixed: readonly (readonly [node: number, start: number])[]): void {
    this.from.fill(-Infinity);
    this.to.fill(Infinity);
    this.heldBy.fill(0);
    this.#set(0, 0);
    for (const [node, start] of fixed) this.#set(node, start);
    this.#narrow([0, ...fixed.map(([node]) => node)]);
  }

  /** Fixes a start inside its window and narrows all others; every value left in a window still belongs to some solution. */
  fix(node: number, start: number): void {
    this.#set(node, start);
    this.#narrow([node]);
  }

  #set(node: number, start: number): void {
    this.from[node] = start;
    this.to[node] = start;
    this.heldBy[node] = node;
  }

  #narrow(queue: number[]): void {
    const queued = new Uint8Array(this.size);
    for (const node of queue) queued[node] = 1;
    for (let at = 0; at < queue.length; at++) {
      const node = queue[at]!;
      queued[node] = 0;
      const push = (other: number) => {
        if (queued[other]) return;
        queued[other] = 1;
        queue.push(other);
      };
      for (const { to, gap } of this.#ahead[node]!) {
        if (this.from[node]! + gap <= this.from[to]!) continue;
        this.from[to] = this.from[node]! + gap;
        this.heldBy[to] = this.heldBy[node]!;
        push(to);
      }
      for (const { from, gap } of this.#back[node]!) {
        if (this.to[node]! - gap >= this.to[from]!) continue;
        this.to[from] = this.to[node]! - gap;
        push(from);
      }
    }
  }
}

/** The edges of a contradiction, a cycle that asks for more time than there is, or null. Bellman–Ford from all nodes at once. */
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
  for (let at = node; ;) {
    const edge = reachedBy[at]!;
    cycle.push(edge);
    at = edge.from;
    if (at === node) return cycle;
  }
}
