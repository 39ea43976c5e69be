import { useState } from 'react';
import { useQueryClient } from '@tanstack/react-query';
import { looseEnds, recognised, showRational, type Larder, type Recipe } from '@fornax/core';
import { Link, useNavigate, useParams, useSearchParams } from 'react-router';
import styled from 'styled-components';
import { call } from '../api/client.js';
import { useKitchen, useLarder } from '../api/useLarder.js';
import { Button } from '../parts/Button.js';
import { lazyPart } from '../parts/lazy-part.js';
import { Failed, Loading, Quietly, Row, Sheet } from '../parts/states.js';
import { useSay } from '../parts/toasts.js';
import { useUndoKeys } from '../parts/useUndoKeys.js';
import { WorkingsProvider } from '../parts/workings.js';
import { WorkingsPanel } from '../parts/WorkingsPanel.js';
import { DressingStrip } from './DressingStrip.js';
import { Exports } from './Exports.js';
import { FactsStrip } from './FactsStrip.js';
import { Look } from './Look.js';
import { PutOnClass } from './PutOnClass.js';
import { RecipeOpen } from './RecipeOpen.js';
import { ReadRecipe } from './ReadRecipe.js';
import { RecipeConflict } from './RecipeConflict.js';
import { contentOf } from '../api/rows.js';
import { useRecipeEditor } from './useRecipeEditor.js';
import { Versions } from './Versions.js';
import { PageHeading } from '../parts/page.js';
import { OnScreen } from '../parts/kit.js';

/** The form comes when a recipe is to be written. */
const EditRecipe = lazyPart(
  () => import('./edit/EditRecipe.js').then((module) => module.EditRecipe),
  () => <Loading what="the form" />,
);

const Frame = styled.div`
  display: flex;
  align-items: stretch;
  border-top: 1px solid ${({ theme }) => theme.colour.hairline};
  @media (max-width: 56.25em) {
    flex-direction: column;
  }
  @media print {
    display: block;
    border: 0;
  }
`;
const Work = styled.main`
  flex: 1;
  min-width: 0;
  min-height: calc(100vh - 3.0625rem);
  padding: 1.25rem 1.5rem 2.5rem;
  background: ${({ theme }) => theme.colour.sheet};
`;
const Head = styled.div`
  display: flex;
  justify-content: space-between;
  align-items: flex-start;
  gap: 1rem;
  margin-bottom: 2px;
  h1 {
    overflow-wrap: anywhere;
    min-width: 0;
  }
  @media (max-width: 56.25em) {
    flex-direction: column;
  }
`;
const ToBench = styled(Link)`
  align-self: center;
  padding: 0.375rem 0;
  color: ${({ theme }) => theme.colour.basil};
  font-weight: 600;
`;
const OnPaper = styled.div`
  display: none;
  @media print {
    display: block;
  }
`;

/** A dish to read and teach from, and to write. */
export default function RecipePage() {
  const { recipeId = '' } = useParams();
  return (
    <WorkingsProvider>
      <OpenedRecipe key={recipeId} id={recipeId} />
    </WorkingsProvider>
  );
}

