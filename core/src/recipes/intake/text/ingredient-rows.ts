import type { LineReading, RecipeComponent } from '../../types.js';
import type { LineOptions } from '../line/amount.js';
import { readAmount } from '../line/amount.js';
import { parseIngredientLine } from '../line/line.js';
import { isKnownName } from '../line/names.js';
import { plainSpelling } from '../line/numbers.js';
import { componentNamed, roleOf } from './headings.js';

/** Lines and the components that they stand under, as they are found. */
export interface FoundLines {
  readonly components: RecipeComponent[];
  readonly lines: { readonly reading: LineReading; readonly component: string }[];
}

export const bullet = /^(?:[-*+•·▪◦‣]|[▢□☐☑]|\[[ xX]?\])\s*/u;

export function openComponent({ components }: FoundLines, name: string): void {
  const title = name.charAt(0).toUpperCase() + name.slice(1);
  components.push({ id: `c${components.length + 1}`, name: title, role: roleOf(title) });
}

/** Reads one row of ingredients into the component that is open; a first one is opened by `usual`. */
export function addLine(found: FoundLines, row: string, usual: string, options: LineOptions): void {
  if (found.components.length === 0) openComponent(found, usual);
  const component = found.components[found.components.length - 1]!.id;
  for (const line of separate(row.replace(bullet, ''), options))
    found.lines.push({ reading: parseIngredientLine(line, options), component });
}

/** Reads a list of ingredients, with the headings that stand between them. */
export function addLines(
  found: FoundLines,
  rows: readonly string[],
  usual: string,
  options: LineOptions,
): void {
  const whole = joinedRows(rows, options);
  whole.forEach((row, index) => {
    const component = componentNamed(row, whole[index + 1], options);
    if (component) openComponent(found, component);
    else addLine(found, row, usual, options);
  });
}

/** A table that was pasted has its cells in rows: "200 g", then "feta". They are one line again. */
export function joinedRows(rows: readonly string[], options: LineOptions): string[] {
  const joined: string[] = [];
  let amount = '';
  for (const written of rows) {
    const row = written.replace(/\s*[|\t]+\s*/g, ' ').trim();
    if (amount) {
      if (isFact.test(row)) joined.push(amount, row);
      else joined.push(`${amount} ${row}`);
      amount = '';
    } else if (isOnlyAmount(row, options)) amount = row;
    else joined.push(row);
  }
  return amount ? [...joined, amount] : joined;
}

/** Rows that no amount stands before. */
const isFact = /^(?:#|serv|makes?\b|yield|feeds|for \d|ingredients|method|prep|cook|total)/i;

function isOnlyAmount(row: string, options: LineOptions): boolean {
  const plain = plainSpelling(row);
  if (plain.length > 20 || !/\d/.test(plain) || /^\d{1,2}[.)]$/.test(plain)) return false;
  return readAmount(plain, options)?.length === plain.length;
}

/** Two bare names are short; a sentence is not taken apart. */
const longestTogether = 60;
const longestEach = 160;

/**
 * "Salt and pepper, to taste" becomes two lines, "1/2 tsp each: cumin, paprika" as many as it names: no
 * amount is lost by it, and each is bought for itself.
 */
function separate(row: string, options: LineOptions): string[] {
  const each = eachOf(row, options);
  if (each) return each;
  if (row.length > longestTogether) return [row];
  const match = /^([^\d,;:()]+?) (?:and|&) ([^\d,;:()]+?)((?:,? (?:to taste|as needed|to season))?)$/i.exec(
    row,
  );
  if (!match || parseIngredientLine(row, options).ingredient !== null) return [row];
  const parts = [`${match[1]!}${match[3]!}`, `${match[2]!}${match[3]!}`];
  return parts.every((part) => parseIngredientLine(part, options).ingredient !== null) ? parts : [row];
}

function eachOf(row: string, options: LineOptions): string[] | null {
  if (row.length > longestEach) return null;
  const match = /^(.{1,30}?)(?: of)? each(?: of)?:? (.+)$/i.exec(row);
  if (!match || readAmount(plainSpelling(match[1]!), options)?.length !== plainSpelling(match[1]!).length)
    return null;
  const names = match[2]!.split(/\s*(?:,|;| and | & )\s*/).filter(Boolean);
  const head = names[names.length - 1]!.split(' ').pop()!;
  const whole = names.map((name) =>
    isKnownName(`${name} ${head}`, options.larder) && !name.endsWith(head) ? `${name} ${head}` : name,
  );
  return names.length > 1 ? whole.map((name) => `${match[1]!} ${name}`) : null;
}
