import { useEffect, useRef } from 'react';
import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useSearchParams } from 'react-router';
import { type Addition, type Balance, dressingMethods, movedTo, writtenSpoons } from '@fornax/core';
import styled from 'styled-components';
import { recipeQuery, recipesQuery } from '../api/queries.js';
import { contentOf } from '../api/rows.js';
import { useKitchen, useLarder } from '../api/useLarder.js';
import { Button } from '../parts/Button.js';
import { Choice } from '../parts/Choice.js';
import { Field } from '../parts/Field.js';
import { Loading, Row } from '../parts/states.js';
import { useSay } from '../parts/toasts.js';
import { WorkingsProvider } from '../parts/workings.js';
import { WorkingsPanel } from '../parts/WorkingsPanel.js';
import { BalanceMap } from './BalanceMap.js';
import { Bars } from './Bars.js';
import { BenchOpen } from './BenchOpen.js';
import { BowlLines } from './BowlLines.js';
import { balanceOf, bowlOfRecipe, linesOf, mostBowls, newBowl } from './bowls.js';
import { Flight } from './Flight.js';
import { MapTable } from './MapTable.js';
import { MoreOfIt } from './MoreOfIt.js';
import { Solve } from './Solve.js';
import { TasteLog } from './TasteLog.js';
import { type Bench, useBench } from './useBench.js';
import { Ways } from './Ways.js';
import { WriteBack } from './WriteBack.js';
import { PageHeading } from '../parts/page.js';

const Frame = styled.div`
  display: flex;
  align-items: stretch;
  border-top: 1px solid ${({ theme }) => theme.colour.hairline};
  @media (max-width: 56.25em) {
    flex-direction: column;
  }
`;
const Work = styled.main`
  flex: 1;
  min-width: 0;
  min-height: calc(100vh - 3.0625rem);
  padding: 1rem 1.5rem 2.5rem;
  background: ${({ theme }) => theme.colour.sheet};
  h1 {
    margin-bottom: 0.5rem;
  }
  h2 {
    margin: 1.25rem 0 0.375rem;
  }
  h3 {
    margin-top: 1rem;
  }
`;
const Columns = styled.div`
  display: grid;
  grid-template-columns: minmax(0, 1.15fr) minmax(0, 1fr);
  gap: 1.75rem;
  margin-top: 0.75rem;
  @media (max-width: 47.5em) {
    grid-template-columns: minmax(0, 1fr);
  }
`;
const TabName = styled.span`
  max-width: min(17.5rem, 70vw);
  overflow: hidden;
  text-overflow: ellipsis;
  white-space: nowrap;
`;

/** Is this dressing balanced; what if? */
export default function BenchPage() {
  const bench = useBench();
  const kitchen = useKitchen();
  return (
    <WorkingsProvider>
      <Frame>
        <Work>
          <PageHeading names={['Dressing bench']}>Dressing bench</PageHeading>
          {kitchen && bench.isRead ? <OnTheBench bench={bench} /> : <Loading what="the bench" />}
        </Work>
        <WorkingsPanel idle={kitchen && bench.isRead ? <OpenHere bench={bench} /> : null} />
      </Frame>
    </WorkingsProvider>
  );
}

/** What is open of the bowl that is chosen. */
function OpenHere({ bench }: { bench: Bench }) {
  const larder = useLarder();
  const say = useSay();
  const bowl = bench.bowls[bench.chosen]!;
  const balance = balanceOf(bowl, useKitchen()!.system, larder);
  const add = ({ ingredient, name, teaspoons }: Addition, note: string) => {
    bench.change({ log: [...bowl.log, { ingredient, name, teaspoons, note, mark: '' }] });
    say(`${writtenSpoons(teaspoons)} ${name} is in the bowl’s log.`);
  };
  return <BenchOpen bowl={bowl} balance={balance} larder={larder} onAdd={add} />;
}

function OnTheBench({ bench }: { bench: Bench }) {
  const larder = useLarder();
  const system = useKitchen()!.system;
  const bowl = bench.bowls[bench.chosen]!;
  const balance = balanceOf(bowl, system, larder);
  useOpenedFrom(bench);
  const mapped = bench.bowls.map((each) => ({
    title: each.title,
    balance: balanceOf(each, system, larder),
    trail: each.log.map((_, count) => balanceOf(each, system, larder, { count })),
  }));
  const start = balanceOf(bowl, system, larder, { count: 0 });
  return (
    <>
      <BowlTabs bench={bench} />
      <Columns>
        <div>
          <BalanceMap
            bowls={mapped}
            chosen={bench.chosen}
            onMove={(point) =>
              bench.change({
                texts: movedTo(bowl.texts, linesOf(bowl.texts, system, larder), start, point, (index) =>
                  bowl.fixed.includes(index),
                ),
              })
            }
          />
          <MapTable mapped={mapped} />
        </div>
        <Bars balance={balance} />
      </Columns>
      <BowlColumns bench={bench} balance={balance} start={start} />
      <Columns>
        <Ways bowl={bowl} larder={larder} onMethod={(method) => bench.change({ method })} />
        <MoreOfIt
          title={bowl.title}
          balance={balance}
          cold={balanceOf(bowl, system, larder, { temperature: 'cold' })}
          larder={larder}
        />
      </Columns>
    </>
  );
}

