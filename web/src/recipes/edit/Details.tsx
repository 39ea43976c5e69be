import {
  dishKinds,
  measureSystems,
  nextId,
  parseIngredientLine,
  portions,
  showRational,
  type MeasureSystem,
  type Recipe,
  type RecipeChoice,
} from '@fornax/core';
import { useState } from 'react';
import { X } from 'lucide-react';
import styled from 'styled-components';
import { Button } from '../../parts/Button.js';
import { Choice, Field } from '../../parts/Field.js';
import { NumberField } from '../../parts/NumberField.js';
import { Quietly, Row } from '../../parts/states.js';

const Grid = styled.div`
  display: grid;
  grid-template-columns: 2fr repeat(5, 1fr);
  gap: 10px 12px;
  margin-bottom: 12px;
  @media (max-width: 1000px) {
    grid-template-columns: repeat(3, minmax(0, 1fr));
  }
  @media (max-width: 520px) {
    grid-template-columns: repeat(2, minmax(0, 1fr));
  }
`;
const Words = styled.div`
  display: grid;
  grid-template-columns: repeat(3, minmax(0, 1fr));
  gap: 10px 12px;
  max-width: 980px;
  > .wide {
    grid-column: 1 / -1;
  }
  @media (max-width: 520px) {
    grid-template-columns: minmax(0, 1fr);
  }
`;
const Ways = styled.div`
  padding: 8px 0;
  border-bottom: 1px solid ${({ theme }) => theme.colour.hairline};
  display: grid;
  grid-template-columns: 200px minmax(0, 1fr) 160px auto;
  gap: 10px;
  align-items: end;
  @media (max-width: 700px) {
    grid-template-columns: minmax(0, 1fr) auto;
  }
`;
const Part = styled.details`
  margin: 8px 0 16px;
  summary {
    cursor: pointer;
    font-weight: 700;
  }
  > div {
    margin-top: 8px;
  }
`;

export const systemNames: Readonly<Record<MeasureSystem, string>> = {
  metric: 'metric',
  us: 'US',
  imperial: 'imperial',
  australian: 'Australian',
};

interface DetailsProps {
  recipe: Recipe;
  change: (patch: Partial<Recipe>) => void;
  problems: Readonly<Record<string, string>>;
}

/** Title, servings and measures; where the recipe comes from; the ways a class can choose of. */
export function Details({ recipe, change, problems }: DetailsProps) {
  const [title, setTitle] = useState<string | null>(null);
  const [least, setLeast] = useState<string | null>(null);
  const changeLeast = (text: string) => {
    setLeast(text);
    const read = parseIngredientLine(`${text} x`, { system: 'metric' }).amount;
    if (read) change({ leastBatch: read.low });
  };
  return (
    <>
      <Grid>
        <Field
          label="Title"
          value={title ?? recipe.title}
          onChange={(value) => {
            setTitle(value);
            change({ title: value });
          }}
          onBlur={() => problems.title || setTitle(null)}
          problem={problems.title}
        />
        <Choice
          label="Kind"
          value={recipe.kind}
          onChange={(kind) => change({ kind })}
          options={dishKinds.map((id) => ({ id, name: id }))}
        />
        <NumberField
          label="Serves"
          value={recipe.serves}
          onChange={(serves) => change({ serves })}
          problem={problems.serves}
        />
        <Choice
          label="As a"
          value={recipe.portion}
          onChange={(portion) => change({ portion })}
          options={portions.map((id) => ({ id, name: id }))}
        />
        <Field
          label="Least batch"
          value={least ?? showRational(recipe.leastBatch)}
          onChange={changeLeast}
          onBlur={() => setLeast(null)}
          problem={
            least !== null && !parseIngredientLine(`${least} x`, { system: 'metric' }).amount
              ? 'Write ¼, ½ or 1.'
              : undefined
          }
        />
        <Choice<MeasureSystem>
          label="Measures"
          value={recipe.system}
          onChange={(system) => change({ system })}
          options={measureSystems.map((id) => ({ id, name: systemNames[id] }))}
        />
      </Grid>
      <Part>
        <summary>Story, source, permission, notes</summary>
        <Words>
          <div className="wide">
            <Field
              label="Story"
              value={recipe.story}
              onChange={(story) => change({ story })}
              problem={problems.story}
            />
          </div>
          <Field
            label="Source"
            value={recipe.source}
            onChange={(source) => change({ source })}
            problem={problems.source}
          />
          <Field
            label="To be credited"
            value={recipe.credit}
            onChange={(credit) => change({ credit })}
            problem={problems.credit}
          />
          <Field
            label="Permission to teach"
            value={recipe.permission}
            onChange={(permission) => change({ permission })}
            problem={problems.permission}
          />
          <div className="wide">
            <Field
              label="Notes to self"
              rows={3}
              value={recipe.notes}
              onChange={(notes) => change({ notes })}
              problem={problems.notes}
              hint="Never printed on a card."
            />
          </div>
        </Words>
      </Part>
      <Choices recipe={recipe} change={change} />
    </>
  );
}

