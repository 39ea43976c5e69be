import {
  type Addition,
  type Balance,
  helpFor,
  type Larder,
  outOfWindow,
  schoolTarget,
  writtenSpoons,
} from '@fornax/core';
import { useKitchen } from '../api/useLarder.js';
import { Button } from '../parts/Button.js';
import { OpenList } from '../parts/OpenList.js';
import type { BenchBowl } from './bowls.js';
import { bowlLineId, logRowId, writeBackId } from './places.js';

interface BenchOpenProps {
  readonly bowl: BenchBowl;
  /** With everything that was added. */
  readonly balance: Balance;
  readonly larder: Larder;
  readonly onAdd: (addition: Addition, why: string) => void;
}

/**
 * What is open of the bowl: what nobody knows of it first, then what is out of its window, each with what
 * helps, then what was added and is not tasted or not written back.
 */
export function BenchOpen({ bowl, balance, larder, onAdd }: BenchOpenProps) {
  const target = schoolTarget(balance.school, useKitchen()?.schools);
  const last = bowl.log[bowl.log.length - 1];
  const rows = [
    ...balance.missing.map(({ lineId, what, sentence }) => (
      <li key={`${lineId}${what}`}>
        {sentence}.{' '}
        <Button look="quiet" onPress={() => focusIn(bowlLineId(lineId), 'input')}>
          Go to the line
        </Button>
      </li>
    )),
    ...outOfWindow(balance, target).map((open) => {
      const help = helpFor(open, balance, larder);
      return (
        <li key={open.figure}>
          {open.sentence}.{' '}
          {help ? (
            <Button look="quiet" onPress={() => onAdd(help, open.complaint)}>
              Add {writtenSpoons(help.teaspoons)} {help.name}
            </Button>
          ) : null}
        </li>
      );
    }),
    last && last.mark === '' ? (
      <li key="taste">
        Not tasted since {writtenSpoons(last.teaspoons)} {last.name} went in.{' '}
        <Button look="quiet" onPress={() => focusIn(logRowId(bowl.log.length), '[aria-haspopup]')}>
          Say what it is like
        </Button>
      </li>
    ) : null,
    bowl.from && last ? (
      <li key="back">
        What was added is not in the recipe.{' '}
        <Button look="quiet" onPress={() => focusIn(writeBackId, 'button')}>
          Go to where it is written back
        </Button>
      </li>
    ) : null,
  ].filter((row) => row !== null);
  return (
    <>
      <h2>{rows.length > 0 ? 'To decide here' : 'All done here'}</h2>
      {balance.grams <= 0 ? (
        <p>Nothing in the bowl is weighed yet.</p>
      ) : rows.length === 0 ? (
        <p>Nothing of this bowl is out of its window.</p>
      ) : null}
      <OpenList aria-label="Decisions about this bowl">{rows}</OpenList>
    </>
  );
}

/** What is to be changed there has the focus. */
function focusIn(id: string, what: string): void {
  document.getElementById(id)?.querySelector<HTMLElement>(what)?.focus();
}
