import { useCallback, useMemo, useState } from 'react';
import { useQueryClient } from '@tanstack/react-query';
import type { RecipeView, UpdateRecipeDto } from '@fornax/contract';
import { allergensOf, looseEnds, portions, type Recipe, type RecipeLine } from '@fornax/core';
import { useNavigate, useParams } from 'react-router';
import styled from 'styled-components';
import { call } from '../api/client.js';
import { recipeQuery } from '../api/queries.js';
import { useRowEditor, type RowEditor } from '../api/useRowEditor.js';
import { checkRecipe } from '../classes/check.js';
import { AmountText } from '../parts/AmountText.js';
import { Button } from '../parts/Button.js';
import { Choice, Field } from '../parts/Field.js';
import { NumberField } from '../parts/NumberField.js';
import { Failed, Loading, Quietly, Row, Sheet } from '../parts/states.js';
import { useSay } from '../parts/toasts.js';
import { useUndoKeys } from '../parts/useUndoKeys.js';
import { LineEditor } from './LineEditor.js';
import { PutOnClass } from './PutOnClass.js';
import { StepList } from './StepList.js';

const Head = styled(Row)`justify-content: space-between; margin-bottom: 4px; h1 { overflow-wrap: anywhere; min-width: 0; }`;
const Columns = styled.div`display: grid; grid-template-columns: minmax(0, 300px) minmax(0, 1fr); gap: 40px; margin-top: 16px; @media (max-width: 900px) { grid-template-columns: 1fr; }`;
const Editing = styled(Columns)`grid-template-columns: minmax(0, 1fr) minmax(0, 1fr);`;
const Component = styled.section`margin-bottom: 16px; li { padding: 4px 0; border-bottom: 1px solid ${({ theme }) => theme.colour.hairline}; overflow-wrap: anywhere; }`;
const Look = styled.p`color: ${({ theme }) => theme.colour.lemonText}; font-weight: 600;`;
const Contains = styled.p`color: ${({ theme }) => theme.colour.beet};`;
const Facts = styled.div`display: grid; grid-template-columns: 2fr 1fr 1fr; gap: 12px; max-width: 620px;`;
const Notice = styled.section`margin: 12px 0; padding: 12px 16px; background: ${({ theme }) => theme.colour.lemonPale}; border-left: 4px solid ${({ theme }) => theme.colour.lemon};`;

type RecipeEdits = Pick<RecipeView, 'content'>;

/** A dish to read and teach from, and to mend. */
export default function RecipePage() {
  const { recipeId = '' } = useParams();
  return <OpenedRecipe key={recipeId} id={recipeId} />;
}

function OpenedRecipe({ id }: { id: string }) {
  const query = useMemo(() => recipeQuery(id), [id]);
  const send = useCallback((patch: RecipeEdits, revision: number) => call<RecipeView>(`/recipes/${id}`, { method: 'PATCH', body: patch, revision }), [id]);
  const check = useCallback((patch: Partial<RecipeEdits>) => checkRecipe(patch.content as UpdateRecipeDto['content']), []);
  const editor = useRowEditor<RecipeView, RecipeEdits>({ row: `recipe:${id}`, query: query as never, send, check });
  const [isEditing, setEditing] = useState(false);
  useUndoKeys(editor.undo, editor.redo);
  if (!editor.shown) return <Sheet>{editor.error ? <Failed error={editor.error} onRetry={editor.retry} /> : <Loading what="the recipe" />}</Sheet>;
  const recipe = editor.shown.content;
  return (
    <Sheet>
      <Head>
        <h1>{recipe.title}</h1>
        <Row>
          <PutOnClass recipeId={id} recipe={recipe} />
          <Button aria-pressed={isEditing} onPress={() => setEditing(!isEditing)}>{isEditing ? 'Read' : 'Edit'}</Button>
          <DeleteRecipe id={id} title={recipe.title} />
        </Row>
      </Head>
      <Quietly>{recipe.kind}, serves {recipe.serves} as a {recipe.portion}{editor.shown.usedBy.length > 0 ? ` · on the menu of ${editor.shown.usedBy.map(({ title }) => title).join(', ')}` : ''}{isEditing ? ` · ${editor.saveState === 'saved' ? 'saved' : editor.saveState === 'saving' ? 'saving …' : 'kept on this device'}` : ''}</Quietly>
      <RecipeConflict editor={editor} />
      <Allergens recipe={recipe} />
      <Unused recipe={recipe} />
      {recipe.story ? <p>{recipe.story}</p> : null}
      {isEditing ? <EditRecipe recipe={recipe} editor={editor} /> : <ReadRecipe recipe={recipe} />}
    </Sheet>
  );
}

