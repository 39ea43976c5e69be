import { useEffect, useState } from 'react';
import { fullClass, type AheadProposal, type Timeline } from '@fornax/core';
import styled from 'styled-components';
import { useOpenClass } from '../classes/class-context.js';
import { useDecisions } from '../classes/useDecisions.js';
import { Button } from '../parts/Button.js';
import { Quietly } from '../parts/states.js';
import { useTakeWhatIf } from './useTakeWhatIf.js';
import { titlesOf } from './what-if-words.js';
import { searchWorker } from '../workers/plan-worker.js';

const Details = styled.details`
  margin-top: 0.5rem;
  summary {
    cursor: pointer;
    font-weight: 600;
    padding: 0.375rem 0;
  }
  h3 {
    margin-top: 1rem;
  }
  @media print {
    display: none;
  }
`;
const Table = styled.table`
  width: 100%;
  max-width: 40rem;
  td {
    padding: 0.25rem 0.75rem 0.25rem 0;
    border-bottom: 1px solid ${({ theme }) => theme.colour.hairline};
  }
  td:nth-child(2) {
    text-align: right;
    font-variant-numeric: tabular-nums;
    white-space: nowrap;
  }
  td:last-child {
    width: 42%;
  }
`;
const Share = styled.span<{ $share: number }>`
  display: block;
  height: 0.5rem;
  width: ${({ $share }) => Math.max(1, Math.round($share * 100))}%;
  background: ${({ theme }) => theme.colour.thyme};
`;

/** Where the class minutes go, what is done ahead to save them, and what else could be. */
export function ClassMinutes({ timeline }: { timeline: Timeline }) {
  const most = Math.max(1, ...timeline.budget.map(({ minutes }) => minutes));
  return (
    <Details>
      <summary>Class minutes by step</summary>
      <Table>
        <tbody>
          {timeline.budget.map((share) => (
            <tr key={share.stepKey}>
              <td>{share.title}</td>
              <td>{share.minutes} min</td>
              <td>
                <Share $share={share.minutes / most} />
              </td>
            </tr>
          ))}
        </tbody>
      </Table>
      <Ahead timeline={timeline} />
    </Details>
  );
}

function Ahead({ timeline }: { timeline: Timeline }) {
  const { decisions, decide } = useDecisions();
  const proposals = useProposals();
  const { view } = useOpenClass();
  const take = useTakeWhatIf(titlesOf(timeline, view.dishes));
  const setWhen = (step: string, when: 'in class' | 'before') =>
    decide(
      { when: { ...decisions.when, [step]: when } },
      when === 'before' ? 'It is done before class.' : 'It is done in class.',
    );
  return (
    <>
      <h3>Done before class</h3>
      {timeline.ahead.length === 0 && proposals.length === 0 ? (
        <p>
          <Quietly>
            Nothing that the recipes leave open. What students are to do themselves stays in class.
          </Quietly>
        </p>
      ) : null}
      <Table>
        <tbody>
          {timeline.ahead.map((job) => (
            <tr key={job.stepKey}>
              <td>
                {job.title} <Quietly>{job.dishTitle}</Quietly>
              </td>
              <td>{job.minutes} min of staff</td>
              <td>
                <Button look="quiet" onPress={() => setWhen(job.stepKey, 'in class')}>
                  Do it in class
                </Button>
              </td>
            </tr>
          ))}
          {proposals.map((proposal) => (
            <tr key={proposal.title}>
              <td>
                {proposal.whatIf.kind === 'swap' ? `Swap: ${proposal.title}` : proposal.title}{' '}
                <Quietly>
                  proposed: the class is over {fullClass * 100} % full
                  {proposal.whatIf.kind === 'swap' ? ', and a finished one bridges its wait' : ''}
                </Quietly>
              </td>
              <td>then {proposal.usedPercent} %</td>
              <td>
                <Button onPress={() => take(proposal.whatIf)}>
                  {proposal.whatIf.kind === 'swap' ? 'Make one before class' : 'Do it before class'}
                </Button>
              </td>
            </tr>
          ))}
        </tbody>
      </Table>
    </>
  );
}

function useProposals(): readonly AheadProposal[] {
  const { bundle, plan } = useOpenClass();
  const [proposals, setProposals] = useState<readonly AheadProposal[]>([]);
  const isFull = plan.timeline.usedPercent > fullClass * 100 || plan.timeline.overrunMinutes > 0;
  useEffect(() => {
    let current = true;
    setProposals([]);
    if (isFull)
      searchWorker()
        .ahead(bundle)
        .then(
          (found) => {
            if (current) setProposals(found);
          },
          () => undefined,
        );
    return () => {
      current = false;
    };
  }, [bundle, isFull]);
  return proposals;
}
