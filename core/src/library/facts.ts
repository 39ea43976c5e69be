import type { Workings, WorkingStep } from '../amounts/index.js';
import type { AllergenList, Hemisphere, Ingredient, Larder } from '../larder/index.js';
import type { RecipeLine } from '../recipes/index.js';
import { counted, type English } from '../words/index.js';

/** One computed fact of a recipe, as text with its workings. */
export interface RecipeFact {
  readonly id: 'yield' | 'batches' | 'minutes' | 'season' | 'cost';
  readonly label: string;
  readonly text: string;
  readonly workings: Workings;
}

/** What Fornax works out of a recipe as it stands. */
export interface RecipeFacts {
  readonly facts: readonly RecipeFact[];
  readonly allergens: readonly string[];
  /** Names of lines whose allergens are not known. */
  readonly notKnown: readonly string[];
  /** "vegetarian", "vegan": by the larder; labels decide. */
  readonly diets: readonly string[];
  readonly cautions: readonly { readonly ingredient: string; readonly sentence: string }[];
}

export interface RecipeFactsOptions {
  readonly larder?: Larder;
  readonly english: English;
  readonly allergenList: AllergenList;
  readonly currency: string;
  /** Which half of the earth the kitchen's seasons follow. */
  readonly hemisphere: Hemisphere;
}

export interface LineOf {
  readonly line: RecipeLine;
  readonly ingredient: Ingredient | null;
}

/** Said behind a figure that lacks some lines: ", not known for 2 lines"; empty where it has all. */
export function lacking(count: number): string {
  return count > 0 ? `, not known for ${counted(count, 'line')}` : '';
}

/** The lines that a figure lacks, as a step of its workings. */
export function lackingStep(names: readonly string[]): WorkingStep[] {
  return names.length > 0
    ? [{ label: 'Not known', value: counted(names.length, 'line'), note: names.join(', ') }]
    : [];
}

export function fact(
  id: RecipeFact['id'],
  label: string,
  text: string,
  steps: readonly WorkingStep[],
  estimated: boolean,
): RecipeFact {
  return { id, label, text, workings: { title: `${label}: ${text}`, steps, result: text, estimated } };
}
