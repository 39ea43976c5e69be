import { verbsSaid } from '../../../language/index.js';
import type { Appliance } from '../../types.js';
import { isOvenByDegrees } from './heat.js';
import { readTimes } from './times.js';

/** Things that are one or stand on one, the first that counts first. */
const places: readonly (readonly [RegExp, Appliance])[] = [
  [/\boven\b/i, 'oven'],
  [/\bmicrowave\b/i, 'microwave'],
  [/\b(?:griddle|char-?grill|barbecue|braai)\b/i, 'griddle'],
  [/\bunder (?:the|a)(?: hot| very hot)? (?:grill|broiler)\b/i, 'oven'],
  [/\bblender\b/i, 'blender'],
  [/\b(?:pan|saucepan|bain-marie|double boiler|hob|stove|flames?|gas ring|burner|skillet|wok)\b/i, 'hob'],
  [/\b(?:fridge|overnight)\b/i, 'fridge'],
];
const inOrder = [...new Set(places.map(([, appliance]) => appliance))];

/** How long something keeps in the fridge does not put it there now. */
const onlyKept = /(?:^|(?<=[.;] ))[^.;]*\b(?:keeps|will keep|can be kept|lasts?)\b[^.;]*[.;]?/gi;

/** The appliances that a text names by what is done. Out of the fridge nothing is in it. */
export function appliancesNamed(text: string): Appliance[] {
  // A stick blender and a food processor are tools; the appliance is the jug.
  const isTool = /\b(?:(?:stick|hand|immersion)[ -]?blender|processor)\b/i.test(text);
  const now = text.replace(onlyKept, '');
  if (isOvenByDegrees(now)) return ['oven'];
  const isOut = /\bfridge\b/i.test(text) && readTimes(text).some(({ kind }) => kind === 'rest');
  const named = new Set<string>([
    ...places.flatMap(([pattern, each]) => (pattern.test(now) ? [each] : [])),
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
