import { folded, phrasePattern, rowsOf, verbsSaid } from '../../language/index.js';
import { family, type Ingredient, type Section } from '../../larder/index.js';
import { cutsTable } from './data/cuts.js';

/** A cut is a specification: its shape, its size, and how much longer it takes than the usual one. */
export interface Cut {
  /** "fine dice, 3 mm". */
  readonly words: string;
  /** "3 mm". */
  readonly size: string;
  /** What becomes of the minutes of the usual cut. ~ */
  readonly minutesFactor: number;
}

/** From the most telling words to the least. Sizes are usual ones of a kitchen; ~. */
const rows = rowsOf<'cut' | 'factor' | 'words'>(cutsTable).map(({ cut, factor, words }) => ({
  pattern: phrasePattern(words, '')!,
  words: cut,
  minutesFactor: Number(factor),
}));

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
  const found = rows.find(({ pattern }) => pattern.test(folded(text)));
  const written = writtenSize.exec(text);
  if (written && (written[4] ?? written[5])) return ofSize(written);
  if (!found || (food && !sections.has(food.section))) return null;
  const words = food && pungent.has(food) ? (finer[found.words] ?? found.words) : found.words;
  return { words, size: words.slice(words.indexOf(', ') + 2), minutesFactor: found.minutesFactor };
}

/** The cuts that a step asks for in its own words, each once. */
export function cutsOfStep(text: string): string[] {
  const clauses = text.split(/[,.;]| and (?=[a-z]+ )/).filter(isCut);
  return [...new Set(clauses.flatMap((clause) => cutOf(clause)?.words ?? []))];
}

const isCut = (text: string) => verbsSaid(text).some(({ verb, form }) => form === 'do' && verb.act === 'cut');

/** "1 cm cubes": the size that is written counts, and the smaller the longer. */
function ofSize([, low, high, unit, , shape = 'pieces']: RegExpExecArray): Cut {
  const millimetres = (text: string) =>
    Math.round(Number(text.replace(',', '.')) * (unit!.toLowerCase() === 'cm' ? 10 : 1));
  const from = millimetres(low!);
  const size = high ? `${from}–${millimetres(high)} mm` : `${from} mm`;
  const factor = from <= 4 ? 1.4 : from <= 8 ? 1 : from <= 15 ? 0.8 : 0.6;
  return { words: `${shape.toLowerCase()}, ${size}`, size, minutesFactor: factor };
}
