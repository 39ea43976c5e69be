import { ListBoxItem } from 'react-aria-components';
import styled from 'styled-components';

/** One of the things of a list, to be chosen. */
export const ListChoice = styled(ListBoxItem)`
  padding: 0.375rem 0.75rem;
  cursor: pointer;
  outline: none;
  &[data-focused] {
    background: ${({ theme }) => theme.colour.basilPale};
  }
  &[data-selected] {
    font-weight: 700;
  }
`;
