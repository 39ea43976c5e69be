import type { ClassFacts, KitchenFacts } from '../class/index.js';
import type { Larder } from '../larder/index.js';
import type { IngredientUse, ShoppingList } from '../shopping/index.js';
import type { Timeline } from '../timeline/index.js';

export interface TripsInput {
  readonly facts: ClassFacts;
  readonly kitchen: KitchenFacts;
  readonly shopping: ShoppingList;
  readonly timeline: Timeline;
  /** What this class uses, with its minutes. */
  readonly uses: readonly IngredientUse[];
  readonly larder: Larder;
}
