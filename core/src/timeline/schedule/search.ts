import type { ScheduleOptions, ScheduleProblem, ScheduleTask } from './types.js';
import { Windows, type Edge } from './bounds.js';
import { ResourceUsage } from './usage.js';

/** Minutes from the first start to the last end: of the tasks in class where any is flagged, or of all. */
export function spanOf(tasks: readonly ScheduleTask[], starts: readonly number[], inClassOnly: boolean): number {
  const flagged = inClassOnly && tasks.some((task) => task.inClass);
  let first = Infinity;
  let last = -Infinity;
  tasks.forEach((task, index) => {
    if (flagged && !task.inClass) return;
    first = Math.min(first, starts[index]!);
    last = Math.max(last, starts[index]! + task.minutes);
  });
  return tasks.length === 0 ? 0 : last - first;
}

/** Minutes before the last thing beyond which no plan reaches back when nothing else bounds it. */
const reach = 60 * 24 * 30;
const placementsPerTask = 3;
/** A task with less room than this is placed before its turn. */
const tightRoomMinutes = 60;

/** Tasks that stand at fixed distances from each other and are placed as one: hands and the wait that follows at once. */
interface Block {
  readonly members: readonly { readonly task: number; readonly offset: number }[];
}

/** Backward placement with repair, repeated with other orders while the budget lasts. */
export class Search {
  readonly #count: number;
  readonly #blocks: readonly Block[];
  readonly #blockOf: readonly number[];
  readonly #taskIndex: ReadonlyMap<string, number>;
  readonly #windows: Windows;
  readonly #latest: readonly number[];
  readonly #earliest: readonly number[];
  #left: number;
  #random: () => number;

  constructor(private readonly problem: ScheduleProblem, edges: readonly Edge[], private readonly options: ScheduleOptions) {
    this.#count = problem.tasks.length;
    this.#left = options.budgetSteps;
    this.#random = seeded(options.seed);
    this.#taskIndex = new Map(problem.tasks.map((task, at) => [task.id, at]));
    this.#blocks = findBlocks(problem, this.#taskIndex);
    this.#blockOf = blockIndex(this.#blocks, this.#count);
    this.#windows = new Windows(this.#count + 1, edges);
    this.#latest = problem.tasks.map((_, task) => (this.#windows.to[task + 1] === Infinity ? 0 : this.#windows.to[task + 1]!));
    this.#earliest = problem.tasks.map((_, task) => (this.#windows.from[task + 1] === -Infinity ? this.#latest[task]! - reach : this.#windows.from[task + 1]!));
  }

  run(): number[] | null {
    let best: number[] | null = null;
    let bestCost: number[] = [];
    for (let round = 0; round === 0 || this.#left > 0; round++) {
      const starts = this.#build(this.#order(round));
      if (starts) {
        const cost = this.#cost(starts);
        if (!best || isLess(cost, bestCost)) {
          best = starts;
          bestCost = cost;
          this.options.onImprove?.(Object.fromEntries(this.problem.tasks.map((task, index) => [task.id, starts[index]!])));
        }
      }
      if (this.#count === 0) break;
    }
    return best;
  }

  /** Latest end first; later rounds shake the order. */
  #order(round: number): number[] {
    const key = this.#blocks.map((block) => {
      const ends = block.members.map(({ task }) => this.#latest[task]! + this.problem.tasks[task]!.minutes);
      return Math.max(...ends) + (round === 0 ? 0 : this.#random() * 30 * Math.min(round, 20));
    });
    return this.#blocks.map((_, index) => index).sort((a, b) => key[b]! - key[a]! || b - a);
  }

