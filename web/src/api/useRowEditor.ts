import { useCallback, useEffect, useMemo, useRef, useState } from 'react';
import { useQuery, useQueryClient, type UseQueryOptions } from '@tanstack/react-query';
import type { FieldProblem } from '@fornax/contract';
import { ApiError, OfflineError } from './client.js';
import { addChange, clashingFields, leftToSend, newestOf } from './merge.js';
import { outbox, type Unsent } from './outbox.js';

export type SaveState = 'saved' | 'saving' | 'waiting' | 'refused';

/** Two people changed the same fields: both versions, to choose from. */
export interface Conflict<T, P> {
  readonly mine: P;
  readonly theirs: T;
  readonly fields: readonly (keyof P)[];
}

export interface RowEditor<T, P> {
  /** The server's row with what is unsent laid over it; undefined while loading. */
  readonly shown: T | undefined;
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

interface Options<T extends P & { revision: number }, P extends object> {
  /** Stable name of the row, "class:…". */
  readonly row: string;
  readonly query: UseQueryOptions<T, Error, T, readonly string[]>;
  /** Sends a change under the revision it builds on; `base` is the row as the server last gave it. */
  readonly send: (patch: P, revision: number, base: T) => Promise<T>;
  /** The row in what a refused write is answered with; that itself unless told otherwise. */
  readonly rowOf?: (current: unknown) => T;
  /** Problems of a change, by field; none where it may be sent. */
  readonly check: (patch: Partial<P>) => readonly FieldProblem[];
}

const sendAfterMilliseconds = 400;
const retryAfterMilliseconds = 4000;
const rememberedSteps = 100;

interface Step<P> {
  readonly before: Partial<P>;
  readonly after: Partial<P>;
  readonly at: number;
}

/** Changes of the same fields within this time are one step back: a word, not a letter. */
const oneStepMilliseconds = 700;

/** The steps with one more, joined to the last where it goes on with it. */
function withStep<P>(done: readonly Step<P>[], step: Step<P>): Step<P>[] {
  const last = done[done.length - 1];
  const goesOn =
    last &&
    step.at - last.at < oneStepMilliseconds &&
    Object.keys(last.after).join() === Object.keys(step.after).join();
  return goesOn
    ? [...done.slice(0, -1), { ...step, before: last.before }]
    : [...done, step].slice(-rememberedSteps);
}

/**
 * Edits one row without a save button: a change shows at once, waits in IndexedDB and is sent under the
 * revision it was based on. Changes to other fields by somebody else are joined; changes to the same fields
 * are shown as a conflict.
 */
export function useRowEditor<T extends P & { revision: number }, P extends object>({
  row,
  query,
  send,
  check,
  rowOf = asRow,
}: Options<T, P>): RowEditor<T, P> {
  const client = useQueryClient();
  const { data, error, refetch } = useQuery(query);
  const server = useNewest(data);
  const [unsent, setUnsent] = useState<Unsent<P> | null>(null);
  const [saveState, setSaveState] = useState<SaveState>('saved');
  const [problems, setProblems] = useState<Record<string, string>>({});
  const [conflict, setConflict] = useState<Conflict<T, P> | null>(null);
  const [steps, setSteps] = useState<{ done: Step<P>[]; undone: Step<P>[] }>({ done: [], undone: [] });
  const latest = useRef({ unsent, server, sending: false });
  latest.current.unsent = unsent;
  latest.current.server = newestOf(latest.current.server, server);

  const remember = useCallback(
    (next: Unsent<P> | null) => {
      latest.current.unsent = next;
      setUnsent(next);
      void (next ? outbox.write(row, next) : outbox.clear(row));
    },
    [row],
  );

  useEffect(() => {
    void outbox.read<P>(row).then((kept) => {
      if (kept && !latest.current.unsent) remember(kept);
    });
  }, [row, remember]);

  const shown = useMemo(() => (server ? { ...server, ...unsent?.patch } : undefined), [server, unsent]);

  const flush = useCallback(async () => {
    const { unsent: current, sending, server: base } = latest.current;
    if (!current || sending || !base) return;
    latest.current.sending = true;
    setSaveState('saving');
    try {
      await client.cancelQueries({ queryKey: query.queryKey });
      const saved = await send(current.patch, current.revision, base);
      await client.cancelQueries({ queryKey: query.queryKey });
      client.setQueryData(query.queryKey, saved);
      // The next change may come before the next drawing: it must build on what has just been saved.
      latest.current.server = saved;
      remember(latest.current.unsent ? leftToSend(latest.current.unsent, current.patch, saved) : null);
      setSaveState('saved');
    } catch (failure) {
      handleFailure(failure, current);
    } finally {
      latest.current.sending = false;
    }

    function handleFailure(failure: unknown, sent: Unsent<P>) {
      if (failure instanceof ApiError && failure.status === 409 && failure.current) {
        const theirs = rowOf(failure.current);
        const fields = clashingFields(sent, theirs);
        client.setQueryData(query.queryKey, theirs);
        latest.current.server = theirs;
        if (fields.length > 0) setConflict({ mine: sent.patch, theirs, fields });
        else remember({ ...(latest.current.unsent ?? sent), revision: theirs.revision });
        setSaveState('waiting');
      } else if (
        failure instanceof ApiError &&
        failure.status < 500 &&
        failure.status !== 401 &&
        failure.status !== 429
      ) {
        setProblems(
          Object.fromEntries(
            (failure.fields.length > 0 ? failure.fields : [{ field: '', sentence: failure.message }]).map(
              ({ field, sentence }) => [field, sentence],
            ),
          ),
        );
        setSaveState('refused');
      } else {
        if (!(failure instanceof OfflineError) && failure instanceof ApiError && failure.status === 401)
          void client.invalidateQueries({ queryKey: ['session'] });
        setSaveState('waiting');
      }
    }
  }, [client, query.queryKey, remember, rowOf, send]);

  useEffect(() => {
    if (!unsent || conflict || saveState === 'refused') return undefined;
    const timer = setTimeout(
      () => void flush(),
      saveState === 'waiting' ? retryAfterMilliseconds : sendAfterMilliseconds,
    );
    const online = () => void flush();
    window.addEventListener('online', online);
    return () => {
      clearTimeout(timer);
      window.removeEventListener('online', online);
    };
  }, [unsent, conflict, saveState, flush]);

  const apply = useCallback(
    (patch: Partial<P>) => {
      const { server: from, unsent: before } = latest.current;
      if (!from) return;
      setSaveState((state) => (state === 'refused' ? 'saved' : state));
      remember(addChange<T, P>(before, patch, { ...from, ...before?.patch }, from.revision));
    },
    [remember],
  );

  const edit = useCallback(
    (patch: Partial<P>) => {
      const found = check(patch);
      const touched = new Set(Object.keys(patch));
      setProblems((before) => ({
        ...Object.fromEntries(
          Object.entries(before).filter(([field]) => field !== '' && !touched.has(field.split('.')[0]!)),
        ),
        ...Object.fromEntries(found.map(({ field, sentence }) => [field, sentence])),
      }));
      const { server: from, unsent: before } = latest.current;
      if (found.length > 0 || !from) return;
      const now = { ...from, ...before?.patch } as T;
      const previous = Object.fromEntries(
        Object.keys(patch).map((field) => [field, now[field as keyof T]]),
      ) as unknown as Partial<P>;
      setSteps(({ done }) => ({
        done: withStep(done, { before: previous, after: patch, at: Date.now() }),
        undone: [],
      }));
      apply(patch);
    },
    [apply, check],
  );

  const undo = useCallback(() => {
    const step = steps.done[steps.done.length - 1];
    if (!step) return;
    setSteps({ done: steps.done.slice(0, -1), undone: [...steps.undone, step] });
    apply(step.before);
  }, [steps, apply]);

  const redo = useCallback(() => {
    const step = steps.undone[steps.undone.length - 1];
    if (!step) return;
    setSteps({ done: [...steps.done, step], undone: steps.undone.slice(0, -1) });
    apply(step.after);
  }, [steps, apply]);

  const keepMine = useCallback(() => {
    if (!conflict) return;
    remember({
      patch: { ...latest.current.unsent?.patch, ...conflict.mine } as P,
      base: conflict.theirs,
      revision: conflict.theirs.revision,
    });
    setConflict(null);
    setSaveState('saved');
  }, [conflict, remember]);

  const takeTheirs = useCallback(() => {
    remember(null);
    setConflict(null);
    setSaveState('saved');
  }, [remember]);

  return {
    shown,
    error,
    saveState: unsent && saveState === 'saved' ? 'saving' : saveState,
    problems,
    conflict,
    canUndo: steps.done.length > 0,
    canRedo: steps.undone.length > 0,
    edit,
    undo,
    redo,
    keepMine,
    takeTheirs,
    retry: () => void refetch(),
  };
}

function asRow<T>(current: unknown): T {
  return current as T;
}

/**
 * The row of the highest revision seen: an answer that was asked for before our own write must not bring the
 * old row back.
 */
function useNewest<T extends { revision: number }>(data: T | undefined): T | undefined {
  const newest = useRef<T | undefined>(undefined);
  newest.current = newestOf(newest.current, data);
  return newest.current;
}
