import type { Workings } from '../amounts/index.js';
import type { KitDecision, KitRemedy } from '../class/index.js';
import type { DishId } from '../identity/index.js';

/** A stretch of the timeline in which tools are in use. Minutes on the plan's axis, half-open. */
export interface ToolUse {
  readonly start: number;
  readonly end: number;
  readonly place: 'stations' | 'demonstration bench';
  /** How many stations do this at once; all of them where absent. */
  readonly places?: number;
  readonly tools: readonly string[];
  readonly title: string;
  /** The dish: a tool goes on within it, and is washed before it serves another. */
  readonly dishId?: DishId;
  /** The way of a tasting flight that it belongs to: a station goes one of them. */
  readonly way?: string;
  /** Names of the ingredients that it is used for raw, "chicken breast"; empty for none. */
  readonly raw?: readonly string[];
}

export interface KitRow {
  /** The tool as steps name it, for finding it again. */
  readonly id: string;
  readonly tool: string;
  readonly count: number;
  readonly note: string;
  /** Grams of one; 0 where no weight is known. */
  readonly grams: number;
  readonly workings: Workings;
}

/** A way out of a shortage that was worked out: what it costs in minutes, and what becomes of the result. */
export interface WayOut {
  readonly id: string;
  readonly kind: KitRemedy;
  readonly action: string;
  readonly sentence: string;
  readonly decision: KitDecision;
}

/** More wanted at once than the kitchen has. */
export interface KitShortage {
  readonly id: string;
  readonly tool: string;
  readonly needed: number;
  readonly inKitchen: number;
  /** Minute of the peak on the plan's axis. */
  readonly atMinute: number;
  readonly sentence: string;
  readonly waysOut: readonly WayOut[];
}

/** A tool that is washed between two dishes. */
export interface Washing {
  readonly tool: string;
  readonly place: string;
  readonly atMinute: number;
  readonly minutes: number;
  readonly between: string;
}

/** Something easily forgotten, asked about. */
export interface KitCheck {
  readonly id: string;
  readonly sentence: string;
}

/** One crate: what goes into it, and what it weighs. */
export interface Crate {
  readonly id: string;
  readonly name: string;
  /** How many crates are alike. */
  readonly count: number;
  readonly rows: readonly { readonly key: string; readonly name: string; readonly count: number }[];
  /** Grams of one such crate, of what has a weight. */
  readonly grams: number;
  readonly workings: Workings;
}

export interface KitList {
  /** For one station; `stations` stations want the same. */
  readonly perStation: readonly KitRow[];
  readonly stations: number;
  readonly demonstrationBench: readonly KitRow[];
  readonly shared: readonly KitRow[];
  readonly consumables: readonly KitRow[];
  readonly containers: readonly ContainerRow[];
  readonly shortages: readonly KitShortage[];
  readonly washing: readonly Washing[];
  /** The most that is dirty at once, and when. */
  readonly dirty: { readonly count: number; readonly atMinute: number; readonly workings: Workings };
  readonly crates: readonly Crate[];
  readonly checks: readonly KitCheck[];
  /** Ways out that were taken, to be taken back. */
  readonly taken: readonly { readonly decision: KitDecision; readonly sentence: string }[];
}

/** Containers to set out, one for each sorted ingredient. */
export interface ContainerRow {
  readonly place: string;
  readonly container: string;
  readonly count: number;
  readonly holds: readonly string[];
}
