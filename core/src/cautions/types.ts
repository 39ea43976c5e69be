import type { SafetyProfile } from '../class/index.js';
import type { IngredientId, StepId } from '../identity/index.js';
import type { Larder } from '../larder/index.js';
import type { Recipe } from '../recipes/index.js';

/** What comes of it where nothing is done: somebody is hurt, the dish is spoilt, or time is lost. */
export type Severity = 'harm' | 'spoils the dish' | 'costs time';

/** A recipe as a class makes it, and by whose advice it is judged. */
export interface Judged {
  readonly recipe: Recipe;
  readonly larder: Larder;
  readonly profile: SafetyProfile;
}

/** One place where a rule speaks. */
export interface Found {
  readonly stepId: StepId | null;
  /** What is wrong, as it goes on after the dish: "the kidney beans are not soaked". */
  readonly sentence: string;
  /** What is done about it. */
  readonly remedy: string;
  /** A food that can be taken in place of another, where that mends it. */
  readonly swap?: { readonly missing: IngredientId; readonly taken: IngredientId };
}

/** A mistake that practitioners know, as a small pure function. */
export interface Rule {
  readonly id: string;
  readonly severity: Severity;
  /** Where its figures come from. */
  readonly source: 'general advice' | 'the trade';
  /** The technique note to read; null where there is none. */
  readonly note: string | null;
  readonly find: (judged: Judged) => readonly Found[];
}
