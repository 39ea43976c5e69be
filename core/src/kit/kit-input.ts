import type { KitDecisions } from '../class/index.js';
import type { English } from '../words/index.js';
import type { ContainerInput } from './containers.js';
import type { ToolUse } from './types.js';

/** What is there, and how many of it. */
interface CountedTool {
  readonly tool: string;
  readonly count: number;
}

export interface KitInput extends ContainerInput {
  readonly uses: readonly ToolUse[];
  readonly people: number;
  readonly toolsInKitchen: readonly CountedTool[];
  /** Bowls of the kitchen that things are set out in, by container. */
  readonly bowls?: readonly CountedTool[];
  readonly english: English;
  /** Writes a minute of the plan as the clock shows it. */
  readonly clock: (minute: number) => string;
  readonly decisions?: KitDecisions;
}
