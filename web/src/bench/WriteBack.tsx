import { useState } from 'react';
import { useQueryClient } from '@tanstack/react-query';
import { call } from '../api/client.js';
import { contentOf, recipeRow } from '../api/rows.js';
import { useKitchen, useLarder } from '../api/useLarder.js';
import { Button } from '../parts/Button.js';
import { Quietly } from '../parts/states.js';
import { useSay } from '../parts/toasts.js';
import { bowlOfRecipe, textsWith, writtenBack } from './bowls.js';
import { writeBackId } from './places.js';
import type { Bench } from './useBench.js';

/** The sum of the bowl becomes the recipe, as a version of its own. */
export function WriteBack({ bench }: { bench: Bench }) {
  const larder = useLarder();
  const system = useKitchen()!.system;
  const client = useQueryClient();
  const say = useSay();
  const [problem, setProblem] = useState('');
  const [isBusy, setIsBusy] = useState(false);
  const bowl = bench.bowls[bench.chosen]!;
  const { from } = bowl;
  if (!from) return null;
  const write = async () => {
    setIsBusy(true);
    setProblem('');
    try {
      const kept = recipeRow(from.recipeId);
      const row = await kept.read();
      const texts = textsWith(bowl, system, larder);
      const { recipe, changes } = writtenBack(contentOf(row), bowl, texts, larder);
      if (changes.length === 0) return say('The recipe has these amounts already.');
      await kept.send(recipe, row.revision, row);
      await call(`/recipes/${from.recipeId}/versions`, {
        method: 'POST',
        body: { note: `From the dressing bench: ${changes.join('; ')}`.slice(0, 200) },
      });
      await client.invalidateQueries();
      const next = bowlOfRecipe(from.recipeId, recipe, from.componentId);
      bench.change({ texts, log: [], from: next?.from ?? null });
      say(`A new version of the recipe: ${changes.join('; ')}.`);
    } catch (failure) {
      setProblem((failure as Error).message);
    } finally {
      setIsBusy(false);
    }
  };
  return (
    <p id={writeBackId}>
      <Button isDisabled={isBusy} onPress={() => void write()}>
        Make this the recipe
      </Button>{' '}
      <Quietly role="status">{problem}</Quietly>
    </p>
  );
}
