import { useState } from 'react';
import { closestCenter, DndContext, type DragEndEvent } from '@dnd-kit/core';
import { restrictToVerticalAxis } from '@dnd-kit/modifiers';
import { useQuery } from '@tanstack/react-query';
import styled from 'styled-components';
import { SortableContext, verticalListSortingStrategy } from '@dnd-kit/sortable';
import { X } from 'lucide-react';
import {
  addStep,
  emptyStep,
  findInSteps,
  moveStep,
  nextId,
  removeStep,
  type RecipeStep,
  retold,
  toggleAfter,
  workOf,
} from '@fornax/core';
import { techniquesQuery } from '../../api/queries.js';
import { Button } from '../../parts/Button.js';
import { spokenMoves, useDragSensors, useMovable } from '../../parts/dragging.js';
import { Field } from '../../parts/Field.js';
import { ActChips } from './ActChips.js';
import { AfterChips } from './AfterChips.js';
import { AttachedNotes } from './AttachedNotes.js';
import { FindingChips } from './FindingChips.js';
import type { ColumnProps } from './LinesColumn.js';
import type { StepEditorProps } from './step-editor-props.js';
import { StepMinutes, StepMore } from './StepMinutes.js';
import { StepOrder } from './StepOrder.js';

const Problem = styled.p`
  margin: 0.25rem 0 0.5rem;
  color: ${({ theme }) => theme.colour.beet};
`;
const Item = styled.li`
  display: flex;
  gap: 2px;
  padding: 0.5rem 0 0.75rem;
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
  gap: 0.375rem;
  align-items: start;
  textarea {
    min-height: 3.25rem;
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
    recipe.components,
  );
  const work = workOf({ ...recipe, larder });
  const [problem, setProblem] = useState('');
  const toggle = (id: string, before: string) => {
    const linked = toggleAfter(recipe.steps, id, before);
    setProblem('problem' in linked ? linked.problem : '');
    if ('steps' in linked) change({ steps: [...linked.steps] });
  };
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
      {recipe.steps.length > 1 ? <StepOrder steps={recipe.steps} onToggle={toggle} /> : null}
      {problem ? <Problem role="alert">{problem}</Problem> : null}
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
              work={work[index]!}
              onToggleAfter={(before) => toggle(step.id, before)}
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

function StepEditor(props: StepEditorProps) {
  const { step, index, recipe, findings, notes, work, onChange, onRemove } = props;
  const { setNodeRef, style, handle } = useMovable(step.id, `Move step ${index + 1}`);
  return (
    <Item ref={setNodeRef} style={style}>
      {handle}
      <Body>
        <Head>
          <Field
            label={`Step ${index + 1}`}
            hideLabel
            rows={2}
            value={step.text}
            onChange={(text) => {
              if (text.trim()) onChange(retold(step, text));
            }}
          />
          <Button look="quiet" aria-label={`Remove step ${index + 1}`} onPress={onRemove}>
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
        <ActChips step={step} index={index} recipe={recipe} onChange={onChange} />
        <AfterChips {...props} />
        <StepMinutes step={step} work={work} onChange={onChange} />
        <AttachedNotes step={step} index={index} notes={notes} onChange={onChange} />
        <StepMore step={step} recipe={recipe} onChange={onChange} />
      </Body>
    </Item>
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
