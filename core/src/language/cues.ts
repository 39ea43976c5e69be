import { phrasePattern } from './phrase-pattern.js';
import { rowsOf } from './table.js';
import { folded } from './verbs.js';

type Ask = (text: string) => boolean;

/** Words by which something is known in a text, by its name, as a table has them. */
export interface Cues {
  /** Whether a text has such words anywhere, and none that say that something else is meant. */
  readonly has: (name: string) => Ask;
  /** Whether a text is such words and nothing else, but marks and what patterns let stand around them. */
  readonly is: (name: string, around?: { readonly before?: string; readonly behind?: string }) => Ask;
  /** Whether a text begins with such words and goes on as a pattern wants. */
  readonly starts: (name: string, behind?: string) => Ask;
  /** Where words of a cue begin that a text ends with; null where it does not. */
  readonly atEnd: (name: string) => (text: string) => number | null;
  /** Whether a text ends with such words. */
  readonly ends: (name: string) => Ask;
  /** Every place of such words in a folded text, to be replaced there. */
  readonly every: (name: string) => RegExp;
  /** How many times a text has such words. */
  readonly count: (name: string) => (text: string) => number;
  /** Where a text has such words first, from one character to another; null where it has none. */
  readonly at: (name: string) => (text: string) => readonly [from: number, to: number] | null;
}

/** Signs of a heading. */
const marks = '(?:#+ *)?';

/**
 * Questions of a table with the columns "cue", "words" and "not", whose cells are phrases. Accents and
 * capitals count for nothing. Each throws where the table has no such cue.
 */
export function cueTable(table: string): Cues {
  const rows = new Map(
    rowsOf<'cue' | 'words' | 'not'>(table).map(({ cue, words, not }) => [
      cue,
      { words: made(() => phrasePattern(words, '')!), not: made(() => phrasePattern(not, '')) },
    ]),
  );
  const cueOf = (name: string) => {
    const found = rows.get(name);
    if (!found) throw new Error(`No cue “${name}” stands in the table.`);
    return found;
  };
  /** An expression around the words of a cue. */
  const around = (name: string, whole: (words: string) => string, flags = '') => {
    const { words } = cueOf(name);
    return made(() => new RegExp(whole(`(?:${words().source})`), flags));
  };
  const asked =
    (pattern: () => RegExp): Ask =>
    (text) =>
      pattern().test(folded(text));
  return {
    has: (name) => {
      const { words, not } = cueOf(name);
      return (text) => words().test(folded(text)) && !not()?.test(folded(text));
    },
    is: (name, { before = marks, behind = '' } = {}) =>
      asked(around(name, (words) => String.raw`^${before}${words}${behind}[\s:.!,]*$`)),
    starts: (name, behind = '') => asked(around(name, (words) => `^${words}${behind}`)),
    atEnd: (name) => {
      const last = around(name, (words) => `${words}$`);
      return (text) => last().exec(folded(text))?.index ?? null;
    },
    ends: (name) => asked(around(name, (words) => String.raw`${words}[ ,]*$`)),
    every: (name) => around(name, (words) => words, 'g')(),
    count: (name) => {
      const every = around(name, (words) => words, 'g');
      return (text) => folded(text).match(every())?.length ?? 0;
    },
    at: (name) => {
      const { words } = cueOf(name);
      return (text) => {
        const found = words().exec(folded(text));
        return found && [found.index, found.index + found[0].length];
      };
    },
  };
}

/** A page asks a few of many hundred questions: each expression is made when it is first asked. */
function made<T>(make: () => T): () => T {
  let kept: { readonly value: T } | null = null;
  return () => (kept ??= { value: make() }).value;
}
