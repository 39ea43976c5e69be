import { cacheByOwner } from '../../identity/index.js';
import type { TimelineEntry } from '../types.js';
import type { Attempt, Starts } from './attempt.js';

export type Spells = readonly Pick<TimelineEntry, 'kind' | 'start' | 'end'>[];

const spellsOnce = cacheByOwner<Starts, Spells>();

/** Minutes and kinds of what a plan holds. */
export function spellsOf({ tasks: { tasks }, starts }: Attempt): Spells {
  return spellsOnce(starts, [tasks], () =>
    tasks.map(({ id, kind, minutes }) => ({ kind, start: starts[id]!, end: starts[id]! + minutes })),
  );
}
