import { useState } from 'react';
import { useQueryClient } from '@tanstack/react-query';
import type { ErasedView } from '@fornax/contract';
import { call } from '../api/client.js';
import { Button } from './Button.js';
import { Row } from './states.js';
import { useSay } from './toasts.js';

/** Erases somebody from every class of the kitchen, for good: it is asked once more. */
export function ErasePerson({ name, onErased }: { name: string; onErased: () => void }) {
  const [isAsking, setAsking] = useState(false);
  const client = useQueryClient();
  const say = useSay();
  const erase = async () => {
    const { classes } = await call<ErasedView>('/people/erase', { method: 'POST', body: { name } });
    onErased();
    await client.invalidateQueries();
    say(`What was kept of ${name} is erased from ${classes === 1 ? '1 class' : `${classes} classes`}.`);
  };
  if (!isAsking)
    return (
      <Button look="quiet" onPress={() => setAsking(true)}>
        Erase everywhere
      </Button>
    );
  return (
    <Row $gap={2} role="group" aria-label={`Erase ${name} everywhere`}>
      <span>Erase {name} from every class? It cannot be undone.</span>
      <Button look="harm" onPress={() => void erase().catch((error: Error) => say(error.message))}>
        Erase for good
      </Button>
      <Button look="quiet" onPress={() => setAsking(false)}>
        Keep
      </Button>
    </Row>
  );
}
