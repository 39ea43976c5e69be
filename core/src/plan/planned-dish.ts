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
import { type DishId, dishOfKey, cacheByOwner } from '../identity/index.js';
import type { Allergen, Larder } from '../larder/index.js';
import {
  batchOffers,
  type DishPortions,
  planBatches,
  type PortionOptions,
  portionRecipe,
} from '../portions/index.js';
import { contentsOf, type WorkBySteps, workBySteps } from '../recipes/index.js';
import { type Shows, showsOf, withAddedSteps } from '../timeline/index.js';

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
  /** Something of it is shown to all before they do it. */
  readonly isShown: boolean;
  readonly allergens: readonly Allergen[];
  /** Names of lines whose allergens are not known. */
  readonly notKnown: readonly string[];
}

/**
 * The dishes of a class, decided, portioned, and made whole for the clock, in the order of the menu. What is
 * shown is made at the demonstration bench, too: of the dishes that are named, else of those that the class
 * should be shown.
 */
export function planDishes(
  facts: ClassFacts,
  kitchen: KitchenFacts,
  larder: Larder,
  shownDishes?: ReadonlySet<DishId>,
): PlannedDish[] {
  const stations = stationsOf(facts);
  const options = optionsOf(kitchen, [], () => portionOptions(kitchen));
  const decided = dishesOnClock(facts, kitchen, larder);
  const shown =
    shownDishes ??
    dishesShown(
      showsOf(
        decided.map(({ timed }) => timed),
        facts,
        kitchen,
      ),
    );
  return decided.map(({ given, dish, whole, timed }): PlannedDish => {
    const isShown = shown.has(given.id);
    return {
      id: given.id,
      given,
      decided: dish,
      whole,
      timed,
      isShown,
      work: worked(given, [timed.recipe, larder, kitchen.rates], () =>
        workBySteps({ ...timed.recipe, larder, rates: kitchen.rates }),
      ),
      portions: portioned(
        given,
        [
          dish.recipe,
          facts.people,
          stations.sizes.join('+'),
          facts.demonstrationPlates,
          isShown,
          options,
          larder,
        ],
        () => portionsOf(dish, { facts, stations, options, larder, isShown }),
      ),
      ...contentsOf(dish.recipe, larder),
    };
  });
}

/** Each dish as it is decided, made whole, and as the clock sees it. */
function dishesOnClock(facts: ClassFacts, kitchen: KitchenFacts, larder: Larder) {
  const { leftOut } = decisionsOf(facts);
  return decidedDishes(facts, larder, kitchen).map((dish, index) => {
    const given = facts.dishes[index]!;
    const whole = wholes(given, [dish.recipe, larder, leftOut], () => withAddedSteps(dish, larder, leftOut));
    return { given, dish, whole, timed: slowestWay(whole) };
  });
}

/** The dishes of which a step is shown, alone or with another. */
export function dishesShown(shows: Shows): ReadonlySet<DishId> {
  return new Set([...shows].flatMap(([key, { together }]) => [key, ...together].map(dishOfKey)));
}

const wholes = cacheByOwner<ClassDish, WholeDish>();
const worked = cacheByOwner<ClassDish, WorkBySteps>();
const portioned = cacheByOwner<ClassDish, DishPortions>();
const optionsOf = cacheByOwner<KitchenFacts, PortionOptions>();

function portionsOf(
  dish: DecidedDish,
  {
    facts,
    stations,
    options,
    larder,
    isShown,
  }: {
    facts: ClassFacts;
    stations: StationPlan;
    options: PortionOptions;
    larder: Larder;
    isShown: boolean;
  },
): DishPortions {
  const batches = planBatches(dish, stations, facts.people, facts.demonstrationPlates, isShown);
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
