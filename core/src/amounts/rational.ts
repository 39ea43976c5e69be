import Fraction from 'fraction.js';
import type { Rational } from './types.js';

/**
 * Reads plain data into an exact fraction; a short decimal such as 0.85 is taken as the decimal it is written
 * as. Throws on text that is no number, and on a zero denominator.
 */
export function toFraction(value: string | number | Fraction): Fraction {
  if (value instanceof Fraction) return value;
  const text = typeof value === 'number' ? String(value) : value;
  const known = readBefore.get(text);
  if (known) return known;
  const match = plainRational.exec(text);
  const read = match ? new Fraction(BigInt(match[1]!), BigInt(match[2] ?? 1)) : new Fraction(text);
  remember(text, read);
  return read;
}

/**
 * Reading text is many times slower than reckoning with it, and a plan reads the same few fractions thousands
 * of times. They never change.
 */
const readBefore = new Map<string, Fraction>();
const rememberedFractions = 20000;

function remember(text: string, value: Fraction): void {
  if (readBefore.size >= rememberedFractions) readBefore.clear();
  readBefore.set(text, value);
}

const plainRational = /^(-?\d+)(?:\/(\d+))?$/;

/** The exact value of a whole number. Throws on any other. */
export function wholeRational(value: number): Rational {
  return String(BigInt(value)) as Rational;
}

/** Writes a fraction as plain data: "3", "3/4". */
export function toRational(value: Fraction | number): Rational {
  const exact = toFraction(value);
  const text = exact.toFraction() as Rational;
  // What is written is mostly read again soon.
  if (!readBefore.has(text)) remember(text, exact);
  return text;
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
  '1/2': '½',
  '1/3': '⅓',
  '2/3': '⅔',
  '1/4': '¼',
  '3/4': '¾',
  '1/8': '⅛',
  '3/8': '⅜',
  '5/8': '⅝',
  '7/8': '⅞',
};

/**
 * Writes a fraction as a cook reads it: "1 1/2" becomes "1½", an awkward one a short decimal.
 * The screen sets ⅓, ⅔ and ⅛ with the font's own fraction feature.
 */
export function showRational(value: Rational): string {
  const slash = value.indexOf('/');
  if (slash < 0) return value;
  const bottom = Number(value.slice(slash + 1));
  const top = Number(value.slice(0, slash));
  const whole = Math.floor(Math.abs(top) / bottom);
  const drawn = drawnFractions[`${Math.abs(top) - whole * bottom}/${bottom}`];
  if (drawn) return `${top < 0 ? '-' : ''}${whole === 0 ? '' : whole}${drawn}`;
  return showNumber(top / bottom);
}

/** A plain decimal with as many figures as a kitchen can use: 1234, 123, 12.3, 1.23. */
export function showNumber(value: number): string {
  if (Number.isInteger(value)) return String(value);
  const size = Math.abs(value);
  const digits = size >= 100 ? 0 : size >= 10 ? 1 : 2;
  return String(Number(value.toFixed(digits)));
}
