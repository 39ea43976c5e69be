import { phraseNamesOf, phrasesSaid, verbsSaid } from '../../../language/index.js';
import { type Appliance, appliances } from '../../types.js';
import { isOvenByDegrees } from './heat.js';
import { readTimes } from './times.js';

/** The first that counts first. */
const inOrder = phraseNamesOf('appliance').filter((name): name is Appliance =>
  appliances.some((each) => each === name),
);

/** How long something keeps in the fridge does not put it there now. */
const onlyKept = /(?:^|(?<=[.;] ))[^.;]*\b(?:keeps|will keep|can be kept|lasts?)\b[^.;]*[.;]?/gi;

/** Tools that blend and are no jug blender, which is the appliance. */
const blendingTools = new Set(['stick blender', 'food processor']);

const warmPlaces: ReadonlySet<string> = new Set(['cupboard', 'counter']);

/** The appliances that a text names by what is done. Out of the fridge nothing is in it. */
export function appliancesNamed(text: string): Appliance[] {
  const now = text.replace(onlyKept, '');
  if (isOvenByDegrees(now)) return ['oven'];
  const said = phrasesSaid(now);
  // "Overnight" is the fridge, unless it is said to be the counter.
  const isWarm = said.some(({ name }) => warmPlaces.has(name));
  const phrases = isWarm ? phrasesSaid(now.replace(/\bovernight\b/gi, '')) : said;
  const isTool = phrases.some(({ kind, name }) => kind === 'tool' && blendingTools.has(name));
  const isOut =
    phrases.some(({ name }) => name === 'fridge') && readTimes(text).some(({ kind }) => kind === 'rest');
  const named = new Set<string>([
    ...phrases.flatMap(({ kind, name }) => (kind === 'appliance' ? [name] : [])),
    ...verbsSaid(now).flatMap(({ verb, form }) => (form === 'done' ? [] : [verb.appliance])),
  ]);
  return inOrder.filter(
    (each) => named.has(each) && !(isOut && each === 'fridge') && !(isTool && each === 'blender'),
  );
}

/** The first of them that counts where it names several; null where none. */
export function applianceNamed(text: string): Appliance | null {
  return appliancesNamed(text)[0] ?? null;
}
