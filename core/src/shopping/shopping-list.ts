import { dequal } from 'dequal/lite';
import { noShoppingDecisions, type ShoppingDecisions, type Supplier } from '../class/index.js';
import { type LocalDate, lookUp, cacheByOwner } from '../identity/index.js';
import {
  findIngredient,
  type Ingredient,
  type Hemisphere,
  type Larder,
  sections,
  standardLarder,
} from '../larder/index.js';
import type { English } from '../words/index.js';
import { costOf } from './cost.js';
import type { RowContext } from './row-parts.js';
import { knownRow } from './rows.js';
import { planTrips } from './trips.js';
import type {
  ClassNeeds,
  OfferedByProduct,
  IngredientUse,
  ShoppingList,
  ShoppingRow,
  StockItem,
} from './types.js';
import { writtenRow } from './written-row.js';

export interface ShoppingOptions {
  readonly english: English;
  readonly larder?: Larder;
  /** ISO code of the kitchen's money; pounds where absent. */
  readonly currency?: string;
  /** Local date of the class: stock must be in date on it, and buying days count back from it. */
  readonly classDate?: LocalDate;
  readonly hemisphere?: Hemisphere;
  /** Local date of today: nothing can be bought before it. */
  readonly today?: LocalDate;
  readonly people?: number;
  readonly stock?: readonly StockItem[];
  readonly offeredByProducts?: readonly OfferedByProduct[];
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
    stock: options.stock ?? none,
    offeredByProducts: options.offeredByProducts ?? none,
    suppliers: options.suppliers ?? none,
    others: options.others ?? none,
    decisions: withDefaults(options.decisions),
  };
  const all = [...pooled(uses, context.larder)].map(([key, group]) => {
    const ingredient = findIngredient(context.larder, group[0]!.ingredient);
    return ingredient
      ? rowOnce(group, ingredient, context, () => knownRow(key, group, ingredient, context))
      : writtenRow(key, group, context);
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

const none: readonly never[] = [];

/** The same decisions with the same defaults, so that rows can tell that they are. */
function withDefaults(decisions: Partial<ShoppingDecisions> | undefined): ShoppingDecisions {
  if (!decisions) return noShoppingDecisions;
  return defaulted(decisions, [], () => ({ ...noShoppingDecisions, ...decisions }));
}

const defaulted = cacheByOwner<Partial<ShoppingDecisions>, ShoppingDecisions>();

/**
 * An edit of one dish leaves most of the list as it was: where an ingredient is wanted for the same and all
 * else that its row hangs on is the same, the row is, too.
 */
function rowOnce(
  uses: readonly IngredientUse[],
  ingredient: Ingredient,
  context: RowContext,
  make: () => ShoppingRow,
): ShoppingRow {
  const offeredByProducts = context.offeredByProducts.filter((gift) => gift.ingredient === ingredient.id);
  const others = context.others.filter(({ needs }) => lookUp(needs, ingredient.id) !== undefined);
  const { english, larder, currency, classDate, hemisphere, stock, suppliers, decisions } = context;
  return rowsOnce(
    ingredient,
    [
      english,
      larder,
      currency,
      classDate,
      hemisphere,
      decisions,
      uses,
      offeredByProducts,
      stock,
      suppliers,
      others,
    ],
    make,
  );
}

const rowsOnce = cacheByOwner<Ingredient, ShoppingRow>(
  (a, b) => Object.is(a, b) || (Array.isArray(a) && dequal(a, b)),
);

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
