import type { ScheduleLink, ScheduleProblem, ScheduleResource, ScheduleTask } from '../../scheduler/index.js';
import { earliestStarts, gapsOf } from '../../scheduler/out-of-time.js';
import type { Starts } from './attempt.js';

/** Other starts of some tasks, by their numbers. */
export type Moves = ReadonlyMap<number, number>;

/** Tasks that one move may take along. */
const mostMoved = 12;

interface Tie {
  readonly other: number;
  readonly minLag: number;
  readonly maxLag: number;
}

interface Use {
  readonly task: number;
  /** Its number among the resources. */
  readonly resource: number;
  readonly units: number;
  readonly setting: string | undefined;
}

interface Resource {
  readonly capacity: number;
  readonly open: ScheduleResource['open'];
  readonly changeover: number;
  readonly uses: Use[];
}

/**
 * A plan that stands, in which single tasks are moved and take along what hangs on them. Every plan it gives
 * keeps all that the problem asks for.
 */
export class Placement {
  readonly starts: number[];
  /** The same while a move is tried. */
  readonly #now: number[];
  readonly #minutes: readonly number[];
  readonly #isFixed: readonly boolean[];
  readonly #numbers: ReadonlyMap<string, number>;
  readonly #before: Tie[][];
  readonly #after: Tie[][];
  readonly #uses: readonly (readonly Use[])[];
  readonly #resources: readonly Resource[];
  /** No plan has a task before this, whatever else moves. Worked out when the first move is tried. */
  #earliest: readonly number[] | null = null;
  /** Tasks that cannot go on while one does. */
  readonly #rivals = new Map<number, readonly number[]>();

