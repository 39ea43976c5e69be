import type { Amount, KitchenAmount, MeasureSystem, Rational, Workings } from '../amounts/index.js';
import type { Scaling } from '../larder/index.js';
import type { Chosen, ComponentRole, Portion, Recipe } from '../recipes/index.js';

/** Who makes a dish of a class. */
export type Maker = 'every station' | 'demonstration' | 'made ahead';
export const makers: readonly Maker[] = ['every station', 'demonstration', 'made ahead'];

/** A dish on the menu of a class, with the version of its recipe that the class uses. */
export interface ClassDish {
  readonly id: string;
  readonly recipeId: string;
  readonly version: number;
  readonly portion: Portion;
  readonly maker: Maker;
  readonly recipe: Recipe;
  /** The options taken of the recipe's choices; the usual ones where absent. */
  readonly choices: Chosen;
}

/** How people are spread over the stations. Stations are numbered from 1. */
export interface StationPlan {
  /** People at each station, the larger ones first: 14 by up to 4 is [4, 4, 3, 3]. */
  readonly sizes: readonly number[];
  readonly workings: Workings;
}

export type BatchKind = 'demonstration' | 'stations' | 'made ahead';

/** One amount of a dish that is made in the same way, at one or several equal stations. */
export interface Batch {
  readonly id: string;
  readonly kind: BatchKind;
  /** Station numbers; empty for the demonstration and what is made ahead. */
  readonly stations: readonly number[];
  /** How many times the batch is made: the number of its stations, or 1. */
  readonly count: number;
  /** People that one batch feeds, lowest and highest where stations of unequal size share an amount. */
  readonly people: { readonly low: number; readonly high: number };
  /** Exact share of the recipe that the people need. */
  readonly need: Rational;
  /** The workable batch: the share of the recipe that is made. */
  readonly factor: Rational;
  readonly heading: string;
  readonly subheading: string;
  readonly workings: Workings;
}

/** The amount of one line in one column. */
export interface PortionCell {
  readonly amount: Amount | null;
  readonly spoons: KitchenAmount;
  readonly grams: KitchenAmount;
  readonly workings: Workings;
}

export interface PortionLine {
  readonly lineId: string;
  readonly name: string;
  /** "toasted, chopped", and what to do at the bench: "use ¾ first, taste, then the rest". */
  readonly note: string;
  readonly advice: string;
  readonly scaling: Scaling;
  readonly keptBack: string;
  readonly inLarder: boolean;
  /** One cell a batch, in the order of the batches. */
  readonly cells: readonly PortionCell[];
  readonly total: PortionCell;
}

export interface PortionComponent {
  readonly name: string;
  readonly role: ComponentRole;
  readonly lines: readonly PortionLine[];
}

export interface DishPortions {
  readonly dishId: string;
  readonly title: string;
  readonly portion: Portion;
  readonly maker: Maker;
  readonly servesAsWritten: string;
  readonly batches: readonly Batch[];
  /** Sum of factor × count over all batches. */
  readonly batchesInAll: Rational;
  readonly components: readonly PortionComponent[];
}

export interface PortionPlan {
  readonly stations: StationPlan;
  readonly dishes: readonly DishPortions[];
}

export interface PortionOptions {
  readonly kitchenSystem: MeasureSystem;
  readonly english: 'uk' | 'us';
}
