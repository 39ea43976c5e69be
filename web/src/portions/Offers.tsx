import type { DishMaking, DishPortions } from '@fornax/core';
import styled from 'styled-components';
import { Button } from '../parts/Button.js';

const Offer = styled.p`
  display: flex;
  flex-wrap: wrap;
  gap: 0.75rem;
  align-items: center;
  margin-top: 0.5rem;
  padding: 0.25rem 0 0.25rem 0.625rem;
  border-left: 3px solid ${({ theme }) => theme.colour.lemon};
  @media print {
    display: none;
  }
`;

/** What would be better, with the button that does it. */
export function Offers({ dish, onTake }: { dish: DishPortions; onTake: (making: DishMaking) => void }) {
  return (
    <>
      {dish.offers.map((offer) => (
        <Offer key={offer.id}>
          <span>{offer.sentence}.</span> <Button onPress={() => onTake(offer.making)}>{offer.action}</Button>
        </Offer>
      ))}
    </>
  );
}
