import { useState } from 'react';
import type { Recipe } from '@fornax/core';
import { Button } from '../parts/Button.js';
import { lazyPart } from '../parts/lazy-part.js';

const VersionsDialog = lazyPart(() => import('./VersionsDialog.js').then((module) => module.VersionsDialog));

/** The way to the versions of a recipe. */
export function Versions({ recipeId, whole }: { recipeId: string; whole: Recipe }) {
  const [isOpen, setOpen] = useState(false);
  return (
    <>
      <Button onPress={() => setOpen(true)}>Versions</Button>
      {isOpen ? <VersionsDialog recipeId={recipeId} whole={whole} onClose={() => setOpen(false)} /> : null}
    </>
  );
}
