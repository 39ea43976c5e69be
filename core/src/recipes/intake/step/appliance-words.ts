import type { Appliance } from '../../types.js';
import { isOvenByDegrees } from './heat.js';
import { readTimes } from './times.js';

const appliances: readonly (readonly [RegExp, Appliance])[] = [
  [/\b(oven|roast|bake)\b/i, 'oven'],
  [/\b(microwave)\b/i, 'microwave'],
  [/\b(griddle|char-?grill)\b/i, 'griddle'],
  [/\b(?:under (?:the|a)(?: hot| very hot)? (?:grill|broiler)|broil)\b/i, 'oven'],
  [/\b(blender|blend|blitz|liquidise)\b/i, 'blender'],
  [
    /\b(simmer|boil|pan|fry|saucepan|hob|stove|flames?|gas ring|burner|poach|saut[eé]|sear|toast|skillet|wok)\b/i,
    'hob',
  ],
  [/\b(fridge|chill|refrigerat\w*|overnight)\b/i, 'fridge'],
];

/** How long something keeps in the fridge does not put it there now. */
const onlyKept = /(?:^|(?<=[.;] ))[^.;]*\b(?:keeps|will keep|can be kept|lasts?)\b[^.;]*[.;]?/gi;

/** The appliances that a text names by what is done. Out of the fridge nothing is in it. */
export function appliancesNamed(text: string): Appliance[] {
  // A stick blender and a food processor are tools; the appliance is the jug.
  const isTool = /\b(?:(?:stick|hand|immersion)[ -]?blender|processor)\b/i.test(text);
  const now = text.replace(onlyKept, '');
  if (isOvenByDegrees(now)) return ['oven'];
  const isOut = /\bfridge\b/i.test(text) && readTimes(text).some(({ kind }) => kind === 'rest');
  return appliances.flatMap(([pattern, each]) =>
    pattern.test(now) && !(isOut && each === 'fridge') && !(isTool && each === 'blender') ? [each] : [],
  );
}

/** The first of them that counts where it names several; null where none. */
export function applianceNamed(text: string): Appliance | null {
  return appliancesNamed(text)[0] ?? null;
}
