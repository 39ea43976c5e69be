import type { Larder, Recipe } from '@fornax/core';
import styled from 'styled-components';
import { Look } from '../Look.js';
import type { RecipeEditor } from '../useRecipeEditor.js';
import { Details } from './Details.js';
import { LinesColumn } from './LinesColumn.js';
import { StepsColumn } from './StepsColumn.js';

/** Two columns where the sheet has room for them, however large its words are. */
const Room = styled.div`
  container-type: inline-size;
`;
const Editing = styled.div`
  display: grid;
  grid-template-columns: minmax(0, 1fr) minmax(0, 1fr);
  gap: 2rem;
  margin-top: 0.75rem;
  @container (max-width: 47.5em) {
    grid-template-columns: minmax(0, 1fr);
  }
`;

/** A recipe as it is written: what it is, its lines and its steps. */
export function EditRecipe({
  id,
  recipe,
  editor,
  larder,
}: {
  id: string;
  recipe: Recipe;
  editor: RecipeEditor;
  larder: Larder;
}) {
  const change = (patch: Partial<Recipe>) => editor.edit(patch);
  const column = { recipe, recipeId: id, larder, change, problems: editor.problems };
  const general = Object.entries(editor.problems)
    .filter(([field]) => /^(?:lines|steps|components|choices|content)?(?:\.|$)/.test(field))
    .map(([, sentence]) => sentence);
  return (
    <>
      {general.length > 0 ? <Look role="alert">{[...new Set(general)].join(' ')}</Look> : null}
      <Details recipe={recipe} change={change} problems={editor.problems} />
      <Room>
        <Editing>
          <div>
            <LinesColumn {...column} />
          </div>
          <div>
            <StepsColumn {...column} />
          </div>
        </Editing>
      </Room>
    </>
  );
}
