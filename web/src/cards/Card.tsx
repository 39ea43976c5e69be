import styled from 'styled-components';

/** A printed sheet of a class: one page and more, with nothing beside it. */
export const Card = styled.article`
  max-width: 780px;
  margin: 24px 0;
  padding: 20px 24px;
  border: 1px solid ${({ theme }) => theme.colour.hairline};
  font-size: 16px;
  line-height: 23px;
  h2 {
    font-size: 27px;
    line-height: 32px;
  }
  h3 {
    margin-top: 18px;
    font-size: 20px;
    line-height: 26px;
  }
  h4 {
    margin: 10px 0 2px;
    font: 700 15px/20px ${({ theme }) => theme.font.text};
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
