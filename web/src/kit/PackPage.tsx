import type { ContainerRow, KitRow } from '@fornax/core';
import styled from 'styled-components';
import { useOpenClass } from '../classes/class-context.js';
import { Warnings } from '../classes/Warnings.js';
import { Quietly } from '../parts/states.js';
import { Figure } from '../parts/workings.js';
import { NoDishes } from '../portions/PortionPage.js';

const Crates = styled.div`display: grid; grid-template-columns: repeat(2, minmax(0, 1fr)); gap: 24px 40px; max-width: 900px; margin-top: 16px; @media (max-width: 700px) { grid-template-columns: 1fr; }`;
const List = styled.ul`border-top: 1.5px solid ${({ theme }) => theme.colour.ink}; margin-top: 4px;`;
const Item = styled.li`display: grid; grid-template-columns: 44px minmax(0, 1fr); padding: 5px 0; border-bottom: 1px solid ${({ theme }) => theme.colour.hairline}; font-variant-numeric: tabular-nums;`;
const Head = styled.h3`span { font: 400 14px/20px ${({ theme }) => theme.font.text}; }`;

/** What goes in which crate? */
export default function PackPage() {
  const { plan } = useOpenClass();
  const { kit } = plan;
  if (plan.portions.dishes.length === 0) return <><h2>To pack</h2><NoDishes>Tools, vessels and containers appear here, for a station, the demonstration and shared use.</NoDishes></>;
  return (
    <>
      <h2>To pack</h2>
      <p><Quietly>The most in use at once, read off the timeline; not the sum of all steps.</Quietly></p>
      <Warnings warnings={plan.warnings.filter((warning) => warning.place === 'kit')} />
      <Crates>
        <Crate title="Each station" aside={`${kit.stations} crates alike`} rows={kit.perStation} place="station" />
        <Crate title="Demonstration bench" aside="and what is made before class" rows={kit.demonstrationBench} place="bench" />
        <Crate title="Shared shelf" aside="for the whole room" rows={kit.shared} place="shared" />
        <Crate title="Consumables" aside="" rows={kit.consumables} place="consumables" />
        {[...new Set(kit.containers.map(({ place }) => place))].map((place) => <Containers key={place} place={place} rows={kit.containers.filter((row) => row.place === place)} />)}
      </Crates>
    </>
  );
}

function Crate({ title, aside, rows, place }: { title: string; aside: string; rows: readonly KitRow[]; place: string }) {
  return (
    <section aria-label={title}>
      <Head>{title} <Quietly>{aside}</Quietly></Head>
      <List>
        {rows.length === 0 ? <Item><span /><Quietly>nothing</Quietly></Item> : null}
        {rows.map((row) => (
          <Item key={row.tool}>
            <span><Figure id={`kit:${place}:${row.tool}`} workings={row.workings} text={String(row.count)} label={row.tool} /></span>
            <span>{row.tool}{row.note ? <Quietly>, {row.note}</Quietly> : null}</span>
          </Item>
        ))}
      </List>
    </section>
  );
}

function Containers({ place, rows }: { place: string; rows: readonly ContainerRow[] }) {
  return (
    <section aria-label={`Containers: ${place}`}>
      <Head>Containers <Quietly>{place}, each</Quietly></Head>
      <List>
        {rows.map((row) => <Item key={row.container}><span>{row.count}</span><span>{row.container}{row.count > 1 ? 's' : ''}<Quietly>: {row.holds.join(', ')}</Quietly></span></Item>)}
      </List>
    </section>
  );
}
