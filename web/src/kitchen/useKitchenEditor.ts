import { useCallback } from 'react';
import type { KitchenView, UpdateKitchenDto } from '@fornax/contract';
import { call } from '../api/client.js';
import { kitchenRowQuery } from '../api/queries.js';
import { useRowEditor, type RowEditor } from '../api/useRowEditor.js';
import { checkKitchen } from '../api/check.js';

/** The fields of a kitchen that can be changed. */
export type KitchenEdits = Omit<KitchenView, 'revision' | 'larder'>;
export type KitchenEditor = RowEditor<KitchenView, KitchenEdits>;

/** Edits the kitchen in place. */
export function useKitchenEditor(): KitchenEditor {
  const send = useCallback(
    (patch: KitchenEdits, revision: number) =>
      call<KitchenView>('/kitchen', { method: 'PATCH', body: patch, revision }),
    [],
  );
  const check = useCallback((patch: Partial<KitchenEdits>) => checkKitchen(patch as UpdateKitchenDto), []);
  return useRowEditor<KitchenView, KitchenEdits>({
    row: 'kitchen',
    query: kitchenRowQuery as never,
    send,
    check,
  });
}
