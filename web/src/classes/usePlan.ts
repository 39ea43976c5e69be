import { useEffect, useRef, useState } from 'react';
import type { ClassView } from '@fornax/contract';
import type { ClassPlan } from '@fornax/core';
import { planWorker } from '../workers/plan-worker.js';

interface Planned { readonly plan: ClassPlan | null; readonly error: Error | null }

/** Plans what is on the screen in the worker. The last plan stands until the next is ready; only the newest counts. */
export function usePlan(view: ClassView | undefined): Planned {
  const [planned, setPlanned] = useState<Planned & { id: string }>({ plan: null, error: null, id: '' });
  const asked = useRef(0);
  useEffect(() => {
    if (!view) return;
    const turn = ++asked.current;
    planWorker().plan({ class: view, kitchen: view.kitchen }).then(
      (plan) => { if (turn === asked.current) setPlanned({ plan, error: null, id: view.id }); },
      (error: Error) => { if (turn === asked.current) setPlanned({ plan: null, error, id: view.id }); },
    );
  }, [view]);
  return view && planned.id === view.id ? planned : { plan: null, error: null };
}
