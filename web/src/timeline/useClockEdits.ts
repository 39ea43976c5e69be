import { useCallback, useEffect, useRef, useState } from 'react';
import type { ClassBundle, Timeline, TimelineEntry, WhatIf } from '@fornax/core';
import { useOpenClass } from '../classes/class-context.js';
import { useDecisions } from '../classes/useDecisions.js';
import { without } from '../parts/without.js';
import { withPin } from '../classes/planning.js';
import { planWorker } from '../workers/plan-worker.js';

export interface ClockEdits {
  /** What is on the screen: the plan, a pin that is being dragged, or a what-if. */
  readonly timeline: Timeline;
  /** The plan before the last pin, to compare with. */
  readonly before: Timeline | null;
  readonly whatIf: WhatIf | null;
  /** Shows where everything else goes while a start is being moved. Nothing is kept yet. */
  preview: (task: string, start: number) => void;
  pin: (entry: TimelineEntry, start: number) => void;
  unpin: (entry: TimelineEntry) => void;
  /** Plans for the shortest class or for the freshest food. */
  want: (aim: 'shortest' | 'freshest') => void;
  tryOut: (whatIf: WhatIf | null) => void;
  /** Back to the plan, from a drag or a what-if. */
  cancel: () => void;
  forget: () => void;
}

/** Pins, what-ifs and the plan before them. */
export function useClockEdits(): ClockEdits {
  const { plan, bundle } = useOpenClass();
  const { decisions, decideQuietly } = useDecisions();
  const { tried, show, cancel } = useTrial(bundle);
  const [before, setBefore] = useState<Timeline | null>(null);
  const decide = useCallback(
    (change: Partial<typeof decisions>) => {
      setBefore(plan.timeline);
      decideQuietly(change);
    },
    [plan, decideQuietly],
  );
  const preview = useCallback(
    (task: string, start: number) =>
      show(null, planWorker().timeline(withPin(bundle, task, start), { standing: plan.timeline.starts })),
    [bundle, plan, show],
  );
  const pin = useCallback(
    (entry: TimelineEntry, start: number) => decide({ pins: { ...decisions.pins, [entry.id]: start } }),
    [decisions, decide],
  );
  const unpin = useCallback(
    (entry: TimelineEntry) => decide({ pins: without(decisions.pins, entry.id) }),
    [decisions, decide],
  );
  const want = useCallback((aim: 'shortest' | 'freshest') => decide({ aim }), [decide]);
  const tryOut = useCallback(
    (whatIf: WhatIf | null) => {
      if (whatIf) show(whatIf, planWorker().timelineIf(bundle, whatIf));
      else cancel();
    },
    [bundle, show, cancel],
  );
  const forget = useCallback(() => setBefore(null), []);
  const shown = { timeline: tried?.timeline ?? plan.timeline, before, whatIf: tried?.whatIf ?? null };
  return { ...shown, preview, pin, unpin, want, tryOut, cancel, forget };
}

/** The timeline of what is being tried, until it is called off or the plan that it was tried on changes. */
function useTrial(bundle: ClassBundle) {
  const [tried, setTried] = useState<{ whatIf: WhatIf | null; timeline: Timeline } | null>(null);
  const asked = useRef(0);
  const cancel = useCallback(() => {
    asked.current++;
    setTried(null);
  }, []);
  useEffect(cancel, [bundle, cancel]);
  const show = useCallback((whatIf: WhatIf | null, timeline: Promise<Timeline>) => {
    const turn = ++asked.current;
    timeline.then(
      (found) => {
        if (turn === asked.current) setTried({ whatIf, timeline: found });
      },
      () => undefined,
    );
  }, []);
  return { tried, show, cancel };
}
