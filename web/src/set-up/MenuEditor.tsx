import styled from 'styled-components';
import { useCallback, useRef, useState } from 'react';
import { allergenSentence, type ClassPlan } from '@fornax/core';
import { useOpenClass } from '../classes/class-context.js';
import { askedOf } from '../classes/not-known.js';
import { Button } from '../parts/Button.js';
import { lazyPart } from '../parts/lazy-part.js';
import { Empty, Row } from '../parts/states.js';
import type { Dish } from './dish.js';
import { DishItem } from './DishItem.js';

/** The library comes when a dish is added. */
const ChooseDish = lazyPart(() => import('./ChooseDish.js').then((module) => module.ChooseDish));

const Head = styled(Row)`
  justify-content: space-between;
  margin-bottom: 0.25rem;
`;
const List = styled.ol`
  border-top: 1px solid ${({ theme }) => theme.colour.ink};
`;

const Alert = styled.p`
  padding: 0.5rem 0;
  color: ${({ theme }) => theme.colour.beet};
  font-weight: 600;
`;

/** What a dish contains, and what of it has to be asked about, as words that stay the same while it does. */
function contentsOf(plan: ClassPlan, dish: string): { contents: string; notKnown: string } {
  const found = plan.allergens.find(({ dishId }) => dishId === dish);
  const notKnown = found?.notKnown ?? [];
  return {
    contents: allergenSentence(found?.contains ?? [], notKnown),
    notKnown: askedOf(plan, notKnown, dish).join('\n'),
  };
}

/** Why the menu cannot be kept as it is: it is shown, and sent again once it is changed. */
function Refused({ problems }: { problems: Readonly<Record<string, string>> }) {
  const found = Object.entries(problems).filter(([field]) => field.split('.')[0] === 'dishes');
  return found.length > 0 ? (
    <Alert role="alert">{[...new Set(found.map(([, sentence]) => sentence))].join(' ')}</Alert>
  ) : null;
}

/** The menu: which dish, what portion, who makes it. */
export function MenuEditor() {
  const { view, plan, editor } = useOpenClass();
  const [isChoosing, setChoosing] = useState(false);
  const latest = useRef({ view, editor });
  latest.current = { view, editor };
  const setDishes = useCallback(
    (change: (dishes: readonly Dish[]) => readonly Dish[]) =>
      latest.current.editor.edit({ dishes: change(latest.current.view.dishes) }),
    [],
  );
  return (
    <>
      <Head>
        <h2>Menu</h2>
        <Button look={view.dishes.length === 0 ? 'act' : 'plain'} onPress={() => setChoosing(true)}>
          Add a dish
        </Button>
      </Head>
      {view.dishes.length === 0 ? (
        <Empty title="No dishes yet">
          Add a dish from the library. Amounts, shopping, kit and times follow at once.
        </Empty>
      ) : null}
      <Refused problems={editor.problems} />
      <List aria-label="Dishes">
        {view.dishes.map((dish, index) => (
          <DishItem
            key={dish.id}
            dish={dish}
            index={index}
            count={view.dishes.length}
            stations={plan.portions.stations.sizes.length}
            {...contentsOf(plan, dish.id)}
            setDishes={setDishes}
          />
        ))}
      </List>
      {isChoosing ? (
        <ChooseDish
          isOpen
          onClose={() => setChoosing(false)}
          onChoose={(dish) => setDishes((dishes) => [...dishes, dish])}
        />
      ) : null}
    </>
  );
}
