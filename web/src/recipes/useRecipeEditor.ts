import { useCallback, useMemo } from 'react';
import type { Recipe } from '@fornax/core';
import { checksIfHere } from '../api/checks.js';
import { recipeQuery, type RecipeRow } from '../api/queries.js';
import { recipeRow } from '../api/rows.js';
import { useRowEditor, type RowEditor } from '../api/useRowEditor.js';

export type RecipeEditor = RowEditor<RecipeRow, Recipe>;

/** Edits a recipe's draft in place: saved as one types, joined with what others change elsewhere in it. */
export function useRecipeEditor(id: string): RecipeEditor {
  const query = useMemo(() => recipeQuery(id), [id]);
  const kept = useMemo(() => recipeRow(id), [id]);
  const check = useCallback((patch: Partial<Recipe>) => checksIfHere()?.recipePart(patch as never) ?? [], []);
  return useRowEditor<RecipeRow, Recipe>({ row: `recipe-row:${id}`, query: query as never, kept, check });
}
