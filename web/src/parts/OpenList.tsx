import styled from 'styled-components';

/** What is open, one below the other, in the Workings panel while no figure is chosen. */
export const OpenList = styled.ul`
  margin: 0.5rem 0 0.75rem;
  li {
    padding: 0.375rem 0;
    border-top: 1px solid ${({ theme }) => theme.colour.hairline};
  }
  strong {
    color: ${({ theme }) => theme.colour.beet};
  }
  button {
    min-height: 1.5rem;
    padding: 2px 0;
    color: ${({ theme }) => theme.colour.basil};
    white-space: normal;
    text-align: left;
  }
  @media (pointer: coarse) {
    a,
    button {
      display: inline-flex;
      align-items: center;
      min-height: 2.75rem;
    }
  }
`;
