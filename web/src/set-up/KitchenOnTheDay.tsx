import { useState } from 'react';
import styled from 'styled-components';
import { appliances, appliancesOf, type OnTheDay } from '@fornax/core';
import { useOpenClass } from '../classes/class-context.js';
import { useDecisions } from '../classes/useDecisions.js';
import { NumberField } from '../parts/NumberField.js';
import { Quietly } from '../parts/states.js';

const Box = styled.details`
  grid-column: 1 / -1;
  summary {
    cursor: pointer;
    font-weight: 600;
  }
  > div {
    display: grid;
    grid-template-columns: repeat(auto-fill, minmax(7.5rem, 1fr));
    gap: 0.75rem;
    margin-top: 0.5rem;
  }
`;

type OnDay = keyof OnTheDay;

/** As the contract allows. */
const mostOfOne = 40;

const names: Readonly<Record<OnDay, string>> = {
  oven: 'Oven shelves',
  hob: 'Hob rings',
  fridge: 'Fridge shelves',
  blender: 'Blenders',
  microwave: 'Microwaves',
  griddle: 'Griddles',
  bench: 'Benches',
};

/** What is out of order or hired for this class alone: the kitchen itself stays as it is. */
export function KitchenOnTheDay() {
  const { bundle } = useOpenClass();
  const { decisions, decideQuietly } = useDecisions();
  const [wrong, setWrong] = useState<OnDay | null>(null);
  const { kitchen } = bundle;
  const { onTheDay } = decisions;
  const has = new Map(appliancesOf(kitchen).map(({ appliance, capacity }) => [appliance, capacity]));
  const usual = (name: OnDay) => (name === 'bench' ? kitchen.benches.count : (has.get(name) ?? 0));
  const set = (name: OnDay, count: number) => {
    const isCount = Number.isInteger(count) && count >= 0 && count <= mostOfOne;
    setWrong(isCount ? null : name);
    if (!isCount) return;
    const others = Object.fromEntries(Object.entries(onTheDay).filter(([each]) => each !== name));
    decideQuietly({ onTheDay: count === usual(name) ? others : { ...others, [name]: count } });
  };
  const changed = ([...appliances, 'bench'] as const).filter((name) => onTheDay[name] !== undefined);
  return (
    <Box>
      <summary>
        Kitchen for this class:{' '}
        <Quietly>
          {changed.length === 0
            ? 'as it always is'
            : changed
                .map((name) => `${names[name].toLowerCase()} ${onTheDay[name]} (usually ${usual(name)})`)
                .join(', ')}
        </Quietly>
      </summary>
      <p>
        <Quietly>
          0 for what is out of order, more for what is hired. The kitchen itself stays as it is.
        </Quietly>
      </p>
      <div>
        {([...appliances, 'bench'] as const).map((name) => (
          <NumberField
            key={name}
            label={names[name]}
            value={onTheDay[name] ?? usual(name)}
            onChange={(count) => set(name, count)}
            problem={wrong === name ? `Write a whole number, from 0 to ${mostOfOne}.` : undefined}
          />
        ))}
      </div>
    </Box>
  );
}
