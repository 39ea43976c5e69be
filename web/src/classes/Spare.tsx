import { useEffect, useState } from 'react';
import { type RehearsedSpare, spareInWords } from '@fornax/core';
import { Figure } from '../parts/workings.js';
import { searchWorker } from '../workers/plan-worker.js';
import { useOpenClass } from './class-context.js';

/** Minutes to spare as the class mostly goes, from its rehearsals; nothing until they are played. */
export function Spare() {
  const spare = useSpare();
  if (!spare) return null;
  return (
    <>
      {' · '}
      <Figure id="spare" workings={spare.workings} text={spareInWords(spare)} />
    </>
  );
}

function useSpare(): RehearsedSpare | null {
  const { bundle, plan, isBettering } = useOpenClass();
  const { starts, clock } = plan.timeline;
  const [spare, setSpare] = useState<RehearsedSpare | null>(null);
  const isPlayed = clock.length > 0 && !isBettering;
  useEffect(() => {
    let isCurrent = true;
    setSpare(null);
    if (!isPlayed) return;
    searchWorker()
      .spare(bundle, starts)
      .then(
        (found) => {
          if (isCurrent) setSpare(found);
        },
        () => undefined,
      );
    return () => {
      isCurrent = false;
    };
  }, [bundle, starts, isPlayed]);
  return spare;
}
