import type { ComponentRole } from '../../types.js';
import type { LineOptions } from '../line/amount.js';
import { folded } from '../../../language/index.js';
import { parseIngredientLine } from '../line/line.js';
import { rowCues } from '../row-cues.js';

/** In the languages that recipes come in, so that at least their parts are found. */
export const isIngredientsHeading = rowCues.is('ingredients', {
  behind:
    String.raw`(?: \(.{0,100}\))?(?: (?:for|fu?e?r|pour|para|per|voor) (?:\d.{0,100}|` +
    String.raw`(?:the )?(?:two|three|four|five|six|eight|ten|twelve)(?: of us| people)?))?`,
});
export const isMethodHeading = rowCues.is('method', { behind: String.raw`(?: \(.{0,100}\))?` });
export const isNotesHeading = rowCues.is('notes');
const withColon = /^(?:#+ *)?(?:for the |to make the )?([\p{L}][\p{L}\p{N},:'&() -]{1,60}):$/iu;
/** "For the dressing" is a heading without a colon too. */
const forThe = /^for (?:the |an? )?([a-z][a-z'& -]{1,30})$/i;
/** In Markdown a heading needs no colon. */
export const markedHeading = /^#{2,5} +(?:for the )?(\S.{0,60}?):?$/i;
const isPart = rowCues.is('part', { before: String.raw`(?:the |[a-z-]+ ){0,3}` });

/** "Stage 2 (paste)", "Part B". */
const stageOf =
  /^(?:stage|part|component|element|layer|phase) (?:\d|[a-d]|one|two|three|four)\b[:.]?(?: \(?([\p{L}][\p{L}' -]{2,40})\)?)?$/iu;

/**
 * The name of the component that a row opens; null where it opens none. A lone word that names a part, or
 * one in capitals, opens one only above a line with an amount.
 */
export function componentNamed(row: string, next: string | undefined, options: LineOptions): string | null {
  const stage = stageOf.exec(row);
  if (stage && next !== undefined && parseIngredientLine(next, options).amount !== null)
    return stage[1] ?? row.toLowerCase();
  const named = withColon.exec(row) ?? forThe.exec(row);
  const bare = withoutRemark(row);
  if (!named && bare !== row) return componentNamed(bare, next, options);
  if (named) return /\d ?(?:g|ml|tbsp|tsp|cups?)\b/i.test(named[1]!) ? null : named[1]!;
  const words = row.split(/\s+/).length;
  const isLoud = row === row.toUpperCase() && /\p{L}{3}/u.test(row) && !/\d/.test(row) && words <= 4;
  if (words > 5 || !(isPart(row) || isLoud) || next === undefined) return null;
  const own = parseIngredientLine(row, options);
  const isFood = own.ingredient !== null && !isPart(row);
  return !isFood && parseIngredientLine(next, options).amount !== null ? row.toLowerCase() : null;
}

/** Whether a name is that of a part: "Dressing", "For the topping". */
export const isPartNamed = (name: string): boolean => isPart(name.replace(/^for /i, ''));

/** "Ingredients.— 1 lb carrots; …", "Shopping: 6 pitta, …", "Method: grate …": a heading, and its text. */
const headBehind = /^(\p{L}[^:—–.]{2,40}?)(?:[.:]?\s?[—–]\s?|:\s+)(?=\S.{3})/u;

export function headApart(row: string): string[] {
  const [all = '', name = ''] = headBehind.exec(row) ?? [];
  return isIngredientsHeading(name) || isMethodHeading(name) ? [name, row.slice(all.length)] : [row];
}

const remark = /^([^,(\d]{3,40}?)(?:,| \(| [-–] )[^\d]*\)?$/;

/** A part has at least so many lines under its name. */
const fewestUnderName = 2;
const longestPartName = 4;

/**
 * A part that is called by its food: "Crisp shallot" above "4 banana shallots", "30 ml oil". Nothing is
 * measured in it, all under it is, and the food of its name is in the first line or the title has the name.
 */
export function partOfFood(
  rows: readonly string[],
  at: number,
  { title, options }: { readonly title: string; readonly options: LineOptions },
): string | null {
  const row = rows[at]!;
  const isName = /^[\p{Lu}][\p{L}' -]+$/u.test(row) && row.split(/\s+/).length <= longestPartName;
  if (!isName || row.split(/\s+/).length < 2) return null;
  const under = rows.slice(at + 1, at + 1 + fewestUnderName);
  const isMeasured = (line: string) =>
    parseIngredientLine(line, options).amount !== null && !/[.!]$/.test(line);
  if (under.length < fewestUnderName || !under.every(isMeasured)) return null;
  const words = (text: string) => folded(text).match(/[a-z]{4,}/g) ?? [];
  const own = words(row).map((word) => word.replace(/(?:es|s)$/, ''));
  const isIn = (text: string) => words(text).map((word) => word.replace(/(?:es|s)$/, ''));
  const last = own[own.length - 1];
  const isOfFirst = last !== undefined && isIn(under[0]!).includes(last);
  const isOfTitle = own.length > 1 && own.every((word) => isIn(title).includes(word));
  return isOfFirst || isOfTitle ? row.toLowerCase() : null;
}

/** "Dressing, make it first", "PRESSED CUCUMBER (start the evening before)": a part with a remark. */
function withoutRemark(row: string): string {
  const head = remark.exec(row)?.[1]?.trim();
  const isHead =
    head !== undefined && (isPart(head) || (head === head.toUpperCase() && /\p{Lu}{3}/u.test(head)));
  return isHead ? head : row;
}

const roles = (['dressing', 'dip', 'dippers', 'topping', 'garnish'] as const).map(
  (role) => [role, rowCues.has(`role ${role}`)] as const,
);

export function roleOf(name: string): ComponentRole {
  return roles.find(([, is]) => is(name))?.[0] ?? 'base';
}
