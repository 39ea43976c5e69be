import type { Engine, Propagator } from './engine.js';

/** The starts add up to at least `least`. */
export class LateStarts implements Propagator {
  readonly priority = 1;

  least = -Infinity;

  constructor(private readonly count: number) {}

  propagate(engine: Engine): boolean {
    if (this.least === -Infinity) return true;
    let most = 0;
    for (let task = 0; task < this.count; task++) most += engine.to(task);
    const slack = most - this.least;
    if (slack < 0) return engine.fail(this.#others(engine, -1, Infinity));
    for (let task = 0; task < this.count; task++) {
      const from = engine.to(task) - slack;
      if (from <= engine.from(task)) continue;
      if (!engine.raise(2 * task, from, { premises: (_, entry) => this.#others(engine, task, entry) }))
        return false;
    }
    return true;
  }

  /** How late the others can be at most. */
  #others(engine: Engine, but: number, entry: number): number[] {
    const premises: number[] = [];
    for (let task = 0; task < this.count; task++)
      if (task !== but) premises.push(2 * task + 1, engine.boundBefore(2 * task + 1, entry));
    return premises;
  }
}

/**
 * A link whose lag counts: `distance` minutes from the start of `from` to the start of `to` at the least lag.
 */
export interface WeighedLag {
  readonly from: number;
  readonly to: number;
  readonly distance: number;
  readonly weight: number;
}

/** The weighed minutes by which lags are longer than they must be add up to at most `most`. */
export class Freshness implements Propagator {
  readonly priority = 1;

  most = Infinity;

  constructor(private readonly lags: readonly WeighedLag[]) {}

  propagate(engine: Engine): boolean {
    if (this.most === Infinity) return true;
    const least = this.lags.map((lag) =>
      Math.max(0, engine.from(lag.to) - engine.to(lag.from) - lag.distance),
    );
    const slack = this.most - this.lags.reduce((sum, { weight }, at) => sum + weight * least[at]!, 0);
    if (slack < 0) return engine.fail(this.#premises(engine, least, -1));
    for (let index = 0; index < this.lags.length; index++) {
      const { from, to, distance, weight } = this.lags[index]!;
      const span = distance + least[index]! + Math.floor(slack / weight);
      const ends = engine.to(from) + span;
      if (
        ends < engine.to(to) &&
        !engine.raise(2 * to + 1, -ends, [
          2 * from + 1,
          -engine.to(from),
          ...this.#premises(engine, least, index),
        ])
      )
        return false;
      const begins = engine.from(to) - span;
      if (
        begins > engine.from(from) &&
        !engine.raise(2 * from, begins, [2 * to, engine.from(to), ...this.#premises(engine, least, index)])
      )
        return false;
    }
    return true;
  }

  /** Bounds that keep the lags as long as they are, but for one. */
  #premises(engine: Engine, least: readonly number[], but: number): number[] {
    return this.lags.flatMap(({ from, to }, at) =>
      at === but || least[at] === 0 ? [] : [2 * to, engine.from(to), 2 * from + 1, -engine.to(from)],
    );
  }
}
