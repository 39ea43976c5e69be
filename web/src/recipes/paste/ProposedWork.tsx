import type { ProposalMade } from '@fornax/core';
import styled from 'styled-components';
import { Button } from '../../parts/Button.js';

const Box = styled.div`
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 6px 10px;
  margin: 4px 0;
  padding: 6px 10px;
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
