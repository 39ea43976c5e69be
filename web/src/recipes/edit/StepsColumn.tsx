import { useState } from 'react';
import { closestCenter, DndContext, type DragEndEvent } from '@dnd-kit/core';
import { restrictToVerticalAxis } from '@dnd-kit/modifiers';
import { SortableContext, useSortable, verticalListSortingStrategy } from '@dnd-kit/sortable';
import { useQuery } from '@tanstack/react-query';
import {
  acceptFinding,
  addStep,
  declineFinding,
  emptyStep,
  findInSteps,
  hasFinding,
  moveStep,
  nextId,
  offeredFindings,
  parseIngredientLine,
  removeStep,
  toolFacts,
  writeAmount,
  type Recipe,
  type RecipeStep,
  type StepFinding,
  type TechniqueNote,
} from '@fornax/core';
import { GripVertical, Plus, X } from 'lucide-react';
import { Link } from 'react-router';
import styled from 'styled-components';
import { techniquesQuery } from '../../api/queries.js';
import { useLarder } from '../../api/useLarder.js';
import { Button } from '../../parts/Button.js';
import { Choice, Field } from '../../parts/Field.js';
import { NumberField } from '../../parts/NumberField.js';
import { Quietly } from '../../parts/states.js';
import { WhenChoice } from '../WhenChoice.js';
import { Handle, spokenMoves, useDragSensors, type ColumnProps } from './LinesColumn.js';

const Item = styled.li`
  display: flex;
  gap: 2px;
  padding: 8px 0 12px;
  border-bottom: 1px solid ${({ theme }) => theme.colour.hairline};
  background: ${({ theme }) => theme.colour.sheet};
`;
const Body = styled.div`
  flex: 1;
  min-width: 0;
`;
const Head = styled.div`
  display: grid;
  grid-template-columns: minmax(0, 1fr) auto;
  gap: 6px;
  align-items: start;
  textarea {
    min-height: 52px;
  }
`;
const Chips = styled.ul`
  display: flex;
  flex-wrap: wrap;
  gap: 5px;
  margin-top: 6px;
`;
const Chip = styled.button<{ $held: boolean }>`
  display: inline-flex;
  align-items: center;
  gap: 4px;
  min-height: 26px;
  padding: 1px 8px;
  border-radius: 13px;
  font-size: 13px;
  cursor: pointer;
  border: 1px ${({ $held }) => ($held ? 'solid' : 'dashed')}
    ${({ $held, theme }) => ($held ? theme.colour.basil : theme.colour.quiet)};
  background: ${({ $held, theme }) => ($held ? theme.colour.basilPale : 'transparent')};
  color: ${({ theme }) => theme.colour.ink};
  &:focus-visible {
    outline: 2px solid ${({ theme }) => theme.colour.basil};
    outline-offset: 1px;
  }
  @media (pointer: coarse) {
    min-height: 44px;
  }
`;
const Minutes = styled.div`
  display: grid;
  grid-template-columns: repeat(3, minmax(0, 1fr)) minmax(0, 1.6fr);
  gap: 8px;
  margin-top: 8px;
  @media (max-width: 520px) {
    grid-template-columns: repeat(2, minmax(0, 1fr));
  }
`;
const Notes = styled.div`
  margin-top: 8px;
  padding-left: 10px;
  border-left: 3px solid ${({ theme }) => theme.colour.basil};
  font-size: 13px;
  line-height: 18px;
  > * + * {
    margin-top: 5px;
  }
`;
const More = styled.details`
  margin-top: 6px;
  summary {
    cursor: pointer;
    color: ${({ theme }) => theme.colour.quiet};
    font-size: 13px;
  }
`;

/**
 * The steps: what was found in each as chips to accept or decline, its minutes, and its technique notes
 * beneath.
 */
