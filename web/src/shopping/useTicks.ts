import { useCallback, useEffect, useMemo, useRef, useState } from 'react';
import { useQuery, useQueryClient } from '@tanstack/react-query';
import type { TickView } from '@fornax/contract';
import { get, set } from 'idb-keyval';
import { ApiError, call } from '../api/client.js';
import { ticksQuery } from '../api/queries.js';

type Unsent = Readonly<Record<string, boolean>>;
const retryMilliseconds = 3000;

/** Ticks of a shopping list: shown at once, kept on the device while there is no connection, sent when it returns. */
export function useTicks(classId: string): { ticks: ReadonlyMap<string, TickView>; waiting: number; toggle: (key: string, ticked: boolean) => void } {
  const client = useQueryClient();
  const { data: stored = [] } = useQuery(ticksQuery(classId));
  const [unsent, setUnsent] = useState<Unsent>({});
  const sending = useRef(false);
  const place = `ticks:${classId}`;
  const remember = useCallback((change: (before: Unsent) => Unsent) => setUnsent((before) => {
    const next = change(before);
    void set(place, next);
    return next;
  }), [place]);

  useEffect(() => { void get<Unsent>(place).then((kept) => { if (kept) setUnsent((now) => ({ ...kept, ...now })); }); }, [place]);

  const flush = useCallback(async () => {
    if (sending.current) return;
    sending.current = true;
    for (const [key, ticked] of Object.entries(unsent)) {
      const done = await call<TickView>(`/classes/${classId}/ticks`, { method: 'PUT', body: { key, ticked } })
        .then((tick) => tick, (error: unknown) => (error instanceof ApiError && error.status < 500 && error.status !== 401 ? null : undefined));
      if (done === undefined) break;
      if (done) client.setQueryData<TickView[]>(ticksQuery(classId).queryKey, (all = []) => [...all.filter((each) => each.key !== key), done]);
      remember((before) => (before[key] === ticked ? Object.fromEntries(Object.entries(before).filter(([each]) => each !== key)) : before));
    }
    sending.current = false;
  }, [unsent, classId, client, remember]);

  const waiting = Object.keys(unsent).length;
  useEffect(() => {
    if (waiting === 0) return undefined;
    const now = setTimeout(() => void flush(), 0);
    const again = setInterval(() => void flush(), retryMilliseconds);
    return () => {
      clearTimeout(now);
      clearInterval(again);
    };
  }, [waiting, flush]);

  const ticks = useMemo(() => {
    const all = new Map(stored.map((tick) => [tick.key, tick]));
    for (const [key, ticked] of Object.entries(unsent)) all.set(key, { key, ticked, by: 'you', at: '' });
    return all;
  }, [stored, unsent]);
  const toggle = useCallback((key: string, ticked: boolean) => remember((before) => ({ ...before, [key]: ticked })), [remember]);
  return { ticks, waiting, toggle };
}
