import { verbsSaid } from '../../../language/index.js';
import type { NamedLine } from './mentions.js';

/** "Stir together, leave an hour" at the beginning of a method: all that is listed. */
function mixesWhatIsThere(text: string): boolean {
  const [first] = verbsSaid(text);
  if (first?.at !== 0 || first.form !== 'do') return false;
  const rest = text.slice(first.to);
  // "Bake at 200 °C for 15 minutes": what there is to bake.
  if (first.verb.kind === 'heat' && first.verb.hands === 'free') return cooksWithoutObject.test(rest);
  return mixing.has(first.verb.act) && withoutObject.test(rest);
}
const cooksWithoutObject = /^ (?:at|for|until|in the oven|in a (?:hot |moderate )?oven)\b/i;
const mixing: ReadonlySet<string> = new Set(['mix', 'whisk', 'emulsify', 'blend', 'toss']);
const withoutObject = new RegExp(
  String.raw`^(?: (?:up|well|together|gently|thoroughly|briefly|quickly|by hand|` +
    String.raw`with a (?:fork|spoon|whisk)|in a (?:[a-z]+ )?(?:bowl|jar|blender)))*` +
    String.raw`(?=[.,;]|$| (?:until|till|and|for|to)\b)`,
  'i',
);

const numbersSaid: Readonly<Record<string, number>> = {
  two: 2,
  three: 3,
  four: 4,
  five: 5,
  six: 6,
  seven: 7,
  eight: 8,
};
const countedLines =
  /\b(first|last|next) (\d{1,2}|two|three|four|five|six|seven|eight) (?:ingredients|things|items)\b/i;

/** "Layer the first 6 ingredients": so many lines in the order of the list. */
function linesCounted(text: string, lines: readonly NamedLine[]): readonly NamedLine[] {
  const [, which, said] = countedLines.exec(text) ?? [];
  if (!which || !said) return [];
  const count = numbersSaid[said.toLowerCase()] ?? Number(said);
  if (which.toLowerCase() === 'next') return [];
  return which.toLowerCase() === 'first' ? lines.slice(0, count) : lines.slice(-count);
}

/** "Open the cans": what is bought in them. */
function linesInTins(text: string, lines: readonly NamedLine[]): readonly NamedLine[] {
  return /\b(?:the|your|all|both) (?:cans|tins)\b/i.test(text)
    ? lines.filter(({ unit }) => unit === 'tin')
    : [];
}

/**
 * Lines that a step means without a name, `there` being those that may be in hand; `isSure` where a later
 * step that names them changes nothing.
 */
export function linesMeant(
  text: string,
  lines: readonly NamedLine[],
  there: readonly NamedLine[],
): readonly { readonly id: string; readonly isSure: boolean }[] {
  const counted = [...linesCounted(text, lines), ...linesInTins(text, lines)];
  const all = there.length > 0 && mixesWhatIsThere(text) ? there : [];
  return [
    ...counted.map(({ id }) => ({ id, isSure: true })),
    ...all.map(({ id }) => ({ id, isSure: false })),
  ];
}
