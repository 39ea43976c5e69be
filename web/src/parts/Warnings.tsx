import type { ReactNode } from 'react';
import type { PlanWarning } from '@fornax/core';
import { Link } from 'react-router';
import styled from 'styled-components';

const fills = { look: 'lemon', harm: 'beet', clash: 'ember' } as const;
const texts = { look: 'lemonText', harm: 'beet', clash: 'emberText' } as const;

const List = styled.ul`
  margin: 0 0 1rem;
  display: grid;
  gap: 0.375rem;
  max-width: 51.25rem;
`;
const Item = styled.li<{ $level: PlanWarning['level'] }>`
  padding-left: 0.625rem;
  border-left: 3px solid ${({ $level, theme }) => theme.colour[fills[$level]]};
  /* Who comes is on no paper. */
  &[data-person] {
    @media print {
      display: none;
    }
  }
  strong {
    color: ${({ $level, theme }) => theme.colour[texts[$level]]};
  }
`;

const Source = styled.small`
  color: ${({ theme }) => theme.colour.quiet};
  font-size: ${({ theme }) => theme.size.small};
`;

/** Where a finding stands on its page. */
export function warningId({ id }: PlanWarning): string {
  return `finding-${id}`;
}

/** What the checks found for one stop: a reason and a remedy each. */
export function Warnings({
  warnings,
  action,
}: {
  warnings: readonly PlanWarning[];
  /** What can be done about one, right there. */
  action?: (warning: PlanWarning) => ReactNode;
}) {
  if (warnings.length === 0) return null;
  return (
    <List aria-label="To decide">
      {warnings.map((warning) => (
        <Item
          key={warning.id}
          id={warningId(warning)}
          tabIndex={-1}
          $level={warning.level}
          data-person={warning.id.startsWith('person:') || undefined}
        >
          <strong>{warning.sentence}.</strong> {warning.remedy}{' '}
          {warning.note ? (
            <>
              <Link to={`/techniques/${warning.note}`}>Read the note</Link>{' '}
            </>
          ) : null}
          {warning.source ? <Source>{warning.source}</Source> : null} {action?.(warning)}
        </Item>
      ))}
    </List>
  );
}
