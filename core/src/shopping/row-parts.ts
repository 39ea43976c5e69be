import type { Rational, WorkingStep } from '../amounts/index.js';
import type { ShoppingDecisions, Supplier } from '../class/index.js';
import type { LocalDate } from '../identity/index.js';
import type { Hemisphere, Ingredient, Larder, Pack } from '../larder/index.js';
import type { English } from '../words/index.js';
import type { PackAnswer, PackOptions } from './coverings.js';
import type { PooledNeed } from './need.js';
import { buyingDays, type BuyingDays } from './trips.js';
import type { ClassNeeds, OfferedByProduct, IngredientUse, StockItem } from './types.js';

/** What the list knows besides the uses. */
export interface RowContext {
  readonly english: English;
  readonly larder: Larder;
  readonly currency: string;
  readonly classDate: LocalDate | null;
  /** Which half of the earth the seasons follow. */
  readonly hemisphere: Hemisphere;
  readonly stock: readonly StockItem[];
  readonly offeredByProducts: readonly OfferedByProduct[];
  readonly suppliers: readonly Supplier[];
  readonly others: readonly ClassNeeds[];
  readonly decisions: ShoppingDecisions;
}

/** The larder's own prices are in this money; in another one only what was measured here counts. */
const larderCurrency = 'GBP';

export function priceIn(pack: Pack, currency: string): number | null {
  if (!pack.price || (pack.price.source !== 'measured' && currency !== larderCurrency)) return null;
  return pack.price.value;
}

/** What the chain of one ingredient came to, before it is written down as a row. */
export interface RowParts {
  readonly uses: readonly IngredientUse[];
  readonly ingredient: Ingredient;
  readonly context: RowContext;
  readonly pooled: PooledNeed;
  readonly answer: PackAnswer | null;
  readonly toCover: Rational;
  readonly steps: readonly WorkingStep[];
  readonly options: PackOptions;
  readonly leftOverUse: readonly ClassNeeds[];
  readonly have: string;
  readonly remark: string;
}

/** What shoppers may choose of a row, in the words of its recipes. */
export function groupOf(uses: readonly IngredientUse[]): string {
  return [...new Set(uses.flatMap((use) => use.group || []))].join('; ');
}

export function dishTitles(uses: readonly IngredientUse[]): string[] {
  return [...new Set(uses.map((use) => use.dishTitle))];
}

/** The days on which a row is bought, with why; null where no class has a date. */
export function daysToBuy(
  ingredient: Ingredient | null,
  uses: readonly IngredientUse[],
  classDate: LocalDate | null,
): BuyingDays | null {
  if (classDate === null) return null;
  return buyingDays(ingredient, firstUse(uses) ?? classDate, lastUse(uses) ?? classDate);
}

function firstUse(uses: readonly IngredientUse[]): LocalDate | null {
  return uses.reduce<LocalDate | null>(
    (first, { date }) => (date && (first === null || date < first) ? date : first),
    null,
  );
}

export function lastUse(uses: readonly IngredientUse[]): LocalDate | null {
  return uses.reduce<LocalDate | null>(
    (last, { date }) => (date && (last === null || date > last) ? date : last),
    null,
  );
}
