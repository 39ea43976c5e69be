import { useState } from 'react';
import styled from 'styled-components';
import { candidatesOf, findIngredient, type LarderEntry, presumedOf, readName } from '@fornax/core';
import { type LarderEntries, useLarderEntries } from '../../api/useLarderEntries.js';
import { useKitchen } from '../../api/useLarder.js';
import { Button } from '../Button.js';
import { lazyPart } from '../lazy-part.js';
import { Quietly } from '../states.js';
import { useSay } from '../toasts.js';
import { ErrorText, LookHere } from '../kit.js';

/** The form comes when a food is to be added. */
const NewIngredient = lazyPart(() => import('./NewIngredient.js').then((module) => module.NewIngredient));

const Asked = styled.div`
  /* Among fields it takes a row of its own. */
  grid-column: 1 / -1;
  margin-top: 0.25rem;
  font-size: ${({ theme }) => theme.size.small};
  line-height: 1.125rem;
`;
const Answers = styled.div`
  display: flex;
  flex-wrap: wrap;
  gap: 0.375rem;
  margin-top: 0.25rem;
`;

/**
 * Asks which food a name means. The answer is the kitchen's: every recipe with the same words follows, and
 * it can be taken back.
 */
export function FoodQuestion({ name, isSure = false }: { name: string; isSure?: boolean }) {
  const entries = useLarderEntries();
  const english = useKitchen()?.english ?? 'uk';
  const [isAdding, setAdding] = useState(false);
  const { answer, problem } = useAnswer(name, entries);
  const { larder } = entries;
  const meant = readName(name, larder).ingredient;
  const candidates = candidatesOf(name, larder).filter((id) => id !== meant);
  const presumed = presumedOf(name);
  const guess = presumed ? `: probably ${presumed.is}, not known which` : '';
  const isShared = readName(name, larder).shared.length > 0;
  return (
    <Asked role="group" aria-label={`What “${name}” is`}>
      {isSure ? (
        <Quietly>Does “{name}” mean something else in your kitchen?</Quietly>
      ) : (
        <>
          <LookHere>
            “{name}” {isShared ? 'can be several things' : `is not in the larder${guess}`}.
          </LookHere>{' '}
          {candidates.length > 0 ? 'Is it one of these, or new?' : 'Add it, so that its allergens are known.'}
        </>
      )}
      <Answers>
        {candidates.map((id) => (
          <Button key={id} look="plain" onPress={() => void answer(id)}>
            {findIngredient(larder, id)?.names[english]}
          </Button>
        ))}
        <Button look="quiet" onPress={() => setAdding(true)}>
          Add it to the larder
        </Button>
      </Answers>
      {problem ? <ErrorText role="alert">{problem}</ErrorText> : null}
      {isAdding ? (
        <NewIngredient isOpen entries={entries} name={name} onClose={() => setAdding(false)} />
      ) : null}
    </Asked>
  );
}

/** Names an ingredient of the larder by these words, with a way back. */
function useAnswer(name: string, { entries, larder, save }: LarderEntries) {
  const say = useSay();
  const [problem, setProblem] = useState('');
  const answer = async (ingredient: string) => {
    const before = entries.find((each) => each.ingredient === ingredient);
    const entry: LarderEntry = {
      ingredient,
      figures: before?.figures ?? {},
      own: before?.own ?? null,
      called: before?.called ?? [],
    };
    setProblem('');
    await save({ ...entry, called: [...entry.called!, name] }).then(
      () =>
        say(`“${name}” is ${larder.ingredients.get(ingredient)?.names.uk ?? 'known'} in every recipe now.`, {
          label: 'Undo',
          run: () => void save(entry).catch((error: Error) => setProblem(error.message)),
        }),
      (error: Error) => setProblem(error.message),
    );
  };
  return { answer, problem };
}