  #build(order: readonly number[]): number[] | null {
    const starts: (number | undefined)[] = new Array<number | undefined>(this.#count).fill(undefined);
    const usage = new ResourceUsage(this.problem.resources);
    const queue = [...order];
    this.#windows.reset([]);
    let tries = placementsPerTask * this.#count + 20;
    let urgent = 0;
    while (queue.length > 0) {
      this.#left--;
      if (tries-- <= 0) return null;
      const at = this.#takeNext(queue, urgent);
      urgent = Math.max(0, urgent - 1);
      const block = this.#blocks[at]!;
      const window = this.#window(block.members[0]!.task);
      const start = this.#latestFit(block, window, usage);
      if (start !== null) {
        for (const { task, offset } of block.members) {
          starts[task] = start + offset;
          usage.place(task, this.problem.tasks[task]!, start + offset);
          this.#windows.fix(task + 1, start + offset);
        }
        continue;
      }
      const freed = this.#blockers(block, window, starts, usage);
      if (freed.length === 0) return null;
      for (const other of freed) this.#unplace(this.#blocks[other]!, starts, usage);
      this.#windows.reset(starts.flatMap((placed, task) => (placed === undefined ? [] : [[task + 1, placed] as const])));
      queue.unshift(at, ...(this.#random() < 0.5 ? freed : freed.reverse()));
      urgent = 1 + freed.length;
    }
    return starts as number[];
  }

  /** What was just freed goes first; then what has little room left, such as the maker of a result that keeps for minutes; then the order. */
  #takeNext(queue: number[], urgent: number): number {
    if (urgent > 0) return queue.shift()!;
    let chosen = 0;
    let least = tightRoomMinutes;
    for (let at = 0; at < queue.length; at++) {
      const { task } = this.#blocks[queue[at]!]!.members[0]!;
      const room = this.#windows.to[task + 1]! - Math.max(this.#earliest[task]!, this.#windows.from[task + 1]!);
      if (room < least) {
        least = room;
        chosen = at;
      }
    }
    return queue.splice(chosen, 1)[0]!;
  }

  #unplace(block: Block, starts: (number | undefined)[], usage: ResourceUsage): void {
    for (const { task } of block.members) {
      usage.remove(task, this.problem.tasks[task]!);
      starts[task] = undefined;
    }
  }

