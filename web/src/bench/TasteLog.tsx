import { useState } from 'react';
import {
  type Addition,
  adjustments,
  type Balance,
  complaints,
  type Complaint,
  type Larder,
  writtenSpoons,
} from '@fornax/core';
import styled from 'styled-components';
import { Button } from '../parts/Button.js';
import { Choice } from '../parts/Choice.js';
import { Field } from '../parts/Field.js';
import { Quietly, Row } from '../parts/states.js';
import { Figure } from '../parts/workings.js';
import { type LoggedAddition, type Mark, marks } from './bowls.js';
import { logRowId } from './places.js';

const List = styled.ul`
  list-style: none;
  margin: 0.5rem 0 0;
  padding: 0;
  li {
    display: grid;
    grid-template-columns: minmax(0, 1fr) auto;
    gap: 0.25rem 0.75rem;
    align-items: center;
    padding: 0.375rem 0;
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
          <Offer
            key={each.ingredient}
            addition={each}
            onAdd={({ ingredient, name, teaspoons }) =>
              onLog([...log, { ingredient, name, teaspoons, note: complaint ?? '', mark: '' }])
            }
          />
        ))}
      </List>
      <h3>The bowl’s log</h3>
      {log.length === 0 ? (
        <Quietly>Nothing added yet. Taste on a piece of what it dresses, and say what it is like.</Quietly>
      ) : (
        <List aria-label="The bowl’s log">
          {log.map((each, index) => (
            <Logged
              key={index}
              number={index + 1}
              addition={each}
              onChange={(to) => onLog(log.with(index, { ...each, ...to }))}
              onRemove={() => onLog(log.toSpliced(index, 1))}
            />
          ))}
        </List>
      )}
    </section>
  );
}

function Offer({ addition, onAdd }: { addition: Addition; onAdd: (addition: Addition) => void }) {
  const { ingredient, teaspoons, name, why, workings, saltPoints, acidPoints, ratio, millilitres } = addition;
  return (
    <li>
      <span>
        <Figure
          id={`bench:add:${ingredient}`}
          workings={workings}
          text={`${writtenSpoons(teaspoons)} ${name}`}
        />{' '}
        <Quietly>
          {why} Salt {signed(saltPoints)}, acid {signed(acidPoints)} points
          {ratio === null ? '' : `, ${Math.round(ratio * 10) / 10} : 1 then`},{' '}
          {Math.round(millilitres * 10) / 10} ml more
        </Quietly>
      </span>
      <Button onPress={() => onAdd(addition)}>Add {writtenSpoons(teaspoons)}</Button>
    </li>
  );
}

interface LoggedProps {
  number: number;
  addition: LoggedAddition;
  onChange: (to: Partial<LoggedAddition>) => void;
  onRemove: () => void;
}

function Logged({ number, addition: { teaspoons, name, note, mark }, onChange, onRemove }: LoggedProps) {
  return (
    <li id={logRowId(number)}>
      <span>
        {number}. {writtenSpoons(teaspoons)} {name}
      </span>
      <Button look="quiet" aria-label={`Remove ${name}`} onPress={onRemove}>
        Remove
      </Button>
      <Field label="Note" hideLabel maxLength={120} value={note} onChange={(to) => onChange({ note: to })} />
      <Choice<Mark | ''>
        label="After it, the bowl is"
        hideLabel
        value={mark}
        onChange={(to) => onChange({ mark: to })}
        options={markChoices}
      />
    </li>
  );
}
