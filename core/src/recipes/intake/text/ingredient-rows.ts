import { verbsSaid } from '../../../language/index.js';
import type { LineReading, RecipeComponent } from '../../types.js';
import type { LineOptions } from '../line/amount.js';
import { readAmount } from '../line/amount.js';
import { parseIngredientLine } from '../line/line.js';
import { plainSpelling } from '../line/numbers.js';
import { rowCues } from '../row-cues.js';
import { componentNamed, roleOf } from './headings.js';
import { listedFoods } from './prose.js';
import { separate } from './several-foods.js';

interface FoundLine {
  readonly reading: LineReading;
  component: string;
  /** The last work that was told before it; absent where none was. */
  behind?: string;
}

/** Lines and the components that they stand under, as they are found. */
export interface FoundLines {
  readonly components: RecipeComponent[];
  readonly lines: FoundLine[];
}

/** What lists begin their rows with; pictures and arrows too. */
export const bullet = new RegExp(
  String.raw`^(?:[-*+•·▪◦‣–→➤➜▸▹►»✓✔]|[▢□☐☑]|\[[ xX]?\]|` +
    String.raw`(?:\p{Extended_Pictographic}|\p{Emoji_Modifier}|\u200d|\uFE0F)+)\s*`,
  'u',
);

export function openComponent({ components }: FoundLines, name: string): void {
  const title = name.charAt(0).toUpperCase() + name.slice(1);
  components.push({ id: `c${components.length + 1}`, name: title, role: roleOf(title) });
}

/** Said before the first of a list: "You need 500 g spinach". */
const leadIn = rowCues.at('you need');

/** "Then a green chilli", "plus 2 limes": a told list goes on. */
const goesOn =
  /^(?:(?:and|then|plus|also|with)\b,? )+(?=\d|an? |half |one |two |three |four |some |the juice )/i;

/** A told list without the words by which it goes on. */
export const withoutGoesOn = (row: string) => row.replace(goesOn, '');

/** A row without the words that only lead to its food. */
export function withoutLead(written: string): string {
  const row = written.replace(goesOn, '');
  const place = leadIn(row);
  const rest = place?.[0] === 0 ? row.slice(place[1]).replace(/^:? +/, '') : '';
  return rest || row;
}

/** Reads one row of ingredients into the component that is open; a first one is opened by `usual`. */
export function addLine(found: FoundLines, row: string, usual: string, options: LineOptions): void {
  if (found.components.length === 0) openComponent(found, usual);
  const component = found.components[found.components.length - 1]!.id;
  for (const line of separate(
    withoutLead(row.replace(bullet, '')).replace(/\bs ?(?:&|and|\+) ?p\b/i, 'salt and pepper'),
    options,
  ))
    found.lines.push({ reading: parseIngredientLine(line, options), component });
}

/** "Dressing: 2 tbsp vinegar, 1 tsp mustard" opens a part and fills it. */
const partInRow = /^(?:for (?:the )?|the )?([\p{L}][\p{L}' -]{2,30}?)(?::| is| are| =| [-–])\s+(\S.*)$/iu;

/** Whether a sentence is a part with its foods: "For the dressing: 2 tbsp oil, 1 tsp mustard." */
export function isPartWithFoods(row: string, options: LineOptions): boolean {
  const list = partInRow.exec(row)?.[2];
  return list !== undefined && listedFoods(list.replace(/\.$/, ''), options).length > 1;
}

/** One row of ingredients, or of a part with all that goes in it. */
export function addRow(found: FoundLines, row: string, usual: string, options: LineOptions): void {
  const [, name, list] = partInRow.exec(row.replace(bullet, '')) ?? [];
  const foods = list ? listedFoods(list, options) : [];
  if (foods.length < 2) return addLine(found, row, usual, options);
  openComponent(found, name!);
  for (const food of foods) addLine(found, food, usual, options);
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

/**
 * A table that was pasted has its cells in rows: "200 g", then "feta". They are one line again. A row that is
 * whole stays as it is.
 */
export function joinedRows(
  rows: readonly string[],
  options: LineOptions,
  isWhole: (row: string) => boolean = () => false,
): string[] {
  const joined: string[] = [];
  let amount = '';
  for (const written of rows.flatMap((row) => (isWhole(row) ? row : cellsOf(row, options)))) {
    const row = written.replace(/\s*[|\t]+\s*/g, ' ').trim();
    if (amount) {
      if (isFact(row) || isWhole(row)) joined.push(amount, row);
      else joined.push(`${amount} ${row}`);
      amount = '';
    } else if (!isWhole(row) && isOnlyAmount(row, options)) amount = row;
    else joined.push(row);
  }
  return amount ? [...joined, amount] : joined;
}

/** Things in one row between bars, each with its amount, are a row each; cells of one thing are not. */
function cellsOf(row: string, options: LineOptions): string[] {
  const isMeasured = (cell: string) =>
    readAmount(plainSpelling(cell), options) !== null && !isOnlyAmount(cell, options);
  const isFood = (cell: string) => {
    const { amount, ingredient } = parseIngredientLine(cell, options);
    return amount !== null && ingredient !== null;
  };
  return (
    cellsBetween(row, /\s*[|•·]\s*/, isMeasured) ??
    cellsBetween(row, /;\s+/, isFood) ??
    (row.includes(':') ? null : cellsBetween(row, /\s+\/\s+/, isFood)) ??
    cellsBetween(row, /\.\s+/, isFood) ??
    // "1 cucumber, 400 g yoghurt, 1 clove garlic"; what begins with work is no list.
    (isFood(row.split(', ', 1)[0]!) ? cellsBetween(row, /,\s+(?:and\s+)?/, isFood) : null) ??
    (separate(row, options).length === 1 ? countedCells(row) : null) ?? [row]
  );
}

/** A kitchen's own short hand is a list by its look: "2 yolks, 1 tbsp dijon, 250 rapeseed, 40g parm, s+p". */
function countedCells(row: string): string[] | null {
  const cells = row.split(/,\s+/);
  const counted = cells.filter((cell) => /^\d/.test(cell) && cell.split(' ').length <= mostOfCell);
  const isWork = (cell: string) => {
    const [first] = verbsSaid(cell);
    return first?.at === 0 && first.form === 'do' && first.verb.also !== 'food';
  };
  return cells.length > fewestCells &&
    counted[0] === cells[0] &&
    counted.length * 2 >= cells.length &&
    !cells.some(isWork)
    ? cells
    : null;
}
const mostOfCell = 7;

/** The cells of a row between some mark, where most of them are lines; null where they are not. */
function cellsBetween(row: string, mark: RegExp, isLine: (cell: string) => boolean): string[] | null {
  const cells = row.split(mark).filter(Boolean);
  return cells.length >= fewestCells && cells.filter(isLine).length * 2 > cells.length ? cells : null;
}
const fewestCells = 3;

/** Rows that no amount stands before. */
const isFactRow = rowCues.starts('no line');
const isFact = (row: string) => row.startsWith('#') || isFactRow(row);

function isOnlyAmount(row: string, options: LineOptions): boolean {
  const plain = plainSpelling(row);
  if (plain.length > 20 || !/\d/.test(plain) || /^\d{1,2}[.)]$/.test(plain)) return false;
  return readAmount(plain, options)?.length === plain.length;
}
