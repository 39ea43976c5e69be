import { useState } from 'react';
import styled from 'styled-components';
import { type Ingredient, type LarderFigure, missingFigures, moneyProblem } from '@fornax/core';
import { Button } from '../parts/Button.js';
import { Choice } from '../parts/Choice.js';
import { Field } from '../parts/Field.js';
import { useSay } from '../parts/toasts.js';
import type { LarderEntries } from '../api/useLarderEntries.js';

const Box = styled.input<{ $wrong: boolean }>`
  width: 5.25rem;
  min-height: 1.875rem;
  padding: 2px 0.5rem;
  text-align: right;
  font: inherit;
  font-variant-numeric: tabular-nums;
  border: 1px solid ${({ $wrong, theme }) => ($wrong ? theme.colour.beet : '#98a29b')};
  border-radius: ${({ theme }) => theme.radius};
  &:focus-visible {
    outline: 2px solid ${({ theme }) => theme.colour.basil};
  }
  @media (pointer: coarse) {
    min-height: 2.75rem;
  }
`;
/** Why what was typed is not taken. */
export const Problem = styled.p`
  color: ${({ theme }) => theme.colour.beet};
  font-size: ${({ theme }) => theme.size.small};
  line-height: 1.125rem;
  white-space: normal;
`;
const Measured = styled.strong`
  color: ${({ theme }) => theme.colour.basil};
`;
const Adding = styled.form`
  display: flex;
  flex-wrap: wrap;
  align-items: flex-end;
  gap: 0.5rem 0.75rem;
  max-width: 40rem;
  margin-bottom: 1.25rem;
  > .which {
    flex: 1 1 15rem;
  }
  > .value {
    flex: 0 1 8.75rem;
  }
  > p {
    flex: 1 0 100%;
  }
`;
const sourceWords: Readonly<Record<LarderFigure['source'], string>> = {
  standard: 'standard',
  label: 'a label',
  estimate: '~ an estimate',
  measured: 'measured here',
};
/** One figure of an ingredient: typed in place, kept when it is left. */
export function FigureRow({
  figure,
  ingredient,
  entries,
}: {
  figure: LarderFigure;
  ingredient: Ingredient;
  entries: LarderEntries;
}) {
  const [typed, setTyped] = useState<string | null>(null);
  const [problem, setProblem] = useState('');
  const say = useSay();
  const leave = () => {
    setTyped(null);
    setProblem('');
  };
  const save = async () => {
    if (typed === null || typed.trim() === '' || numberOf(typed) === figure.value) return setTyped(null);
    const money = moneyOf(figure.key, typed, entries);
    if (money) return setProblem(money);
    await entries
      .setFigure(ingredient.id, figure.key, numberOf(typed))
      .then(leave, (error: Error) => setProblem(error.message));
  };
  const putBack = () =>
    void entries.setFigure(ingredient.id, figure.key, null).catch((error: Error) => say(error.message));
  return (
    <tr>
      <td>
        <label htmlFor={`figure-${figure.key}`}>{figure.label}</label>
      </td>
      <td>
        <FigureBox
          figure={figure}
          typed={typed}
          problem={problem}
          onType={setTyped}
          onSave={() => void save()}
          onEscape={leave}
        />
      </td>
      <td>
        {figure.source === 'measured' ? (
          <Measured>{sourceWords.measured}</Measured>
        ) : (
          sourceWords[figure.source]
        )}
      </td>
      <td>
        {figure.source === 'measured' && !ingredient.own ? (
          <Button look="quiet" aria-label={`Put the standard figure back: ${figure.label}`} onPress={putBack}>
            standard
          </Button>
        ) : null}
      </td>
    </tr>
  );
}

function FigureBox({
  figure,
  typed,
  problem,
  onType,
  onSave,
  onEscape,
}: {
  figure: LarderFigure;
  typed: string | null;
  problem: string;
  onType: (text: string) => void;
  onSave: () => void;
  onEscape: () => void;
}) {
  const id = `figure-${figure.key}`;
  return (
    <>
      <Box
        id={id}
        inputMode="decimal"
        value={typed ?? String(figure.value)}
        $wrong={problem !== ''}
        aria-invalid={problem !== ''}
        aria-describedby={problem ? `${id}-problem` : undefined}
        onChange={(event) => onType(event.target.value)}
        onBlur={onSave}
        onKeyDown={(event) => {
          if (event.key === 'Enter') onSave();
          if (event.key === 'Escape') onEscape();
        }}
      />{' '}
      {figure.unit}
      {problem ? (
        <Problem id={`${id}-problem`} role="alert">
          {problem}
        </Problem>
      ) : null}
    </>
  );
}

/** A number with a point or a comma; not a number where nothing is written. */
const numberOf = (typed: string) =>
  typed.trim() === ''
    ? Number.NaN
    : Number(
        typed
          .replace(/[£€$¥]/g, '')
          .trim()
          .replace(',', '.'),
      );
/** Why a price as it was typed is not taken: it is in another money than the kitchen's. */
const moneyOf = (key: string, typed: string, entries: LarderEntries) =>
  key.startsWith('price') ? moneyProblem(typed, entries.currency) : '';

/** A figure that the larder does not have of this ingredient, measured and written here. */
export function AddFigure({ ingredient, entries }: { ingredient: Ingredient; entries: LarderEntries }) {
  const missing = missingFigures(ingredient);
  const [chosen, setChosen] = useState('');
  const [typed, setTyped] = useState('');
  const [problem, setProblem] = useState('');
  const figure = missing.find(({ key }) => key === chosen) ?? missing[0];
  if (!figure) return null;
  const add = () =>
    moneyOf(figure.key, typed, entries)
      ? Promise.resolve(setProblem(moneyOf(figure.key, typed, entries)))
      : entries.setFigure(ingredient.id, figure.key, numberOf(typed)).then(
          () => {
            setChosen('');
            setTyped('');
            setProblem('');
          },
          (error: Error) => setProblem(error.message),
        );
  return (
    <Adding
      noValidate
      aria-label="Add a figure"
      onSubmit={(event) => {
        event.preventDefault();
        void add();
      }}
    >
      <div className="which">
        <Choice
          label="A figure that is missing"
          value={figure.key}
          options={missing.map(({ key, label }) => ({ id: key, name: label }))}
          onChange={(key) => {
            setChosen(key);
            setProblem('');
          }}
        />
      </div>
      <div className="value">
        <Field label={figure.unit || 'as a share, 0 to 1'} value={typed} onChange={setTyped} />
      </div>
      <Button type="submit">Add it</Button>
      {problem ? <Problem role="alert">{problem}</Problem> : null}
    </Adding>
  );
}
