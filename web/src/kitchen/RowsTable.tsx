import { useState } from 'react';
import { X } from 'lucide-react';
import styled from 'styled-components';
import { VisuallyHidden } from '../theme/visually-hidden.js';
import { Button } from '../parts/Button.js';
import { Choice } from '../parts/Choice.js';
import { Field } from '../parts/Field.js';
import { editedRowsAreOneStop } from '../parts/one-stop.js';

const Table = styled.table`
  width: 100%;
  max-width: 53.75rem;
  td,
  th {
    padding: 3px 0.75rem 3px 0;
    text-align: left;
    vertical-align: top;
  }
  th {
    font-weight: 400;
    color: ${({ theme }) => theme.colour.quiet};
    border-bottom: 1.5px solid ${({ theme }) => theme.colour.ink};
  }
`;
const Scroll = styled.div`
  position: relative;
  overflow-x: auto;
  margin-bottom: 0.5rem;
  padding: 2px;
`;

/** A column of a list that is edited in place: words, a number, or one of a few. */
export interface Column<T> {
  readonly title: string;
  readonly width?: string;
  readonly read: (row: T) => string;
  /** The row with what was typed; a sentence where that cannot be. */
  readonly write: (row: T, text: string) => T | string;
  readonly options?: readonly { readonly id: string; readonly name: string }[];
}

interface Props<T> {
  label: string;
  rows: readonly T[];
  columns: readonly Column<T>[];
  nameOf: (row: T) => string;
  onChange: (rows: readonly T[]) => void;
  makeRow: () => T;
  addWords: string;
}

/** Rows that are edited where they stand, with a way to add one and to take one out. */
export function RowsTable<T>({ label, rows, columns, nameOf, onChange, makeRow, addWords }: Props<T>) {
  const change = (at: number, row: T) => onChange(rows.map((each, index) => (index === at ? row : each)));
  return (
    <>
      <Scroll>
        <Table aria-label={label} ref={editedRowsAreOneStop}>
          <thead>
            <tr>
              {columns.map((column) => (
                <th key={column.title} scope="col" style={column.width ? { width: column.width } : undefined}>
                  {column.title}
                </th>
              ))}
              <th scope="col">
                <VisuallyHidden>Remove</VisuallyHidden>
              </th>
            </tr>
          </thead>
          <tbody>
            {rows.map((row, place) => (
              <tr key={place}>
                {columns.map((column) => (
                  <td key={column.title}>
                    <Cell
                      label={`${column.title} of ${nameOf(row) || 'the new row'}`}
                      column={column}
                      row={row}
                      onChange={(next) => change(place, next)}
                    />
                  </td>
                ))}
                <td>
                  <Button
                    look="quiet"
                    aria-label={`Take ${nameOf(row) || 'the new row'} out`}
                    onPress={() => onChange(rows.filter((_, index) => index !== place))}
                  >
                    <X size={15} aria-hidden />
                  </Button>
                </td>
              </tr>
            ))}
          </tbody>
        </Table>
      </Scroll>
      <Button onPress={() => onChange([...rows, makeRow()])}>{addWords}</Button>
    </>
  );
}

function Cell<T>({
  label,
  column,
  row,
  onChange,
}: {
  label: string;
  column: Column<T>;
  row: T;
  onChange: (row: T) => void;
}) {
  const [typed, setTyped] = useState<string | null>(null);
  const [problem, setProblem] = useState('');
  const change = (text: string) => {
    setTyped(text);
    const next = column.write(row, text);
    setProblem(typeof next === 'string' ? next : '');
    if (typeof next !== 'string') onChange(next);
  };
  if (column.options)
    return (
      <Choice label={label} hideLabel value={column.read(row)} options={column.options} onChange={change} />
    );
  return (
    <Field
      label={label}
      hideLabel
      value={typed ?? column.read(row)}
      onChange={change}
      onBlur={() => {
        if (!problem) setTyped(null);
      }}
      problem={problem || undefined}
      maxLength={80}
    />
  );
}

/** A whole number within limits, or the sentence that says why not. */
export function wholeNumber<T>(
  most: number,
  set: (row: T, value: number) => T,
  least = 0,
): (row: T, text: string) => T | string {
  return (row, text) =>
    /^\s*\d+\s*$/.test(text) && Number(text) <= most && Number(text) >= least
      ? set(row, Number(text))
      : `Write a whole number from ${least} to ${most}.`;
}

/** Words that must not be empty. */
export function someWords<T>(set: (row: T, text: string) => T): (row: T, text: string) => T | string {
  return (row, text) => (text.trim() ? set(row, text) : 'Write a name.');
}
