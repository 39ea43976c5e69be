import { useOpenClass } from '../classes/class-context.js';

/** A dish on the menu of the open class. */
export type Dish = ReturnType<typeof useOpenClass>['view']['dishes'][number];
