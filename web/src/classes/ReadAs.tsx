import { useState } from 'react';
import { type ClassBundle, findIngredient, type Larder, type RecipeLine, recognised } from '@fornax/core';
import styled from 'styled-components';
import { useKitchen, useLarder } from '../api/useLarder.js';
import { Button } from '../parts/Button.js';
import { FoodQuestion } from '../parts/food/FoodQuestion.js';
import { useWorkings } from '../parts/workings.js';
import { useOpenClass } from './class-context.js';

const Read = styled.section`
  margin-top: 1rem;
  padding-top: 0.5rem;
  border-top: 1px solid ${({ theme }) => theme.colour.hairline};
  font-size: ${({ theme }) => theme.size.small};
  line-height: 1.125rem;
`;

/** Under the workings of a food's figure: the words it was read from, to be mended there. */
export function ReadAs() {
  const { selected } = useWorkings();
  const { bundle } = useOpenClass();
  const larder = useLarder();
  const lines = selected ? linesOfFigure(selected.key, bundle, larder) : [];
  const names = [...new Set(lines.map(({ name }) => name))];
  if (names.length === 0) return null;
  return (
    <Read aria-label="Read from the recipe">
      {names.map((name) => (
        <NameRead
          key={`${selected!.key}:${name}`}
          name={name}
          ingredient={lines.find((line) => line.name === name)!.ingredient!}
        />
      ))}
    </Read>
  );
}

function NameRead({ name, ingredient }: { name: string; ingredient: string }) {
  const [isAsking, setAsking] = useState(false);
  const larder = useLarder();
  const english = useKitchen()?.english ?? 'uk';
  const food = findIngredient(larder, ingredient)?.names[english] ?? '';
  return (
    <>
      <p>
        {food.toLowerCase() === name.toLowerCase() ? `As written: ${food}.` : `“${name}” is read as ${food}.`}
      </p>
      {isAsking ? (
        <FoodQuestion name={name} isSure />
      ) : (
        <Button look="quiet" aria-label={`“${name}” means something else`} onPress={() => setAsking(true)}>
          Means something else
        </Button>
      )}
    </>
  );
}

/** The lines that a figure of Portion ("dish:line:batch") or of Shop ("shop:ingredient") is worked out of. */
function linesOfFigure(key: string, { class: { dishes } }: ClassBundle, larder: Larder): RecipeLine[] {
  const ofShop = key.startsWith('shop:') ? key.slice('shop:'.length) : null;
  return dishes.flatMap((dish) =>
    recognised(dish.recipe, larder).lines.filter((line) =>
      line.ingredient === null || line.corrected
        ? false
        : ofShop === null
          ? key.startsWith(`${dish.id}:${line.id}:`)
          : line.ingredient === ofShop,
    ),
  );
}
