import { verbsSaid } from '../../../language/index.js';
import type { LineOptions } from '../line/amount.js';
import { readAmount } from '../line/amount.js';
import { parseIngredientLine } from '../line/line.js';
import { plainSpelling } from '../line/numbers.js';
import { rowCues } from '../row-cues.js';

/** A name in a sentence has at most this many words. */
const longestName = 6;
/** What looks like an amount in a method but measures no food. */
const notFood =
  /^(?:minutes?|mins?|hours?|hrs?|seconds?|secs?|days?|times?|degrees?|°|cm|mm|inch(?:es)?|people|servings?)\b/i;

const shareOfNamed = /^(?:half|a (?:third|quarter|little)|one (?:half|third|quarter)) (?:of )?(?:the|it)\b/i;

/** Words that end no name. */
const joining = /^(?:of|in|into|for|to|at|on|over|with|and|or|the|an?|each|before|after|until|from|by)$/i;

/** Foods in a row, "3 aubergines, 3 tbsp tahini and parsley"; none where it is no list of measured foods. */
export function listedFoods(text: string, options: LineOptions): string[] {
  const parts = plainSpelling(text)
    .split(/,\s+(?:and\s+)?|\s+and\s+|\s*;\s*|\s+[+/]\s+/)
    .map((part) => part.trim())
    .filter(Boolean);
  if (parts.some(isWorkOn)) return [];
  const measured = parts.filter((part) => parseIngredientLine(part, options).amount !== null);
  return parts.length > 1 && measured.length * 2 >= parts.length ? parts : [];
}

/** "Slice the tomatoes" is done; a slice would be counted. */
export function isWorkOn(part: string): boolean {
  const [verb] = verbsSaid(part);
  return verb?.at === 0 && verb.form === 'do' && /^ (?:the|them|it|all|your)\b/i.test(part.slice(verb.to));
}

/** "Yolks 4 / mustard 60 g": no fraction. */
const betweenFoods = / \/ (?=\p{L})/gu;

