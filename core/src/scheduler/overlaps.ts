import type { Engine, Propagator } from './engine.js';

/**
 * Whether `task` runs when another starts: where `begun` holds and `over` does not. Both are bounds, key and
 * value.
 */
export interface Overlap {
  readonly units: number;
  readonly begun: readonly [number, number];
  readonly over: readonly [number, number];
}

/** At the start of one task, those that run then leave it room on the resource. */
export class Overlaps implements Propagator {
  readonly priority = 1;

  /** `room` is what they may take. */
  constructor(
    private readonly overlaps: readonly Overlap[],
    private readonly room: number,
  ) {}

  propagate(engine: Engine): boolean {
    let taken = 0;
    for (const overlap of this.overlaps) if (isRunning(engine, overlap)) taken += overlap.units;
    if (taken > this.room) return engine.fail(this.#running(engine, this.room));
    for (const { units, begun, over } of this.overlaps) {
      if (taken + units <= this.room) continue;
      const hasBegun = holds(engine, begun);
      const notOver = fails(engine, over);
      if (hasBegun === notOver) continue;
      const premises = this.#running(engine, this.room - units);
      if (hasBegun && !holds(engine, over) && !engine.raise(over[0], over[1], [...begun, ...premises]))
        return false;
      if (
        notOver &&
        !fails(engine, begun) &&
        !engine.raise(begun[0] ^ 1, 1 - begun[1], [over[0] ^ 1, 1 - over[1], ...premises])
      )
        return false;
    }
    return true;
  }

  /** Enough of those that run to take more than `limit`. */
  #running(engine: Engine, limit: number): number[] {
    const premises: number[] = [];
    let taken = 0;
    for (const overlap of this.overlaps) {
      if (taken > limit || !isRunning(engine, overlap)) continue;
      premises.push(...overlap.begun, overlap.over[0] ^ 1, 1 - overlap.over[1]);
      taken += overlap.units;
    }
    return premises;
  }
}

function holds(engine: Engine, [key, value]: readonly [number, number]): boolean {
  return engine.bounds[key]! >= value;
}

function fails(engine: Engine, [key, value]: readonly [number, number]): boolean {
  return engine.bounds[key ^ 1]! >= 1 - value;
}

function isRunning(engine: Engine, { begun, over }: Overlap): boolean {
  return holds(engine, begun) && fails(engine, over);
}
