import { rememberByText } from '../identity/index.js';
import { placesTable } from './data/places.js';
import { statesTable } from './data/states.js';
import { thingsTable } from './data/things.js';
import { vesselsTable } from './data/vessels.js';
import { warningsTable } from './data/warnings.js';
import { rowsOf } from './table.js';
import { folded } from './verbs.js';

/** What a phrase of the kitchen names. */
export type PhraseKind = 'state' | 'place' | 'vessel' | 'thing' | 'warning';

/** A phrase in a text, from one character of it to another. */
export interface SaidPhrase {
  readonly kind: PhraseKind;
  readonly name: string;
  readonly at: number;
  readonly to: number;
}

interface Phrase {
  readonly kind: PhraseKind;
  readonly name: string;
  readonly pattern: RegExp;
}

const around = /\[ -\]\.\.\[ -\]/g;
const few = String.raw`\b[^.;]{0,40}?\b`;

const read = (kind: PhraseKind, table: string): Phrase[] =>
  rowsOf<string>(table).map((row) => ({
    kind,
    name: row[kind]!,
    pattern: patternOf(row.words!.split(';')),
  }));

const phrases: readonly Phrase[] = [
  ...read('state', statesTable),
  ...read('place', placesTable),
  ...read('vessel', vesselsTable),
  ...read('thing', thingsTable),
  ...read('warning', warningsTable),
];

/** Every name that a phrase of the tables has. */
export const phraseNames: ReadonlySet<string> = new Set(phrases.map(({ name }) => name));

/**
 * The words of a cell as one pattern: a star stands for any ending, "#" for a number, two dots for a few
 * words of the same sentence.
 */
function patternOf(words: readonly string[]): RegExp {
  const each = words.map((phrase) => phrase.split(' ').map(wordPattern).join('[ -]').replace(around, few));
  return new RegExp(each.map((one) => (one === '°' ? one : `\\b${one}\\b`)).join('|'), 'g');
}

function wordPattern(word: string): string {
  if (word === '#') return String.raw`\d+`;
  const plain = word.replaceAll("'", "[’']");
  return plain.endsWith('*') ? `${plain.slice(0, -1)}[a-z]*` : plain;
}

const mostTexts = 4000;

/** Every phrase of the tables that a text says, in the order in which they begin. */
export const phrasesSaid: (text: string) => readonly SaidPhrase[] = rememberByText(mostTexts, (text) => {
  const plain = folded(text);
  return phrases
    .flatMap(({ kind, name, pattern }) =>
      [...plain.matchAll(pattern)].map(({ index, 0: { length } }) => ({
        kind,
        name,
        at: index,
        to: index + length,
      })),
    )
    .sort((one, other) => one.at - other.at);
});
