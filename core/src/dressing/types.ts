import type { Workings } from '../amounts/index.js';
import type { IngredientId, LineId } from '../identity/index.js';
import type { RecipeLine } from '../recipes/index.js';

/** How a dressing or dip is brought together. */
export const dressingMethods = ['shake', 'paste', 'whisk', 'stick blender', 'blend'] as const;
export type DressingMethod = (typeof dressingMethods)[number];

/** The schools, as targets that a class may choose and an instructor may change; never errors. */
export const schools = ['oil-led', 'moderate', 'even', 'acid-led', 'creamy', 'no-oil'] as const;
export type School = (typeof schools)[number];

/** A line of a bowl: what is written of it, as in a recipe. */
export type DressingLine = Pick<
  RecipeLine,
  | 'id'
  | 'text'
  | 'name'
  | 'ingredient'
  | 'amount'
  | 'unit'
  | 'preparation'
  | 'byProducts'
  | 'basis'
  | 'pack'
  | 'note'
>;

/** What a bowl consists of, in shares of its weight; together they are 1. Acid is pure acid of every kind. */
export const parts = ['oil', 'acid', 'sugar', 'salt', 'water', 'solids'] as const;
export type Part = (typeof parts)[number];

/** From and to, equal where all is known. */
export type Interval = readonly [low: number, high: number];

/** What is not known of a line, so that a figure is an interval or leaves it out. */
export interface MissingRow {
  readonly lineId: LineId;
  readonly name: string;
  readonly what: 'composition' | 'weight' | 'volume' | 'amount';
  readonly sentence: string;
}

/** From thin to thick. */
export const thicknesses = ['pourable', 'dippable', 'spreadable'] as const;
export type Thickness = (typeof thicknesses)[number];

/** What a line brings to the bowl. */
export interface LineShare {
  readonly lineId: LineId;
  readonly name: string;
  readonly ingredient: IngredientId | null;
  readonly role: LineRole;
  readonly grams: number;
  readonly millilitres: number;
}

/**
 * What a line is for: oil and acid are turned for the ratio, salt and sweet for the taste, the rest stays.
 */
export type LineRole = 'oil' | 'acid' | 'salt' | 'sweet' | 'rest';

export interface Balance extends Readonly<Record<Part, number>> {
  readonly grams: number;
  readonly millilitres: number;
  /** The same shares from the least to the most they can be, where a composition is not known. */
  readonly intervals: Readonly<Record<Part, Interval>>;
  /** Acid as if all of it were acetic, in per cent: acetic + 0.938 citric + 0.667 lactic. */
  readonly acidity: number;
  /** Measured volumes of free oils to acid liquids; null where there is no acid liquid to measure. */
  readonly ratio: number | null;
  /** The same in millilitres of vinegar of 5 %. */
  readonly ratioEquivalent: number | null;
  readonly oilMillilitres: number;
  readonly acidMillilitres: number;
  readonly thickness: Thickness;
  /** What the thickness is told by: the share of solids and of bound fat, as it stands warm or cold. */
  readonly firmness: number;
  readonly emulsifiers: readonly string[];
  /** Minutes until it separates; a day and more for what is blended. */
  readonly holdMinutes: number;
  readonly school: School;
  readonly allergens: readonly string[];
  readonly lines: readonly LineShare[];
  readonly missing: readonly MissingRow[];
  readonly notes: readonly string[];
  readonly workings: Readonly<
    Record<'ratio' | 'salt' | 'sugar' | 'acidity' | 'hold' | 'thickness', Workings>
  >;
}

export interface BalanceOptions {
  readonly method: DressingMethod;
  /** It stands in the cold, where dips get firmer. */
  readonly temperature?: 'room' | 'cold';
}
