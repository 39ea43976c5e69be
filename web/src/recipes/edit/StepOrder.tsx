import { useRef, useState, type KeyboardEvent } from 'react';
import styled from 'styled-components';
import { placedSteps, type PlacedStep, type RecipeStep, shortTitle } from '@fornax/core';
import { Quietly } from '../../parts/states.js';

const width = 116;
const height = 40;
const gapAcross = 26;
const gapDown = 10;

const Drawing = styled.div`
  position: relative;
  overflow-x: auto;
  margin: 0.375rem 0 0.25rem;
  padding: 3px;
`;
const Threads = styled.svg`
  position: absolute;
  inset: 3px auto auto 3px;
  pointer-events: none;
  path {
    fill: none;
    stroke: ${({ theme }) => theme.colour.thyme};
    stroke-width: 1.5;
  }
`;
const Node = styled.button<{ $chosen: boolean; $before: boolean }>`
  position: absolute;
  box-sizing: border-box;
  width: ${width}px;
  height: ${height}px;
  padding: 2px 0.375rem;
  overflow: hidden;
  border: 1px solid ${({ theme, $before }) => ($before ? theme.colour.basil : theme.colour.hairline)};
  border-radius: ${({ theme }) => theme.radius};
  background: ${({ theme, $chosen, $before }) =>
    $chosen ? theme.colour.basil : $before ? theme.colour.basilPale : theme.colour.sheet};
  color: ${({ theme, $chosen }) => ($chosen ? theme.colour.sheet : theme.colour.ink)};
  font-size: ${({ theme }) => theme.size.tiny};
  line-height: 1rem;
  text-align: left;
  cursor: pointer;
  span {
    display: -webkit-box;
    -webkit-box-orient: vertical;
    -webkit-line-clamp: 2;
    overflow: hidden;
  }
  &:focus-visible {
    outline: 2px solid ${({ theme }) => theme.colour.basil};
    outline-offset: 1px;
  }
`;

interface StepOrderProps {
  steps: readonly RecipeStep[];
  /** Links a step to one that it comes after, or no longer. */
  onToggle: (id: string, before: string) => void;
}

/**
 * What comes after what, as a drawing: choose a step, then those that must be finished before it; one that is
 * linked already is let go. Arrow keys move between the steps.
 */
export function StepOrder({ steps, onToggle }: StepOrderProps) {
  const [chosen, setChosen] = useState<string | null>(null);
  const nodes = useRef(new Map<string, HTMLButtonElement>());
  const places = placedSteps(steps);
  const at = new Map(places.map((place) => [place.id, place]));
  const titles = new Map(steps.map(({ id, text }, index) => [id, `${index + 1}. ${shortTitle(text)}`]));
  const current = steps.find(({ id }) => id === chosen);
  const press = (id: string) => {
    if (!current) return setChosen(id);
    if (id === chosen) return setChosen(null);
    return onToggle(current.id, id);
  };
  const move = (event: KeyboardEvent, from: PlacedStep) => {
    if (event.key === 'Escape') return setChosen(null);
    const next = nextNode(event.key, from, places);
    if (!next) return undefined;
    event.preventDefault();
    return nodes.current.get(next.id)?.focus();
  };
  return (
    <>
      <Drawing role="group" aria-label="What comes after what">
        <div style={sizeOf(places)}>
          <Threads {...sizeOf(places)} aria-hidden>
            {steps.flatMap((step) =>
              step.after.map((before) => (
                <path key={`${before} ${step.id}`} d={thread(at.get(before), at.get(step.id))} />
              )),
            )}
          </Threads>
          {places.map((place) => (
            <Node
              key={place.id}
              ref={(node) => {
                if (node) nodes.current.set(place.id, node);
                else nodes.current.delete(place.id);
              }}
              type="button"
              style={{ left: left(place), top: top(place) }}
              aria-pressed={place.id === chosen}
              $chosen={place.id === chosen}
              $before={current?.after.includes(place.id) ?? false}
              title={titles.get(place.id)}
              onClick={() => press(place.id)}
              onKeyDown={(event) => move(event, place)}
            >
              <span>{titles.get(place.id)}</span>
            </Node>
          ))}
        </div>
      </Drawing>
      <p aria-live="polite">
        <Quietly>{current ? askFor(current) : unasked}</Quietly>
      </p>
    </>
  );
}

const unasked = 'Steps side by side can be done at once. Choose a step to say what comes before it.';

function askFor({ text }: RecipeStep): string {
  return (
    `What must be finished before “${shortTitle(text)}”? Choose it; one that is linked is let go. ` +
    'Escape ends it.'
  );
}

function left({ column }: PlacedStep): number {
  return column * (width + gapAcross);
}

function top({ row }: PlacedStep): number {
  return row * (height + gapDown);
}

function sizeOf(places: readonly PlacedStep[]): { width: number; height: number } {
  return {
    width: Math.max(...places.map(left)) + width + 4,
    height: Math.max(...places.map(top)) + height + 4,
  };
}

/** A thread from the end of one step to the start of another. */
function thread(before: PlacedStep | undefined, step: PlacedStep | undefined): string {
  if (!before || !step) return '';
  const [x1, y1] = [left(before) + width, top(before) + height / 2];
  const [x2, y2] = [left(step), top(step) + height / 2];
  const bend = Math.min(gapAcross, (x2 - x1) / 2);
  const from = x2 - gapAcross;
  return `M ${x1} ${y1} H ${from} C ${from + bend} ${y1}, ${x2 - bend} ${y2}, ${x2} ${y2}`;
}

/** The step that an arrow key goes to: the nearest in its direction. */
function nextNode(key: string, from: PlacedStep, places: readonly PlacedStep[]): PlacedStep | undefined {
  const way = { ArrowLeft: [-1, 0], ArrowRight: [1, 0], ArrowUp: [0, -1], ArrowDown: [0, 1] }[key];
  if (!way) return undefined;
  const [across, down] = way as [number, number];
  const distance = (to: PlacedStep) =>
    across !== 0
      ? (to.column - from.column) * across * 10 + Math.abs(to.row - from.row)
      : (to.row - from.row) * down * 10 + Math.abs(to.column - from.column);
  return places
    .filter((to) => (across !== 0 ? (to.column - from.column) * across > 0 : (to.row - from.row) * down > 0))
    .sort((a, b) => distance(a) - distance(b))[0];
}
