import type { Recipe } from '../../recipes/index.js';

/**
 * Recipes as people write them, with what must be understood: "component | amount unit | ingredient" of
 * lines, "minutes hands-on + wait | place | appliance | what is used" of steps.
 */
export interface Written {
  readonly system: 'metric' | 'us';
  readonly text: string;
  readonly facts: {
    readonly title: string;
    readonly serves: number;
    readonly portion: Recipe['portion'];
    readonly kind: Recipe['kind'];
    readonly components: readonly string[];
  };
  readonly lines: readonly string[];
  readonly steps: readonly string[];
  /** What lines and steps leave open between each other. */
  readonly unlisted?: readonly string[];
  readonly marked?: readonly string[];
}
