import { useState } from 'react';
import type { DishMaking, RotationTurn } from '@fornax/core';
import styled from 'styled-components';
import { Link } from 'react-router';
import { useOpenClass } from '../classes/class-context.js';
import { notKnownIn } from '../classes/not-known.js';
import { NotKnownFoods } from '../parts/food/NotKnownFoods.js';
import { Warnings } from '../parts/Warnings.js';
import { NoDishes } from '../parts/NoDishes.js';
import { Quietly } from '../parts/states.js';
import { Switch } from '../parts/Switch.js';
import { VisuallyHidden } from '../theme/visually-hidden.js';
import { DishSheet } from './DishSheet.js';
import { ChosenColumn } from './OneColumn.js';
import { StationNeeds } from './StationNeeds.js';
import type { Show } from './show.js';
import { StopHeading } from '../classes/StopHeading.js';

const storedShow = 'fornax:show';

const Head = styled.div`
  display: flex;
  justify-content: space-between;
  align-items: baseline;
  gap: 0.5rem 1.5rem;
  flex-wrap: wrap;
  margin-bottom: 0.5rem;
  a {
    @media print {
      display: none;
    }
  }
`;
const Turns = styled.section`
  margin: 0.5rem 0 1rem;
  max-width: 51.25rem;
  td,
  th {
    padding: 0.25rem 1rem 0.25rem 0;
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
        <StopHeading stop="Portion" sheet="amounts for each bench">
          <VisuallyHidden>Portion: </VisuallyHidden>On each bench
        </StopHeading>
        {plan.portions.dishes.length > 0 ? <Link to="../cards">Station cards to print</Link> : null}
        <Switch
          label="Show"
          value={show}
          onChange={choose}
          options={[
            ['kitchen', 'as we measure'],
            ['spoons', 'spoons and cups'],
            ['grams', 'grams'],
          ]}
        />
      </Head>
      <Warnings warnings={plan.warnings.filter((warning) => warning.place === 'portions')} />
      <StationNeeds />
      <NotKnownFoods names={notKnownIn(plan)} what="Allergens" />
      {plan.portions.dishes.length === 0 ? (
        <NoDishes>The amounts for every bench appear here.</NoDishes>
      ) : null}
      {plan.portions.rotation.length > 0 ? <Rotation turns={plan.portions.rotation} /> : null}
      <ChosenColumn>
        {plan.portions.dishes.map((dish) => (
          <DishSheet
            key={dish.dishId}
            dish={dish}
            show={show}
            onMaking={(making) => setMaking(dish.dishId, making)}
          />
        ))}
      </ChosenColumn>
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
