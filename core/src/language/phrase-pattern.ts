import { formsOfKind, formsOfVerb } from './verbs.js';

/** What may stand between two words of a phrase, by the sign that says so. */
const between: Readonly<Record<string, string>> = {
  '.': String.raw`\b[a-z -]{1,40}?\b`,
  '..': String.raw`\b[^.;]{0,40}?\b`,
  '...': String.raw`\b[^.]{0,120}?\b`,
  '~': String.raw`\b.{0,200}?\b`,
};
const oneSpace = '[ -]';
const clauseEnd = String.raw`(?=\s*(?:[.,;:!?)]|and\b|then\b|before\b|$))`;

/**
 * Phrases as a cell of a table has them, as one pattern over a folded text; null for an empty cell. Phrases
 * stand between semicolons. In a phrase
 * - a star stands for any letters, "#" for a number, a bar between words for either: "in|through";
 * - a word with a question mark may be left out, but not the last: "the? dressing";
 * - a dot stands for a few words without a comma, two dots for a few of the same clause, three for any of the
 *   same sentence, "~" for anything;
 * - "<peel|slice>" stands for every form in which such a verb is done or being done, "<blend*>" for those of
 *   every verb of that kind of work;
 * - "^" stands for the beginning of the text, "$" for the end of the clause.
 * Throws where the lexicon has no such verb.
 */
export function phrasePattern(cell: string, flags = 'g'): RegExp | null {
  const phrases = cell.split(';').filter(Boolean);
  if (phrases.length === 0) return null;
  // Of two that begin alike the longer is meant.
  const each = phrases.sort((one, other) => other.length - one.length).map(patternOfPhrase);
  return new RegExp(each.join('|'), flags);
}

function patternOfPhrase(phrase: string): string {
  if (phrase === '°') return phrase;
  const words = phrase.split(' ');
  const [isAtStart, isAtEnd] = [words[0] === '^', words.at(-1) === '$'];
  const inner = words.slice(isAtStart ? 1 : 0, isAtEnd ? -1 : undefined);
  const pattern = inner.reduce((before, word, index) => {
    const gap = between[word];
    if (gap) return before + gap;
    const last = inner[index - 1] ?? '';
    const needsSpace = index > 0 && between[last] === undefined && !last.endsWith('?');
    const space = needsSpace ? oneSpace : '';
    return (
      before +
      space +
      (word.endsWith('?') ? `(?:${patternOfWord(word.slice(0, -1))}${oneSpace})?` : patternOfWord(word))
    );
  }, '');
  return `${isAtStart ? '^' : ''}\\b${pattern}\\b${isAtEnd ? clauseEnd : ''}`;
}

function patternOfWord(word: string): string {
  if (word === '#') return String.raw`\d+`;
  if (word.startsWith('<')) return oneOf(word.slice(1, -1).split('|').flatMap(formsOf));
  const each = word.split('|').map((one) => one.replaceAll("'", "[’']").replaceAll('*', '[a-z]*'));
  return each.length === 1 ? each[0]! : oneOf(each);
}

const oneOf = (words: readonly string[]) => `(?:${words.join('|')})`;

/** Verbs of several words stand with underscores between them: "<set_aside>". */
function formsOf(name: string): readonly string[] {
  const plain = name.replaceAll('_', ' ');
  return plain.endsWith('*') ? formsOfKind(plain.slice(0, -1)) : formsOfVerb(plain);
}
