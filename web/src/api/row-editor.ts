import type { FieldProblem } from '@fornax/contract';
import { ApiError } from './client.js';
import {
  addChange,
  clashingFields,
  fieldsOf,
  joined,
  leftToSend,
  newestOf,
  onlyFields,
  picked,
  withoutFields,
} from './merge.js';
import type { Unsent } from './outbox.js';
import type { Conflict, EditedRow, Failure, RowEvent, RowState, SaveState, Step } from './row-state.js';

export type { Conflict, EditedRow, RowEvent, RowState, SaveState } from './row-state.js';

const rememberedSteps = 100;
/** Changes of the same fields within this time are one step back: a word, not a letter. */
const oneStepMilliseconds = 700;

export function emptyRow<T extends EditedRow<P>, P extends object>(): RowState<T, P> {
  return {
    server: undefined,
    unsent: null,
    held: null,
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
  held,
}: Pick<RowState<T, P>, 'server' | 'unsent' | 'held'>): T | undefined {
  return server ? ({ ...server, ...held?.patch, ...unsent?.patch } as T) : undefined;
}

/** All that is not on the server: what waits, and what is held. Kept on the device. */
export function typedHere<T extends EditedRow<P>, P extends object>({
  unsent,
  held,
}: Pick<RowState<T, P>, 'unsent' | 'held'>): Unsent<P> | null {
  return held ? joined(unsent, held) : unsent;
}

/**
 * Whether there is something to send, a row to send it to, and nothing that must be decided first. What was
 * left on the device is often found before the row has come: it is due as the row arrives.
 */
export function isToSend<T extends EditedRow<P>, P extends object>(state: RowState<T, P>): boolean {
  return state.server !== undefined && state.unsent !== null && state.clash === null;
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
  const held = withoutFields(state.held, fieldsOf(patch as P));
  // A change of what was held is based on what it was based on.
  const base = { ...unsent.base, ...(state.held && picked(state.held.base as P, known(state.held, patch))) };
  return { ...state, unsent: { ...unsent, base }, held, saveState: held ? 'refused' : restState(state) };
}

function restState({ saveState }: { readonly saveState: SaveState }): SaveState {
  return saveState === 'refused' ? 'saved' : saveState;
}

/** The fields of a change that are held. */
function known<P extends object>(held: Unsent<P>, patch: Partial<P>): (keyof P)[] {
  return fieldsOf(patch as P).filter((field) => field in held.patch);
}

function saved<T extends EditedRow<P>, P extends object>(
  state: RowState<T, P>,
  { row, sent }: Extract<RowEvent<T, P>, { kind: 'saved' }>,
): RowState<T, P> {
  const unsent = state.unsent && leftToSend(state.unsent, sent, row);
  return { ...state, server: row, unsent, isSending: false, saveState: state.held ? 'refused' : 'saved' };
}

function failed<T extends EditedRow<P>, P extends object>(
  state: RowState<T, P>,
  failure: Failure<T>,
  sent: Unsent<P>,
): RowState<T, P> {
  if (failure.kind === 'refused') return refused(state, failure.found);
  if (failure.kind !== 'conflict') return { ...state, saveState: 'waiting' };
  const { theirs } = failure;
  const unsent = state.unsent ?? sent;
  const fields = clashingFields(unsent, theirs);
  const next = { ...state, server: theirs, saveState: 'waiting' as const };
  return fields.length > 0
    ? { ...next, unsent, clash: { theirs, fields } }
    : { ...next, unsent: { ...unsent, revision: theirs.revision } };
}

/**
 * What is refused is held back with its sentence, so that other fields are sent: the fields that are named,
 * or where none is, all of it.
 */
function refused<T extends EditedRow<P>, P extends object>(
  state: RowState<T, P>,
  found: readonly FieldProblem[],
): RowState<T, P> {
  const { unsent } = state;
  const problems = { ...state.problems, ...byField(found) };
  if (!unsent) return { ...state, problems, saveState: 'refused' };
  const named = new Set(found.flatMap(({ field }) => field.replace(/^content\./, '').split('.')[0]!));
  const fields = fieldsOf(unsent.patch);
  const some = fields.filter((field) => named.has(String(field)));
  const out = some.length > 0 ? some : fields;
  return {
    ...state,
    unsent: withoutFields(unsent, out),
    held: state.held ? joined(onlyFields(unsent, out), state.held) : onlyFields(unsent, out),
    problems,
    saveState: 'refused',
  };
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
  const left = withoutFields(state.unsent, fields);
  const unsent = left && { ...left, revision: theirs.revision };
  return { ...state, unsent, clash: null, saveState: 'saved' };
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
