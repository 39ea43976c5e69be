import type { UnitId } from '../amounts/index.js';
import type { Allergen, CautionId, Fact, Form, Keeping, Scaling } from './types.js';

export type Figure = number | Fact;

/** One row of a data file. Bare numbers are starting estimates; anything else is wrapped in its source. */
export interface IngredientRow {
  readonly id: string;
  readonly uk: string;
  readonly us?: string;
  readonly also?: readonly string[];
  /** Packs as [size, name]; "loose" as the name means any weight in steps of that size. */
  readonly packs: readonly (readonly [number, string])[];
  readonly unit?: 'g' | 'ml' | 'piece';
  readonly count?: Partial<Record<UnitId, Figure>>;
  readonly handful?: Figure;
  readonly centimetre?: Figure;
  readonly density?: Partial<Record<Form | 'plain', Figure>>;
  readonly yields?: Readonly<Record<string, Figure>>;
  readonly juice?: readonly [number, number];
  readonly zest?: number;
  readonly drained?: Figure;
  readonly dryToCooked?: Figure;
  /** What is left of it: [product, when, share of its weight as bought]. */
  readonly leaves?: readonly (readonly [string, 'drained' | 'cooked', number])[];
  readonly keeps?: Keeping;
  readonly ripens?: number;
  readonly allergens?: readonly Allergen[];
  readonly scaling?: Scaling;
  readonly indivisible?: boolean;
}

/** What a written row says beside the frame that every row has. */
export interface WrittenKnowledge {
  /** "water fat sugar salt kind acid", in per cent. */
  readonly composition: string;
  /** First and last month of its season; absent where it knows none. */
  readonly season?: readonly [number, number];
  readonly sizes?: readonly [number, number];
  readonly cautions: readonly CautionId[];
  readonly isMeat: boolean;
  readonly isPork: boolean;
  /** Made with what vegetarians or vegans leave, though no allergen says so: rennet, honey, gelatine. */
  readonly leftBy: 'nobody' | 'vegans' | 'vegetarians';
}

export type WrittenRow = IngredientRow & {
  readonly prices: readonly number[];
  readonly knows: WrittenKnowledge;
};