  constructor(
    readonly problem: ScheduleProblem,
    starts: Starts,
    isFixed: (task: ScheduleTask, number: number) => boolean,
  ) {
    const { tasks, links } = problem;
    this.#numbers = new Map(tasks.map(({ id }, number) => [id, number]));
    this.starts = tasks.map(({ id }) => starts[id]!);
    this.#now = [...this.starts];
    this.#minutes = tasks.map(({ minutes }) => minutes);
    this.#isFixed = tasks.map(isFixed);
    this.#before = tasks.map(() => []);
    this.#after = tasks.map(() => []);
    for (const link of links) this.#tie(link);
    const places = new Map(problem.resources.map(({ id }, number) => [id, number]));
    this.#resources = problem.resources.map(({ capacity, open, changeoverMinutes = 0 }) => ({
      capacity,
      open: open && [...open].sort((a, b) => a[0] - b[0]),
      changeover: changeoverMinutes,
      uses: [],
    }));
    this.#uses = tasks.map(({ demands, minutes }, task) =>
      minutes === 0
        ? []
        : demands.map(({ resource, units, setting }) => ({
            task,
            resource: places.get(resource)!,
            units,
            setting,
          })),
    );
    for (const use of this.#uses.flat()) this.#resources[use.resource]!.uses.push(use);
  }

  #tie({ from, to, minLag, maxLag = Infinity }: ScheduleLink): void {
    const [first, second] = [this.#numbers.get(from)!, this.#numbers.get(to)!];
    this.#after[first]!.push({ other: second, minLag, maxLag });
    this.#before[second]!.push({ other: first, minLag, maxLag });
  }

  #earliestStarts(): readonly number[] {
    const { tasks, links } = this.problem;
    const own = tasks.map(({ earliest = -Infinity }, task) =>
      this.#isFixed[task] ? this.starts[task]! : earliest,
    );
    const ends = links.map(({ from, to }) => [this.#numbers.get(from)!, this.#numbers.get(to)!] as const);
    const never = own.map(() => Infinity);
    return earliestStarts(own, never, gapsOf(links, ends, this.#minutes)) ?? own;
  }

  /** What else moves where a task starts at another minute; null where that cannot be. */
  tried(task: number, to: number): Moves | null {
    this.#earliest ??= this.#earliestStarts();
    if (to < this.#earliest[task]!) return null;
    const moves = new Map<number, number>();
    const found = this.#moved(moves, task, to) && this.#areAllowed(moves);
    for (const each of moves.keys()) this.#now[each] = this.starts[each]!;
    return found ? moves : null;
  }

  #areAllowed(moves: Moves): boolean {
    for (const each of moves.keys()) if (!this.#isAllowed(each)) return false;
    return true;
  }

  /** Moves a task with all that hangs on it; false where that cannot be. */
  #moved(moves: Map<number, number>, task: number, to: number): boolean {
    const wanted: [number, number][] = [[task, to]];
    for (const [each, start] of wanted) {
      if (!this.#isInTime(each, start) || moves.has(each) || moves.size >= mostMoved) return false;
      moves.set(each, start);
      this.#now[each] = start;
      const along = this.#takenAlong(each, moves);
      if (!along) return false;
      wanted.push(...along);
    }
    return true;
  }

  /** Whether the starts it was given keep all that the problem asks for. */
  isSound(): boolean {
    return this.starts.every((_, task) => this.#isAllowed(task));
  }

  take(moves: Moves): void {
    for (const [task, start] of moves) this.starts[task] = this.#now[task] = start;
  }

  result(): Starts {
    return Object.fromEntries(this.problem.tasks.map(({ id }, number) => [id, this.starts[number]!]));
  }

  #endOf(task: number): number {
    return this.#now[task]! + this.#minutes[task]!;
  }

  /** Tasks that must move with one, by links and because it takes their place; null where one cannot. */
  #takenAlong(task: number, moves: Moves): ReadonlyMap<number, number> | null {
    const found = new Map<number, number>();
    const [start, end] = [this.#now[task]!, this.#endOf(task)];
    // What is pushed to and fro does not come to rest.
    const isStuck = (other: number) => this.#isFixed[other]! || moves.has(other);
    for (const { other, minLag, maxLag } of this.#before[task]!) {
      const lag = start - this.#endOf(other);
      if (lag >= minLag && lag <= maxLag) continue;
      if (isStuck(other)) return null;
      found.set(other, this.#now[other]! + lag - (lag < minLag ? minLag : maxLag));
    }
    for (const { other, minLag, maxLag } of this.#after[task]!) {
      const lag = this.#now[other]! - end;
      if (lag >= minLag && lag <= maxLag) continue;
      if (isStuck(other)) return null;
      found.set(other, this.#now[other]! - lag + (lag < minLag ? minLag : maxLag));
    }
    // What starts while a task has all of what it needs begins after it.
    for (const other of this.#rivalsOf(task)) {
      const at = this.starts[other]!;
      if (at < start || at >= end || moves.has(other) || found.has(other)) continue;
      if (this.#isFixed[other]) return null;
      found.set(other, end);
    }
    return found;
  }

  #rivalsOf(task: number): readonly number[] {
    const known = this.#rivals.get(task);
    if (known) return known;
    const rivals = new Set<number>();
    for (const { resource, units } of this.#uses[task]!) {
      const { capacity, uses } = this.#resources[resource]!;
      for (const other of uses)
        if (other.task !== task && other.units + units > capacity) rivals.add(other.task);
    }
    const found = [...rivals];
    this.#rivals.set(task, found);
    return found;
  }

  #isInTime(task: number, start: number): boolean {
    const { earliest = -Infinity, latest = Infinity, minutes } = this.problem.tasks[task]!;
    return start >= earliest && start + minutes <= latest;
  }

  #isAllowed(task: number): boolean {
    const [start, end] = [this.#now[task]!, this.#endOf(task)];
    return (
      this.#isInTime(task, start) &&
      this.#before[task]!.every((tie) => keeps(tie, start - this.#endOf(tie.other))) &&
      this.#after[task]!.every((tie) => keeps(tie, this.#now[tie.other]! - end)) &&
      this.#uses[task]!.every((use) => this.#hasRoom(use, start, end))
    );
  }

  #hasRoom({ task, resource, units, setting }: Use, start: number, end: number): boolean {
    const { capacity, open, changeover, uses } = this.#resources[resource]!;
    if (open && !isOpen(open, start, end)) return false;
    let free = capacity - units;
    // The most at once is reached where it starts or where another one starts.
    const later: Use[] = [];
    const besides: Use[] = [];
    for (const other of uses) {
      if (other.task === task) continue;
      const from = this.#now[other.task]!;
      const to = from + this.#minutes[other.task]!;
      const isOther = setting !== undefined && other.setting !== undefined && other.setting !== setting;
      if (isOther && from < end + changeover && to + changeover > start) return false;
      if (from >= end || to <= start) continue;
      if (from <= start) free -= other.units;
      if (free < 0) return false;
      besides.push(other);
      if (from > start) later.push(other);
    }
    return later.every((each) => this.#unitsAt(besides, this.#now[each.task]!) + units <= capacity);
  }

  #unitsAt(uses: readonly Use[], minute: number): number {
    let sum = 0;
    for (const { task, units } of uses) {
      const from = this.#now[task]!;
      if (from <= minute && minute < from + this.#minutes[task]!) sum += units;
    }
    return sum;
  }
}

function keeps({ minLag, maxLag }: Tie, lag: number): boolean {
  return lag >= minLag && lag <= maxLag;
}

/** Whether hours in order, that may touch each other, cover a span. */
function isOpen(open: readonly (readonly [number, number])[], start: number, end: number): boolean {
  let from = start;
  for (const [opens, closes] of open) if (opens <= from && closes > from) from = closes;
  return from >= end;
}
