import { useState } from 'react';
import { averageGrams, figureProblem } from '@fornax/core';
import styled from 'styled-components';
import { Button } from '../parts/Button.js';
import { Dialog } from '../parts/Dialog.js';
import { Choice, Field } from '../parts/Field.js';
import { Quietly, Row } from '../parts/states.js';
import { useSay } from '../parts/toasts.js';

import type { LarderEntries } from './useLarderEntries.js';

const Grid = styled.div`
  display: grid;
  grid-template-columns: 1fr 1fr 1fr;
  gap: 12px;
  margin-bottom: 12px;
`;
const Result = styled.p`
  margin-bottom: 12px;
  strong {
    font: 700 20px/24px ${({ theme }) => theme.font.heading};
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
  const close = () => {
    setWeights(['', '', '']);
    setProblem('');
    onClose();
  };
  const keep = async () => {
    if (middle === null) return;
    const wrong = figureProblem(grip, middle);
    if (wrong) return setProblem(wrong);
    const named =
      `${grips.find(({ id }) => id === grip)!.name} of ` +
      `${entries.larder.ingredients.get(ingredient)?.names.uk}`;
    await entries.setFigure(ingredient, grip, middle).then(
      () => {
        say(`Kept: ${named} is ${middle} g here.`);
        close();
      },
      (error: Error) => setProblem(error.message),
    );
  };
  return (
    <Dialog title="Weigh your hand" isOpen={isOpen} onClose={close}>
      <p>
        <Quietly>
          Take it as you would while cooking, weigh it, and do it twice more. Recipes that say so are then
          worked out with your hand.
        </Quietly>
      </p>
      <Grid>
        <Choice<Grip> label="What" value={grip} options={grips} onChange={setGrip} />
        <Choice
          label="Of"
          value={ingredient}
          options={items.map((item) => ({ id: item.id, name: item.names.uk }))}
          onChange={setIngredient}
        />
        <span />
        {weights.map((weight, index) => (
          <Field
            key={index}
            label={`Weighing ${index + 1}, g`}
            inputMode="numeric"
            value={weight}
            onChange={(value) => {
              setProblem('');
              setWeights(weights.map((each, at) => (at === index ? value : each)));
            }}
            problem={index === 0 ? problem || undefined : undefined}
          />
        ))}
      </Grid>
      <Result aria-live="polite">
        {middle === null ? (
          <Quietly>The mean of your weighings appears here.</Quietly>
        ) : (
          <>
            <strong>{middle} g</strong>{' '}
            <Quietly>the mean of {weights.filter((weight) => weight.trim()).length}</Quietly>
          </>
        )}
      </Result>
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
