import { type KitchenFacts, type Vessel, type VesselKind, vesselKinds } from '../class/index.js';
import { cellText, readCsv, writeCsv } from './csv.js';
import type { CsvRowReport } from './larder-csv.js';

const columns = ['kind', 'name', 'count', 'millilitres', 'square centimetres'] as const;
type Counted = Pick<KitchenFacts, 'tools' | 'vessels'>;

/** Tools and vessels of a kitchen, a row each. */
export function writeKitchenCsv({ tools, vessels }: Counted): string {
  const rows = [
    ...tools.map(({ tool, count }) => ['tool', tool, count, '', '']),
    ...vessels.map(({ kind, name, count, millilitres, squareCentimetres }) => [
      kind,
      name,
      count,
      millilitres || '',
      squareCentimetres || '',
    ]),
  ];
  return writeCsv(columns, rows);
}

export interface KitchenCsvReading extends Counted {
  readonly report: readonly CsvRowReport[];
  readonly refused: string;
}

const mostRows = 500;

/**
 * Reads tools and vessels: a row of a name that is there takes its place, another is added. Impossible counts
 * and sizes are refused by row.
 */
export function readKitchenCsv(text: string, before: Counted): KitchenCsvReading {
  const { data, refused } = readCsv(text, ['kind', 'name', 'count'], mostRows);
  if (refused) return { ...before, report: [], refused };
  const tools = new Map(before.tools.map((each) => [each.tool, each]));
  const vessels = new Map(before.vessels.map((each) => [`${each.kind}|${each.name}`, each]));
  const report = data.map((cells, index): CsvRowReport => {
    const name = cellText(cells.name);
    const kind = (cells.kind ?? '').trim().toLowerCase();
    const count = Number((cells.count ?? '').trim() || Number.NaN);
    const row = { row: index + 2, what: `${kind}: ${name}` };
    if (!name || name.length > 60) return { ...row, refused: 'A name has 1 to 60 characters.' };
    if (!Number.isInteger(count) || count < 0 || count > 1000)
      return { ...row, refused: 'A count is a whole number from 0 to 1000.' };
    if (kind === 'tool') {
      tools.set(name, { tool: name, count });
      return { ...row, refused: '' };
    }
    const vessel = vesselOf(kind, name, count, cells);
    if (typeof vessel === 'string') return { ...row, refused: vessel };
    vessels.set(`${kind}|${name}`, vessel);
    return { ...row, refused: '' };
  });
  return { tools: [...tools.values()], vessels: [...vessels.values()], report, refused: '' };
}

function vesselOf(
  kind: string,
  name: string,
  count: number,
  cells: Record<string, string | undefined>,
): Vessel | string {
  if (!vesselKinds.includes(kind as VesselKind))
    return `“${kind}” is no tool and no vessel. Write tool, ${vesselKinds.join(', ')}.`;
  const flat = kind === 'pan' || kind === 'tray';
  const millilitres = flat ? 0 : Number((cells.millilitres ?? '').trim() || Number.NaN);
  const squareCentimetres = flat ? Number((cells['square centimetres'] ?? '').trim() || Number.NaN) : 0;
  if (!flat && !(millilitres > 0 && millilitres <= 200_000))
    return 'Write how many millilitres it holds, above 0.';
  if (flat && !(squareCentimetres > 0 && squareCentimetres <= 20_000))
    return 'Write its area in square centimetres, above 0.';
  return { kind: kind as VesselKind, name, count, millilitres, squareCentimetres };
}
