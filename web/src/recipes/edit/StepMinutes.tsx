import { useState } from 'react';
import styled from 'styled-components';
import {
  minutesOfWork,
  parseIngredientLine,
  type Recipe,
  type RecipeStep,
  toolFacts,
  workingsOfWork,
  workInWords,
  writeAmount,
} from '@fornax/core';
import { useLarder } from '../../api/useLarder.js';
import { Button } from '../../parts/Button.js';
import { Choice } from '../../parts/Choice.js';
import { Field } from '../../parts/Field.js';
import { NumberField } from '../../parts/NumberField.js';
import { Quietly } from '../../parts/states.js';
import { Figure } from '../../parts/workings.js';
import { WhenChoice } from '../WhenChoice.js';
import type { StepEditorProps } from './step-editor-props.js';

const Minutes = styled.div`
  display: grid;
  grid-template-columns: repeat(3, minmax(0, 1fr)) minmax(0, 1.6fr);
  gap: 0.5rem;
  margin-top: 0.5rem;
  @media (max-width: 32.5em) {
    grid-template-columns: repeat(2, minmax(0, 1fr));
  }
`;

const More = styled.details`
  margin-top: 0.375rem;
  summary {
    cursor: pointer;
    color: ${({ theme }) => theme.colour.quiet};
    font-size: ${({ theme }) => theme.size.small};
  }
`;

const places: readonly { id: RecipeStep['place']; name: string }[] = [
  { id: 'in class', name: 'in class' },
  { id: 'either', name: 'class or before' },
  { id: 'before', name: 'before class' },
];

export function StepMinutes({ step, work, onChange }: Pick<StepEditorProps, 'step' | 'work' | 'onChange'>) {
  const wait = step.waitMinutes ?? { low: 0, high: 0 };
  const changeWait = (to: Partial<typeof wait>) => {
    const next = { ...wait, ...to };
    onChange({
      ...step,
      isWaitEstimated: false,
      waitMinutes:
        next.high > 0 || next.low > 0
          ? { low: Math.min(next.low, next.high || next.low), high: Math.max(next.low, next.high) }
          : null,
    });
  };
  return (
    <>
      <Minutes>
        <NumberField
          label="Hands-on, min"
          value={step.handsOnMinutes}
          onChange={whole((handsOnMinutes) => onChange({ ...step, handsOnMinutes, isWorkedOut: false }))}
        />
        <NumberField
          label="Wait, from"
          value={wait.low}
          onChange={whole((low) => changeWait({ low, high: Math.max(low, wait.high) }))}
        />
        <NumberField label="Wait, to" value={wait.high} onChange={whole((high) => changeWait({ high }))} />
        <Choice
          label="Done"
          value={step.place}
          options={places}
          onChange={(place) => onChange({ ...step, place })}
        />
      </Minutes>
      {step.isWaitEstimated && step.waitMinutes ? (
        <p>
          <Quietly>The recipe does not say how long: the wait is an estimate for this food.</Quietly>
        </p>
      ) : null}
      <WorkedOut step={step} work={work} onChange={onChange} />
    </>
  );
}

/** "~14 min: 3 cucumbers, seeded 6; …": how the minutes come about, or what they would be. */
function WorkedOut({ step, work, onChange }: Pick<StepEditorProps, 'step' | 'work' | 'onChange'>) {
  const minutes = minutesOfWork(work);
  const workings = workingsOfWork(work);
  if (step.isWorkedOut)
    return (
      <p>
        <Quietly>
          <Figure id={`work ${step.id}`} workings={workings} text={`~${workings.result}`} />:{' '}
          {workInWords(work)}
        </Quietly>
      </p>
    );
  if (minutes === step.handsOnMinutes) return null;
  return (
    <p>
      <Quietly>
        By the work ~<Figure id={`work ${step.id}`} workings={workings} text={workings.result} />{' '}
      </Quietly>
      <Button look="quiet" onPress={() => onChange({ ...step, handsOnMinutes: minutes, isWorkedOut: true })}>
        Take {minutes} min
      </Button>
    </p>
  );
}

