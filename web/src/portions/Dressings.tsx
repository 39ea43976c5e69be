import { Link } from 'react-router';
import styled from 'styled-components';
import { useOpenClass } from '../classes/class-context.js';
import { Remedies, ToldOf } from '../parts/food/Told.js';

const Line = styled.p`
  margin-top: 0.375rem;
`;
const Aside = styled(Link)`
  color: ${({ theme }) => theme.colour.basil};
  @media print {
    display: none;
  }
`;

/** A line under each dressing: its parts, its salt, what it dresses, how long it holds; and what helps. */
export function Dressings({ dishId }: { dishId: string }) {
  const { plan } = useOpenClass();
  const own = plan.dressings.filter((each) => each.dishId === dishId);
  return own.map((each) => (
    <Line key={each.componentId}>
      {own.length > 1 ? `${each.name}: ` : ''}
      <ToldOf told={each} id={`dressing:${each.dishId}:${each.componentId}`} />{' '}
      <Aside to={`/bench?recipe=${each.recipeId}&component=${each.componentId}`}>on the bench</Aside>
      <Remedies told={each} />
    </Line>
  ));
}
