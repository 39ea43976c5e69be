import type { Amount, MeasureSystem, Rational, Workings } from '../amounts/index.js';
import type { Basis, ByProduct } from '../recipes/index.js';
import type { Form, PieceSize, Section } from '../larder/index.js';

/** What one dish uses of one line, over one set of equal batches. */
export interface IngredientUse {
  readonly dishId: string;
  readonly dishTitle: string;
  /** "demonstration", "stations 1–4". */
  readonly where: string;
  /** How many equal batches use this much each. */
  readonly count: number;
  readonly name: string;
  readonly ingredient: string | null;
  /** The amount for one batch, before anything is rounded; null for what is only "to taste". */
  readonly amount: Amount | null;
  readonly pack: Amount | null;
  readonly preparation: readonly Form[];
  readonly basis: Basis;
  /** The size that its pieces are written with; null for medium ones. */
  readonly size: PieceSize | null;
  readonly part: readonly ByProduct[];
  readonly optional: boolean;
  readonly system: MeasureSystem;
}

export interface ChosenPack {
  readonly count: number;
  /** In the row's unit. */
  readonly size: number;
  readonly name: string;
}

/** One row of the shopping list: one ingredient, once. */
export interface ShoppingRow {
  /** Stable from plan to plan: the larder id, or "as-written:" and the name. */
  readonly key: string;
  readonly ingredient: string | null;
  readonly name: string;
  readonly section: Section;
  /** As purchased, exact, before packs; null where amounts could not be added up. */
  readonly need: Rational | null;
  readonly unit: 'g' | 'ml' | 'piece' | null;
  readonly packs: readonly ChosenPack[];
  /** "7", "2 bunches of 30 g", "700 g". */
  readonly buy: string;
  /** What is left over after the need, in words; empty where nothing is. */
  readonly leftOver: string;
  readonly dishes: readonly string[];
  readonly inLarder: boolean;
  /** Days before the class from which it keeps, and days it wants to ripen. */
  readonly keepsDays: number | null;
  readonly ripeningDays: number | null;
  /** Said where the list could not do its sum: "no density is known". */
  readonly remark: string;
  readonly estimated: boolean;
  readonly workings: Workings;
}

export interface ShoppingList {
  readonly rows: readonly ShoppingRow[];
  readonly sections: readonly { readonly section: Section; readonly rows: readonly ShoppingRow[] }[];
}
