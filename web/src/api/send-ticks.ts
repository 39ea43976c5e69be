import type { TickView } from '@fornax/contract';
import { ApiError, call } from './client.js';
import { openRows } from './outbox.js';
import type { StillWaiting } from './send-waiting.js';
import { tickOutbox, type WaitingTick } from './tick-outbox.js';

/** The name under which a page says that it sends the ticks of a class. */
export function ticksRow(classId: string): string {
  return `ticks/${classId}`;
}

export function sendTick(classId: string, body: object): Promise<TickView | 'refused' | 'no answer'> {
  const isFinal = (error: unknown) =>
    error instanceof ApiError && error.status < 500 && error.status !== 401 && error.status !== 429;
  return call<TickView>(`/classes/${classId}/ticks`, { method: 'PUT', body }).catch((error: unknown) =>
    isFinal(error) ? 'refused' : 'no answer',
  );
}

/**
 * Sends the ticks that earlier visits left, without the pages of their classes being opened; returns what
 * gets no answer, by class. A tick of a row that is gone is let go.
 */
export async function sendWaitingTicks(): Promise<StillWaiting[]> {
  const byClass = new Map<string, WaitingTick[]>();
  for (const tick of await tickOutbox.all())
    if (!openRows.has(ticksRow(tick.classId)))
      byClass.set(tick.classId, [...(byClass.get(tick.classId) ?? []), tick]);
  const left = await Promise.all([...byClass].map(([classId, ticks]) => sendOfClass(classId, ticks)));
  return left.flatMap((each) => each ?? []);
}

async function sendOfClass(classId: string, ticks: readonly WaitingTick[]): Promise<StillWaiting | null> {
  for (const [index, { key, mark }] of ticks.entries()) {
    const { ticked, count } = mark;
    if ((await sendTick(classId, { key, ticked, count })) === 'no answer')
      return stillWaiting(classId, ticks.slice(index));
    await tickOutbox.settle(classId, key, mark);
  }
  return null;
}

function stillWaiting(classId: string, ticks: readonly WaitingTick[]): StillWaiting {
  const rows = ticks.length === 1 ? 'A ticked row is' : `${ticks.length} ticked rows are`;
  return {
    row: ticksRow(classId),
    name: '',
    place: `/classes/${classId}/shop`,
    since: Math.min(...ticks.map(({ mark }) => mark.since ?? 0)),
    why: 'unreachable',
    sentence: `${rows} sent when the server answers.`,
    waiting: [],
  };
}
