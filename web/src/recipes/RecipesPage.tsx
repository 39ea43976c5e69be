import { useDeferredValue, useState } from 'react';
import { useQuery } from '@tanstack/react-query';
import type { RecipeSummary } from '@fornax/contract';
import { allergenSentence, counted, showSpan } from '@fornax/core';
import { Link, useNavigate } from 'react-router';
import styled from 'styled-components';
import { recipesQuery, stockQuery } from '../api/queries.js';
import { Button } from '../parts/Button.js';
import { lazyPart } from '../parts/lazy-part.js';
import { ExportAll } from './ExportAll.js';
import { Empty, Failed, Loading, Quietly, Row, Sheet } from '../parts/states.js';
import { linksAreOneStop } from '../parts/one-stop.js';
import { PageHeading } from '../parts/page.js';
import { type Filters, filtered, nameOfTechnique, noFilters } from './filters.js';
import { RecipeFilters } from './RecipeFilters.js';
import { LookHere, RuledList } from '../parts/kit.js';

const Head = styled(Row)`
  justify-content: space-between;
  margin-bottom: 0.75rem;
`;
const Columns = styled.div`
  display: grid;
  grid-template-columns: 13.5rem minmax(0, 1fr);
  gap: 0.5rem 2.5rem;
  align-items: start;
  @media (max-width: 56.25em) {
    grid-template-columns: minmax(0, 1fr);
  }
`;
const Item = styled.li`
  display: grid;
  grid-template-columns: minmax(0, 1.5fr) 11.875rem minmax(0, 1fr) minmax(0, 1fr);
  gap: 0.25rem 1.5rem;
  padding: 0.625rem 0;
  border-bottom: 1px solid ${({ theme }) => theme.colour.hairline};
  a {
    color: inherit;
    font-weight: 700;
    overflow-wrap: anywhere;
  }
  @media (max-width: 43.75em) {
    grid-template-columns: 1fr;
  }
`;

const More = styled.p`
  margin-top: 0.75rem;
`;
/** So many rows are drawn at first: a long library stays quick to type in. */
const firstShown = 100;
const mostTechniques = 4;

/** Reading files comes when it is first asked for. */
const ImportRecipes = lazyPart(() => import('./ImportRecipes.js').then((module) => module.ImportRecipes));

/** Which dishes can I teach? */
export default function RecipesPage() {
  const navigate = useNavigate();
  const { data: recipes, error, refetch } = useQuery(recipesQuery);
  const [isImporting, setImporting] = useState(false);
  const [filters, setFilters] = useState<Filters>(noFilters);
  const { data: stock = [] } = useQuery(stockQuery);
  const cupboard = new Set(stock.map(({ ingredient }) => ingredient));
  const found = filtered(recipes ?? [], useDeferredValue(filters), cupboard);
  return (
    <Sheet>
      <Head>
        <PageHeading names={['Recipes']}>Recipes</PageHeading>
        <Row>
          <Button onPress={() => setImporting(true)}>Import files</Button>
          {recipes && recipes.length > 0 ? <ExportAll recipes={recipes} /> : null}
          <Button look="act" onPress={() => void navigate('/recipes/new')}>
            New recipe from text
          </Button>
        </Row>
      </Head>
      {isImporting ? <ImportRecipes isOpen onClose={() => setImporting(false)} /> : null}
      {error && !recipes ? <Failed error={error} onRetry={() => void refetch()} /> : null}
      {!recipes && !error ? <Loading what="the library" /> : null}
      {recipes?.length === 0 ? (
        <Empty title="The library is empty">
          Paste a recipe as text: its lines and steps are read at once, and what was not understood is marked.
        </Empty>
      ) : null}
      {recipes && recipes.length > 0 ? (
        <Columns>
          <RecipeFilters recipes={recipes} filters={filters} onChange={setFilters} />
          <div>
            <Quietly role="status">
              {found.length === recipes.length
                ? counted(recipes.length, 'recipe')
                : `${found.length} of ${counted(recipes.length, 'recipe')}`}
              {recipes.some(({ isRenewed }) => isRenewed)
                ? '. Minutes, allergens and seasons are being worked out again after a change in the larder.'
                : ''}
            </Quietly>
            {found.length === 0 ? (
              <Empty title="Nothing fits">
                No recipe has this name, technique or allergen, or fits what is chosen. Try fewer words, or
                choose less.
              </Empty>
            ) : null}
            <FoundRecipes found={found} cupboard={cupboard} />
          </div>
        </Columns>
      ) : null}
    </Sheet>
  );
}

interface FoundProps {
  found: readonly RecipeSummary[];
  cupboard: ReadonlySet<string>;
}

function FoundRecipes({ found, cupboard }: FoundProps) {
  const [isWhole, setWhole] = useState(false);
  return (
    <>
      {found.length > 0 ? (
        <RuledList aria-label="Recipes" ref={linksAreOneStop}>
          {found.slice(0, isWhole ? undefined : firstShown).map((recipe) => (
            <RecipeItem key={recipe.id} recipe={recipe} cupboard={cupboard} />
          ))}
        </RuledList>
      ) : null}
      {found.length > firstShown && !isWhole ? (
        <More>
          {firstShown} of {found.length} are shown. <Button onPress={() => setWhole(true)}>Show all</Button>
        </More>
      ) : null}
    </>
  );
}

function RecipeItem({ recipe, cupboard }: { recipe: RecipeSummary; cupboard: ReadonlySet<string> }) {
  const { ingredients = [] } = recipe;
  const there = ingredients.filter((id) => cupboard.has(id)).length;
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
      <Quietly>
        {recipe.techniques.slice(0, mostTechniques).map(nameOfTechnique).join(', ')}
        {there > 0 ? (
          <>
            <br />
            {there} of {ingredients.length} in the cupboard
          </>
        ) : null}
      </Quietly>
      <div>
        {recipe.unread > 0 ? (
          <LookHere>
            {recipe.unread} {recipe.unread === 1 ? 'line' : 'lines'} to look at
          </LookHere>
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
