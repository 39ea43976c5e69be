import styled from 'styled-components';

/** What is open, one below the other, in the Workings panel while no figure is chosen. */
export const OpenList = styled.ul`
  margin: 8px 0 12px;
  li {
    padding: 6px 0;
    border-top: 1px solid ${({ theme }) => theme.colour.hairline};
  }
  strong {
    color: ${({ theme }) => theme.colour.beet};
  }
  button {
    min-height: 24px;
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
      min-height: 44px;
    }
  }
`;
