import type { Recipe } from '../recipes/index.js';

/** What was found in a file: recipes, or the reason why there are none, and what was passed over. */
export interface FileReading {
  readonly recipes: readonly Recipe[];
  /** One plain sentence where the file was refused; empty otherwise. */
  readonly refused: string;
  /** What was left out of the recipes that were taken, a sentence each. */
  readonly remarks: readonly string[];
}

/** The largest file that is read, in bytes. */
export const largestFileBytes = 5 * 1024 * 1024;
/** The most recipes that one file may bring. */
export const mostRecipesInFile = 500;

export function refuse(reason: string): FileReading {
  return { recipes: [], refused: reason, remarks: [] };
}
