import type { ToldDressing } from '@fornax/core';
import styled from 'styled-components';
import { Figure } from '../workings.js';

const Remedy = styled.span`
  display: block;
  color: ${({ theme }) => theme.colour.lemonText};
  font-weight: 600;
`;

/** What is said of a dressing, each figure with its workings. */
export function ToldOf({ told, id }: { told: ToldDressing; id: string }) {
  return told.figures.map((figure, at) => (
    <span key={figure.id}>
      {at > 0 ? ' · ' : ''}
      <Figure id={`${id}:${figure.id}`} workings={figure.workings} text={figure.text} />
    </span>
  ));
}

/** What is out of its window, with what helps. */
export function Remedies({ told }: { told: ToldDressing }) {
  return told.remedies.map((remedy) => <Remedy key={remedy}>{remedy}</Remedy>);
}
