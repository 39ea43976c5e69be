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
  [/\b(roast|bake|tray)\b/i, 'oven tray'],
  [/\bjuice\b/i, 'citrus press'],
  [/\b(serve|plate|platter)\b/i, 'serving dish'],
];

const boils = /\b(?:simmer|boil|poach|blanch)\b/i;
/** Browned with hands at it. */
const fries =
  /\b(?:fry|sear|saut[eé]|brown|skillet|frying pan|crisp the (?:bacon|pancetta)|soften the [a-z ]+ in|dry pan|wilt)\b/i;

/** What a text has its work done with, each once. */
export function toolsNamed(text: string): string[] {
  const named = toolWords.filter(([pattern]) => pattern.test(text)).map(([, tool]) => tool);
  return [...new Set([...named, ...panOf(text), ...blenderOf(text)])];
}

/** A pan of potatoes is no frying pan; toast is made in one only where no oven or grill is named. */
function panOf(text: string): string[] {
  const isInOven = applianceNamed(text) === 'oven';
  const boiled = boils.test(text)
    ? [/\b(?:large|big) (?:sauce)?pan\b|\bstockpot\b|\blarge pot\b/i.test(text) ? 'large pot' : 'saucepan']
    : [];
  const isFried =
    fries.test(text) ||
    (!isInOven && /\btoast\b/i.test(text)) ||
    (boiled.length === 0 && /\bpan\b/i.test(text));
  return [...boiled, ...(isFried ? ['frying pan'] : [])];
}

/** A stick blender is no jug blender, and neither is a food processor. */
function blenderOf(text: string): string[] {
  if (/\b(?:stick|hand|immersion) ?-?blender\b/i.test(text)) return ['stick blender'];
  if (/\bprocessor\b/i.test(text)) return ['food processor'];
  return /\b(?:blend|blitz|blender|liquidise|purée|puree)\b/i.test(text) ? ['jug blender'] : [];
}

/** On the ring itself, without a pan, and never left alone. */
const charsOverFlame =
  /\b(?:char|blister|blacken)\b[^.;]*\b(?:flames?|gas ring|burner)\b(?![^.;]*\b(?:minutes?|mins?)\b)/i;

/** Whether hands stay at the pan: it takes a ring although nothing is waited for. */
export function isFriedByHand(text: string): boolean {
  const isToastedInPan = /\btoast\b/i.test(text) && /\bpan\b/i.test(text);
  return fries.test(text) || isToastedInPan || charsOverFlame.test(text);
}
