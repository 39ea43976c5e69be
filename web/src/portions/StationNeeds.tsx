import { marksOf } from '@fornax/core';
import styled from 'styled-components';
import { useOpenClass } from '../classes/class-context.js';

const List = styled.ul`
  display: flex;
  flex-wrap: wrap;
  gap: 0.25rem 1rem;
  margin: 0 0 0.75rem;
  max-width: 61.25rem;
  li {
    padding: 2px 0.5rem;
    border: 1px solid ${({ theme }) => theme.colour.beet};
    border-radius: ${({ theme }) => theme.radius};
    font-size: ${({ theme }) => theme.size.small};
    line-height: 1.125rem;
  }
  @media print {
    display: none;
  }
`;

const placeOf = (station: number | null) => (station === null ? 'No place' : `Station ${station}`);

/** Who needs what at which bench, where the amounts are set out. On the screen only. */
export function StationNeeds() {
  const { view } = useOpenClass();
  const marked = view.roster
    .map((person) => ({ person, marks: marksOf(person) }))
    .filter(({ marks }) => marks.length > 0)
    .sort((a, b) => (a.person.station ?? Infinity) - (b.person.station ?? Infinity));
  if (marked.length === 0) return null;
  return (
    <List aria-label="Needs at the stations">
      {marked.map(({ person, marks }) => (
        <li key={person.id}>
          <strong>{placeOf(person.station)}</strong> {person.name}: {marks.join(', ')}
        </li>
      ))}
    </List>
  );
}
