import { useCallback, useEffect, useMemo, useRef, useState } from 'react';
import { useQuery, useQueryClient } from '@tanstack/react-query';
import type { TickView } from '@fornax/contract';
import { get, set } from 'idb-keyval';
import { ApiError, call } from '../api/client.js';
import { ticksQuery } from '../api/queries.js';

interface Mark {
  readonly ticked: boolean;
  readonly count: number;
}
type Unsent = Readonly<Record<string, Mark>>;
const retryMilliseconds = 3000;

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
  const client = useQueryClient();
  const { data: stored } = useQuery(ticksQuery(classId));
  const [unsent, setUnsent] = useState<Unsent>({});
  const [mine, setMine] = useState<Unsent>({});
  const sending = useRef(false);
  const place = `ticks:${classId}`;
  const remember = useCallback(
    (change: (before: Unsent) => Unsent) =>
      setUnsent((before) => {
        const next = change(before);
        void set(place, next);
        return next;
      }),
    [place],
  );

  useEffect(() => {
    void get<Unsent>(place).then((kept) => {
      if (kept) setUnsent((now) => ({ ...kept, ...now }));
    });
  }, [place]);

  const flush = useCallback(async () => {
    if (sending.current) return;
    sending.current = true;
    for (const [key, mark] of Object.entries(unsent)) {
      const done = await call<TickView>(`/classes/${classId}/ticks`, {
        method: 'PUT',
        body: { key, ...mark },
      }).then(
        (tick) => tick,
        (error: unknown) =>
          error instanceof ApiError && error.status < 500 && error.status !== 401 ? null : undefined,
      );
      if (done === undefined) break;
      if (done) {
        client.setQueryData<TickView[]>(ticksQuery(classId).queryKey, (all = []) => [
          ...all.filter((each) => each.key !== key),
          done,
        ]);
        setMine((before) => ({ ...before, [key]: mark }));
      }
      remember((before) => (before[key] === mark ? without(before, key) : before));
    }
    sending.current = false;
  }, [unsent, classId, client, remember]);

  const waiting = Object.keys(unsent).length;
  useEffect(() => {
    if (waiting === 0) return undefined;
    const now = setTimeout(() => void flush(), 0);
    const again = setInterval(() => void flush(), retryMilliseconds);
    const online = () => void flush();
    window.addEventListener('online', online);
    return () => {
      clearTimeout(now);
      clearInterval(again);
      window.removeEventListener('online', online);
    };
  }, [waiting, flush]);

  const ticks = useMemo(() => {
    const all = new Map((stored ?? []).map((tick) => [tick.key, tick]));
    for (const [key, mark] of Object.entries(unsent)) all.set(key, { key, ...mark, by: 'you', at: '' });
    return all;
  }, [stored, unsent]);
  const overturned = useMemo(
    () =>
      (stored ?? []).filter(
        (tick) =>
          !(tick.key in unsent) &&
          mine[tick.key] !== undefined &&
          (mine[tick.key]!.ticked !== tick.ticked || mine[tick.key]!.count !== tick.count),
      ),
    [stored, unsent, mine],
  );
  const toggle = useCallback(
    (key: string, ticked: boolean, count = 0) =>
      remember((before) => ({ ...before, [key]: { ticked, count } })),
    [remember],
  );
  const accept = useCallback((key: string) => setMine((before) => without(before, key)), []);
  return { ticks, waiting, overturned, toggle, accept };
}

function without(marks: Unsent, key: string): Unsent {
  return Object.fromEntries(Object.entries(marks).filter(([each]) => each !== key));
}
