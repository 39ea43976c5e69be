import styled from 'styled-components';

/** A link that hands over a file. */
export const Download = styled.a`
  display: inline-flex;
  align-items: center;
  min-height: 2.125rem;
  padding: 0.3125rem 0.75rem;
  border: 1px solid ${({ theme }) => theme.colour.basil};
  border-radius: ${({ theme }) => theme.radius};
  color: ${({ theme }) => theme.colour.basil};
  font-weight: 600;
  text-decoration: none;
  &:hover {
    background: ${({ theme }) => theme.colour.basilPale};
  }
  @media (pointer: coarse) {
    min-height: 2.75rem;
  }
`;
