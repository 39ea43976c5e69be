import type { KitDecisions } from '../class/index.js';
import type { Larder } from '../larder/index.js';
import type { English } from '../words/index.js';
import type { KitDish } from './containers.js';
import type { ToolUse } from './types.js';

export interface KitInput {
  readonly uses: readonly ToolUse[];
  readonly stations: readonly number[];
  readonly people: number;
  readonly dishes: readonly KitDish[];
  readonly toolsInKitchen: readonly { readonly tool: string; readonly count: number }[];
  readonly english: English;
  /** Writes a minute of the plan as the clock shows it. */
  readonly clock: (minute: number) => string;
  readonly larder?: Larder;
  readonly decisions?: KitDecisions;
}
