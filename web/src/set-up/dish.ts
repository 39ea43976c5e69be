import type { RecipeView } from '@fornax/contract';
import { v7 as uuid } from 'uuid';
import type { useOpenClass } from '../classes/class-context.js';

/** A dish on the menu of the open class. */
export type Dish = ReturnType<typeof useOpenClass>['view']['dishes'][number];

/** A dish as it first stands on a menu: made at every station, in the portion its recipe is written for. */
export function dishOf(recipe: RecipeView): Dish {
  return {
    id: uuid(),
    recipeId: recipe.id,
    version: 1,
    newestVersion: 1,
    draftDiffers: false,
    newest: null,
    choices: {},
    portion: recipe.content.portion,
    maker: 'every station',
    recipe: recipe.whole,
  };
}
