import type { ClassFacts } from '../class/index.js';
import type { KitList } from '../kit/index.js';
import type { ShoppingList, ShoppingRow } from '../shopping/index.js';
import type { Timeline } from '../timeline/index.js';
import { writeCsv } from './csv.js';

/** The shopping list as CSV: one row a thing, with what is bought, when, where, and what it costs. */
export function writeShoppingCsv(list: ShoppingList, isTicked: (key: string) => boolean): string {
  const rows = list.rows.map((row) => [
    row.section,
    row.name,
    row.need === null ? '' : decimal(row.need),
    row.unit ?? '',
    row.buy,
    row.have,
    row.leftOver,
    row.supplier,
    tripDate(list, row),
    row.cost === null ? '' : row.cost.toFixed(2),
    row.cost === null ? '' : list.cost.currency,
    row.dishes.join('; '),
    isTicked(row.key) ? 'yes' : 'no',
  ]);
  return writeCsv(
    [
      'section',
      'name',
      'as purchased',
      'unit',
      'buy',
      'have',
      'left over',
      'supplier',
      'date',
      'cost',
      'currency',
      'for',
      'got',
    ],
    rows,
  );
}

function decimal(rational: string): string {
  const [top, bottom = '1'] = rational.split('/');
  return String(Math.round((Number(top) / Number(bottom)) * 1000) / 1000);
}

function tripDate(list: ShoppingList, row: ShoppingRow): string {
  return list.trips.find((trip) => trip.id === row.trip)?.date ?? '';
}

/** The packing list as CSV: one row a thing and crate. */
export function writeKitCsv(kit: KitList): string {
  const rows = kit.crates.flatMap((crate) =>
    crate.rows.map((row) => [crate.name, crate.count, row.name, row.count]),
  );
  return writeCsv(['crate', 'identical crates', 'thing', 'in each'], rows);
}

/** The whole plan as CSV: one row a job, wait or demonstration, in order of time. */
export function writePlanCsv(timeline: Timeline): string {
  const rows = [...timeline.daysBefore, ...timeline.clock].map((entry) => [
    entry.localDate,
    entry.localTime,
    entry.localEndDate,
    entry.localEnd,
    entry.end - entry.start,
    entry.lane,
    entry.kind,
    entry.dishTitle,
    entry.detail,
  ]);
  return writeCsv(['date', 'from', 'to date', 'to', 'minutes', 'who or where', 'kind', 'dish', 'what'], rows);
}

export type ListClass = Pick<ClassFacts, 'id' | 'title' | 'zone' | 'place'>;
