import { createAxis } from '@fornax/core';
import styled from 'styled-components';
import { useOpenClass } from '../classes/class-context.js';
import { Quietly } from '../parts/states.js';
import { Figure } from '../parts/workings.js';
import { PartHeading } from '../parts/kit.js';

const List = styled.ul`
  border-top: 1.5px solid ${({ theme }) => theme.colour.ink};
  margin-top: 0.25rem;
`;
const Item = styled.li`
  display: grid;
  grid-template-columns: 3.5rem minmax(0, 1fr);
  padding: 0.3125rem 0;
  border-bottom: 1px solid ${({ theme }) => theme.colour.hairline};
  font-variant-numeric: tabular-nums;
`;
const shownWashings = 12;

/** What is washed between two dishes, and how much is dirty at once at the most. */
export function Washing() {
  const { view, plan } = useOpenClass();
  const { washing, dirty } = plan.kit;
  const axis = createAxis(view.startsAt, view.zone);
  return (
    <section aria-label="Washing" data-empty={washing.length === 0 || undefined}>
      <PartHeading>
        Washing between dishes{' '}
        <Quietly>
          <Figure id="kit:dirty" workings={dirty.workings} text={`at most ${dirty.count} dirty at once`} />;
          what must go round is a job on Time
        </Quietly>
      </PartHeading>
      <List>
        {washing.length === 0 ? (
          <Item>
            <span />
            <Quietly>nothing has to be washed in between</Quietly>
          </Item>
        ) : null}
        {washing.slice(0, shownWashings).map((wash, index) => (
          <Item key={index}>
            <span>{axis.local(wash.atMinute).time}</span>
            <span>
              {wash.tool}, {wash.minutes} min <Quietly>{wash.place}</Quietly>
            </span>
          </Item>
        ))}
        {washing.length > shownWashings ? (
          <Item>
            <span />
            <Quietly>and {washing.length - shownWashings} more</Quietly>
          </Item>
        ) : null}
      </List>
    </section>
  );
}
