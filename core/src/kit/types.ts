import type { Workings } from '../amounts/index.js';

/** A stretch of the timeline in which tools are in use. Minutes on the plan's axis, half-open. */
export interface ToolUse {
  readonly start: number;
  readonly end: number;
  readonly place: 'stations' | 'demonstration bench';
  readonly tools: readonly string[];
  readonly title: string;
}

export interface KitRow {
  readonly tool: string;
  readonly count: number;
  readonly note: string;
  readonly workings: Workings;
}

/** More wanted at once than the kitchen has. */
export interface KitShortage {
  readonly tool: string;
  readonly needed: number;
  readonly inKitchen: number;
  /** Minute of the peak on the plan's axis. */
  readonly atMinute: number;
  readonly sentence: string;
  readonly waysOut: readonly string[];
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
}

/** Containers to set out, one for each sorted ingredient. */
export interface ContainerRow {
  readonly place: string;
  readonly container: string;
  readonly count: number;
  readonly holds: readonly string[];
}
