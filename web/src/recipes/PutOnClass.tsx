import { useState } from 'react';
import { useQuery, useQueryClient } from '@tanstack/react-query';
import type { ClassView } from '@fornax/contract';
import { ListBox } from 'react-aria-components';
import { useNavigate } from 'react-router';
import { v7 as uuid } from 'uuid';
import { type Recipe, showDate } from '@fornax/core';
import { call } from '../api/client.js';
import { classesQuery } from '../api/queries.js';
import { Button, type ButtonLook } from '../parts/Button.js';
import { Dialog } from '../parts/Dialog.js';
import { ListChoice } from '../parts/Field.js';
import { Quietly } from '../parts/states.js';
import { useSay } from '../parts/toasts.js';

/** Puts a recipe on the menu of a class at once. */
export function PutOnClass({
  recipeId,
  recipe,
  look = 'act',
}: {
  recipeId: string;
  recipe: Recipe;
  look?: ButtonLook;
}) {
  const [isOpen, setOpen] = useState(false);
  const { data: classes = [] } = useQuery(classesQuery);
  const client = useQueryClient();
  const navigate = useNavigate();
  const say = useSay();
  const putOnMenu = async (classId: string) => {
    setOpen(false);
    const view = await call<ClassView>(`/classes/${classId}`);
    const dishes = [
      ...view.dishes.map(({ id, recipeId: each, portion, maker, choices }) => ({
        id,
        recipeId: each,
        portion,
        maker,
        choices,
      })),
      { id: uuid(), recipeId, portion: recipe.portion, maker: 'every station' },
    ];
    const saved = await call<ClassView>(`/classes/${classId}`, {
      method: 'PATCH',
      body: { dishes },
      revision: view.revision,
    });
    client.setQueryData(['class', classId], saved);
    await client.invalidateQueries({ queryKey: ['classes'] });
    void navigate(`/classes/${classId}/portion`);
  };
  return (
    <>
      <Button look={look} onPress={() => setOpen(true)}>
        Put on a class
      </Button>
      <Dialog title="Put on a class" isOpen={isOpen} onClose={() => setOpen(false)}>
        <ListBox
          aria-label="Classes"
          items={[...classes].reverse()}
          onAction={(key) => void putOnMenu(String(key)).catch((error: Error) => say(error.message))}
          renderEmptyState={() => 'There is no class yet. Make one under Classes.'}
        >
          {(item) => (
            <ListChoice id={item.id} textValue={item.title}>
              {item.title} <Quietly>{showDate(item.startsAt)}</Quietly>
            </ListChoice>
          )}
        </ListBox>
      </Dialog>
    </>
  );
}
