import { useEffect, useMemo, useRef, useState } from 'react';
import { getLocalTimeZone, today } from '@internationalized/date';
import { useQueries, useQuery } from '@tanstack/react-query';
import type { ClassView } from '@fornax/contract';
import type { ClassBundle, ClassPlan } from '@fornax/core';
import { classQuery, needsQuery, stockQuery } from '../api/queries.js';
import { planWorker } from '../workers/plan-worker.js';

interface Planned { readonly plan: ClassPlan | null; readonly bundle: ClassBundle | null; readonly error: Error | null }

/** Plans what is on the screen in the worker. The last plan stands until the next is ready; only the newest counts. */
export function usePlan(view: ClassView | undefined): Planned {
  const [planned, setPlanned] = useState<Planned & { id: string }>({ plan: null, bundle: null, error: null, id: '' });
  const asked = useRef(0);
  const bundle = useBundle(view);
  useEffect(() => {
    if (!bundle) return;
    const turn = ++asked.current;
    const { id } = bundle.class;
    planWorker().plan(bundle).then(
      (plan) => { if (turn === asked.current) setPlanned({ plan, bundle, error: null, id }); },
      (error: Error) => { if (turn === asked.current) setPlanned({ plan: null, bundle: null, error, id }); },
    );
  }, [bundle]);
  return view && planned.id === view.id ? planned : { plan: null, bundle: null, error: null };
}

/** A class with what stands around it: the cupboard, the classes it is bought for with, and those that could use what is left. */
function useBundle(view: ClassView | undefined): ClassBundle | null {
  const { data: stock } = useQuery(stockQuery);
  const { data: others } = useQuery(needsQuery);
  const together = useQueries({ queries: (view?.decisions.together ?? []).map((id) => ({ ...classQuery(id), refetchInterval: 30_000 })), combine: (results) => results.flatMap(({ data }) => data ?? []) });
  const now = today(getLocalTimeZone()).toString();
  return useMemo(() => (view ? { class: view, kitchen: view.kitchen, stock, others, together, today: now } : null), [view, stock, others, together, now]);
}
