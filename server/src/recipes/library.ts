import { expandRecipe, mostWrittenOut, subRecipeIds, type FindRecipe, type Recipe } from '@fornax/core';
import { Op } from 'sequelize';
import { RecipeRow } from '../database/models.js';
import { KitchenScope } from '../database/scope.js';

/** Loads every recipe that these are made of, level by level, and gives a look-up of drafts. */
async function loadSubRecipes(kitchenId: string, contents: readonly Recipe[]): Promise<FindRecipe> {
  const known = new Map<string, Recipe>();
  let wanted = [...new Set(contents.flatMap(subRecipeIds))];
  for (let level = 0; level < mostWrittenOut.levels && wanted.length > 0; level++) {
    const rows = await new KitchenScope(RecipeRow, kitchenId).find({
      where: { id: { [Op.in]: wanted }, deletedAt: null },
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
): Promise<Recipe[]> {
  const find = await loadSubRecipes(
    kitchenId,
    drafts.map(({ content }) => content),
  );
  return drafts.map(({ id, content }) => expandRecipe(content, find, [id]));
}
