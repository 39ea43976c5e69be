import {
  type ClassDish,
  type ClassFacts,
  type KitchenFacts,
  type Maker,
  splitStations,
  type TimedDish,
} from '../class/index.js';
import { usualKitchen } from '../kitchen/index.js';
import { planBatches, type PortionOptions, portionRecipe } from '../portions/index.js';
import { emptyRecipe, lineOf, parseIngredientLine, type Recipe, type RecipeStep } from '../recipes/index.js';
import type { DishOnClock } from '../timeline/tasks/types.js';

/** A step of 5 hands-on minutes in class; the rest as given. */
export function step(id: string, overrides: Partial<RecipeStep> = {}): RecipeStep {
  return {
    id,
    componentId: 'c1',
    text: `Do ${id}.`,
    handsOnMinutes: 5,
    waitMinutes: null,
    until: '',
    place: 'in class',
    occupies: null,
    tools: [],
    uses: [],
    after: [],
    holdMinutes: null,
    techniques: [],
    techniqueNote: '',
    demonstrateMinutes: 0,
    ...overrides,
  };
}

/** A recipe of one component from written lines. */
export function recipe(lines: readonly string[], overrides: Partial<Recipe> = {}): Recipe {
  const system = overrides.system ?? 'metric';
  return {
    ...emptyRecipe,
    title: 'Test salad',
    system,
    components: [{ id: 'c1', name: 'Salad', role: 'base' }],
    lines: lines.map((text, index) => lineOf(parseIngredientLine(text, { system }), index, 'c1')),
    ...overrides,
  };
}

export function dish(of: Recipe, overrides: Partial<ClassDish> & { maker?: Maker } = {}): ClassDish {
  return {
    id: 'd1',
    recipeId: 'r1',
    version: 1,
    portion: 'side',
    maker: 'every station',
    recipe: of,
    choices: {},
    ...overrides,
  };
}

export const kitchen: KitchenFacts = {
  ...usualKitchen,
  name: 'Test kitchen',
  appliances: usualKitchen.appliances.map((each) =>
    each.appliance === 'fridge' ? { ...each, capacity: 4 } : each,
  ),
};

export function classOf(dishes: readonly ClassDish[], overrides: Partial<ClassFacts> = {}): ClassFacts {
  return {
    id: 'class',
    title: 'Test class',
    startsAt: '2026-11-27T18:30',
    zone: 'Europe/London',
    lengthMinutes: 150,
    place: '',
    people: 14,
    peoplePerStation: 4,
    assistants: 0,
    demonstrationPlates: 0,
    dishes,
    ...overrides,
  };
}

/** The dishes of a class as the clock takes them, without anything decided or added. */
export function onClock(
  { dishes, people, peoplePerStation, demonstrationPlates }: ClassFacts,
  options: Partial<PortionOptions> = {},
): DishOnClock[] {
  const stations = splitStations(people, peoplePerStation);
  return dishes.map((timed) => ({
    timed: timed as TimedDish,
    portions: portionRecipe(timed, planBatches(timed, stations, people, demonstrationPlates), {
      kitchenSystem: 'metric',
      english: 'uk',
      ...options,
    }),
  }));
}
