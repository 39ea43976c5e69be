import type { PortionLine } from '@fornax/core';
import styled from 'styled-components';
import { useOpenClass } from '../classes/class-context.js';

const Mark = styled.small`
  display: block;
  color: ${({ theme }) => theme.colour.beet};
  font-size: ${({ theme }) => theme.size.small};
  font-weight: 600;
  line-height: 1.0625rem;
  @media print {
    display: none;
  }
`;

/** Where a line does not go with somebody who eats of it: "not at station 2: nuts". On the screen only. */
export function NotFor({ dishId, line }: { dishId: string; line: PortionLine }) {
  const { plan } = useOpenClass();
  const found = plan.people.findings.filter(
    ({ dishId: of, foods, level, meeting, kind }) =>
      of === dishId &&
      level !== 'look' &&
      meeting !== 'shown' &&
      kind !== 'not known' &&
      line.ingredient !== null &&
      foods.includes(line.ingredient),
  );
  if (found.length === 0) return null;
  const words = found.map(
    ({ station, what }) => `${station === null ? 'somebody' : `station ${station}`}: ${what}`,
  );
  return <Mark>not for {[...new Set(words)].join('; ')}</Mark>;
}
