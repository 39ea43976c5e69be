import type { ShoppingRow } from '@fornax/core';
import styled from 'styled-components';
import { useOpenClass } from '../classes/class-context.js';
import { Warnings } from '../classes/Warnings.js';
import { showDate } from '../parts/dates.js';
import { Quietly } from '../parts/states.js';
import { Tick } from '../parts/Tick.js';
import { Figure, walkFigures } from '../parts/workings.js';
import { NoDishes } from '../portions/PortionPage.js';
import { useTicks } from './useTicks.js';

const Table = styled.table`
  width: 100%; margin-top: 8px;
  td { padding: 5px 12px 5px 0; vertical-align: top; border-bottom: 1px solid ${({ theme }) => theme.colour.hairline}; }
  td:first-child { width: 40px; padding: 1px 8px 1px 0; }
  td:nth-child(2) { min-width: 170px; }
  td:nth-child(3), td:nth-child(4) { white-space: nowrap; }
  @media (max-width: 700px) { td:nth-child(2) { min-width: 0; } td:nth-child(3) { white-space: normal; } th:nth-child(n + 4), td:nth-child(n + 4) { display: none; } }
  thead th { padding: 4px 12px 4px 0; text-align: left; font-weight: 400; color: ${({ theme }) => theme.colour.quiet}; border-bottom: 1.5px solid ${({ theme }) => theme.colour.ink}; }
  tbody th { padding: 14px 0 4px; text-align: left; font-weight: 700; border-bottom: 1px solid ${({ theme }) => theme.colour.ink}; }
`;
const Item = styled.tr<{ $done: boolean }>`${({ $done, theme }) => ($done ? `td:not(:first-child) { color: ${theme.colour.quiet}; text-decoration: line-through; }` : '')}`;
const Remark = styled.span`display: block; color: ${({ theme }) => theme.colour.lemonText}; font-size: 13px;`;

/** What to buy, as it is sold, by shop section; ticked off one by one. */
export default function ShopPage() {
  const { view, plan } = useOpenClass();
  const { ticks, waiting, toggle } = useTicks(view.id);
  const { sections, rows } = plan.shopping;
  const done = rows.filter((row) => ticks.get(row.key)?.ticked).length;
  const day = plan.jobs.find((job) => job.kind === 'buy');
  return (
    <>
      <h2>To buy</h2>
      {rows.length > 0 ? <p><Quietly>{done} of {rows.length} ticked{day ? ` · buy on ${showDate(day.localDate)}` : ''}{waiting > 0 ? ` · ${waiting} kept on this device until the server answers` : ''}</Quietly></p> : null}
      <Warnings warnings={plan.warnings.filter((warning) => warning.place === 'shopping')} />
      {rows.length === 0 ? <NoDishes>What to buy appears here, added up over all dishes and stations.</NoDishes> : (
        <Table onKeyDown={walkFigures}>
          <thead><tr><th scope="col"><Quietly>Got</Quietly></th><th scope="col">What</th><th scope="col">Buy</th><th scope="col">Left over</th><th scope="col">For</th></tr></thead>
          {sections.map(({ section, rows: inSection }) => (
            <tbody key={section}>
              <tr><th scope="rowgroup" colSpan={5}>{section.charAt(0).toUpperCase() + section.slice(1)}</th></tr>
              {inSection.map((row) => <ShopItem key={row.key} row={row} ticked={ticks.get(row.key)?.ticked ?? false} by={ticks.get(row.key)?.by ?? ''} onToggle={(ticked) => toggle(row.key, ticked)} />)}
            </tbody>
          ))}
        </Table>
      )}
    </>
  );
}

function ShopItem({ row, ticked, by, onToggle }: { row: ShoppingRow; ticked: boolean; by: string; onToggle: (ticked: boolean) => void }) {
  const name = row.name.charAt(0).toUpperCase() + row.name.slice(1);
  return (
    <Item $done={ticked}>
      <td><Tick label={`${name}, ${row.buy}`} isSelected={ticked} onChange={onToggle} /></td>
      <td>{name}{row.remark ? <Remark>{row.remark}</Remark> : null}</td>
      <td><Figure id={`shop:${row.key}`} workings={row.workings} text={row.buy} label={name} /></td>
      <td><Quietly>{row.leftOver}{ticked && by ? `${row.leftOver ? ' · ' : ''}got by ${by}` : ''}</Quietly></td>
      <td><Quietly>{row.dishes.join(', ')}</Quietly></td>
    </Item>
  );
}
