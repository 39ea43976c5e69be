import { type DishMaking, type LongWaitRemedy } from '@fornax/core';
import styled from 'styled-components';
import { useOpenClass } from '../classes/class-context.js';
import { Choice } from '../parts/Choice.js';

const Wait = styled.div`
  max-width: 21.25rem;
  margin: 0.25rem 0;
  p {
    color: ${({ theme }) => theme.colour.lemonText};
    font-size: ${({ theme }) => theme.size.small};
    line-height: 1.125rem;
  }
`;

const wayNames: Readonly<Record<LongWaitRemedy, string>> = {
  'ready-made': 'eat a batch made ahead, take yours home',
  ahead: 'do the steps before it ahead',
  unchilled: 'eat it without that wait',
  'next class': 'leave it to the next class of the course',
};

/** A wait of a dish that the class is too short for: what is done about it, to be chosen. */
export function LongWaitChoice({
  dishId,
  making,
  onMaking,
}: {
  dishId: string;
  making: DishMaking;
  onMaking: (making: DishMaking) => void;
}) {
  const { plan } = useOpenClass();
  const wait = plan.longWaits.find((each) => each.dishId === dishId);
  if (!wait) return null;
  return (
    <Wait>
      <p>{wait.sentence}:</p>
      <Choice
        label={`The long wait of ${wait.dish}`}
        hideLabel
        value={wait.way}
        options={wait.ways.map((way) => ({ id: way, name: wayNames[way] }))}
        onChange={(longWait) => onMaking({ ...making, longWait })}
      />
    </Wait>
  );
}
