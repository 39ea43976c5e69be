import type { FieldProblem } from '@fornax/contract';
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
export interface Step<P> {
  readonly before: Partial<P>;
  readonly after: Partial<P>;
  readonly at: number;
}

/** All that the editor of one row knows. */
export interface RowState<T extends EditedRow<P>, P extends object> {
  /** The newest row that the server has given; undefined while it loads. */
  readonly server: T | undefined;
  readonly unsent: Unsent<P> | null;
  /** What the server will not take as it is: shown with why, and not sent again until it is changed. */
  readonly held: Unsent<P> | null;
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
