import styled from 'styled-components';
import { Quietly } from './states.js';

const List = styled.ul`
  max-width: 53.75rem;
  max-height: 16.25rem;
  margin: 0.75rem 0;
  overflow: auto;
  li {
    padding: 3px 0;
    border-bottom: 1px solid ${({ theme }) => theme.colour.hairline};
    overflow-wrap: anywhere;
  }
  strong {
    color: ${({ theme }) => theme.colour.beet};
    font-weight: 400;
  }
`;

/** Rows of a file that cannot be taken, each with its reason. */
export function RefusedRows({
  rows,
}: {
  rows: readonly { readonly row: number; readonly what: string; readonly refused: string }[];
}) {
  return (
    <List aria-label="Refused rows">
      {rows.map((row) => (
        <li key={row.row}>
          <Quietly>
            Row {row.row}: {row.what}{' '}
          </Quietly>
          <strong>{row.refused}</strong>
        </li>
      ))}
    </List>
  );
}
