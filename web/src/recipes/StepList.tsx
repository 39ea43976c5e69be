import { type ReactNode, useState } from 'react';
import { useQuery } from '@tanstack/react-query';
import type { CautionFinding, Recipe, RecipeStep, TechniqueNote } from '@fornax/core';
import { Link } from 'react-router';
import styled from 'styled-components';
import { techniquesQuery } from '../api/queries.js';
import { lazyPart } from '../parts/lazy-part.js';
import { Loading, Quietly } from '../parts/states.js';
import { Cautions } from './Cautions.js';

/** Written in Markdown, which takes more script than all else of a step: it comes as a note is opened. */
const TechniqueText = lazyPart(
  () => import('../parts/technique/TechniqueText.js').then((module) => module.TechniqueText),
  () => <Loading what="the note" />,
);

const List = styled.ol`
  border-top: 1px solid ${({ theme }) => theme.colour.ink};
`;
const Step = styled.li<{ $beside: boolean; $chosen: boolean }>`
  background: ${({ theme, $chosen }) => ($chosen ? theme.colour.basilPale : 'transparent')};
  display: grid;
  grid-template-columns: 1.75rem minmax(0, 1fr) ${({ $beside }) => ($beside ? 'minmax(0, 340px)' : '')};
  gap: 0.25rem 1.25rem;
  padding: 0.75rem 0;
  border-bottom: 1px solid ${({ theme }) => theme.colour.hairline};
  break-inside: avoid;
  @media (max-width: 50em) {
    grid-template-columns: 1.75rem minmax(0, 1fr);
    > aside {
      grid-column: 2;
    }
  }
`;
const Number = styled.span`
  font: 700 1rem/1.25rem ${({ theme }) => theme.font.heading};
`;
const NumberButton = styled.button`
  align-self: start;
  min-height: 1.75rem;
  padding: 0;
  border: 0;
  background: transparent;
  font: 700 1rem/1.25rem ${({ theme }) => theme.font.heading};
  text-align: left;
  text-decoration: underline;
  text-decoration-color: ${({ theme }) => theme.colour.hairline};
  text-underline-offset: 4px;
  cursor: pointer;
  @media (pointer: coarse) {
    min-height: 2.75rem;
  }
`;
const Text = styled.p`
  white-space: pre-line;
  overflow-wrap: anywhere;
`;
const Facts = styled.p`
  color: ${({ theme }) => theme.colour.quiet};
  font-size: ${({ theme }) => theme.size.small};
  line-height: 1.125rem;
`;
const Note = styled.details`
  font-size: ${({ theme }) => theme.size.small};
  line-height: 1.125rem;
  & + & {
    margin-top: 0.25rem;
  }
  summary {
    cursor: pointer;
    font-weight: 700;
    color: ${({ theme }) => theme.colour.basil};
  }
`;
const Why = styled.span`
  display: block;
  padding-left: 0.875rem;
  color: ${({ theme }) => theme.colour.quiet};
  font-weight: 400;
  [open] & {
    display: none;
  }
`;
const Own = styled.p`
  margin-bottom: 0.25rem;
  padding-left: 0.5rem;
  border-left: 3px solid ${({ theme }) => theme.colour.basil};
  font-size: ${({ theme }) => theme.size.small};
`;

/** What a page shows with each step beside what every page does. */
export interface StepParts {
  /** Above its words. */
  readonly above: (step: RecipeStep) => ReactNode;
  readonly isChosen: (step: RecipeStep) => boolean;
  readonly onChoose: (step: RecipeStep) => void;
}

