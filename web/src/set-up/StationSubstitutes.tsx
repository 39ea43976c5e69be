import { type DishMaking, findIngredient, ingredientName } from '@fornax/core';
import styled from 'styled-components';
import { useKitchen, useLarder } from '../api/useLarder.js';
import { Button } from '../parts/Button.js';

const List = styled.ul`
  font-size: ${({ theme }) => theme.size.small};
`;

/** What single stations take in place of something, each to be taken back. */
export function StationSubstitutes({
  making,
  onMaking,
}: {
  making: DishMaking;
  onMaking: (making: DishMaking) => void;
}) {
  const larder = useLarder();
  const english = useKitchen()?.english ?? 'uk';
  const { forStations = [] } = making;
  if (forStations.length === 0) return null;
  const nameOf = (id: string) => {
    const food = findIngredient(larder, id);
    return food ? ingredientName(food, english) : id;
  };
  return (
    <List aria-label="Stations with a way of their own">
      {forStations.map((swap) => {
        const { station, missing, taken } = swap;
        const words =
          taken === null
            ? `Station ${station}: without ${nameOf(missing)}`
            : `Station ${station}: ${nameOf(taken)} instead of ${nameOf(missing)}`;
        return (
          <li key={`${station} ${missing}`}>
            {words}{' '}
            <Button
              look="quiet"
              aria-label={`Take back: ${words}`}
              onPress={() =>
                onMaking({ ...making, forStations: forStations.filter((each) => each !== swap) })
              }
            >
              Take back
            </Button>
          </li>
        );
      })}
    </List>
  );
}
