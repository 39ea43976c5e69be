import { useState } from 'react';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import type { FieldProblem, RecipeView } from '@fornax/contract';
import type { DishUse, Recipe } from '@fornax/core';
import { useNavigate } from 'react-router';
import { v7 as uuid } from 'uuid';
import { ApiError, call } from '../../api/client.js';
import { fetchChecks } from '../../api/checks.js';
import { recipeQuery, rowOfRecipe } from '../../api/queries.js';

const mostDishes = 30;

/**
 * Keeps every recipe of a text, those that others are made of first. The ids stay the same however often it
 * is tried, so that what was kept before a failure is not kept twice.
 */
export function useKeepAll(recipes: readonly Recipe[], uses: readonly DishUse[], onKept: () => void) {
  const navigate = useNavigate();
  const client = useQueryClient();
  const [ids] = useState(() => Array.from({ length: mostDishes }, () => uuid()));
  const [problems, setProblems] = useState<readonly FieldProblem[]>([]);
  const make = useMutation({
    mutationFn: async (contents: readonly Recipe[]) => {
      for (const index of inOrder(contents, uses)) {
        const view = await call<RecipeView>('/recipes', {
          method: 'POST',
          body: { id: ids[index]!, content: contents[index]! },
        });
        client.setQueryData(recipeQuery(view.id).queryKey, rowOfRecipe(view));
      }
    },
    onSuccess: async () => {
      onKept();
      await client.invalidateQueries({ queryKey: ['recipes'] });
      void navigate(`/recipes/${ids[0]!}?edit=1`);
    },
    onError: (error) =>
      setProblems(
        error instanceof ApiError && error.fields.length > 0
          ? error.fields
          : [{ field: '', sentence: error.message }],
      ),
  });
  const keep = async () => {
    const whole = recipes.map((recipe, index) => withParts(recipe, index, uses, ids));
    const checks = await fetchChecks();
    const found = whole.flatMap((recipe) => checks?.recipe(recipe as never) ?? []);
    setProblems(found);
    if (found.length === 0) make.mutate(whole);
  };
  return { keep: () => void keep(), problems, isKeeping: make.isPending };
}

function withParts(recipe: Recipe, index: number, uses: readonly DishUse[], ids: readonly string[]): Recipe {
  const own = uses.filter((use) => use.recipe === index);
  if (own.length === 0) return recipe;
  return {
    ...recipe,
    components: recipe.components.map((component) => {
      const use = own.find((each) => each.component === component.id);
      return use ? { ...component, recipe: { recipeId: ids[use.of]!, batches: use.batches } } : component;
    }),
  };
}

/** Each after those that it is made of. */
function inOrder(recipes: readonly Recipe[], uses: readonly DishUse[]): number[] {
  const order: number[] = [];
  const take = (index: number) => {
    if (order.includes(index)) return;
    for (const use of uses) if (use.recipe === index) take(use.of);
    order.push(index);
  };
  recipes.forEach((_, index) => take(index));
  return order;
}
