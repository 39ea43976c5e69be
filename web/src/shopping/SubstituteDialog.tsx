import { useMemo, useState } from 'react';
import type { ShoppingRow } from '@fornax/core';
import { Effect } from '../parts/Effect.js';
import { useOpenClass } from '../classes/class-context.js';
import { useDecisions } from '../classes/useDecisions.js';
import { Button } from '../parts/Button.js';
import { Dialog } from '../parts/Dialog.js';
import { Choice } from '../parts/Choice.js';
import { Quietly, Row } from '../parts/states.js';

/** Not to be had: what takes its place, and what that changes, before it is taken. */
export function SubstituteDialog({ row, onClose }: { row: ShoppingRow; onClose: () => void }) {
  const { bundle } = useOpenClass();
  const { decisions, decide } = useDecisions();
  const [chosen, setChosen] = useState(row.substitutes[0]!.ingredient);
  const substitute = row.substitutes.find((each) => each.ingredient === chosen)!;
  const substitutes = useMemo(
    () => ({ ...decisions.substitutes, [row.ingredient!]: chosen }),
    [decisions, row.ingredient, chosen],
  );
  const after = useMemo(
    () => ({ ...bundle, class: { ...bundle.class, decisions: { ...decisions, substitutes } } }),
    [bundle, decisions, substitutes],
  );
  const take = () => {
    decide({ substitutes }, `${substitute.name} takes the place of ${row.name}.`);
    onClose();
  };
  return (
    <Dialog title={`No ${row.name} to be had`} isOpen onClose={onClose}>
      <Choice
        label="What takes its place"
        value={chosen}
        options={row.substitutes.map(({ ingredient, name }) => ({ id: ingredient, name }))}
        onChange={setChosen}
      />
      <p>
        <Quietly>{substitute.effect}</Quietly>
      </p>
      <Effect bundle={bundle} after={after} />
      <Row>
        <Button look="act" onPress={take}>
          Use {substitute.name}
        </Button>
        <Button look="quiet" onPress={onClose}>
          Keep {row.name}
        </Button>
      </Row>
    </Dialog>
  );
}