export function StepMore({ step, recipe, onChange }: Pick<StepEditorProps, 'step' | 'recipe' | 'onChange'>) {
  return (
    <More>
      <summary>More: who sees it, how long it keeps, where it belongs</summary>
      <Minutes>
        <NumberField
          label="Shown to all, min"
          value={step.demonstrateMinutes}
          onChange={whole((demonstrateMinutes) => onChange({ ...step, demonstrateMinutes }))}
        />
        <NumberField
          label="Keeps, min"
          value={step.holdMinutes ?? 0}
          onChange={whole((hold) => onChange({ ...step, holdMinutes: hold || null }))}
          hint="0 for no limit."
        />
        <Choice
          label="Component"
          value={step.componentId}
          options={recipe.components.map(({ id, name }) => ({ id, name }))}
          onChange={(componentId) => onChange({ ...step, componentId })}
        />
        <Choice
          label="Add a tool"
          value=""
          options={[
            { id: '', name: 'choose …' },
            ...toolFacts.filter(({ id }) => !step.tools.includes(id)).map(({ id }) => ({ id, name: id })),
          ]}
          onChange={(tool) => {
            if (tool) onChange({ ...step, tools: [...step.tools, tool] });
          }}
        />
        <Choice<string>
          label="Uses the line"
          value=""
          options={[
            { id: '', name: 'choose …' },
            ...recipe.lines
              .filter((line) => !step.uses.some((use) => use.line === line.id))
              .map((line) => ({ id: line.id, name: line.text })),
          ]}
          onChange={(line) => {
            if (line) onChange({ ...step, uses: [...step.uses, { line, share: '1' }] });
          }}
        />
        <WhenChoice
          choices={recipe.choices}
          when={step.when ?? null}
          onChange={(when) => onChange({ ...step, when })}
        />
      </Minutes>
      <Field label="Until" value={step.until} onChange={(until) => onChange({ ...step, until })} />
      <StepGives step={step} system={recipe.system} onChange={onChange} />
    </More>
  );
}

/** Fat, oil or liquid that the step leaves for another, written as in a recipe: "3 tbsp roasting oil". */
function StepGives({
  step,
  system,
  onChange,
}: Pick<StepEditorProps, 'step' | 'onChange'> & { system: Recipe['system'] }) {
  const larder = useLarder();
  const [typed, setTyped] = useState('');
  const [problem, setProblem] = useState('');
  const gives = step.gives ?? [];
  const add = () => {
    if (!typed.trim()) return;
    const read = parseIngredientLine(typed, { system, larder });
    if (!read.amount || !read.unit || !read.ingredient)
      return setProblem('Write how much of what is left, such as 3 tbsp bacon fat or 40 ml olive oil.');
    onChange({
      ...step,
      gives: [
        ...gives,
        { text: read.name, ingredient: read.ingredient, amount: { ...read.amount, unit: read.unit } },
      ],
    });
    setTyped('');
    setProblem('');
  };
  return (
    <>
      {gives.map((gift, index) => (
        <p key={index}>
          <Quietly>
            Leaves {writeAmount(gift.amount)} {gift.text} for other steps{' '}
          </Quietly>
          <Button
            look="quiet"
            onPress={() => onChange({ ...step, gives: gives.filter((_, at) => at !== index) })}
          >
            remove
          </Button>
        </p>
      ))}
      <Field
        label="Leaves for other steps"
        value={typed}
        onChange={(text) => {
          setTyped(text);
          setProblem('');
        }}
        onEnter={add}
        onBlur={add}
        problem={problem || undefined}
        placeholder="3 tbsp bacon fat, then Enter"
      />
    </>
  );
}

/** Takes whole minutes only; anything else that is typed changes nothing. */
const whole = (set: (value: number) => void) => (value: number) => {
  if (Number.isInteger(value) && value >= 0) set(value);
};
