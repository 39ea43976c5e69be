import { useEffect, useRef, useState } from 'react';
import { useQueryClient } from '@tanstack/react-query';
import { DropZone, FileTrigger, Text } from 'react-aria-components';
import styled from 'styled-components';
import { v7 as uuid } from 'uuid';
import {
  counted,
  decodeText,
  groupWordsOf,
  type FileReading,
  type KitchenFacts,
  largestFileBytes,
  type MeasureSystem,
  measureSystems,
  type Recipe,
} from '@fornax/core';
import { call } from '../api/client.js';
import { useKitchen } from '../api/useLarder.js';
import { readInWorker } from '../workers/read-worker.js';
import { checks } from '../api/check.js';
import { Button } from '../parts/Button.js';
import { Dialog } from '../parts/Dialog.js';
import { Choice } from '../parts/Choice.js';
import { NotKnownFoods } from '../parts/food/NotKnownFoods.js';
import { Quietly, Row } from '../parts/states.js';
import { systemNames } from './edit/Details.js';
import { yieldSaid } from './yield-said.js';
import { LookHere } from '../parts/kit.js';

const Zone = styled(DropZone)`
  padding: 1.5rem;
  margin-bottom: 0.75rem;
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
  max-height: 18.75rem;
  overflow: auto;
  margin-bottom: 0.75rem;
  li {
    padding: 0.375rem 0;
    border-bottom: 1px solid ${({ theme }) => theme.colour.hairline};
    overflow-wrap: anywhere;
  }
`;
const Refused = styled.span`
  color: ${({ theme }) => theme.colour.beet};
`;

/** A file as it was chosen: its text, or why it has none. */
interface GivenFile {
  readonly id: string;
  readonly name: string;
  readonly text: string;
  readonly refused: string;
}

interface FoundRecipe {
  readonly id: string;
  readonly file: string;
  readonly recipe: Recipe | null;
  readonly sentence: string;
  readonly remarks: readonly string[];
}

