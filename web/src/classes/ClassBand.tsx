import { useNavigate } from 'react-router';
import { Redo2, Undo2 } from 'lucide-react';
import styled from 'styled-components';
import { counted, showDate } from '@fornax/core';
import { Button } from '../parts/Button.js';
import { countdown, daysAhead, showTimes } from '../parts/dates.js';
import { useKeys, whileNotTyping } from '../parts/useKeys.js';
import { useOpenClass } from './class-context.js';
import { Path } from './Path.js';
import { stopsOf } from './stops.js';

const Band = styled.section`
  display: flex;
  align-items: center;
  justify-content: space-between;
  gap: 1.5rem;
  min-height: 5.75rem;
  padding: 0 1.5rem;
  @media (max-width: 56.25em) {
    flex-direction: column;
    align-items: stretch;
    padding-bottom: 0.5rem;
  }
  /* The running head says it on every page. */
  @media print {
    display: none;
  }
`;
const Title = styled.div`
  min-width: 0;
  max-width: 37.5rem;
  h1 {
    overflow-wrap: anywhere;
    display: -webkit-box;
    -webkit-line-clamp: 2;
    -webkit-box-orient: vertical;
    overflow: hidden;
  }
`;
const Facts = styled.p`
  color: ${({ theme }) => theme.colour.quiet};
  strong {
    color: ${({ theme }) => theme.colour.emberText};
  }
`;
const Saving = styled.div`
  display: flex;
  align-items: center;
  gap: 2px;
  margin-left: -0.5rem;
  color: ${({ theme }) => theme.colour.quiet};
  font-size: ${({ theme }) => theme.size.small};
  button {
    min-height: 1.5rem;
    padding: 2px 0.5rem;
    @media (pointer: coarse) {
      min-width: 2.75rem;
      min-height: 2.75rem;
    }
  }
  @media print {
    display: none;
  }
`;

const saveWords = {
  saved: 'Saved',
  saving: 'Saving …',
  waiting: 'Kept on this device, sent when the server answers',
  refused: 'Not saved: see the field marked below',
} as const;

/** Title, date, countdown and people of a class, with its path. */
export function ClassBand() {
  const { view, plan, editor } = useOpenClass();
  const stops = stopsOf(view, plan);
  useDigits(
    stops.map(({ digit, path }) => [digit, path]),
    view.id,
  );
  return (
    <Band aria-label="This class">
      <Title>
        <h1>{view.title}</h1>
        <Facts>
          {`${showDate(view.startsAt)}, ${showTimes(view.startsAt, view.lengthMinutes)} · `}
          {`${view.people} people, ${plan.portions.stations.sizes.length} stations · `}
          {plan.warnings.length > 0 ? `${counted(plan.warnings.length, 'thing')} open · ` : ''}
          <strong>
            {countdown(view.startsAt)}
            {daysAhead(view.startsAt) < 0 ? ', in the past' : ''}
          </strong>
        </Facts>
        <Saving>
          <Button look="quiet" aria-label="Undo" isDisabled={!editor.canUndo} onPress={editor.undo}>
            <Undo2 size={14} aria-hidden />
          </Button>
          <Button look="quiet" aria-label="Redo" isDisabled={!editor.canRedo} onPress={editor.redo}>
            <Redo2 size={14} aria-hidden />
          </Button>
          <span role="status">{editor.problems[''] ?? saveWords[editor.saveState]}</span>
        </Saving>
      </Title>
      <Path stops={stops} classId={view.id} />
    </Band>
  );
}

/** The digits go to their stop where they are not typed. */
function useDigits(stops: readonly (readonly [string, string])[], classId: string): void {
  const navigate = useNavigate();
  useKeys(
    Object.fromEntries(
      stops.map(([digit, stop]) => [
        digit,
        whileNotTyping(() => void navigate(`/classes/${classId}/${stop}`)),
      ]),
    ),
  );
}
