import styled from 'styled-components';

export const Chips = styled.ul`
  display: flex;
  flex-wrap: wrap;
  gap: 0.3125rem;
  margin-top: 0.375rem;
`;

export const Chip = styled.button<{ $held: boolean }>`
  display: inline-flex;
  align-items: center;
  gap: 0.25rem;
  min-height: 1.625rem;
  padding: 1px 0.5rem;
  border-radius: 13px;
  font-size: ${({ theme }) => theme.size.small};
  cursor: pointer;
  border: 1px ${({ $held }) => ($held ? 'solid' : 'dashed')}
    ${({ $held, theme }) => ($held ? theme.colour.basil : theme.colour.quiet)};
  background: ${({ $held, theme }) => ($held ? theme.colour.basilPale : 'transparent')};
  color: ${({ theme }) => theme.colour.ink};
  &:focus-visible {
    outline: 2px solid ${({ theme }) => theme.colour.basil};
    outline-offset: 1px;
  }
  @media (pointer: coarse) {
    min-height: 2.75rem;
  }
`;
