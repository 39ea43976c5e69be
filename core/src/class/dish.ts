import type { ComponentId, DishId, IngredientId, RecipeId } from '../identity/index.js';
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

/** Whether a dish is made by students, in class. */
export function isMadeByStudents(maker: Maker): boolean {
  return maker !== 'demonstration' && maker !== 'made ahead';
}

/** What is done about a wait that work in class leads into and that the class is too short for. */
export const longWaitRemedies = ['ready-made', 'ahead', 'unchilled', 'next class'] as const;
export type LongWaitRemedy = (typeof longWaitRemedies)[number];

/** The choice whose ways are those of single stations. No recipe has a choice of this id. */
export const stationVariants = 'for stations';

/** What one station takes in place of something, or leaves out where `taken` is null. */
export interface StationSubstitute {
  readonly station: number;
  readonly missing: IngredientId;
  readonly taken: IngredientId | null;
}

/** How a dish is shared out, beyond who makes it. What is absent is not done. */
export interface DishMaking {
  /** For `some stations`: their numbers. Everybody eats of what they make. */
  readonly stations?: readonly number[];
  /** One batch between two neighbouring stations. */
  readonly shareBatch?: boolean;
  /** A tasting flight: the choice whose ways are dealt out, one to each station in turn. */
  readonly flight?: string | null;
  /** Its dressings are tasted beside each other, by letter; blind, nobody knows which is which. */
  readonly tasting?: 'open' | 'blind';
  /** Ids of components that are made once for the whole class. */
  readonly once?: readonly ComponentId[];
  /** One more batch, kept aside for what goes wrong. */
  readonly spare?: boolean;
  /** One more batch, finished before class, that takes the place of one that must wait. */
  readonly swap?: boolean;
  /** What is done about a wait that the class is too short for; the first that fits where absent. */
  readonly longWait?: LongWaitRemedy;
  /** What single stations take in place of something, for those who stand there. */
  readonly forStations?: readonly StationSubstitute[];
}

/** A dish on the menu of a class, with the version of its recipe that the class uses. */
export interface ClassDish {
  readonly id: DishId;
  readonly recipeId: RecipeId;
  readonly version: number;
  readonly portion: Portion;
  readonly maker: Maker;
  readonly recipe: Recipe;
  /** The options taken of the recipe's choices; the usual ones where absent. */
  readonly choices: Chosen;
  readonly making?: DishMaking;
}

declare const stage: unique symbol;

/** A dish as it will really be made: ways chosen, substitutes in place, what is skipped left out. */
export type DecidedDish = ClassDish & { readonly [stage]: 'decided' };

/** A decided dish with the steps that its recipe leaves unsaid. */
export type WholeDish = ClassDish & { readonly [stage]: 'whole' };

/** A whole dish as the clock sees it: of a tasting flight, the way that takes the most work. */
export type TimedDish = ClassDish & { readonly [stage]: 'timed' };

/** Of a dish that is only shown, or of which the own batch goes home, the ready-made swap is eaten. */
export function isEatenReadyMade({ maker, making }: Pick<ClassDish, 'maker' | 'making'>): boolean {
  return making?.swap === true && (maker === 'demonstration' || making.longWait === 'ready-made');
}

/** The choice that a tasting flight deals out; null where there is no flight. */
export function flightOf(dish: Pick<ClassDish, 'making' | 'recipe'>): RecipeChoice | null {
  return dish.recipe.choices.find((choice) => choice.id === dish.making?.flight) ?? null;
}

/** Whether the ways of a dish are those of single stations, and no flight. */
export function isByStation({ making }: Pick<ClassDish, 'making'>): boolean {
  return making?.flight === stationVariants;
}
