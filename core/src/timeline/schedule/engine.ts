/**
 * The engine under the scheduler: bounds on whole-number variables, propagated to a fixpoint, with a reason
 * for every step so that a conflict can be learned from. It knows nothing of kitchens.
 *
 * A bound is a key and a value. Key 2·x says "x is at least the value"; key 2·x + 1 says "−x is at least the
 * value", that is, x is at most −value. So every bound is "at least", and the negation of (key, value) is
 * (key ^ 1, 1 − value).
 */

/** Bounds that are all true: key, value, key, value … */
export type Premises = readonly number[];

/** Bounds of which at least one holds. The first two are watched. */
export interface Clause {
  readonly bounds: number[];
  readonly isLearned: boolean;
  /** Under how many marks it was added: it goes when its mark is released. */
  readonly depth: number;
  isDropped: boolean;
}

/** Premises that are worked out only if they are asked for, from what was on the trail before the entry. */
export interface Later {
  premises(engine: Engine, entry: number): Premises;
}

/**
 * Why a bound holds: premises that imply it, a clause whose other bounds are all false, or null for a
 * decision.
 */
export type Reason = Premises | Clause | Later | null;

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

export class Engine {
  readonly variables: number;
  readonly bounds: Float64Array;
  readonly trailKeys: number[] = [];
  readonly trailValues: number[] = [];
  readonly #trailOld: number[] = [];
  readonly #trailBefore: number[] = [];
  readonly #reasons: Reason[] = [];
  /** For a bound that follows from one arc: the key it came from and the gap, or −1. */
  readonly #arcFrom: number[] = [];
  readonly #arcGap: number[] = [];
  /** Where on the trail each level begins, but for level 0. */
  readonly levels: number[] = [];
  readonly #lastOf: Int32Array;
  readonly #arcs: Arc[][];
  readonly #watchers: Clause[][];
  readonly #holes: (readonly number[] | null)[];
  readonly #listeners: number[][];
  readonly #propagators: Propagator[] = [];
  readonly #isDirty: boolean[] = [];
  #clauses: Clause[] = [];
  #next = 0;
  #depth = 0;
  readonly #gapChanges: [Arc, number][] = [];
  conflict: Premises = [];
  /** True once level 0 itself holds a conflict. */
  isContradictory = false;

  /** Each variable with its lowest and highest value. */
  constructor(ranges: readonly (readonly [lowest: number, highest: number])[]) {
    const variables = ranges.length;
    this.variables = variables;
    this.bounds = Float64Array.from(ranges.flatMap(([lowest, highest]) => [lowest, -highest]));
    this.#lastOf = new Int32Array(variables * 2).fill(-1);
    this.#arcs = Array.from({ length: variables * 2 }, () => []);
    this.#watchers = Array.from({ length: variables * 2 }, () => []);
    this.#holes = new Array<readonly number[] | null>(variables).fill(null);
    this.#listeners = Array.from({ length: variables }, () => []);
  }

  /** Differences that lead on from a bound. */
  arcsFrom(key: number): readonly Arc[] {
    return this.#arcs[key]!;
  }
  from(variable: number): number {
    return this.bounds[2 * variable]!;
  }
  to(variable: number): number {
    return 0 - this.bounds[2 * variable + 1]!;
  }
  isFixed(variable: number): boolean {
    return this.bounds[2 * variable]! + this.bounds[2 * variable + 1]! === 0;
  }
  get level(): number {
    return this.levels.length;
  }
  /** Clauses learned and kept. */
  get learned(): number {
    return this.#clauses.length;
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

  /** Adds a clause at a moment when at most its first bound is not false, or at level 0. */
  addClause(bounds: number[], isLearned: boolean): void {
    if (bounds.length === 0) {
      this.isContradictory = true;
      return;
    }
    const clause: Clause = { bounds, isLearned, depth: this.#depth, isDropped: false };
    if (bounds.length === 2) {
      if (this.level === 0 && !this.raise(bounds[0]!, bounds[1]!, clause)) this.isContradictory = true;
      if (this.level > 0) this.raise(bounds[0]!, bounds[1]!, clause);
      return;
    }
    this.#clauses.push(clause);
    if (!isLearned) this.#orderWatches(bounds);
    this.#watchers[bounds[0]! ^ 1]!.push(clause);
    this.#watchers[bounds[2]! ^ 1]!.push(clause);
    if (
      this.#isFalse(bounds, 2) &&
      !this.#isTrue(bounds, 0) &&
      !this.raise(bounds[0]!, bounds[1]!, clause) &&
      this.level === 0
    )
      this.isContradictory = true;
  }

  /** Bounds that are not false come first. */
  #orderWatches(bounds: number[]): void {
    let front = 0;
    for (let at = 0; at < bounds.length && front < 4; at += 2) {
      if (this.#isFalse(bounds, at)) continue;
      swap(bounds, at, front);
      front += 2;
    }
  }

  #isFalse(bounds: readonly number[], at: number): boolean {
    return this.bounds[bounds[at]! ^ 1]! >= 1 - bounds[at + 1]!;
  }
  #isTrue(bounds: readonly number[], at: number): boolean {
    return this.bounds[bounds[at]!]! >= bounds[at + 1]!;
  }

