import { useState } from 'react';
import {
  type Balance,
  dipServing,
  dressingKeeping,
  dressingLabel,
  heatingAdvice,
  type Larder,
  liquidToReach,
  secondUses,
  showWholeDate,
  thicknesses,
  writtenSpoons,
} from '@fornax/core';
import styled from 'styled-components';
import { Boxes, TickBox } from '../parts/Boxes.js';
import { Quietly } from '../parts/states.js';
import { Figure } from '../parts/workings.js';

const Rows = styled.dl`
  display: grid;
  grid-template-columns: 6.75rem minmax(0, 1fr);
  gap: 0.5rem 0.75rem;
  margin: 0;
  dt {
    font-weight: 600;
  }
  dd {
    margin: 0;
  }
`;

interface MoreProps {
  readonly title: string;
  /** The bowl warm, and as it stands in the cold. */
  readonly balance: Balance;
  readonly cold: Balance;
  readonly larder: Larder;
}

/** How thick it is and can be, for how many, and what else some of the batch can be. */
export function MoreOfIt({ title, balance, cold, larder }: MoreProps) {
  if (balance.grams <= 0) return null;
  const heat = heatingAdvice(balance);
  const { days, why } = dressingKeeping(balance, larder);
  return (
    <section aria-label="What else it can be">
      <h2>What else it can be</h2>
      <Rows>
        {cold.thickness === 'pourable' ? null : (
          <>
            <dt>Thickness</dt>
            <dd>
              <Thickness balance={balance} cold={cold} />
            </dd>
          </>
        )}
        {balance.thickness === 'pourable' ? null : <Dip balance={balance} />}
        {secondUses(balance).map(({ use, amount, changes, cautions }) => (
          <SecondUse key={use} use={use} amount={amount} words={[...changes, ...cautions]} />
        ))}
        {heat ? (
          <>
            <dt>Milder</dt>
            <dd>{heat.milder}</dd>
            <dt>Hotter</dt>
            <dd>
              <Figure id="bench:hotter" workings={heat.workings} text={heat.hotter} />
            </dd>
          </>
        ) : null}
        <dt>Keeps</dt>
        <dd>
          {days} {days === 1 ? 'day' : 'days'} cold and covered{' '}
          <Quietly>{why}. Follow your local food code and a qualified person’s advice.</Quietly>
        </dd>
        <dt>Label</dt>
        <dd>{dressingLabel(title, balance, larder, dateIn)}</dd>
      </Rows>
    </section>
  );
}

function dateIn(days: number): string {
  const date = new Date();
  date.setDate(date.getDate() + days);
  const local = [date.getFullYear(), date.getMonth() + 1, date.getDate()];
  return showWholeDate(local.map((part) => String(part).padStart(2, '0')).join('-'));
}

function SecondUse({ use, amount, words }: { use: string; amount: string; words: readonly string[] }) {
  return (
    <>
      <dt>{use[0]!.toUpperCase() + use.slice(1)}</dt>
      <dd>
        {amount} <Quietly>{words.join(' ')}</Quietly>
      </dd>
    </>
  );
}

function Dip({ balance }: { balance: Balance }) {
  const { portions, dippers, scrapings, workings } = dipServing(balance);
  return (
    <>
      <dt>As a dip</dt>
      <dd>
        <Figure
          id="bench:dip"
          workings={workings}
          text={`enough for ${portions}, with ${dippers[0]}–${dippers[1]} pieces to dip`}
        />{' '}
        <Quietly>scraped down {scrapings} times while it is blended</Quietly>
      </dd>
    </>
  );
}

function Thickness({ balance, cold }: { balance: Balance; cold: Balance }) {
  const [isCold, setCold] = useState(false);
  const bowl = isCold ? cold : balance;
  return (
    <>
      <Boxes
        value={isCold ? ['cold'] : []}
        onChange={(chosen) => setCold(chosen.includes('cold'))}
        aria-label="Where it stands"
      >
        <TickBox value="cold">straight from the cold</TickBox>
      </Boxes>
      {thicknesses.map((wanted) => {
        const reach = liquidToReach(bowl, wanted);
        return (
          <div key={wanted}>
            {reach.problem ? (
              <Quietly>
                {wanted}: {reach.problem}
              </Quietly>
            ) : (
              <>
                {wanted}:{' '}
                <Figure
                  id={`bench:reach:${wanted}`}
                  workings={reach.workings}
                  text={`${writtenSpoons(reach.teaspoons)} of water`}
                />{' '}
                <Quietly>then taste again</Quietly>
              </>
            )}
          </div>
        );
      })}
    </>
  );
}
