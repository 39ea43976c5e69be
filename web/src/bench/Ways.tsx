import { type Balance, type DressingMethod, type FittingMethod, type Larder, waysOf } from '@fornax/core';
import styled from 'styled-components';
import { useKitchen } from '../api/useLarder.js';
import { Button } from '../parts/Button.js';
import { Quietly } from '../parts/states.js';
import { Figure } from '../parts/workings.js';
import { type BenchBowl, linesOf, textsWith } from './bowls.js';

const List = styled.ul`
  list-style: none;
  margin: 0;
  padding: 0;
  li {
    display: grid;
    grid-template-columns: minmax(0, 1fr) auto;
    gap: 2px 0.75rem;
    align-items: center;
    padding: 0.4375rem 0;
    border-bottom: 1px solid ${({ theme }) => theme.colour.hairline};
  }
`;

interface WaysProps {
  readonly bowl: BenchBowl;
  readonly larder: Larder;
  readonly onMethod: (method: DressingMethod) => void;
}

/** With what this kitchen can bring the bowl together, how long it takes and how long it holds. */
export function Ways({ bowl, larder, onMethod }: WaysProps) {
  const { system, vessels } = useKitchen()!;
  const lines = linesOf(textsWith(bowl, system, larder), system, larder);
  const ways = waysOf(lines, larder, { vessels, system });
  return (
    <section aria-label="Ways to bring it together">
      <h2>Ways to bring it together</h2>
      <List>
        {ways.map((way) => (
          <li key={way.name}>
            <Way way={way} />
            {way.problem ? null : (
              <Button
                look="quiet"
                aria-pressed={way.method === bowl.method}
                onPress={() => onMethod(way.method)}
              >
                {way.method === bowl.method ? 'Taken' : 'Take it'}
              </Button>
            )}
          </li>
        ))}
      </List>
    </section>
  );
}

function Way({
  way: { name, how, vessel, rounds, minutes, holdMinutes, problem, workings },
}: {
  way: FittingMethod;
}) {
  if (problem)
    return (
      <Quietly>
        {name}: {problem}
      </Quietly>
    );
  return (
    <span>
      <strong>{name}</strong>,{' '}
      <Figure id={`bench:way:${name}`} workings={workings} text={`about ${minutes} min`} />, holds{' '}
      {holdsWords(holdMinutes)}
      <br />
      <Quietly>
        {how} {vessel ? `In the ${vessel.name}${rounds > 1 ? `, ${rounds} rounds` : ''}.` : ''}
      </Quietly>
    </span>
  );
}

/** "10 min: mix again just before it is poured", "a day or more". */
function holdsWords(minutes: Balance['holdMinutes']): string {
  if (minutes >= 1440) return 'a day or more';
  if (minutes >= 120) return `${minutes / 60} h`;
  return `${minutes} min: mixed again if it is poured later`;
}
