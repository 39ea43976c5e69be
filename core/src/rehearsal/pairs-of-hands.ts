/** The pairs of hands of one station, or of the staff: when each is free again, and what took it last. */
export class PairsOfHands {
  /** In order: the pair that is free first stands first. */
  readonly #free: Float64Array;
  readonly #busyWith: Int32Array;

  constructor(pairs: number) {
    this.#free = new Float64Array(Math.max(1, pairs));
    this.#busyWith = new Int32Array(Math.max(1, pairs));
  }

  begin(): void {
    this.#free.fill(0);
    this.#busyWith.fill(-1);
  }

  /** When so many pairs are free at once; all of them where it asks for more than there are. */
  freeAt(pairs: number): number {
    return this.#free[this.#lastOf(pairs)]!;
  }

  /** What those pairs were last busy with: a place, or -1. */
  busyWith(pairs: number): number {
    return this.#busyWith[this.#lastOf(pairs)]!;
  }

  /** So many pairs, those that are free first, work until a moment. */
  take(pairs: number, until: number, place: number): void {
    const last = this.#lastOf(pairs);
    const free = this.#free;
    const busy = this.#busyWith;
    // Those behind them that are free before that moment move up.
    let to = 0;
    for (let from = last + 1; from < free.length && free[from]! < until; from++, to++) {
      free[to] = free[from]!;
      busy[to] = busy[from]!;
    }
    for (let count = 0; count <= last; count++, to++) {
      free[to] = until;
      busy[to] = place;
    }
  }

  #lastOf(pairs: number): number {
    return Math.min(Math.max(1, pairs), this.#free.length) - 1;
  }
}
