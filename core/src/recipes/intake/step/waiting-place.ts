import type { Appliance } from '../../types.js';
import { appliancesNamed } from './appliance-words.js';
import { clausesOfWaits } from './times.js';

/** What is waited for over heat, and what is only left: the last of them before a time says which it is. */
const cookedOrLeft = new RegExp(
  String.raw`(?<!\p{L})(?:(?<cooked>simmer|boil|bubble|bake|roast|poach|steam|cook|char|fry|toast|grill|` +
    String.raw`griddle|braise|sweat|parboil|blanch|saut[eé]|sear|brown|reduce|microwave|broil|barbecue)|` +
    String.raw`(?:leave|left|let|rest|stand|sit|soak|steep|infuse|marinate|macerate|cool|chill|refrigerate|` +
    String.raw`freeze|thaw|defrost|drain|strain|cure|prove|set aside))(?:s|d|ed|ing)?(?!\p{L})`,
  'giu',
);
/** Left where it is hot all the same. */
const overHeat = /\b(?:low|gentle|medium|moderate|high) (?:heat|flame)\b|\bover (?:the|a) (?:heat|flame)\b/i;

/**
 * What a step waits on: told by the words of its waits, and by all of it where they only say that it cooks.
 * Null where it is left on the side. A jug blender needs a hand, so nothing waits in it.
 */
export function applianceOfWait(text: string): Appliance | null {
  const found = clausesOfWaits(text).map((clause) => placeOf(clause, text));
  return found.find((each) => each !== null && each !== 'fridge') ?? found.find((each) => each) ?? null;
}

function placeOf({ before, after }: { before: string; after: string }, text: string): Appliance | null {
  const clause = before + after;
  const last = [...before.matchAll(cookedOrLeft)].at(-1) ?? [...clause.matchAll(cookedOrLeft)][0];
  const rest = clause.slice(last?.index ?? 0);
  const isLeft = last !== undefined && last.groups?.cooked === undefined;
  if (isLeft && overHeat.test(rest)) return 'hob';
  if (isLeft) return waitedOn(rest).find((each) => each === 'oven' || each === 'fridge') ?? null;
  return waitedOn(rest)[0] ?? waitedOn(clause)[0] ?? waitedOn(text)[0] ?? null;
}

function waitedOn(text: string): Appliance[] {
  return appliancesNamed(text).filter((each) => each !== 'blender');
}
