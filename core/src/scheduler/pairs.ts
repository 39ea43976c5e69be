import type { Engine, Propagator } from './engine.js';

/** Two tasks that cannot run at once: `gap` minutes lie between them, whichever comes first. */
export interface Pair {
  readonly one: number;
  readonly other: number;
  readonly gap: number;
}

/** Keeps pairs apart: where one cannot come before the other, the other comes first. */
export class Pairs implements Propagator {
  readonly priority = 0;
  readonly #pairsOf = new Map<number, Pair[]>();
  readonly #moved: Set<number>;

  constructor(
    pairs: readonly Pair[],
    private readonly minutes: readonly number[],
  ) {
    for (const pair of pairs)
      for (const task of [pair.one, pair.other]) listAt(this.#pairsOf, task).push(pair);
    this.#moved = new Set(this.#pairsOf.keys());
  }

  get tasks(): number[] {
    return [...this.#pairsOf.keys()];
  }

  wake(task: number): void {
    this.#moved.add(task);
  }

  propagate(engine: Engine): boolean {
    for (const task of this.#moved) {
      for (const { one, other, gap } of this.#pairsOf.get(task)!) {
        if (!this.#order(engine, one, other, gap) || !this.#order(engine, other, one, gap)) return false;
      }
      this.#moved.delete(task);
    }
    return true;
  }

  /** Where `first` cannot be before `second`, `second` is before `first`. */
  #order(engine: Engine, first: number, second: number, gap: number): boolean {
    const reach = this.minutes[first]! + gap;
    const latest = engine.to(second);
    if (engine.from(first) + reach <= latest) return true;
    const cause = [2 * first, latest - reach + 1, 2 * second + 1, -latest];
    const back = this.minutes[second]! + gap;
    const from = engine.from(second) + back;
    if (from > engine.from(first) && !engine.raise(2 * first, from, [...cause, 2 * second, from - back]))
      return false;
    const to = engine.to(first) - back;
    return (
      to >= engine.to(second) || engine.raise(2 * second + 1, -to, [...cause, 2 * first + 1, -to - back])
    );
  }
}

function listAt(map: Map<number, Pair[]>, task: number): Pair[] {
  const found = map.get(task) ?? [];
  map.set(task, found);
  return found;
}
