import { useEffect, useState } from 'react';
import {
  type ClassBundle,
  isMadeByStudents,
  isOfStep,
  type StepKey,
  stepKeyOf,
  type TimelineEntry,
  type WhatIf,
  type WhatIfEffect,
} from '@fornax/core';
import { useOpenClass } from '../classes/class-context.js';
import { useDecisions } from '../classes/useDecisions.js';
import { Button } from '../parts/Button.js';
import { Quietly } from '../parts/states.js';
import { searchWorker } from '../workers/plan-worker.js';
import { sayDifference } from './what-if-words.js';

/** Each step of what students make is theirs or prepared; what the other would do stands beside it. */
export function StudentsOrPrepared({ entry }: { entry: TimelineEntry }) {
  const { view } = useOpenClass();
  const key = isOfStep(entry.ref) && !entry.ref.ofSwap && entry.addedFor === '' ? stepKeyOf(entry.ref) : null;
  const dish = view.dishes.find(({ id }) => id === entry.ref.dishId);
  if (!key || !dish || !(entry.isEither || isMadeByStudents(dish.maker))) return null;
  return <Other step={key} to={entry.start < 0 ? 'in class' : 'before'} />;
}

function Other({ step, to }: { step: StepKey; to: 'in class' | 'before' }) {
  const { bundle } = useOpenClass();
  const { decisions, decide } = useDecisions();
  const effect = useEffectOf(bundle, step, to);
  const isToStudents = to === 'in class';
  return (
    <>
      <Button
        look="quiet"
        aria-describedby="what-it-does"
        onPress={() =>
          decide(
            { when: { ...decisions.when, [step]: to } },
            isToStudents ? 'Students do it, in class.' : 'It is prepared before class.',
          )
        }
      >
        {isToStudents ? 'Students do this' : 'Have it prepared'}
      </Button>
      <Quietly id="what-it-does" role="status">
        {effect}
      </Quietly>
    </>
  );
}

function useEffectOf(bundle: ClassBundle, step: StepKey, to: 'in class' | 'before'): string {
  const [effects, setEffects] = useState<readonly WhatIfEffect[] | null>(null);
  useEffect(() => {
    let isCurrent = true;
    setEffects(null);
    const whatIf: WhatIf = { kind: to, step };
    searchWorker()
      .whatIfs(bundle, [whatIf])
      .then(
        (found) => {
          if (isCurrent) setEffects(found);
        },
        () => {
          if (isCurrent) setEffects([]);
        },
      );
    return () => {
      isCurrent = false;
    };
  }, [bundle, step, to]);
  if (!effects) return 'Working out what it does …';
  const [now, then] = effects;
  return now && then ? sayDifference(now, then) : 'What it does could not be worked out.';
}
