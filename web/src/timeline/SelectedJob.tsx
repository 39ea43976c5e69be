import styled from 'styled-components';
import { idOf, isOfStep, stepKeyOf, type TimelineEntry } from '@fornax/core';
import { useOpenClass } from '../classes/class-context.js';
import { useDecisions } from '../classes/useDecisions.js';
import { Button } from '../parts/Button.js';
import { Quietly } from '../parts/states.js';
import { Warnings } from '../parts/Warnings.js';
import { isFixed } from './clock-layout.js';
import { foundAt } from './found-at.js';
import { StudentsOrPrepared } from './StudentsOrPrepared.js';
import { Demonstration } from './Demonstration.js';
import type { ClockEdits } from './useClockEdits.js';

const Strip = styled.div`
  display: flex;
  align-items: center;
  flex-wrap: wrap;
  gap: 0.25rem 0.625rem;
  min-height: 2.625rem;
  padding: 0.25rem 0;
  border-bottom: 1px solid ${({ theme }) => theme.colour.hairline};
  strong {
    max-width: 14.375rem;
    overflow: hidden;
    text-overflow: ellipsis;
    white-space: nowrap;
  }
  @media print {
    display: none;
  }
`;

/** Minutes by which a press moves a job. */
const step = 5;

/**
 * What can be done with the job that is selected: move and pin it, hand it over, do it before class or in it.
 */
export function SelectedJob({ entry, edits }: { entry: TimelineEntry | undefined; edits: ClockEdits }) {
  if (!entry)
    return (
      <Strip>
        <Quietly>
          Choose a job to see why it stands there; drag it, or press the arrow keys along its time, to pin it
          elsewhere.
        </Quietly>
      </Strip>
    );
  const fixed = isFixed(entry);
  return (
    <>
      <FoundAtStep entry={entry} />
      <Strip role="group" aria-label="The chosen job">
        <strong title={entry.title}>{entry.title}</strong>
        <span>
          {entry.localTime}–{entry.localEnd}
        </span>
        {fixed ? (
          <Quietly>
            {entry.kind === 'class' ? 'fixed by the times of the class' : 'from its trip until it is wanted'}
          </Quietly>
        ) : (
          <>
            <Button look="quiet" onPress={() => edits.pin(entry, entry.start - step)}>
              {step} min earlier
            </Button>
            <Button look="quiet" onPress={() => edits.pin(entry, entry.start + step)}>
              {step} min later
            </Button>
            {entry.isPinned ? (
              <Button look="quiet" onPress={() => edits.unpin(entry)}>
                Unpin
              </Button>
            ) : (
              <Button look="quiet" onPress={() => edits.pin(entry, entry.start)}>
                Pin here
              </Button>
            )}
            <Whose entry={entry} />
            <LeaveOut entry={entry} />
            <Demonstration entry={entry} />
            <StudentsOrPrepared entry={entry} />
          </>
        )}
      </Strip>
    </>
  );
}

/** What the checks found about the step of a job. */
function FoundAtStep({ entry }: { entry: TimelineEntry }) {
  const { plan } = useOpenClass();
  const found = foundAt(plan, entry);
  return found.length > 0 ? <Warnings warnings={found} /> : null;
}

function Whose({ entry }: { entry: TimelineEntry }) {
  const { view } = useOpenClass();
  const { decisions, decide } = useDecisions();
  if (view.assistants === 0 || !(entry.kind === 'buy' || (entry.kind === 'prep' && isOfStep(entry.ref))))
    return null;
  const other = entry.lane === 'you' ? 'assistant' : 'you';
  return (
    <Button
      look="quiet"
      onPress={() =>
        decide(
          { hands: { ...decisions.hands, [idOf(entry.ref)]: other } },
          other === 'you' ? 'You do it.' : 'The assistant does it.',
        )
      }
    >
      {other === 'you' ? 'Do it yourself' : 'Give to the assistant'}
    </Button>
  );
}

/** What the plan added by itself need not be done. */
function LeaveOut({ entry }: { entry: TimelineEntry }) {
  const { decisions, decide } = useDecisions();
  const key = stepKeyOf(entry.ref);
  if (entry.addedFor === '' || !key) return null;
  return (
    <Button
      look="quiet"
      onPress={() =>
        decide(
          { leftOut: [...decisions.leftOut.filter((each) => each !== key), key] },
          'It is left out of the plan.',
        )
      }
    >
      Leave it out
    </Button>
  );
}
