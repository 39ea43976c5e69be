import { verbsSaid } from '../../language/index.js';
import { parseIngredientLine } from '../intake/line/line.js';
import type { LineOptions } from '../intake/line/amount.js';
import { isIngredientsHeading, isMethodHeading, isNotesHeading } from '../intake/text/headings.js';
import { bullet } from '../intake/text/ingredient-rows.js';
import { isTimeRow } from '../intake/text/fact-rows.js';
import { separate } from '../intake/text/several-foods.js';
import { isPeopleRow, peopleAtEnd } from '../intake/text/servings.js';
import { isListedWork } from '../intake/text/work-rows.js';
import { rowCues } from '../intake/row-cues.js';

/** The rows of each dish of a text, and how sure it is that they are several. */
export interface Dishes {
  readonly dishes: readonly (readonly string[])[];
  /** A later title has nothing of its own that only a dish has: it may be a part of the first. */
  readonly isUnsure: boolean;
}

const longestTitleWords = 9;
/** So many rows under a title may be its story. */
const rowsOfStory = 3;
/** A dish has at least so many measured lines. */
const fewestLines = 2;
const isPartOnly = rowCues.is('part', { before: String.raw`(?:for )?(?:the |[a-z-]+ ){0,1}` });
const startsWithMakes = rowCues.starts('makes or yields');
const numberOf =
  /^(?:#+ *)?(?:recipe|dish|no\.?|number)? ?#?(?:\d{1,2}|one|two|three|four|five)[.:)]? +(?=\p{L})/iu;
const endOfSentence = /[.!?;,:]$/;

/**
 * Cuts the rows of a text at each later title: a short row behind work, with lines of its own and work of its
 * own under it. "For the dressing", with both, is a part of its dish unless it says for how many it is.
 */
export function dishesOf(rows: readonly string[], options: LineOptions): Dishes {
  const kinds = rows.map((row) => kindOfRow(row, options));
  const starts: number[] = [];
  let isUnsure = false;
  rows.forEach((row, index) => {
    const from = starts.at(-1) ?? 0;
    const before = kinds.slice(from, index);
    if (index === 0 || kinds[index] !== 'other') return;
    const isSure = says(rows, kinds, index);
    const hasDish =
      linesOf(before, rows.slice(from, index), options) >= (isSure ? 1 : fewestLines) &&
      before.includes('work');
    if (!hasDish) return;
    if (!mayBeTitle(row) || (!isSure && !row.startsWith('#') && isFoods(row, options))) return;
    const own = ownBlock(kinds, index);
    if (linesOf(own, rows.slice(index + 1), options) < fewestLines || !own.includes('work')) return;
    if (!isSure && isPartOnly(row)) return;
    isUnsure ||= !isSure;
    starts.push(index);
  });
  const cuts = [0, ...starts, rows.length];
  return {
    dishes: cuts.slice(1).map((end, index) => rows.slice(cuts[index], end)),
    isUnsure,
  };
}

type RowKind = 'line' | 'work' | 'heading' | 'people' | 'other';

function kindOfRow(row: string, options: LineOptions): RowKind {
  if (isIngredientsHeading(row) || isMethodHeading(row) || isNotesHeading(row)) return 'heading';
  if (isTimeRow(row)) return 'heading';
  if (isPeopleRow(row) || startsWithMakes(row)) return 'people';
  const bare = row.replace(bullet, '').replace(/^(?:step )?\d{1,2}[.):] +/i, '');
  if (bare !== row && isListedWork(bare, options)) return 'work';
  if (parseIngredientLine(row, options).amount !== null && !/[.!]$/.test(row)) return 'line';
  return isListedWork(bare, options) || saysWork(bare) ? 'work' : 'other';
}

/** A sentence that does something to something. */
const saysWork = (row: string) =>
  /[.!]$/.test(row) && row.split(' ').length > 3 && verbsSaid(row).some(({ form }) => form === 'do');

/** How many foods the rows list, several in one or not. */
function linesOf(kinds: readonly RowKind[], rows: readonly string[], options: LineOptions): number {
  return kinds.reduce(
    (count, kind, at) => count + (kind === 'line' ? separate(rows[at]!, options).length : 0),
    0,
  );
}

function mayBeTitle(row: string): boolean {
  const title = row.replace(/^#+ */, '');
  const isShort = title.split(/\s+/).length <= longestTitleWords && !endOfSentence.test(title);
  return isShort && !bullet.test(row) && /^[#\p{Lu}\d]/u.test(row);
}

/** Foods by their names are a line: "small red onion and a fistful of parsley". */
function isFoods(row: string, options: LineOptions): boolean {
  return separate(row, options).every((food) => parseIngredientLine(food, options).ingredient !== null);
}

/** What stands under a title, up to the next one behind work. */
function ownBlock(kinds: readonly RowKind[], title: number): readonly RowKind[] {
  const lines = kinds.findIndex((kind, at) => at > title && kind === 'line');
  return lines < 0 || lines - title > rowsOfStory + 1 ? [] : kinds.slice(title + 1);
}

/** A title with its own number, its own servings or its own list is that of a dish. */
function says(rows: readonly string[], kinds: readonly RowKind[], title: number): boolean {
  const under = kinds.slice(title + 1, title + 1 + rowsOfStory);
  const isList = rows.slice(title + 1, title + 1 + rowsOfStory).some((row) => isIngredientsHeading(row));
  return (
    numberOf.test(rows[title]!) || peopleAtEnd(rows[title]!) !== null || under.includes('people') || isList
  );
}
