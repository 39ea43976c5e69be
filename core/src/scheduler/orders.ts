import type { Engine, Propagator } from './engine.js';

/**
 * A choice between two orders: where `choice` is 1, later ≥ earlier + ahead; where it is 0, earlier ≥ later +
 * back.
 */
export interface Order {
  readonly choice: number;
  readonly earlier: number;
  readonly later: number;
  readonly ahead: number;
  readonly back: number;
}

interface Step {
  readonly from: number;
  readonly to: number;
  readonly gap: number;
  readonly order: Order | null;
}

/**
 * Choices of order as differences that hold under a condition. Besides narrowing bounds, it finds circles of
 * differences that ask for more time than there is: they do not depend on when things happen, so what is
 * learned from them holds at any hour.
 */
export class Orders implements Propagator {
  readonly priority = 0;
  readonly #ordersOf = new Map<number, Order[]>();
  readonly #moved = new Set<number>();
  readonly #potential: Float64Array;
  /** Decided, but potentials do not heed it yet. */
  readonly #fresh: Order[] = [];
  readonly #isFollowed: Uint8Array;

  /** Off where windows are narrow: there bounds alone find what contradicts itself, and sooner. */
  findsCircles = true;

  constructor(orders: readonly Order[], engine: Engine) {
    for (const order of orders)
      for (const variable of [order.choice, order.earlier, order.later]) {
        const known = this.#ordersOf.get(variable) ?? [];
        known.push(order);
        this.#ordersOf.set(variable, known);
      }
    for (const variable of this.#ordersOf.keys()) this.#moved.add(variable);
    this.#potential = new Float64Array(engine.variables);
    this.#isFollowed = new Uint8Array(engine.variables);
    this.#potential.set(levelPotentials(engine));
  }

  get variables(): number[] {
    return [...this.#ordersOf.keys()];
  }

  wake(variable: number): void {
    this.#moved.add(variable);
    const [order] = this.#ordersOf.get(variable)!;
    if (!this.findsCircles || order!.choice !== variable) return;
    this.#isFollowed[variable] = 0;
    this.#fresh.push(order!);
  }

  propagate(engine: Engine): boolean {
    // Circles first: bounds would creep round them minute by minute.
    for (let order = this.#fresh.pop(); order; order = this.#fresh.pop()) {
      const step = stepOf(engine, order);
      if (!step) continue;
      if (!this.#follow(engine, step)) {
        this.#fresh.push(order);
        return false;
      }
      this.#isFollowed[order.choice] = 1;
    }
    for (const variable of this.#moved) {
      for (const order of this.#ordersOf.get(variable)!) if (!this.#narrow(engine, order)) return false;
      this.#moved.delete(variable);
    }
    return true;
  }

  /** The side of a choice as it is in a plan, or as it fits those decided so far. */
  likely(choice: number, target: readonly number[] | null): 0 | 1 {
    const [order] = this.#ordersOf.get(choice)!;
    if (target) return target[order!.later]! >= target[order!.earlier]! + order!.ahead ? 1 : 0;
    return this.#potential[order!.later]! >= this.#potential[order!.earlier]! + order!.ahead ? 1 : 0;
  }

  #narrow(engine: Engine, order: Order): boolean {
    const { choice, earlier, later, ahead, back } = order;
    if (engine.from(choice) === 1) return this.#hold(engine, earlier, later, ahead, [2 * choice, 1]);
    if (engine.to(choice) === 0) return this.#hold(engine, later, earlier, back, [2 * choice + 1, 0]);
    const latest = engine.to(later);
    if (
      engine.from(earlier) + ahead > latest &&
      !engine.raise(2 * choice + 1, 0, [2 * earlier, latest - ahead + 1, 2 * later + 1, -latest])
    )
      return false;
    if (engine.to(choice) === 0) return this.#hold(engine, later, earlier, back, [2 * choice + 1, 0]);
    const last = engine.to(earlier);
    if (engine.from(later) + back <= last) return true;
    return (
      engine.raise(2 * choice, 1, [2 * later, last - back + 1, 2 * earlier + 1, -last]) &&
      this.#hold(engine, earlier, later, ahead, [2 * choice, 1])
    );
  }

  #hold(engine: Engine, earlier: number, later: number, gap: number, premises: readonly number[]): boolean {
    const from = engine.from(earlier) + gap;
    if (from > engine.from(later) && !engine.raise(2 * later, from, [2 * earlier, from - gap, ...premises]))
      return false;
    const to = engine.to(later) - gap;
    return (
      to >= engine.to(earlier) || engine.raise(2 * earlier + 1, -to, [2 * later + 1, -to - gap, ...premises])
    );
  }

  /**
   * Raises potentials until every difference holds for them again, the most behind first so that each is
   * raised once; or finds that this comes back to where it began.
   */
  #follow(engine: Engine, first: Step): boolean {
    const potential = this.#potential;
    const behind = new Map<number, number>([
      [first.to, potential[first.from]! + first.gap - potential[first.to]!],
    ]);
    const cameBy = new Map<number, Step>([[first.to, first]]);
    const raised = new Map<number, number>();
    for (;;) {
      const next = mostBehind(behind);
      if (next < 0) break;
      const value = potential[next]! + behind.get(next)!;
      behind.delete(next);
      raised.set(next, value);
      for (const step of this.#stepsFrom(engine, next)) {
        const lack = value + step.gap - potential[step.to]!;
        if (lack <= 0 || raised.has(step.to) || lack <= (behind.get(step.to) ?? 0)) continue;
        cameBy.set(step.to, step);
        if (step.to === first.from) return engine.fail(premisesOf(step, first, cameBy));
        behind.set(step.to, lack);
      }
    }
    for (const [variable, value] of raised) potential[variable] = value;
    return true;
  }

