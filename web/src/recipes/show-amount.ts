import { type Rational, showRational } from '@fornax/core';

/** "2", "2–3". */
export function showAmount({ low, high }: { low: Rational; high: Rational }): string {
  return low === high ? showRational(low) : `${showRational(low)}–${showRational(high)}`;
}
