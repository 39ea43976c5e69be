import type { ClassDish, OwnSet, Person, PersonId } from '../class/index.js';
import type { DishId, IngredientId } from '../identity/index.js';
import type { Ingredient, Larder } from '../larder/index.js';
import type { Batch } from '../portions/index.js';
import type { RecipeLine } from '../recipes/index.js';
import type { English } from '../words/index.js';

/** What a finding is about. */
export type NeedKind =
  'allergen' | 'traces' | 'not known' | 'risk' | 'choking' | 'diet' | 'sensitivity' | 'dislike' | 'heat';

/** How somebody meets a dish: makes it, is served it, tastes what is shown, or works beside it. */
export type Meeting = 'own' | 'served' | 'shown' | 'near';

/** A dish as people meet it: decided, with its batches. */
export interface MetDish {
  readonly id: DishId;
  readonly decided: Pick<ClassDish, 'recipe' | 'maker' | 'making'>;
  readonly batches: readonly Batch[];
}

/** A line of a dish, with what is done to it there. */
export interface MetLine {
  readonly line: RecipeLine;
  readonly food: Ingredient | null;
  /** Whether any step that it goes through heats it. */
  readonly isHeated: boolean;
  /** How small the steps make it. */
  readonly size: 'whole' | 'small' | 'paste';
  /** What the steps that use it say. */
  readonly said: string;
  /** Its names, each as its words. */
  readonly names: readonly (readonly string[])[];
  readonly traits: Traits;
}

/** What is to be known of a line whoever eats it. */
export interface Traits {
  readonly isAlcoholic: boolean;
  readonly isHot: boolean;
  /** What it is to somebody at risk; null where it is nothing. */
  readonly risk: string | null;
  /** Whether it chokes a small child as it is cut. */
  readonly chokes: boolean;
}

export interface PeopleInput {
  readonly roster: readonly Person[];
  readonly dishes: readonly MetDish[];
  readonly ownSets: readonly OwnSet[];
  readonly larder: Larder;
  readonly english: English;
}

/** Something in the plan that a person does not go with. */
export interface PeopleFinding {
  /** Made of ids, never of a name. */
  readonly id: string;
  readonly personId: PersonId;
  readonly person: string;
  readonly station: number | null;
  /** Null for what is about the class as a whole. */
  readonly dishId: DishId | null;
  readonly dish: string;
  readonly kind: NeedKind;
  readonly level: 'harm' | 'clash' | 'look';
  readonly meeting: Meeting;
  /** "nuts", "vegan", "raw onion". */
  readonly what: string;
  /** The foods that it is about; empty where the larder does not know the line. */
  readonly foods: readonly IngredientId[];
  readonly sentence: string;
  readonly remedy: string;
}

/** What was looked for on behalf of a person, in a sentence that promises nothing. */
export interface PersonSummary {
  readonly personId: PersonId;
  readonly sentence: string;
}

export interface PeopleCheck {
  /** The worst first. */
  readonly findings: readonly PeopleFinding[];
  readonly summaries: readonly PersonSummary[];
}
