import { eachPremise, negated, type Premises, type Reason } from './reasons.js';

/** What a bound follows from: a reason, or one arc from another key. `entry` is its place on the trail. */
interface Cause {
  readonly reason: Reason;
  readonly arcFrom: number;
  readonly gap: number;
  readonly entry: number;
}

/** The bounds of whole-number variables, and every step by which they were narrowed, with its reason. */
export class Trail {
  readonly variables: number;
  readonly bounds: Float64Array;
  readonly trailKeys: number[] = [];
  readonly trailValues: number[] = [];
  protected readonly reasons: Reason[] = [];
  readonly #old: number[] = [];
  readonly #before: number[] = [];
  /** For a bound that follows from one arc: the key it came from and the gap, or −1. */
  readonly #arcFrom: number[] = [];
  readonly #arcGap: number[] = [];
  readonly #lastOf: Int32Array;

  /** Each variable with its lowest and highest value. */
  constructor(ranges: readonly (readonly [lowest: number, highest: number])[]) {
    this.variables = ranges.length;
    this.bounds = Float64Array.from(ranges.flatMap(([lowest, highest]) => [lowest, -highest]));
    this.#lastOf = new Int32Array(this.variables * 2).fill(-1);
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

  /** Writes a raised bound down. */
  protected record(key: number, value: number, reason: Reason, arcFrom: number, gap: number): void {
    this.#before.push(this.#lastOf[key]!);
    this.#lastOf[key] = this.trailKeys.length;
    this.trailKeys.push(key);
    this.trailValues.push(value);
    this.#old.push(this.bounds[key]!);
    this.reasons.push(reason);
    this.#arcFrom.push(arcFrom);
    this.#arcGap.push(gap);
    this.bounds[key] = value;
  }

  /** Takes back all entries from `length` on. */
  protected undoTo(length: number): void {
    for (let at = this.trailKeys.length - 1; at >= length; at--) {
      const key = this.trailKeys[at]!;
      this.bounds[key] = this.#old[at]!;
      this.#lastOf[key] = this.#before[at]!;
    }
    this.trailKeys.length = length;
    this.trailValues.length = length;
    this.reasons.length = length;
    this.#old.length = length;
    this.#before.length = length;
    this.#arcFrom.length = length;
    this.#arcGap.length = length;
  }

  /** Where on the trail the bound first came to hold; −1 where it always did. */
  entryOf(key: number, value: number): number {
    let at = this.#lastOf[key]!;
    while (at >= 0 && this.#old[at]! >= value) at = this.#before[at]!;
    return at;
  }

  /** The bound that stood before an entry of the trail. */
  boundBefore(key: number, entry: number): number {
    let value = this.bounds[key]!;
    for (let at = this.#lastOf[key]!; at >= entry; at = this.#before[at]!) value = this.#old[at]!;
    return value;
  }

  /** What made the entry's key reach the value: each premise is handed on. Not for decisions. */
  explain(entry: number, value: number, add: (key: number, value: number) => void): void {
    const reason = this.reasons[entry]!;
    const cause = { reason, arcFrom: this.#arcFrom[entry]!, gap: this.#arcGap[entry]!, entry };
    eachPremise(this.premisesOf(this.trailKeys[entry]!, value, cause), add);
  }

  /** The least that implies a bound by its cause. */
  protected premisesOf(key: number, value: number, { reason, arcFrom, gap, entry }: Cause): Premises {
    if (arcFrom >= 0) return [arcFrom, value - gap];
    if (!reason) return [key, value];
    if ('premises' in reason) return reason.premises(this, entry);
    return 'bounds' in reason ? negated(reason.bounds, key) : reason;
  }
}