  /** The latest start of a block's first task at which every member fits. Members never compete with each other's past. */
  #latestFit(block: Block, window: { from: number; to: number }, usage: ResourceUsage): number | null {
    let limit = window.to;
    while (limit >= window.from) {
      let agreed = limit;
      for (const { task, offset } of block.members) {
        const fit = usage.latestFit(this.problem.tasks[task]!, window.from + offset, agreed + offset);
        if (fit === null) return null;
        agreed = fit - offset;
      }
      if (agreed === limit) return this.#fitsItself(block, agreed, usage) ? agreed : null;
      limit = agreed;
    }
    return null;
  }

  /** Members that share a resource are checked together by placing them one after the other. */
  #fitsItself(block: Block, start: number, usage: ResourceUsage): boolean {
    if (block.members.length === 1) return true;
    let fits = true;
    const placed: number[] = [];
    for (const { task, offset } of block.members) {
      fits &&= usage.fits(this.problem.tasks[task]!, start + offset);
      if (!fits) break;
      usage.place(task, this.problem.tasks[task]!, start + offset);
      placed.push(task);
    }
    for (const task of placed) usage.remove(task, this.problem.tasks[task]!);
    return fits;
  }

  /** What the placed tasks leave of a task's time. */
  #window(task: number): { from: number; to: number } {
    const from = Math.max(this.#earliest[task]!, this.#windows.from[task + 1]!);
    return { from, to: Math.min(this.#windows.to[task + 1]!, this.#windows.to[task + 1] === Infinity ? this.#latest[task]! : Infinity) };
  }

  /** The placed blocks that hold the window up from below, or else those in the way on the resources. */
  #blockers(block: Block, window: { from: number; to: number }, starts: readonly (number | undefined)[], usage: ResourceUsage): number[] {
    const inTheWay = new Set<number>();
    for (const { task } of block.members) {
      const holder = this.#windows.heldBy[task + 1]!;
      if (holder > 0 && window.from > this.#earliest[block.members[0]!.task]!) inTheWay.add(holder - 1);
    }
    if (inTheWay.size === 0 || this.#random() < 0.3) {
      for (const { task, offset } of block.members) {
        const end = Math.max(window.to, window.from) + offset + this.problem.tasks[task]!.minutes;
        for (const rival of usage.rivals(this.problem.tasks[task]!)) {
          if (overlaps(starts[rival]!, this.problem.tasks[rival]!.minutes, window.from + offset, end)) inTheWay.add(rival);
        }
      }
    }
    return [...new Set([...inTheWay].map((task) => this.#blockOf[task]!))].filter((at) => this.#blocks[at] !== block);
  }

  /** Lower is better, compared from the left. */
  #cost(starts: readonly number[]): number[] {
    const late = -starts.reduce((sum, start) => sum + start, 0);
    if (this.options.objective === 'freshest') return [this.#staleness(starts), late];
    return [spanOf(this.problem.tasks, starts, true), spanOf(this.problem.tasks, starts, false), late];
  }

  #staleness(starts: readonly number[]): number {
    return this.problem.links.reduce((sum, link) => {
      const from = this.#taskIndex.get(link.from)!;
      const lag = starts[this.#taskIndex.get(link.to)!]! - starts[from]! - this.problem.tasks[from]!.minutes;
      return sum + linkWeight(link) * (lag - link.minLag);
    }, 0);
  }
}

/** Tasks joined by links that leave no room, with their distances from the first of each. */
function findBlocks(problem: ScheduleProblem, taskIndex: ReadonlyMap<string, number>): Block[] {
  const joined: { to: number; offset: number }[][] = problem.tasks.map(() => []);
  for (const link of problem.links) {
    if (link.minLag !== link.maxLag) continue;
    const from = taskIndex.get(link.from)!;
    const to = taskIndex.get(link.to)!;
    const offset = problem.tasks[from]!.minutes + link.minLag;
    joined[from]!.push({ to, offset });
    joined[to]!.push({ to: from, offset: -offset });
  }
  const taken = new Set<number>();
  return problem.tasks.flatMap((_, first): Block[] => {
    if (taken.has(first)) return [];
    taken.add(first);
    const members = [{ task: first, offset: 0 }];
    for (let at = 0; at < members.length; at++) {
      for (const { to, offset } of joined[members[at]!.task]!) {
        if (taken.has(to)) continue;
        taken.add(to);
        members.push({ task: to, offset: members[at]!.offset + offset });
      }
    }
    return [{ members }];
  });
}

function blockIndex(blocks: readonly Block[], count: number): number[] {
  const index = new Array<number>(count).fill(0);
  blocks.forEach((block, at) => block.members.forEach(({ task }) => { index[task] = at; }));
  return index;
}

/** A short hold weighs more: 1000 ÷ the room between its lags, 0 where there is no limit or no room. */
function linkWeight(link: ScheduleProblem['links'][number]): number {
  if (link.weight !== undefined) return link.weight;
  if (link.maxLag === undefined || link.maxLag === link.minLag) return 0;
  return Math.round(1000 / (link.maxLag - link.minLag));
}

function overlaps(start: number, minutes: number, from: number, to: number): boolean {
  return start < to && start + minutes > from;
}

function isLess(a: readonly number[], b: readonly number[]): boolean {
  for (let at = 0; at < a.length; at++) if (a[at] !== b[at]) return a[at]! < b[at]!;
  return false;
}

/** A small seeded generator (mulberry32): the same numbers on every machine. */
function seeded(seed: number): () => number {
  let state = seed >>> 0;
  return () => {
    state = (state + 0x6d2b79f5) >>> 0;
    let mixed = Math.imul(state ^ (state >>> 15), state | 1);
    mixed ^= mixed + Math.imul(mixed ^ (mixed >>> 7), mixed | 61);
    return ((mixed ^ (mixed >>> 14)) >>> 0) / 4294967296;
  };
}
