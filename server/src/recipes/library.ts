import { expandRecipe, recipeLoop, subRecipeIds, type FindRecipe, type Recipe } from '@fornax/core';
import { Op, type Transaction } from 'sequelize';
import { RecipeRow } from '../database/models.js';
import { KitchenScope } from '../database/scope.js';

/** Sub-recipes are looked for this many levels down. */
const deepest = 6;

/** Loads every recipe that these are made of, level by level, and gives a look-up of drafts. */
async function loadSubRecipes(
  kitchenId: string,
  contents: readonly Recipe[],
  transaction?: Transaction,
): Promise<FindRecipe> {
  const known = new Map<string, Recipe>();
  let wanted = [...new Set(contents.flatMap(subRecipeIds))];
  for (let level = 0; level < deepest && wanted.length > 0; level++) {
    const rows = await new KitchenScope(RecipeRow, kitchenId).find({
      where: { id: { [Op.in]: wanted }, deletedAt: null },
      transaction,
    });
    for (const row of rows) known.set(row.id, row.content);
    wanted = [...new Set(rows.flatMap((row) => subRecipeIds(row.content)))].filter((id) => !known.has(id));
  }
  return (id) => known.get(id) ?? null;
}

/** Drafts with their sub-recipes written out, in the order given. */
export async function wholeRecipes(
  kitchenId: string,
  drafts: readonly { readonly id: string; readonly content: Recipe }[],
  transaction?: Transaction,
): Promise<Recipe[]> {
  const find = await loadSubRecipes(
    kitchenId,
    drafts.map(({ content }) => content),
    transaction,
  );
  return drafts.map(({ id, content }) => expandRecipe(content, find, [id]));
}

/** A sentence where a recipe would become part of itself; null where not. */
export async function loopSentence(kitchenId: string, id: string, content: Recipe): Promise<string | null> {
  const loop = recipeLoop(id, content, await loadSubRecipes(kitchenId, [content]));
  return loop
    ? `This would make the recipe a part of itself: ${loop.map((title) => `“${title}”`).join(' needs ')}.`
    : null;
}
