import { verbsSaid } from '../../../language/index.js';
import { capital } from '../../../words/index.js';

let segmenter: Intl.Segmenter | null = null;
/** It takes long to make, and is made when the first text is read. */
const sentences = () => (segmenter ??= new Intl.Segmenter('en', { granularity: 'sentence' }));

/** "P." signs a card. */
const initial = /^\p{Lu}\.?x{0,3}$/u;

/** The sentences of a text, each without what stands around it. */
export function sentencesOf(text: string): string[] {
  const found = [...sentences().segment(text)]
    .map(({ segment }) => segment.trim())
    .filter((segment) => segment !== '' && !initial.test(segment));
  return writesNoCapitals(text) ? found.flatMap((sentence) => sentence.split(betweenSmall)) : found;
}

/** Behind these a stop ends no sentence. */
const betweenSmall =
  /(?<=[a-z)]{2}[.!?])(?<!\b(?:tbsp|tsp|approx|min|mins|oz|lb|lbs|hr|hrs|no|incl|opt|ca|pkt|sm|med|lge|temp)\.) (?=[a-z\d])/;
/** Whoever begins with a small letter begins all sentences so. */
const writesNoCapitals = (text: string) => /^[^\p{L}]*\p{Ll}/u.test(text);

/** A sentence of more words that does more than a few things is a whole method. */
const longestChain = 30;
const fewestLinks = 4;
const link = /,\s+(?:and\s+)?(?:then\s+)?/g;
/** Fewer words go with what was done before them: "lift out". */
const fewestWords = 3;

/** A method told in one breath, "fry the bacon, whisk …, pour it over, top with …", as one sentence each. */
export function cutChain(sentence: string): string[] {
  if (sentence.split(/\s+/).length <= longestChain) return [sentence];
  const verbs = new Set(verbsSaid(sentence).flatMap(({ at, form }) => (form === 'do' ? [at] : [])));
  const cuts = [...sentence.matchAll(link)].filter(({ index, 0: { length } }) => verbs.has(index + length));
  if (cuts.length + 1 < fewestLinks) return [sentence];
  const ends = [...cuts.map(({ index }) => index), sentence.length];
  const starts = [0, ...cuts.map(({ index, 0: { length } }) => index + length)];
  return starts
    .map((from, index) => sentence.slice(from, ends[index]))
    .reduce<string[]>(
      (parts, part) =>
        parts.length > 0 && part.split(' ').length < fewestWords
          ? [...parts.slice(0, -1), `${parts.at(-1)!}, ${part}`]
          : [...parts, part],
      [],
    )
    .map((part) => capital(/[.!?]$/.test(part) ? part : `${part}.`));
}
