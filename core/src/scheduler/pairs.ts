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
  /** By task: the pairs that it is in. */
  readonly #pairsOf: (readonly Pair[])[] = [];
  /** Tasks to look at again, in the order in which they moved; each is in it once. */
  readonly #moved: number[] = [];
  readonly #isMoved: boolean[] = [];

  constructor(
    pairs: readonly Pair[],
    private readonly minutes: readonly number[],
  ) {
    const pairsOf: Pair[][] = this.minutes.map(() => []);
    for (const pair of pairs) {
      for (const task of [pair.one, pair.other]) {
        if (pairsOf[task]!.length === 0) this.#moved.push(task);
        pairsOf[task]!.push(pair);
      }
    }
    this.#pairsOf = pairsOf;
    this.#isMoved = pairsOf.map((each) => each.length > 0);
  }

  get tasks(): number[] {
    return this.#pairsOf.flatMap((pairs, task) => (pairs.length > 0 ? [task] : []));
  }

  wake(task: number): void {
    if (this.#isMoved[task]) return;
    this.#isMoved[task] = true;
    this.#moved.push(task);
  }

  propagate(engine: Engine): boolean {
    // What is still to be looked at when a conflict ends this stays for the next time.
    let done = 0;
    for (; done < this.#moved.length; done++) {
      const task = this.#moved[done]!;
      if (!this.#orderPairsOf(engine, task)) break;
      this.#isMoved[task] = false;
    }
    this.#moved.splice(0, done);
    return this.#moved.length === 0;
  }

  #orderPairsOf(engine: Engine, task: number): boolean {
    const { bounds } = engine;
    for (const { one, other, gap } of this.#pairsOf[task]!) {
      // Mostly either can still come first, and nothing follows.
      const canGoFirst = bounds[2 * one]! + this.minutes[one]! + gap + bounds[2 * other + 1]! <= 0;
      if (canGoFirst && bounds[2 * other]! + this.minutes[other]! + gap + bounds[2 * one + 1]! <= 0) continue;
      if (!this.#order(engine, one, other, gap) || !this.#order(engine, other, one, gap)) return false;
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
