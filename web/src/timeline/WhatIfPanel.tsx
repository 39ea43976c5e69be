import { useEffect, useState } from 'react';
import type { WhatIf, WhatIfEffect } from '@fornax/core';
import { Switch } from 'react-aria-components';
import styled from 'styled-components';
import { useOpenClass } from '../classes/class-context.js';
import { Button } from '../parts/Button.js';
import { Quietly } from '../parts/states.js';
import { searchWorker } from '../workers/plan-worker.js';
import { useTakeWhatIf } from './useTakeWhatIf.js';
import { nameWhatIf, sayEffect, titlesOf, whatIfsFor } from './what-if-words.js';

const Box = styled.section`
  margin: 0.5rem 0 0.75rem;
  padding: 0.5rem 0.75rem;
  border: 1px solid ${({ theme }) => theme.colour.hairline};
  border-radius: ${({ theme }) => theme.radius};
  @media print {
    display: none;
  }
`;
const Line = styled.div`
  display: grid;
  grid-template-columns: 13.125rem minmax(0, 1fr) auto;
  gap: 0.75rem;
  align-items: center;
  min-height: 2.125rem;
  @media (max-width: 40em) {
    grid-template-columns: minmax(0, 1fr);
    gap: 2px;
    justify-items: start;
    padding-bottom: 0.5rem;
  }
`;
const Toggle = styled(Switch)`
  display: inline-flex;
  align-items: center;
  gap: 0.5rem;
  cursor: pointer;
  font-weight: 600;
  &::before {
    content: '';
    width: 1.875rem;
    height: 1rem;
    border: 1.5px solid ${({ theme }) => theme.colour.quiet};
    border-radius: 9px;
    background: radial-gradient(
      circle at 7px 50%,
      ${({ theme }) => theme.colour.quiet} 5px,
      transparent 5.5px
    );
  }
  &[data-selected]::before {
    border-color: ${({ theme }) => theme.colour.basil};
    background: radial-gradient(
      circle at 20px 50%,
      ${({ theme }) => theme.colour.basil} 5px,
      transparent 5.5px
    );
  }
  &[data-focus-visible] {
    outline: 2px solid ${({ theme }) => theme.colour.basil};
    outline-offset: 3px;
  }
`;

const sameAs = (a: WhatIf | null, b: WhatIf) => JSON.stringify(a) === JSON.stringify(b);

/** What each change would do; null while that is worked out. */
function useEffects(): readonly WhatIfEffect[] | null {
  const { bundle, plan } = useOpenClass();
  const [effects, setEffects] = useState<readonly WhatIfEffect[] | null>(null);
  useEffect(() => {
    let current = true;
    setEffects(null);
    searchWorker()
      .whatIfs(bundle, whatIfsFor(bundle, plan.timeline))
      .then(
        (found) => {
          if (current) setEffects(found);
        },
        () => {
          if (current) setEffects([]);
        },
      );
    return () => {
      current = false;
    };
  }, [bundle, plan]);
  return effects;
}

/** Changes to try without making them, each with what it would do. */
export function WhatIfPanel({
  chosen,
  tryOut,
  timeAt,
}: {
  chosen: WhatIf | null;
  tryOut: (whatIf: WhatIf | null) => void;
  timeAt: (minute: number) => string;
}) {
  const { bundle, plan } = useOpenClass();
  const effects = useEffects();
  const whatIfs = whatIfsFor(bundle, plan.timeline);
  const titleOf = titlesOf(plan.timeline, bundle.class.dishes);
  const takeOne = useTakeWhatIf(titleOf);
  const take = (whatIf: WhatIf) => {
    tryOut(null);
    takeOne(whatIf);
  };
  const [now, ...changed] = effects ?? [];
  return (
    <Box aria-label="What if">
      <p>
        <Quietly>
          {now ? `As it is: ${sayEffect(now, timeAt)}. ` : ''}What you try is kept only where you say so.
        </Quietly>
      </p>
      {whatIfs.map((whatIf, index) => {
        const effect = changed[index];
        return (
          <Line key={index}>
            <Toggle isSelected={sameAs(chosen, whatIf)} onChange={(isOn) => tryOut(isOn ? whatIf : null)}>
              {nameWhatIf(whatIf, titleOf)}
            </Toggle>
            <span role="status">
              {effect ? (
                sayEffect(effect, timeAt)
              ) : effects === null ? (
                <Quietly>Working out what it does …</Quietly>
              ) : (
                <Quietly>could not be worked out</Quietly>
              )}
            </span>
            <Button look="quiet" onPress={() => take(whatIf)}>
              Keep it
            </Button>
          </Line>
        );
      })}
    </Box>
  );
}
