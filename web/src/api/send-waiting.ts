import { ApiError } from './client.js';
import { clashingFields, joined } from './merge.js';
import { openRows, outbox, type Unsent, type Waiting } from './outbox.js';
import { keptRow, type KeptRow } from './rows.js';

/** A row of which something still waits after it was tried, with why, and where it can be settled. */
export interface StillWaiting {
  readonly row: string;
  readonly name: string;
  readonly place: string;
  readonly since: number;
  /**
   * `refused`: the server will not take it as it is. `gone`: its row is not there any more. `clashes`:
   * somebody else changed the same.
   */
  readonly why: 'refused' | 'gone' | 'clashes' | 'unreachable';
  readonly sentence: string;
  readonly waiting: readonly Waiting[];
}

type AnyRow = { readonly revision: number };

/**
 * Sends all that earlier visits left on this device, without its pages being opened, and returns what could
 * not be sent. Rows that are open in this tab are left to their editors. One that fails holds up no other.
 */
export async function sendWaiting(): Promise<StillWaiting[]> {
  const rows = new Map<string, Waiting[]>();
  for (const each of await outbox.waiting())
    if (!openRows.has(each.row)) rows.set(each.row, [...(rows.get(each.row) ?? []), each]);
  const left = await Promise.all([...rows].map(([row, waiting]) => sendRow(row, waiting)));
  return left.flatMap((each) => each ?? []);
}

async function sendRow(name: string, waiting: readonly Waiting[]): Promise<StillWaiting | null> {
  const kept = keptRow(name) as KeptRow<AnyRow, object> | null;
  if (!kept) return null;
  const unsent = waiting.reduce<Unsent<object> | null>((all, { unsent: of }) => joined(all, of), null)!;
  const about = { row: name, place: kept.place, since: waiting[0]!.since, waiting };
  let title = '';
  try {
    const current = await kept.read();
    title = kept.nameOf(current);
    if (clashingFields(unsent, current).length > 0)
      return {
        ...about,
        name: title,
        why: 'clashes',
        sentence: 'Somebody else changed the same: see both, and choose.',
      };
    await kept.send(unsent.patch, current.revision, current);
    await outbox.remove(waiting);
    return null;
  } catch (error) {
    const status = error instanceof ApiError ? error.status : 0;
    const why = status === 404 || status === 410 ? 'gone' : status === 422 ? 'refused' : 'unreachable';
    return {
      ...about,
      name: title,
      why,
      sentence: why === 'unreachable' ? 'It is sent when the server answers.' : (error as ApiError).message,
    };
  }
}
