import { useCallback, useEffect, useMemo, useReducer, useRef } from 'react';
import { useQuery, useQueryClient, type UseQueryOptions } from '@tanstack/react-query';
import type { FieldProblem } from '@fornax/contract';
import { fetchChecksOnTouch } from './checks.js';
import { openRows, outbox, type Unsent } from './outbox.js';
import {
  conflictOf,
  emptyRow,
  failureOf,
  isToSend,
  reduceRow,
  shownRow,
  typedHere,
  type Conflict,
  type EditedRow,
  type RowEvent,
  type RowState,
  type SaveState,
} from './row-editor.js';
import type { KeptRow } from './rows.js';

export interface RowEditor<T, P> {
  /** The server's row with what is unsent laid over it; undefined while loading. */
  readonly shown: T | undefined;
  /** The same without what was refused and is held back: what can be worked with. */
  readonly valid: T | undefined;
  readonly error: Error | null;
  readonly saveState: SaveState;
  readonly problems: Readonly<Record<string, string>>;
  readonly conflict: Conflict<T, P> | null;
  readonly canUndo: boolean;
  readonly canRedo: boolean;
  edit: (patch: Partial<P>) => void;
  undo: () => void;
  redo: () => void;
  keepMine: () => void;
  takeTheirs: () => void;
  retry: () => void;
}

interface Options<T extends EditedRow<P>, P extends object> {
  /** Stable name of the row, "class:…". */
  readonly row: string;
  readonly query: UseQueryOptions<T, Error, T, readonly string[]>;
  /** How it is sent. */
  readonly kept: Pick<KeptRow<T, P>, 'send' | 'rowOf'>;
  /** Problems of a change, by field; none where it may be sent, or where the server has to say. */
  readonly check: (patch: Partial<P>) => readonly FieldProblem[];
}

const sendAfterMilliseconds = 400;
const retryAfterMilliseconds = 4000;

/**
 * Edits one row without a save button: a change shows at once, waits in IndexedDB and is sent under the
 * revision it was based on. Changes to other fields by somebody else are joined; changes to the same fields
 * are shown as a conflict. What may happen and what follows is `reduceRow`; here are the clock, the device
 * and the server.
 */
export function useRowEditor<T extends EditedRow<P>, P extends object>(
  options: Options<T, P>,
): RowEditor<T, P> {
  const { row, query, check } = options;
  const { data, error, refetch } = useQuery(query);
  const { state, read, happen } = useRowState<T, P>(row, data);
  const flush = useFlush(options, read, happen);
  useEffect(fetchChecksOnTouch, []);

  const { server, unsent, held, saveState } = state;
  const conflict = useMemo(() => conflictOf(state), [state]);
  const shown = useMemo(() => shownRow({ server, unsent, held }), [server, unsent, held]);
  const valid = useMemo(() => shownRow({ server, unsent, held: null }), [server, unsent]);
  useSending(state, flush);

  const edit = useCallback(
    (patch: Partial<P>) => happen({ kind: 'edited', patch, found: check(patch), at: Date.now() }),
    [happen, check],
  );
  const undo = useCallback(() => happen({ kind: 'undo' }), [happen]);
  const redo = useCallback(() => happen({ kind: 'redo' }), [happen]);
  const keepMine = useCallback(() => happen({ kind: 'keep mine' }), [happen]);
  const takeTheirs = useCallback(() => happen({ kind: 'take theirs' }), [happen]);

  return {
    shown,
    valid,
    error,
    saveState: unsent && saveState === 'saved' ? 'saving' : saveState,
    problems: state.problems,
    conflict,
    canUndo: state.done.length > 0,
    canRedo: state.undone.length > 0,
    edit,
    undo,
    redo,
    keepMine,
    takeTheirs,
    retry: () => void refetch(),
  };
}

/** Sends what is due once nothing changes, again where it could not be, and as the connection returns. */
function useSending<T extends EditedRow<P>, P extends object>(
  state: RowState<T, P>,
  flush: () => Promise<void>,
): void {
  const { unsent, saveState } = state;
  const isDue = isToSend(state);
  useEffect(() => {
    if (!isDue) return undefined;
    const wait = saveState === 'waiting' ? retryAfterMilliseconds : sendAfterMilliseconds;
    const timer = setTimeout(() => void flush(), wait);
    const online = () => void flush();
    window.addEventListener('online', online);
    return () => {
      clearTimeout(timer);
      window.removeEventListener('online', online);
    };
  }, [unsent, isDue, saveState, flush]);
}

/**
 * The state of a row, and what makes something happen to it. It is kept beside React's own, as the next
 * change may come before the next drawing and must build on this one; what is unsent is on the device before
 * anything else is done.
 */
function useRowState<T extends EditedRow<P>, P extends object>(row: string, data: T | undefined) {
  const [, redraw] = useReducer((count: number) => count + 1, 0);
  const latest = useRef<RowState<T, P>>(emptyRow());
  const happen = useCallback(
    (event: RowEvent<T, P>) => {
      const { unsent: before, held: heldBefore } = latest.current;
      latest.current = reduceRow(latest.current, event);
      const { unsent, held } = latest.current;
      const typed = typedHere(latest.current);
      if (unsent !== before || held !== heldBefore)
        void (typed ? outbox.write(row, typed) : outbox.clear(row));
      redraw();
    },
    [row],
  );
  const isNew = data !== undefined && data !== latest.current.server;
  if (isNew) latest.current = reduceRow(latest.current, { kind: 'arrived', row: data });
  useEffect(() => openRows.enter(row), [row]);
  useEffect(() => {
    void outbox.of(row).then(async (waiting) => {
      if (waiting.length === 0) return;
      for (const { unsent } of waiting)
        happen({ kind: 'found on device', unsent: unsent as unknown as Unsent<P> });
      // What is kept as our own must be on the device before that of others goes.
      const typed = typedHere(latest.current);
      if (typed) await outbox.write(row, typed);
      await outbox.forget(waiting);
    });
  }, [row, happen]);
  const read = useCallback(() => latest.current, []);
  return { state: latest.current, read, happen };
}

/** Sends what is unsent, one write at a time; what the server answers happens to the row. */
function useFlush<T extends EditedRow<P>, P extends object>(
  { query: { queryKey }, kept: { send, rowOf } }: Options<T, P>,
  read: () => RowState<T, P>,
  happen: (event: RowEvent<T, P>) => void,
) {
  const client = useQueryClient();
  return useCallback(async () => {
    const { unsent: sent, isSending, server } = read();
    if (!sent || isSending || !server) return;
    happen({ kind: 'sending' });
    try {
      await client.cancelQueries({ queryKey });
      const row = await send(sent.patch, sent.revision, server);
      await client.cancelQueries({ queryKey });
      client.setQueryData(queryKey, row);
      happen({ kind: 'saved', row, sent: sent.patch });
    } catch (error) {
      const failure = failureOf(error, rowOf);
      if (failure.kind === 'conflict') client.setQueryData(queryKey, failure.theirs);
      if (failure.kind === 'signed out') void client.invalidateQueries({ queryKey: ['session'] });
      happen({ kind: 'failed', failure, sent });
    }
  }, [client, queryKey, read, happen, rowOf, send]);
}
