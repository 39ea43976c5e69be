import { useState } from 'react';
import styled from 'styled-components';
import {
  type MeasureSystem,
  measureSystems,
  recipeTextProblem,
  type RecipeLine,
  type RowRead,
  type RowRole,
  type TextRead,
} from '@fornax/core';
import { useLarder } from '../api/useLarder.js';
import { Choice } from '../parts/Choice.js';
import { Field } from '../parts/Field.js';
import { Sheet } from '../parts/states.js';
import { systemNames } from './edit/Details.js';
import { Doubts } from './paste/Doubts.js';
import { type Chosen, isOfRow } from './paste/chosen.js';
import { RecipeRead } from './paste/RecipeRead.js';
import { Dishes, Understood } from './paste/Understood.js';
import { RowsRead } from './paste/RowsRead.js';
import { useKeepAll } from './paste/useKeepAll.js';
import { usePasted } from './paste/usePasted.js';
import { useReading } from './useReading.js';
import { PageHeading } from '../parts/page.js';

const Columns = styled.div`
  display: grid;
  grid-template-columns: minmax(0, 5fr) minmax(0, 7fr);
  gap: 2.5rem;
  margin-top: 0.75rem;
  @media (max-width: 56.25em) {
    grid-template-columns: minmax(0, 1fr);
  }
`;
const Options = styled.div`
  max-width: 13.75rem;
  margin: 0.75rem 0;
`;
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

const nothingRead: TextRead = { recipes: [], doubts: [], proposals: [], uses: [], rows: [] };
/**
 * New recipes from pasted text: read as it is typed, what is not sure asked about on top, each row with what
 * it became, all kept with one button.
 */
export default function PasteRecipePage() {
  const pasted = usePasted();
  const { text } = pasted;
  const [system, setSystem] = useState<MeasureSystem>('metric');
  const [shown, setShown] = useState(0);
  const [chosen, setChosen] = useState<Chosen>(null);
  const larder = useLarder();
  const tooLong = recipeTextProblem(text);
  const reading = useReading(tooLong ? '' : text, { ...pasted, system });
  const read = reading.read ?? nothingRead;
  const { recipes, correct } = useCorrections(read);
  const at = Math.min(shown, Math.max(0, recipes.length - 1));
  const recipe = recipes[at];
  const { keep, problems, isKeeping } = useKeepAll(recipes, read.uses, pasted.forget);
  const hasText = text.trim() !== '';
  return (
    <Sheet>
      <PageHeading names={['New recipe from text', 'Recipes']}>New recipe from text</PageHeading>
      <Doubts doubts={read.doubts} {...pasted} />
      <Columns>
        <div>
          <Field
            label="Paste or write a recipe"
            rows={hasText ? 8 : 22}
            value={text}
            onChange={pasted.setText}
            placeholder={example}
            problem={(tooLong ?? reading.problem) || undefined}
            hint="A list, a letter, a chat, a table, a talk with its times: as it is."
          />
          <Measures system={system} onChange={setSystem} />
          {hasText ? (
            <RowsRead
              rows={read.rows}
              {...rowsShown({ chosen, at, setChosen, setShown, setRole: pasted.setRole })}
            />
          ) : null}
        </div>
        <div>
          <Dishes recipes={recipes} shown={at} onShow={setShown} />
          <Understood
            recipe={recipe ?? null}
            count={recipes.length}
            problems={problems}
            canKeep={!isKeeping && hasText && !tooLong && reading.isCurrent && recipe !== undefined}
            onKeep={keep}
          />
          {recipe ? (
            <RecipeRead
              {...{ recipe, read, at, larder, chosen, onChoose: setChosen }}
              onLine={(index, line) => correct(read.recipes[at]!.lines[index]!, line)}
              onProposal={({ id }, choice) => pasted.answer(id, choice)}
            />
          ) : null}
        </div>
      </Columns>
    </Sheet>
  );
}

interface RowsShown {
  chosen: Chosen;
  /** The recipe that is shown. */
  at: number;
  setChosen: (chosen: Chosen) => void;
  setShown: (recipe: number) => void;
  setRole: (row: string, role: RowRole | null) => void;
}

/** What the rows of a text show and do: choosing one shows its recipe. */
function rowsShown({ chosen, at, setChosen, setShown, setRole }: RowsShown) {
  return {
    isChosen: (row: RowRead) => isOfRow(row, chosen, at),
    open: chosen && 'row' in chosen ? chosen.row : null,
    onChoose: (row: RowRead) => {
      setChosen({ row: row.row });
      if (row.recipe >= 0) setShown(row.recipe);
    },
    onRole: (row: RowRead, role: RowRole | null) => setRole(row.text.trim(), role),
  };
}

/** Lines that were corrected by hand, each by the written line that it belongs to. */
function useCorrections(read: TextRead) {
  const [corrections, setCorrections] = useState<Readonly<Record<string, RecipeLine>>>({});
  return {
    recipes: read.recipes.map((recipe) => ({
      ...recipe,
      lines: recipe.lines.map((line) => corrections[correctionKey(line)] ?? line),
    })),
    correct: (written: RecipeLine, line: RecipeLine) =>
      setCorrections((before) => ({ ...before, [correctionKey(written)]: line })),
  };
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
        label="Measured in"
        value={system}
        onChange={onChange}
        options={measureSystems.map((id) => ({ id, name: systemNames[id] }))}
      />
    </Options>
  );
}

/** A correction belongs to the written line, wherever it moves to. */
function correctionKey(line: RecipeLine): string {
  return `${line.id}|${line.text}`;
}
