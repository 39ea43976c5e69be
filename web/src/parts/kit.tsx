import styled from 'styled-components';

/** What is wrong, in a sentence beside what it concerns. */
export const ErrorText = styled.p`
  color: ${({ theme }) => theme.colour.beet};
`;

/** The same with room around it, on a line of its own. */
export const ErrorLine = styled(ErrorText)`
  margin: 0.5rem 0;
`;

/** Words within a line that ask to be looked at. */
export const LookHere = styled.strong`
  color: ${({ theme }) => theme.colour.lemonText};
  font-weight: 600;
`;

/** A date that is near, or anything that is due. */
export const Due = styled.strong`
  color: ${({ theme }) => theme.colour.emberText};
`;

/** Past its time, or past what is allowed. */
export const Over = styled.strong`
  color: ${({ theme }) => theme.colour.beet};
`;

/** A heading of a part with something said beside it. */
export const PartHeading = styled.h3`
  span {
    font: 400 0.875rem/1.25rem ${({ theme }) => theme.font.text};
  }
`;

/** Rows under a line of ink. */
export const RuledList = styled.ul`
  border-top: 1px solid ${({ theme }) => theme.colour.ink};
`;

/** Small words under or beside a figure. */
export const SmallNote = styled.span`
  display: block;
  color: ${({ theme }) => theme.colour.quiet};
  font-size: ${({ theme }) => theme.size.small};
  line-height: 1.125rem;
`;

/** Fields one below the other. */
export const Stack = styled.div`
  display: grid;
  gap: 0.875rem;
`;

/** What is left out on paper. */
export const OnScreen = styled.div`
  @media print {
    display: none;
  }
`;

/** The list beside a page that shows one of its rows; above it where there is no room. */
export const SideList = styled.nav`
  margin-top: 0.625rem;
  max-height: calc(100vh - 11.875rem);
  overflow: auto;
  padding-right: 0.5rem;
  @media (max-width: 50em) {
    max-height: 40vh;
  }
`;
