import { phrasePattern } from '../language/index.js';

/** What is said of parts in words or figures. */
export type SaidParts =
  | { readonly kind: 'known'; readonly oil: number; readonly acid: number }
  /** Two numbers, and not which of them is the oil: it is asked. */
  | { readonly kind: 'open'; readonly first: number; readonly second: number; readonly question: string }
  | { readonly kind: 'none'; readonly sentence: string };

const numbers: Readonly<Record<string, number>> = {
  half: 0.5,
  one: 1,
  two: 2,
  three: 3,
  four: 4,
  five: 5,
  six: 6,
  seven: 7,
  eight: 8,
};
const number = `(\\d{1,6}(?:[.,]\\d{1,6})?|½|${Object.keys(numbers).join('|')})`;
const between = String.raw`\s{0,8}(?::|to|and|,|/|\+|with)\s{0,8}`;
const oils = String.raw`(?:[\w-]{1,30} )?(?:oil|oils|fat|lard|butter)`;
const acids = String.raw`(?:[\w-]{1,30} )?(?:acid|vinegar|vinegars|lemon|lime|juice|verjuice)(?: juice)?`;
const part = String.raw`(?:\s{0,8}parts?)?(?:\s{0,8}(?:of|the))?`;
const stuff = `(${oils}|${acids})`;

/** "Three parts acid to one part oil", "3 oil : 1 vinegar", "two of oil to one". */
const counted = new RegExp(
  `(?<![\\w.,])${number}${part}\\s{0,8}${stuff}?${between}${number}${part}\\s{0,8}${stuff}?`,
  'i',
);
/** "Oil to vinegar 3 : 1". */
const namedFirst = new RegExp(`\\b${stuff}${between}${stuff}\\W*${number}${between}${number}`, 'i');
const equal = phrasePattern(
  'equal parts;equal amounts;equal measures;half and half;as much oil as;as much acid as;as much vinegar as',
  'i',
)!;

/**
 * Parts of oil and acid as people say them. "Three to one" is said both ways round, so where the parts are
 * not named it is asked; equal parts are the same either way.
 */
export function readParts(text: string): SaidParts {
  if (equal.test(text)) return { kind: 'known', oil: 1, acid: 1 };
  const first = namedFirst.exec(text);
  if (first) return named(toNumber(first[3]!), first[1]!, toNumber(first[4]!), first[2]!);
  const found = counted.exec(text.replace(/½/g, '½ '));
  if (!found) return { kind: 'none', sentence: 'Write two numbers: “3 parts oil to 1 part acid”.' };
  return named(toNumber(found[1]!), found[2] ?? '', toNumber(found[3]!), found[4] ?? '');
}

function toNumber(text: string): number {
  if (text === '½') return 0.5;
  return numbers[text.toLowerCase()] ?? Number(text.replace(',', '.'));
}

function named(first: number, what: string, second: number, other: string): SaidParts {
  if (!(first > 0) || !(second > 0))
    return { kind: 'none', sentence: 'A part is more than nothing: “3 parts oil to 1 part acid”.' };
  const [one, two] = [kindOf(what), kindOf(other)];
  if (one && one === two)
    return { kind: 'none', sentence: 'Name an oil and something sharp: “3 parts oil to 1 part acid”.' };
  if (first === second && !one && !two) return { kind: 'known', oil: first, acid: second };
  if (one === 'oil' || two === 'acid') return { kind: 'known', oil: first, acid: second };
  if (one === 'acid' || two === 'oil') return { kind: 'known', oil: second, acid: first };
  return {
    kind: 'open',
    first,
    second,
    question: `${first} parts of what to ${second}? It is said both ways round.`,
  };
}

function kindOf(words: string): 'oil' | 'acid' | null {
  if (new RegExp(`^${oils}$`, 'i').test(words)) return 'oil';
  return new RegExp(`^${acids}$`, 'i').test(words) ? 'acid' : null;
}
