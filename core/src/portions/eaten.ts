import type { ClassDish } from '../class/index.js';
import type { RecipeLine } from '../recipes/index.js';
import { makesLine } from './portion-recipe.js';
import type { Batch } from './types.js';

/** The lines that whoever eats of a batch eats: its own, and those of what is made once for all. */
export function linesEatenOf(
  { recipe }: Pick<ClassDish, 'recipe'>,
  batches: readonly Batch[],
  batch: Batch,
): RecipeLine[] {
  const once = batch.components === null ? [] : batches.filter(({ kind }) => kind === 'made once');
  return recipe.lines.filter((line) => [batch, ...once].some((each) => makesLine(each, line)));
}
