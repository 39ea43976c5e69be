import { useState } from 'react';
import { type AlternativeOption, capital, type LineAlternatives } from '@fornax/core';
import styled from 'styled-components';
import { Quietly } from '../parts/states.js';
import { useOpenClass } from './class-context.js';
import { useDecisions } from './useDecisions.js';
import { without } from '../parts/without.js';

const Open = styled.ul`
  margin-top: 2px;
  font-size: ${({ theme }) => theme.size.small};
  line-height: 1.125rem;
  white-space: normal;
`;
const Take = styled.button`
  min-height: 1.5rem;
  padding: 0;
  border: 0;
  background: none;
  color: ${({ theme }) => theme.colour.basil};
  font: inherit;
  text-align: left;
  text-decoration: underline dotted;
  text-underline-offset: 3px;
  cursor: pointer;
  @media (pointer: coarse) {
    min-height: 2rem;
  }
  @media print {
    display: none;
  }
`;
const Group = styled.span`
  color: ${({ theme }) => theme.colour.lemonText};
`;

/** More lines are opened by a press. */
const mostLines = 4;

/** What the recipes of a class leave open of a dish. */
export function OpenLinesOf({ dishId }: { dishId: string }) {
  const { plan } = useOpenClass();
  return <OpenLines lines={plan.alternatives.filter((line) => line.dishId === dishId)} />;
}

/** The recipes' own "or …" and the groups that the shopper fills: each option one press, with its effect. */
export function OpenLines({
  lines,
  showDish = false,
}: {
  lines: readonly LineAlternatives[];
  /** Beside other dishes, the line says which one it is of. */
  showDish?: boolean;
}) {
  const [isWhole, setWhole] = useState(false);
  if (lines.length === 0) return null;
  const shown = isWhole ? lines : lines.slice(0, mostLines);
  return (
    <Open aria-label="Left open by the recipe">
      {shown.map((line) => (
        <li key={line.key}>
          {showDish ? <Quietly>{line.dish}: </Quietly> : null}
          {line.taken === null ? <Options line={line} /> : <Taken line={line} taken={line.taken} />}
        </li>
      ))}
      {shown.length < lines.length ? (
        <li>
          <Take type="button" onClick={() => setWhole(true)}>
            and {lines.length - shown.length} more left open
          </Take>
        </li>
      ) : null}
    </Open>
  );
}

function Options({ line }: { line: LineAlternatives }) {
  const isUnfilled = line.ingredient === null && line.group !== '';
  return (
    <>
      {line.group ? (
        <Group>
          {capital(line.name)}: {line.group}.
          {isUnfilled && line.options.length > 0 ? ' Choose one:' : ''}{' '}
        </Group>
      ) : (
        <>{capital(line.name)} </>
      )}
      {line.options.map((option, index) => (
        <span key={option.text}>
          {isUnfilled ? (index > 0 ? ', ' : '') : ' or '}
          <Option line={line} option={option} />
        </span>
      ))}
    </>
  );
}

function Option({ line, option }: { line: LineAlternatives; option: AlternativeOption }) {
  const { decisions, decide } = useDecisions();
  // In the recipe's own words, by which it is known.
  const own = option.text;
  const effect = [option.inCupboard ? 'in the cupboard' : '', option.effect].filter(Boolean).join('; ');
  const take = () =>
    decide(
      { alternatives: { ...decisions.alternatives, [line.key]: option.text } },
      `${capital(own)} for ${line.name} in ${line.dish}.`,
    );
  return (
    <>
      <Take type="button" aria-label={`${line.dish}: ${own} for ${line.name}`} onClick={take}>
        {own}
      </Take>
      {effect ? <Quietly> ({effect})</Quietly> : null}
    </>
  );
}

/** What was taken, and the way back. */
function Taken({ line, taken }: { line: LineAlternatives; taken: string }) {
  const { decisions, decide } = useDecisions();
  const option = line.options.find(({ text }) => text === taken);
  const giveBack = () =>
    decide(
      { alternatives: without(decisions.alternatives, line.key) },
      `Back to ${line.name} in ${line.dish}.`,
    );
  return (
    <>
      {capital(option?.name ?? taken)} for {line.name}.{' '}
      <Take type="button" aria-label={`${line.dish}: back to ${line.name}`} onClick={giveBack}>
        Back to {line.name}
      </Take>
    </>
  );
}
