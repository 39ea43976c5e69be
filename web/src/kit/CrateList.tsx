import type { Crate } from '@fornax/core';
import { formatMass } from '@fornax/core';
import styled from 'styled-components';
import { Quietly } from '../parts/states.js';
import { Tick } from '../parts/Tick.js';
import { figuresAreOneStop } from '../parts/one-stop.js';
import { Figure } from '../parts/workings.js';
import { walkFigures } from '../parts/walk-figures.js';
import { VisuallyHidden } from '../theme/visually-hidden.js';
import { CountField } from '../parts/CountField.js';
import type { Ticks } from '../api/useTicks.js';
import { PartHeading } from '../parts/kit.js';

const Section = styled.section`
  break-inside: avoid;
  margin-top: 1.25rem;
  max-width: 56.25rem;
  overflow-x: auto;
  position: relative;
`;
const Table = styled.table`
  width: 100%;
  margin-top: 0.25rem;
  border-top: 1.5px solid ${({ theme }) => theme.colour.ink};
  td,
  th {
    padding: 2px 0.75rem 2px 0;
    text-align: left;
    vertical-align: middle;
    border-bottom: 1px solid ${({ theme }) => theme.colour.hairline};
    font-variant-numeric: tabular-nums;
  }
  thead th {
    font-weight: 400;
    color: ${({ theme }) => theme.colour.quiet};
  }
  td:first-child,
  td:nth-child(2),
  th:nth-child(2) {
    width: 2.75rem;
    padding-right: 0.25rem;
  }
  td:nth-child(3) {
    width: 2.125rem;
    text-align: right;
  }
  td:nth-child(n + 5) {
    width: 5.125rem;
  }
`;

/** One crate to pack and to take back: ticked out, ticked in, and what is missing or broken. */
export function CrateList({ crate, ticks }: { crate: Crate; ticks: Ticks }) {
  const out = crate.rows.filter((row) => ticks.ticks.get(tickKey(crate, 'out', row.key))?.ticked).length;
  return (
    <Section aria-label={crate.name}>
      <PartHeading>
        {crate.name}{' '}
        <Quietly>
          {crate.count > 1 ? `${crate.count} identical crates · ` : ''}
          <Figure
            id={`crate:${crate.id}`}
            workings={crate.workings}
            text={`${formatMass(crate.grams)}${crate.count > 1 ? ' each' : ''}`}
            label={`${crate.name} weighs`}
          />{' '}
          · {out} of {crate.rows.length} packed
        </Quietly>
      </PartHeading>
      <Table ref={figuresAreOneStop} onKeyDown={walkFigures}>
        <thead>
          <tr>
            <th scope="col">Out</th>
            <th scope="col">Back</th>
            <th scope="col">
              <VisuallyHidden>How many</VisuallyHidden>
            </th>
            <th scope="col">What</th>
            <th scope="col">Missing</th>
            <th scope="col">Broken</th>
          </tr>
        </thead>
        <tbody>
          {crate.rows.map((row) => (
            <CrateRow key={row.key} crate={crate} row={row} ticks={ticks} />
          ))}
        </tbody>
      </Table>
    </Section>
  );
}

function CrateRow({ crate, row, ticks }: { crate: Crate; row: Crate['rows'][number]; ticks: Ticks }) {
  const key = (kind: string) => tickKey(crate, kind, row.key);
  const state = (kind: string) => ticks.ticks.get(key(kind));
  return (
    <tr>
      <td>
        <Tick
          label={`${row.name}, ${crate.name}: packed`}
          isSelected={state('out')?.ticked ?? false}
          onChange={(ticked) => ticks.toggle(key('out'), ticked)}
        />
      </td>
      <td>
        <Tick
          label={`${row.name}, ${crate.name}: back`}
          isSelected={state('back')?.ticked ?? false}
          onChange={(ticked) => ticks.toggle(key('back'), ticked)}
        />
      </td>
      <td>{row.count}</td>
      <td>{row.name}</td>
      {(['missing', 'broken'] as const).map((kind) => (
        <td key={kind}>
          <CountField
            label={`${row.name}, ${crate.name}: ${kind}`}
            value={state(kind)?.count ?? 0}
            most={row.count * crate.count}
            onChange={(count) => ticks.toggle(key(kind), count > 0, count)}
          />
        </td>
      ))}
    </tr>
  );
}

const tickKey = (crate: Crate, kind: string, row: string) => `kit:${kind}:${crate.id}:${row}`;