function OpenedRecipe({ id }: { id: string }) {
  const editor = useRecipeEditor(id);
  const larder = useLarder();
  const kitchen = useKitchen();
  const [isEditing, setEditing] = useEditing();
  useUndoKeys(editor.undo, editor.redo);
  if (!editor.shown || !kitchen)
    return (
      <Sheet>
        {editor.error ? (
          <Failed isPage error={editor.error} onRetry={editor.retry} />
        ) : (
          <Loading what="the recipe" />
        )}
      </Sheet>
    );
  const recipe = contentOf(editor.shown);
  // What stands in the library is shown with its sub-recipes; what is being typed is not on the server yet.
  const whole = recognised(editor.saveState === 'saved' ? editor.shown.whole : recipe, larder);
  return (
    <Frame>
      <Work>
        <RecipeHead id={id} recipe={recipe} whole={whole} />
        <Quietly>
          {recipe.kind}, serves {recipe.serves} as a {recipe.portion}
          {editor.shown.usedBy.length > 0
            ? ` · on the menu of ${editor.shown.usedBy.map(({ title }) => title).join(', ')}`
            : ''}
          {isEditing ? ` · ${saveWords[editor.saveState]}` : ''}
        </Quietly>
        <RecipeConflict editor={editor} />
        <FactsStrip recipe={whole} larder={larder} kitchen={kitchen} />
        <DressingStrip recipe={whole} larder={larder} />
        <LooseEnds recipe={whole} larder={larder} />
        {isEditing ? (
          <OnScreen>
            <EditRecipe id={id} recipe={recipe} editor={editor} larder={larder} />
          </OnScreen>
        ) : null}
        {isEditing ? (
          <OnPaper>
            <ReadRecipe recipe={whole} larder={larder} profile={kitchen.safety} />
          </OnPaper>
        ) : (
          <ReadRecipe recipe={whole} larder={larder} profile={kitchen.safety} />
        )}
      </Work>
      <WorkingsPanel
        idle={
          <RecipeOpen
            recipe={whole}
            larder={larder}
            profile={kitchen.safety}
            {...(isEditing ? {} : { onEdit: () => setEditing(true) })}
          />
        }
      />
    </Frame>
  );
}

function RecipeHead({ id, recipe, whole }: { id: string; recipe: Recipe; whole: Recipe }) {
  const [isEditing, setEditing] = useEditing();
  return (
    <Head>
      <PageHeading names={[recipe.title, 'Recipes']} sheet={recipe.title}>
        {recipe.title}
      </PageHeading>
      <Row $gap={2}>
        <Button
          look={isEditing ? 'act' : 'plain'}
          aria-pressed={isEditing}
          onPress={() => setEditing(!isEditing)}
        >
          {isEditing ? 'Read' : 'Edit'}
        </Button>
        <PutOnClass recipeId={id} recipe={recipe} look={isEditing ? 'plain' : 'act'} />
        <Versions recipeId={id} whole={whole} />
        {whole.components.some(({ role }) => role === 'dressing' || role === 'dip') ? (
          <ToBench to={`/bench?recipe=${id}`}>On the dressing bench</ToBench>
        ) : null}
        <Exports recipe={whole} />
        <DeleteRecipe id={id} title={recipe.title} />
      </Row>
    </Head>
  );
}

const saveWords = {
  saved: 'saved',
  saving: 'saving …',
  waiting: 'kept on this device',
  refused: 'not saved: see the field marked below',
} as const;

function LooseEnds({ recipe, larder }: { recipe: Recipe; larder: Larder }) {
  const { unused, partly, unlisted } = looseEnds(recipe, larder);
  return (
    <>
      {unused.length > 0 ? <Look>No step uses {unused.join(', ')}.</Look> : null}
      {partly.length > 0 ? (
        <Look>
          Left over by the steps:{' '}
          {partly.map(({ name, left }) => `${showRational(left)} of ${name}`).join(', ')}.
        </Look>
      ) : null}
      {unlisted.length > 0 ? <Look>Named in a step and on no line: {unlisted.join(', ')}.</Look> : null}
    </>
  );
}

function DeleteRecipe({ id, title }: { id: string; title: string }) {
  const navigate = useNavigate();
  const client = useQueryClient();
  const say = useSay();
  const [isBusy, setBusy] = useState(false);
  const refresh = () => client.invalidateQueries({ queryKey: ['recipes'] });
  const remove = async () => {
    setBusy(true);
    await call(`/recipes/${id}`, { method: 'DELETE' }).finally(() => setBusy(false));
    await refresh();
    void navigate('/recipes');
    say(`“${title}” was deleted.`, {
      label: 'Undo',
      run: () => void call(`/recipes/${id}/restore`, { method: 'POST' }).then(refresh),
    });
  };
  return (
    <Button
      look="harm"
      isDisabled={isBusy}
      onPress={() => void remove().catch((error: Error) => say(error.message))}
    >
      Delete
    </Button>
  );
}

/** Whether the recipe is open to be written, as its address says. */
function useEditing(): [boolean, (isEditing: boolean) => void] {
  const [search, setSearch] = useSearchParams();
  const set = (isEditing: boolean) => setSearch(isEditing ? { edit: '1' } : {}, { replace: true });
  return [search.get('edit') === '1', set];
}
