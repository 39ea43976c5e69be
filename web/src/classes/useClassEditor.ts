import { useCallback, useMemo } from 'react';
import type { ClassView } from '@fornax/contract';
import { checksIfHere } from '../api/checks.js';
import { classQuery } from '../api/queries.js';
import { bodyOfClass, type ClassEdits, classRow } from '../api/rows.js';
import { useRowEditor, type RowEditor } from '../api/useRowEditor.js';

/** Edits a class in place. */
export function useClassEditor(id: string): RowEditor<ClassView, ClassEdits> {
  const query = useMemo(() => classQuery(id), [id]);
  const kept = useMemo(() => classRow(id), [id]);
  const check = useCallback(
    (patch: Partial<ClassEdits>) => checksIfHere()?.classPart(bodyOfClass(patch)) ?? [],
    [],
  );
  return useRowEditor<ClassView, ClassEdits>({ row: `class:${id}`, query: query as never, kept, check });
}
