import type { Rational } from '../amounts/index.js';
import {
  type ClassFacts,
  decidedDishes,
  type KitchenFacts,
  kitchenOfClass,
  stationsOf,
} from '../class/index.js';
import { dateOf } from '../identity/index.js';
import { findIngredient, type Larder, larderOf } from '../larder/index.js';
import { fitVessels, planBatches } from '../portions/index.js';
import { allergensOf } from '../recipes/index.js';
import { type ClassNeeds, type IngredientUse, pooledNeed } from '../shopping/index.js';
import { showsOf } from '../timeline/index.js';
import { dishesShown } from './planned-dish.js';
import { ingredientUses, type MadeDish } from './uses.js';

/** What a class uses of everything, without planning its minutes: enough to shop for several at once. */
export function usesOfClass(
  facts: ClassFacts,
  inKitchen: KitchenFacts,
  larder: Larder = larderOf(inKitchen.larder),
): IngredientUse[] {
  const kitchen = kitchenOfClass(inKitchen, facts);
  const dishes = decidedDishes(facts, larder, kitchen);
  const stations = stationsOf(facts);
  const shown = dishesShown(showsOf(dishes, facts, kitchen));
  const made = dishes.map((dish): MadeDish => {
    const batches = planBatches(dish, stations, facts.people, facts.demonstrationPlates, shown.has(dish.id));
    const goesByVessel = dish.recipe.lines.some(({ scaling }) => scaling === 'perVessel');
    const fits = goesByVessel ? fitVessels(dish, batches, kitchen.vessels, larder) : [];
    return { dish, batches, fits, allergens: allergensOf(dish.recipe, larder) };
  });
  return ingredientUses(made, { date: dateOf(facts.startsAt), title: facts.title, larder });
}

/** What a class wants of each ingredient as purchased, for the left-overs of another. */
export function needsOfClass(facts: ClassFacts, kitchen: KitchenFacts): ClassNeeds {
  const larder = larderOf(kitchen.larder);
  const groups = new Map<string, IngredientUse[]>();
  for (const use of usesOfClass(facts, kitchen, larder))
    if (use.ingredient) groups.set(use.ingredient, [...(groups.get(use.ingredient) ?? []), use]);
  const needs: Record<string, Rational> = {};
  for (const [id, uses] of groups) {
    const ingredient = findIngredient(larder, id);
    if (ingredient) needs[id] = pooledNeed(uses, ingredient).need;
  }
  return { classId: facts.id, title: facts.title, date: dateOf(facts.startsAt), needs };
}
