import styled from 'styled-components';

/** A printed sheet of a class: one page and more, with nothing beside it. */
export const Card = styled.article`
  max-width: 48.75rem;
  margin: 1.5rem 0;
  padding: 1.25rem 1.5rem;
  border: 1px solid ${({ theme }) => theme.colour.hairline};
  font-size: ${({ theme }) => theme.size.lead};
  line-height: 1.4375rem;
  h2 {
    font-size: ${({ theme }) => theme.size.title};
    line-height: 2rem;
  }
  h3 {
    margin-top: 1.125rem;
    font-size: ${({ theme }) => theme.size.section};
    line-height: 1.625rem;
  }
  h4 {
    margin: 0.625rem 0 2px;
    font: 700 0.9375rem/1.25rem ${({ theme }) => theme.font.text};
  }
  @media print {
    max-width: none;
    margin: 0;
    padding: 0;
    border: 0;
    break-after: page;
    color: #000;
    p,
    span,
    li,
    td {
      color: #000 !important;
    }
  }
`;
