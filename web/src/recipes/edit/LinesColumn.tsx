import { useState } from 'react';
import { restrictToVerticalAxis } from '@dnd-kit/modifiers';
import {
  componentRoles,
  lineOf,
  moveLine,
  nextId,
  parseIngredientLine,
  removeComponent,
  type ComponentRole,
  type Larder,
  type Recipe,
  type RecipeComponent,
  type RecipeLine,
} from '@fornax/core';
import styled from 'styled-components';
import { closestCenter, DndContext, useDroppable, type DragEndEvent } from '@dnd-kit/core';
import { SortableContext, verticalListSortingStrategy } from '@dnd-kit/sortable';
import { X } from 'lucide-react';
import { Button } from '../../parts/Button.js';
import { spokenMoves, useDragSensors, useMovable } from '../../parts/dragging.js';
import { Choice } from '../../parts/Choice.js';
import { Field } from '../../parts/Field.js';
import { Row } from '../../parts/states.js';
import { LineEditor } from '../LineEditor.js';
import { SubRecipe } from './SubRecipe.js';

const Part = styled.section`
  margin: 0 0 1.25rem;
`;
const Head = styled.div`
  display: grid;
  grid-template-columns: minmax(0, 1fr) 7.25rem auto;
  gap: 0.375rem;
  align-items: center;
  margin-bottom: 0.25rem;
  input {
    font-weight: 700;
  }
`;
const Item = styled.li`
  display: flex;
  align-items: flex-start;
  gap: 2px;
  border-bottom: 1px solid ${({ theme }) => theme.colour.hairline};
  background: ${({ theme }) => theme.colour.sheet};
`;
const Add = styled.div`
  margin: 0.375rem 0 0 1.625rem;
`;

export interface ColumnProps {
  recipe: Recipe;
  recipeId: string;
  larder: Larder;
  change: (patch: Partial<Recipe>) => void;
  problems: Readonly<Record<string, string>>;
}

/** The lines of a recipe by component: written, read as one types, moved by hand. */
export function LinesColumn({ recipe, recipeId, larder, change }: ColumnProps) {
  const sensors = useDragSensors();
  const drop = ({ active, over }: DragEndEvent) => {
    if (!over || over.id === active.id) return;
    const isComponent = recipe.components.some((component) => component.id === over.id);
    change({
      lines: moveLine(
        recipe.lines,
        String(active.id),
        isComponent
          ? { endOf: String(over.id) }
          : droppedAt(recipe.lines, String(active.id), String(over.id)),
      ),
    });
  };
  const addComponent = () =>
    change({
      components: [
        ...recipe.components,
        { id: nextId('c', recipe.components), name: 'New component', role: 'base' },
      ],
    });
  return (
    <DndContext
      sensors={sensors}
      collisionDetection={closestCenter}
      modifiers={[restrictToVerticalAxis]}
      onDragEnd={drop}
      accessibility={spokenMoves(
        (id) =>
          recipe.lines.find((line) => line.id === id)?.text ??
          recipe.components.find((component) => component.id === id)?.name ??
          '',
      )}
    >
      <h2>Lines</h2>
      {recipe.components.map((component) => (
        <ComponentPart
          key={component.id}
          component={component}
          recipe={recipe}
          recipeId={recipeId}
          larder={larder}
          change={change}
        />
      ))}
      <Row>
        <Button onPress={addComponent}>Add a component</Button>
      </Row>
    </DndContext>
  );
}

/** Dropped on a line further down it goes behind that line, as it is seen to do. */
function droppedAt(
  lines: readonly RecipeLine[],
  id: string,
  over: string,
): { before: string } | { endOf: string } {
  const [from, to] = [lines.findIndex((line) => line.id === id), lines.findIndex((line) => line.id === over)];
  if (from > to) return { before: over };
  const next = lines[to + 1];
  return next && next.componentId === lines[to]!.componentId
    ? { before: next.id }
    : { endOf: lines[to]!.componentId };
}

