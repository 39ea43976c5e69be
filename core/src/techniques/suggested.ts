import { folded, phrasePattern, rowsOf } from '../language/index.js';
import { cacheByText } from '../identity/index.js';
import { suggestedTable } from './data/suggested.js';

/** A technique note, the words of a step that suggest it, and a step that does. */
interface Suggestion {
  readonly technique: string;
  readonly words: RegExp;
  /** Words that say that something else is meant. */
  readonly not: RegExp | null;
  readonly example: string;
}

/** From the most telling words to the least. */
export const suggestions: readonly Suggestion[] = rowsOf<'technique' | 'words' | 'not' | 'example'>(
  suggestedTable,
).map(({ technique, words, not, example }) => ({
  technique,
  words: phrasePattern(words, '')!,
  not: phrasePattern(not, ''),
  example,
}));

const mostTexts = 4000;
const sign = /\b(?:until|till)\b[^,.;]*/g;

/** The techniques whose notes help with a step, by its words, the most telling first; each once. */
export const techniquesSuggested: (text: string) => readonly string[] = cacheByText(mostTexts, (text) => {
  // A sign to watch for is not what is done: "roast until the edges char".
  const said = folded(text).replace(sign, ' ');
  const found = suggestions.filter(({ words, not }) => words.test(said) && !not?.test(said));
  return [...new Set(found.map(({ technique }) => technique))];
});
