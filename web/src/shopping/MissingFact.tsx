import { useState } from 'react';
import styled from 'styled-components';
import type { MissingFact as Missing } from '@fornax/core';
import { useLarderRows } from '../api/useLarderRows.js';
import { Button } from '../parts/Button.js';
import { Field } from '../parts/Field.js';

const Form = styled.form`
  display: flex;
  align-items: end;
  gap: 0.5rem;
  max-width: 16.25rem;
  @media print {
    display: none;
  }
`;

/** Asks for the figure that a row lacks, and keeps it in the larder: all lists count with it from then on. */
export function MissingFact({
  ingredient,
  name,
  missing,
}: {
  ingredient: string;
  name: string;
  missing: Missing;
}) {
  const entries = useLarderRows();
  const [typed, setTyped] = useState('');
  const [problem, setProblem] = useState('');
  const keep = () => {
    const value = Number(typed.replace(',', '.'));
    if (typed.trim() === '' || !(value > 0)) return setProblem(`“${typed}” is not a weight: write a number.`);
    void entries
      .setFigure(ingredient, missing.figure, value)
      .catch((error: Error) => setProblem(error.message));
  };
  return (
    <Form
      noValidate
      onSubmit={(event) => {
        event.preventDefault();
        keep();
      }}
    >
      <Field
        label={`${name}, ${missing.unit}`}
        inputMode="decimal"
        value={typed}
        onChange={(text) => {
          setTyped(text);
          setProblem('');
        }}
        problem={problem}
      />
      <Button type="submit">Keep it</Button>
    </Form>
  );
}
