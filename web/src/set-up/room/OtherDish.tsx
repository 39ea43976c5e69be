import { useState } from 'react';
import { useQueryClient } from '@tanstack/react-query';
import type { RecipeView } from '@fornax/contract';
import { call } from '../../api/client.js';
import { recipesQuery } from '../../api/queries.js';
import { useOpenClass } from '../../classes/class-context.js';
import { Button } from '../../parts/Button.js';
import { Row } from '../../parts/states.js';
import { useSay } from '../../parts/toasts.js';
import { planWorker } from '../../workers/plan-worker.js';
import { type Dish, dishOf } from '../dish.js';

/** More recipes than these are not looked into, and not more than these offered. */
const mostLookedAt = 16;
const mostOffered = 4;

/** Another dish in place of one, that goes with everybody who comes. */
export function OtherDish({ dishId, onTaken }: { dishId: string; onTaken: () => void }) {
  const { view, bundle, editor } = useOpenClass();
  const client = useQueryClient();
  const say = useSay();
  const [found, setFound] = useState<readonly Dish[] | 'looking' | null>(null);
  const old = view.dishes.find(({ id }) => id === dishId);
  if (!old) return null;
  const look = async () => {
    setFound('looking');
    const all = await client.fetchQuery(recipesQuery);
    const onMenu = new Set(view.dishes.map(({ recipeId }) => recipeId));
    const alike = all.filter(({ id, kind }) => kind === old.recipe.kind && !onMenu.has(id));
    const offered = await Promise.all(
      alike.slice(0, mostLookedAt).map(async ({ id }) => ({
        ...dishOf(await call<RecipeView>(`/recipes/${id}`)),
        portion: old.portion,
        maker: old.maker,
      })),
    );
    const fitting = await planWorker().dishesInstead(bundle, dishId, offered);
    const ids = new Set(fitting.map(({ id }) => id));
    setFound(offered.filter(({ id }) => ids.has(id)).slice(0, mostOffered));
  };
  const take = (dish: Dish) => {
    const { dishes } = view;
    editor.edit({ dishes: dishes.map((each) => (each.id === dishId ? dish : each)) });
    say(`${dish.recipe.title} takes the place of ${old.recipe.title}.`, {
      label: 'Undo',
      run: () => editor.edit({ dishes }),
    });
    onTaken();
  };
  const fail = (error: Error) => {
    setFound(null);
    say(error.message);
  };
  if (found === null)
    return (
      <Button look="quiet" onPress={() => void look().catch(fail)}>
        Look for another dish
      </Button>
    );
  if (found === 'looking') return <p role="status">Looking through the library …</p>;
  if (found.length === 0)
    return <p role="status">No other {old.recipe.kind} of the library goes with everybody who comes.</p>;
  return (
    <Row as="ul" aria-label="Other dishes">
      {found.map((dish) => (
        <li key={dish.id}>
          <Button onPress={() => take(dish)}>{dish.recipe.title} instead</Button>
        </li>
      ))}
    </Row>
  );
}
