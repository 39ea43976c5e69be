import type { Engine, Propagator } from './engine.js';
import type { BoundHistory, Later, Premises } from './reasons.js';

export interface Use {
  readonly task: number;
  readonly minutes: number;
  readonly units: number;
}

/**
 * Minutes in which each task of a resource must run, whatever its start, and what they leave for the others.
 * What must run is kept in order from one look to the next, for little of it changes.
 */
export class Timetable implements Propagator {
  readonly priority = 1;
  /** By use: the minutes in which it must run; none where `from` is not before `to`. */
  readonly #from: Float64Array;
  readonly #to: Float64Array;
  readonly #byFrom: Int32Array;
  readonly #byTo: Int32Array;
  /** Stretches of the same use in order. */
  readonly #segmentFrom: Float64Array;
  readonly #segmentTo: Float64Array;
  readonly #taken: Float64Array;
  #segments = 0;

  constructor(
    private readonly uses: readonly Use[],
    private readonly capacity: number,
  ) {
    const count = uses.length;
    this.#from = new Float64Array(count);
    this.#to = new Float64Array(count);
    this.#byFrom = Int32Array.from(uses, (_, at) => at);
    this.#byTo = Int32Array.from(uses, (_, at) => at);
    this.#segmentFrom = new Float64Array(2 * count);
    this.#segmentTo = new Float64Array(2 * count);
    this.#taken = new Float64Array(2 * count);
  }

  propagate(engine: Engine): boolean {
    const { uses } = this;
    for (let user = 0; user < uses.length; user++) {
      const { task, minutes } = uses[user]!;
      const from = engine.to(task);
      const to = engine.from(task) + minutes;
      this.#from[user] = from < to ? from : Infinity;
      this.#to[user] = from < to ? to : Infinity;
    }
    const over = this.#addUp();
    if (over < Infinity)
      return engine.fail(
        this.#running(engine, { moment: over, limit: this.capacity, but: -1, entry: Infinity }),
      );
    for (let at = 0; at < uses.length && this.#segments > 0; at++) {
      if (
        !engine.isFixed(uses[at]!.task) &&
        (!this.#laterStart(engine, at) || !this.#earlierStart(engine, at))
      )
        return false;
    }
    return true;
  }

  /** Adds up what runs, segment by segment. Returns a moment at which it is too much, or ∞. */
  #addUp(): number {
    sortBy(this.#byFrom, this.#from);
    sortBy(this.#byTo, this.#to);
    let ended = 0;
    let units = 0;
    let moment = -Infinity;
    this.#segments = 0;
    for (let begun = 0; ;) {
      const next = begun < this.#byFrom.length ? this.#from[this.#byFrom[begun]!]! : Infinity;
      const end = ended < this.#byTo.length ? this.#to[this.#byTo[ended]!]! : Infinity;
      const until = Math.min(next, end);
      if (until > moment && units > 0) this.#addSegment(moment, until, units);
      if (units > this.capacity && until > moment) return moment;
      if (until === Infinity) return Infinity;
      moment = until;
      if (end <= next) units -= this.uses[this.#byTo[ended++]!]!.units;
      else units += this.uses[this.#byFrom[begun++]!]!.units;
    }
  }

  #addSegment(from: number, to: number, units: number): void {
    this.#segmentFrom[this.#segments] = from;
    this.#segmentTo[this.#segments] = to;
    this.#taken[this.#segments++] = units;
  }

  #laterStart(engine: Engine, user: number): boolean {
    const { task, minutes, units } = this.uses[user]!;
    for (let segment = this.#firstEndingAfter(engine.from(task)); segment < this.#segments; segment++) {
      const start = engine.from(task);
      const from = this.#segmentFrom[segment]!;
      const to = this.#segmentTo[segment]!;
      if (from >= start + minutes) return true;
      if (
        this.#taken[segment]! + units <= this.capacity ||
        to <= start ||
        (from >= this.#from[user]! && to <= this.#to[user]!)
      )
        continue;
      while (engine.from(task) < to) {
        const moment = Math.min(to, engine.from(task) + minutes) - 1;
        if (
          !engine.raise(2 * task, moment + 1, this.#because([2 * task, moment - minutes + 1], moment, user))
        )
          return false;
      }
    }
    return true;
  }

  #earlierStart(engine: Engine, user: number): boolean {
    const { task, minutes, units } = this.uses[user]!;
    for (
      let segment = Math.min(this.#segments - 1, this.#firstEndingAfter(engine.to(task) + minutes - 1));
      segment >= 0;
      segment--
    ) {
      const start = engine.to(task);
      const from = this.#segmentFrom[segment]!;
      const to = this.#segmentTo[segment]!;
      if (to <= start) return true;
      if (
        this.#taken[segment]! + units <= this.capacity ||
        from >= start + minutes ||
        (from >= this.#from[user]! && to <= this.#to[user]!)
      )
        continue;
      while (engine.to(task) + minutes > from) {
        const moment = Math.max(from, engine.to(task));
        if (
          !engine.raise(2 * task + 1, minutes - moment, this.#because([2 * task + 1, -moment], moment, user))
        )
          return false;
      }
    }
    return true;
  }

  #firstEndingAfter(moment: number): number {
    let low = 0;
    let high = this.#segments;
    while (low < high) {
      const middle = (low + high) >> 1;
      if (this.#segmentTo[middle]! <= moment) low = middle + 1;
      else high = middle;
    }
    return low;
  }

  #because(own: Premises, moment: number, at: number): Later {
    const { task, units } = this.uses[at]!;
    return {
      premises: (engine, entry) => [
        ...own,
        ...this.#running(engine, { moment, limit: this.capacity - units, but: task, entry }),
      ],
    };
  }

  /**
   * Tasks that must run at the moment and take more than the limit together, as bounds that only say that and
   * stood before the entry.
   */
  #running(
    engine: BoundHistory,
    { moment, limit, but, entry }: { moment: number; limit: number; but: number; entry: number },
  ): number[] {
    const premises: number[] = [];
    let units = 0;
    for (const use of this.uses) {
      const { task } = use;
      const first = moment - use.minutes + 1;
      if (task === but || engine.from(task) < first || engine.to(task) > moment) continue;
      if (
        entry < Infinity &&
        (engine.entryOf(2 * task, first) >= entry || engine.entryOf(2 * task + 1, -moment) >= entry)
      )
        continue;
      premises.push(2 * task, first, 2 * task + 1, -moment);
      units += use.units;
      if (units > limit) break;
    }
    return premises;
  }
}

/** Insertion sort: the order is mostly right already. */
function sortBy(order: Int32Array, key: Float64Array): void {
  for (let at = 1; at < order.length; at++) {
    const moved = order[at]!;
    const value = key[moved]!;
    let to = at;
    for (; to > 0 && key[order[to - 1]!]! > value; to--) order[to] = order[to - 1]!;
    order[to] = moved;
  }
}
