import { noShoppingDecisions, type ShoppingDecisions, type Supplier } from '../class/index.js';
import { findIngredient, type Larder, sections, standardLarder } from '../larder/index.js';
import { money } from '../words/index.js';
import { isSome } from './need.js';
import { knownRow, type RowContext, writtenRow } from './rows.js';
import { planTrips } from './trips.js';
import type {
  ClassNeeds,
  Gift,
  IngredientUse,
  ShoppingCost,
  ShoppingList,
  ShoppingRow,
  StockItem,
} from './types.js';

export interface ShoppingOptions {
  readonly english: 'uk' | 'us';
  readonly larder?: Larder;
  /** ISO code of the kitchen's money; pounds where absent. */
  readonly currency?: string;
  /** Local date of the class: stock must be in date on it, and buying days count back from it. */
  readonly classDate?: string;
  readonly hemisphere?: 'north' | 'south';
  /** Local date of today: nothing can be bought before it. */
  readonly today?: string;
  readonly people?: number;
  readonly stock?: readonly StockItem[];
  readonly gifts?: readonly Gift[];
  readonly suppliers?: readonly Supplier[];
  /** What other coming classes want, for left-overs. */
  readonly others?: readonly ClassNeeds[];
  readonly decisions?: Partial<ShoppingDecisions>;
}

/**
 * Adds all uses up into one row an ingredient, as it is sold: per batch → pooled → by-products → ÷ yield → +
 * spare → − stock in date → packs. Nothing is rounded until all uses are summed, but for pieces that cannot
 * be shared between batches. What the larder does not know is listed as written. Then the fewest shopping
 * trips, and what it costs.
 */
export function buildShoppingList(uses: readonly IngredientUse[], options: ShoppingOptions): ShoppingList {
  const context: RowContext = {
    english: options.english,
    larder: options.larder ?? standardLarder,
    currency: options.currency ?? 'GBP',
    classDate: options.classDate ?? null,
    hemisphere: options.hemisphere ?? 'north',
    stock: options.stock ?? [],
    gifts: options.gifts ?? [],
    suppliers: options.suppliers ?? [],
    others: options.others ?? [],
    decisions: { ...noShoppingDecisions, ...options.decisions },
  };
  const all = [...pooled(uses, context.larder)].map(([key, group]) => {
    const ingredient = findIngredient(context.larder, group[0]!.ingredient);
    return ingredient ? knownRow(key, group, ingredient, context) : writtenRow(key, group, context);
  });
  const bought = all.filter((row) => row.buy !== 'nothing');
  const trips = planTrips(bought, context.suppliers, {
    today: options.today ?? null,
    currency: context.currency,
  });
  const tripOf = new Map(trips.flatMap((trip) => trip.rows.map((key) => [key, trip.id] as const)));
  const rows = sorted(bought.map((row) => ({ ...row, trip: tripOf.get(row.key) ?? null })));
  const bySection = sections
    .map((section) => ({ section, rows: rows.filter((row) => row.section === section) }))
    .filter((each) => each.rows.length > 0);
  return {
    rows,
    sections: bySection,
    trips,
    covered: sorted(all.filter((row) => row.buy === 'nothing')),
    cost: costOf(rows, context, options.people ?? 1),
  };
}

/** The key of the row that a use is added up in. */
export function rowKeyOf(use: IngredientUse, larder: Larder): string {
  return findIngredient(larder, use.ingredient)?.id ?? `as-written:${use.name.toLowerCase()}`;
}

/** Uses by ingredient. What comes from the tap is no row. */
function pooled(uses: readonly IngredientUse[], larder: Larder): ReadonlyMap<string, IngredientUse[]> {
  const groups = new Map<string, IngredientUse[]>();
  for (const use of uses) {
    const key = rowKeyOf(use, larder);
    if (key === 'water') continue;
    const group = groups.get(key);
    if (group) group.push(use);
    else groups.set(key, [use]);
  }
  return groups;
}

function sorted(rows: readonly ShoppingRow[]): ShoppingRow[] {
  return [...rows].sort(
    (a, b) => sections.indexOf(a.section) - sections.indexOf(b.section) || (a.name < b.name ? -1 : 1),
  );
}

/** What is bought, at its prices: in all, a head and a dish. Unknown prices are named and not counted. */
function costOf(
  rows: readonly ShoppingRow[],
  { currency, decisions }: RowContext,
  people: number,
): ShoppingCost {
  const known = rows.filter((row) => row.cost !== null);
  const unknown = rows.filter((row) => row.cost === null).map((row) => row.name);
  const total = known.reduce((sum, row) => sum + row.cost!, 0);
  const dishes = new Map<string, number>();
  for (const row of known)
    for (const { dish, share } of row.shares) dishes.set(dish, (dishes.get(dish) ?? 0) + row.cost! * share);
  const dear = [...known]
    .sort((a, b) => b.cost! - a.cost!)
    .slice(0, 6)
    .filter((row) => isSome(String(Math.round(row.cost! * 100))));
  const perHead = total / Math.max(1, people);
  return {
    currency,
    total,
    perHead,
    unknown,
    budget: decisions.budget,
    dishes: [...dishes].map(([dish, cost]) => ({ dish, cost })),
    workings: {
      title: `Cost: about ${money(total, currency)}`,
      estimated: true,
      result: money(total, currency),
      steps: [
        ...dear.map((row) => ({ label: row.name, value: money(row.cost!, currency), note: row.buy })),
        {
          label: `${known.length - dear.length} more things`,
          value: money(total - dear.reduce((sum, row) => sum + row.cost!, 0), currency),
        },
        ...[...dishes].map(([dish, cost]) => ({
          label: `For ${dish}`,
          value: money(cost, currency),
          note: `${Math.round((cost / Math.max(total, 0.01)) * 100)} % of it, by what each uses.`,
        })),
        ...(unknown.length > 0
          ? [
              {
                label: 'Price not known, not counted',
                value: String(unknown.length),
                note: unknown.join(', '),
              },
            ]
          : []),
        { label: `÷ ${people} people`, value: `${money(perHead, currency)} a head` },
      ],
    },
  };
}
