import type { TickView } from '@fornax/contract';
import { without } from '../parts/without.js';

/** What was marked on one row: whether it is ticked, and how many are missing or broken. */
interface Mark {
  readonly ticked: boolean;
  readonly count: number;
}

/** Marks by row. */
export type Marks = Readonly<Record<string, Mark>>;

export interface TickState {
  /** Marks that the server does not have yet. */
  readonly unsent: Marks;
  /** Marks that were sent from here and nobody has looked over since. */
  readonly mine: Marks;
}

export const noTicks: TickState = { unsent: {}, mine: {} };

export type TickEvent =
  | { readonly kind: 'found on device'; readonly unsent: Marks }
  | { readonly kind: 'marked'; readonly key: string; readonly mark: Mark }
  | { readonly kind: 'sent'; readonly key: string; readonly mark: Mark }
  /** The server will never take it: its row is gone. */
  | { readonly kind: 'refused'; readonly key: string; readonly mark: Mark }
  | { readonly kind: 'accepted'; readonly key: string };

/** A mark made while another one of the same row was on its way stays to be sent. */
export function reduceTicks(state: TickState, event: TickEvent): TickState {
  switch (event.kind) {
    case 'found on device':
      return { ...state, unsent: { ...event.unsent, ...state.unsent } };
    case 'marked':
      return { ...state, unsent: { ...state.unsent, [event.key]: event.mark } };
    case 'sent':
      return { unsent: settled(state.unsent, event), mine: { ...state.mine, [event.key]: event.mark } };
    case 'refused':
      return { ...state, unsent: settled(state.unsent, event) };
    case 'accepted':
      return { ...state, mine: without(state.mine, event.key) };
  }
}

function settled(unsent: Marks, { key, mark }: { key: string; mark: Mark }): Marks {
  return unsent[key] === mark ? without(unsent, key) : unsent;
}

/** Ticks as they are shown: the server's, and what is marked here over them. */
export function ticksShown(stored: readonly TickView[], unsent: Marks): ReadonlyMap<string, TickView> {
  const all = new Map(stored.map((tick) => [tick.key, tick]));
  for (const [key, mark] of Object.entries(unsent)) all.set(key, { key, ...mark, by: 'you', at: '' });
  return all;
}

/** Ticks of ours that somebody else changed after them. */
export function overturnedTicks(stored: readonly TickView[], { unsent, mine }: TickState): TickView[] {
  return stored.filter((tick) => {
    const ours = mine[tick.key];
    if (tick.key in unsent || ours === undefined) return false;
    return ours.ticked !== tick.ticked || ours.count !== tick.count;
  });
}
