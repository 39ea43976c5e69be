import { useEffect, useMemo, useRef, useState } from 'react';
import { getLocalTimeZone, today } from '@internationalized/date';
import { useQueries, useQuery } from '@tanstack/react-query';
import type { ClassView } from '@fornax/contract';
import {
  type ClassBundle,
  type ClassPlan,
  type LocalDate,
  type PlanOptions,
  type Starts,
} from '@fornax/core';
import { classQuery, needsQuery, stockQuery } from '../api/queries.js';
import { planWorker, searchWorker } from '../workers/plan-worker.js';
import { better, questionOf } from './planning.js';

interface Planned {
  readonly plan: ClassPlan | null;
  readonly bundle: ClassBundle | null;
  readonly error: Error | null;
  /** A better plan is still being looked for. */
  readonly isBettering: boolean;
}

const restMilliseconds = 500;

/**
 * Plans what is on the screen in the worker. The first valid plan is shown at once, then bettered in a second
 * worker while nothing changes. The last plan stands until the next is ready; only the newest counts. Pinned
 * jobs are worked around from the plan that stands.
 */
export function usePlan(view: ClassView | undefined): Planned {
  const [planned, setPlanned] = useState<Planned & { id: string }>({
    plan: null,
    bundle: null,
    error: null,
    isBettering: false,
    id: '',
  });
  const asked = useRef(0);
  const standing = useRef<{ question: string; starts: Starts }>({ question: '', starts: {} });
  const bundle = useBundle(view);
  useEffect(() => {
    if (!bundle) return;
    const turn = ++asked.current;
    const { id } = bundle.class;
    const question = questionOf(bundle);
    const isSame = standing.current.question === question;
    const isCurrent = () => turn === asked.current;
    const show = (plan: ClassPlan, isBettering: boolean) => {
      standing.current = { question, starts: plan.timeline.starts };
      setPlanned({ plan, bundle, error: null, isBettering, id });
    };
    // A plan mended around a pin stays as it is: what was not asked for does not move again.
    const isMended = isSame && Object.keys(bundle.class.decisions?.pins ?? {}).length > 0;
    planWorker()
      .plan(bundle, isSame ? { standing: standing.current.starts } : {})
      .then(
        (plan) => {
          if (!isCurrent()) return;
          show(plan, !isMended);
          if (!isMended) void better(bundle, plan, { plan: planBeside, isCurrent, show, restMilliseconds });
        },
        (error: Error) => {
          if (isCurrent()) setPlanned({ plan: null, bundle: null, error, isBettering: false, id });
        },
      );
  }, [bundle]);
  return view && planned.id === view.id
    ? planned
    : { plan: null, bundle: null, error: null, isBettering: false };
}

/** In the second worker, which is begun once it is needed: not while the page is first drawn. */
const planBeside = (bundle: ClassBundle, options: PlanOptions): Promise<ClassPlan> =>
  searchWorker().plan(bundle, options);

/**
 * A class with what stands around it: the cupboard, the classes it is bought for with, and those that could
 * use what is left.
 */
function useBundle(view: ClassView | undefined): ClassBundle | null {
  const { data: stock } = useQuery(stockQuery);
  const { data: others } = useQuery(needsQuery);
  const together = useQueries({
    queries: (view?.decisions.together ?? []).map((id) => ({ ...classQuery(id), refetchInterval: 30_000 })),
    combine: (results) => results.flatMap(({ data }) => data ?? []),
  });
  const now = today(getLocalTimeZone()).toString() as LocalDate;
  return useMemo(
    () => (view ? { class: view, kitchen: view.kitchen, stock, others, together, today: now } : null),
    [view, stock, others, together, now],
  );
}
