import { cacheByText } from '../identity/index.js';
import { heatSaid, isOverHeat } from './heat.js';
import { phrasesSaid, type PhraseKind, type SaidPhrase } from './phrases.js';
import { folded, type SaidVerb, verbsSaid } from './verbs.js';

/** What a stretch of a text says is done, by words alone. */
export interface SaidAct {
  /** Of the lexicon; empty where only a state, a place or a thing is said. */
  readonly verb: string;
  /** The kind of work: "cut", "soak", "wet heat"; empty without a verb. */
  readonly kind: string;
  /** How heat comes to the food: in water or steam, in fat, dry, or either; empty where it is not heated. */
  readonly way: 'wet' | 'fat' | 'dry' | 'any' | '';
  /** The appliance and the vessel that the verb takes by itself. */
  readonly appliance: string;
  readonly vessel: string;
  readonly states: readonly string[];
  readonly places: readonly string[];
  readonly vessels: readonly string[];
  readonly things: readonly string[];
  /** Where it stands in the text, from one character to another. */
  readonly words: readonly [from: number, to: number];
}

const sentenceEnd = /[.;!?](?=\s|$)/g;

function sentencesOf(text: string): [from: number, to: number][] {
  const ends = [...text.matchAll(sentenceEnd)].map(({ index }) => index + 1);
  const starts = [0, ...ends];
  return starts
    .map((from, index): [number, number] => [from, ends[index] ?? text.length])
    .filter(([from, to]) => text.slice(from, to).trim() !== '');
}

const mostTexts = 4000;

/**
 * What a text says is done, act by act in its order: a sentence is cut before each verb but the first, and
 * each act has the states, places, vessels and things of its own stretch. What has been done already
 * ("drained") is a state. Accents, capitals and hyphens count for nothing.
 */
export const actsSaid: (text: string) => readonly SaidAct[] = cacheByText(mostTexts, (text) => {
  const heat = new Set(heatSaid(text));
  const found: Found = { verbs: verbsSaid(text), heat, phrases: phrasesSaid(text) };
  return sentencesOf(folded(text)).flatMap((sentence) => actsOfSentence(text, sentence, found));
});

interface Found {
  readonly verbs: readonly SaidVerb[];
  readonly heat: ReadonlySet<SaidVerb>;
  readonly phrases: readonly SaidPhrase[];
}

function actsOfSentence(text: string, [from, to]: readonly [number, number], found: Found): SaidAct[] {
  const verbs = found.verbs.filter(({ at }) => at >= from && at < to);
  // What heats beside this step, or did before it, is no act of it.
  const done = verbs.filter(
    (said) => said.form !== 'done' && (said.verb.kind !== 'heat' || found.heat.has(said)),
  );
  const acts = done.filter((said) => !isQuality(text, said));
  const heated = isOverHeat(text.slice(from, to));
  if (acts.length === 0) return [actOf(null, [from, to], found, heated)];
  return acts.map((said, index) => {
    const stretch = [index === 0 ? from : said.at, acts[index + 1]?.at ?? to] as const;
    return actOf(said, stretch, found, heated && index === 0);
  });
}

const beforeThing = /\b(?:the|a|an|of|in|into|with|over|some|your|more)\s+$/i;

const liquidBehind = /^\s+(?:salted\s+)?(?:water|stock|broth|milk|vinegar|brine|syrup|liquid|oil)\b/i;

/** "The boiling vinegar", "into simmering water": it heats what it goes with, and is not boiled then. */
function isQuality(text: string, { form, at, to }: SaidVerb): boolean {
  return form === 'doing' && (beforeThing.test(text.slice(0, at)) || liquidBehind.test(text.slice(to)));
}

function actOf(
  said: SaidVerb | null,
  words: readonly [number, number],
  { verbs, heat, phrases }: Found,
  isHeated: boolean,
): SaidAct {
  const inside = phrases.filter(({ at }) => at >= words[0] && at < words[1]);
  const names = (kind: PhraseKind) => [
    ...new Set(inside.flatMap((each) => (each.kind === kind ? [each.name] : []))),
  ];
  const left = verbs.flatMap(({ at, form, verb }) =>
    form === 'done' && at >= words[0] && at < words[1] ? [verb.state || verb.verb] : [],
  );
  const verb = said?.verb;
  const hotWith = [...heat].find(({ at, form }) => form === 'doing' && at >= words[0] && at < words[1]);
  const way = verb?.kind === 'heat' ? verb.heat : (hotWith?.verb.heat ?? '');
  return {
    verb: verb?.verb ?? '',
    kind: verb?.act ?? '',
    way: way === '' && isHeated ? 'any' : way,
    appliance: verb?.appliance ?? '',
    vessel: verb?.vessel ?? '',
    states: [...new Set([...names('state'), ...left])],
    places: names('place'),
    vessels: names('vessel'),
    things: names('thing'),
    words,
  };
}
