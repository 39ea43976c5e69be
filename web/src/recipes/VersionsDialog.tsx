import { useState } from 'react';
import { useInfiniteQuery, useQueryClient } from '@tanstack/react-query';
import type { RecipeVersionView } from '@fornax/contract';
import styled from 'styled-components';
import { compareRecipes, type Recipe, showDate } from '@fornax/core';
import { call } from '../api/client.js';
import { versionsQuery } from '../api/queries.js';
import { Button } from '../parts/Button.js';
import { Dialog } from '../parts/Dialog.js';
import { Differences } from '../parts/Differences.js';
import { Field } from '../parts/Field.js';
import { Failed, Loading, Quietly, Row } from '../parts/states.js';
import { useSay } from '../parts/toasts.js';

const Version = styled.section`
  padding: 0.625rem 0;
  border-top: 1px solid ${({ theme }) => theme.colour.ink};
`;
const Keep = styled.div`
  display: grid;
  grid-template-columns: minmax(0, 1fr) auto;
  gap: 0.625rem;
  align-items: end;
  margin-bottom: 0.75rem;
`;

/** Versions that were cut, each with what changed since the one before; the draft can be kept as one. */
export function VersionsDialog({
  recipeId,
  whole,
  onClose,
}: {
  recipeId: string;
  whole: Recipe;
  onClose: () => void;
}) {
  return (
    <Dialog title="Versions" wide isOpen onClose={onClose}>
      <VersionList recipeId={recipeId} whole={whole} />
    </Dialog>
  );
}

function VersionList({ recipeId, whole }: { recipeId: string; whole: Recipe }) {
  const { data, error, refetch, hasNextPage, fetchNextPage } = useInfiniteQuery(versionsQuery(recipeId));
  const versions = data?.pages.flatMap(({ rows }) => rows);
  const [note, setNote] = useState('');
  const client = useQueryClient();
  const say = useSay();
  const keep = async () => {
    const kept = await call<RecipeVersionView[]>(`/recipes/${recipeId}/versions`, {
      method: 'POST',
      body: { note },
    });
    await client.invalidateQueries(versionsQuery(recipeId));
    setNote('');
    say(`Kept as version ${kept[0]!.number}.`);
  };
  if (error && !versions) return <Failed error={error} onRetry={() => void refetch()} />;
  if (!versions) return <Loading what="the versions" />;
  const newest = versions[0];
  const differs = !newest || compareRecipes(newest.content, whole).length > 0;
  return (
    <>
      <p>
        <Quietly>
          A class stays on the version it took. One is cut when a class first takes the recipe, or when you
          keep it.
        </Quietly>
      </p>
      {newest && differs ? (
        <Version aria-label="The draft">
          <h3>The draft, since version {newest.number}</h3>
          <Differences before={newest.content} after={whole} />
        </Version>
      ) : null}
      {differs ? (
        <Keep>
          <Field label="What changed, in a word" value={note} onChange={setNote} maxLength={200} />
          <Button look="act" onPress={() => void keep().catch((failure: Error) => say(failure.message))}>
            Keep the draft as a version
          </Button>
        </Keep>
      ) : null}
      {versions.map((version, index) => (
        <KeptVersion
          key={version.number}
          version={version}
          before={versions[index + 1]}
          isFirst={!hasNextPage && index === versions.length - 1}
        />
      ))}
      {hasNextPage ? <Button onPress={() => void fetchNextPage()}>Show earlier versions</Button> : null}
    </>
  );
}

function KeptVersion({
  version,
  before,
  isFirst,
}: {
  version: RecipeVersionView;
  before: RecipeVersionView | undefined;
  isFirst: boolean;
}) {
  return (
    <Version aria-label={`Version ${version.number}`}>
      <Row>
        <h3>Version {version.number}</h3>
        <Quietly>
          {[
            version.at ? showDate(version.at) : '',
            version.by ? `kept by ${version.by}` : 'taken by a class',
            version.note,
          ]
            .filter(Boolean)
            .join(' · ')}
        </Quietly>
      </Row>
      {before ? (
        <Differences before={before.content} after={version.content} />
      ) : (
        <Quietly>{isFirst ? 'The first one.' : 'Show earlier versions to see what changed with it.'}</Quietly>
      )}
    </Version>
  );
}
