import { family, type Ingredient, type Section } from '../../larder/index.js';

/** A cut is a specification: its shape, its size, and how much longer it takes than the usual one. */
export interface Cut {
  /** "fine dice, 3 mm". */
  readonly words: string;
  /** "3 mm". */
  readonly size: string;
  /** What becomes of the minutes of the usual cut. ~ */
  readonly minutesFactor: number;
}

interface Row {
  readonly pattern: RegExp;
  readonly words: string;
  readonly minutesFactor: number;
}

const row = (pattern: RegExp, words: string, minutesFactor: number): Row => ({
  pattern,
  words,
  minutesFactor,
});

/** From the most telling words to the least. Sizes are usual ones of a kitchen; ~. */
const rows: readonly Row[] = [
  row(/\b(?:matchsticks?|julienned?)\b/i, 'matchsticks, 3 × 3 × 40 mm', 1.6),
  row(/\b(?:ribbons?|chiffonade)\b/i, 'ribbons, 3 mm', 1),
  row(/\b(?:bite[- ]sized?|forkable)\b/i, 'forkable, 20 mm', 0.7),
  row(
    /\b(?:fine(?:ly)?|very small|tiny) (?:dic|chop|cub)(?:ed?|ped|es|ing)?\b|\bfine dice\b/i,
    'fine dice, 3 mm',
    1.4,
  ),
  row(
    /\b(?:dic|chop|cub)(?:ed?|e the [a-z ]+|p the [a-z ]+|ped)? (?:very )?fine(?:ly)?\b/i,
    'fine dice, 3 mm',
    1.4,
  ),
  row(
    /\b(?:roughly|coarsely) (?:chop|cut|dic)(?:ped|ed|e)?\b|\b(?:large|big) dice\b|\b(?:in|into) (?:large |big )?(?:chunks|cubes)\b/i,
    'large dice, 12 mm',
    0.7,
  ),
  row(/\b(?:dic|chop|cut)(?:e|p)? the [a-z ]+ (?:roughly|coarsely)\b/i, 'large dice, 12 mm', 0.7),
  row(
    /\b(?:thin(?:ly)?|fine(?:ly)?|paper-thin) (?:slic(?:ed?|es|ing))\b|\bslice the [a-z ]+ (?:very )?(?:thin|fine)(?:ly)?\b|\bthin slices\b/i,
    'slices, 2 mm',
    1.2,
  ),
  row(
    /\bthick(?:ly)? (?:slic(?:ed?|es))\b|\bslice the [a-z ]+ thick(?:ly)?\b|\bthick slices\b/i,
    'slices, 10 mm',
    0.8,
  ),
  row(/\bshav(?:ed?|ings)\b/i, 'shavings, 1 mm', 1),
  row(/\bdic(?:ed?|ing)\b|\bcubed\b/i, 'dice, 6 mm', 1),
  row(/\bslic(?:ed?|ing|es)\b/i, 'slices, 4 mm', 1),
];

const writtenSize =
  /\b(\d+(?:[.,]\d+)?)(?: ?[–-] ?(\d+(?:[.,]\d+)?))?[ -]?(mm|cm)[ -]?(thick |wide |long )?(dice|cubes?|pieces|chunks|slices?|strips|ribbons|rounds|lengths|batons)?\b/i;

/** What is cut at all; nuts, leaves and herbs have no size that a cook measures. */
const sections: ReadonlySet<Section> = new Set<Section>(['vegetables', 'fruit', 'dairy and eggs']);

/** A bite of it would be too much: what else is cut small is cut finer. */
const pungent = family('garlic', 'onions', 'fresh chillies', 'ginger');
const finer: Readonly<Record<string, string>> = {
  'dice, 6 mm': 'fine dice, 3 mm',
  'slices, 4 mm': 'thin slices, 2 mm',
};

/** The cut that words ask for; null where they ask for none, or its size is not one to measure. */
export function cutOf(text: string, food?: Pick<Ingredient, 'id' | 'section'> | null): Cut | null {
  const found = rows.find(({ pattern }) => pattern.test(text));
  const written = writtenSize.exec(text);
  if (written && (written[4] ?? written[5])) return ofSize(written);
  if (!found || (food && !sections.has(food.section))) return null;
  const words = food && pungent.has(food) ? (finer[found.words] ?? found.words) : found.words;
  return { words, size: words.slice(words.indexOf(', ') + 2), minutesFactor: found.minutesFactor };
}

/** The cuts that a step asks for in its own words, each once. */
export function cutsOfStep(text: string): string[] {
  const clauses = text.split(/[,.;]| and (?=[a-z]+ )/).filter((clause) => cuts.test(clause));
  return [...new Set(clauses.flatMap((clause) => cutOf(clause)?.words ?? []))];
}

const cuts = /\b(?:cut|dice|slice|chop|cube|shave)\b/i;

/** "1 cm cubes": the size that is written counts, and the smaller the longer. */
function ofSize([, low, high, unit, , shape = 'pieces']: RegExpExecArray): Cut {
  const millimetres = (text: string) =>
    Math.round(Number(text.replace(',', '.')) * (unit!.toLowerCase() === 'cm' ? 10 : 1));
  const from = millimetres(low!);
  const size = high ? `${from}–${millimetres(high)} mm` : `${from} mm`;
  const factor = from <= 4 ? 1.4 : from <= 8 ? 1 : from <= 15 ? 0.8 : 0.6;
  return { words: `${shape.toLowerCase()}, ${size}`, size, minutesFactor: factor };
}
