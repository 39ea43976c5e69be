import { type Amount, toNumber, unitName } from '../amounts/index.js';
import type { LocalDate } from '../identity/index.js';
import { ingredientName, type Larder } from '../larder/index.js';
import { parseIngredientLine } from '../recipes/index.js';
import { capital, type English } from '../words/index.js';
import { showRational } from '../amounts/index.js';
import type { StockItem } from '../shopping/index.js';
import { cellText, readCsv, writeCsv } from './csv.js';
import type { CsvRowReport } from './larder-csv.js';

/** Something in the cupboard, and what was noted of it. */
export interface StockRow extends StockItem {
  readonly note: string;
}

interface StockLine {
  readonly ingredient: string;
  readonly amount: Amount;
  readonly state: string;
}

/** What was written as stock: an ingredient, how much, and its state; or why it cannot be taken. */
export function readStockLine(text: string, larder: Larder): StockLine | { readonly problem: string } {
  // A dash before a figure is a mark of a list in a recipe; here it is a minus.
  if (/^\s*[-−–]\s*[\d½⅓¼]/.test(text))
    return { problem: 'There cannot be less than nothing: write how much is there.' };
  const { amount, unit, ingredient, unread, preparation } = parseIngredientLine(text, {
    system: 'metric',
    larder,
  });
  if (amount && unit && ingredient)
    return { ingredient, amount: { ...amount, unit }, state: preparation.join(', ').slice(0, 40) };
  return {
    problem: unread ? `${capital(unread)}.` : 'Write an amount and an ingredient, such as 500 g farro.',
  };
}

/** What is in the cupboard, a row each: as it is written in a recipe, its state, its date and its note. */
export function writeStockCsv(
  stock: readonly StockRow[],
  { larder, english }: { larder: Larder; english: English },
): string {
  const rows = stock.map(({ ingredient, amount, state, useBy, note }) => {
    const known = larder.ingredients.get(ingredient);
    const unit = unitName(amount.unit, toNumber(amount.high));
    const name = known ? ingredientName(known, english) : ingredient;
    return [[showRational(amount.low), unit, name].filter(Boolean).join(' '), state, useBy ?? '', note];
  });
  return writeCsv(['what', 'state', 'use by', 'note'], rows);
}

export interface StockCsvReading {
  readonly rows: readonly StockRow[];
  readonly report: readonly CsvRowReport[];
  /** Why the whole file was refused; empty where it was read. */
  readonly refused: string;
}

const mostRows = 500;

/** Reads stock: "what" as in a recipe, and where they are there "state", "use by" and "note". */
export function readStockCsv(text: string, larder: Larder): StockCsvReading {
  const { data, refused } = readCsv(text, ['what'], mostRows);
  const rows: StockRow[] = [];
  const report = data.map((cells, index): CsvRowReport => {
    const what = cellText(cells.what);
    const read = readRow(what, cells, larder);
    if ('problem' in read) return { row: index + 2, what, refused: read.problem };
    rows.push(read);
    return { row: index + 2, what, refused: '' };
  });
  return { rows, report, refused };
}

function readRow(
  what: string,
  cells: Readonly<Record<string, string | undefined>>,
  larder: Larder,
): StockRow | { readonly problem: string } {
  const line = readStockLine(what, larder);
  if ('problem' in line) return line;
  const useBy = cellText(cells['use by']);
  if (useBy && !isDate(useBy)) return { problem: 'Write its date as 2026-11-27, or leave it empty.' };
  const state = cellText(cells.state) || line.state;
  if (state.length > 40) return { problem: 'Keep the state under 40 characters.' };
  const note = cellText(cells.note);
  if (note.length > 120) return { problem: 'Keep the note under 120 characters.' };
  return { ...line, state, useBy: useBy ? (useBy as LocalDate) : null, note };
}

/** A day that there is: 2026-02-30 is none. */
function isDate(text: string): boolean {
  if (!/^\d{4}-\d{2}-\d{2}$/.test(text)) return false;
  const time = Date.parse(`${text}T00:00Z`);
  return !Number.isNaN(time) && new Date(time).toISOString().startsWith(text);
}
