import type { MissingFact } from './missing-fact.js';
import type { Amount, MeasureSystem, Rational, Workings } from '../amounts/index.js';
import type { ClassId, DishId, IngredientId, LocalDate } from '../identity/index.js';
import type { Allergen, Form, PieceSize, Scaling, Section } from '../larder/index.js';
import type { Basis, ByProduct } from '../recipes/index.js';

/** What one dish uses of one line, over one set of equal batches. */
export interface IngredientUse {
  readonly dishId: DishId;
  readonly dishTitle: string;
  /** "demonstration", "stations 1–4". */
  readonly where: string;
  /** How many equal batches use this much each. */
  readonly count: number;
  readonly name: string;
  readonly ingredient: IngredientId | null;
  /** The amount for one batch, before anything is rounded; null for what is only "to taste". */
  readonly amount: Amount | null;
  readonly pack: Amount | null;
  readonly preparation: readonly Form[];
  readonly basis: Basis;
  /** The size that its pieces are written with; null for medium ones. */
  readonly size: PieceSize | null;
  readonly part: readonly ByProduct[];
  readonly optional: boolean;
  /** What the shopper may choose of it: "any colour"; absent or empty where nothing. */
  readonly group?: string;
  readonly system: MeasureSystem;
  readonly scaling?: Scaling;
  /** People that all these batches feed together, for an allowance of what is used to taste. */
  readonly plates?: number;
  /** Among how many things to dip it is one; 0 or absent where it is none of them. */
  readonly dippers?: number;
  /**
   * Minute of the plan at which it is first used, and the local date of that; absent where no timeline is
   * known.
   */
  readonly minute?: number;
  readonly date?: LocalDate;
  /** Allergens that the dish has anyway. */
  readonly dishAllergens?: readonly Allergen[];
}

/** A use of which the recipe says how much. */
export type MeasuredUse = IngredientUse & { readonly amount: Amount };

/** A by-product of one step that other steps can use. */
export interface OfferedByProduct {
  readonly dishTitle: string;
  /** Larder id of what it is. */
  readonly ingredient: IngredientId;
  /** In the product's shopping unit, over all batches; its low end. */
  readonly amount: Rational;
  /** Minute at which it is there, and days for which it keeps; null where that is not known. */
  readonly minute: number | null;
  readonly keepsDays: number | null;
  readonly allergens: readonly Allergen[];
  /** Left of raw meat, fish or egg: never used again. */
  readonly isRaw: boolean;
  readonly words: string;
}

/** What is in the cupboard. */
export interface StockItem {
  readonly ingredient: IngredientId;
  readonly amount: Amount;
  /** "opened", "cooked", "peeled, diced"; empty as bought. */
  readonly state: string;
  /** Local date; null where it keeps. */
  readonly useBy: LocalDate | null;
}

/** What another class wants of each ingredient, as purchased. */
export interface ClassNeeds {
  readonly classId: ClassId;
  readonly title: string;
  readonly date: LocalDate;
  readonly needs: Readonly<Record<string, Rational>>;
}

export interface ChosenPack {
  readonly count: number;
  /** In the row's unit. */
  readonly size: number;
  readonly name: string;
}

/** A combination of packs that covers a need. */
export interface PackChoice {
  /** Stable name of the combination: "2x400+1x200". */
  readonly key: string;
  readonly packs: readonly ChosenPack[];
  readonly buy: string;
  /** In the kitchen's money; null where a price is not known. */
  readonly cost: number | null;
  readonly leftOver: string;
}

/** Something to decide about a row, with what it does. */
export interface RowOffer {
  readonly kind: 'skip' | 'useWhatItHolds';
  readonly sentence: string;
  readonly action: string;
  /** For `useWhatItHolds`: the share of the need that the packs hold, exactly. */
  readonly share?: Rational;
}

/** One row of the shopping list: one ingredient, once. */
export interface ShoppingRow {
  /** Stable from plan to plan: the larder id, or "as-written:" and the name. */
  readonly key: string;
  readonly ingredient: IngredientId | null;
  readonly name: string;
  readonly section: Section;
  /** As purchased, exact, before packs; null where amounts could not be added up. */
  readonly need: Rational | null;
  readonly unit: 'g' | 'ml' | 'piece' | null;
  readonly packs: readonly ChosenPack[];
  /** "7", "2 bunches of 30 g", "700 g". */
  readonly buy: string;
  /** What comes out of the cupboard, in words; empty where nothing does. */
  readonly have: string;
  /** What is left over after the need, in words; empty where nothing is. */
  readonly leftOver: string;
  /** What the left-over could serve: another class within its keeping time. */
  readonly leftOverServes: string;
  /** The next-best combinations of packs, up to two. */
  readonly others: readonly PackChoice[];
  readonly offers: readonly RowOffer[];
  readonly cost: number | null;
  readonly dishes: readonly string[];
  /** Share of the row's need by dish, for the cost of each. */
  readonly shares: readonly { readonly dishId: DishId; readonly dish: string; readonly share: number }[];
  readonly optional: boolean;
  /** What the shopper may choose of it: "half red, half yellow"; empty where nothing. */
  readonly group: string;
  readonly inLarder: boolean;
  readonly supplier: string;
  /** Local dates between which it is bought, first and last; null where no date is known. */
  readonly buyFrom: LocalDate | null;
  readonly buyUntil: LocalDate | null;
  /** The trip it is bought on; null where it needs none. */
  readonly trip: string | null;
  /** Days before the class from which it keeps, and days it wants to ripen. */
  readonly keepsDays: number | null;
  readonly ripeningDays: number | null;
  /** Something to know: why a sum could not be done, a jar that is opened for little. */
  readonly remark: string;
  /** True where some of what is written could not be added up. */
  readonly isPartial: boolean;
  /** The figure that is missing, so that all of it could be added up; null where none is. */
  readonly missing: MissingFact | null;
  /** The ingredient it stands for, where it takes the place of another. */
  readonly insteadOf: string;
  readonly substitutes: readonly {
    readonly ingredient: IngredientId;
    readonly name: string;
    readonly effect: string;
  }[];
  readonly estimated: boolean;
  readonly workings: Workings;
}

/** One visit to one supplier on one day. */
export interface ShoppingTrip {
  /** "2026-11-26|Market". */
  readonly id: string;
  readonly date: LocalDate;
  readonly supplier: string;
  readonly rows: readonly string[];
  /** Why not on another day; empty where it is as wanted. */
  readonly remark: string;
  readonly cost: number | null;
  readonly workings: Workings;
  /** When it is made and how long it takes, once the clock of the class is known. */
  readonly visit?: { readonly startsAt: string; readonly localTime: string; readonly minutes: number };
}

/** What it comes to, with what is not known. */
export interface ShoppingCost {
  readonly currency: string;
  readonly total: number;
  readonly perHead: number;
  readonly dishes: readonly { readonly dishId: DishId; readonly dish: string; readonly cost: number }[];
  /** Names of rows whose price is not known: not counted. */
  readonly unknown: readonly string[];
  readonly budget: number | null;
  readonly workings: Workings;
}

export interface ShoppingList {
  readonly rows: readonly ShoppingRow[];
  readonly sections: readonly { readonly section: Section; readonly rows: readonly ShoppingRow[] }[];
  readonly trips: readonly ShoppingTrip[];
  readonly cost: ShoppingCost;
  /** What nobody needs to buy: all of it is in the cupboard, or left by another step. */
  readonly covered: readonly ShoppingRow[];
}
