import { useCallback, useMemo } from 'react';
import type { ClassView, UpdateClassDto } from '@fornax/contract';
import { call } from '../api/client.js';
import { classQuery } from '../api/queries.js';
import { useRowEditor, type RowEditor } from '../api/useRowEditor.js';
import { checkClass } from '../api/check.js';
import type { ClassEdits } from './class-context.js';

/** Edits a class in place. */
export function useClassEditor(id: string): RowEditor<ClassView, ClassEdits> {
  const query = useMemo(() => classQuery(id), [id]);
  const send = useCallback(
    (patch: ClassEdits, revision: number) =>
      call<ClassView>(`/classes/${id}`, { method: 'PATCH', body: bodyOf(patch), revision }),
    [id],
  );
  const check = useCallback((patch: Partial<ClassEdits>) => checkClass(bodyOf(patch)), []);
  return useRowEditor<ClassView, ClassEdits>({ row: `class:${id}`, query: query as never, send, check });
}

/** Dishes are sent without their recipes. */
function bodyOf({ dishes, ...fields }: Partial<ClassEdits>): UpdateClassDto {
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
