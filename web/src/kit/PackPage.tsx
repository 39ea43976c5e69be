import { useState } from 'react';
import { writeKitText, type ContainerRow, type KitRow } from '@fornax/core';
import { Link } from 'react-router';
import styled from 'styled-components';
import { useOpenClass } from '../classes/class-context.js';
import { Button } from '../parts/Button.js';
import { NoDishes } from '../parts/NoDishes.js';
import { saveFile } from '../parts/files/save-file.js';
import { useFileWork } from '../parts/files/useFileWork.js';
import { Quietly, Row } from '../parts/states.js';
import { Figure } from '../parts/workings.js';
import { useTicks } from '../api/useTicks.js';
import { CrateList } from './CrateList.js';
import { OwnSets } from './OwnSets.js';
import { Shortages } from './Shortages.js';
import { Washing } from './Washing.js';
import { listedFiguresAreOneStop } from '../parts/one-stop.js';
import { Switch } from '../parts/Switch.js';
import { StopHeading } from '../classes/StopHeading.js';
import { PartHeading } from '../parts/kit.js';

const Crates = styled.div`
  display: grid;
  grid-template-columns: repeat(2, minmax(0, 1fr));
  gap: 1.5rem 2.5rem;
  max-width: 56.25rem;
  margin-top: 1rem;
  @media screen and (max-width: 43.75em) {
    grid-template-columns: 1fr;
  }
  /* In columns, so that a short crate leaves no hole beside a long one. */
  @media print {
    display: block;
    columns: 2;
    column-gap: 20pt;
    font-size: 10.5pt;
    line-height: 1.2;
    section {
      margin-bottom: 10pt;
    }
    li {
      padding: 1.5pt 0;
    }
  }
`;
const OnScreen = styled.span`
  @media (pointer: coarse) {
    a {
      display: inline-block;
      padding-block: 0.8125rem;
    }
  }
  @media print {
    display: none;
  }
`;
const List = styled.ul`
  border-top: 1.5px solid ${({ theme }) => theme.colour.ink};
  margin-top: 0.25rem;
`;
const Item = styled.li`
  display: grid;
  grid-template-columns: 2.75rem minmax(0, 1fr);
  padding: 0.3125rem 0;
  border-bottom: 1px solid ${({ theme }) => theme.colour.hairline};
  font-variant-numeric: tabular-nums;
  @media (pointer: coarse) {
    align-items: center;
  }
`;
const Top = styled(Row)`
  justify-content: space-between;
  align-items: baseline;
`;
type View = 'need' | 'crates';

/** What goes in which crate? */
export default function PackPage() {
  const { view, plan } = useOpenClass();
  const ticks = useTicks(view.id);
  const [shown, setShown] = useState<View>('need');
  if (plan.portions.dishes.length === 0)
    return (
      <>
        <StopHeading stop="Pack" sheet="packing list">
          To pack
        </StopHeading>
        <NoDishes>
          Tools, vessels and containers appear here, for a station, the demonstration and shared use.
        </NoDishes>
      </>
    );
  return (
    <>
      <Top>
        <StopHeading stop="Pack" sheet="packing list">
          To pack
        </StopHeading>
        <OnScreen>
          <Link to="../labels">Storage labels to print</Link>
        </OnScreen>
        <KitExports />
      </Top>
      <p>
        <Quietly>
          The most in use at once, read off the timeline; not the sum of all steps.
          {ticks.waiting > 0
            ? ` ${ticks.waiting} ticks are kept on this device until the server answers.`
            : ''}
        </Quietly>
      </p>
      <Shortages />
      <Switch
        label="Show"
        value={shown}
        onChange={setShown}
        options={[
          ['need', 'what is needed'],
          ['crates', 'crates to check off'],
        ]}
      />
      {shown === 'need' ? (
        <Needed />
      ) : (
        plan.kit.crates.map((crate) => <CrateList key={crate.id} crate={crate} ticks={ticks} />)
      )}
    </>
  );
}

function KitExports() {
  const { view, plan } = useOpenClass();
  const handle = useFileWork();
  const name = `${view.title} ${view.startsAt.slice(0, 10)}`;
  const saveCsv = async () => {
    const { writeKitCsv } = await import('../parts/files/tables.js');
    saveFile(`${name} kit.csv`, 'text/csv', writeKitCsv(plan.kit));
  };
  return (
    <Row $gap={1}>
      <Button
        look="quiet"
        onPress={() =>
          saveFile(`${name} kit.txt`, 'text/plain', writeKitText(`${view.title}: to pack`, plan.kit))
        }
      >
        Text
      </Button>
      <Button look="quiet" onPress={() => handle(saveCsv)}>
        CSV
      </Button>
      <Button look="quiet" onPress={() => window.print()}>
        Print
      </Button>
    </Row>
  );
}

function Needed() {
  const { plan } = useOpenClass();
  const { kit } = plan;
  return (
    <>
      <Crates ref={listedFiguresAreOneStop}>
        <Crate
          title="Each station"
          aside={`${kit.stations} identical crates`}
          rows={kit.perStation}
          place="station"
        />
        <Crate
          title="Demonstration bench"
          aside="and what is made before class"
          rows={kit.demonstrationBench}
          place="bench"
        />
        <Crate title="Shared shelf" aside="for the whole room" rows={kit.shared} place="shared" />
        <Crate title="Consumables" aside="" rows={kit.consumables} place="consumables" />
        {[...new Set(kit.containers.map(({ place }) => place))].map((place) => (
          <Containers key={place} place={place} rows={kit.containers.filter((row) => row.place === place)} />
        ))}
        <section aria-label="Easily forgotten" data-empty={kit.checks.length === 0 || undefined}>
          <PartHeading>
            Easily forgotten <Quietly>not mentioned in any step</Quietly>
          </PartHeading>
          <List>
            {kit.checks.map((check) => (
              <Item key={check.id}>
                <span aria-hidden>?</span>
                <span>{check.sentence}</span>
              </Item>
            ))}
          </List>
        </section>
        <Washing />
      </Crates>
      <OwnSets />
    </>
  );
}

function Crate({
  title,
  aside,
  rows,
  place,
}: {
  title: string;
  aside: string;
  rows: readonly KitRow[];
  place: string;
}) {
  return (
    <section aria-label={title} data-empty={rows.length === 0 || undefined}>
      <PartHeading>
        {title} <Quietly>{aside}</Quietly>
      </PartHeading>
      <List>
        {rows.length === 0 ? (
          <Item>
            <span />
            <Quietly>nothing</Quietly>
          </Item>
        ) : null}
        {rows.map((row) => (
          <Item key={row.id}>
            <span>
              <Figure
                id={`kit:${place}:${row.id}`}
                workings={row.workings}
                text={String(row.count)}
                label={row.tool}
              />
            </span>
            <span>
              {row.tool}
              {row.note ? <Quietly>, {row.note}</Quietly> : null}
            </span>
          </Item>
        ))}
      </List>
    </section>
  );
}

function Containers({ place, rows }: { place: string; rows: readonly ContainerRow[] }) {
  return (
    <section aria-label={`Containers: ${place}`}>
      <PartHeading>
        Containers <Quietly>{place}, each</Quietly>
      </PartHeading>
      <List>
        {rows.map((row) => (
          <Item key={row.container}>
            <span>{row.count}</span>
            <span>
              {row.container}
              {row.count > 1 ? 's' : ''}
              <Quietly>: {row.holds.join(', ')}</Quietly>
            </span>
          </Item>
        ))}
      </List>
    </section>
  );
}
