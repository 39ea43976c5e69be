import { useQuery } from '@tanstack/react-query';
import { ListBox } from 'react-aria-components';
import { type Recipe, showDate } from '@fornax/core';
import { classesQuery } from '../api/queries.js';
import { usePutOnMenu } from '../api/usePutOnMenu.js';
import { Dialog } from '../parts/Dialog.js';
import { ListChoice } from '../parts/ListChoice.js';
import { Quietly } from '../parts/states.js';
import { useSay } from '../parts/toasts.js';

interface PutOnClassDialogProps {
  recipeId: string;
  recipe: Recipe;
  onClose: () => void;
}

/** The classes, the newest first: the recipe goes on the menu of the one that is chosen. */
export function PutOnClassDialog({ recipeId, recipe, onClose }: PutOnClassDialogProps) {
  const { data: classes = [] } = useQuery(classesQuery);
  const putOnMenu = usePutOnMenu();
  const say = useSay();
  const put = (classId: string) => {
    onClose();
    return putOnMenu(classId, { recipeId, portion: recipe.portion });
  };
  return (
    <Dialog title="Put on a class" isOpen onClose={onClose}>
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
  );
}
