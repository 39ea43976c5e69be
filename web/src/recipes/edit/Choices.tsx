import { useState } from 'react';
import { X } from 'lucide-react';
import styled from 'styled-components';
import { nextId, type RecipeChoice } from '@fornax/core';
import { Button } from '../../parts/Button.js';
import { Choice } from '../../parts/Choice.js';
import { Field } from '../../parts/Field.js';
import { Quietly, Row } from '../../parts/states.js';
import { type DetailsProps, Part } from './details-parts.js';

const Ways = styled.div`
  padding: 0.5rem 0;
  border-bottom: 1px solid ${({ theme }) => theme.colour.hairline};
  display: grid;
  grid-template-columns: 12.5rem minmax(0, 1fr) 10rem auto;
  gap: 0.625rem;
  align-items: end;
  @media (max-width: 43.75em) {
    grid-template-columns: minmax(0, 1fr) auto;
  }
`;

/** The ways of a recipe that a class chooses of: each choice, its options, and the usual one. */
export function Choices({ recipe, change }: Pick<DetailsProps, 'recipe' | 'change'>) {
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
          <ChoiceFields
            key={choice.id}
            choice={choice}
            changeChoice={(to) => changeChoice(choice.id, to)}
            onRemove={() => remove(choice.id)}
          />
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

function ChoiceFields({
  choice,
  changeChoice,
  onRemove,
}: {
  choice: RecipeChoice;
  changeChoice: (to: Partial<RecipeChoice>) => void;
  onRemove: () => void;
}) {
  return (
    <Ways>
      <Field
        label="Choice"
        value={choice.name}
        onChange={(name) => {
          if (name.trim()) changeChoice({ name });
        }}
        maxLength={80}
      />
      <WaysField
        choice={choice}
        onChange={(options) =>
          changeChoice({
            options,
            usual: options.some(({ id }) => id === choice.usual) ? choice.usual : options[0]!.id,
          })
        }
      />
      <Choice
        label="Usually"
        value={choice.usual}
        options={choice.options.map(({ id, name }) => ({ id, name }))}
        onChange={(usual) => changeChoice({ usual })}
      />
      <Button look="quiet" aria-label={`Remove the choice ${choice.name}`} onPress={onRemove}>
        <X size={15} aria-hidden />
      </Button>
    </Ways>
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
