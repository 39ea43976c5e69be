import { readForms } from './words.js';

/** What a name leaves to whoever shops, and the rest of the line without those words. */
export interface FreeChoice {
  readonly rest: string;
  /** "whatever you have", "of your choice"; empty where nothing is left open. */
  readonly words: string;
}

const before =
  /^(?:of )?(whatever|whichever|any (?:kind|sort|type|variety) of|any|your favou?rite)\s*(?=[a-z])/i;
const behind =
  / (?:that )?(you (?:have|like|love|prefer|fancy|can (?:find|get)|happen to have)(?: to hand| in(?: the (?:house|fridge|cupboard))?| around)?|of your choice|of choice|in the (?:fridge|cupboard|house)|of (?:any|different|mixed|several|various) (?:colou?rs?|kinds?|sorts?|types?))(?=$|,)/i;

/**
 * "Whatever beans you have", "any leaves", "salad leaves of your choice", "peppers of different colours": the
 * food is a group that the shopper fills.
 */
export function freeChoice(text: string): FreeChoice {
  const first = before.exec(text);
  const afterFirst = text.slice(first?.[0].length ?? 0);
  const second = behind.exec(afterFirst);
  if (!first && !second) return { rest: text, words: '' };
  const rest = second
    ? `${afterFirst.slice(0, second.index)}${afterFirst.slice(second.index + second[0].length)}`
    : afterFirst;
  if (!/\p{L}/u.test(rest)) return { rest: text, words: '' };
  const words = [first?.[1]!.replace(/ of$/, ''), second?.[1]].filter(Boolean).join(' ');
  return { rest, words: words.toLowerCase() };
}

const groupWords =
  /\b(?:any (?:colou?rs?|kind|sort|type|variety|will do|mix)|whatever|whichever|any(?= you)|you (?:have|like|prefer|fancy)|of your choice|of choice|your favou?rite|(?:mixed|different|of (?:any|different|several|various)) (?:colou?rs?|kinds?|sorts?)|a mix(?:ture)? of)\b/i;

/** The words of a line's note by which it is a group that the shopper fills; empty where there are none. */
export function groupWordsOf(note: string): string {
  const halves = /half ([a-z]+),? (?:and )?half ([a-z]+)/i.exec(note);
  // "Half diced, half sliced" are two ways to cut.
  if (halves && readForms(`${halves[1]} ${halves[2]}`).length === 0) return halves[0];
  return (
    note
      .split(/[,;]/)
      .map((piece) => piece.trim())
      .find((piece) => /^any$/i.test(piece) || groupWords.test(piece)) ?? ''
  );
}
