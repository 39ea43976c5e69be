import { folded, phrasePattern, rowsOf } from '../../../language/index.js';
import { sayingsTable } from '../data/sayings.js';

/** A way in which a step speaks of others, of what is in hand, or of what it works in. */
interface Saying {
  readonly saying: string;
  readonly words: RegExp;
  /** Words that say that something else is meant. */
  readonly not: RegExp | null;
}

const sayings: ReadonlyMap<string, Saying> = new Map(
  rowsOf<'saying' | 'words' | 'not'>(sayingsTable).map(({ saying, words, not }) => [
    saying,
    { saying, words: phrasePattern(words, '')!, not: phrasePattern(not, '') },
  ]),
);

/** Whether a text says something of the table. Throws where the table has no such saying. */
export function saysOf(saying: string): (text: string) => boolean {
  const { words, not } = sayingOf(saying);
  return (text) => {
    const plain = folded(text);
    return words.test(plain) && !not?.test(plain);
  };
}

/** The first place where a text says something of the table; null where it does not. */
export function placeOfSaying(saying: string): (text: string) => number | null {
  const { words } = sayingOf(saying);
  return (text) => words.exec(folded(text))?.index ?? null;
}

function sayingOf(name: string): Saying {
  const found = sayings.get(name);
  if (!found) throw new Error(`No saying “${name}” stands in the table.`);
  return found;
}
