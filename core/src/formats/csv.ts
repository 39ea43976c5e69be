import Papa from 'papaparse';

type Cell = string | number;

/**
 * A table for spreadsheets: UTF-8 with the mark that they know it by, and cells that they would take for a
 * formula as text.
 */
export function writeCsv(fields: readonly string[], rows: readonly (readonly Cell[])[]): string {
  const text = Papa.unparse(
    { fields: [...fields], data: rows.map((row) => [...row]) },
    { newline: '\r\n', escapeFormulae: true },
  );
  return `\ufeff${text}`;
}

interface Read {
  readonly data: readonly Readonly<Record<string, string | undefined>>[];
  /** Why the file cannot be read; empty where it can. */
  readonly refused: string;
}

/** The rows of a file by the names in its first row, in small letters; those must be there. */
export function readCsv(text: string, columns: readonly string[], most: number): Read {
  const { data, meta } = Papa.parse<Record<string, string | undefined>>(text.replace(/^\ufeff/, ''), {
    header: true,
    skipEmptyLines: 'greedy',
    transformHeader: (header) => header.trim().toLowerCase(),
  });
  const missing = columns.filter((column) => !meta.fields?.includes(column));
  const named = columns.length === 1 ? 'the column' : 'the columns';
  if (missing.length > 0)
    return {
      data: [],
      refused: `The first row must name ${named} ${inQuotes(columns)}; ` + `${inQuotes(missing)} is missing.`,
    };
  if (data.length > most)
    return {
      data: [],
      refused: `This file has ${data.length} rows, more than the ${most} that are read at once.`,
    };
  return { data, refused: '' };
}

function inQuotes(names: readonly string[]): string {
  const quoted = names.map((name) => `“${name}”`);
  return quoted.length < 2
    ? quoted.join('')
    : `${quoted.slice(0, -1).join(', ')} and ${quoted[quoted.length - 1]!}`;
}

/** What a cell says, without the mark that keeps it from being a formula. */
export function cellText(cell: string | undefined): string {
  return (cell ?? '').trim().replace(/^'(?=[=+\-@])/, '');
}
