import { useCallback } from 'react';
import type { KitchenView, UpdateKitchenDto } from '@fornax/contract';
import { checksIfHere } from '../api/checks.js';
import { kitchenRowQuery } from '../api/queries.js';
import { type KitchenEdits, kitchenRow } from '../api/rows.js';
import { useRowEditor, type RowEditor } from '../api/useRowEditor.js';

export type KitchenEditor = RowEditor<KitchenView, KitchenEdits>;

/** Edits the kitchen in place. */
export function useKitchenEditor(): KitchenEditor {
  const check = useCallback(
    (patch: Partial<KitchenEdits>) => checksIfHere()?.kitchen(patch as UpdateKitchenDto) ?? [],
    [],
  );
  return useRowEditor<KitchenView, KitchenEdits>({
    row: 'kitchen',
    query: kitchenRowQuery as never,
    kept: kitchenRow,
    check,
  });
}
