import { cacheByText } from '../identity/index.js';
import { folded, verbsSaid, type SaidVerb } from './verbs.js';

/** What goes on beside a step: "while they cook", "meanwhile the rice boils"; not "meanwhile boil them". */
const meanwhile = /\b(?:while|as|whilst|meanwhile,? (?:the|it|they|that|this|your|all)\b)[^,.;]*/g;
/** "Reduce the heat" cooks nothing, and radishes crisp up in iced water. */
const lowers = /^\s+(?:the )?(?:heat|temperature|oven)\b/;
const inCold = /\b(?:iced?|cold) water\b|\bfridge\b/;

/** Whisked there, eggs thicken. */
const overHeat =
  /\b(?:over|on|in) (?:a |the )?(?:bain-marie|double boiler|(?:very )?(?:low|gentle|medium|moderate|high|direct) (?:heat|flame))\b/;
/** In a covered bowl or a bag what is hot already steams by itself. */
const ofItself: ReadonlySet<string> = new Set(['steam', 'sweat']);
const covered = /\b(?:bowl|bag|cling ?film|film|foil parcel|tea towel)\b/;

const mostTexts = 4000;

/** The verbs by which a text heats food, in order: not what was heated before, or is beside it. */
export const heatSaid: (text: string) => readonly SaidVerb[] = cacheByText(mostTexts, (text) => {
  const plain = folded(text);
  const beside = [...plain.matchAll(meanwhile)].map(({ index, 0: { length } }) => [index, index + length]);
  return verbsSaid(text).filter(({ verb, form, at, to }) => {
    if (verb.kind !== 'heat' || form === 'done') return false;
    if (ofItself.has(verb.verb) && covered.test(sentenceAround(plain, at))) return false;
    if (beside.some(([from, end]) => at >= from! && at < end!)) return false;
    if (verb.verb === 'reduce' && lowers.test(plain.slice(to))) return false;
    return !(verb.also === 'adjective' && inCold.test(sentenceAround(plain, at)));
  });
});

function sentenceAround(plain: string, at: number): string {
  const from = plain.lastIndexOf('.', at) + 1;
  const to = plain.indexOf('.', at);
  return plain.slice(from, to < 0 ? undefined : to);
}

/** Whether a text heats food: "braise the thighs", not "the roast carrots" or "while the rice boils". */
export function heatsFood(text: string): boolean {
  return heatSaid(text).length > 0 || isOverHeat(text);
}

/** Whether something is done over heat that heats nothing by itself: eggs whisked over a bain-marie. */
export function isOverHeat(text: string): boolean {
  return overHeat.test(folded(text));
}
