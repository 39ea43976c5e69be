import type { Workings } from '../amounts/index.js';
import type { ClassFacts, KitchenFacts, LineAlternatives, LongWait } from '../class/index.js';
import type { DishId, IngredientId, LocalDate, LocalTime, StepKey } from '../identity/index.js';
import type { KitList } from '../kit/index.js';
import type { PeopleCheck } from '../people/index.js';
import type { PortionPlan } from '../portions/index.js';
import type { OutOfCold } from '../safety/index.js';
import type { ClassNeeds, ShoppingList, StockItem } from '../shopping/index.js';
import type { Timeline } from '../timeline/index.js';
import type { DishDressing } from './dressings.js';

/** Everything that a plan is made of. The same bundle gives the same plan on every machine. */
export interface ClassBundle {
  readonly class: ClassFacts;
  readonly kitchen: KitchenFacts;
  /** What is in the cupboard. */
  readonly stock?: readonly StockItem[];
  /** What other coming classes want, for left-overs. */
  readonly others?: readonly ClassNeeds[];
  /** Classes that are bought for on the same list. */
  readonly together?: readonly ClassFacts[];
  /** Local date of today; nothing can be bought before it. */
  readonly today?: LocalDate;
}

export type WarningPlace = 'people' | 'portions' | 'shopping' | 'kit' | 'timeline';

/** A check that found something: why, where, and what helps. */
export interface PlanWarning {
  readonly id: string;
  readonly place: WarningPlace;
  readonly level: 'harm' | 'clash' | 'look';
  readonly sentence: string;
  readonly remedy: string;
  /** The step that it is about, where it is about one. */
  readonly step?: StepKey;
  /** A food that can be taken in place of another in the whole class, where that mends it. */
  readonly swap?: { readonly missing: IngredientId; readonly taken: IngredientId };
  /** The technique note to read, and where its figures come from. */
  readonly note?: string;
  readonly source?: 'general advice' | 'the trade';
}

/** What there is to eat for each person over all dishes. */
export interface FoodAHead {
  readonly grams: number;
  readonly millilitres: number;
  readonly meal: 'lunch' | 'dinner';
  /** From and to how many grams are enough for it. */
  readonly enough: readonly [number, number];
  /** The dish there is most of; empty where nothing is eaten. */
  readonly most: string;
  readonly workings: Workings;
}

/** The next dated job that a class asks for. */
export interface PlanJob {
  readonly at: string;
  readonly localDate: LocalDate;
  readonly localTime: LocalTime;
  readonly title: string;
  readonly kind: 'buy' | 'prep' | 'class';
}

export interface ClassPlan {
  readonly portions: PortionPlan;
  readonly shopping: ShoppingList;
  readonly kit: KitList;
  readonly timeline: Timeline;
  /** Food of each dish that is longest out of the cold. */
  readonly outOfCold: readonly OutOfCold[];
  readonly warnings: readonly PlanWarning[];
  /** Findings that the instructor knows of and leaves, with why. */
  readonly noted: readonly (PlanWarning & { readonly why: string })[];
  readonly jobs: readonly PlanJob[];
  /** What each dish contains, and its lines of which that is not known. */
  readonly allergens: readonly {
    readonly dishId: DishId;
    readonly contains: readonly string[];
    readonly notKnown: readonly string[];
  }[];
  /** Lines of which the recipes leave something open: "or soured cream", "any colour". */
  readonly alternatives: readonly LineAlternatives[];
  /** Waits that the class is too short for, and what is done about each. */
  readonly longWaits: readonly LongWait[];
  readonly foodAHead: FoodAHead;
  /** What does not go with those who come, as far as they are named. */
  readonly people: PeopleCheck;
  /** The dressings and dips with their balance. */
  readonly dressings: readonly DishDressing[];
}
