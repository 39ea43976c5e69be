import type { Chosen, Portion, Recipe, RecipeChoice } from '../recipes/index.js';
/** Who makes a dish of a class. */
export type Maker =
  'every station' | 'some stations' | 'in rotation' | 'one big batch' | 'demonstration' | 'made ahead';

export const makers: readonly Maker[] = [
  'every station',
  'some stations',
  'in rotation',
  'one big batch',
  'demonstration',
  'made ahead',
];

/** How a dish is shared out, beyond who makes it. What is absent is not done. */
export interface DishMaking {
  /** For `some stations`: their numbers. Everybody eats of what they make. */
  readonly stations?: readonly number[];
  /** One batch between two neighbouring stations. */
  readonly shareBatch?: boolean;
  /** A tasting flight: the choice whose ways are dealt out, one to each station in turn. */
  readonly flight?: string | null;
  /** Ids of components that are made once for the whole class. */
  readonly once?: readonly string[];
  /** One more batch, kept aside for what goes wrong. */
  readonly spare?: boolean;
  /** One more batch, finished before class, that takes the place of one that must wait. */
  readonly swap?: boolean;
}

/** A dish on the menu of a class, with the version of its recipe that the class uses. */
export interface ClassDish {
  readonly id: string;
  readonly recipeId: string;
  readonly version: number;
  readonly portion: Portion;
  readonly maker: Maker;
  readonly recipe: Recipe;
  /** The options taken of the recipe's choices; the usual ones where absent. */
  readonly choices: Chosen;
  readonly making?: DishMaking;
}

/** The choice that a tasting flight deals out; null where there is no flight. */
export function flightOf(dish: Pick<ClassDish, 'making' | 'recipe'>): RecipeChoice | null {
  return dish.recipe.choices.find((choice) => choice.id === dish.making?.flight) ?? null;
}
