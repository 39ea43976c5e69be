import { useState } from 'react';
import { useQuery, useQueryClient } from '@tanstack/react-query';
import { ListBox } from 'react-aria-components';
import type { RecipeView } from '@fornax/contract';
import styled from 'styled-components';
import { call } from '../api/client.js';
import { recipesQuery } from '../api/queries.js';
import { Dialog } from '../parts/Dialog.js';
import { ListChoice } from '../parts/ListChoice.js';
import { Search } from '../parts/Search.js';
import { Quietly } from '../parts/states.js';
import { useSay } from '../parts/toasts.js';
import { type Dish, dishOf } from './dish.js';

const Scrolling = styled.div`
  max-height: 22.5rem;
  margin-top: 0.5rem;
  overflow: auto;
`;

/** Finds a recipe in the library and puts it on the menu. */
export function ChooseDish({
  isOpen,
  onClose,
  onChoose,
}: {
  isOpen: boolean;
  onClose: () => void;
  onChoose: (dish: Dish) => void;
}) {
  const client = useQueryClient();
  const say = useSay();
  const choose = async (recipeId: string) => {
    onClose();
    const recipe = await client.fetchQuery({
      queryKey: ['recipe', recipeId],
      queryFn: () => call<RecipeView>(`/recipes/${recipeId}`),
    });
    onChoose(dishOf(recipe));
  };
  return (
    <Dialog title="Add a dish" isOpen={isOpen} onClose={onClose}>
      <Library onChoose={(key) => void choose(key).catch((error: Error) => say(error.message))} />
    </Dialog>
  );
}

function Library({ onChoose }: { onChoose: (recipeId: string) => void }) {
  const { data: recipes = [], isPending } = useQuery(recipesQuery);
  const [text, setText] = useState('');
  const items = recipes.map(({ id, title }) => ({ id, name: title }));
  return (
    <Search label="Search the library" text={text} onText={setText} items={items} onOpen={onChoose}>
      <Scrolling tabIndex={0} role="group" aria-label="Recipes of the library">
        <ListBox
          aria-label="Recipes"
          items={recipes}
          onAction={(key) => onChoose(String(key))}
          renderEmptyState={() => (isPending ? 'Looking …' : 'No recipe has this name.')}
        >
          {(recipe) => (
            <ListChoice id={recipe.id} textValue={recipe.title}>
              {recipe.title}{' '}
              <Quietly>
                {recipe.kind}, serves {recipe.serves}
              </Quietly>
            </ListChoice>
          )}
        </ListBox>
      </Scrolling>
    </Search>
  );
}
