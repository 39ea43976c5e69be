import styled from 'styled-components';
import { Quietly } from '../parts/states.js';
import { figuresAndButtonsAreOneStop } from '../parts/one-stop.js';
import { Figure } from '../parts/workings.js';
import { walkFiguresAndButtons } from '../parts/walk-figures.js';
import type { Group } from './groups.js';
import { ShopItem } from './ShopItem.js';
import type { Ticks } from '../api/useTicks.js';

/** Positioned, so that hidden text in wide rows is clipped with them. */
const Scroll = styled.div`
  position: relative;
  overflow-x: auto;
`;

const Table = styled.table`
  width: 100%;
  margin-top: 0.5rem;
  td {
    padding: 0.3125rem 0.75rem 0.3125rem 0;
    vertical-align: top;
    border-bottom: 1px solid ${({ theme }) => theme.colour.hairline};
  }
  td:first-child {
    width: 2.5rem;
    padding: 1px 0.5rem 1px 0;
  }
  td:nth-child(2) {
    min-width: 10.625rem;
  }
  td:nth-child(3) {
    min-width: 9.375rem;
  }
  td:nth-child(4) {
    white-space: nowrap;
    text-align: right;
    font-variant-numeric: tabular-nums;
  }
  td button {
    min-height: 1.5rem;
    @media (pointer: coarse) {
      min-height: 2.75rem;
    }
  }
  @media screen and (max-width: 43.75em) {
    td:nth-child(2),
    td:nth-child(3) {
      min-width: 0;
    }
    th:nth-child(n + 4),
    td:nth-child(n + 4) {
      display: none;
    }
  }
  thead th {
    padding: 0.25rem 0.75rem 0.25rem 0;
    text-align: left;
    font-weight: 400;
    color: ${({ theme }) => theme.colour.quiet};
    border-bottom: 1.5px solid ${({ theme }) => theme.colour.ink};
  }
  tbody th {
    padding: 0.875rem 0 0.25rem;
    text-align: left;
    font-weight: 700;
    border-bottom: 1px solid ${({ theme }) => theme.colour.ink};
  }
  tbody th span {
    font-weight: 400;
  }
  /* What a shopper needs, so that the list is one sheet. */
  @media print {
    font-size: 10pt;
    line-height: 1.1;
    td,
    th {
      padding: 0.8pt 10pt 0.8pt 0 !important;
    }
    td button {
      min-height: 0;
      padding-block: 0;
    }
    th:nth-child(n + 5),
    td:nth-child(n + 5) {
      display: none;
    }
  }
`;

export function ShopTable({
  groups,
  ticks,
  currency,
}: {
  groups: readonly Group[];
  ticks: Ticks;
  currency: string;
}) {
  return (
    <Scroll>
      <Table ref={figuresAndButtonsAreOneStop} onKeyDown={walkFiguresAndButtons}>
        <thead>
          <tr>
            <th scope="col">
              <Quietly>Got</Quietly>
            </th>
            <th scope="col">What</th>
            <th scope="col">Buy</th>
            <th scope="col">Cost</th>
            <th scope="col">Left over</th>
            <th scope="col">For</th>
          </tr>
        </thead>
        {groups.map((group) => (
          <tbody key={group.key}>
            <tr>
              <th scope="rowgroup" colSpan={6}>
                {group.trip ? (
                  <Figure id={`trip:${group.key}`} workings={group.trip.workings} text={group.title} />
                ) : (
                  group.title
                )}{' '}
                {group.aside ? <Quietly>{group.aside}</Quietly> : null}
              </th>
            </tr>
            {group.rows.map((row) => (
              <ShopItem
                key={row.key}
                row={row}
                currency={currency}
                tick={ticks.ticks.get(row.key)}
                onToggle={(ticked) => ticks.toggle(row.key, ticked)}
              />
            ))}
          </tbody>
        ))}
      </Table>
    </Scroll>
  );
}
