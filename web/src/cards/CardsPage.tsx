import { useMemo } from 'react';
import { useQuery } from '@tanstack/react-query';
import { Link } from 'react-router';
import styled, { createGlobalStyle } from 'styled-components';
import {
  headStyles,
  type MarkingSheet,
  markingSheets,
  pagesOfCard,
  runningHead,
  saysNeeds,
  showDate,
  type StationCard,
  stationCards,
} from '@fornax/core';
import { techniquesQuery } from '../api/queries.js';
import { useOpenClass } from '../classes/class-context.js';
import { useDecisions } from '../classes/useDecisions.js';
import { TickBox } from '../parts/Boxes.js';
import { Button } from '../parts/Button.js';
import { showTimes } from '../parts/dates.js';
import { NoDishes } from '../parts/NoDishes.js';
import { Loading, Row } from '../parts/states.js';
import { Download } from './Download.js';
import { MarkingSheets } from './MarkingSheets.js';
import { OneCard } from './OneCard.js';
import { StopHeading } from '../classes/StopHeading.js';

const Bar = styled(Row)`
  justify-content: space-between;
  @media print {
    display: none;
  }
`;
/** The running heads of the pages, in the order they stand in. */
const CardHeads = createGlobalStyle<{ $heads: readonly string[] }>`
  @media print {
    ${({ $heads }) => headStyles($heads)}
  }
`;

/** A sheet for each set of equal stations and one for the demonstration bench, to print or to save. */
export default function CardsPage() {
  const { view, plan, bundle } = useOpenClass();
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
  const sheets = markingSheets(bundle.class, when);
  const pages = paperPages(cards, sheets);
  return (
    <>
      <CardsBar />
      <CardHeads $heads={pages.map(({ head }) => head)} />
      {cards.map((card) => (
        <OneCard key={card.id} card={card} first={pages.findIndex(({ id }) => id === card.id)} />
      ))}
      {sheets.map((sheet, index) => (
        <MarkingSheets key={sheet.id} sheet={sheet} first={pages.length - (sheets.length - index) * 2} />
      ))}
    </>
  );
}

/** The pages of all cards and sheets, each with the card or sheet that it is of. */
function paperPages(cards: readonly StationCard[], sheets: readonly MarkingSheet[]) {
  return [
    ...cards.flatMap((card) => pagesOfCard(card).map(({ head }) => ({ id: card.id, head }))),
    ...sheets.flatMap((sheet) => [
      { id: sheet.id, head: runningHead('Sheet to mark', sheet, [sheet.title]) },
      { id: sheet.id, head: runningHead('Key to a sheet', sheet, [sheet.title]) },
    ]),
  ];
}

function CardsBar() {
  const { view } = useOpenClass();
  const { decideQuietly } = useDecisions();
  return (
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
            isSelected={saysNeeds(view)}
            onChange={(isOn) => decideQuietly({ needsOnCards: isOn, needsOffCards: !isOn })}
          >
            What stations keep free of, without names
          </TickBox>
        ) : null}
        <Button onPress={() => window.print()}>Print</Button>
      </Row>
    </Bar>
  );
}
