import type { ClassFacts, KitchenFacts } from '../class/index.js';
import type { KitList } from '../kit/index.js';
import type { Larder } from '../larder/index.js';
import type { PortionPlan } from '../portions/index.js';
import type { OutOfCold } from '../safety/index.js';
import type { ShoppingList } from '../shopping/index.js';
import type { Timeline } from '../timeline/index.js';
import type { PlannedDish } from './planned-dish.js';

export interface ToCheck {
  dishes: readonly PlannedDish[];
  facts: ClassFacts;
  kitchen: KitchenFacts;
  portions: PortionPlan;
  shopping: ShoppingList;
  kit: KitList;
  timeline: Timeline;
  larder: Larder;
  outOfCold: readonly OutOfCold[];
}
