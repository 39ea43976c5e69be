import { useDeferredValue, useState } from 'react';
import { sections, type Ingredient } from '@fornax/core';
import { NavLink, useNavigate, useParams } from 'react-router';
import styled from 'styled-components';
import { useKitchen } from '../api/useLarder.js';
import { Button } from '../parts/Button.js';
import { lazyPart } from '../parts/lazy-part.js';
import { Field } from '../parts/Field.js';
import { Empty, Failed, Loading, Quietly, Row, Sheet } from '../parts/states.js';
import { IngredientFacts } from './IngredientFacts.js';
import { useLarderEntries, type LarderEntries } from '../api/useLarderEntries.js';
import { linksAreOneStop } from '../parts/one-stop.js';
import { PageHeading } from '../parts/page.js';
import { SideList } from '../parts/kit.js';

/** What is opened beside the list of foods comes when it is opened. */
const StockList = lazyPart(
  () => import('./StockList.js').then((module) => module.StockList),
  () => <Loading what="the cupboard" />,
);
const NewIngredient = lazyPart(() =>
  import('../parts/food/NewIngredient.js').then((module) => module.NewIngredient),
);
const WeighYourHand = lazyPart(() => import('./WeighYourHand.js').then((module) => module.WeighYourHand));
const LarderFiles = lazyPart(() => import('./LarderFiles.js').then((module) => module.LarderFiles));

const Head = styled(Row)`
  justify-content: space-between;
  margin-bottom: 0.5rem;
`;
const Columns = styled.div`
  display: grid;
  grid-template-columns: 16.875rem minmax(0, 1fr);
  gap: 2.5rem;
  margin-top: 0.5rem;
  @media (max-width: 50em) {
    grid-template-columns: minmax(0, 1fr);
  }
`;
const Group = styled.section`
  margin-bottom: 0.875rem;
  h2 {
    font-size: ${({ theme }) => theme.size.body};
    line-height: 1.25rem;
    color: ${({ theme }) => theme.colour.quiet};
  }
`;
const Item = styled(NavLink)`
  display: flex;
  justify-content: space-between;
  gap: 0.5rem;
  padding: 0.25rem 0;
  color: ${({ theme }) => theme.colour.ink};
  text-decoration: none;
  border-bottom: 1px solid ${({ theme }) => theme.colour.hairline};
  &:hover {
    text-decoration: underline;
  }
  &.active {
    font-weight: 700;
    color: ${({ theme }) => theme.colour.basil};
  }
`;
const Own = styled.small`
  flex: none;
  color: ${({ theme }) => theme.colour.lemonText};
`;

type Open = 'new' | 'weigh' | 'files' | null;

/** What do I know about this ingredient? */
export default function LarderPage() {
  const { ingredientId } = useParams();
  const navigate = useNavigate();
  const entries = useLarderEntries();
  const [open, setOpen] = useState<Open>(null);
  const isStock = ingredientId === 'stock';
  const shown = ingredientId && !isStock ? entries.larder.ingredients.get(ingredientId) : undefined;
  return (
    <Sheet>
      <Head>
        {isStock || shown ? <h1>Larder</h1> : <PageHeading names={['Larder']}>Larder</PageHeading>}
        <Row $gap={2}>
          <Button onPress={() => void navigate('/larder/stock')} aria-pressed={isStock}>
            In the cupboard
          </Button>
          <Button onPress={() => setOpen('weigh')}>Weigh your hand</Button>
          <Button onPress={() => setOpen('files')}>CSV in and out</Button>
          <Button look="act" onPress={() => setOpen('new')}>
            Add an ingredient
          </Button>
        </Row>
      </Head>
      {entries.error && entries.entries.length === 0 ? (
        <Failed error={entries.error} onRetry={entries.retry} />
      ) : null}
      {entries.isLoading ? <Loading what="your own figures" /> : null}
      <Columns>
        <Ingredients entries={entries} />
        {isStock ? (
          <StockList entries={entries} />
        ) : shown ? (
          <IngredientFacts key={shown.id} ingredient={shown} entries={entries} />
        ) : (
          <Nothing id={ingredientId} />
        )}
      </Columns>
      {open === 'new' ? (
        <NewIngredient
          isOpen
          entries={entries}
          onClose={() => setOpen(null)}
          onAdded={(added) => void navigate(`/larder/${added}`)}
        />
      ) : null}
      {open === 'weigh' ? <WeighYourHand isOpen entries={entries} onClose={() => setOpen(null)} /> : null}
      {open === 'files' ? <LarderFiles isOpen entries={entries} onClose={() => setOpen(null)} /> : null}
    </Sheet>
  );
}

function Nothing({ id }: { id: string | undefined }) {
  return id ? (
    <Empty title="No such ingredient">
      The larder has none of this name. Choose one from the list, or add it.
    </Empty>
  ) : (
    <Empty title="Choose an ingredient">
      Its weights, yields, keeping, price and substitutes stand here, each with where the figure comes from.
      Put your own figure in and it counts everywhere.
    </Empty>
  );
}

function Ingredients({ entries }: { entries: LarderEntries }) {
  const kitchen = useKitchen();
  const [search, setSearch] = useState('');
  const wanted = useDeferredValue(search.trim().toLowerCase());
  const english = kitchen?.english ?? 'uk';
  const measured = new Map(
    entries.entries.map((entry) => [entry.ingredient, Object.keys(entry.figures).length]),
  );
  const found = [...entries.larder.ingredients.values()].filter(
    (item) => wanted === '' || namesOf(item).some((name) => name.toLowerCase().includes(wanted)),
  );
  return (
    <div>
      <Field label="Find" type="search" value={search} onChange={setSearch} hint="By any of its names." />
      <SideList aria-label="Ingredients" ref={linksAreOneStop}>
        {found.length === 0 ? <Quietly>Nothing of this name. Add it as your own.</Quietly> : null}
        {sections.map((section) => {
          const inSection = found
            .filter((item) => item.section === section)
            .sort((a, b) => a.names[english].localeCompare(b.names[english], 'en'));
          if (inSection.length === 0) return null;
          return (
            <Group key={section}>
              <h2>{section.charAt(0).toUpperCase() + section.slice(1)}</h2>
              {inSection.map((item) => (
                <Item key={item.id} to={`/larder/${item.id}`}>
                  {item.names[english]}
                  {item.own ? (
                    <Own>your own</Own>
                  ) : measured.get(item.id) ? (
                    <Own>{measured.get(item.id)} measured</Own>
                  ) : null}
                </Item>
              ))}
            </Group>
          );
        })}
      </SideList>
    </div>
  );
}

function namesOf(item: Ingredient): string[] {
  return [item.names.uk, item.names.us, ...item.names.also];
}
