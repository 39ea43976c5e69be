import { useState } from 'react';
import { Pin, PinOff, X } from 'lucide-react';
import styled from 'styled-components';
import type { Balance } from '@fornax/core';
import { Button } from '../parts/Button.js';
import { Field } from '../parts/Field.js';
import { Quietly } from '../parts/states.js';
import type { BenchBowl } from './bowls.js';
import { bowlLineId } from './places.js';

const List = styled.ul`
  list-style: none;
  margin: 0 0 0.5rem;
  padding: 0;
  li {
    display: grid;
    grid-template-columns: minmax(0, 1fr) 4.375rem auto auto;
    gap: 0.375rem;
    align-items: center;
    padding: 3px 0;
  }
`;
const Grams = styled.span`
  text-align: right;
  font-variant-numeric: tabular-nums;
  color: ${({ theme }) => theme.colour.quiet};
`;

interface BowlLinesProps {
  readonly bowl: BenchBowl;
  readonly balance: Balance;
  readonly onChange: (to: Partial<BenchBowl>) => void;
}

/**
 * What went into the bowl, as it is written; a line that is pinned stays when the bowl is drawn or solved.
 */
export function BowlLines({ bowl, balance, onChange }: BowlLinesProps) {
  const [more, setMore] = useState('');
  const add = () => {
    if (!more.trim()) return;
    onChange({ texts: [...bowl.texts, more.trim()] });
    setMore('');
  };
  return (
    <section aria-label="In the bowl">
      <List>
        {bowl.texts.map((_, index) => (
          <BowlLine key={index} index={index} bowl={bowl} balance={balance} onChange={onChange} />
        ))}
      </List>
      <Field
        label="Add a line"
        placeholder="1 tbsp honey"
        maxLength={200}
        value={more}
        onChange={setMore}
        onEnter={add}
        onBlur={add}
      />
      {balance.missing.map(({ lineId, sentence, what }) => (
        <p key={`${lineId}${what}`}>
          <Quietly>{sentence}: it is left out, or counted as an interval.</Quietly>
        </p>
      ))}
    </section>
  );
}

function BowlLine({ index, bowl, balance, onChange }: BowlLinesProps & { index: number }) {
  const text = bowl.texts[index]!;
  const isFixed = bowl.fixed.includes(index);
  const grams = balance.lines.find(({ lineId }) => lineId === `l${index + 1}`)?.grams;
  const others = bowl.fixed.filter((each) => each !== index);
  const takeOut = () =>
    onChange({
      texts: bowl.texts.toSpliced(index, 1),
      fixed: others.map((each) => (each > index ? each - 1 : each)),
      from: bowl.from && { ...bowl.from, lineIds: bowl.from.lineIds.toSpliced(index, 1) },
    });
  return (
    <li id={bowlLineId(`l${index + 1}`)}>
      <Field
        label={`Line ${index + 1}`}
        hideLabel
        maxLength={200}
        value={text}
        onChange={(to) => onChange({ texts: bowl.texts.with(index, to) })}
      />
      <Grams>{grams === undefined ? '–' : `${Math.round(grams * 10) / 10} g`}</Grams>
      <Button
        look="quiet"
        aria-label={isFixed ? `Let “${text}” change` : `Keep “${text}” as it is`}
        aria-pressed={isFixed}
        onPress={() => onChange({ fixed: isFixed ? others : [...others, index] })}
      >
        {isFixed ? <Pin size={15} aria-hidden /> : <PinOff size={15} aria-hidden />}
      </Button>
      <Button look="quiet" aria-label={`Take “${text}” out`} onPress={takeOut}>
        <X size={15} aria-hidden />
      </Button>
    </li>
  );
}
