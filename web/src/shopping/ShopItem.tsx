import { useState } from 'react';
import type { TickView } from '@fornax/contract';
import styled from 'styled-components';
import { money, type PackChoice, type ShoppingRow, showDate } from '@fornax/core';
import { useOpenClass } from '../classes/class-context.js';
import { OpenLines } from '../classes/OpenLines.js';
import { useDecisions } from '../classes/useDecisions.js';
import { Quietly } from '../parts/states.js';
import { Tick } from '../parts/Tick.js';
import { without } from '../parts/without.js';
import { Figure } from '../parts/workings.js';
import { MissingFact } from './MissingFact.js';
import { SubstituteDialog } from './SubstituteDialog.js';

const Item = styled.tr<{ $done: boolean }>`
  td:nth-child(2),
  td:nth-child(3) {
    ${({ $done, theme }) => ($done ? `color: ${theme.colour.quiet}; text-decoration: line-through;` : '')}
  }
`;
const Remark = styled.span`
  display: block;
  color: ${({ theme }) => theme.colour.lemonText};
  font-size: ${({ theme }) => theme.size.small};
  line-height: 1.125rem;
`;
const Small = styled.span`
  display: block;
  margin-top: 2px;
  color: ${({ theme }) => theme.colour.quiet};
  font-size: ${({ theme }) => theme.size.small};
  line-height: 1.125rem;
  text-decoration: none;
`;
const Other = styled.button`
  display: inline-block;
  min-height: 1.5rem;
  padding: 3px 0;
  border: 0;
  background: none;
  color: ${({ theme }) => theme.colour.basil};
  font-size: ${({ theme }) => theme.size.small};
  line-height: 1.125rem;
  text-align: left;
  text-decoration: underline dotted;
  text-underline-offset: 3px;
  cursor: pointer;
  white-space: normal;
  @media (pointer: coarse) {
    min-height: 2.75rem;
  }
  @media print {
    display: none;
  }
`;
const Quiet = styled(Other)`
  margin-left: 0.5rem;
  white-space: nowrap;
  color: ${({ theme }) => theme.colour.quiet};
`;
const Offer = styled.div`
  display: flex;
  flex-wrap: wrap;
  gap: 2px 0.625rem;
  align-items: center;
  color: ${({ theme }) => theme.colour.lemonText};
  font-size: ${({ theme }) => theme.size.small};
  line-height: 1.125rem;
  white-space: normal;
`;

interface Props {
  row: ShoppingRow;
  currency: string;
  tick: TickView | undefined;
  onToggle: (ticked: boolean) => void;
}

/** One thing to buy: tick, name, packs, what is left over, and what can be decided about it. */
export function ShopItem({ row, currency, tick, onToggle }: Props) {
  const name = row.name.charAt(0).toUpperCase() + row.name.slice(1);
  const ticked = tick?.ticked ?? false;
  return (
    <Item $done={ticked}>
      <td>
        <Tick label={`${name}, ${row.buy}`} isSelected={ticked} onChange={onToggle} />
      </td>
      <td>
        {name}
        {row.insteadOf ? <Small>instead of {row.insteadOf}</Small> : null}
        {row.remark ? <Remark>{row.remark}</Remark> : null}
        {row.missing && row.ingredient ? (
          <MissingFact ingredient={row.ingredient} name={name} missing={row.missing} />
        ) : null}
        <OpenLinesOfRow row={row} />
        <Decide row={row} />
      </td>
      <td>
        <Figure id={`shop:${row.key}`} workings={row.workings} text={row.buy} label={name} />
        {row.have ? <Small>have {row.have}</Small> : null}
        {row.others.map((other) => (
          <OtherPacks key={other.key} row={row} other={other} currency={currency} />
        ))}
      </td>
      <td>
        {row.cost === null ? <Quietly>not known</Quietly> : row.cost === 0 ? '' : money(row.cost, currency)}
      </td>
      <td>
        <Quietly>
          {row.leftOver}
          {row.leftOverServes ? `, ${datedWords(row.leftOverServes)}` : ''}
        </Quietly>
        <GotBy tick={tick} />
      </td>
      <td>
        <Quietly>{row.dishes.join(', ')}</Quietly>
      </td>
    </Item>
  );
}

