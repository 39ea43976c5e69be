import { useState } from 'react';
import { Radio, RadioGroup, Label } from 'react-aria-components';
import type { DishMaking, RotationTurn } from '@fornax/core';
import styled from 'styled-components';
import { Link } from 'react-router';
import { useOpenClass } from '../classes/class-context.js';
import { notKnownIn } from '../classes/not-known.js';
import { NotKnownFoods } from '../parts/food/NotKnownFoods.js';
import { Warnings } from '../parts/Warnings.js';
import { NoDishes } from '../parts/NoDishes.js';
import { Quietly } from '../parts/states.js';
import { VisuallyHidden } from '../theme/visually-hidden.js';
import { DishSheet } from './DishSheet.js';
import { StationNeeds } from './StationNeeds.js';
import type { Show } from './show.js';

const storedShow = 'fornax:show';

const Head = styled.div`
  display: flex;
  justify-content: space-between;
  align-items: baseline;
  gap: 8px 24px;
  flex-wrap: wrap;
  margin-bottom: 8px;
`;
const Switch = styled(RadioGroup)`
  display: flex;
  gap: 10px;
  align-items: baseline;
  flex-wrap: wrap;
`;
const Option = styled(Radio)`
  padding: 4px 0 2px;
  cursor: pointer;
  color: ${({ theme }) => theme.colour.quiet};
  border-bottom: 2px solid transparent;
  &[data-selected] {
    color: ${({ theme }) => theme.colour.ink};
    font-weight: 700;
    border-color: ${({ theme }) => theme.colour.ink};
  }
  &[data-focus-visible] {
    outline: 2px solid ${({ theme }) => theme.colour.basil};
    outline-offset: 2px;
  }
`;
const Turns = styled.section`
  margin: 8px 0 16px;
  max-width: 820px;
  td,
  th {
    padding: 4px 16px 4px 0;
    text-align: left;
    border-bottom: 1px solid ${({ theme }) => theme.colour.hairline};
  }
`;

function stored(): Show {
  const kept = localStorage.getItem(storedShow);
  return kept === 'grams' || kept === 'spoons' ? kept : 'kitchen';
}

/** How much goes on each bench? */
export default function PortionPage() {
  const { plan, view, editor } = useOpenClass();
  const [show, setShow] = useState<Show>(stored);
  const choose = (next: Show) => {
    localStorage.setItem(storedShow, next);
    setShow(next);
  };
  const setMaking = (dishId: string, making: DishMaking) =>
    editor.edit({ dishes: view.dishes.map((dish) => (dish.id === dishId ? { ...dish, making } : dish)) });
  return (
    <>
      <Head>
        <h2>
          <VisuallyHidden>Portion: </VisuallyHidden>On each bench
        </h2>
        {plan.portions.dishes.length > 0 ? <Link to="../cards">Station cards to print</Link> : null}
        <Switch value={show} onChange={(value) => choose(value as Show)} orientation="horizontal">
          <Label>Show</Label>
          <Option value="kitchen">as we measure</Option>
          <Option value="spoons">spoons and cups</Option>
          <Option value="grams">grams</Option>
        </Switch>
      </Head>
      <Warnings warnings={plan.warnings.filter((warning) => warning.place === 'portions')} />
      <StationNeeds />
      <NotKnownFoods names={notKnownIn(plan)} what="Allergens" />
      {plan.portions.dishes.length === 0 ? (
        <NoDishes>The amounts for every bench appear here.</NoDishes>
      ) : null}
      {plan.portions.rotation.length > 0 ? <Rotation turns={plan.portions.rotation} /> : null}
      {plan.portions.dishes.map((dish) => (
        <DishSheet
          key={dish.dishId}
          dish={dish}
          show={show}
          onMaking={(making) => setMaking(dish.dishId, making)}
        />
      ))}
    </>
  );
}

/** Which station is at which dish in each turn. */
function Rotation({ turns }: { turns: readonly RotationTurn[] }) {
  return (
    <Turns aria-label="Rotation">
      <h3>
        In rotation <Quietly>all stations move on after each turn</Quietly>
      </h3>
      <table>
        <thead>
          <tr>
            <th scope="col">Turn</th>
            {turns[0]!.places.map((place) => (
              <th key={place.dishId} scope="col">
                {place.title}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {turns.map(({ turn, places }) => (
            <tr key={turn}>
              <th scope="row">{turn}</th>
              {places.map((place) => (
                <td key={place.dishId}>
                  {place.stations.length > 0 ? `Station ${place.stations.join(', ')}` : '–'}
                </td>
              ))}
            </tr>
          ))}
        </tbody>
      </table>
    </Turns>
  );
}
