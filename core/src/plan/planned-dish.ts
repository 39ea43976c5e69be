import {
  type ClassDish,
  type ClassFacts,
  type DecidedDish,
  decidedDishes,
  decisionsOf,
  type KitchenFacts,
  slowestWay,
  stationsOf,
  type StationPlan,
  type TimedDish,
  type WholeDish,
} from '../class/index.js';
import { type DishId, rememberLast } from '../identity/index.js';
import type { Allergen, Larder } from '../larder/index.js';
import {
  batchOffers,
  type DishPortions,
  planBatches,
  type PortionOptions,
  portionRecipe,
} from '../portions/index.js';
import { contentsOf, type WorkBySteps, workBySteps } from '../recipes/index.js';
import { withAddedSteps } from '../timeline/index.js';

/** A dish on its way through the passes of a plan, from what stands on the menu to what the clock sees. */
export interface PlannedDish {
  readonly id: DishId;
  readonly given: ClassDish;
  readonly decided: DecidedDish;
  readonly whole: WholeDish;
  readonly timed: TimedDish;
  readonly portions: DishPortions;
  /** The work of the steps whose minutes follow it. */
  readonly work: WorkBySteps;
  readonly allergens: readonly Allergen[];
  /** Names of lines whose allergens are not known. */
  readonly notKnown: readonly string[];
}

/** The dishes of a class, decided, portioned, and made whole for the clock, in the order of the menu. */
export function planDishes(facts: ClassFacts, kitchen: KitchenFacts, larder: Larder): PlannedDish[] {
  const stations = stationsOf(facts);
  const { leftOut } = decisionsOf(facts);
  const options = optionsOf(kitchen, [], () => portionOptions(kitchen));
  const decided = decidedDishes(facts, larder, kitchen);
  return facts.dishes.map((given, index): PlannedDish => {
    const dish = decided[index]!;
    const whole = wholes(given, [dish.recipe, larder, leftOut], () => withAddedSteps(dish, larder, leftOut));
    const timed = slowestWay(whole);
    return {
      id: given.id,
      given,
      decided: dish,
      whole,
      timed,
      work: worked(given, [timed.recipe, larder, kitchen.rates], () =>
        workBySteps({ ...timed.recipe, larder, rates: kitchen.rates }),
      ),
      portions: portioned(
        given,
        [dish.recipe, facts.people, stations.sizes.join('+'), facts.demonstrationPlates, options, larder],
        () => portionsOf(dish, { facts, stations, options, larder }),
      ),
      ...contentsOf(dish.recipe, larder),
    };
  });
}

const wholes = rememberLast<ClassDish, WholeDish>();
const worked = rememberLast<ClassDish, WorkBySteps>();
const portioned = rememberLast<ClassDish, DishPortions>();
const optionsOf = rememberLast<KitchenFacts, PortionOptions>();

function portionsOf(
  dish: DecidedDish,
  {
    facts,
    stations,
    options,
    larder,
  }: { facts: ClassFacts; stations: StationPlan; options: PortionOptions; larder: Larder },
): DishPortions {
  const batches = planBatches(dish, stations, facts.people, facts.demonstrationPlates);
  return {
    ...portionRecipe(dish, batches, options, larder),
    offers: batchOffers(dish, batches, stations, facts.people),
  };
}

function portionOptions(kitchen: KitchenFacts): PortionOptions {
  return {
    kitchenSystem: kitchen.system,
    english: kitchen.english,
    measuringSet: kitchen.measuringSet,
    measureBy: kitchen.measureBy,
    vessels: kitchen.vessels,
  };
}
