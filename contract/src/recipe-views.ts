import type { DishKind, Portion, Recipe } from '@fornax/core';

/** A version as it was cut: by a class that took it, or kept by hand. */
export interface RecipeVersionView {
  readonly number: number;
  readonly at: string;
  readonly by: string;
  readonly note: string;
  readonly content: Recipe;
}

export interface RecipeSummary {
  readonly id: string;
  readonly title: string;
  readonly kind: DishKind;
  readonly serves: number;
  readonly portion: Portion;
  readonly handsOnMinutes: number;
  readonly waitMinutes: number;
  readonly techniques: readonly string[];
  readonly allergens: readonly string[];
  /** Names of lines whose allergens are not known. */
  readonly notKnown: readonly string[];
  readonly diets: readonly string[];
  /** Months in which all of it is in season. */
  readonly season: string;
  /** The same months as numbers, 1 to 12; a server of an earlier version does not say them. */
  readonly months?: readonly number[];
  /** Ids of what the larder knows of it; a server of an earlier version does not say them. */
  readonly ingredients?: readonly string[];
  readonly unread: number;
  /** Whether this is as it was before a change, and is being worked out again. */
  readonly isRenewed?: true;
}

export interface RecipeView {
  readonly id: string;
  readonly revision: number;
  readonly content: Recipe;
  /** Titles of classes that use it, newest first. */
  readonly usedBy: readonly { readonly id: string; readonly title: string }[];
  /** The draft with its sub-recipes written out: what a class would take now. */
  readonly whole: Recipe;
}
