import { TriangleAlert } from 'lucide-react';
import type { CautionFinding } from '@fornax/core';
import styled from 'styled-components';

const List = styled.ul`
  margin: 0.375rem 0 0;
  li {
    padding-left: 0.5rem;
    border-left: 3px solid ${({ theme }) => theme.colour.lemon};
    font-size: ${({ theme }) => theme.size.small};
    line-height: 1.125rem;
    & + li {
      margin-top: 0.25rem;
    }
  }
  li[data-harm] {
    border-color: ${({ theme }) => theme.colour.beet};
    strong {
      color: ${({ theme }) => theme.colour.beet};
    }
  }
  svg {
    vertical-align: -2px;
  }
`;

/** Mistakes that cooks know, where the recipe makes them, with what helps. */
export function Cautions({ found }: { found: readonly CautionFinding[] }) {
  if (found.length === 0) return null;
  return (
    <List aria-label="Cautions">
      {found.map(({ id, severity, sentence, remedy }) => (
        <li key={id} data-harm={severity === 'harm' || undefined}>
          <strong>
            <TriangleAlert size={13} aria-hidden /> {sentence.charAt(0).toUpperCase() + sentence.slice(1)}.
          </strong>{' '}
          {remedy}
        </li>
      ))}
    </List>
  );
}