/** What recipes leave open about what stands in a row. */
function OpenLinesOfRow({ row }: { row: ShoppingRow }) {
  const { plan } = useOpenClass();
  const lines = plan.alternatives.filter(({ ingredient, name }) =>
    ingredient === null ? row.ingredient === null && row.name === name : ingredient === row.ingredient,
  );
  return <OpenLines lines={lines} showDish={row.dishes.length > 1} />;
}

/** Dates in a sentence of core, as the reader writes them. */
function datedWords(sentence: string): string {
  return sentence.replace(/\d{4}-\d{2}-\d{2}/g, (date) => showDate(date));
}

/** Who changed the tick last, and when, on whatever device. */
function GotBy({ tick }: { tick: TickView | undefined }) {
  if (!tick || (!tick.ticked && !tick.by)) return null;
  const time = tick.at
    ? new Date(tick.at).toLocaleTimeString('en-GB', { hour: '2-digit', minute: '2-digit' })
    : '';
  return (
    <Small>
      {tick.ticked ? 'got by' : 'put back by'} {tick.by}
      {time ? `, ${time}` : ''}
    </Small>
  );
}

function OtherPacks({ row, other, currency }: { row: ShoppingRow; other: PackChoice; currency: string }) {
  const { decisions, decide } = useDecisions();
  const words = [other.buy, other.cost === null ? '' : money(other.cost, currency), other.leftOver]
    .filter(Boolean)
    .join(', ');
  return (
    <Small>
      <Other
        type="button"
        aria-label={`${row.name}: buy ${other.buy} instead`}
        onClick={() =>
          decide(
            { packs: { ...decisions.packs, [row.key]: other.key } },
            `${row.name}: ${other.buy} instead of ${row.buy}.`,
          )
        }
      >
        or {words}
      </Other>
    </Small>
  );
}

/** What can be decided about a row: skip it, make do, or put something in its place. */
function Decide({ row }: { row: ShoppingRow }) {
  const { decisions, decide } = useDecisions();
  const [isReplacing, setReplacing] = useState(false);
  const takeOffer = (offer: ShoppingRow['offers'][number]) => {
    if (offer.kind === 'skip')
      decide({ skipped: [...decisions.skipped, row.key] }, `${row.name} is left out.`);
    else
      decide(
        { madeDo: { ...decisions.madeDo, [row.key]: offer.share! } },
        `${row.name}: what ${row.buy} would hold is used, a little less of it everywhere.`,
      );
  };
  return (
    <>
      {row.offers.map((offer) => (
        <Offer key={offer.kind}>
          <span>{offer.sentence}.</span>
          <Other type="button" onClick={() => takeOffer(offer)}>
            {offer.action}
          </Other>
        </Offer>
      ))}
      <TakenBack row={row} />
      {row.substitutes.length > 0 ? (
        <Quiet type="button" aria-label={`No ${row.name} to be had`} onClick={() => setReplacing(true)}>
          not to be had?
        </Quiet>
      ) : null}
      {isReplacing ? <SubstituteDialog row={row} onClose={() => setReplacing(false)} /> : null}
    </>
  );
}

/** What was decided about a row, to be taken back. */
function TakenBack({ row }: { row: ShoppingRow }) {
  const { decisions, decide } = useDecisions();
  const replaced = Object.entries(decisions.substitutes).find(([, taken]) => taken === row.ingredient)?.[0];
  const buyOriginal = () =>
    decide({ substitutes: without(decisions.substitutes, replaced!) }, `Back to ${row.insteadOf}.`);
  const buyInFull = () =>
    decide({ madeDo: without(decisions.madeDo, row.key) }, `${row.name}: the full amount again.`);
  return (
    <>
      {replaced && row.insteadOf ? (
        <Small>
          <Other type="button" onClick={buyOriginal}>
            Back to {row.insteadOf}
          </Other>
        </Small>
      ) : null}
      {decisions.madeDo[row.key] ? (
        <Small>
          <Other type="button" onClick={buyInFull}>
            Buy the full amount
          </Other>
        </Small>
      ) : null}
    </>
  );
}
