import { useDeferredValue, useState } from 'react';
import { useQuery } from '@tanstack/react-query';
import type { RecipeSummary } from '@fornax/contract';
import { allergenSentence, dishKinds, showSpan, type DishKind } from '@fornax/core';
import { Link, useNavigate } from 'react-router';
import styled from 'styled-components';
import { recipesQuery } from '../api/queries.js';
import { Button } from '../parts/Button.js';
import { ImportRecipes } from './ImportRecipes.js';
import { TakeOutAll } from './TakeOutAll.js';
import { Choice, Field } from '../parts/Field.js';
import { Empty, Failed, Loading, Quietly, Row, Sheet } from '../parts/states.js';
import { linksAreOneStop } from '../parts/one-stop.js';
import { PageHeading } from '../parts/page.js';

const Head = styled(Row)`
  justify-content: space-between;
  max-width: 980px;
  margin-bottom: 12px;
`;
const Filters = styled.div`
  display: grid;
  grid-template-columns: 280px 160px;
  gap: 16px;
  margin-bottom: 12px;
  @media (max-width: 520px) {
    grid-template-columns: 1fr;
  }
`;
const List = styled.ul`
  max-width: 980px;
  border-top: 1px solid ${({ theme }) => theme.colour.ink};
`;
const Item = styled.li`
  display: grid;
  grid-template-columns: minmax(0, 1fr) 190px 220px;
  gap: 4px 24px;
  padding: 10px 0;
  border-bottom: 1px solid ${({ theme }) => theme.colour.hairline};
  a {
    color: inherit;
    font-weight: 700;
    overflow-wrap: anywhere;
  }
  @media (max-width: 700px) {
    grid-template-columns: 1fr;
  }
`;
const Look = styled.span`
  color: ${({ theme }) => theme.colour.lemonText};
  font-weight: 600;
`;

const More = styled.p`
  margin-top: 12px;
`;
/** So many rows are drawn at first: a long library stays quick to type in. */
const firstShown = 100;

type KindFilter = DishKind | 'all';
const kindNames: readonly { id: KindFilter; name: string }[] = [
  { id: 'all', name: 'all kinds' },
  ...dishKinds.map((id) => ({ id, name: `${id}s` })),
];

/** Which dishes can I teach? */
export default function RecipesPage() {
  const navigate = useNavigate();
  const { data: recipes, error, refetch } = useQuery(recipesQuery);
  const [isImporting, setImporting] = useState(false);
  const [search, setSearch] = useState('');
  const [kind, setKind] = useState<KindFilter>('all');
  const wanted = useDeferredValue(search.trim().toLowerCase());
  const found = (recipes ?? []).filter(
    (recipe) => (kind === 'all' || recipe.kind === kind) && (wanted === '' || matches(recipe, wanted)),
  );
  return (
    <Sheet>
      <Head>
        <PageHeading names={['Recipes']}>Recipes</PageHeading>
        <Row>
          <Button onPress={() => setImporting(true)}>Bring in files</Button>
          {recipes && recipes.length > 0 ? <TakeOutAll recipes={recipes} /> : null}
          <Button look="act" onPress={() => void navigate('/recipes/new')}>
            New recipe from text
          </Button>
        </Row>
      </Head>
      <ImportRecipes isOpen={isImporting} onClose={() => setImporting(false)} />
      {recipes && recipes.length > 0 ? (
        <Filters>
          <Field
            label="Find"
            type="search"
            value={search}
            onChange={setSearch}
            hint="A title, a technique, an allergen, vegan, or a month."
          />
          <Choice label="Kind" value={kind} onChange={setKind} options={kindNames} />
        </Filters>
      ) : null}
      {error && !recipes ? <Failed error={error} onRetry={() => void refetch()} /> : null}
      {!recipes && !error ? <Loading what="the library" /> : null}
      {recipes?.length === 0 ? (
        <Empty title="The library is empty">
          Paste a recipe as text: its lines and steps are read at once, and what was not understood is marked.
        </Empty>
      ) : null}
      {recipes && recipes.length > 0 && found.length === 0 ? (
        <Empty title="Nothing fits">
          No recipe has this name, technique or allergen. Try fewer words, or all kinds.
        </Empty>
      ) : null}
      <FoundRecipes found={found} />
    </Sheet>
  );
}

function FoundRecipes({ found }: { found: readonly RecipeSummary[] }) {
  const [isWhole, setWhole] = useState(false);
  return (
    <>
      {found.length > 0 ? (
        <List aria-label="Recipes" ref={linksAreOneStop}>
          {found.slice(0, isWhole ? undefined : firstShown).map((recipe) => (
            <RecipeItem key={recipe.id} recipe={recipe} />
          ))}
        </List>
      ) : null}
      {found.length > firstShown && !isWhole ? (
        <More>
          {firstShown} of {found.length} are shown. <Button onPress={() => setWhole(true)}>Show all</Button>
        </More>
      ) : null}
    </>
  );
}

function matches(recipe: RecipeSummary, wanted: string): boolean {
  return [
    recipe.title,
    ...recipe.techniques.map((each) => each.replaceAll('-', ' ')),
    ...recipe.allergens,
    ...recipe.diets,
    recipe.season,
  ].some((text) => text.toLowerCase().includes(wanted));
}

function RecipeItem({ recipe }: { recipe: RecipeSummary }) {
  return (
    <Item>
      <div>
        <Link to={`/recipes/${recipe.id}`}>{recipe.title}</Link>
        <div>
          <Quietly>
            {recipe.kind}, serves {recipe.serves} as a {recipe.portion}
          </Quietly>
        </div>
      </div>
      <Quietly>
        {recipe.handsOnMinutes} min hands-on
        {recipe.waitMinutes > 0 ? `, ${showSpan(recipe.waitMinutes)} waiting` : ''}
        <br />
        {recipe.season.startsWith('never')
          ? 'never in season all at once'
          : recipe.season === 'all year'
            ? 'all year'
            : `in season ${recipe.season}`}
      </Quietly>
      <div>
        {recipe.unread > 0 ? (
          <Look>
            {recipe.unread} {recipe.unread === 1 ? 'line' : 'lines'} to look at
          </Look>
        ) : (
          <Quietly>
            {allergenSentence(recipe.allergens, recipe.notKnown)}
            {recipe.diets.length > 0 ? (
              <>
                <br />
                {recipe.diets.join(', ')}
              </>
            ) : null}
          </Quietly>
        )}
      </div>
    </Item>
  );
}
