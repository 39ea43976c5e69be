import type { Amount, Rational } from './types.js';
import { unitName } from './units.js';
import { toNumber } from './rational.js';

/**
 * A rational as a mixed number in plain digits: "7/4" is "1 3/4". Exact, unlike what is shown at the bench.
 */
export function writeRational(value: Rational): string {
  const [top, bottom] = value.split('/') as [string, string | undefined];
  if (bottom === undefined) return top;
  const whole = BigInt(top) / BigInt(bottom);
  const rest = BigInt(top) % BigInt(bottom);
  return whole === 0n ? `${rest}/${bottom}` : `${whole} ${rest}/${bottom}`;
}

/**
 * The exact written form of an amount: "1 3/4 cups", "2-3 tbsp", "3". Reading it back gives the same amount.
 */
export function writeAmount({ low, high, unit }: Amount): string {
  const number = low === high ? writeRational(low) : `${writeRational(low)} to ${writeRational(high)}`;
  const name = unitName(unit, toNumber(high));
  return name ? `${number} ${name}` : number;
}
