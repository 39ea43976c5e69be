import { toNumber } from '../amounts/index.js';
import { dressingComponents, type OwnSchools, tellDressing, type ToldDressing } from '../dressing/index.js';
import { type ComponentId, type DishId, type RecipeId, cacheByOwner } from '../identity/index.js';
import type { Larder } from '../larder/index.js';
import type { RecipeComponent } from '../recipes/index.js';
import type { Timeline } from '../timeline/index.js';
import type { PlannedDish } from './planned-dish.js';

/** What is to be said of a dressing or dip of a dish, as it is made at a station. */
export interface DishDressing extends ToldDressing {
  readonly dishId: DishId;
  readonly recipeId: RecipeId;
  readonly componentId: ComponentId;
}

/** The dressings and dips of a class with their balance, what they dress, and how long they hold. */
export function dressingsOf(
  dishes: readonly PlannedDish[],
  timeline: Timeline,
  { larder, own }: { larder: Larder; own?: OwnSchools },
): DishDressing[] {
  return dishes.flatMap(({ id, decided, portions }) => {
    const factor = Math.max(
      0,
      ...portions.batches
        .filter(({ stations }) => stations.length > 0)
        .map((batch) => toNumber(batch.factor)),
    );
    return dressingComponents(decided.recipe).flatMap((component): DishDressing[] => {
      const telling = { factor: factor || 1, again: mixedAgainAt(id, timeline), own };
      const told = toldLast(component, [decided.recipe, larder, telling.factor, telling.again, own], () =>
        tellDressing(decided.recipe, component, larder, telling),
      );
      return told ? [{ ...told, dishId: id, recipeId: decided.recipeId, componentId: component.id }] : [];
    });
  });
}

const toldLast = cacheByOwner<RecipeComponent, ToldDressing | null>();

function mixedAgainAt(dishId: DishId, { clock }: Timeline): string | null {
  return (
    clock.find(({ ref, title }) => ref.dishId === dishId && title.includes('Mix the dressing again'))
      ?.localTime ?? null
  );
}
