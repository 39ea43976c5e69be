import type { FieldProblem } from '@fornax/contract';
import { ApiError } from './client.js';
import { addChange, clashingFields, joined, leftToSend, newestOf, picked } from './merge.js';
import type { Unsent } from './outbox.js';

export type SaveState = 'saved' | 'saving' | 'waiting' | 'refused';

/** Two people changed the same fields: both versions, to choose from. */
export interface Conflict<T, P> {
  readonly mine: P;
  readonly theirs: T;
  readonly fields: readonly (keyof P)[];
}

/** A row that can be edited: it carries the fields of `P` and the revision it stands at. */
export type EditedRow<P extends object> = P & { readonly revision: number };

/** One step back or forth: the same fields before and after, and when it was made, in milliseconds. */
interface Step<P> {
  readonly before: Partial<P>;
  readonly after: Partial<P>;
  readonly at: number;
}

/** All that the editor of one row knows. */
export interface RowState<T extends EditedRow<P>, P extends object> {
  /** The newest row that the server has given; undefined while it loads. */
  readonly server: T | undefined;
  readonly unsent: Unsent<P> | null;
  readonly isSending: boolean;
  readonly saveState: SaveState;
  /** Sentences by field; '' for what concerns no single field. */
  readonly problems: Readonly<Record<string, string>>;
  /** The fields that somebody else changed as well, and the row as they left it. */
  readonly clash: Pick<Conflict<T, P>, 'theirs' | 'fields'> | null;
  readonly done: readonly Step<P>[];
  readonly undone: readonly Step<P>[];
}

/** What can happen to a row that is being edited. */
export type RowEvent<T extends EditedRow<P>, P extends object> =
  | { readonly kind: 'arrived'; readonly row: T }
  /** What an earlier visit left on this device. */
  | { readonly kind: 'found on device'; readonly unsent: Unsent<P> }
  | {
      readonly kind: 'edited';
      readonly patch: Partial<P>;
      readonly found: readonly FieldProblem[];
      readonly at: number;
    }
  | { readonly kind: 'undo' }
  | { readonly kind: 'redo' }
  | { readonly kind: 'sending' }
  | { readonly kind: 'saved'; readonly row: T; readonly sent: P }
  | { readonly kind: 'failed'; readonly failure: Failure<T>; readonly sent: Unsent<P> }
  | { readonly kind: 'keep mine' }
  | { readonly kind: 'take theirs' };

/** Why a change did not go through. */
export type Failure<T> =
  | { readonly kind: 'conflict'; readonly theirs: T }
  | { readonly kind: 'refused'; readonly found: readonly FieldProblem[] }
  | { readonly kind: 'signed out' }
  /** No answer, a busy server or a fault of it: the change waits and is sent again. */
  | { readonly kind: 'unreachable' };

const rememberedSteps = 100;
/** Changes of the same fields within this time are one step back: a word, not a letter. */
const oneStepMilliseconds = 700;

export function emptyRow<T extends EditedRow<P>, P extends object>(): RowState<T, P> {
  return {
    server: undefined,
    unsent: null,
    isSending: false,
    saveState: 'saved',
    problems: {},
    clash: null,
    done: [],
    undone: [],
  };
}

/** The server's row with what is unsent laid over it; undefined while loading. */
export function shownRow<T extends EditedRow<P>, P extends object>({
  server,
  unsent,
}: Pick<RowState<T, P>, 'server' | 'unsent'>): T | undefined {
  return server ? ({ ...server, ...unsent?.patch } as T) : undefined;
}

/** Whether there is something to send, and nothing that must be decided or mended first. */
export function isToSend<T extends EditedRow<P>, P extends object>(state: RowState<T, P>): boolean {
  return state.unsent !== null && state.clash === null && state.saveState !== 'refused';
}

/** What an error of a write means. `rowOf` finds the row in what a refused write is answered with. */
export function failureOf<T>(error: unknown, rowOf: (current: unknown) => T): Failure<T> {
  if (!(error instanceof ApiError) || error.status >= 500 || error.status === 429)
    return { kind: 'unreachable' };
  if (error.status === 401) return { kind: 'signed out' };
  if (error.status === 409 && error.current) return { kind: 'conflict', theirs: rowOf(error.current) };
  const found = error.fields.length > 0 ? error.fields : [{ field: '', sentence: error.message }];
  return { kind: 'refused', found };
}

/** The next state of the row. Nothing that was typed is dropped but what clashes, by `take theirs`. */
export function reduceRow<T extends EditedRow<P>, P extends object>(
  state: RowState<T, P>,
  event: RowEvent<T, P>,
): RowState<T, P> {
  switch (event.kind) {
    case 'arrived':
      return { ...state, server: newestOf(state.server, event.row) };
    case 'found on device':
      return { ...state, unsent: joined(state.unsent, event.unsent) };
    case 'edited':
      return edited(state, event);
    case 'undo':
      return stepped(state, 'done', 'undone', (step) => step.before);
    case 'redo':
      return stepped(state, 'undone', 'done', (step) => step.after);
    case 'sending':
      return { ...state, isSending: true, saveState: 'saving' };
    case 'saved':
      return saved(state, event);
    case 'failed':
      return failed({ ...state, isSending: false }, event.failure, event.sent);
    case 'keep mine':
      return state.clash ? keptMine(state, state.clash.theirs) : state;
    case 'take theirs':
      return state.clash ? tookTheirs(state, state.clash) : state;
  }
}

