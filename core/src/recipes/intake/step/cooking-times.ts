import { actsSaid, type SaidAct, verbNamed, verbsSaid } from '../../../language/index.js';
import {
  type CookingTime,
  cookingTime,
  findIngredient,
  type Larder,
  standardLarder,
} from '../../../larder/index.js';
import { type Appliance, appliances, type RecipeLine } from '../../types.js';
import { readTimes } from './times.js';
import { isFriedByHand } from './tools.js';

/** Minutes that nobody wrote: what cooks longest of a step, by the table of cooking times. */
export interface UnsaidTime extends Pick<CookingTime, 'low' | 'high' | 'until'> {
  /** Where it cooks; null where that must be said. */
  readonly appliance: Appliance | null;
  /** Hot water is poured on, and it stands. */
  readonly isOffHeat: boolean;
}

/** What goes on after the heat, and takes its own time. */
const afterwards: ReadonlySet<string> = new Set([
  'rest',
  'cool',
  'chill',
  'drain',
  'dry',
  'marinate',
  'steep',
  'thaw',
]);
/** Grains and dried things swell in hot water that is only poured on. */
const swells: ReadonlySet<string> = new Set(['rest', 'pack', 'pour', 'soak']);
/** Ways of the table that no verb of the lexicon is. */
const hobWays: ReadonlySet<string> = new Set(['absorb']);

/**
 * How long a step cooks where its words do not say: "cook the rice", "roast the squash until soft". Null
 * where they do, where hands stay with it, or where no row tells.
 */
export function unsaidTime(
  text: string,
  used: readonly RecipeLine[],
  larder: Larder = standardLarder,
): UnsaidTime | null {
  const acts = actsSaid(text);
  const isSaid = acts.some(
    ({ kind, words }) => !afterwards.has(kind) && readTimes(text.slice(...words)).some(isSpent),
  );
  if (isSaid || isFriedByHand(text)) return null;
  const found = acts.flatMap((act) => used.flatMap((line) => timeOf(act, line, larder) ?? []));
  const [longest] = found.sort((one, other) => other.high - one.high);
  // What stands in hot water has the minutes that it is said to stand.
  if (!longest || (longest.way === 'soak' && readTimes(text).some(isSpent))) return null;
  const { low, high, until, way } = longest;
  return {
    low: Math.max(1, Math.round(low)),
    high: Math.max(1, Math.ceil(high)),
    until,
    appliance: placeOf(way),
    isOffHeat: way === 'soak',
  };
}

const isSpent = ({ kind }: { kind: string }) => kind !== 'keep';

function timeOf(act: SaidAct, line: RecipeLine, larder: Larder): CookingTime | null {
  const food = findIngredient(larder, line.ingredient);
  if (!food || (line.preparation.includes('cooked') && !isCookedBy(act, line))) return null;
  const verb = swells.has(act.kind) && isHot(act) ? 'soak' : act.way === '' ? '' : act.verb;
  if (verb === '' || (verb !== 'soak' && verbNamed(verb)?.hands !== 'free')) return null;
  return cookingTime(food, verb, line.form ?? 'whole');
}

/** "Boil the carrots" is the work that the line “3 carrots, boiled” supposes: they come to it raw. */
function isCookedBy({ verb }: SaidAct, { text }: RecipeLine): boolean {
  return verbsSaid(text).some((said) => said.form === 'done' && said.verb.verb === verb);
}

function isHot({ states, way }: SaidAct): boolean {
  return way !== '' || states.includes('hot');
}

function placeOf(way: string): Appliance | null {
  if (hobWays.has(way)) return 'hob';
  return appliances.find((each) => each === verbNamed(way)?.appliance) ?? null;
}
