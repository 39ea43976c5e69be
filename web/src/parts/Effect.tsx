import { useEffect, useState } from 'react';
import type { ClassBundle, PlanChange } from '@fornax/core';
import styled from 'styled-components';
import { Quietly } from './states.js';
import { planWorker } from '../workers/plan-worker.js';

const Scroll = styled.div`
  max-height: 20rem;
  overflow: auto;
  margin: 0.5rem 0 1rem;
`;
const List = styled.dl`
  border-top: 1px solid ${({ theme }) => theme.colour.hairline};
  div {
    padding: 0.375rem 0;
    border-bottom: 1px solid ${({ theme }) => theme.colour.hairline};
  }
  dt {
    font-weight: 700;
  }
  dd {
    font-variant-numeric: tabular-nums;
  }
`;
const Harm = styled.dt`
  color: ${({ theme }) => theme.colour.beet};
`;
const Was = styled.del`
  color: ${({ theme }) => theme.colour.quiet};
`;

const aboutWords: Readonly<Record<PlanChange['about'], string>> = {
  amounts: 'To buy',
  allergens: 'Allergens',
  steps: 'Step',
  cost: 'Cost',
  time: 'Time',
};

/** What a decision would change, worked out before it is taken. */
export function Effect({ bundle, after }: { bundle: ClassBundle; after: ClassBundle }) {
  const [changes, setChanges] = useState<readonly PlanChange[] | null>(null);
  useEffect(() => {
    let current = true;
    setChanges(null);
    void planWorker()
      .changes(bundle, after)
      .then(
        (found) => {
          if (current) setChanges(found);
        },
        () => {
          if (current) setChanges([]);
        },
      );
    return () => {
      current = false;
    };
  }, [bundle, after]);
  if (changes === null)
    return (
      <p role="status">
        <Quietly>Working out what it changes …</Quietly>
      </p>
    );
  if (changes.length === 0)
    return (
      <p>
        <Quietly>Nothing on the lists changes.</Quietly>
      </p>
    );
  return (
    <Scroll tabIndex={0} role="group" aria-label="What it changes">
      <List>
        {changes.map((change, index) => (
          <div key={index}>
            {change.about === 'allergens' ? (
              <Harm>
                {aboutWords.allergens}: {change.what}
              </Harm>
            ) : (
              <dt>
                {aboutWords[change.about]}
                {change.what === aboutWords[change.about] ? '' : `: ${change.what}`}
              </dt>
            )}
            <dd>
              <Was>{change.before}</Was> → {change.after}
            </dd>
          </div>
        ))}
      </List>
    </Scroll>
  );
}
