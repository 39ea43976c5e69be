import styled from 'styled-components';

export const Chips = styled.ul`
  display: flex;
  flex-wrap: wrap;
  gap: 5px;
  margin-top: 6px;
`;

export const Chip = styled.button<{ $held: boolean }>`
  display: inline-flex;
  align-items: center;
  gap: 4px;
  min-height: 26px;
  padding: 1px 8px;
  border-radius: 13px;
  font-size: 13px;
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
    min-height: 44px;
  }
`;
