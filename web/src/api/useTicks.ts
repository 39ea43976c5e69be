import { useCallback, useEffect, useMemo, useReducer, useRef } from 'react';
import { useQuery, useQueryClient } from '@tanstack/react-query';
import type { TickView } from '@fornax/contract';
import { openRows } from './outbox.js';
import { ticksQuery } from './queries.js';
import { sendTick, ticksRow } from './send-ticks.js';
import { tickOutbox } from './tick-outbox.js';
import { noTicks, overturnedTicks, reduceTicks, ticksShown, type Marks, type TickEvent } from './ticks.js';

const retryMilliseconds = 3000;
const none: readonly TickView[] = [];

export interface Ticks {
  readonly ticks: ReadonlyMap<string, TickView>;
  readonly waiting: number;
  /** Rows that somebody else changed after they were sent from here, with who and what stands. */
  readonly overturned: readonly TickView[];
  toggle: (key: string, ticked: boolean, count?: number) => void;
  accept: (key: string) => void;
}

/**
 * Ticks of a list: shown at once, kept on the device while there is no connection, sent when it returns. A
 * tick is a row of its own; the later one by the server's clock stands, and whoever ticked otherwise is shown
 * it.
 */
export function useTicks(classId: string): Ticks {
  const { data: stored = none } = useQuery(ticksQuery(classId));
  const { state, happen, read } = useTickState(classId);
  const flush = useFlush(classId, read, happen);
  const { unsent } = state;
  const waiting = Object.keys(unsent).length;
  useEffect(() => {
    if (Object.keys(unsent).length === 0) return undefined;
    const now = setTimeout(() => void flush(), 0);
    const again = setInterval(() => void flush(), retryMilliseconds);
    const online = () => void flush();
    window.addEventListener('online', online);
    return () => {
      clearTimeout(now);
      clearInterval(again);
      window.removeEventListener('online', online);
    };
  }, [unsent, flush]);
  const ticks = useMemo(() => ticksShown(stored, state.unsent), [stored, state.unsent]);
  const overturned = useMemo(() => overturnedTicks(stored, state), [stored, state]);
  const toggle = useCallback(
    (key: string, ticked: boolean, count = 0) => happen({ kind: 'marked', key, mark: { ticked, count } }),
    [happen],
  );
  const accept = useCallback((key: string) => happen({ kind: 'accepted', key }), [happen]);
  return { ticks, waiting, overturned, toggle, accept };
}

/** What is marked, kept on the device before anything else is done with it. */
function useTickState(classId: string) {
  const [, redraw] = useReducer((count: number) => count + 1, 0);
  const latest = useRef(noTicks);
  const happen = useCallback(
    (event: TickEvent) => {
      latest.current = reduceTicks(latest.current, event);
      if (event.kind === 'marked') void tickOutbox.write(classId, event.key, event.mark);
      if (event.kind === 'sent' || event.kind === 'refused')
        void tickOutbox.settle(classId, event.key, event.mark);
      redraw();
    },
    [classId],
  );
  useEffect(() => {
    // What waits of this class is now for this page to send.
    const leave = openRows.enter(ticksRow(classId));
    void tickOutbox.of(classId).then((unsent) => {
      if (Object.keys(unsent).length > 0) happen({ kind: 'found on device', unsent });
    });
    return leave;
  }, [classId, happen]);
  const read = useCallback(() => latest.current, []);
  return { state: latest.current, happen, read };
}

/** Sends the marks one by one; the first that gets no answer ends it, to be tried again. */
function useFlush(
  classId: string,
  read: () => { readonly unsent: Marks },
  happen: (event: TickEvent) => void,
) {
  const client = useQueryClient();
  const sending = useRef(false);
  return useCallback(async () => {
    if (sending.current) return;
    sending.current = true;
    for (const [key, mark] of Object.entries(read().unsent)) {
      const answer = await sendTick(classId, { key, ...mark });
      if (answer === 'no answer') break;
      if (answer === 'refused') {
        happen({ kind: 'refused', key, mark });
        continue;
      }
      client.setQueryData<TickView[]>(ticksQuery(classId).queryKey, (all = []) => [
        ...all.filter((each) => each.key !== key),
        answer,
      ]);
      happen({ kind: 'sent', key, mark });
    }
    sending.current = false;
  }, [classId, client, read, happen]);
}
