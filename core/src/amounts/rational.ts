import Fraction from 'fraction.js';
import type { Rational } from './types.js';

/** Reads plain data into an exact fraction. Throws on text that is no number, and on a zero denominator. */
export function toFraction(value: Rational | number | Fraction): Fraction {
  return value instanceof Fraction ? value : new Fraction(value);
}

/** Writes a fraction as plain data: "3", "3/4". */
export function toRational(value: Fraction | number): Rational {
  return toFraction(value).toFraction();
}

export function multiply(a: Rational, b: Rational): Rational {
  return toRational(toFraction(a).mul(toFraction(b)));
}

export function add(a: Rational, b: Rational): Rational {
  return toRational(toFraction(a).add(toFraction(b)));
}

export function divide(a: Rational, b: Rational): Rational {
  return toRational(toFraction(a).div(toFraction(b)));
}

/** The number nearest to an exact value, for comparing and drawing; never for further exact work. */
export function toNumber(value: Rational): number {
  const slash = value.indexOf('/');
  if (slash < 0) return Number(value);
  return Number(value.slice(0, slash)) / Number(value.slice(slash + 1));
}

const drawnFractions: Readonly<Record<string, string>> = {
  '1/2': '½', '1/3': '⅓', '2/3': '⅔', '1/4': '¼', '3/4': '¾', '1/8': '⅛', '3/8': '⅜', '5/8': '⅝', '7/8': '⅞',
};

/**
 * Writes a fraction as a cook reads it: "1 1/2" becomes "1½", an awkward one a short decimal.
 * The screen sets ⅓, ⅔ and ⅛ with the font's own fraction feature.
 */
export function showRational(value: Rational): string {
  const [whole, part] = splitWhole(toFraction(value));
  if (part === '0') return String(whole);
  const drawn = drawnFractions[part];
  if (drawn) return whole === 0 ? drawn : `${whole}${drawn}`;
  return showNumber(toNumber(value));
}

function splitWhole(value: Fraction): [number, Rational] {
  const whole = Number(value.floor().toFraction());
  return [whole, toRational(value.sub(whole))];
}

/** A plain decimal with as many figures as a kitchen can use: 1234, 123, 12.3, 1.23. */
export function showNumber(value: number): string {
  const size = Math.abs(value);
  const digits = size >= 100 ? 0 : size >= 10 ? 1 : 2;
  return String(Number(value.toFixed(digits)));
}
