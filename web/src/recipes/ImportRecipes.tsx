import { useState } from 'react';
import { useQueryClient } from '@tanstack/react-query';
import { DropZone, FileTrigger, Text } from 'react-aria-components';
import styled from 'styled-components';
import { v7 as uuid } from 'uuid';
import { type Larder, largestFileBytes, readRecipeFile, type Recipe } from '@fornax/core';
import { call } from '../api/client.js';
import { useLarder } from '../api/useLarder.js';
import { checkRecipe } from '../api/check.js';
import { Button } from '../parts/Button.js';
import { Dialog } from '../parts/Dialog.js';
import { Quietly, Row } from '../parts/states.js';

const Zone = styled(DropZone)`
  padding: 24px;
  margin-bottom: 12px;
  border: 1.5px dashed ${({ theme }) => theme.colour.quiet};
  border-radius: ${({ theme }) => theme.radius};
  text-align: center;
  &[data-drop-target] {
    background: ${({ theme }) => theme.colour.basilPale};
  }
  &[data-focus-visible] {
    outline: 2px solid ${({ theme }) => theme.colour.basil};
  }
`;
const List = styled.ul`
  max-height: 300px;
  overflow: auto;
  margin-bottom: 12px;
  li {
    padding: 6px 0;
    border-bottom: 1px solid ${({ theme }) => theme.colour.hairline};
    overflow-wrap: anywhere;
  }
`;
const Refused = styled.span`
  color: ${({ theme }) => theme.colour.beet};
`;
const Look = styled.span`
  color: ${({ theme }) => theme.colour.lemonText};
  font-weight: 600;
`;

interface FoundRecipe {
  readonly id: string;
  readonly file: string;
  readonly recipe: Recipe | null;
  readonly sentence: string;
  readonly kept: boolean;
}

/** Brings recipes in from files: each is shown with what was understood before anything is kept. */
export function ImportRecipes({ isOpen, onClose }: { isOpen: boolean; onClose: () => void }) {
  const [found, setFound] = useState<readonly FoundRecipe[]>([]);
  const larder = useLarder();
  const client = useQueryClient();
  const readFiles = async (files: readonly File[]) => {
    const read = await Promise.all(files.map((file) => recipesIn(file, larder)));
    setFound((before) => [...before.filter((each) => !each.kept), ...read.flat()]);
  };
  const keepAll = async () => {
    for (const recipe of found) {
      if (!recipe.recipe || recipe.kept) continue;
      const sentence = await call('/recipes', {
        method: 'POST',
        body: { id: recipe.id, content: recipe.recipe },
      }).then(
        () => '',
        (error: Error) => error.message,
      );
      setFound((now) =>
        now.map((row) => (row.id === recipe.id ? { ...row, sentence, kept: sentence === '' } : row)),
      );
    }
    await client.invalidateQueries({ queryKey: ['recipes'] });
  };
  const close = () => {
    setFound([]);
    onClose();
  };
  const ready = found.filter((each) => each.recipe && !each.kept).length;
  return (
    <Dialog title="Bring in recipes" wide isOpen={isOpen} onClose={close}>
      <FileZone onFiles={(files) => void readFiles(files)} />
      <List aria-label="What was found">
        {found.map((each) => (
          <FoundRow key={each.id} found={each} />
        ))}
      </List>
      <Row>
        <Button look="act" isDisabled={ready === 0} onPress={() => void keepAll()}>
          {ready > 1 ? `Keep ${ready} recipes` : 'Keep the recipe'}
        </Button>
        <Button look="quiet" onPress={close}>
          Close
        </Button>
      </Row>
    </Dialog>
  );
}

function FileZone({ onFiles }: { onFiles: (files: readonly File[]) => void }) {
  return (
    <Zone
      onDrop={(event) =>
        void Promise.all(
          event.items.filter((item) => item.kind === 'file').map((item) => item.getFile()),
        ).then(onFiles)
      }
    >
      <Text slot="label">
        Drop files here: a saved web page, JSON-LD, Markdown or a Fornax file, up to 5 MB each.{' '}
      </Text>
      <FileTrigger
        allowsMultiple
        acceptedFileTypes={['.html', '.htm', '.json', '.jsonld', '.md', '.markdown', '.txt']}
        onSelect={(list) => onFiles([...(list ?? [])])}
      >
        <Button>Choose files</Button>
      </FileTrigger>
    </Zone>
  );
}

/** What a file holds: a row for each recipe, or one that says why there is none. */
async function recipesIn(file: File, larder: Larder): Promise<FoundRecipe[]> {
  const row = (recipe: Recipe | null, sentence: string): FoundRecipe => ({
    id: uuid(),
    file: file.name,
    recipe,
    sentence,
    kept: false,
  });
  if (file.size > largestFileBytes)
    return [
      row(null, 'This file is larger than 5 MB, more than any recipe: leave pictures out, or split it.'),
    ];
  const { recipes, refused } = readRecipeFile(await file.text(), { system: 'metric', larder });
  if (refused) return [row(null, refused)];
  return recipes.map((recipe) => {
    const problem = checkRecipe(recipe as never)[0];
    if (!problem) return row(recipe, '');
    const title = typeof recipe?.title === 'string' ? `“${recipe.title}”: ` : '';
    return row(null, `${title}${problem.sentence}`);
  });
}

function FoundRow({ found: { file, recipe, sentence, kept } }: { found: FoundRecipe }) {
  const marked = recipe?.lines.filter((line) => line.unread !== '').length ?? 0;
  return (
    <li>
      {recipe ? (
        <>
          <strong>{recipe.title}</strong>{' '}
          <Quietly>
            {recipe.lines.length} lines, {recipe.steps.length} steps, from {file}
          </Quietly>{' '}
          {marked > 0 ? <Look>{marked} to look at</Look> : null} {kept ? <Quietly>kept</Quietly> : null}
        </>
      ) : (
        <Quietly>{file}: </Quietly>
      )}
      {sentence ? <Refused>{sentence}</Refused> : null}
    </li>
  );
}
