import { type Clause, negated, type Premises, type Reason } from './reasons.js';
import { Trail } from './trail.js';

/** A trail whose bounds must also keep clauses: of each, at least one bound holds. */
export class ClauseTrail extends Trail {
  /** Where on the trail each level begins, but for level 0. */
  readonly levels: number[] = [];
  conflict: Premises = [];
  /** True once level 0 itself holds a conflict. */
  isContradictory = false;
  /** How many marks are set. */
  protected depth = 0;
  readonly #watchers: Clause[][];
  #clauses: Clause[] = [];

  constructor(ranges: readonly (readonly [lowest: number, highest: number])[]) {
    super(ranges);
    this.#watchers = Array.from({ length: this.variables * 2 }, () => []);
  }

  get level(): number {
    return this.levels.length;
  }
  /** Clauses learned and kept. */
  get learned(): number {
    return this.#clauses.length;
  }

  /** Adds a clause at a moment when at most its first bound is not false, or at level 0. */
  addClause(bounds: number[], isLearned: boolean): void {
    if (bounds.length === 0) {
      this.isContradictory = true;
      return;
    }
    const clause: Clause = { bounds, isLearned, depth: this.depth, isDropped: false };
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
    return this.push(key, value, reason, -1, 0);
  }

  protected push(key: number, value: number, reason: Reason, arcFrom: number, gap: number): boolean {
    const old = this.bounds[key]!;
    if (value <= old) return true;
    const other = this.bounds[key ^ 1]!;
    if (value + other > 0)
      return this.fail([
        key ^ 1,
        other,
        ...this.premisesOf(key, 1 - other, { reason, arcFrom, gap, entry: this.trailKeys.length }),
      ]);
    this.record(key, value, reason, arcFrom, gap);
    return true;
  }

  fail(premises: Premises): false {
    this.conflict = premises;
    return false;
  }

  protected propagateClauses(key: number): boolean {
    const list = this.#watchers[key]!;
    let kept = 0;
    for (let index = 0; index < list.length; index++) {
      const clause = list[index]!;
      if (clause.isDropped) continue;
      const moved = this.#moveWatch(clause, key);
      if (moved === 'moved') continue;
      list[kept++] = clause;
      if (moved !== 'conflict') continue;
      for (index++; index < list.length; index++) list[kept++] = list[index]!;
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

  /** Lets go of the older half of the longer learned clauses, at level 0. */
  forget(): void {
    const old = this.#clauses.length >> 1;
    const isReason = new Set(this.reasons);
    this.drop(
      (clause, at) => clause.isLearned && at < old && clause.bounds.length > 6 && !isReason.has(clause),
    );
  }

  protected drop(isWanted: (clause: Clause, at: number) => boolean): void {
    this.#clauses = this.#clauses.filter((clause, at) => {
      if (isWanted(clause, at)) clause.isDropped = true;
      return !clause.isDropped;
    });
  }
}

function swap(bounds: number[], a: number, b: number): void {
  const key = bounds[a]!;
  const value = bounds[a + 1]!;
  bounds[a] = bounds[b]!;
  bounds[a + 1] = bounds[b + 1]!;
  bounds[b] = key;
  bounds[b + 1] = value;
}
