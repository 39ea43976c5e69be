import { folded, phrasePattern, rowsOf } from '../language/index.js';
import { needsTable } from './data/needs.js';

/** What words of a need are about, as the table has it. */
export type Meaning =
  | 'nothing'
  | 'pregnant'
  | 'traces'
  | 'allergen'
  | 'allergen traces'
  | 'diet'
  | 'words'
  | 'heat'
  | 'dislike'
  | 'age'
  | 'allowed'
  | 'qualifier'
  | 'condition'
  | 'negated'
  | 'break'
  | 'filler';

/** Words of a need, from one character to another. */
export interface SaidNeed {
  readonly meaning: Meaning;
  /** The allergen, diet, heat or free word that is meant. */
  readonly means: string;
  /** Years that stand beside words for an age. */
  readonly years: number | null;
  readonly at: number;
  readonly to: number;
}

const rows = rowsOf<'kind' | 'means' | 'words'>(needsTable).map(({ kind, means, words }) => ({
  meaning: kind as Meaning,
  means,
  pattern: phrasePattern(words)!,
}));

const patternOf = (wanted: Meaning) => rows.find(({ meaning }) => meaning === wanted)!.pattern.source;

const nothing = new RegExp(`^(?:${patternOf('nothing')})$`);
const negated = new RegExp(patternOf('negated'));
const pieceEnd = new RegExp(String.raw`[,;/\n+&:()]|\s(?:${patternOf('break')})\s|[.!]\s|\s[-–—]\s`, 'i');

/** A text cut into what stands between commas, brackets, dashes and words like "and". */
export function piecesOfNeed(text: string): string[] {
  return text.split(pieceEnd);
}

/** Whether a text says that there is no need. */
export function isNothing(text: string): boolean {
  return text === '' || nothing.test(folded(text));
}

/** Meanings that are asked of a whole text, not of words in it. */
const ofWhole: ReadonlySet<Meaning> = new Set(['nothing', 'negated', 'break']);

/** What the words of a piece of a need mean, in their order; of two in one place the longer. */
export function wordsOfNeeds(piece: string): SaidNeed[] {
  const plain = folded(piece);
  const found = rows
    .filter(({ meaning, means }) => !ofWhole.has(meaning) && isMeant(meaning, means, plain))
    .flatMap(({ meaning, means, pattern }) =>
      [...plain.matchAll(pattern)].map(({ index: at, 0: { length } }): SaidNeed => {
        return { meaning, means, years: null, at, to: at + length };
      }),
    )
    .sort((one, other) => other.to - other.at - (one.to - one.at));
  const taken: SaidNeed[] = [];
  for (const each of found) if (!taken.some(({ at, to }) => each.at < to && each.to > at)) taken.push(each);
  const isAge = taken.some(({ meaning }) => meaning === 'age') || bareNumber.test(plain);
  const withYears = isAge ? [...taken, ...yearsIn(plain)] : taken;
  return withYears.sort((one, other) => one.at - other.at);
}

/** "Spicy" alone is no wish to have none of it, and who does not eat something is not fine with it. */
function isMeant(meaning: Meaning, means: string, plain: string): boolean {
  if (meaning === 'allowed') return !negated.test(plain);
  return meaning !== 'heat' || means !== 'none' || negated.test(plain);
}

/** "My son (4)". */
const bareNumber = /^\d{1,3}$/;

function yearsIn(plain: string): SaidNeed[] {
  return [...plain.matchAll(/\b\d{1,3}\b/g)].map(({ index: at, 0: number }) => ({
    meaning: 'age',
    means: '',
    years: Number(number),
    at,
    to: at + number.length,
  }));
}
