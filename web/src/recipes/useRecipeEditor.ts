import { useCallback, useMemo } from 'react';
import type { RecipeView } from '@fornax/contract';
import type { Recipe } from '@fornax/core';
import { call } from '../api/client.js';
import { recipeQuery, rowOfRecipe, type RecipeRow } from '../api/queries.js';
import { useRowEditor, type RowEditor } from '../api/useRowEditor.js';
import { checkRecipePart } from '../api/check.js';

export type RecipeEditor = RowEditor<RecipeRow, Recipe>;

/** Edits a recipe's draft in place: saved as one types, joined with what others change elsewhere in it. */
export function useRecipeEditor(id: string): RecipeEditor {
  const query = useMemo(() => recipeQuery(id), [id]);
  const send = useCallback(
    async (patch: Recipe, revision: number, base: RecipeRow) =>
      rowOfRecipe(
        await call<RecipeView>(`/recipes/${id}`, {
          method: 'PATCH',
          body: { content: { ...contentOf(base), ...patch } },
          revision,
        }),
      ),
    [id],
  );
  const check = useCallback((patch: Partial<Recipe>) => checkRecipePart(patch as never), []);
  return useRowEditor<RecipeRow, Recipe>({
    row: `recipe-row:${id}`,
    query: query as never,
    send,
    check,
    rowOf: fromView,
  });
}

function fromView(current: unknown): RecipeRow {
  return rowOfRecipe(current as RecipeView);
}

/** The recipe alone, without what the server says about it. */
export function contentOf({
  id: _id,
  revision: _revision,
  usedBy: _usedBy,
  whole: _whole,
  ...content
}: RecipeRow): Recipe {
  return content;
}