function ComponentPart({
  component,
  recipe,
  recipeId,
  larder,
  change,
}: Omit<ColumnProps, 'problems'> & { component: RecipeComponent }) {
  const own = recipe.lines.filter((line) => line.componentId === component.id);
  // Only an empty component is a place of its own: in the others a line is dropped among the lines.
  const { setNodeRef } = useDroppable({ id: component.id, disabled: own.length > 0 });
  const changeComponent = (to: Partial<RecipeComponent>) =>
    change({
      components: recipe.components.map((each) => (each.id === component.id ? { ...each, ...to } : each)),
    });
  const changeLine = (changed: RecipeLine) =>
    change({ lines: recipe.lines.map((line) => (line.id === changed.id ? changed : line)) });
  return (
    <Part aria-label={component.name} ref={setNodeRef}>
      <ComponentHead
        component={component}
        onChange={changeComponent}
        onRemove={() => change(removeComponent(recipe, component.id))}
        isOnly={recipe.components.length < 2}
      />
      {own.length === 0 || component.recipe ? (
        <SubRecipe
          component={component}
          recipeId={recipeId}
          onChange={(sub) => changeComponent({ recipe: sub })}
        />
      ) : null}
      <SortableContext items={own.map((line) => line.id)} strategy={verticalListSortingStrategy}>
        <ul aria-label={`Lines of ${component.name}`}>
          {own.map((line) => (
            <SortableLine
              key={line.id}
              line={line}
              index={recipe.lines.indexOf(line)}
              recipe={recipe}
              larder={larder}
              onChange={changeLine}
              onRemove={() => change(withoutLine(recipe, line.id))}
              onMove={(componentId) =>
                change({ lines: moveLine(recipe.lines, line.id, { endOf: componentId }) })
              }
            />
          ))}
        </ul>
      </SortableContext>
      <AddLine component={component} recipe={recipe} larder={larder} change={change} />
    </Part>
  );
}

/** The recipe's parts without a line, which no step uses any more. */
function withoutLine(recipe: Recipe, id: string): Pick<Recipe, 'lines' | 'steps'> {
  return {
    lines: recipe.lines.filter((each) => each.id !== id),
    steps: recipe.steps.map((step) => ({ ...step, uses: step.uses.filter((use) => use.line !== id) })),
  };
}

function ComponentHead({
  component,
  onChange,
  onRemove,
  isOnly,
}: {
  component: RecipeComponent;
  onChange: (to: Partial<RecipeComponent>) => void;
  onRemove: () => void;
  isOnly: boolean;
}) {
  return (
    <Head>
      <Field
        label="Component"
        hideLabel
        value={component.name}
        onChange={(name) => {
          if (name.trim()) onChange({ name });
        }}
        maxLength={80}
      />
      <Choice<ComponentRole>
        label={`Role of ${component.name}`}
        hideLabel
        value={component.role}
        options={componentRoles.map((id) => ({ id, name: id }))}
        onChange={(role) => onChange({ role })}
      />
      <Button
        look="quiet"
        aria-label={`Remove the component ${component.name}`}
        isDisabled={isOnly}
        onPress={onRemove}
      >
        <X size={15} aria-hidden />
      </Button>
    </Head>
  );
}

interface SortableLineProps {
  line: RecipeLine;
  index: number;
  recipe: Recipe;
  larder: Larder;
  onChange: (line: RecipeLine) => void;
  onRemove: () => void;
  onMove: (componentId: string) => void;
}

function SortableLine({ line, index, recipe, larder, onChange, onRemove, onMove }: SortableLineProps) {
  const { setNodeRef, style, handle } = useMovable(line.id, `Move line ${index + 1}, ${line.text}`);
  return (
    <Item ref={setNodeRef} style={style}>
      <LineEditor
        line={line}
        index={index}
        system={recipe.system}
        larder={larder}
        onChange={onChange}
        onRemove={onRemove}
        components={recipe.components}
        choices={recipe.choices}
        onMove={onMove}
        handle={handle}
      />
    </Item>
  );
}

function AddLine({
  component,
  recipe,
  larder,
  change,
}: Pick<ColumnProps, 'recipe' | 'larder' | 'change'> & { component: RecipeComponent }) {
  const [text, setText] = useState('');
  const add = () => {
    if (!text.trim()) return;
    const id = nextId('l', recipe.lines);
    const line = {
      ...lineOf(
        parseIngredientLine(text, { system: recipe.system, larder }),
        recipe.lines.length,
        component.id,
        larder,
      ),
      id,
    };
    const last = recipe.lines.map((each) => each.componentId).lastIndexOf(component.id);
    const at = last < 0 ? recipe.lines.length : last + 1;
    change({ lines: [...recipe.lines.slice(0, at), line, ...recipe.lines.slice(at)] });
    setText('');
  };
  return (
    <Add>
      <Field
        label={`Add a line to ${component.name}`}
        hideLabel
        placeholder="Add a line, then Enter"
        value={text}
        onChange={setText}
        onEnter={add}
        onBlur={add}
        maxLength={400}
      />
    </Add>
  );
}
