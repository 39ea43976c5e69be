/**
 * Why bounds hold. A bound is a key and a value: key 2·x says "x is at least the value"; key 2·x + 1 says
 * "−x is at least the value", that is, x is at most −value. So every bound is "at least", and the negation of
 * (key, value) is (key ^ 1, 1 − value).
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

/** What a reason that is worked out later can look up: how bounds stood before an entry of the trail. */
export interface BoundHistory {
  readonly bounds: Float64Array;
  readonly trailKeys: readonly number[];
  readonly trailValues: readonly number[];
  /** Lowest and highest value of a variable. */
  from(variable: number): number;
  to(variable: number): number;
  boundBefore(key: number, entry: number): number;
  entryOf(key: number, value: number): number;
}

/** Premises that are worked out only if they are asked for, from what was on the trail before the entry. */
export interface Later {
  premises(engine: BoundHistory, entry: number): Premises;
}

/**
 * Why a bound holds: premises that imply it, a clause whose other bounds are all false, or null for a
 * decision.
 */
export type Reason = Premises | Clause | Later | null;

export function eachPremise(premises: Premises, add: (key: number, value: number) => void): void {
  for (let at = 0; at < premises.length; at += 2) add(premises[at]!, premises[at + 1]!);
}

/** The negations of all bounds of a clause but that of one key. */
export function negated(bounds: readonly number[], but: number): number[] {
  const premises: number[] = [];
  for (let at = 0; at < bounds.length; at += 2)
    if (bounds[at] !== but) premises.push(bounds[at]! ^ 1, 1 - bounds[at + 1]!);
  return premises;
}
