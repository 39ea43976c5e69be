import { toFraction, toRational, type Amount, type Rational } from '../amounts/index.js';
import type { RecipeLine } from '../recipes/index.js';

/**
 * A line's amount in a batch. Linear lines are multiplied; whole ones rounded up to whole pieces; what is
 * needed per vessel grows by whole vessels: by `fills` where it is known how often one is filled, else by
 * whole batches. Exact, both ends of a range kept.
 */
export function scaleLine(
  line: Pick<RecipeLine, 'amount' | 'unit' | 'scaling'>,
  factor: Rational,
  fills?: number,
): Amount | null {
  if (!line.amount || !line.unit) return null;
  const scaled = (end: Rational) => {
    const exact = toFraction(end).mul(toFraction(factor));
    if (line.scaling === 'whole') return toRational(exact.ceil());
    if (line.scaling === 'perVessel')
      return toRational(toFraction(end).mul(fills ?? toFraction(factor).ceil()));
    return toRational(exact);
  };
  const low = scaled(line.amount.low);
  return {
    low,
    high: line.amount.high === line.amount.low ? low : scaled(line.amount.high),
    unit: line.unit,
  };
}
