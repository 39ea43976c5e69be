import type { Workings } from '../../amounts/index.js';
import type { VesselKind } from '../../class/index.js';
import type { BatchId, LineId, StepId } from '../../identity/index.js';

/** What one step of one batch is done in, and whether it fits. */
export interface VesselFit {
  readonly stepId: StepId;
  readonly title: string;
  readonly batchId: BatchId;
  readonly heading: string;
  readonly kind: VesselKind;
  /** The vessel chosen of those the kitchen has; empty where it has none of the kind. */
  readonly vessel: string;
  /** Millilitres or square centimetres of food in it. */
  readonly food: number;
  /** What it may hold for this step, in the same unit. */
  readonly limit: number;
  readonly rounds: number;
  /** "toss", "shake", "one layer" … */
  readonly manner: string;
  /** Why it does not fit, or fits badly; empty where it fits. */
  readonly problem: string;
  readonly workings: Workings;
}

/** One layer of the drawing, from the bottom up, with its height as a share of the vessel's. */
export interface SectionLayer {
  readonly lineId: LineId;
  readonly name: string;
  readonly millilitres: number;
  readonly from: number;
  readonly to: number;
  /** True where no density is known and a usual one was taken. */
  readonly estimated: boolean;
}

/** A vessel in section at true proportion, filled with its layers in the order they go in. */
export interface BowlSection {
  readonly batchId: BatchId;
  readonly heading: string;
  readonly vessel: string;
  readonly kind: VesselKind;
  readonly millilitres: number;
  /** Width at the rim ÷ height, and width of the base ÷ width of the rim. */
  readonly widthToHeight: number;
  readonly baseToRim: number;
  readonly isRound: boolean;
  readonly layers: readonly SectionLayer[];
  /** Height of the food as a share of the vessel's height; over 1 it does not go in. */
  readonly level: number;
  /** The level up to which it may be filled for this way of working. */
  readonly limitLevel: number;
  readonly fits: boolean;
  readonly sentence: string;
  readonly workings: Workings;
}
