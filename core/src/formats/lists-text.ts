import type { KitList } from '../kit/index.js';
import type { ShoppingList, ShoppingRow } from '../shopping/index.js';
import { listed, money } from '../words/index.js';

/** The shopping list as plain text to paste into a message: by trip and section, one line a thing. */
export function writeShoppingText(
  title: string,
  list: ShoppingList,
  isTicked: (key: string) => boolean,
): string {
  const byKey = new Map(list.rows.map((row) => [row.key, row]));
  const trips = list.trips.map((trip) => {
    const rows = trip.rows
      .flatMap((key) => byKey.get(key) ?? [])
      .sort((a, b) => list.rows.indexOf(a) - list.rows.indexOf(b));
    return [`${trip.supplier}, ${trip.date}`, ...rows.map((row) => textRow(row, isTicked(row.key)))].join(
      '\n',
    );
  });
  const undated = list.rows.filter((row) => row.trip === null).map((row) => textRow(row, isTicked(row.key)));
  const { total, currency, unknown } = list.cost;
  const cost = `About ${money(total, currency)}${unknown.length > 0 ? `, without ${listed(unknown)}` : ''}`;
  return `${[title, ...trips, ...(undated.length > 0 ? [undated.join('\n')] : []), cost].join('\n\n')}\n`;
}

function textRow({ name, buy, group }: ShoppingRow, isTicked: boolean): string {
  return `${isTicked ? '[x]' : '[ ]'} ${name}: ${buy}${group ? ` (${group})` : ''}`;
}

/** The packing list as plain text, crate by crate. */
export function writeKitText(title: string, kit: KitList): string {
  const crates = kit.crates.map((crate) => {
    const heading = crate.count > 1 ? `${crate.name} (${crate.count} alike)` : crate.name;
    return [heading, ...crate.rows.map((row) => `${row.count} × ${row.name}`)].join('\n');
  });
  return `${[title, ...crates].join('\n\n')}\n`;
}
