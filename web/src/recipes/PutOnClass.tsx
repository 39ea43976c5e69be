import { useState } from 'react';
import type { Recipe } from '@fornax/core';
import { Button, type ButtonLook } from '../parts/Button.js';
import { lazyPart } from '../parts/lazy-part.js';

const PutOnClassDialog = lazyPart(() =>
  import('./PutOnClassDialog.js').then((module) => module.PutOnClassDialog),
);

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
  return (
    <>
      <Button look={look} onPress={() => setOpen(true)}>
        Put on a class
      </Button>
      {isOpen ? (
        <PutOnClassDialog recipeId={recipeId} recipe={recipe} onClose={() => setOpen(false)} />
      ) : null}
    </>
  );
}
