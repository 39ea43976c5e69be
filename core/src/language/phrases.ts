import { cacheByText } from '../identity/index.js';
import { appliancesTable } from './data/appliances.js';
import { placesTable } from './data/places.js';
import { statesTable } from './data/states.js';
import { thingsTable } from './data/things.js';
import { toolsTable } from './data/tools.js';
import { vesselsTable } from './data/vessels.js';
import { warningsTable } from './data/warnings.js';
import { phrasePattern } from './phrase-pattern.js';
import { rowsOf } from './table.js';
import { folded } from './verbs.js';

/** What a phrase of the kitchen names. */
export type PhraseKind = 'state' | 'place' | 'vessel' | 'thing' | 'warning' | 'tool' | 'appliance';

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

const read = (kind: PhraseKind, table: string): Phrase[] =>
  rowsOf<string>(table).map((row) => ({
    kind,
    name: row[kind]!,
    pattern: phrasePattern(row.words!)!,
  }));

const phrases: readonly Phrase[] = [
  ...read('state', statesTable),
  ...read('place', placesTable),
  ...read('vessel', vesselsTable),
  ...read('thing', thingsTable),
  ...read('warning', warningsTable),
  ...read('tool', toolsTable),
  ...read('appliance', appliancesTable),
];

/** The names that phrases of a kind have, in the order in which they are listed; each once. */
export function phraseNamesOf(kind: PhraseKind): string[] {
  return [...new Set(phrases.flatMap((each) => (each.kind === kind ? [each.name] : [])))];
}

/** Every name that a phrase of the tables has. */
export const phraseNames: ReadonlySet<string> = new Set(phrases.map(({ name }) => name));

const mostTexts = 4000;

/** Every phrase of the tables that a text says, in the order in which they begin. */
export const phrasesSaid: (text: string) => readonly SaidPhrase[] = cacheByText(mostTexts, (text) => {
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
