import { useState } from 'react';
import { useQuery } from '@tanstack/react-query';
import { ListBox } from 'react-aria-components';
import { type Recipe, showDate } from '@fornax/core';
import { classesQuery } from '../api/queries.js';
import { Button, type ButtonLook } from '../parts/Button.js';
import { Dialog } from '../parts/Dialog.js';
import { ListChoice } from '../parts/Choice.js';
import { Quietly } from '../parts/states.js';
import { useSay } from '../parts/toasts.js';
import { usePutOnMenu } from '../api/usePutOnMenu.js';

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
  const putOnMenu = usePutOnMenu();
  const say = useSay();
  const put = (classId: string) => {
    setOpen(false);
    return putOnMenu(classId, { recipeId, portion: recipe.portion });
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
          onAction={(key) => void put(String(key)).catch((error: Error) => say(error.message))}
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
