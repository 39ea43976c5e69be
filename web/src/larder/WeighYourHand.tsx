import { useState } from 'react';
import styled from 'styled-components';
import { averageGrams, figureProblem, type Ingredient } from '@fornax/core';
import { Button } from '../parts/Button.js';
import { Dialog } from '../parts/Dialog.js';
import { Choice } from '../parts/Choice.js';
import { Field } from '../parts/Field.js';
import { Quietly, Row } from '../parts/states.js';
import { useSay } from '../parts/toasts.js';
import type { LarderEntries } from '../api/useLarderEntries.js';

const Grid = styled.div`
  display: grid;
  grid-template-columns: 1fr 1fr 1fr;
  gap: 0.75rem;
  margin-bottom: 0.75rem;
`;
const Result = styled.p`
  margin-bottom: 0.75rem;
  strong {
    font: 700 1.25rem/1.5rem ${({ theme }) => theme.font.heading};
  }
`;

const grips = [
  { id: 'handful', name: 'a handful' },
  { id: 'pinch', name: 'a pinch' },
  { id: 'squeeze', name: 'a squeeze' },
  { id: 'count.knob', name: 'a knob' },
  { id: 'count.clove', name: 'a clove' },
  { id: 'count.piece', name: 'a piece' },
] as const;
type Grip = (typeof grips)[number]['id'];

/**
 * Weighs a handful, a pinch or a squeeze, up to three times, and keeps the middle as the kitchen's own
 * figure.
 */
export function WeighYourHand({
  isOpen,
  entries,
  onClose,
}: {
  isOpen: boolean;
  entries: LarderEntries;
  onClose: () => void;
}) {
  const [grip, setGrip] = useState<Grip>('handful');
  const [ingredient, setIngredient] = useState('parsley');
  const [weights, setWeights] = useState(['', '', '']);
  const [problem, setProblem] = useState('');
  const say = useSay();
  const items = [...entries.larder.ingredients.values()].sort((a, b) =>
    a.names.uk.localeCompare(b.names.uk, 'en'),
  );
  const middle = averageGrams(weights);
  const reweigh = (next: string[]) => {
    setProblem('');
    setWeights(next);
  };
  const close = () => {
    setWeights(['', '', '']);
    setProblem('');
    onClose();
  };
  const keep = async () => {
    if (middle === null) return;
    const failure = await keepWeight(entries, { grip, ingredient, grams: middle });
    if (failure) return setProblem(failure);
    say(`Kept: ${nameOf(entries, grip, ingredient)} is ${middle} g here.`);
    return close();
  };
  return (
    <Dialog title="Weigh your hand" isOpen={isOpen} onClose={close}>
      <HowToWeigh />
      <Weighings
        grip={grip}
        ingredient={ingredient}
        weights={weights}
        items={items}
        problem={problem}
        onGrip={setGrip}
        onIngredient={setIngredient}
        onWeights={reweigh}
      />
      <Mean middle={middle} of={weights.filter((weight) => weight.trim()).length} />
      <Row>
        <Button look="act" isDisabled={middle === null} onPress={() => void keep()}>
          Keep this weight
        </Button>
        <Button look="quiet" onPress={close}>
          Cancel
        </Button>
      </Row>
    </Dialog>
  );
}

function HowToWeigh() {
  return (
    <p>
      <Quietly>
        Take it as you would while cooking, weigh it, and do it twice more. Recipes that say so are then
        worked out with your hand.
      </Quietly>
    </p>
  );
}

function Mean({ middle, of: weighings }: { middle: number | null; of: number }) {
  return (
    <Result aria-live="polite">
      {middle === null ? (
        <Quietly>The mean of your weighings appears here.</Quietly>
      ) : (
        <>
          <strong>{middle} g</strong> <Quietly>the mean of {weighings}</Quietly>
        </>
      )}
    </Result>
  );
}

function Weighings({
  grip,
  ingredient,
  weights,
  items,
  problem,
  onGrip,
  onIngredient,
  onWeights,
}: {
  grip: Grip;
  ingredient: string;
  weights: readonly string[];
  items: readonly Ingredient[];
  problem: string;
  onGrip: (grip: Grip) => void;
  onIngredient: (id: string) => void;
  onWeights: (weights: string[]) => void;
}) {
  return (
    <Grid>
      <Choice<Grip> label="What" value={grip} options={grips} onChange={onGrip} />
      <Choice
        label="Of"
        value={ingredient}
        options={items.map((item) => ({ id: item.id, name: item.names.uk }))}
        onChange={onIngredient}
      />
      <span />
      {weights.map((weight, index) => (
        <Field
          key={index}
          label={`Weighing ${index + 1}, g`}
          inputMode="numeric"
          value={weight}
          onChange={(value) => onWeights(weights.map((each, at) => (at === index ? value : each)))}
          problem={index === 0 ? problem || undefined : undefined}
        />
      ))}
    </Grid>
  );
}

/** Keeps a weight as the kitchen's own; returns why it cannot be, or an empty text. */
function keepWeight(
  entries: LarderEntries,
  { grip, ingredient, grams }: { grip: Grip; ingredient: string; grams: number },
): Promise<string> {
  const wrong = figureProblem(grip, grams);
  if (wrong) return Promise.resolve(wrong);
  return entries.setFigure(ingredient, grip, grams).then(
    () => '',
    (error: Error) => error.message,
  );
}

/** "a handful of parsley". */
function nameOf(entries: LarderEntries, grip: Grip, ingredient: string): string {
  const taken = grips.find(({ id }) => id === grip)!.name;
  return `${taken} of ${entries.larder.ingredients.get(ingredient)?.names.uk}`;
}
