import type { ClassView, KitchenView, RecipeView, UpdateClassDto } from '@fornax/contract';
import type { Recipe } from '@fornax/core';
import { call } from './client.js';
import { rowOfRecipe, type RecipeRow } from './queries.js';

/** The fields of a class that can be changed. */
export type ClassEdits = Pick<
  ClassView,
  | 'title'
  | 'startsAt'
  | 'lengthMinutes'
  | 'place'
  | 'people'
  | 'peoplePerStation'
  | 'assistants'
  | 'demonstrationPlates'
  | 'dishes'
  | 'decisions'
  | 'roster'
>;

/** The fields of a kitchen that can be changed. */
export type KitchenEdits = Omit<KitchenView, 'revision' | 'larder'>;

/** How a row that is edited without a save button is read and sent, and where it is shown. */
export interface KeptRow<T, P> {
  readonly read: () => Promise<T>;
  /** Sends a change under the revision it builds on; `base` is the row as the server last gave it. */
  readonly send: (patch: P, revision: number, base: T) => Promise<T>;
  /** The row in what a refused write is answered with. */
  readonly rowOf: (current: unknown) => T;
  readonly nameOf: (row: T) => string;
  readonly place: string;
}

export function classRow(id: string): KeptRow<ClassView, ClassEdits> {
  const path = `/classes/${id}`;
  return {
    read: () => call<ClassView>(path),
    send: (patch, revision) => call<ClassView>(path, { method: 'PATCH', body: bodyOfClass(patch), revision }),
    rowOf: (current) => current as ClassView,
    nameOf: ({ title }) => title,
    place: path,
  };
}

/** Dishes are sent without their recipes. */
export function bodyOfClass({ dishes, ...fields }: Partial<ClassEdits>): UpdateClassDto {
  if (!dishes) return fields;
  return {
    ...fields,
    dishes: dishes.map(({ id, recipeId, portion, maker, choices, making, useNewest }) => ({
      id,
      recipeId,
      portion,
      maker,
      choices,
      making: making ?? {},
      ...(useNewest ? { useNewest } : {}),
    })),
  };
}

export function recipeRow(id: string): KeptRow<RecipeRow, Recipe> {
  const path = `/recipes/${id}`;
  return {
    read: async () => rowOfRecipe(await call<RecipeView>(path)),
    send: async (patch, revision, base) =>
      rowOfRecipe(
        await call<RecipeView>(path, {
          method: 'PATCH',
          body: { content: { ...contentOf(base), ...patch } },
          revision,
        }),
      ),
    rowOf: (current) => rowOfRecipe(current as RecipeView),
    nameOf: ({ title }) => title,
    place: path,
  };
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

export const kitchenRow: KeptRow<KitchenView, KitchenEdits> = {
  read: () => call<KitchenView>('/kitchen'),
  send: (patch, revision) => call<KitchenView>('/kitchen', { method: 'PATCH', body: patch, revision }),
  rowOf: (current) => current as KitchenView,
  nameOf: ({ name }) => name,
  place: '/kitchen',
};

/** The row by the name it is kept under on the device; null for one of an unknown kind. */
export function keptRow(name: string): KeptRow<never, never> | null {
  const [kind, id = ''] = name.split(':') as [string, string?];
  const rows: Readonly<Record<string, () => unknown>> = {
    class: () => classRow(id),
    'recipe-row': () => recipeRow(id),
    kitchen: () => kitchenRow,
  };
  return Object.hasOwn(rows, kind) ? (rows[kind]!() as KeptRow<never, never>) : null;
}