interface BowlColumnsProps {
  bench: Bench;
  balance: Balance;
  /** Before anything was added. */
  start: Balance;
}

/** What is in the bowl and what it is to become; beside it what it tastes like. */
function BowlColumns({ bench, balance, start }: BowlColumnsProps) {
  const larder = useLarder();
  const system = useKitchen()!.system;
  const bowl = bench.bowls[bench.chosen]!;
  return (
    <Columns>
      <div>
        <h2>In the bowl</h2>
        <Row $gap={2}>
          <Field
            label="Name"
            value={bowl.title}
            maxLength={80}
            onChange={(title) => bench.change({ title })}
          />
          <Choice
            label="Brought together"
            value={bowl.method}
            onChange={(method) => bench.change({ method })}
            options={dressingMethods.map((id) => ({ id, name: id }))}
          />
        </Row>
        <BowlLines bowl={bowl} balance={start} onChange={bench.change} />
        <WriteBack bench={bench} />
        <Solve bowl={bowl} larder={larder} system={system} onChange={bench.change} />
      </div>
      <TasteLog balance={balance} log={bowl.log} larder={larder} onLog={(log) => bench.change({ log })} />
    </Columns>
  );
}

function BowlTabs({ bench }: { bench: Bench }) {
  const { data: recipes = [] } = useQuery(recipesQuery);
  const client = useQueryClient();
  const say = useSay();
  const clear = () => {
    const kept = { bowls: bench.bowls, chosen: bench.chosen };
    bench.takeAway(bench.chosen);
    say('The bowl is cleared.', { label: 'Undo', run: () => bench.putBack(kept) });
  };
  const take = async (recipeId: string) => {
    const row = await client.fetchQuery(recipeQuery(recipeId));
    const bowl = bowlOfRecipe(recipeId, row.whole ?? contentOf(row));
    if (bowl) bench.put(bowl);
    else say('That recipe has no dressing or dip with lines of its own.');
  };
  const isFull = bench.bowls.length >= mostBowls;
  return (
    <Row $gap={1} role="group" aria-label="Bowls">
      {bench.bowls.map((bowl, index) => (
        <Button
          key={index}
          look={index === bench.chosen ? 'plain' : 'quiet'}
          aria-pressed={index === bench.chosen}
          onPress={() => bench.choose(index)}
        >
          <TabName>
            {index + 1}. {bowl.title}
          </TabName>
        </Button>
      ))}
      {bench.bowls.length > 1 ? (
        <Button look="quiet" onPress={clear}>
          Clear this bowl
        </Button>
      ) : null}
      <Flight bowls={bench.bowls} />
      {isFull ? null : (
        <>
          <Button look="quiet" onPress={() => bench.put(newBowl)}>
            New bowl
          </Button>
          <Choice
            label="Take a recipe’s dressing"
            hideLabel
            value=""
            onChange={(id) => void (id && take(id))}
            options={[
              { id: '', name: 'From a recipe …' },
              ...recipes.map(({ id, title }) => ({ id, name: title })),
            ]}
          />
        </>
      )}
    </Row>
  );
}

/** Opened from a recipe: its dressing is put on the bench once. */
function useOpenedFrom(bench: Bench): void {
  const [search, setSearch] = useSearchParams();
  const client = useQueryClient();
  const say = useSay();
  const opened = useRef('');
  const recipeId = search.get('recipe');
  const componentId = search.get('component') ?? undefined;
  useEffect(() => {
    if (!recipeId || opened.current === recipeId) return;
    opened.current = recipeId;
    void client.fetchQuery(recipeQuery(recipeId)).then((row) => {
      const at = bench.bowls.findIndex(({ from }) => from?.recipeId === recipeId);
      const bowl = bowlOfRecipe(recipeId, row.whole ?? contentOf(row), componentId);
      if (at >= 0) bench.choose(at);
      else if (bowl && !bench.put(bowl)) say('Four bowls are on the bench: clear one to make room for it.');
      setSearch({}, { replace: true });
    });
  }, [recipeId, componentId, client, bench, say, setSearch]);
}
