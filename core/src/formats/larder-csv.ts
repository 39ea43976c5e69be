import Papa from 'papaparse';
import { cellText, writeCsv } from './csv.js';
import { calledKey, isSaid, mayContainKey, ownRows, withSaid } from './larder-csv-own.js';
import {
  atName,
  figureProblem,
  figuresOf,
  moneyProblem,
  ownIngredientId,
  sections,
  type Larder,
  type LarderEntry,
  type OwnIngredient,
  type Section,
} from '../larder/index.js';

const columns = ['ingredient', 'name', 'section', 'figure', 'value', 'unit', 'source'] as const;

/**
 * What became of one row of a file: taken, or refused with the reason. Rows are counted from 2, as a
 * spreadsheet shows them.
 */
export interface CsvRowReport {
  readonly row: number;
  readonly what: string;
  readonly refused: string;
}

export interface LarderCsvReading {
  /** The entries as they would stand: what was there with what was taken over it. */
  readonly entries: readonly LarderEntry[];
  /** Ids of the entries that changed. */
  readonly changed: readonly string[];
  readonly report: readonly CsvRowReport[];
  /** Why the whole file was refused; empty where it was read. */
  readonly refused: string;
}

/** The most rows that are read from one file. */
export const mostCsvRows = 20_000;

/**
 * Every figure of the larder, a row each, with its source. Cells that a spreadsheet would take for a formula
 * are marked as text.
 */
export function writeLarderCsv(larder: Larder, entries: readonly LarderEntry[] = []): string {
  const calledById = new Map(entries.map(({ ingredient, called = [] }) => [ingredient, called]));
  const rows = [...larder.ingredients.values()].flatMap((item) => {
    const called = calledById.get(item.id) ?? [];
    const said = [
      ...ownRows(item),
      ...(called.length > 0 ? [[calledKey, called.join('; ')] as const] : []),
      ...(item.mayContain?.length ? [[mayContainKey, item.mayContain.join('; ')] as const] : []),
    ];
    return [
      ...said.map(([key, value]) => [key, value, '', 'measured'] as const),
      ...figuresOf(item).map(({ key, value, unit, source }) => [key, value, unit, source] as const),
    ].map((row) => [item.id, item.names.uk, item.section, ...row]);
  });
  return writeCsv(columns, rows);
}

/**
 * Reads a larder file. A row names an ingredient by its id or a name, a figure by its key, and its value; a
 * name that the larder does not have makes an ingredient of the kitchen's own where a section stands beside
 * it. A value that is the standard one already is passed over.
 */
export function readLarderCsv(
  text: string,
  larder: Larder,
  before: readonly LarderEntry[],
  currency = 'GBP',
): LarderCsvReading {
  const empty = { entries: before, changed: [], report: [] };
  const { data, meta } = Papa.parse<Record<string, string | undefined>>(text.replace(/^\ufeff/, ''), {
    header: true,
    skipEmptyLines: 'greedy',
    transformHeader: (header) => header.trim().toLowerCase(),
  });
  const missing = ['figure', 'value'].filter((column) => !meta.fields?.includes(column));
  if (missing.length > 0 || !meta.fields?.some((field) => field === 'ingredient' || field === 'name'))
    return {
      ...empty,
      refused:
        'The first row must name the columns “ingredient” or “name”, “figure” and ' +
        `“value”${missing.length > 0 ? `; “${missing.join('” and “')}” is missing` : ''}.`,
    };
  if (data.length > mostCsvRows)
    return {
      ...empty,
      refused: `This file has ${data.length} rows, more than the ${mostCsvRows} that are read at once.`,
    };
  const entries = new Map(before.map((entry) => [entry.ingredient, entry]));
  const changed = new Set<string>();
  const report = data.map((cells, index) =>
    takeRow({ row: index + 2, cells, larder, entries, changed, currency }),
  );
  return { entries: [...entries.values()], changed: [...changed], report, refused: '' };
}

interface RowInput {
  readonly row: number;
  readonly cells: Readonly<Record<string, string | undefined>>;
  readonly larder: Larder;
  readonly entries: Map<string, LarderEntry>;
  readonly changed: Set<string>;
  readonly currency: string;
}

function takeRow({ row, cells, larder, entries, changed, currency }: RowInput): CsvRowReport {
  const cell = (name: string) => cellText(cells[name]);
  const written = cell('ingredient') || cell('name');
  const key = cell('figure');
  const what = [written, key, cell('value')].filter(Boolean).join(', ');
  const refused = (reason: string): CsvRowReport => ({ row, what, refused: reason });
  if (!written) return refused('No ingredient is named.');
  const id =
    entries.has(written) || larder.ingredients.has(written)
      ? written
      : (atName(larder.names, written) ?? ownIngredientId(cell('name') || written, larder));
  const isKnown = larder.ingredients.has(id) || entries.has(id);
  const section = cell('section') as Section;
  if (!isKnown && !sections.includes(section))
    return refused(`“${written}” is not in the larder; give its shop section to add it.`);
  const own = isKnown ? (entries.get(id)?.own ?? null) : newOwn(cell('name') || written, section);
  const entry = entries.get(id) ?? { ingredient: id, figures: {}, own };
  if (isSaid(key)) {
    const said = withSaid(entry, key, cell('value'));
    if (typeof said === 'string') return refused(said);
    if (JSON.stringify(said) !== JSON.stringify(entries.get(id))) changed.add(id);
    entries.set(id, said);
    return { row, what, refused: '' };
  }
  const money = key.startsWith('price') ? moneyProblem(`${cell('value')} ${cell('unit')}`, currency) : '';
  if (money) return refused(money);
  const value = Number(
    cell('value')
      .replace(/[£€$¥]/g, '')
      .trim()
      .replace(',', '.'),
  );
  if (cell('value') === '') return refused('No value is given.');
  const problem = figureProblem(key, value);
  if (problem) return refused(problem);
  if (
    cell('source') !== 'measured' &&
    figuresOf(larder.ingredients.get(id) ?? emptyIngredient).some(
      (figure) => figure.key === key && figure.value === value,
    )
  )
    return { row, what, refused: '' };
  if (entry.figures[key] !== value) {
    entries.set(id, { ...entry, figures: { ...entry.figures, [key]: value } });
    changed.add(id);
  }
  return { row, what, refused: '' };
}

/** An ingredient of the kitchen's own, of which a file has said no more yet: its allergens are not known. */
function newOwn(name: string, section: Section): OwnIngredient {
  return {
    name,
    section,
    shoppingUnit: 'g',
    packSize: 100,
    packName: 'loose',
    allergens: [],
    allergensNotKnown: true,
  };
}

const emptyIngredient = {
  id: '',
  names: { uk: '', us: '', also: [] },
  section: 'other',
  shoppingUnit: 'g',
  packs: [],
  countGrams: {},
  densities: {},
  yields: {},
  keepingDays: {},
  allergens: [],
  scaling: 'linear',
  seasonMonths: [],
  diet: { vegetarian: true, vegan: true, pork: false },
  cautions: [],
  substitutes: [],
} as const;
