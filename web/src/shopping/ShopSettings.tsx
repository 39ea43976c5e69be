import { useState } from 'react';
import { Label } from 'react-aria-components';
import { useQuery } from '@tanstack/react-query';
import styled from 'styled-components';
import { showDate } from '@fornax/core';
import { classesQuery } from '../api/queries.js';
import { useOpenClass } from '../classes/class-context.js';
import { Button } from '../parts/Button.js';
import { daysAhead } from '../parts/dates.js';
import { Field } from '../parts/Field.js';
import { NumberField } from '../parts/NumberField.js';
import { Quietly } from '../parts/states.js';
import { Boxes, TickBox } from '../parts/Boxes.js';

const Details = styled.details`
  margin-top: 0.25rem;
  summary {
    cursor: pointer;
    color: ${({ theme }) => theme.colour.quiet};
    font-weight: 600;
    padding: 0.25rem 0;
  }
  @media print {
    display: none;
  }
`;
const Fields = styled.div`
  display: grid;
  grid-template-columns: 8.75rem 8.75rem minmax(0, 1fr);
  gap: 0.5rem 1.25rem;
  align-items: start;
  max-width: 53.75rem;
  padding: 0.25rem 0 0.5rem;
  @media (max-width: 43.75em) {
    grid-template-columns: 1fr 1fr;
    > :last-child {
      grid-column: span 2;
    }
  }
`;

/** The next classes are offered first. */
const shownClasses = 8;

/** Budget, spare, and the classes that are bought for on the same list. */
export function ShopSettings() {
  const { view, editor } = useOpenClass();
  const { decisions } = view;
  const { data: classes = [] } = useQuery(classesQuery);
  const [showsAll, setShowsAll] = useState(false);
  const coming = classes.filter((each) => each.id !== view.id && daysAhead(each.startsAt) >= 0);
  const others = coming.filter(
    (each, index) => showsAll || index < shownClasses || decisions.together.includes(each.id),
  );
  const words = [
    decisions.budget === null ? '' : `budget ${decisions.budget}`,
    decisions.sparePercent > 0 ? `${decisions.sparePercent} % to spare` : '',
    decisions.together.length > 0
      ? `with ${decisions.together.length} more ${decisions.together.length === 1 ? 'class' : 'classes'}`
      : '',
  ]
    .filter(Boolean)
    .join(', ');
  return (
    <Details>
      <summary>Budget, spare, other classes{words ? `: ${words}` : ''}</summary>
      <Fields>
        <Budget key={view.id} />
        <NumberField
          label="To spare, per cent"
          value={decisions.sparePercent}
          problem={editor.problems['decisions.sparePercent']}
          onChange={(sparePercent) => editor.edit({ decisions: { ...decisions, sparePercent } })}
        />
        <Boxes
          value={[...decisions.together]}
          onChange={(together) => editor.edit({ decisions: { ...decisions, together } })}
        >
          <Label>
            <Quietly>Bought for on this list too</Quietly>
          </Label>
          {others.length === 0 ? <p>No other class is coming.</p> : null}
          {others.map((each) => (
            <TickBox key={each.id} value={each.id}>{`${each.title}, ${showDate(each.startsAt)}`}</TickBox>
          ))}
          {others.length < coming.length ? (
            <Button look="quiet" onPress={() => setShowsAll(true)}>
              Show all {coming.length}
            </Button>
          ) : null}
        </Boxes>
      </Fields>
    </Details>
  );
}

/** An amount of the kitchen's money; empty for none. Another money is refused with the reason. */
function Budget() {
  const { view, editor } = useOpenClass();
  const { decisions, kitchen } = view;
  const [typed, setTyped] = useState<string | null>(null);
  const [problem, setProblem] = useState('');
  const change = (text: string) => {
    setTyped(text);
    const plain = text.trim().replace(',', '.');
    if (plain !== '' && !/^\d+(?:\.\d{1,2})?$/.test(plain))
      return setProblem(
        /[£$€¥]|[A-Z]{3}/i.test(plain)
          ? `This kitchen counts in ${kitchen.currency}: write the number alone.`
          : 'Write a number, such as 80 or 79.50.',
      );
    setProblem('');
    editor.edit({ decisions: { ...decisions, budget: plain === '' ? null : Number(plain) } });
  };
  return (
    <Field
      label={`Budget, ${kitchen.currency}`}
      value={typed ?? (decisions.budget === null ? '' : String(decisions.budget))}
      onChange={change}
      onBlur={() => problem || setTyped(null)}
      problem={problem || editor.problems['decisions.budget']}
      inputMode="numeric"
    />
  );
}