export function StepsColumn({ recipe, larder, change }: ColumnProps) {
  const sensors = useDragSensors();
  const { data: notes = [] } = useQuery(techniquesQuery);
  const findings = findInSteps(
    recipe.steps.map((step) => step.text),
    recipe.lines,
    larder,
  );
  const changeStep = (changed: RecipeStep) =>
    change({ steps: recipe.steps.map((step) => (step.id === changed.id ? changed : step)) });
  const drop = ({ active, over }: DragEndEvent) => {
    if (!over || over.id === active.id) return;
    const at = (id: string | number) => recipe.steps.findIndex((step) => step.id === id);
    change({ steps: moveStep(recipe.steps, at(active.id), at(over.id)) });
  };
  return (
    <DndContext
      sensors={sensors}
      collisionDetection={closestCenter}
      modifiers={[restrictToVerticalAxis]}
      onDragEnd={drop}
      accessibility={spokenMoves((id) => recipe.steps.find((step) => step.id === id)?.text ?? '')}
    >
      <h2>Steps</h2>
      <SortableContext items={recipe.steps.map((step) => step.id)} strategy={verticalListSortingStrategy}>
        <ol aria-label="Steps">
          {recipe.steps.map((step, index) => (
            <StepEditor
              key={step.id}
              step={step}
              index={index}
              recipe={recipe}
              findings={findings[index]!}
              notes={notes}
              onChange={changeStep}
              onRemove={() => change({ steps: removeStep(recipe.steps, step.id) })}
            />
          ))}
        </ol>
      </SortableContext>
      <AddStep recipe={recipe} change={change} />
    </DndContext>
  );
}

interface StepEditorProps {
  step: RecipeStep;
  index: number;
  recipe: Recipe;
  findings: readonly StepFinding[];
  notes: readonly TechniqueNote[];
  onChange: (step: RecipeStep) => void;
  onRemove: () => void;
}

function StepEditor({ step, index, recipe, findings, notes, onChange, onRemove }: StepEditorProps) {
  const { attributes, listeners, setNodeRef, setActivatorNodeRef, transform, isDragging } = useSortable({
    id: step.id,
    transition: null,
  });
  return (
    <Item
      ref={setNodeRef}
      style={{
        transform: transform ? `translate3d(0, ${transform.y}px, 0)` : undefined,
        opacity: isDragging ? 0.6 : undefined,
        position: 'relative',
        zIndex: isDragging ? 2 : undefined,
      }}
    >
      <Handle
        ref={setActivatorNodeRef}
        type="button"
        {...attributes}
        {...listeners}
        aria-label={`Move step ${index + 1}`}
      >
        <GripVertical size={15} aria-hidden />
      </Handle>
      <Body>
        <Head>
          <Field
            label={`Step ${index + 1}`}
            hideLabel
            rows={2}
            value={step.text}
            onChange={(text) => {
              if (text.trim()) onChange({ ...step, text });
            }}
          />
          <Button look="quiet" aria-label={`Take out step ${index + 1}`} onPress={onRemove}>
            <X size={15} aria-hidden />
          </Button>
        </Head>
        <FindingChips
          step={step}
          index={index}
          findings={findings}
          notes={notes}
          lines={recipe.lines}
          onChange={onChange}
        />
        <StepMinutes step={step} onChange={onChange} />
        <AttachedNotes step={step} index={index} notes={notes} onChange={onChange} />
        <StepMore step={step} recipe={recipe} onChange={onChange} />
      </Body>
    </Item>
  );
}

/**
 * Solid chips are held by the step, dashed ones only offered. A chip that was declined is gone until its
 * words change.
 */
