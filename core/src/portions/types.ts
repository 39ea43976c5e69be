import type {
  Amount,
  KitchenAmount,
  MeasureSystem,
  Measuring,
  MeasuringSet,
  Rational,
  Workings,
} from '../amounts/index.js';
import type { DishMaking, LineKind, Maker, StationPlan, Vessel } from '../class/index.js';
import type { DishId, IngredientId, LineId } from '../identity/index.js';
import type { Scaling } from '../larder/index.js';
import type { ComponentRole, Portion } from '../recipes/index.js';
import type { English } from '../words/index.js';
import type { BowlSection, VesselFit } from './vessels/types.js';

export type BatchKind =
  'demonstration' | 'stations' | 'made once' | 'big batch' | 'made ahead' | 'swap' | 'spare';

/** One amount of a dish that is made in the same way, at one or several equal stations. */
export interface Batch {
  readonly id: string;
  readonly kind: BatchKind;
  /** Station numbers; empty for the demonstration and what is made ahead. */
  readonly stations: readonly number[];
  /** How many times the batch is made: once a station, once for two that share it, or once in all. */
  readonly count: number;
  /** Components that this batch makes; null for all. */
  readonly components: readonly string[] | null;
  /** The way of the tasting flight that it is made in; null where there is no flight. */
  readonly option: string | null;
  /** People that one batch feeds, lowest and highest where stations of unequal size share an amount. */
  readonly people: { readonly low: number; readonly high: number };
  /** Exact share of the recipe that the people need. */
  readonly need: Rational;
  /** The workable batch: the share of the recipe that is made. */
  readonly factor: Rational;
  /** Share by which the batch goes over the need; below 0 where it falls short. */
  readonly over: number;
  readonly heading: string;
  readonly subheading: string;
  readonly workings: Workings;
}

/** The amount of one line in one column. */
export interface PortionCell {
  readonly amount: Amount | null;
  /** True where this batch does not make the line at all. */
  readonly absent?: boolean;
  /** The part set aside for the top: "1 tbsp". */
  readonly kept: string;
  /** Whether that part is among the amount; else it is beside it. */
  readonly isKeptWithin: boolean;
  readonly spoons: KitchenAmount;
  readonly grams: KitchenAmount;
  readonly workings: Workings;
}

export interface PortionLine {
  readonly lineId: LineId;
  /** Its food; null where the larder has no such thing. */
  readonly ingredient: IngredientId | null;
  readonly name: string;
  /** "toasted, chopped", and what to do at the bench: "use ¾ first, taste, then the rest". */
  readonly note: string;
  readonly advice: string;
  readonly scaling: Scaling;
  /** What the kitchen measures this kind of line with. */
  readonly measure: Measuring;
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
  readonly dishId: DishId;
  readonly title: string;
  readonly portion: Portion;
  readonly maker: Maker;
  readonly servesAsWritten: string;
  readonly batches: readonly Batch[];
  /** Sum of factor × count over all batches. */
  readonly batchesInAll: Rational;
  readonly components: readonly PortionComponent[];
  /** What each step is done in, for each batch that does it. */
  readonly fits: readonly VesselFit[];
  /**
   * The bowl, jar or dish that holds it all, in section, for the largest batch; null where no step says what
   * it is put together in.
   */
  readonly section: BowlSection | null;
  readonly offers: readonly PortionOffer[];
}

/** What would be better, and the change of the dish that makes it so. */
export interface PortionOffer {
  readonly id: string;
  readonly sentence: string;
  readonly action: string;
  readonly making: DishMaking;
}

export interface PortionPlan {
  readonly stations: StationPlan;
  /** Which dish each station is at in each turn, where dishes are made in rotation. */
  readonly rotation: readonly RotationTurn[];
  readonly dishes: readonly DishPortions[];
}

export interface PortionOptions {
  readonly kitchenSystem: MeasureSystem;
  readonly english: English;
  /** The spoons and cups in the drawer; all of the system's where absent. */
  readonly measuringSet?: MeasuringSet;
  /** What each kind of line is measured with; spoons for liquids and spices where absent. */
  readonly measureBy?: Readonly<Record<LineKind, Measuring>>;
  /** What the kitchen has to toss, shake, boil and bake in; nothing is checked where absent. */
  readonly vessels?: readonly Vessel[];
}

/** One turn of a rotation: the dish at each station, by station number from 1. */
export interface RotationTurn {
  readonly turn: number;
  readonly places: readonly {
    readonly dishId: DishId;
    readonly title: string;
    readonly stations: readonly number[];
  }[];
}
