import type { ReactNode } from 'react';
import styled from 'styled-components';
import { Button } from './Button.js';
import { PageHeading } from './page.js';

const Box = styled.div`
  padding: 2.5rem 0;
  max-width: 32.5rem;
  h1,
  h2 {
    margin-bottom: 0.5rem;
  }
  p {
    color: ${({ theme }) => theme.colour.quiet};
    margin-bottom: 1rem;
  }
`;

/** What an empty screen says: what it is for, and what to do next. */
export function Empty({
  title,
  children,
  action,
}: {
  title: string;
  children: ReactNode;
  action?: ReactNode;
}) {
  return (
    <Box>
      <h2>{title}</h2>
      <p>{children}</p>
      {action}
    </Box>
  );
}

const Quiet = styled.p`
  padding: 2.5rem 0;
  color: ${({ theme }) => theme.colour.quiet};
`;

export function Loading({ what }: { what: string }) {
  return <Quiet role="status">Loading {what} …</Quiet>;
}

interface FailedProps {
  error: Error;
  onRetry?: () => void;
  /** There is nothing else on the page. */
  isPage?: boolean;
}

/** What went wrong, what was kept, what to do. */
export function Failed({ error, onRetry, isPage = false }: FailedProps) {
  const words = 'This could not be shown';
  return (
    <Box role="alert">
      {isPage ? <PageHeading names={[words]}>{words}</PageHeading> : <h2>{words}</h2>}
      <p>{error.message}</p>
      {onRetry ? <Button onPress={onRetry}>Try again</Button> : null}
    </Box>
  );
}

/** A wide sheet without a Workings panel. */
export const Sheet = styled.main`
  min-height: calc(100vh - 3rem);
  padding: 1.5rem;
  background: ${({ theme }) => theme.colour.sheet};
  border-top: 1px solid ${({ theme }) => theme.colour.hairline};
  @media print {
    min-height: 0;
    padding: 0;
    border: 0;
  }
`;

export const Row = styled.div<{ $gap?: number }>`
  display: flex;
  align-items: center;
  flex-wrap: wrap;
  gap: ${({ $gap = 3 }) => $gap * 4}px;
`;
export const Quietly = styled.span`
  color: ${({ theme }) => theme.colour.quiet};
`;
