import type { ProposalMade } from '@fornax/core';
import styled from 'styled-components';
import { Button } from '../../parts/Button.js';

const Box = styled.div`
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 0.375rem 0.625rem;
  margin: 0.25rem 0;
  padding: 0.375rem 0.625rem;
  background: ${({ theme }) => theme.colour.lemonPale};
  color: ${({ theme }) => theme.colour.lemonText};
`;

const choices = [
  ['keep', 'Keep'],
  ['bought', 'Bought cooked'],
  ['leave out', 'Leave out'],
] as const;

/** Work that nobody wrote: why it is there, and what it can be instead. */
export function ProposedWork({
  proposal: { why, choice, isCooked },
  onChoose,
}: {
  proposal: ProposalMade;
  onChoose: (choice: ProposalMade['choice']) => void;
}) {
  return (
    <Box role="group" aria-label={`Added: ${why}`}>
      <span>
        <strong>Added.</strong> {why}
      </span>
      {choices
        .filter(([value]) => isCooked || value !== 'bought')
        .map(([value, label]) => (
          <Button
            key={value}
            look={value === choice ? 'act' : 'plain'}
            aria-pressed={value === choice}
            onPress={() => onChoose(value)}
          >
            {label}
          </Button>
        ))}
    </Box>
  );
}
