import { formsOfKind, formsOfVerb } from './verbs.js';

/** What may stand between two words of a phrase, by the sign that says so. */
const between: Readonly<Record<string, string>> = {
  '.': String.raw`\b[a-z -]{1,40}?\b`,
  '..': String.raw`\b[^.;]{0,40}?\b`,
  '...': String.raw`\b[^.]{0,120}?\b`,
};
const oneSpace = '[ -]';

/**
 * Phrases as a cell of a table has them, as one pattern over a folded text; null for an empty cell. Phrases
 * stand between semicolons. In a phrase a star stands for any ending and "#" for a number; a dot for a few
 * words without a comma, two dots for a few of the same clause, three for any of the same sentence; "<peel>"
 * for every form in which that verb is done or being done, and "<blend*>" for those of every verb of that
 * kind of work. Throws where the lexicon has no such verb.
 */
export function phrasePattern(cell: string, flags = 'g'): RegExp | null {
  const phrases = cell.split(';').filter(Boolean);
  if (phrases.length === 0) return null;
  // Of two that begin alike the longer is meant.
  const each = phrases.sort((one, other) => other.length - one.length).map(patternOfPhrase);
  return new RegExp(each.map((one) => (one === '°' ? one : `\\b${one}\\b`)).join('|'), flags);
}

function patternOfPhrase(phrase: string): string {
  return phrase.split(' ').reduce((pattern, word, index, words) => {
    const gap = between[word];
    if (gap) return pattern + gap;
    const follows = index === 0 || between[words[index - 1]!] !== undefined;
    return pattern + (follows ? '' : oneSpace) + patternOfWord(word);
  }, '');
}

function patternOfWord(word: string): string {
  if (word === '#') return String.raw`\d+`;
  if (word.startsWith('<')) return `(?:${formsOf(word.slice(1, -1)).join('|')})`;
  const plain = word.replaceAll("'", "[’']");
  return plain.endsWith('*') ? `${plain.slice(0, -1)}[a-z]*` : plain;
}

function formsOf(name: string): string[] {
  return name.endsWith('*') ? formsOfKind(name.slice(0, -1)) : formsOfVerb(name);
}
