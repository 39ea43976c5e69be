import { infiniteQueryOptions, queryOptions } from '@tanstack/react-query';
import type {
  ClassSummary,
  ClassView,
  CourseView,
  KitchenView,
  LarderEntryView,
  RecipeSummary,
  RecipeVersionView,
  RecipeView,
  SessionView,
  SignInOptions,
  StockView,
  TechniqueView,
  TickView,
} from '@fornax/contract';
import type { ClassNeeds, Recipe } from '@fornax/core';
import { call, callPage, type Page } from './client.js';

/** Other people's changes arrive by asking again while the page is visible. */
const pollMilliseconds = 2000;
/** A tick in the shop is on the laptop within two seconds, the way there and back included. */
const tickPollMilliseconds = 1000;

function earlierOf({ earlier }: Page<unknown>): string | null {
  return earlier;
}

export const sessionQuery = queryOptions({
  queryKey: ['session'],
  queryFn: ({ signal }) => call<SessionView>('/session', { signal }),
  retry: false,
  staleTime: Infinity,
});
export const signInOptionsQuery = queryOptions({
  queryKey: ['sign-in-options'],
  queryFn: ({ signal }) => call<SignInOptions>('/session/options', { signal }),
});
export const classesQuery = queryOptions({
  queryKey: ['classes'],
  queryFn: ({ signal }) => call<ClassSummary[]>('/classes', { signal }),
});
/** The same list page by page, into the past. */
export const classPagesQuery = infiniteQueryOptions({
  queryKey: ['classes', 'pages'],
  queryFn: ({ pageParam, signal }) => callPage<ClassSummary>(pageParam, signal),
  initialPageParam: '/classes',
  getNextPageParam: earlierOf,
  refetchInterval: ({ state }) =>
    state.data?.pages.some(({ rows }) => rows.some(({ isBeingPlanned }) => isBeingPlanned))
      ? pollMilliseconds
      : false,
});
/** Classes that have a text in their title, however long ago. */
export function classesNamedQuery(text: string) {
  return queryOptions({
    queryKey: ['classes', 'named', text],
    queryFn: ({ signal }) => call<ClassSummary[]>(`/classes?find=${encodeURIComponent(text)}`, { signal }),
    enabled: text.length > 1,
  });
}
export const coursesQuery = queryOptions({
  queryKey: ['courses'],
  queryFn: ({ signal }) => call<CourseView[]>('/courses', { signal }),
});
export const recipesQuery = queryOptions({
  queryKey: ['recipes'],
  queryFn: ({ signal }) => call<RecipeSummary[]>('/recipes', { signal }),
  refetchInterval: ({ state }) => (state.data?.some(({ isRenewed }) => isRenewed) ? pollMilliseconds : false),
});
export const techniquesQuery = queryOptions({
  queryKey: ['techniques'],
  queryFn: ({ signal }) => call<TechniqueView[]>('/techniques', { signal }),
  staleTime: 20_000,
});

export function classQuery(id: string) {
  return queryOptions({
    queryKey: ['class', id],
    queryFn: ({ signal }) => call<ClassView>(`/classes/${id}`, { signal }),
    refetchInterval: pollMilliseconds,
  });
}

/** A recipe's draft with its fields side by side, so that two people who change different ones are joined. */
export type RecipeRow = Recipe & Omit<RecipeView, 'content'>;

export function rowOfRecipe({ content, ...view }: RecipeView): RecipeRow {
  return { ...content, ...view };
}

export function recipeQuery(id: string) {
  return queryOptions({
    queryKey: ['recipe-row', id],
    queryFn: async ({ signal }) => rowOfRecipe(await call<RecipeView>(`/recipes/${id}`, { signal })),
    refetchInterval: pollMilliseconds,
  });
}

export function versionsQuery(id: string) {
  return infiniteQueryOptions({
    queryKey: ['recipe-versions', id],
    queryFn: ({ pageParam, signal }) => callPage<RecipeVersionView>(pageParam, signal),
    initialPageParam: `/recipes/${id}/versions`,
    getNextPageParam: earlierOf,
  });
}

export const kitchenQuery = queryOptions({
  queryKey: ['kitchen'],
  queryFn: ({ signal }) => call<KitchenView>('/kitchen', { signal }),
  staleTime: 30_000,
});
/** The same, asked for again while it is being edited. */
export const kitchenRowQuery = queryOptions({
  queryKey: ['kitchen'],
  queryFn: ({ signal }) => call<KitchenView>('/kitchen', { signal }),
  refetchInterval: pollMilliseconds,
});
/** What coming classes want changes seldom: it is asked for now and then. */
export const needsQuery = queryOptions({
  queryKey: ['needs'],
  queryFn: ({ signal }) => call<ClassNeeds[]>('/classes/needs', { signal }),
  staleTime: 30_000,
  refetchInterval: 60_000,
});
export const larderQuery = queryOptions({
  queryKey: ['larder'],
  queryFn: ({ signal }) => call<LarderEntryView[]>('/larder', { signal }),
  refetchInterval: pollMilliseconds,
});
export const stockQuery = queryOptions({
  queryKey: ['stock'],
  queryFn: ({ signal }) => call<StockView[]>('/stock', { signal }),
  refetchInterval: pollMilliseconds,
});

export function ticksQuery(classId: string) {
  return queryOptions({
    queryKey: ['ticks', classId],
    queryFn: ({ signal }) => call<TickView[]>(`/classes/${classId}/ticks`, { signal }),
    refetchInterval: tickPollMilliseconds,
  });
}