/** "Some honey, about a tablespoon": the amount stands behind its food. */
const amountBehind =
  /\b(?:some |the |a few |a bit of )?((?:[\p{L}'-]+ ){1,3}?)(?:,? ?(?:about|maybe|roughly|say|around|perhaps) (?=\d|an? |half |one |two |three |four )|(?=\d[\d./]* ?(?:g|kg|ml|tsp|tbsp|cups?|teaspoons?|tablespoons?)\b))/giu;

function withAmountsFirst(text: string, options: LineOptions): string {
  let told = '';
  let end = 0;
  for (const { 0: all, 1: name, index } of text.matchAll(amountBehind)) {
    const behind = text.slice(index + all.length);
    const amount = readAmount(behind, options);
    const words = name!.trim().split(' ');
    const from = words.findIndex(
      (_, at) => parseIngredientLine(words.slice(at).join(' '), options).ingredient !== null,
    );
    // What follows is a food of its own: "tomatoes, about 2 tbsp oil".
    const next = parseIngredientLine(behind.split(/[,.;]| and /)[0]!, options).ingredient;
    const isJoined = joining.test(words.at(-1)!) || /^ of\b/i.test(behind.slice(amount?.length ?? 0));
    if (!amount?.unitWritten || from < 0 || next !== null || isJoined) continue;
    const food = words
      .slice(from)
      .filter((word) => word !== 'some')
      .join(' ');
    const lead = `${text.slice(end, index)}${words.slice(0, from).join(' ')}`;
    told += `${lead} ${behind.slice(0, amount.length)} ${food},`;
    end = index + all.length + amount.length;
  }
  return told + text.slice(end);
}

/** Lines for what a method names with an amount, where a recipe has no list: "whisk 3 tbsp oil with …". */
export function linesOfProse(steps: readonly string[], options: LineOptions): string[] {
  const found = new Map<string, string>();
  for (const step of steps)
    for (const line of linesOfSentence(
      withAmountsFirst(plainSpelling(step).replace(betweenFoods, ', '), options),
      options,
    )) {
      const { ingredient, name } = parseIngredientLine(line, options);
      const key = `${ingredient ?? name}|${/^\S+ \S+/.exec(line)?.[0] ?? ''}`;
      if (!found.has(key)) found.set(key, line);
    }
  return [...found.values()];
}

/** "Two tablespoons of fish sauce and three of lime juice": the unit that was said holds for what follows. */
function withUnitsSaid(text: string, options: LineOptions): string {
  let unit = '';
  return text.replace(countOfFood, (all: string, before: string, number: string, behind: string) => {
    const amount = readAmount(`${number} ${behind}`, options);
    if (amount?.unitWritten) unit = behind;
    return unit !== '' && behind === 'of' && !amount?.unitWritten ? `${before}${number} ${unit} of` : all;
  });
}
const countOfFood =
  /(^|[\s(,;])(\d[\d./]*|an?|one|two|three|four|five|six|seven|eight|ten)[ -]?(\p{L}+)(?=\s|$)(?! (?:the|these|those|them|it|its|each|your)\b)/giu;

function linesOfSentence(written: string, options: LineOptions): string[] {
  const text = withUnitsSaid(written, options);
  const lines: string[] = [];
  const starts =
    /(?<=^|[\s(,;])(?=\d|(?:half|an?|one|two|three|four|five|six|eight|ten|a few|a couple|juice|zest)\b)/gi;
  let end = 0;
  for (const { index } of text.matchAll(starts)) {
    if (index < end) continue;
    const line = lineAt(text.slice(index), options);
    if (!line) continue;
    lines.push(line);
    end = index + line.length;
  }
  return lines;
}

/** Where other work begins: "250 g tomatoes and dice 1 cucumber". */
function nextWork(clause: string): number | undefined {
  const next = verbsSaid(clause).find(
    ({ at, form }) => form === 'do' && clause.slice(0, at).endsWith(' and '),
  );
  return next && next.at - ' and '.length;
}

/** "A peach and mozzarella salad" is what is made, not what goes in. */
function isDish(clause: string): boolean {
  const name = /^[^.;:,()]*?(?=\b(?:for|with|of|from|that|which|is|are)\b|[.;:,()]|$)/i.exec(clause)![0];
  return kindsOfDish.some((is) => is(name));
}

const kindsOfDish = ['kind salad', 'kind dressing', 'kind dip'].map((kind) => rowCues.has(kind));

/** The longest line that begins a text and whose food is known or asked about by its own name. */
function lineAt(text: string, options: LineOptions): string | null {
  // "Half the dill" is a share of what another line has.
  if (shareOfNamed.test(text)) return null;
  const amount = readAmount(text, options);
  const byProduct = /^(?:the )?(?:juice|zest) of /i.exec(text);
  const length = byProduct?.[0].length ?? amount?.length;
  const isCounted = amount?.unitWritten !== true && byProduct === null;
  if (length === undefined || notFood.test(text.slice(length).trim())) return null;
  if (isCounted && isDish(text.slice(length))) return null;
  const clause = /^[^.;:,()]*/.exec(text.slice(length))![0];
  const rest = clause.slice(0, nextWork(clause)).replace(/^ of (?:(?:that|this|those|these) )?/i, ' ');
  const words = rest.trim().split(/\s+/).filter(Boolean).slice(0, longestName);
  for (let count = words.length; count > 0; count--) {
    if (joining.test(words[count - 1]!)) continue;
    const line = `${text.slice(0, length).trim()} ${words.slice(0, count).join(' ')}`;
    const reading = parseIngredientLine(line, options);
    if (reading.ingredient !== null && reading.amount !== null && reading.unread === '') return line;
  }
  const end = words.findIndex((word) => joining.test(word));
  const name = words.slice(0, Math.min(2, end < 0 ? words.length : end)).join(' ');
  return amount?.unitWritten && name !== '' ? `${text.slice(0, length).trim()} ${name}` : null;
}
