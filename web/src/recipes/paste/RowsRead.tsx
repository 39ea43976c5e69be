import type { RowKind, RowRead, RowRole } from '@fornax/core';
import styled, { css } from 'styled-components';
import { Button } from '../../parts/Button.js';
import { Quietly } from '../../parts/states.js';

const List = styled.ol`
  margin-top: 0.5rem;
`;
const Item = styled.li<{ $chosen: boolean }>`
  ${({ $chosen, theme }) =>
    $chosen &&
    css`
      background: ${theme.colour.basilPale};
    `}
`;
const Row = styled.button<{ $kind: RowKind }>`
  display: grid;
  grid-template-columns: 4.5rem minmax(0, 1fr);
  gap: 0 0.625rem;
  width: 100%;
  min-height: 1.75rem;
  padding: 3px 0.5rem 3px 0;
  border: 0;
  background: transparent;
  text-align: left;
  cursor: pointer;
  > :first-child {
    color: ${({ theme }) => theme.colour.quiet};
    font-size: ${({ theme }) => theme.size.small};
    text-align: right;
  }
  > :last-child {
    padding-left: 0.625rem;
    border-left: 3px solid ${({ theme, $kind }) => theme.colour[edges[$kind]]};
    overflow-wrap: anywhere;
    color: ${({ theme, $kind }) => (quietKinds.has($kind) ? theme.colour.quiet : theme.colour.ink)};
  }
  @media (pointer: coarse) {
    min-height: 2.75rem;
    align-items: center;
  }
`;
const Roles = styled.div`
  display: flex;
  flex-wrap: wrap;
  gap: 0.375rem;
  padding: 0.25rem 0.5rem 0.5rem 5.125rem;
`;

const quietKinds: ReadonlySet<RowKind> = new Set(['nothing', 'story']);
const edges = {
  title: 'ink',
  line: 'thyme',
  step: 'aubergine',
  note: 'lemon',
  way: 'lemon',
  rescue: 'lemon',
  keeping: 'lemon',
  serving: 'lemon',
  story: 'hairline',
  fact: 'hairline',
  heading: 'quiet',
  nothing: 'hairline',
} as const satisfies Record<RowKind, string>;

const words: Readonly<Record<RowKind, string>> = {
  title: 'title',
  line: 'line',
  step: 'step',
  note: 'note',
  way: 'other way',
  rescue: 'rescue',
  keeping: 'keeping',
  serving: 'serve with',
  story: 'story',
  fact: 'fact',
  heading: 'heading',
  nothing: 'not used',
};

const roles: readonly (readonly [RowRole, string])[] = [
  ['line', 'Ingredient line'],
  ['step', 'Step'],
  ['note', 'Note'],
  ['way', 'Another way'],
  ['heading', 'Heading'],
  ['nothing', 'Leave out'],
];

interface RowsReadProps {
  rows: readonly RowRead[];
  isChosen: (row: RowRead) => boolean;
  /** The row whose roles are offered. */
  open: number | null;
  onChoose: (row: RowRead) => void;
  /** Null gives it back to be read. */
  onRole: (row: RowRead, role: RowRole | null) => void;
}

/** The rows of a text with what each became in the margin; a chosen one can become something else. */
export function RowsRead({ rows, isChosen, open, onChoose, onRole }: RowsReadProps) {
  return (
    <section aria-label="What each row became">
      <Quietly>Choose a row to see what it became, and to change that.</Quietly>
      <List>
        {rows.map((row) => (
          <Item key={row.row} $chosen={isChosen(row)}>
            <Row
              type="button"
              $kind={row.kind}
              aria-pressed={isChosen(row)}
              aria-expanded={open === row.row}
              onClick={() => onChoose(row)}
            >
              <span>{kindOf(row)}</span>
              <span>{row.text.trim()}</span>
            </Row>
            {open === row.row ? (
              <Roles role="group" aria-label={`Row ${row.row + 1} is`}>
                {roles.map(([role, label]) => (
                  <Button key={role} onPress={() => onRole(row, role)}>
                    {label}
                  </Button>
                ))}
                {row.isSaid ? (
                  <Button look="quiet" onPress={() => onRole(row, null)}>
                    As it was read
                  </Button>
                ) : null}
              </Roles>
            ) : null}
          </Item>
        ))}
      </List>
    </section>
  );
}

/** "3 lines", "line, step". */
function kindOf({ kind, lines, steps }: RowRead): string {
  if (kind === 'line' && lines.length > 1)
    return steps.length > 0 ? `${lines.length} lines, step` : `${lines.length} lines`;
  if (kind === 'line' && steps.length > 0) return 'line, step';
  return words[kind];
}