function FindingChips({
  step,
  index,
  findings,
  notes,
  lines,
  onChange,
}: Omit<StepEditorProps, 'recipe' | 'onRemove'> & { lines: Recipe['lines'] }) {
  const shown = offeredFindings(step, findings, lines);
  if (shown.length === 0) return null;
  return (
    <Chips aria-label={`Found in step ${index + 1}`}>
      {shown.map((finding) => {
        const held = hasFinding(step, finding);
        const label =
          finding.kind === 'technique'
            ? (notes.find((note) => note.id === finding.technique)?.title ?? finding.label)
            : finding.label;
        return (
          <li key={finding.key}>
            <Chip
              type="button"
              $held={held}
              aria-pressed={held}
              aria-label={`${held ? 'Take off' : 'Accept'}: ${label}`}
              onClick={() => onChange(held ? declineFinding(step, finding) : acceptFinding(step, finding))}
            >
              {label}
              {held ? <X size={12} aria-hidden /> : <Plus size={12} aria-hidden />}
            </Chip>
          </li>
        );
      })}
    </Chips>
  );
}

const places: readonly { id: RecipeStep['place']; name: string }[] = [
  { id: 'in class', name: 'in class' },
  { id: 'either', name: 'class or before' },
  { id: 'before', name: 'before class' },
];

function StepMinutes({ step, onChange }: { step: RecipeStep; onChange: (step: RecipeStep) => void }) {
  const wait = step.waitMinutes ?? { low: 0, high: 0 };
  const changeWait = (to: Partial<typeof wait>) => {
    const next = { ...wait, ...to };
    onChange({
      ...step,
      waitMinutes:
        next.high > 0 || next.low > 0
          ? { low: Math.min(next.low, next.high || next.low), high: Math.max(next.low, next.high) }
          : null,
    });
  };
  const whole = (set: (value: number) => void) => (value: number) => {
    if (Number.isInteger(value) && value >= 0) set(value);
  };
  return (
    <Minutes>
      <NumberField
        label="Hands-on, min"
        value={step.handsOnMinutes}
        onChange={whole((handsOnMinutes) => onChange({ ...step, handsOnMinutes }))}
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
  );
}

function AttachedNotes({
  step,
  index,
  notes,
  onChange,
}: Pick<StepEditorProps, 'step' | 'index' | 'notes' | 'onChange'>) {
  const attached = step.techniques
    .map((id) => notes.find((note) => note.id === id))
    .filter((note) => note !== undefined);
  const free = notes.filter((note) => !step.techniques.includes(note.id));
  const options = [
    { id: '', name: 'Attach a note …' },
    ...free.map((note) => ({ id: note.id, name: note.title })),
  ];
  return (
    <Notes>
      {attached.map((note) => (
        <p key={note.id}>
          <Link to={`/techniques/${note.id}`}>{note.title}</Link> <Quietly>{note.why}</Quietly>
        </p>
      ))}
      {attached.length > 0 ? (
        <Field
          label={`For this step, about ${attached[0]!.title}`}
          hideLabel
          placeholder="What is different in this step"
          value={step.techniqueNote}
          onChange={(techniqueNote) => onChange({ ...step, techniqueNote })}
        />
      ) : null}
      <Choice
        label={`Attach a note to step ${index + 1}`}
        hideLabel
        value=""
        options={options}
        onChange={(id) => {
          if (id)
            onChange({
              ...step,
              techniques: [...step.techniques, id],
              declined: step.declined?.filter((key) => key !== `technique:${id}`),
            });
        }}
      />
    </Notes>
  );
}

function StepMore({ step, recipe, onChange }: Pick<StepEditorProps, 'step' | 'recipe' | 'onChange'>) {
  const whole = (set: (value: number) => void) => (value: number) => {
    if (Number.isInteger(value) && value >= 0) set(value);
  };
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
        <Choice
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
            take out
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

function AddStep({ recipe, change }: Pick<ColumnProps, 'recipe' | 'change'>) {
  const [text, setText] = useState('');
  const add = () => {
    if (!text.trim()) return;
    change({
      steps: addStep(
        recipe.steps,
        emptyStep(nextId('s', recipe.steps), recipe.components[0]?.id ?? 'c1', text.trim(), []),
      ),
    });
    setText('');
  };
  return (
    <Field
      label="Add a step"
      hideLabel
      placeholder="Add a step, then Enter"
      value={text}
      onChange={setText}
      onEnter={add}
      onBlur={add}
    />
  );
}