/** Brings recipes in from files: each is shown with what was understood before anything is kept. */
export function ImportRecipes({ isOpen, onClose }: { isOpen: boolean; onClose: () => void }) {
  const [files, setFiles] = useState<readonly GivenFile[]>([]);
  const [system, setSystem] = useState<MeasureSystem>('metric');
  const found = useFound(files, system);
  const { kept, refused, keepAll, forget } = useKeepAll(found);
  const readFiles = async (chosen: readonly File[]) => {
    const given = await Promise.all(chosen.map(givenFile));
    setFiles((before) => [...before, ...given]);
  };
  const close = () => {
    setFiles([]);
    forget();
    onClose();
  };
  const ready = found.filter((each) => each.recipe && !kept.has(each.id)).length;
  return (
    <Dialog title="Import recipes" wide isOpen={isOpen} onClose={close}>
      <FileZone onFiles={(chosen) => void readFiles(chosen)} />
      <Choice
        label="Measured in"
        value={system}
        onChange={setSystem}
        options={measureSystems.map((id) => ({ id, name: systemNames[id] }))}
      />
      <List aria-label="What was found">
        {found.map((each) => (
          <FoundRow key={each.id} found={each} isKept={kept.has(each.id)} refused={refused[each.id] ?? ''} />
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

/** Keeps what was found, one after the other; what was refused says why and can be tried again. */
function useKeepAll(found: readonly FoundRecipe[]) {
  const client = useQueryClient();
  const [kept, setKept] = useState<ReadonlySet<string>>(new Set());
  const [refused, setRefused] = useState<Readonly<Record<string, string>>>({});
  const ids = useRef(new Map<string, string>());
  const keepAll = async () => {
    for (const { id, recipe } of found) {
      if (!recipe || kept.has(id)) continue;
      // The same recipe sent twice is there once.
      const own = ids.current.get(id) ?? uuid();
      ids.current.set(id, own);
      await call('/recipes', { method: 'POST', body: { id: own, content: recipe } }).then(
        () => setKept((before) => new Set(before).add(id)),
        (error: Error) => setRefused((before) => ({ ...before, [id]: error.message })),
      );
    }
    await client.invalidateQueries({ queryKey: ['recipes'] });
  };
  const forget = () => {
    setKept(new Set());
    setRefused({});
    ids.current.clear();
  };
  return { kept, refused, keepAll, forget };
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

/** The text of a file in whatever letters it was saved. */
async function givenFile(file: File): Promise<GivenFile> {
  const given = { id: uuid(), name: file.name, text: '', refused: '' };
  if (file.size > largestFileBytes)
    return {
      ...given,
      refused: 'This file is larger than 5 MB, more than any recipe: leave pictures out, or split it.',
    };
  return { ...given, text: decodeText(new Uint8Array(await file.arrayBuffer())) };
}

/**
 * What the files hold, read off the main thread: again where the spoons or the larder change, since an answer
 * is understood in every file at once.
 */
function useFound(files: readonly GivenFile[], system: MeasureSystem): readonly FoundRecipe[] {
  const entries = useKitchen()?.larder;
  const [found, setFound] = useState<readonly FoundRecipe[]>([]);
  useEffect(() => {
    let isWanted = true;
    void Promise.all(files.map((file) => recipesIn(file, system, entries ?? []))).then(
      (rows) => isWanted && setFound(rows.flat()),
    );
    return () => {
      isWanted = false;
    };
  }, [files, system, entries]);
  return found;
}

/** What a file holds: a row for each recipe, or one that says why there is none. */
async function recipesIn(
  file: GivenFile,
  system: MeasureSystem,
  entries: KitchenFacts['larder'],
): Promise<FoundRecipe[]> {
  const row = (recipe: Recipe | null, sentence: string, index = 0): FoundRecipe => ({
    id: `${file.id}/${index}`,
    file: file.name,
    recipe,
    sentence,
    remarks: [],
  });
  if (file.refused) return [row(null, file.refused)];
  const { recipes, refused, remarks } = await readInWorker((reader) =>
    reader.recipeFile(file.text, system, entries),
  ).catch((error: Error): FileReading => ({ recipes: [], refused: error.message, remarks: [] }));
  if (refused) return [row(null, refused)];
  return recipes.map((recipe, index) => {
    const problem = checks.recipe(recipe as never)[0];
    if (!problem) return { ...row(recipe, '', index), remarks };
    const title = typeof recipe?.title === 'string' ? `“${recipe.title}”: ` : '';
    return row(null, `${title}${problem.sentence}`, index);
  });
}

function FoundRow({
  found: { file, recipe, sentence, remarks },
  isKept,
  refused,
}: {
  found: FoundRecipe;
  isKept: boolean;
  refused: string;
}) {
  const marked = recipe?.lines.filter((line) => line.unread !== '').length ?? 0;
  const notKnown = [
    ...new Set(
      recipe?.lines
        // What each class chooses itself is no food to ask about here.
        .filter(({ ingredient, note }) => ingredient === null && groupWordsOf(note) === '')
        .map(({ name }) => name),
    ),
  ].filter(Boolean);
  return (
    <li>
      {recipe ? (
        <>
          <strong>{recipe.title}</strong>{' '}
          <Quietly>
            {recipe.kind}, serves {recipe.serves}
            {yieldSaid(recipe)} · {counted(recipe.lines.length, 'line')},{' '}
            {counted(recipe.steps.length, 'step')}, from {file}
          </Quietly>{' '}
          {marked > 0 ? <LookHere>{marked} to look at</LookHere> : null}{' '}
          {isKept ? <Quietly>kept</Quietly> : null}
          {remarks.map((remark) => (
            <Quietly key={remark}> {remark}</Quietly>
          ))}
          <NotKnownFoods names={notKnown} what="Foods" />
        </>
      ) : (
        <Quietly>{file}: </Quietly>
      )}
      {sentence || refused ? <Refused>{sentence || refused}</Refused> : null}
    </li>
  );
}
