import { showSpan, type AddedStep, type Timeline } from '@fornax/core';
import styled from 'styled-components';
import { useOpenClass } from '../classes/class-context.js';
import { useDecisions } from '../classes/useDecisions.js';
import { Button } from '../parts/Button.js';
import { Quietly } from '../parts/states.js';
import { figuresAreOneStop } from '../parts/one-stop.js';
import { Figure } from '../parts/workings.js';
import { walkFigures } from '../parts/walk-figures.js';
import { Over } from '../parts/kit.js';

const Details = styled.details`
  margin-top: 0.25rem;
  summary {
    cursor: pointer;
    font-weight: 600;
    padding: 0.375rem 0;
  }
  @media print {
    display: none;
  }
`;
const Table = styled.table`
  @media (max-width: 32.5em) {
    display: block;
    overflow-x: auto;
  }
  width: 100%;
  max-width: 47.5rem;
  td,
  th {
    padding: 0.25rem 1rem 0.25rem 0;
    text-align: left;
    border-bottom: 1px solid ${({ theme }) => theme.colour.hairline};
  }
  thead th {
    font-weight: 400;
    color: ${({ theme }) => theme.colour.quiet};
  }
  td:nth-child(3),
  td:nth-child(4) {
    white-space: nowrap;
    font-variant-numeric: tabular-nums;
  }
`;

/** How long food for the cold is out of it until it is eaten, against the kitchen's safety profile. */
export function OutOfTheCold() {
  const { plan } = useOpenClass();
  if (plan.outOfCold.length === 0) return null;
  return (
    <Details open={plan.outOfCold.some(({ isOver }) => isOver)}>
      <summary>Out of the cold</summary>
      <Table ref={figuresAreOneStop} onKeyDown={walkFigures}>
        <thead>
          <tr>
            <th scope="col">Dish</th>
            <th scope="col">What</th>
            <th scope="col">Out of the cold</th>
            <th scope="col">Allowed</th>
            <th scope="col">Throw away what is left at</th>
          </tr>
        </thead>
        <tbody>
          {plan.outOfCold.map((batch) => (
            <tr key={batch.id}>
              <td>{batch.dishTitle}</td>
              <td>{batch.food}</td>
              <td>
                <Figure
                  id={`cold:${batch.id}`}
                  workings={batch.workings}
                  text={showSpan(batch.minutes)}
                  label={`${batch.food} out of the cold`}
                />
                {batch.isOver ? <Over> too long</Over> : null}
              </td>
              <td>
                {batch.limitMinutes === null ? (
                  <Quietly>not set: see Kitchen</Quietly>
                ) : (
                  showSpan(batch.limitMinutes)
                )}
              </td>
              <td>{batch.discardAt || <Quietly>not set</Quietly>}</td>
            </tr>
          ))}
        </tbody>
      </Table>
      <p>
        <Quietly>
          Counted until the plates are empty, by the kitchen’s safety profile. Follow your local food code and
          a qualified person’s advice.
        </Quietly>
      </p>
    </Details>
  );
}

/** What the plan would add by itself and was left out, to be put back. */
export function LeftOut({ timeline }: { timeline: Timeline }) {
  const { decisions, decide } = useDecisions();
  if (timeline.leftOut.length === 0) return null;
  const putBack = ({ stepKey }: AddedStep) =>
    decide({ leftOut: decisions.leftOut.filter((key) => key !== stepKey) }, 'It is back in the plan.');
  return (
    <Details>
      <summary>Left out of the plan: {timeline.leftOut.length}</summary>
      <Table>
        <tbody>
          {timeline.leftOut.map((added) => (
            <tr key={added.stepKey}>
              <td>
                {added.title} <Quietly>{added.dishTitle}</Quietly>
              </td>
              <td>
                <Quietly>{added.why}</Quietly>
              </td>
              <td>
                <Button look="quiet" onPress={() => putBack(added)}>
                  Put it back
                </Button>
              </td>
            </tr>
          ))}
        </tbody>
      </Table>
    </Details>
  );
}
