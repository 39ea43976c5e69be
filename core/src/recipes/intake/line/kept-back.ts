import type { Rational } from '../../../amounts/index.js';
import type { KeptBack } from '../../types.js';
import { type LineOptions, readAmount } from './amount.js';

const top = [
  'top|topping|garnish|garnishing|finish|finishing|serving',
  'sprinkling|scattering|drizzling|decoration',
].join('|');
const forTop =
  `(?:for|as) (?:the |a )?(?:${top})` +
  '|to (?:finish|garnish|serve|scatter|drizzle|top|sprinkle|decorate)(?: (?:over|on top|with|the top))?';
/** "And parsley to garnish" is another food; "and a little to garnish" is more of this one. */
const ofThisOne = String.raw`(?:and|with)(?= (?:extra|more|some|an?|another|\d|½|¼|⅓|one|two|three)\b)`;
const more = new RegExp(
  String.raw`[,;]?\s{0,8}\(?(?:plus|${ofThisOne})\s{1,8}((?:(?!plus ).){1,200}?)\s{1,8}` +
    String.raw`(?:${forTop})\)?\s{0,8}$`,
  'i',
);

const heldWord = '(?:keep(?:ing)?|kept|reserv(?:e|ed|ing)|sav(?:e|ed|ing)|set(?:ting)?|hold(?:ing)?|held)';
/** Shares in words, ~: a little of something is a quarter of it. */
const shares: readonly (readonly [RegExp, Rational])[] = [
  [/half|½|1\/2/i, '1/2'],
  [/two thirds|⅔|2\/3|most/i, '2/3'],
  [/third|⅓|1\/3/i, '1/3'],
  [/quarter|¼|1\/4|some|little|few|bit/i, '1/4'],
];
const share =
  String.raw`(half|½|1\/2|(?:a|one) third|⅓|1\/3|two thirds|⅔|2\/3|(?:a|one) quarter|¼|1\/4` +
  '|some|a little|a few|a bit|most)';
const ofIt = '(?: (?:leaves|sprigs|slices|pieces))?(?: of (?:it|them|these))?';
const part = new RegExp(
  String.raw`(?:[,;]| -|\s\()\s*` +
    `((?:${heldWord}(?: back| aside)? )?${share}${ofIt}` +
    `(?: ${heldWord})?(?: back| aside)?(?: (?:${forTop}))?)` +
    String.raw`\)?(?=$|[,;)])`,
  'i',
);

/**
 * What a line sets aside for the top, and the rest of it: more of it ("plus 1 tbsp for the top"), or a share
 * of its amount ("half for the top", "save a little").
 */
export function takeKeptBack(
  text: string,
  options: LineOptions,
): { keptBack: KeptBack | null; rest: string } {
  const plus = more.exec(text);
  if (plus) {
    const amount = readAmount(plus[1]!, options);
    return {
      keptBack: { amount: amount?.amount ?? null, words: plus[0].replace(/^[,;\s(]+|[)\s]+$/g, '') },
      rest: text.slice(0, plus.index).trim(),
    };
  }
  const within = part.exec(text);
  const isHeld = within && new RegExp(String.raw`\b${heldWord}\b|${forTop}`, 'i').test(within[1]!);
  if (!isHeld) return { keptBack: null, rest: text };
  return {
    keptBack: {
      amount: null,
      share: shares.find(([pattern]) => pattern.test(within[2]!))![1],
      words: within[1]!.trim(),
    },
    rest: `${text.slice(0, within.index)}${text.slice(within.index + within[0].length)}`.trim(),
  };
}
