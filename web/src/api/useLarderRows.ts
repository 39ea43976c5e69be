import { useCallback } from 'react';
import { useQuery, useQueryClient, type QueryClient } from '@tanstack/react-query';
import type { LarderEntryView } from '@fornax/contract';
import type { LarderEntry } from '@fornax/core';
import { fetchChecks } from './checks.js';
import { call } from './client.js';
import { kitchenQuery, larderQuery } from './queries.js';

const none: readonly LarderEntryView[] = [];

export interface LarderRows {
  readonly entries: readonly LarderEntryView[];
  /** The kitchen's money, in which prices are written. */
  readonly currency: string;
  readonly isLoading: boolean;
  readonly error: Error | null;
  retry: () => void;
  /** Saves what the kitchen says of one ingredient. Throws with a sentence where it was refused. */
  save: (entry: LarderEntry) => Promise<void>;
  /** Saves one figure; null puts the standard one back. */
  setFigure: (ingredient: string, key: string, value: number | null) => Promise<void>;
}

/** What the kitchen says of its ingredients, each saved under its revision. */
export function useLarderRows(): LarderRows {
  const client = useQueryClient();
  const { data: kitchen } = useQuery(kitchenQuery);
  const currency = kitchen?.currency ?? 'GBP';
  const { data = none, isPending, error, refetch } = useQuery(larderQuery);
  const save = useSaveEntry(client);
  const setFigure = useCallback(
    async (ingredient: string, key: string, value: number | null) => {
      const before = client
        .getQueryData(larderQuery.queryKey)
        ?.find((each) => each.ingredient === ingredient);
      const rest = Object.fromEntries(Object.entries(before?.figures ?? {}).filter(([each]) => each !== key));
      await save({
        ingredient,
        figures: value === null ? rest : { ...rest, [key]: value },
        own: before?.own ?? null,
        called: before?.called ?? [],
        mayContain: before?.mayContain ?? [],
      });
    },
    [client, save],
  );
  return {
    entries: data,
    currency,
    isLoading: isPending,
    error,
    retry: () => void refetch(),
    save,
    setFigure,
  };
}

/** Sends what the kitchen says of one ingredient; a refusal throws its sentence. */
function useSaveEntry(client: QueryClient): LarderRows['save'] {
  return useCallback(
    async ({ ingredient, figures, own, called = [], mayContain = [] }: LarderEntry) => {
      const checks = await fetchChecks();
      const problem = checks?.larderEntry({
        figures: { ...figures },
        own: own && { ...own, allergens: [...own.allergens] },
        called: [...called],
        mayContain: [...mayContain],
      })[0];
      if (problem) throw new Error(problem.sentence);
      const known = client.getQueryData(larderQuery.queryKey)?.find((each) => each.ingredient === ingredient);
      await client.cancelQueries({ queryKey: larderQuery.queryKey });
      const saved = await call<LarderEntryView>(`/larder/${ingredient}`, {
        method: 'PUT',
        body: { figures, own, called, mayContain },
        revision: known?.revision ?? 0,
      }).catch(async (failure: Error) => {
        await client.invalidateQueries({ queryKey: larderQuery.queryKey });
        throw failure;
      });
      client.setQueryData(larderQuery.queryKey, (all = none as LarderEntryView[]) => [
        ...all.filter((each) => each.ingredient !== ingredient),
        saved,
      ]);
      // A name is taken from what had it before, on the server.
      if (called.length > 0) void client.invalidateQueries({ queryKey: larderQuery.queryKey });
      void client.invalidateQueries({ queryKey: kitchenQuery.queryKey });
    },
    [client],
  );
}
