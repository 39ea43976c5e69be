import { useState } from 'react';
import { flightBowls } from '@fornax/core';
import { Button } from '../parts/Button.js';
import { Dialog } from '../parts/Dialog.js';
import { lazyPart } from '../parts/lazy-part.js';
import { Loading } from '../parts/states.js';
import type { BenchBowl } from './bowls.js';

const FlightForm = lazyPart(
  () => import('./FlightForm.js').then((module) => module.FlightForm),
  () => <Loading what="the flight" />,
);

/** Two to four bowls become a tasting flight on the menu of a class. */
export function Flight({ bowls }: { bowls: readonly BenchBowl[] }) {
  const [isOpen, setOpen] = useState(false);
  if (bowls.length < flightBowls.least) return null;
  return (
    <>
      <Button look="quiet" onPress={() => setOpen(true)}>
        Taste as a flight
      </Button>
      <Dialog title="Taste as a flight" isOpen={isOpen} onClose={() => setOpen(false)}>
        <FlightForm bowls={bowls} />
      </Dialog>
    </>
  );
}
