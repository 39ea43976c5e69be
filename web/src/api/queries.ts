import { queryOptions } from '@tanstack/react-query';
import type { ClassSummary, ClassView, CourseView, RecipeSummary, RecipeView, SessionView, SignInOptions, TickView } from '@fornax/contract';
import type { TechniqueNote } from '@fornax/core';
import { call } from './client.js';

/** Other people's changes arrive by asking again while the page is visible. */
const pollMilliseconds = 2000;

export const sessionQuery = queryOptions({ queryKey: ['session'], queryFn: ({ signal }) => call<SessionView>('/session', { signal }), retry: false, staleTime: Infinity });
export const signInOptionsQuery = queryOptions({ queryKey: ['sign-in-options'], queryFn: ({ signal }) => call<SignInOptions>('/session/options', { signal }) });
export const classesQuery = queryOptions({ queryKey: ['classes'], queryFn: ({ signal }) => call<ClassSummary[]>('/classes', { signal }) });
export const coursesQuery = queryOptions({ queryKey: ['courses'], queryFn: ({ signal }) => call<CourseView[]>('/courses', { signal }) });
export const recipesQuery = queryOptions({ queryKey: ['recipes'], queryFn: ({ signal }) => call<RecipeSummary[]>('/recipes', { signal }) });
export const techniquesQuery = queryOptions({ queryKey: ['techniques'], queryFn: ({ signal }) => call<TechniqueNote[]>('/techniques', { signal }), staleTime: 60_000 });

export function classQuery(id: string) {
  return queryOptions({ queryKey: ['class', id], queryFn: ({ signal }) => call<ClassView>(`/classes/${id}`, { signal }), refetchInterval: pollMilliseconds });
}

export function recipeQuery(id: string) {
  return queryOptions({ queryKey: ['recipe', id], queryFn: ({ signal }) => call<RecipeView>(`/recipes/${id}`, { signal }), refetchInterval: pollMilliseconds });
}

export function ticksQuery(classId: string) {
  return queryOptions({ queryKey: ['ticks', classId], queryFn: ({ signal }) => call<TickView[]>(`/classes/${classId}/ticks`, { signal }), refetchInterval: pollMilliseconds });
}
