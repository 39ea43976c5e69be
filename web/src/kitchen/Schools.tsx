import { useState } from 'react';
import {
  type School,
  schoolFigure,
  type SchoolFigure,
  schoolFigureKey,
  schoolFigureProblem,
  schoolFigures,
  schools,
  schoolTarget,
} from '@fornax/core';
import styled from 'styled-components';
import type { KitchenEdits } from '../api/rows.js';
import { Button } from '../parts/Button.js';
import { Field } from '../parts/Field.js';
import { Quietly } from '../parts/states.js';
import { without } from '../parts/without.js';
import type { KitchenEditor } from './useKitchenEditor.js';

const List = styled.div`
  max-width: 53.75rem;
  section {
    padding: 0.75rem 0;
    border-bottom: 1px solid ${({ theme }) => theme.colour.hairline};
  }
`;
const Figures = styled.div`
  display: grid;
  grid-template-columns: repeat(6, minmax(0, 1fr));
  gap: 0.5rem 0.75rem;
  align-items: start;
  margin-top: 0.375rem;
  @media (max-width: 43.75em) {
    grid-template-columns: repeat(3, minmax(0, 1fr));
  }
`;
const labels: Readonly<Record<SchoolFigure, string>> = {
  ratio: 'Oil to 1 acid',
  'salt from': 'Salt from, %',
  'salt to': 'Salt to, %',
  'sugar to': 'Sugar to, %',
  'acid from': 'Acid from, %',
  'acid to': 'Acid to, %',
};

/** The schools of dressing as this kitchen teaches them: parts and windows, its own in place of the usual. */
export function Schools({ kitchen, editor }: { kitchen: KitchenEdits; editor: KitchenEditor }) {
  const own = kitchen.schools ?? {};
  const set = (key: string, value: number) => editor.edit({ schools: { ...own, [key]: value } });
  return (
    <List>
      {schools.map((school) => {
        const keys = schoolFigures.map((figure) => schoolFigureKey(school, figure));
        return (
          <section key={school} aria-label={school}>
            <strong>{school}</strong>{' '}
            <Quietly>
              suits {schoolTarget(school).suits}. {schoolTarget(school).why}
            </Quietly>{' '}
            {keys.some((key) => own[key] !== undefined) ? (
              <Button look="quiet" onPress={() => editor.edit({ schools: without(own, ...keys) })}>
                Back to the usual
              </Button>
            ) : null}
            <Figures>
              {schoolFigures
                .filter((figure) => schoolFigure(school, figure, own) !== null)
                .map((figure) => (
                  <OneFigure
                    key={figure}
                    school={school}
                    figure={figure}
                    value={schoolFigure(school, figure, own)!}
                    onSet={set}
                  />
                ))}
            </Figures>
          </section>
        );
      })}
    </List>
  );
}

interface OneFigureProps {
  school: School;
  figure: SchoolFigure;
  value: number;
  onSet: (key: string, value: number) => void;
}

/** A figure that takes effect while it is typed; one that cannot be stays in its box with why. */
function OneFigure({ school, figure, value, onSet }: OneFigureProps) {
  const [typed, setTyped] = useState<string | null>(null);
  const key = schoolFigureKey(school, figure);
  const read = (text: string) => (text.trim() === '' ? Number.NaN : Number(text.replace(',', '.')));
  const problem = typed === null ? '' : schoolFigureProblem(key, read(typed));
  const change = (text: string) => {
    setTyped(text);
    if (schoolFigureProblem(key, read(text)) === '') onSet(key, read(text));
  };
  return (
    <Field
      label={labels[figure]}
      value={typed ?? String(Math.round(value * 100) / 100)}
      inputMode="decimal"
      onChange={change}
      onBlur={() => (problem ? undefined : setTyped(null))}
      problem={problem}
    />
  );
}
