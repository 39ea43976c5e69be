import styled from 'styled-components';

/** A link that hands over a file. */
export const Download = styled.a`
  display: inline-flex;
  align-items: center;
  min-height: 34px;
  padding: 5px 12px;
  border: 1px solid ${({ theme }) => theme.colour.basil};
  border-radius: ${({ theme }) => theme.radius};
  color: ${({ theme }) => theme.colour.basil};
  font-weight: 600;
  text-decoration: none;
  &:hover {
    background: ${({ theme }) => theme.colour.basilPale};
  }
  @media (pointer: coarse) {
    min-height: 44px;
  }
`;
