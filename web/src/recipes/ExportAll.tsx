import { useState } from 'react';
import type { RecipeSummary, RecipeView } from '@fornax/contract';
import { mostRecipesInFile, type Recipe, writeFornaxRecipes } from '@fornax/core';
import { call } from '../api/client.js';
import { Button } from '../parts/Button.js';
import { saveFile } from '../parts/files/save-file.js';
import { ErrorText } from '../parts/kit.js';

/** Saves the whole library, each recipe with its sub-recipes written out; a large one in several files. */
export function ExportAll({ recipes }: { recipes: readonly RecipeSummary[] }) {
  const [done, setDone] = useState<number | null>(null);
  const [problem, setProblem] = useState('');
  const exportAll = async () => {
    setProblem('');
    try {
      const whole: Recipe[] = [];
      for (const { id } of recipes) {
        setDone(whole.length);
        whole.push((await call<RecipeView>(`/recipes/${id}`)).whole);
      }
      for (let from = 0; from < whole.length; from += mostRecipesInFile) {
        const part = whole.length > mostRecipesInFile ? `-${from / mostRecipesInFile + 1}` : '';
        const file = writeFornaxRecipes(whole.slice(from, from + mostRecipesInFile));
        saveFile(`library${part}.json`, 'application/json', file);
      }
    } catch (error) {
      setProblem(`The library was not exported: ${(error as Error).message}`);
    }
    setDone(null);
  };
  return (
    <>
      <Button isDisabled={done !== null} onPress={() => void exportAll()}>
        {done === null ? 'Export all' : `Exporting ${done} of ${recipes.length} …`}
      </Button>
      {problem ? <ErrorText role="alert">{problem}</ErrorText> : null}
    </>
  );
}
