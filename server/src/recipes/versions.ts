import type { Recipe } from '@fornax/core';
import { v7 as uuid } from 'uuid';
import { RecipeVersionRow, type RecipeRow } from '../database/models.js';
import { KitchenScope } from '../database/scope.js';
import { countsOf } from './composition.js';
import { wholeRecipes } from './library.js';

/** Who cuts a version, and why. */
export interface VersionReason {
  readonly by: string;
  readonly note: string;
}

/**
 * The number of the version that holds the recipe's draft as it stands, sub-recipes written out; one is cut
 * where the draft has moved on.
 */
export async function versionOfDraft(
  recipe: RecipeRow,
  reason: VersionReason = { by: '', note: '' },
): Promise<number> {
  const versions = new KitchenScope(RecipeVersionRow, recipe.kitchenId);
  const newest = await versions.findOne({
    where: { recipeId: recipe.id },
    order: [['number', 'DESC']],
    lock: true,
  });
  const [content] = await wholeRecipes(recipe.kitchenId, [recipe]);
  if (newest && isSameContent(newest.content, content!)) return newest.number;
  const number = (newest?.number ?? 0) + 1;
  await versions.create({
    id: uuid(),
    recipeId: recipe.id,
    number,
    content,
    ...countsOf(content!),
    note: reason.note,
    madeBy: reason.by,
    madeAt: new Date(),
  });
  return number;
}

export function isSameContent(a: Recipe, b: Recipe): boolean {
  return JSON.stringify(a) === JSON.stringify(b);
}
