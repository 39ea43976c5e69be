import { useEffect, useState } from 'react';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import type { FieldProblem, RecipeView } from '@fornax/contract';
import { useNavigate } from 'react-router';
import styled from 'styled-components';
import { v7 as uuid } from 'uuid';
import {
  type Larder,
  type MeasureSystem,
  emptyRecipe,
  measureSystems,
  type Recipe,
  recipeTextProblem,
  type RecipeLine,
} from '@fornax/core';
import { ApiError, call } from '../api/client.js';
import { recipeQuery, rowOfRecipe } from '../api/queries.js';
import { useLarder } from '../api/useLarder.js';
import { fetchChecks } from '../api/checks.js';
import { Button } from '../parts/Button.js';
import { Choice } from '../parts/Choice.js';
import { Field } from '../parts/Field.js';
import { Quietly, Row, Sheet } from '../parts/states.js';
import { systemNames } from './edit/Details.js';
import { LineEditor } from './LineEditor.js';
import { RecipeNotes } from './RecipeNotes.js';
import { StepList } from './StepList.js';
import { useReading } from './useReading.js';
import { yieldSaid } from './yield-said.js';
import { PageHeading } from '../parts/page.js';

const Columns = styled.div`
  display: grid;
  grid-template-columns: minmax(0, 5fr) minmax(0, 7fr);
  gap: 40px;
  margin-top: 12px;
  @media (max-width: 900px) {
    grid-template-columns: minmax(0, 1fr);
  }
`;
const Problems = styled.ul`
  margin: 12px 0;
  color: ${({ theme }) => theme.colour.beet};
`;
const Options = styled.div`
  max-width: 220px;
  margin: 12px 0;
`;
const Part = styled.section`
  margin-bottom: 24px;
`;
const Look = styled.strong`
  color: ${({ theme }) => theme.colour.lemonText};
`;
const keptText = 'fornax:pasted-recipe';

const example = `Green bean and shallot salad
Serves 4

Ingredients
400 g green beans, trimmed
1 shallot, minced

For the dressing:
1 tbsp red wine vinegar
3 tbsp olive oil

Method
1. Boil the beans for 4 minutes and cool them.
2. Whisk the dressing with the shallot and toss.`;

/** A new recipe from pasted text: read as it is typed, corrected line by line, kept with one button. */
export default function PasteRecipePage() {
  const [text, setText] = useState(() => localStorage.getItem(keptText) ?? '');
  const [system, setSystem] = useState<MeasureSystem>('metric');
  const larder = useLarder();
  const [corrections, setCorrections] = useState<Readonly<Record<string, RecipeLine>>>({});
  const tooLong = recipeTextProblem(text);
  const reading = useReading(tooLong ? '' : text, system);
  const read = reading.recipe ?? emptyRecipe;
  const recipe: Recipe = {
    ...read,
    lines: read.lines.map((line) => corrections[correctionKey(line)] ?? line),
  };
  useEffect(() => localStorage.setItem(keptText, text.slice(0, 300_000)), [text]);
  const { keep, problems, isKeeping } = useKeep(recipe);
  return (
    <Sheet>
      <PageHeading names={['New recipe from text', 'Recipes']}>New recipe from text</PageHeading>
      <Columns>
        <div>
          <Field
            label="Paste or write a recipe"
            rows={22}
            value={text}
            onChange={setText}
            placeholder={example}
            problem={(tooLong ?? reading.problem) || undefined}
            hint="A title first, then ingredient lines, then steps."
          />
          <Measures system={system} onChange={setSystem} />
        </div>
        <div>
          <Understood
            recipe={recipe}
            problems={problems}
            canKeep={!isKeeping && text.trim() !== '' && !tooLong && reading.isCurrent}
            onKeep={keep}
          />
          <LinesRead
            recipe={recipe}
            larder={larder}
            onChange={(index, line) =>
              setCorrections({ ...corrections, [correctionKey(read.lines[index]!)]: line })
            }
          />
          <Part>
            <StepList recipe={recipe} />
            <RecipeNotes recipe={recipe} />
          </Part>
        </div>
      </Columns>
    </Sheet>
  );
}

function Measures({
  system,
  onChange,
}: {
  system: MeasureSystem;
  onChange: (system: MeasureSystem) => void;
}) {
  return (
    <Options>
      <Choice
        label="Its spoons and cups are"
        value={system}
        onChange={onChange}
        options={measureSystems.map((id) => ({ id, name: systemNames[id] }))}
      />
    </Options>
  );
}

function LinesRead({
  recipe,
  larder,
  onChange,
}: {
  recipe: Recipe;
  larder: Larder;
  onChange: (index: number, line: RecipeLine) => void;
}) {
  return (
    <>
      {recipe.components.map((component) => (
        <Part key={component.id}>
          <h3>{component.name}</h3>
          <ul>
            {recipe.lines.map((line, index) =>
              line.componentId === component.id ? (
                <li key={line.id}>
                  <LineEditor
                    line={line}
                    index={index}
                    system={recipe.system}
                    larder={larder}
                    onChange={(changed) => onChange(index, changed)}
                  />
                </li>
              ) : null,
            )}
          </ul>
        </Part>
      ))}
    </>
  );
}

function Understood({
  recipe,
  problems,
  canKeep,
  onKeep,
}: {
  recipe: Recipe;
  problems: readonly FieldProblem[];
  canKeep: boolean;
  onKeep: () => void;
}) {
  const marked = recipe.lines.filter((line) => line.unread !== '').length;
  return (
    <Part>
      <h2>{recipe.title || 'What was understood'}</h2>
      <Quietly>
        {recipe.kind}, serves {recipe.serves}
        {yieldSaid(recipe)} · {recipe.lines.length} lines, {recipe.steps.length} steps
      </Quietly>
      {marked > 0 ? (
        <>
          {' '}
          · <Look>{marked} to look at</Look>
        </>
      ) : null}
      {problems.length > 0 ? (
        <Problems role="alert">
          {problems.map((problem) => (
            <li key={problem.field + problem.sentence}>{problem.sentence}</li>
          ))}
        </Problems>
      ) : null}
      <Row>
        <Button look="act" isDisabled={!canKeep} onPress={onKeep}>
          Keep this recipe
        </Button>
      </Row>
    </Part>
  );
}

/** A correction belongs to the written line, wherever it moves to. */
function correctionKey(line: RecipeLine): string {
  return `${line.id}|${line.text}`;
}

function useKeep(recipe: Recipe) {
  const navigate = useNavigate();
  const client = useQueryClient();
  const [id] = useState(() => uuid());
  const [problems, setProblems] = useState<readonly FieldProblem[]>([]);
  const make = useMutation({
    mutationFn: (content: Recipe) => call<RecipeView>('/recipes', { method: 'POST', body: { id, content } }),
    onSuccess: async (view) => {
      localStorage.removeItem(keptText);
      client.setQueryData(recipeQuery(view.id).queryKey, rowOfRecipe(view));
      await client.invalidateQueries({ queryKey: ['recipes'] });
      void navigate(`/recipes/${view.id}?edit=1`);
    },
    onError: (error) =>
      setProblems(
        error instanceof ApiError && error.fields.length > 0
          ? error.fields
          : [{ field: '', sentence: error.message }],
      ),
  });
  const keep = async () => {
    const checks = await fetchChecks();
    const found = checks?.recipe(recipe as never) ?? [];
    setProblems(found);
    if (found.length === 0) make.mutate(recipe);
  };
  return { keep: () => void keep(), problems, isKeeping: make.isPending };
}
