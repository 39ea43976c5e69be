import type { Balance } from '@fornax/core';
import styled from 'styled-components';

const Table = styled.table`
  width: 100%;
  th,
  td {
    padding: 0.25rem 0.625rem 0.25rem 0;
    text-align: left;
    border-bottom: 1px solid ${({ theme }) => theme.colour.hairline};
    font-variant-numeric: tabular-nums;
  }
`;

/** The balance map for those who prefer figures, and for screen readers. */
export function MapTable({ mapped }: { mapped: readonly { title: string; balance: Balance }[] }) {
  const percent = (share: number) => `${Math.round(share * 1000) / 10} %`;
  return (
    <details>
      <summary>The map as a table</summary>
      <Table>
        <thead>
          <tr>
            <th scope="col">Bowl</th>
            <th scope="col">School</th>
            <th scope="col">Oil : acid</th>
            <th scope="col">Salt</th>
            <th scope="col">Sugar</th>
            <th scope="col">Acid</th>
          </tr>
        </thead>
        <tbody>
          {mapped.map(({ title, balance }, index) => (
            <tr key={index}>
              <th scope="row">
                {index + 1}. {title}
              </th>
              <td>{balance.school}</td>
              <td>{balance.ratio === null ? '–' : `${Math.round(balance.ratio * 10) / 10} : 1`}</td>
              <td>{percent(balance.salt)}</td>
              <td>{percent(balance.sugar)}</td>
              <td>{Math.round(balance.acidity * 100) / 100} %</td>
            </tr>
          ))}
        </tbody>
      </Table>
    </details>
  );
}
