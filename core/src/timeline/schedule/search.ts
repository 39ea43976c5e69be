import type { ScheduleOptions, ScheduleProblem, ScheduleTask } from './types.js';
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
const placementsPerTask = 12;

/** Tasks that stand at fixed distances from each other and are placed as one: hands and the wait that follows at once. */
interface Block {
  readonly members: readonly { readonly task: number; readonly offset: number }[];
}

/** Backward placement with repair, repeated with other orders while the budget lasts. */
export class Search {
  readonly #count: number;
  readonly #size: number;
  readonly #blocks: readonly Block[];
  readonly #taskIndex: ReadonlyMap<string, number>;
  #left: number;
  #random: () => number;

  constructor(private readonly problem: ScheduleProblem, private readonly gaps: Float64Array, private readonly options: ScheduleOptions) {
    this.#count = problem.tasks.length;
    this.#size = this.#count + 1;
    this.#left = options.budgetSteps;
    this.#random = seeded(options.seed);
    this.#blocks = this.#findBlocks();
    this.#taskIndex = new Map(problem.tasks.map((task, at) => [task.id, at]));
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

  #findBlocks(): Block[] {
    const taken = new Array<boolean>(this.#count).fill(false);
    const blocks: Block[] = [];
    for (let first = 0; first < this.#count; first++) {
      if (taken[first]) continue;
      const members = [{ task: first, offset: 0 }];
      for (let other = first + 1; other < this.#count; other++) {
        const ahead = this.#gap(first, other);
        if (!taken[other] && ahead !== -Infinity && ahead === -this.#gap(other, first)) {
          members.push({ task: other, offset: ahead });
          taken[other] = true;
        }
      }
      blocks.push({ members });
    }
    return blocks;
  }

  /** Latest end first; later rounds shake the order. */
  #order(round: number): number[] {
    const key = this.#blocks.map((block) => {
      const ends = block.members.map(({ task }) => this.#latest(task) + this.problem.tasks[task]!.minutes);
      return Math.max(...ends) + (round === 0 ? 0 : this.#random() * 30 * Math.min(round, 20));
    });
    return this.#blocks.map((_, index) => index).sort((a, b) => key[b]! - key[a]! || b - a);
  }

  #gap(from: number, to: number): number {
    return this.gaps[(from + 1) * this.#size + to + 1]!;
  }

  #latest(task: number): number {
    const back = this.gaps[(task + 1) * this.#size]!;
    return back === -Infinity ? 0 : -back;
  }

  #earliest(task: number): number {
    const ahead = this.gaps[task + 1]!;
    return ahead === -Infinity ? this.#latest(task) - reach : ahead;
  }

  #build(order: readonly number[]): number[] | null {
    const starts: (number | undefined)[] = new Array<number | undefined>(this.#count).fill(undefined);
    const usage = new ResourceUsage(this.problem.resources);
    const queue = [...order];
    let tries = placementsPerTask * this.#count + 20;
    while (queue.length > 0) {
      this.#left--;
      if (tries-- <= 0) return null;
      const at = queue.shift()!;
      const block = this.#blocks[at]!;
      const window = this.#window(block.members[0]!.task, starts);
      const start = this.#latestFit(block, window, usage);
      if (start !== null) {
        for (const { task, offset } of block.members) {
          starts[task] = start + offset;
          usage.place(task, this.problem.tasks[task]!, start + offset);
        }
        continue;
      }
      const freed = this.#blockers(block, window, starts, usage);
      if (freed.length === 0) return null;
      for (const other of freed) this.#unplace(this.#blocks[other]!, starts, usage);
      queue.unshift(at, ...(this.#random() < 0.5 ? freed : freed.reverse()));
    }
    return starts as number[];
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

  /** What the placed tasks leave of a task's time. Gaps through the block's other members are in the matrix already. */
  #window(task: number, starts: readonly (number | undefined)[]): { from: number; to: number } {
    let from = this.#earliest(task);
    let to = this.#latest(task);
    for (let other = 0; other < this.#count; other++) {
      const start = starts[other];
      if (start === undefined || other === task) continue;
      from = Math.max(from, start + this.#gap(other, task));
      to = Math.min(to, start - this.#gap(task, other));
    }
    return { from, to };
  }

  /** The placed blocks that hold the window up from below, or else those in the way on the resources. */
  #blockers(block: Block, window: { from: number; to: number }, starts: readonly (number | undefined)[], usage: ResourceUsage): number[] {
    const first = block.members[0]!.task;
    const own = this.#earliest(first);
    const inTheWay = new Set<number>();
    if (window.from > own) {
      for (let other = 0; other < this.#count; other++) {
        const start = starts[other];
        if (start !== undefined && start + this.#gap(other, first) === window.from) inTheWay.add(other);
      }
    }
    if (inTheWay.size === 0 || this.#random() < 0.3) {
      for (const { task, offset } of block.members) {
        const end = Math.max(window.to, window.from) + offset + this.problem.tasks[task]!.minutes;
        for (const rival of usage.rivals(this.problem.tasks[task]!)) {
          if (overlaps(starts[rival]!, this.problem.tasks[rival]!.minutes, window.from + offset, end)) inTheWay.add(rival);
        }
      }
    }
    return this.#blocks.map((_, at) => at).filter((at) => this.#blocks[at] !== block && this.#blocks[at]!.members.some(({ task }) => inTheWay.has(task)));
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
