import { verbsSaid } from '../../../language/index.js';
import { applianceNamed } from './appliance-words.js';

const toolWords: readonly (readonly [RegExp, string])[] = [
  [
    /\b(chop|dice|slice|mince|shred|cut|halve|quarter(?! of)|wedges?|core|peel|fillet|de-?rib)\b/i,
    'board and knife',
  ],
  [/\bpeel\b/i, 'peeler'],
  [/\bgrate|zest\b/i, 'fine grater'],
  [/\bshave\b/i, 'peeler'],
  [/\bwhisk\b/i, 'whisk'],
  [/\b(toss|fold|mix|combine)\b/i, 'large bowl'],
  [/\bjar\b|\bshake\b/i, 'jar with lid'],
  [/\b(drain|strain|rinse|sieve)\b/i, 'strainer'],
  [/\btray\b/i, 'oven tray'],
  [/\bjuice\b/i, 'citrus press'],
  [/\b(serve|plate|platter)\b/i, 'serving dish'],
];

/** Said of a frying pan without a verb that takes it. */
const fryingPan =
  /\b(?:skillet|wok|frying pan|crisp the (?:bacon|pancetta)|soften the [a-z ]+ in|dry pan)\b/i;

const takes = (text: string, vessel: string) =>
  verbsSaid(text).some(
    ({ verb, form }) => form !== 'done' && verb.vessel === vessel && verb.verb !== 'toast',
  );

/** What a text has its work done with, each once. */
export function toolsNamed(text: string): string[] {
  const named = toolWords.filter(([pattern]) => pattern.test(text)).map(([, tool]) => tool);
  const trays = takes(text, 'oven tray') ? ['oven tray'] : [];
  return [...new Set([...named, ...trays, ...panOf(text), ...blenderOf(text)])];
}

/** Toast is made in a frying pan only where no oven or grill is named. */
function isToasted(text: string): boolean {
  return verbsSaid(text).some(({ verb, form }) => form === 'do' && verb.verb === 'toast');
}

/** Browned with hands at it. */
function isFried(text: string): boolean {
  return fryingPan.test(text) || takes(text, 'frying pan');
}

/** A pan of potatoes is no frying pan. */
function panOf(text: string): string[] {
  const isInOven = applianceNamed(text) === 'oven';
  const boiled = takes(text, 'saucepan')
    ? [/\b(?:large|big) (?:sauce)?pan\b|\bstockpot\b|\blarge pot\b/i.test(text) ? 'large pot' : 'saucepan']
    : [];
  const isInPan =
    isFried(text) || (!isInOven && isToasted(text)) || (boiled.length === 0 && /\bpan\b/i.test(text));
  return [...boiled, ...(isInPan ? ['frying pan'] : [])];
}

/** A stick blender is no jug blender, and neither is a food processor. */
function blenderOf(text: string): string[] {
  if (/\b(?:stick|hand|immersion) ?-?blender\b/i.test(text)) return ['stick blender'];
  if (/\bprocessor\b/i.test(text)) return ['food processor'];
  const isBlended =
    /\bblender\b/i.test(text) || verbsSaid(text).some(({ verb }) => verb.appliance === 'blender');
  return isBlended ? ['jug blender'] : [];
}

/** On the ring itself, without a pan, and never left alone. */
const charsOverFlame =
  /\b(?:char|blister|blacken)\b[^.;]*\b(?:flames?|gas ring|burner)\b(?![^.;]*\b(?:minutes?|mins?)\b)/i;

/** Whether hands stay at the pan: it takes a ring although nothing is waited for. */
export function isFriedByHand(text: string): boolean {
  const isToastedInPan = isToasted(text) && /\bpan\b/i.test(text);
  return isFried(text) || isToastedInPan || charsOverFlame.test(text);
}
