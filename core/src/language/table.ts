/**
 * The rows of a table as it stands in a CSV file: names of columns first, commas between cells; a cell with a
 * comma of its own stands in quotes.
 * Throws where a row has another number of cells.
 */
export function rowsOf<Column extends string>(table: string): Readonly<Record<Column, string>>[] {
  const [head, ...rows] = table.trim().split('\n');
  const columns = head!.split(',') as Column[];
  return rows.map((row) => {
    const cells = row.includes('"') ? quotedCells(row) : row.split(',');
    if (cells.length !== columns.length) throw new Error(`Not ${columns.length} cells: “${row}”.`);
    return Object.fromEntries(columns.map((column, index) => [column, cells[index]!])) as Record<
      Column,
      string
    >;
  });
}

function quotedCells(row: string): string[] {
  return [...row.matchAll(/(?:^|,)(?:"([^"]*)"|([^,]*))/g)].map(([, quoted, plain]) => quoted ?? plain ?? '');
}
