/** A cell ends at a tab, a bar, or several blanks. */
const betweenCells = /\s*\|\s*|\t+|\s{2,}/;
const rule = /^[\s|:+-]+$/;
/** Fewer rows are no table. */
const fewestRows = 3;

type Column = 'food' | 'amount' | 'unit' | 'note' | 'share' | 'skip';

const columns: readonly (readonly [Column, RegExp])[] = [
  ['food', /^(?:ingredients?|items?|food|product|what|name)$/i],
  ['unit', /^(?:units?|uom|measure)$/i],
  ['share', /^(?:%|percent(?:age)?|ratio|parts?)$/i],
  ['amount', /^(?:amounts?|qty|quantity|quantities|weight|how much)(?: ?\(.*\))?$/i],
  ['note', /^(?:notes?|prep(?:aration)?|method|cut|state|remarks?)$/i],
  ['skip', /^(?:price|cost|supplier|code|no\.?|#|allergens?|\d+ ?(?:covers|pax|portions))$/i],
];
const unitOfHead = /^(?:.*\()?(g|kg|ml|l|grams?|oz|lb)\)?$/i;

interface Head {
  readonly column: Column;
  /** A column under "g" has grams. */
  readonly unit: string;
}

/**
 * Rows of a table as one line each, "480 g buttermilk, note": by the names of its columns where it has them.
 * Other rows stay as they are.
 */
export function withoutTables(rows: readonly string[]): string[] {
  const found: string[] = [];
  let at = 0;
  while (at < rows.length) {
    const table = tableAt(rows, at);
    if (table) found.push(...table.lines);
    else found.push(...(at < rowsOfHead ? factsApart(rows[at]!) : [rows[at]!]).flatMap(columnsApart));
    at += table?.rows ?? 1;
  }
  return found;
}

/** Facts between bars stand at the head of a text: "SQUASH SALAD | PORTIONS 20 | ALLERGENS: milk". */
const rowsOfHead = 4;
const isFactCell =
  /^(?:serves|servings?|portions?|prep|cook|total|time|yields?|makes|allergens?|feeds|covers)\b/i;

function factsApart(row: string): string[] {
  const cells = row.split(/\s+\|\s+/).map((cell) => cell.trim());
  return cells.length > 1 && cells.slice(1).every((cell) => isFactCell.test(cell)) ? cells : [row];
}

/** Two lists side by side, with wide gaps between them. */
const wideGap = /\t+| {3,}/;
const startsLine = /^(?:[\d½¼¾⅓⅔]|an? |half |one |two |three |four |small |large |[-*•] )/i;

/** "1 can chickpeas      1 red onion" in a row is a row each; "EGG SALAD      PORTIONS: 25" too. */
function columnsApart(row: string): string[] {
  const cells = row.split(wideGap).map((cell) => cell.trim());
  const isSeveral =
    cells.length > 1 &&
    (cells.every((cell) => startsLine.test(cell)) || cells.slice(1).every((cell) => isFactCell.test(cell)));
  return isSeveral ? cells : [row];
}

const cellsBy = (between: RegExp) => (row: string) =>
  row
    .trim()
    .replace(/^\||\|$/g, '')
    .split(between)
    .map((cell) => cell.trim());

/** "ITEM – QTY – PREP": dashes between cells. */
const betweenDashes = /\s+[–—-]\s+/;

function tableAt(rows: readonly string[], at: number): { lines: string[]; rows: number } | null {
  const cellsOf = [betweenCells, betweenDashes].map(cellsBy).find((cells) => headOf(cells(rows[at]!)));
  const head = cellsOf && headOf(cellsOf(rows[at]!));
  if (!head) return null;
  const end = rows.findIndex((row, index) => index > at && !rule.test(row) && cellsOf(row).length < 2);
  const body = rows.slice(at + 1, end < 0 ? undefined : end).filter((row) => !rule.test(row));
  if (body.length < fewestRows) return null;
  const lines = body.flatMap((row) => lineOf(cellsOf(row), head));
  return { lines, rows: (end < 0 ? rows.length : end) - at };
}

/** The columns of a row of names; null where it names no food and no amount. */
function headOf(cells: readonly string[]): readonly Head[] | null {
  if (cells.length < 2) return null;
  const head = cells.map((cell): Head => {
    const column = columns.find(([, names]) => names.test(cell))?.[0];
    const unit = unitOfHead.exec(cell)?.[1] ?? '';
    return { column: column ?? (unit ? 'amount' : 'skip'), unit };
  });
  const has = (wanted: Column) => head.some(({ column }) => column === wanted);
  return has('food') && has('amount') ? head : null;
}

/** A unit that counts. */
const onePiece = /^(?:each|ea|pcs?|pieces?|no|nr|unit|count)\.?$/i;

function lineOf(cells: readonly string[], head: readonly Head[]): string[] {
  const of = (wanted: Column) =>
    cells.find((cell, index) => head[index]?.column === wanted && cell !== '') ?? '';
  const food = of('food');
  const amountAt = cells.findIndex((cell, index) => head[index]?.column === 'amount' && cell !== '');
  const amount = cells[amountAt] ?? '';
  const isSum = /^(?:total|sum|yield)\b/i.test(food);
  if (food === '' || isSum) return [];
  const unit =
    of('unit').replace(onePiece, '') || (/[a-z]/i.test(amount) ? '' : (head[amountAt]?.unit ?? ''));
  const line = [amount, unit, food].filter(Boolean).join(' ');
  return [[line, of('note')].filter(Boolean).join(', ')];
}
