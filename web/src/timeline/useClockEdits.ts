import { useCallback, useEffect, useRef, useState } from 'react';
import type { Timeline, TimelineEntry, WhatIf } from '@fornax/core';
import { useOpenClass } from '../classes/class-context.js';
import { useDecisions } from '../classes/useDecisions.js';
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
  const [tried, setTried] = useState<{ whatIf: WhatIf | null; timeline: Timeline } | null>(null);
  const [before, setBefore] = useState<Timeline | null>(null);
  const asked = useRef(0);
  // What was tried belongs to the plan that stood then.
  useEffect(() => {
    asked.current++;
    setTried(null);
  }, [bundle]);
  const show = useCallback((whatIf: WhatIf | null, timeline: Promise<Timeline>) => {
    const turn = ++asked.current;
    timeline.then(
      (found) => {
        if (turn === asked.current) setTried({ whatIf, timeline: found });
      },
      () => undefined,
    );
  }, []);
  const preview = useCallback(
    (task: string, start: number) => {
      const moved = {
        ...bundle,
        class: { ...bundle.class, decisions: { ...decisions, pins: { ...decisions.pins, [task]: start } } },
      };
      show(null, planWorker().timeline(moved, { standing: plan.timeline.starts }));
    },
    [bundle, decisions, plan, show],
  );
  const pin = useCallback(
    (entry: TimelineEntry, start: number) => {
      setBefore(plan.timeline);
      decideQuietly({ pins: { ...decisions.pins, [entry.id]: start } });
    },
    [plan, decisions, decideQuietly],
  );
  const unpin = useCallback(
    (entry: TimelineEntry) => {
      setBefore(plan.timeline);
      decideQuietly({
        pins: Object.fromEntries(Object.entries(decisions.pins).filter(([id]) => id !== entry.id)),
      });
    },
    [plan, decisions, decideQuietly],
  );
  const want = useCallback(
    (aim: 'shortest' | 'freshest') => {
      setBefore(plan.timeline);
      decideQuietly({ aim });
    },
    [plan, decideQuietly],
  );
  const cancel = useCallback(() => {
    asked.current++;
    setTried(null);
  }, []);
  const tryOut = useCallback(
    (whatIf: WhatIf | null) => {
      if (whatIf) show(whatIf, planWorker().timelineIf(bundle, whatIf));
      else cancel();
    },
    [bundle, show, cancel],
  );
  const forget = useCallback(() => setBefore(null), []);
  return {
    timeline: tried?.timeline ?? plan.timeline,
    before,
    whatIf: tried?.whatIf ?? null,
    preview,
    pin,
    unpin,
    want,
    tryOut,
    cancel,
    forget,
  };
}