function edited<T extends EditedRow<P>, P extends object>(
  state: RowState<T, P>,
  { patch, found, at: time }: Extract<RowEvent<T, P>, { kind: 'edited' }>,
): RowState<T, P> {
  const touched = new Set(Object.keys(patch));
  const kept = Object.entries(state.problems).filter(
    ([field]) => field !== '' && !touched.has(field.split('.')[0]!),
  );
  const next = { ...state, problems: { ...Object.fromEntries(kept), ...byField(found) } };
  const shown = shownRow(state);
  if (found.length > 0 || !shown) return next;
  const before = Object.fromEntries(
    Object.keys(patch).map((field) => [field, shown[field as keyof T]]),
  ) as unknown as Partial<P>;
  return applied(
    { ...next, done: withStep(state.done, { before, after: patch, at: time }), undone: [] },
    patch,
  );
}

/** Takes the last step of one list, applies it, and puts it on the other. */
function stepped<T extends EditedRow<P>, P extends object>(
  state: RowState<T, P>,
  from: 'done' | 'undone',
  to: 'done' | 'undone',
  patchOf: (step: Step<P>) => Partial<P>,
): RowState<T, P> {
  const step = state[from][state[from].length - 1];
  if (!step) return state;
  return applied({ ...state, [from]: state[from].slice(0, -1), [to]: [...state[to], step] }, patchOf(step));
}

/** The change added to what is unsent; one that was refused before is tried again. */
function applied<T extends EditedRow<P>, P extends object>(
  state: RowState<T, P>,
  patch: Partial<P>,
): RowState<T, P> {
  const shown = shownRow(state);
  if (!state.server || !shown) return state;
  const unsent = addChange<T, P>(state.unsent, patch, shown, state.server.revision);
  return { ...state, unsent, saveState: state.saveState === 'refused' ? 'saved' : state.saveState };
}

function saved<T extends EditedRow<P>, P extends object>(
  state: RowState<T, P>,
  { row, sent }: Extract<RowEvent<T, P>, { kind: 'saved' }>,
): RowState<T, P> {
  const unsent = state.unsent && leftToSend(state.unsent, sent, row);
  return { ...state, server: row, unsent, isSending: false, saveState: 'saved' };
}

function failed<T extends EditedRow<P>, P extends object>(
  state: RowState<T, P>,
  failure: Failure<T>,
  sent: Unsent<P>,
): RowState<T, P> {
  if (failure.kind === 'refused') return { ...state, problems: byField(failure.found), saveState: 'refused' };
  if (failure.kind !== 'conflict') return { ...state, saveState: 'waiting' };
  const { theirs } = failure;
  const unsent = state.unsent ?? sent;
  const fields = clashingFields(unsent, theirs);
  const next = { ...state, server: theirs, saveState: 'waiting' as const };
  return fields.length > 0
    ? { ...next, unsent, clash: { theirs, fields } }
    : { ...next, unsent: { ...unsent, revision: theirs.revision } };
}

/** Both versions of what clashes, ours as it was typed last; null where nothing does. */
export function conflictOf<T extends EditedRow<P>, P extends object>({
  clash,
  unsent,
}: Pick<RowState<T, P>, 'clash' | 'unsent'>): Conflict<T, P> | null {
  return clash && unsent ? { ...clash, mine: unsent.patch } : null;
}

/** What was typed last is sent over theirs. */
function keptMine<T extends EditedRow<P>, P extends object>(
  state: RowState<T, P>,
  theirs: T,
): RowState<T, P> {
  if (!state.unsent) return { ...state, clash: null };
  const { patch } = state.unsent;
  const unsent = { patch, base: picked(theirs, fieldsOf(patch)), revision: theirs.revision };
  return { ...state, unsent, clash: null, saveState: 'saved' };
}

/** What clashes is given up; what was typed into other fields is still to be sent. */
function tookTheirs<T extends EditedRow<P>, P extends object>(
  state: RowState<T, P>,
  { theirs, fields }: NonNullable<RowState<T, P>['clash']>,
): RowState<T, P> {
  const left = state.unsent ? fieldsOf(state.unsent.patch).filter((field) => !fields.includes(field)) : [];
  const unsent =
    state.unsent && left.length > 0
      ? {
          patch: picked(state.unsent.patch, left),
          base: picked(state.unsent.base as P, left),
          revision: theirs.revision,
        }
      : null;
  return { ...state, unsent, clash: null, saveState: 'saved' };
}

function fieldsOf<P extends object>(patch: P): (keyof P)[] {
  return Object.keys(patch) as (keyof P)[];
}

/** The steps with one more, joined to the last where it goes on with it. */
function withStep<P>(done: readonly Step<P>[], step: Step<P>): readonly Step<P>[] {
  const last = done[done.length - 1];
  const goesOn =
    last &&
    step.at - last.at < oneStepMilliseconds &&
    Object.keys(last.after).join() === Object.keys(step.after).join();
  return goesOn
    ? [...done.slice(0, -1), { ...step, before: last.before }]
    : [...done, step].slice(-rememberedSteps);
}

function byField(found: readonly FieldProblem[]): Record<string, string> {
  return Object.fromEntries(found.map(({ field, sentence }) => [field, sentence]));
}
