import { ClauseTrail } from './clauses.js';
import { nextAllowed } from './holes.js';

/**
 * The engine under the scheduler: bounds on whole-number variables, propagated to a fixpoint, with a reason
 * for every step so that a conflict can be learned from. It knows nothing of kitchens.
 *
 * A bound is a key and a value. Key 2·x says "x is at least the value"; key 2·x + 1 says "−x is at least the
 * value", that is, x is at most −value. So every bound is "at least", and the negation of (key, value) is
 * (key ^ 1, 1 − value).
 */

/** Difference constraint: b[to] ≥ b[from] + gap. The gap may be raised, never lowered, but by `release`. */
export interface Arc {
  readonly to: number;
  gap: number;
}

/** A part of the model that narrows bounds beyond single differences. Returns false on a conflict. */
export interface Propagator {
  /** Cheaper ones run first. */
  readonly priority: 0 | 1 | 2;
  /** Told of each of its variables whose bounds have moved. */
  wake?(variable: number): void;
  propagate(engine: Engine): boolean;
}

interface Mark {
  readonly trail: number;
  readonly next: number;
  readonly depth: number;
  readonly gapChanges: number;
  readonly isContradictory: boolean;
}

export class Engine extends ClauseTrail {
  readonly #arcs: Arc[][];
  readonly #holes: (readonly number[] | null)[];
  readonly #listeners: number[][];
  readonly #propagators: Propagator[] = [];
  readonly #isDirty: boolean[] = [];
  #next = 0;
  readonly #gapChanges: [Arc, number][] = [];

  /** Each variable with its lowest and highest value. */
  constructor(ranges: readonly (readonly [lowest: number, highest: number])[]) {
    super(ranges);
    const { variables } = this;
    this.#arcs = Array.from({ length: variables * 2 }, () => []);
    this.#holes = new Array<readonly number[] | null>(variables).fill(null);
    this.#listeners = Array.from({ length: variables }, () => []);
  }

  /** Differences that lead on from a bound. */
  arcsFrom(key: number): readonly Arc[] {
    return this.#arcs[key]!;
  }

  /** later ≥ earlier + gap. Returns the two arcs, so that the gap can be raised afterwards. */
  addDifference(earlier: number, later: number, gap: number): readonly [Arc, Arc] {
    const ahead = { to: 2 * later, gap };
    const back = { to: 2 * earlier + 1, gap };
    this.#arcs[2 * earlier]!.push(ahead);
    this.#arcs[2 * later + 1]!.push(back);
    return [ahead, back];
  }

  /** Raises the gap of a difference, at level 0 only. */
  raiseGap(earlier: number, later: number, arcs: readonly [Arc, Arc], gap: number): void {
    for (const arc of arcs) {
      this.#gapChanges.push([arc, arc.gap]);
      arc.gap = gap;
    }
    this.#follow(arcs[0].to, 2 * earlier, gap);
    if (!this.isContradictory) this.#follow(arcs[1].to, 2 * later + 1, gap);
  }

  #follow(to: number, from: number, gap: number): void {
    if (!this.raise(to, this.bounds[from]! + gap, [from, this.bounds[from]!])) this.isContradictory = true;
  }

  /** The variable takes values only in these intervals, both ends included: from, to, from, to … in order. */
  allowOnly(variable: number, intervals: readonly number[]): void {
    this.#holes[variable] = intervals;
    if (intervals.length === 0 || !this.#leaveHoles(2 * variable) || !this.#leaveHoles(2 * variable + 1))
      this.isContradictory = true;
  }

  addPropagator(propagator: Propagator, variables: readonly number[]): void {
    const at = this.#propagators.length;
    this.#propagators.push(propagator);
    this.#isDirty.push(true);
    for (const variable of variables) this.#listeners[variable]!.push(at);
  }

  /** Has every propagator look again, after a limit of its own was changed. */
  touch(): void {
    this.#isDirty.fill(true);
  }

  /** A bound for good, at level 0. */
  post(key: number, value: number): void {
    if (!this.raise(key, value, [])) this.isContradictory = true;
  }

  /** Opens a new level with a decision. */
  decide(key: number, value: number): void {
    this.levels.push(this.trailKeys.length);
    this.raise(key, value, null);
  }

  /** Propagates to a fixpoint. Returns false on a conflict. */
  propagate(): boolean {
    if (this.isContradictory) return false;
    for (;;) {
      while (this.#next < this.trailKeys.length)
        if (!this.#propagateKey(this.trailKeys[this.#next++]!)) return false;
      const due = this.#nextDirty();
      if (due < 0) return true;
      this.#isDirty[due] = false;
      if (!this.#propagators[due]!.propagate(this)) {
        this.#isDirty[due] = true;
        return false;
      }
    }
  }

  #nextDirty(): number {
    let best = -1;
    for (let index = 0; index < this.#propagators.length; index++) {
      if (
        this.#isDirty[index] &&
        (best < 0 || this.#propagators[index]!.priority < this.#propagators[best]!.priority)
      )
        best = index;
    }
    return best;
  }

  #propagateKey(key: number): boolean {
    for (const listener of this.#listeners[key >> 1]!) {
      this.#isDirty[listener] = true;
      this.#propagators[listener]!.wake?.(key >> 1);
    }
    const value = this.bounds[key]!;
    for (const { to, gap } of this.#arcs[key]!) {
      if (value + gap > this.bounds[to]! && !this.push(to, value + gap, null, key, gap)) return false;
    }
    return this.#leaveHoles(key) && this.propagateClauses(key);
  }

  /** A bound that lies where no start is allowed moves to the next allowed one. */
  #leaveHoles(key: number): boolean {
    const intervals = this.#holes[key >> 1];
    if (!intervals) return true;
    const allowed = nextAllowed(intervals, key, this.bounds[key]!);
    if (!allowed) return true;
    if (allowed.value === null) return this.fail(allowed.premises);
    return this.raise(key, allowed.value, allowed.premises);
  }

  backtrack(level: number): void {
    if (level >= this.levels.length) return;
    this.#undo(this.levels[level]!);
    this.levels.length = level;
  }

  #undo(length: number): void {
    this.undoTo(length);
    this.#next = Math.min(this.#next, length);
  }

  /** Remembers level 0, so that bounds, gaps and clauses added after it can be taken back. */
  mark(): Mark {
    this.backtrack(0);
    return {
      trail: this.trailKeys.length,
      next: this.#next,
      depth: this.depth++,
      gapChanges: this.#gapChanges.length,
      isContradictory: this.isContradictory,
    };
  }

  release(mark: Mark): void {
    this.backtrack(0);
    this.#undo(mark.trail);
    // What follows from bounds that had not been followed up when the mark was set went with the rest.
    this.#next = mark.next;
    this.depth = mark.depth;
    this.drop((clause) => clause.depth > mark.depth);
    while (this.#gapChanges.length > mark.gapChanges) {
      const [arc, gap] = this.#gapChanges.pop()!;
      arc.gap = gap;
    }
    this.isContradictory = mark.isContradictory;
    this.#isDirty.fill(true);
  }
}
