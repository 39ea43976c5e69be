import { Popover } from 'react-aria-components';
import styled from 'styled-components';

/** What opens over the page beside what opened it. */
export const FloatingList = styled(Popover)`
  min-width: var(--trigger-width);
  max-height: 20rem;
  overflow: auto;
  background: ${({ theme }) => theme.colour.sheet};
  border: 1px solid ${({ theme }) => theme.colour.hairline};
  border-radius: ${({ theme }) => theme.radius};
  box-shadow: 0 6px 20px rgb(24 35 30 / 16%);
`;
