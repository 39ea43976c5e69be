import { techniqueWords } from '../../techniques/words.js';
import type { Appliance, RecipeLine, RecipeStep, StepPlace } from '../types.js';
import { plainSpelling, readNumber } from './numbers.js';
import { toNumber } from '../../amounts/index.js';

/** Minutes of work assumed where a text names none: a plain instruction of one sentence. An estimate. */
const usualHandsOnMinutes = 4;
const overnightMinutes = { low: 600, high: 720 };

const minutesIn: Readonly<Record<string, number>> = { second: 1 / 60, sec: 1 / 60, minute: 1, min: 1, hour: 60, hr: 60, h: 60, day: 1440 };

/** The first stretch of time a text names, in whole minutes; null where it names none. */
export function readMinutes(text: string): { low: number; high: number } | null {
  const plain = plainSpelling(text);
  for (const match of plain.matchAll(/(?:between )?(?:\d|half an|one|two|three|four|five|six|eight|ten|twelve|an?(?= (?:hour|minute|day)))/gi)) {
    const number = readNumber(plain.slice(match.index));
    if (!number) continue;
    const unit = /^ ?-?(second|sec|minute|min|hour|hr|h|day)s?\b/i.exec(plain.slice(match.index + number.length));
    if (!unit) continue;
    const factor = minutesIn[unit[1]!.toLowerCase()]!;
    return { low: wholeMinutes(toNumber(number.low) * factor), high: wholeMinutes(toNumber(number.high) * factor) };
  }
  return /\bovernight\b/i.test(plain) ? overnightMinutes : null;
}

function wholeMinutes(minutes: number): number {
  return Math.max(1, Math.round(minutes));
}

const waitingVerbs = /\b(simmer|boil|bake|roast|soak|chill|rest|stand|marinate|macerate|steep|cool|refrigerate|leave|overnight|poach|steam|prove|drain|cook)\b/i;
const appliances: readonly (readonly [RegExp, Appliance])[] = [
  [/\b(oven|roast|bake)\b/i, 'oven'], [/\b(microwave)\b/i, 'microwave'], [/\b(griddle|char-?grill)\b/i, 'griddle'],
  [/\b(blender|blend|processor|blitz)\b/i, 'blender'], [/\b(simmer|boil|pan|fry|saucepan|hob|stove|poach|toast)\b/i, 'hob'],
  [/\b(fridge|chill|refrigerat\w*|overnight)\b/i, 'fridge'],
];

function applianceIn(text: string): RecipeStep['occupies'] {
  const found = appliances.find(([pattern]) => pattern.test(text));
  if (!found) return null;
  const setting = found[1] === 'oven' ? /(\d{2,3}) ?°? ?(C|F)\b|gas mark (\d)/i.exec(text) : null;
  const degrees = setting?.[3] ? `gas mark ${setting[3]}` : setting ? `${setting[1]} °${setting[2]!.toUpperCase()}` : '';
  return { appliance: found[1], setting: degrees };
}

const toolWords: readonly (readonly [RegExp, string])[] = [
  [/\b(chop|dice|slice|mince|shred|cut|halve|quarter|wedges?|core|peel|fillet|de-?rib)\b/i, 'board and knife'], [/\bpeel\b/i, 'peeler'], [/\bgrate|zest\b/i, 'fine grater'],
  [/\bshave\b/i, 'peeler'], [/\bwhisk\b/i, 'whisk'], [/\b(toss|fold|mix|combine)\b/i, 'large bowl'], [/\bjar\b|\bshake\b/i, 'jar with lid'],
  [/\b(blend|blitz)\b/i, 'jug blender'], [/\b(drain|strain|rinse|sieve)\b/i, 'strainer'], [/\b(roast|bake|tray)\b/i, 'oven tray'],
  [/\b(simmer|boil)\b/i, 'saucepan'], [/\b(fry|toast|pan)\b/i, 'frying pan'], [/\bjuice\b/i, 'citrus press'], [/\b(serve|plate|platter)\b/i, 'serving dish'],
];

/**
 * Reads one step: its minutes, what it occupies, tools, techniques and the lines it uses. A guess to be mended by
 * the instructor; nothing of the text is lost.
 */
export function readStep(text: string, id: string, componentId: string, after: readonly string[], lines: readonly RecipeLine[]): RecipeStep {
  const minutes = readMinutes(text);
  const waits = minutes !== null && waitingVerbs.test(text);
  const until = /\b(until [^.;,]+)/i.exec(text)?.[1] ?? '';
  return {
    id, componentId, text, until, after, holdMinutes: null, techniqueNote: '', demonstrateMinutes: 0,
    handsOnMinutes: waits ? 2 : minutes?.low ?? usualHandsOnMinutes,
    waitMinutes: waits ? minutes : null,
    place: placeOf(text, waits ? minutes : null),
    occupies: waits || /\bblend|blitz\b/i.test(text) ? applianceIn(text) : null,
    tools: [...new Set(toolWords.filter(([pattern]) => pattern.test(text)).map(([, tool]) => tool))],
    uses: lines.filter((line) => mentionOf(line)(text)).map((line) => line.id),
    techniques: techniqueWords.filter(([pattern]) => pattern.test(text)).map(([, technique]) => technique).slice(0, 2),
  };
}

/** A wait of more than an hour and a half cannot be bridged in a class. */
function placeOf(text: string, wait: { low: number } | null): StepPlace {
  if (/\b(overnight|the day before|a day ahead|the night before)\b/i.test(text) || (wait !== null && wait.low > 90)) return 'before';
  return 'in class';
}

/** Tells whether a step's words name a line, by the last word of its name, singular or plural. */
export function mentionOf(line: { readonly name: string }): (text: string) => boolean {
  const words = line.name.toLowerCase().split(/\s+/).filter((word) => word.length > 2);
  const last = words[words.length - 1];
  if (!last) return () => false;
  const pattern = new RegExp(`\\b${escape(last.replace(/(ies|es|s)$/, ''))}(y|ies|es|s)?\\b`, 'i');
  return (text) => pattern.test(text);
}

function escape(text: string): string {
  return text.replace(/[.*+?^${}()|[\]\\]/g, '\\$&');
}