/** The steps in order, each with its minutes and, beside it, the technique notes it has. */
export function StepList({
  recipe,
  notesBeside = false,
  cautions = [],
  parts,
}: {
  recipe: Recipe;
  notesBeside?: boolean;
  cautions?: readonly CautionFinding[];
  parts?: StepParts;
}) {
  const { data: notes = [] } = useQuery(techniquesQuery);
  if (recipe.steps.length === 0)
    return (
      <>
        <h2>Steps</h2>
        <Quietly>No steps yet: this dish takes no time in a plan until it has some.</Quietly>
      </>
    );
  return (
    <>
      <h2>Steps</h2>
      <List>
        {recipe.steps.map((step, index) => (
          <Step key={step.id} $beside={notesBeside} $chosen={parts?.isChosen(step) ?? false}>
            {parts ? (
              <NumberButton
                type="button"
                aria-label={`Step ${index + 1}: show its row`}
                aria-pressed={parts.isChosen(step)}
                onClick={() => parts.onChoose(step)}
              >
                {index + 1}
              </NumberButton>
            ) : (
              <Number>{index + 1}</Number>
            )}
            <div>
              {parts?.above(step)}
              <Text>{step.text}</Text>
              <Facts>{stepFacts(step)}</Facts>
              <Cautions found={cautions.filter(({ stepId }) => stepId === step.id)} />
              {notesBeside || !step.techniqueNote ? null : <Own>{step.techniqueNote}</Own>}
              {notesBeside ? null : (
                <Facts>
                  {step.techniques.map((id) => notes.find((note) => note.id === id)?.title ?? id).join(' · ')}
                </Facts>
              )}
            </div>
            {notesBeside ? <Notes step={step} number={index + 1} notes={notes} /> : null}
          </Step>
        ))}
      </List>
    </>
  );
}

interface NotesProps {
  step: RecipeStep;
  number: number;
  notes: readonly TechniqueNote[];
}

function Notes({ step, number, notes }: NotesProps) {
  const attached = step.techniques
    .map((id) => notes.find((note) => note.id === id))
    .filter((note) => note !== undefined);
  return (
    <aside aria-label={`Technique notes, step ${number}`}>
      {step.techniqueNote ? <Own>{step.techniqueNote}</Own> : null}
      {attached.map((note) => (
        <AttachedNote key={note.id} note={note} />
      ))}
    </aside>
  );
}

function AttachedNote({ note }: { note: TechniqueNote }) {
  const [wasOpened, setOpened] = useState(false);
  return (
    <Note onToggle={() => setOpened(true)}>
      <summary>
        {note.title} <Why>{note.why}</Why>
      </summary>
      {wasOpened ? <TechniqueText note={note} /> : null}
      <Link to={`/techniques/${note.id}`}>All about it</Link>
    </Note>
  );
}

const places = { 'in class': 'in class', either: 'in class or before', before: 'before class' } as const;

/** "8 min hands-on · 25–30 min oven, 220 °C · in class · keeps 60 min". */
function stepFacts(step: RecipeStep): string {
  const about = step.isWaitEstimated ? '~ ' : '';
  const wait = step.waitMinutes ? `${about}${span(step.waitMinutes)} waiting` : '';
  const occupied = step.occupies
    ? [step.occupies.appliance, step.occupies.setting].filter(Boolean).join(', ')
    : '';
  return [
    `${step.handsOnMinutes} min hands-on`,
    wait,
    occupied,
    step.until,
    places[step.place],
    step.holdMinutes ? `keeps ${minutes(step.holdMinutes)}` : '',
    step.demonstrateMinutes ? `shown ${step.demonstrateMinutes} min` : '',
  ]
    .filter(Boolean)
    .join(' · ');
}

/** "60–75 min", "8–12 h". */
function span({ low, high }: { low: number; high: number }): string {
  if (low === high) return minutes(high);
  return low >= 120
    ? `${Math.round(low / 6) / 10}–${minutes(high)}`
    : high >= 120
      ? `${minutes(low)} – ${minutes(high)}`
      : `${low}–${high} min`;
}

function minutes(count: number): string {
  return count >= 120 ? `${Math.round(count / 6) / 10} h` : `${count} min`;
}
