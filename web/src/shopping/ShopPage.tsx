import { useState } from 'react';
import styled from 'styled-components';
import { money, notKnownWords, type ShoppingList, type ShoppingRow, showDate } from '@fornax/core';
import { useOpenClass } from '../classes/class-context.js';
import { useDecisions } from '../classes/useDecisions.js';
import { notKnownIn } from '../classes/not-known.js';
import { NotKnownFoods } from '../parts/food/NotKnownFoods.js';
import { Warnings } from '../parts/Warnings.js';
import { Button } from '../parts/Button.js';
import { NoDishes } from '../parts/NoDishes.js';
import { Quietly, Row } from '../parts/states.js';
import { Switch } from '../parts/Switch.js';
import { Figure } from '../parts/workings.js';
import { bySection, byTrip } from './groups.js';
import { ShopExports } from './ShopExports.js';
import { ShopSettings } from './ShopSettings.js';
import { ShopTable } from './ShopTable.js';
import { type Ticks, useTicks } from '../api/useTicks.js';
import { StopHeading } from '../classes/StopHeading.js';

const Head = styled(Row)`
  justify-content: space-between;
  align-items: baseline;
`;
const Overturned = styled.ul`
  margin: 0.5rem 0;
  li {
    display: flex;
    flex-wrap: wrap;
    gap: 0.25rem 0.75rem;
    align-items: center;
    padding-left: 0.625rem;
    border-left: 3px solid ${({ theme }) => theme.colour.lemon};
  }
`;

/** What to buy, as it is sold, by shop section or trip; ticked off one by one. */
export default function ShopPage() {
  const { view, plan } = useOpenClass();
  const ticks = useTicks(view.id);
  const [by, setBy] = useState<'trip' | 'section'>('section');
  const { rows, cost } = plan.shopping;
  return (
    <>
      <Head>
        <StopHeading stop="Shop" sheet="shopping list">
          To buy
        </StopHeading>
        {rows.length > 0 ? <ShopExports ticks={ticks.ticks} /> : null}
      </Head>
      {rows.length > 0 ? <Sum list={plan.shopping} ticks={ticks} /> : null}
      {/* Foods that nobody knows are asked about just below. */}
      <Warnings
        warnings={plan.warnings.filter(({ place, id }) => place === 'shopping' && id !== 'unknown')}
      />
      <NotKnownFoods names={notKnownIn(plan)} what="Allergens" />
      <OverturnedTicks ticks={ticks} rows={rows} />
      {view.dishes.length > 0 ? <ShopSettings /> : null}
      {rows.length === 0 ? (
        <NoRows list={plan.shopping} />
      ) : (
        <>
          <Switch
            label="List"
            value={by}
            onChange={setBy}
            options={[
              ['section', 'by section'],
              ['trip', 'by trip'],
            ]}
          />
          <ShopTable
            groups={by === 'trip' ? byTrip(plan.shopping) : bySection(plan.shopping)}
            ticks={ticks}
            currency={cost.currency}
          />
        </>
      )}
      <Covered list={plan.shopping} />
      <LeftOut />
    </>
  );
}

/** How far it is ticked, where and when it is bought, and what it comes to. */
function Sum({ list: { rows, trips, cost }, ticks }: { list: ShoppingList; ticks: Ticks }) {
  const done = rows.filter((row) => ticks.ticks.get(row.key)?.ticked).length;
  return (
    <p>
      <Quietly>
        {done} of {rows.length} ticked
        {ticks.waiting > 0 ? ` · ${ticks.waiting} kept on this device until the server answers` : ''} ·{' '}
        {trips.map((trip) => `${trip.supplier} on ${showDate(trip.date)}`).join(', ')} ·{' '}
      </Quietly>
      <Figure
        id="shop:cost"
        workings={cost.workings}
        text={`about ${money(cost.total, cost.currency)}, ${money(cost.perHead, cost.currency)} a head`}
        label="Cost"
      />
      {cost.unknown.length > 0 ? <Quietly>, {notKnownWords(cost.unknown)}</Quietly> : null}
    </p>
  );
}

function NoRows({ list }: { list: ShoppingList }) {
  if (list.covered.length > 0) return <p>Nothing to buy: all of it is in the cupboard.</p>;
  return <NoDishes>What to buy appears here, added up over all dishes and stations.</NoDishes>;
}

/** Ticks that somebody else changed after they were made here: both people see what stands. */
function OverturnedTicks({ ticks, rows }: { ticks: Ticks; rows: readonly ShoppingRow[] }) {
  const known = ticks.overturned.flatMap((tick) =>
    rows.filter((row) => row.key === tick.key).map((row) => ({ tick, row })),
  );
  if (known.length === 0) return null;
  return (
    <Overturned role="status" aria-label="Changed by somebody else">
      {known.map(({ tick, row }) => (
        <li key={tick.key}>
          <span>
            <strong>{row.name}</strong>: {tick.ticked ? 'ticked' : 'put back'} by {tick.by} after you. The
            later one stands.
          </span>
          <Button look="quiet" onPress={() => ticks.accept(tick.key)}>
            All right
          </Button>
        </li>
      ))}
    </Overturned>
  );
}

/** What need not be bought, with its workings. */
function Covered({ list }: { list: ShoppingList }) {
  if (list.covered.length === 0) return null;
  return (
    <section aria-label="Already there">
      <h3>Already there</h3>
      <p>
        {list.covered.map((row, index) => (
          <span key={row.key}>
            {index > 0 ? ', ' : ''}
            <Figure id={`shop:${row.key}`} workings={row.workings} text={row.name} />
          </span>
        ))}
      </p>
    </section>
  );
}

/** Optional things that were left out, to be taken back. */
function LeftOut() {
  const { decisions, decide } = useDecisions();
  if (decisions.skipped.length === 0) return null;
  return (
    <section aria-label="Left out">
      <h3>Left out</h3>
      <Row>
        {decisions.skipped.map((key) => (
          <Button
            key={key}
            look="quiet"
            onPress={() =>
              decide({ skipped: decisions.skipped.filter((each) => each !== key) }, 'Back on the list.')
            }
          >
            Take {key.replaceAll('-', ' ')} back
          </Button>
        ))}
      </Row>
    </section>
  );
}