  /** Raises a bound. Returns false, with `conflict` set, where that leaves the variable no value. */
  raise(key: number, value: number, reason: Reason): boolean {
    return this.#push(key, value, reason, -1, 0);
  }

  #push(key: number, value: number, reason: Reason, arcFrom: number, gap: number): boolean {
    const old = this.bounds[key]!;
    if (value <= old) return true;
    const other = this.bounds[key ^ 1]!;
    if (value + other > 0)
      return this.fail([
        key ^ 1,
        other,
        ...this.#premisesOf(key, 1 - other, { reason, arcFrom, gap, entry: this.trailKeys.length }),
      ]);
    this.#trailBefore.push(this.#lastOf[key]!);
    this.#lastOf[key] = this.trailKeys.length;
    this.trailKeys.push(key);
    this.trailValues.push(value);
    this.#trailOld.push(old);
    this.#reasons.push(reason);
    this.#arcFrom.push(arcFrom);
    this.#arcGap.push(gap);
    this.bounds[key] = value;
    return true;
  }

  fail(premises: Premises): false {
    this.conflict = premises;
    return false;
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
    for (let at = 0; at < this.#propagators.length; at++) {
      if (
        this.#isDirty[at] &&
        (best < 0 || this.#propagators[at]!.priority < this.#propagators[best]!.priority)
      )
        best = at;
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
      if (value + gap > this.bounds[to]! && !this.#push(to, value + gap, null, key, gap)) return false;
    }
    return this.#leaveHoles(key) && this.#propagateClauses(key);
  }

  /** A bound that lies where no start is allowed moves to the next allowed one. */
  #leaveHoles(key: number): boolean {
    const intervals = this.#holes[key >> 1];
    if (!intervals) return true;
    const value = this.bounds[key]!;
    if ((key & 1) === 0) {
      for (let at = 0; at < intervals.length; at += 2) {
        if (value > intervals[at + 1]!) continue;
        return (
          value >= intervals[at]! ||
          this.raise(key, intervals[at]!, at === 0 ? [] : [key, intervals[at - 1]! + 1])
        );
      }
      return this.fail([key, intervals[intervals.length - 1]! + 1]);
    }
    for (let at = intervals.length - 2; at >= 0; at -= 2) {
      if (-value < intervals[at]!) continue;
      return (
        -value <= intervals[at + 1]! ||
        this.raise(key, -intervals[at + 1]!, at === intervals.length - 2 ? [] : [key, 1 - intervals[at + 2]!])
      );
    }
    return this.fail([key, 1 - intervals[0]!]);
  }

  #propagateClauses(key: number): boolean {
    const list = this.#watchers[key]!;
    let kept = 0;
    for (let at = 0; at < list.length; at++) {
      const clause = list[at]!;
      if (clause.isDropped) continue;
      const moved = this.#moveWatch(clause, key);
      if (moved === 'moved') continue;
      list[kept++] = clause;
      if (moved !== 'conflict') continue;
      for (at++; at < list.length; at++) list[kept++] = list[at]!;
      list.length = kept;
      return false;
    }
    list.length = kept;
    return true;
  }

  #moveWatch(clause: Clause, key: number): 'kept' | 'moved' | 'conflict' {
    const { bounds } = clause;
    if ((bounds[0]! ^ 1) === key && this.#isFalse(bounds, 0)) swap(bounds, 0, 2);
    if ((bounds[2]! ^ 1) !== key || !this.#isFalse(bounds, 2) || this.#isTrue(bounds, 0)) return 'kept';
    for (let at = 4; at < bounds.length; at += 2) {
      if (this.#isFalse(bounds, at)) continue;
      swap(bounds, at, 2);
      this.#watchers[bounds[2]! ^ 1]!.push(clause);
      return 'moved';
    }
    if (!this.#isFalse(bounds, 0)) return this.raise(bounds[0]!, bounds[1]!, clause) ? 'kept' : 'conflict';
    this.fail(negated(bounds, -1));
    return 'conflict';
  }

  backtrack(level: number): void {
    if (level >= this.levels.length) return;
    this.#undoTo(this.levels[level]!);
    this.levels.length = level;
  }

  #undoTo(length: number): void {
    for (let at = this.trailKeys.length - 1; at >= length; at--) {
      const key = this.trailKeys[at]!;
      this.bounds[key] = this.#trailOld[at]!;
      this.#lastOf[key] = this.#trailBefore[at]!;
    }
    for (const list of [
      this.trailKeys,
      this.trailValues,
      this.#trailOld,
      this.#trailBefore,
      this.#reasons,
      this.#arcFrom,
      this.#arcGap,
    ])
      list.length = length;
    this.#next = Math.min(this.#next, length);
  }

  /** Remembers level 0, so that bounds, gaps and clauses added after it can be taken back. */
  mark(): Mark {
    this.backtrack(0);
    return {
      trail: this.trailKeys.length,
      next: this.#next,
      depth: this.#depth++,
      gapChanges: this.#gapChanges.length,
      isContradictory: this.isContradictory,
    };
  }

  release(mark: Mark): void {
    this.backtrack(0);
    this.#undoTo(mark.trail);
    // What follows from bounds that had not been followed up when the mark was set went with the rest.
    this.#next = mark.next;
    this.#depth = mark.depth;
    this.#drop((clause) => clause.depth > mark.depth);
    while (this.#gapChanges.length > mark.gapChanges) {
      const [arc, gap] = this.#gapChanges.pop()!;
      arc.gap = gap;
    }
    this.isContradictory = mark.isContradictory;
    this.#isDirty.fill(true);
  }

  /** Lets go of the older half of the longer learned clauses, at level 0. */
  forget(): void {
    const old = this.#clauses.length >> 1;
    const isReason = new Set(this.#reasons);
    this.#drop(
      (clause, at) => clause.isLearned && at < old && clause.bounds.length > 6 && !isReason.has(clause),
    );
  }

  #drop(isWanted: (clause: Clause, at: number) => boolean): void {
    this.#clauses = this.#clauses.filter((clause, at) => {
      if (isWanted(clause, at)) clause.isDropped = true;
      return !clause.isDropped;
    });
  }

  /** Where on the trail the bound first came to hold; −1 where it always did. */
  entryOf(key: number, value: number): number {
    let at = this.#lastOf[key]!;
    while (at >= 0 && this.#trailOld[at]! >= value) at = this.#trailBefore[at]!;
    return at;
  }

  /** The bound that stood before an entry of the trail. */
  boundBefore(key: number, entry: number): number {
    let value = this.bounds[key]!;
    for (let at = this.#lastOf[key]!; at >= entry; at = this.#trailBefore[at]!) value = this.#trailOld[at]!;
    return value;
  }

  /** What made the entry's key reach the value: each premise is handed on. Not for decisions. */
  explain(entry: number, value: number, add: (key: number, value: number) => void): void {
    const cause = {
      reason: this.#reasons[entry]!,
      arcFrom: this.#arcFrom[entry]!,
      gap: this.#arcGap[entry]!,
      entry,
    };
    eachPremise(this.#premisesOf(this.trailKeys[entry]!, value, cause), add);
  }

  /** The least that implies a bound by its cause. */
  #premisesOf(
    key: number,
    value: number,
    { reason, arcFrom, gap, entry }: { reason: Reason; arcFrom: number; gap: number; entry: number },
  ): Premises {
    if (arcFrom >= 0) return [arcFrom, value - gap];
    if (!reason) return [key, value];
    if ('premises' in reason) return reason.premises(this, entry);
    return 'bounds' in reason ? negated(reason.bounds, key) : reason;
  }
}

export function eachPremise(premises: Premises, add: (key: number, value: number) => void): void {
  for (let at = 0; at < premises.length; at += 2) add(premises[at]!, premises[at + 1]!);
}

/** The negations of all bounds of a clause but that of one key. */
function negated(bounds: readonly number[], but: number): number[] {
  const premises: number[] = [];
  for (let at = 0; at < bounds.length; at += 2)
    if (bounds[at] !== but) premises.push(bounds[at]! ^ 1, 1 - bounds[at + 1]!);
  return premises;
}

function swap(bounds: number[], a: number, b: number): void {
  const key = bounds[a]!;
  const value = bounds[a + 1]!;
  bounds[a] = bounds[b]!;
  bounds[a + 1] = bounds[b + 1]!;
  bounds[b] = key;
  bounds[b + 1] = value;
}
