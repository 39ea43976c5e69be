import styled from 'styled-components';

/** What the reader should look at. */
export const Look = styled.p`
  color: ${({ theme }) => theme.colour.lemonText};
  font-weight: 600;
`;
