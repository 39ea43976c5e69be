import { useMemo } from 'react';
import { useQuery } from '@tanstack/react-query';
import { Link } from 'react-router';
import styled from 'styled-components';
import { markingSheets, showDate, type StationCard, stationCards } from '@fornax/core';
import { techniquesQuery } from '../api/queries.js';
import { useOpenClass } from '../classes/class-context.js';
import { useDecisions } from '../classes/useDecisions.js';
import { TickBox } from '../parts/Boxes.js';
import { Button } from '../parts/Button.js';
import { showTimes } from '../parts/dates.js';
import { NoDishes } from '../parts/NoDishes.js';
import { Loading, Row } from '../parts/states.js';
import { Card } from './Card.js';
import { CardDishSheet, Small } from './CardDishSheet.js';
import { Download } from './Download.js';
import { MarkingSheets } from './MarkingSheets.js';
import { StopHeading } from '../classes/StopHeading.js';

const Bar = styled(Row)`
  justify-content: space-between;
  @media print {
    display: none;
  }
`;
const List = styled.ul`
  li {
    padding-left: 16px;
    text-indent: -16px;
    &::before {
      content: '– ';
    }
  }
  &[data-boxes] li::before {
    content: '☐ ';
  }
`;

/** A sheet for each set of equal stations and one for the demonstration bench, to print or to save. */
export default function CardsPage() {
  const { view, plan, bundle } = useOpenClass();
  const { decideQuietly } = useDecisions();
  const { data: techniques } = useQuery(techniquesQuery);
  const when = `${showDate(view.startsAt)}, ${showTimes(view.startsAt, view.lengthMinutes)}`;
  const cards = useMemo(
    () =>
      techniques
        ? stationCards({ facts: bundle.class, kitchen: bundle.kitchen, plan, techniques, when })
        : null,
    [bundle, plan, techniques, when],
  );
  if (view.dishes.length === 0)
    return (
      <>
        <StopHeading stop="Station cards" sheet="station cards">
          Station cards
        </StopHeading>
        <NoDishes>A card for every station appears here, with amounts, steps, notes and cautions.</NoDishes>
      </>
    );
  if (!cards) return <Loading what="the cards" />;
  return (
    <>
      <Bar>
        <Row>
          <StopHeading stop="Station cards" sheet="station cards">
            Station cards
          </StopHeading>
          <Link to="../portion">Back to Portion</Link>
          <Link to="../labels">Storage labels</Link>
        </Row>
        <Row>
          <Download href={`/api/classes/${view.id}/cards.pdf?paper=a4`} download>
            PDF, A4
          </Download>
          <Download href={`/api/classes/${view.id}/cards.pdf?paper=letter`} download>
            PDF, US Letter
          </Download>
          {view.roster.length > 0 ? (
            <TickBox
              isSelected={view.decisions.needsOnCards}
              onChange={(needsOnCards) => decideQuietly({ needsOnCards })}
            >
              What stations keep free of, without names
            </TickBox>
          ) : null}
          <Button onPress={() => window.print()}>Print</Button>
        </Row>
      </Bar>
      {cards.map((card) => (
        <OneCard key={card.id} card={card} />
      ))}
      {markingSheets(bundle.class, when).map((sheet) => (
        <MarkingSheets key={sheet.id} sheet={sheet} />
      ))}
    </>
  );
}

function OneCard({ card }: { card: StationCard }) {
  return (
    <Card aria-label={card.place}>
      <Small>
        {card.classTitle} · {card.classLine}
      </Small>
      <h2>{card.place}</h2>
      {card.stations > 1 ? (
        <Small>
          {card.stations} stations alike: print {card.stations}
        </Small>
      ) : null}
      <Items title="Kept free of" items={card.needs} />
      {card.dishes.map((dish, index) => (
        <CardDishSheet key={index} dish={dish} />
      ))}
      <Items title="Set out in" items={card.containers} />
      <Items title="Before you go on" items={card.checks} boxes />
      <Items title="Take care" items={card.cautions} />
    </Card>
  );
}

function Items({
  title,
  items,
  boxes = false,
}: {
  title: string;
  items: readonly string[];
  boxes?: boolean;
}) {
  if (items.length === 0) return null;
  return (
    <section>
      <h4>{title}</h4>
      <List data-boxes={boxes || undefined}>
        {items.map((item, index) => (
          <li key={index}>{item}</li>
        ))}
      </List>
    </section>
  );
}
