import styled from 'styled-components';
import { needsTitle, pagesOfCard, type StationCard } from '@fornax/core';
import { Card } from './Card.js';
import { CardDishSheet, Small } from './CardDishSheet.js';

const List = styled.ul`
  li {
    padding-left: 1rem;
    text-indent: -1rem;
    &::before {
      content: '– ';
    }
  }
  &[data-boxes] li::before {
    content: '☐ ';
  }
`;

const Part = styled.div`
  @media print {
    & + & {
      break-before: page;
    }
  }
`;
const OnPaper = styled.p`
  display: none;
  @media print {
    display: block;
    font: 700 20pt/1.2 ${({ theme }) => theme.font.heading};
  }
`;
const OffPaper = styled(Small)`
  @media print {
    display: none;
  }
`;

/** A card; on paper each part of it begins a page with its own running head. */
export function OneCard({ card, first }: { card: StationCard; first: number }) {
  const parts = pagesOfCard(card);
  return (
    <Card aria-label={card.place}>
      {parts.map(({ dishes }, at) => (
        <Part key={at} className={`s${first + at}`}>
          {at === 0 ? <CardHead card={card} /> : <OnPaper aria-hidden>{card.place}</OnPaper>}
          {dishes.map((dish, index) => (
            <CardDishSheet key={index} dish={dish} />
          ))}
          {at === parts.length - 1 ? (
            <>
              <Items title="Set out in" items={card.containers} />
              <Items title="Before you go on" items={card.checks} boxes />
              <Items title="Take care" items={card.cautions} />
            </>
          ) : null}
        </Part>
      ))}
    </Card>
  );
}

function CardHead({ card }: { card: StationCard }) {
  return (
    <>
      <OffPaper>
        {card.classTitle} · {card.classLine}
      </OffPaper>
      <h2>{card.place}</h2>
      {card.stations > 1 ? (
        <Small>
          {card.stations} stations, same card: print {card.stations}
        </Small>
      ) : null}
      <Items title={needsTitle(card)} items={card.needs} level="h3" />
    </>
  );
}

function Items({
  title,
  items,
  boxes = false,
  level: Heading = 'h4',
}: {
  title: string;
  items: readonly string[];
  boxes?: boolean;
  level?: 'h3' | 'h4';
}) {
  if (items.length === 0) return null;
  return (
    <section>
      <Heading>{title}</Heading>
      <List data-boxes={boxes || undefined}>
        {items.map((item, index) => (
          <li key={index}>{item}</li>
        ))}
      </List>
    </section>
  );
}
