import type { Premises } from './reasons.js';

/** Where a bound must move to, null where nothing allowed is left; and what implies it. */
interface Allowed {
  readonly value: number | null;
  readonly premises: Premises;
}

/**
 * The next allowed value of a bound that may lie only in some intervals, both ends included and in order:
 * from, to, from, to …; null where it lies in one.
 */
export function nextAllowed(intervals: readonly number[], key: number, value: number): Allowed | null {
  return (key & 1) === 0 ? nextUp(intervals, key, value) : nextDown(intervals, key, value);
}

function nextUp(intervals: readonly number[], key: number, value: number): Allowed | null {
  for (let at = 0; at < intervals.length; at += 2) {
    if (value > intervals[at + 1]!) continue;
    if (value >= intervals[at]!) return null;
    return { value: intervals[at]!, premises: at === 0 ? [] : [key, intervals[at - 1]! + 1] };
  }
  return { value: null, premises: [key, intervals[intervals.length - 1]! + 1] };
}

function nextDown(intervals: readonly number[], key: number, value: number): Allowed | null {
  for (let index = intervals.length - 2; index >= 0; index -= 2) {
    if (-value < intervals[index]!) continue;
    if (-value <= intervals[index + 1]!) return null;
    const premises = index === intervals.length - 2 ? [] : [key, 1 - intervals[index + 2]!];
    return { value: -intervals[index + 1]!, premises };
  }
  return { value: null, premises: [key, 1 - intervals[0]!] };
}
