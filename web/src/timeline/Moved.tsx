import { useMemo } from 'react';
import { movedBetween, type Timeline } from '@fornax/core';
import styled from 'styled-components';
import { Button } from '../parts/Button.js';
import { Quietly } from '../parts/states.js';

const Line = styled.p`
  display: flex;
  flex-wrap: wrap;
  align-items: baseline;
  gap: 2px 1rem;
  margin: 0.375rem 0;
  > span {
    font-variant-numeric: tabular-nums;
  }
  @media print {
    display: none;
  }
`;
const mostShown = 6;

/** What moved since the plan before. */
export function Moved({ before, after, onHide }: { before: Timeline; after: Timeline; onHide: () => void }) {
  const moved = useMemo(() => movedBetween(before, after), [before, after]);
  return (
    <Line role="status">
      <strong>
        {moved.length === 0
          ? 'Nothing else moved'
          : moved.length === 1
            ? '1 job moved'
            : `${moved.length} jobs moved`}
      </strong>
      {moved.slice(0, mostShown).map((job) => (
        <span key={job.id}>
          {job.title}{' '}
          <Quietly>
            {job.beforeTime || 'new'} → {job.afterTime || 'gone'}
          </Quietly>
        </span>
      ))}
      {moved.length > mostShown ? <Quietly>and {moved.length - mostShown} more</Quietly> : null}
      <Button look="quiet" onPress={onHide}>
        Hide
      </Button>
    </Line>
  );
}