/** Schools: each choice with its ways; lines and steps say to which way they belong. */
function Choices({ recipe, change }: Pick<DetailsProps, 'recipe' | 'change'>) {
  const setChoices = (choices: readonly RecipeChoice[]) => change({ choices });
  const changeChoice = (id: string, to: Partial<RecipeChoice>) =>
    setChoices(recipe.choices.map((choice) => (choice.id === id ? { ...choice, ...to } : choice)));
  const add = () =>
    setChoices([
      ...recipe.choices,
      {
        id: nextId('w', recipe.choices),
        name: 'When to dress',
        usual: 'o1',
        options: [
          { id: 'o1', name: 'just before serving' },
          { id: 'o2', name: 'at the table' },
        ],
      },
    ]);
  const remove = (id: string) =>
    change({
      choices: recipe.choices.filter((choice) => choice.id !== id),
      lines: recipe.lines.map((line) => (line.when?.choice === id ? { ...line, when: null } : line)),
      steps: recipe.steps.map((step) => (step.when?.choice === id ? { ...step, when: null } : step)),
    });
  return (
    <Part open={recipe.choices.length > 0}>
      <summary>Ways to choose of</summary>
      <div>
        <Quietly>
          When to dress, peeled or not, which ratio: a class takes one way of each. Say at a line or a step
          which way it belongs to.
        </Quietly>
        {recipe.choices.map((choice) => (
          <Ways key={choice.id}>
            <Field
              label="Choice"
              value={choice.name}
              onChange={(name) => {
                if (name.trim()) changeChoice(choice.id, { name });
              }}
              maxLength={80}
            />
            <WaysField
              choice={choice}
              onChange={(options) =>
                changeChoice(choice.id, {
                  options,
                  usual: options.some(({ id }) => id === choice.usual) ? choice.usual : options[0]!.id,
                })
              }
            />
            <Choice
              label="Usually"
              value={choice.usual}
              options={choice.options.map(({ id, name }) => ({ id, name }))}
              onChange={(usual) => changeChoice(choice.id, { usual })}
            />
            <Button
              look="quiet"
              aria-label={`Take out the choice ${choice.name}`}
              onPress={() => remove(choice.id)}
            >
              <X size={15} aria-hidden />
            </Button>
          </Ways>
        ))}
        <Row>
          <Button onPress={add} isDisabled={recipe.choices.length >= 8}>
            Add a choice
          </Button>
        </Row>
      </div>
    </Part>
  );
}

/** The ways of a choice, divided by semicolons; a way keeps its id while its words change. */
function WaysField({
  choice,
  onChange,
}: {
  choice: RecipeChoice;
  onChange: (options: RecipeChoice['options']) => void;
}) {
  const [typed, setTyped] = useState<string | null>(null);
  const change = (text: string) => {
    setTyped(text);
    const names = text
      .split(';')
      .map((name) => name.trim())
      .filter(Boolean)
      .slice(0, 8);
    if (names.length === 0) return;
    onChange(
      names.reduce<{ id: string; name: string }[]>(
        (made, name, index) => [
          ...made,
          { id: choice.options[index]?.id ?? nextId('o', [...choice.options, ...made]), name },
        ],
        [],
      ),
    );
  };
  return (
    <Field
      label="Ways, divided by ;"
      value={typed ?? choice.options.map(({ name }) => name).join('; ')}
      onChange={change}
      onBlur={() => setTyped(null)}
    />
  );
}