function Allergens({ recipe }: { recipe: Recipe }) {
  const found = allergensOf(recipe);
  return found.length > 0 ? <Contains>Contains {found.join(', ')}. Check the labels.</Contains> : <Quietly>No listed allergens; check the labels.</Quietly>;
}

function Unused({ recipe }: { recipe: Recipe }) {
  const { unused } = looseEnds(recipe);
  return unused.length > 0 ? <Look>No step uses {unused.join(', ')}.</Look> : null;
}

function ReadRecipe({ recipe }: { recipe: Recipe }) {
  return (
    <Columns>
      <div>
        {recipe.components.map((component) => (
          <Component key={component.id}>
            <h3>{component.name}</h3>
            <ul>{recipe.lines.filter((line) => line.componentId === component.id).map((line) => <li key={line.id}><AmountText text={line.text} />{line.unread ? <Look>{line.unread}</Look> : null}</li>)}</ul>
          </Component>
        ))}
        {recipe.lines.length === 0 ? <Quietly>No ingredient lines yet.</Quietly> : null}
        <p><Quietly>{[recipe.source, recipe.permission].filter(Boolean).join(' · ')}</Quietly></p>
      </div>
      <div><StepList recipe={recipe} notesBeside /></div>
    </Columns>
  );
}

function EditRecipe({ recipe, editor }: { recipe: Recipe; editor: RowEditor<RecipeView, RecipeEdits> }) {
  const [title, setTitle] = useState(recipe.title);
  const change = (to: Partial<Recipe>) => editor.edit({ content: { ...recipe, ...to } });
  const changeLine = (changed: RecipeLine) => change({ lines: recipe.lines.map((line) => (line.id === changed.id ? changed : line)) });
  return (
    <>
      <Facts>
        <Field label="Title" value={title} onChange={(value) => { setTitle(value); change({ title: value }); }} problem={editor.problems.title} />
        <NumberField label="Serves" value={recipe.serves} onChange={(serves) => change({ serves })} problem={editor.problems.serves} />
        <Choice label="As a" value={recipe.portion} onChange={(portion) => change({ portion })} options={portions.map((id) => ({ id, name: id }))} />
      </Facts>
      <Editing>
        <div>
          <h2>Lines</h2>
          <ul>{recipe.lines.map((line, index) => <LineEditor key={line.id} line={line} index={index} system={recipe.system} onChange={changeLine} />)}</ul>
        </div>
        <StepList recipe={recipe} />
      </Editing>
    </>
  );
}

function RecipeConflict({ editor }: { editor: RowEditor<RecipeView, RecipeEdits> }) {
  const { conflict } = editor;
  if (!conflict) return null;
  const differing = conflict.mine.content.lines.filter((line) => !conflict.theirs.content.lines.some((other) => other.text === line.text)).map((line) => line.text);
  return (
    <Notice role="alert">
      <strong>Somebody else changed this recipe while you did.</strong>
      <p>Yours is “{conflict.mine.content.title}”{differing.length > 0 ? ` with ${differing.join('; ')}` : ''}. Theirs is “{conflict.theirs.content.title}”, with {conflict.theirs.content.lines.length} lines and {conflict.theirs.content.steps.length} steps.</p>
      <Row><Button look="act" onPress={editor.keepMine}>Keep yours</Button><Button onPress={editor.takeTheirs}>Take theirs</Button></Row>
    </Notice>
  );
}

function DeleteRecipe({ id, title }: { id: string; title: string }) {
  const navigate = useNavigate();
  const client = useQueryClient();
  const say = useSay();
  const refresh = () => client.invalidateQueries({ queryKey: ['recipes'] });
  const remove = async () => {
    await call(`/recipes/${id}`, { method: 'DELETE' });
    await refresh();
    void navigate('/recipes');
    say(`“${title}” was deleted.`, { label: 'Undo', run: () => void call(`/recipes/${id}/restore`, { method: 'POST' }).then(refresh) });
  };
  return <Button look="harm" onPress={() => void remove().catch((error: Error) => say(error.message))}>Delete</Button>;
}
