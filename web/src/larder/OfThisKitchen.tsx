import { useState } from 'react';
import { allergens, type Ingredient, type LarderEntry, type OwnIngredient } from '@fornax/core';
import type { LarderEntries } from '../api/useLarderEntries.js';
import { Boxes, TickBox } from '../parts/Boxes.js';
import { Button } from '../parts/Button.js';
import { NewIngredient } from '../parts/food/NewIngredient.js';
import { Quietly, Row } from '../parts/states.js';
import { ErrorText } from '../parts/kit.js';

/** What this kitchen says of an ingredient: the words that mean it here, and the label of one of its own. */
export function OfThisKitchen({ ingredient, entries }: { ingredient: Ingredient; entries: LarderEntries }) {
  const [isOpen, setOpen] = useState(false);
  const [problem, setProblem] = useState('');
  const entry: LarderEntry = entries.entries.find((each) => each.ingredient === ingredient.id) ?? {
    ingredient: ingredient.id,
    figures: {},
    own: null,
  };
  const called = entry.called ?? [];
  const save = (next: LarderEntry) =>
    void entries.save(next).then(
      () => setProblem(''),
      (error: Error) => setProblem(error.message),
    );
  const forget = (name: string) => save({ ...entry, called: called.filter((each) => each !== name) });
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
      <MayContain entry={entry} save={save} />
      {problem ? <ErrorText role="alert">{problem}</ErrorText> : null}
      {isOwn(entry) ? (
        <NewIngredient isOpen={isOpen} entries={entries} existing={entry} onClose={() => setOpen(false)} />
      ) : null}
    </>
  );
}

/** What the label of the pack warns of: it counts for those for whom traces matter. */
function MayContain({ entry, save }: { entry: LarderEntry; save: (next: LarderEntry) => void }) {
  const chosen = entry.mayContain ?? [];
  return (
    <details>
      <summary>
        May contain, by the label of the pack:{' '}
        <Quietly>{chosen.length > 0 ? chosen.join(', ') : 'nothing written down'}</Quietly>
      </summary>
      <Boxes
        aria-label="May contain, by the label of the pack"
        value={[...chosen]}
        onChange={(value) => save({ ...entry, mayContain: allergens.filter((each) => value.includes(each)) })}
      >
        {allergens.map((each) => (
          <TickBox key={each} value={each}>
            {each}
          </TickBox>
        ))}
      </Boxes>
    </details>
  );
}

function isOwn(entry: LarderEntry): entry is LarderEntry & { own: OwnIngredient } {
  return entry.own !== null;
}
