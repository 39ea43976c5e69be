import { counted } from '../words/index.js';

/** More names than this are counted. */
const mostNames = 4;

/** "not known for 2 lines: salt cod, labneh"; empty where all is known. */
export function notKnownWords(notKnown: readonly string[]): string {
  if (notKnown.length === 0) return '';
  const named = notKnown.slice(0, mostNames).join(', ');
  const more = notKnown.length > mostNames ? ` and ${notKnown.length - mostNames} more` : '';
  return `not known for ${counted(notKnown.length, 'line')}: ${named}${more}`;
}

/**
 * What is said of a dish's allergens wherever it is named: "contains milk; check the labels". None is said to
 * be listed only where every line is known.
 */
export function allergenSentence(contains: readonly string[], notKnown: readonly string[]): string {
  const open = notKnownWords(notKnown);
  if (contains.length > 0)
    return `contains ${contains.join(', ')}${open ? `; ${open}` : ''}; check the labels`;
  return open ? `allergens ${open}` : 'no listed allergen; check the labels';
}