  *#stepsFrom(engine: Engine, variable: number): Generator<Step> {
    for (const { to, gap } of engine.arcsFrom(2 * variable))
      yield { from: variable, to: to >> 1, gap, order: null };
    for (const order of this.#ordersOf.get(variable) ?? []) {
      if (this.#isFollowed[order.choice] === 0) continue;
      const step = stepOf(engine, order);
      if (step?.from === variable) yield step;
    }
  }
}

function stepOf(engine: Engine, order: Order): Step | null {
  const { choice, earlier, later, ahead, back } = order;
  if (engine.from(choice) === 1) return { from: earlier, to: later, gap: ahead, order };
  return engine.to(choice) === 0 ? { from: later, to: earlier, gap: back, order } : null;
}

function mostBehind(behind: ReadonlyMap<number, number>): number {
  let best = -1;
  let most = 0;
  for (const [variable, lack] of behind) {
    if (lack <= most) continue;
    best = variable;
    most = lack;
  }
  return best;
}

/** The choices on the way from a step back to the first one. */
function premisesOf(last: Step, first: Step, cameBy: ReadonlyMap<number, Step>): number[] {
  const premises: number[] = [];
  for (let step = last; ; step = cameBy.get(step.from)!) {
    if (step.order)
      premises.push(
        ...(step.from === step.order.earlier ? [2 * step.order.choice, 1] : [2 * step.order.choice + 1, 0]),
      );
    if (step === first) return premises;
  }
}

/**
 * Potentials that heed all links. There are none where links contradict each other; then the engine finds out
 * by itself.
 */
function levelPotentials(engine: Engine): Float64Array {
  const potential = new Float64Array(engine.variables);
  for (let round = 0; round < engine.variables; round++) {
    let moved = false;
    for (let variable = 0; variable < engine.variables; variable++) {
      for (const { to, gap } of engine.arcsFrom(2 * variable)) {
        if (potential[variable]! + gap <= potential[to >> 1]!) continue;
        potential[to >> 1] = potential[variable]! + gap;
        moved = true;
      }
    }
    if (!moved) break;
  }
  return potential;
}

/**
 * Decides for good every choice of which one side closes a circle with the links and with what is decided for
 * good already.
 */
export function decideForced(engine: Engine, orders: readonly Order[], tasks: number): void {
  const distance = allDistances(engine, tasks);
  for (let isNew = true; isNew && !engine.isContradictory;) {
    isNew = false;
    for (const { choice, earlier, later, ahead, back } of orders) {
      if (engine.isFixed(choice)) continue;
      const isBackwards = distance[later * tasks + earlier]! + ahead > 0;
      if (!isBackwards && distance[earlier * tasks + later]! + back <= 0) continue;
      isNew = true;
      if (isBackwards) engine.post(2 * choice + 1, 0);
      else engine.post(2 * choice, 1);
      if (isBackwards) lengthen(distance, tasks, later, earlier, back);
      else lengthen(distance, tasks, earlier, later, ahead);
    }
  }
}

/** Longest distances between tasks that links force; −∞ where they force none. */
function allDistances(engine: Engine, tasks: number): Float64Array {
  const distance = new Float64Array(tasks * tasks).fill(-Infinity);
  for (let task = 0; task < tasks; task++) distance[task * tasks + task] = 0;
  for (let from = 0; from < tasks; from++) {
    for (const { to, gap } of engine.arcsFrom(2 * from))
      if (to >> 1 < tasks) lengthen(distance, tasks, from, to >> 1, gap);
  }
  return distance;
}

function lengthen(distance: Float64Array, tasks: number, from: number, to: number, gap: number): void {
  if (distance[from * tasks + to]! >= gap) return;
  for (let first = 0; first < tasks; first++) {
    const reach = distance[first * tasks + from]! + gap;
    if (reach === -Infinity) continue;
    for (let last = 0; last < tasks; last++) {
      const length = reach + distance[to * tasks + last]!;
      if (length > distance[first * tasks + last]!) distance[first * tasks + last] = length;
    }
  }
}
