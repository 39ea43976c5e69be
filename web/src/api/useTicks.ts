import { useCallback, useEffect, useMemo, useReducer, useRef } from 'react';
import { useQuery, useQueryClient } from '@tanstack/react-query';
import type { TickView } from '@fornax/contract';
import { get, set } from 'idb-keyval';
import { ApiError, call } from './client.js';
import { ticksQuery } from './queries.js';
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
  const place = `ticks:${classId}`;
  const [, redraw] = useReducer((count: number) => count + 1, 0);
  const latest = useRef(noTicks);
  const happen = useCallback(
    (event: TickEvent) => {
      const { unsent } = latest.current;
      latest.current = reduceTicks(latest.current, event);
      if (latest.current.unsent !== unsent) void set(place, latest.current.unsent);
      redraw();
    },
    [place],
  );
  useEffect(() => {
    void get<Marks>(place).then((unsent) => {
      if (unsent) happen({ kind: 'found on device', unsent });
    });
  }, [place, happen]);
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

function sendTick(classId: string, body: object): Promise<TickView | 'refused' | 'no answer'> {
  const isFinal = (error: unknown) =>
    error instanceof ApiError && error.status < 500 && error.status !== 401 && error.status !== 429;
  return call<TickView>(`/classes/${classId}/ticks`, { method: 'PUT', body }).catch((error: unknown) =>
    isFinal(error) ? 'refused' : 'no answer',
  );
}
