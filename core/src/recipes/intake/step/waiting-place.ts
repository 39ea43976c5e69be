import { type SaidVerb, verbsSaid } from '../../../language/index.js';
import type { Appliance } from '../../types.js';
import { sayings } from '../sayings.js';
import { appliancesNamed } from './appliances.js';
import { clausesOfWaits } from './times.js';

/** Left where it is hot all the same. */
const isOverHeat = sayings.has('over heat');

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
  // What is cooked or left, the last of them before a time, says which it is.
  const last = waitsIn(before).at(-1);
  const rest = clause.slice(last?.at ?? 0);
  if (last?.verb.kind === 'left') {
    if (isOverHeat(rest)) return 'hob';
    return waitedOn(rest).find((each) => each === 'oven' || each === 'fridge') ?? null;
  }
  const own = waitedOn(rest)[0] ?? waitedOn(clause)[0];
  const isLeft = !last && waitsIn(after)[0]?.verb.kind === 'left';
  return own ?? (isLeft ? null : waitedOn(text)[0]) ?? null;
}

function waitsIn(text: string): SaidVerb[] {
  return verbsSaid(text).filter(({ verb }) => verb.kind === 'heat' || verb.kind === 'left');
}

function waitedOn(text: string): Appliance[] {
  return appliancesNamed(text).filter((each) => each !== 'blender');
}
