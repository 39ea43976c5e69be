import { useState } from 'react';
import {
  adjustments,
  type Balance,
  complaints,
  type Complaint,
  type Larder,
  writtenSpoons,
} from '@fornax/core';
import styled from 'styled-components';
import { Button } from '../parts/Button.js';
import { Choice, Field } from '../parts/Field.js';
import { Quietly, Row } from '../parts/states.js';
import { Figure } from '../parts/workings.js';
import { type LoggedAddition, type Mark, marks } from './bowls.js';

const List = styled.ul`
  list-style: none;
  margin: 8px 0 0;
  padding: 0;
  li {
    display: grid;
    grid-template-columns: minmax(0, 1fr) auto;
    gap: 4px 12px;
    align-items: center;
    padding: 6px 0;
    border-bottom: 1px solid ${({ theme }) => theme.colour.hairline};
  }
`;

interface TasteLogProps {
  readonly balance: Balance;
  readonly log: readonly LoggedAddition[];
  readonly larder: Larder;
  readonly onLog: (log: readonly LoggedAddition[]) => void;
}

const markChoices = [{ id: '' as const, name: 'not said' }, ...marks.map((id) => ({ id, name: id }))];
const signed = (points: number) => `${points < 0 ? '−' : '+'}${Math.abs(Math.round(points * 100) / 100)}`;

/** What is it like? Counted additions, each tasted and marked. */
export function TasteLog({ balance, log, larder, onLog }: TasteLogProps) {
  const [complaint, setComplaint] = useState<Complaint | null>(null);
  const offered = complaint ? adjustments(balance, complaint, larder) : [];
  const change = (index: number, to: Partial<LoggedAddition>) =>
    onLog(log.map((each, at) => (at === index ? { ...each, ...to } : each)));
  return (
    <section aria-label="Taste and adjust">
      <h2>Taste and adjust</h2>
      <Row $gap={1} role="group" aria-label="What is it like?">
        {complaints.map((each) => (
          <Button
            key={each}
            look={each === complaint ? 'plain' : 'quiet'}
            aria-pressed={each === complaint}
            onPress={() => setComplaint(each === complaint ? null : each)}
          >
            {each}
          </Button>
        ))}
      </Row>
      {complaint && offered.length === 0 ? <p>There is nothing in the bowl to mend yet.</p> : null}
      <List aria-label="What helps">
        {offered.map((each) => (
          <li key={each.ingredient}>
            <span>
              <Figure
                id={`bench:add:${each.ingredient}`}
                workings={each.workings}
                text={`${writtenSpoons(each.teaspoons)} ${each.name}`}
              />{' '}
              <Quietly>
                {each.why} Salt {signed(each.saltPoints)}, acid {signed(each.acidPoints)} points
              </Quietly>
            </span>
            <Button
              onPress={() => {
                const { ingredient, name, teaspoons } = each;
                onLog([...log, { ingredient, name, teaspoons, note: complaint ?? '', mark: '' }]);
              }}
            >
              Add {writtenSpoons(each.teaspoons)}
            </Button>
          </li>
        ))}
      </List>
      <h3>The bowl’s log</h3>
      {log.length === 0 ? (
        <Quietly>Nothing added yet. Taste on a piece of what it dresses, and say what it is like.</Quietly>
      ) : (
        <List aria-label="The bowl’s log">
          {log.map((each, index) => (
            <li key={index}>
              <span>
                {index + 1}. {writtenSpoons(each.teaspoons)} {each.name}
              </span>
              <Button
                look="quiet"
                aria-label={`Take ${each.name} out again`}
                onPress={() => onLog(log.filter((_, at) => at !== index))}
              >
                Take out
              </Button>
              <Field
                label="Note"
                hideLabel
                maxLength={120}
                value={each.note}
                onChange={(note) => change(index, { note })}
              />
              <Choice<Mark | ''>
                label="After it, the bowl is"
                hideLabel
                value={each.mark}
                onChange={(mark) => change(index, { mark })}
                options={markChoices}
              />
            </li>
          ))}
        </List>
      )}
    </section>
  );
}
