import { useState } from 'react';
import styled from 'styled-components';
import type { Ingredient, LarderEntry, OwnIngredient } from '@fornax/core';
import type { LarderEntries } from '../api/useLarderEntries.js';
import { Button } from '../parts/Button.js';
import { NewIngredient } from '../parts/food/NewIngredient.js';
import { Quietly, Row } from '../parts/states.js';

const Problem = styled.p`
  color: ${({ theme }) => theme.colour.beet};
`;

/** What this kitchen says of an ingredient: the words that mean it here, and the label of one of its own. */
export function OfThisKitchen({ ingredient, entries }: { ingredient: Ingredient; entries: LarderEntries }) {
  const [isOpen, setOpen] = useState(false);
  const [problem, setProblem] = useState('');
  const entry = entries.entries.find((each) => each.ingredient === ingredient.id);
  if (!entry) return null;
  const called = entry.called ?? [];
  const forget = (name: string) =>
    void entries.save({ ...entry, called: called.filter((each) => each !== name) }).then(
      () => setProblem(''),
      (error: Error) => setProblem(error.message),
    );
  return (
    <>
      {called.map((name) => (
        <Row key={name} $gap={2}>
          <Quietly>“{name}” means it in every recipe of this kitchen.</Quietly>
          <Button look="quiet" aria-label={`“${name}” no longer means it`} onPress={() => forget(name)}>
            Take that back
          </Button>
        </Row>
      ))}
      {entry.own ? <Button onPress={() => setOpen(true)}>Change what its label says</Button> : null}
      {problem ? <Problem role="alert">{problem}</Problem> : null}
      {isOwn(entry) ? (
        <NewIngredient isOpen={isOpen} entries={entries} existing={entry} onClose={() => setOpen(false)} />
      ) : null}
    </>
  );
}

function isOwn(entry: LarderEntry): entry is LarderEntry & { own: OwnIngredient } {
  return entry.own !== null;
}
