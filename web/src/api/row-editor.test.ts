import { describe, expect, it } from 'vitest';
import { ApiError } from './client.js';
import {
  conflictOf,
  emptyRow,
  failureOf,
  isToSend,
  reduceRow,
  shownRow,
  typedHere,
  type EditedRow,
  type RowEvent,
  type RowState,
} from './row-editor.js';

interface Edits {
  people: number;
  place: string;
}
type View = EditedRow<Edits>;
type State = RowState<View, Edits>;
type Event = RowEvent<View, Edits>;

const server: View = { people: 14, place: 'Main kitchen', revision: 3 };
const edit = (patch: Partial<Edits>, at = 0): Event => ({ kind: 'edited', patch, found: [], at });
const after = (...events: Event[]): State =>
  events.reduce<State>(reduceRow, reduceRow(emptyRow<View, Edits>(), { kind: 'arrived', row: server }));
const failed = (error: unknown, sent: State): Event => ({
  kind: 'failed',
  failure: failureOf<View>(error, (current) => current as View),
  sent: sent.unsent!,
});
const clashWith = (current: View) => new ApiError(409, 'Somebody else changed this.', [], current);

describe('a change', () => {
  it('shows at once and waits to be sent under the revision it is based on', () => {
    const state = after(edit({ people: 15 }));
    expect(shownRow(state)).toEqual({ people: 15, place: 'Main kitchen', revision: 3 });
    expect(state.unsent).toEqual({ patch: { people: 15 }, base: { people: 14 }, revision: 3 });
    expect([isToSend(state), isToSend(after())]).toEqual([true, false]);
  });
  it('with a problem is not applied, and says so at its field', () => {
    const found = [{ field: 'people', sentence: 'A class has 1 to 200 people.' }];
    const state = after({ kind: 'edited', patch: { people: 0 }, found, at: 0 });
    expect([state.unsent, state.problems]).toEqual([null, { people: 'A class has 1 to 200 people.' }]);
  });
  it('clears the problems of its own field, and what concerned none; others stay', () => {
    const found = [
      { field: 'people', sentence: 'a' },
      { field: 'place', sentence: 'b' },
      { field: '', sentence: 'c' },
    ];
    const state = after({ kind: 'edited', patch: { people: 0 }, found, at: 0 }, edit({ people: 15 }));
    expect(state.problems).toEqual({ place: 'b' });
  });
  it('that an earlier visit left, found before the row has come, is due as the row arrives', () => {
    const unsent = { patch: { people: 10 } as Edits, base: { people: 14 }, revision: 3 };
    const found = reduceRow(emptyRow<View, Edits>(), { kind: 'found on device', unsent });
    expect(isToSend(found)).toBe(false);
    expect(isToSend(reduceRow(found, { kind: 'arrived', row: server }))).toBe(true);
  });
  it('before the row has come is kept nowhere', () =>
    expect(reduceRow(emptyRow<View, Edits>(), edit({ people: 15 })).unsent).toBeNull());
});

describe('an answer of the server', () => {
  const sending = after(edit({ people: 15 }), { kind: 'sending' });
  const saved: Event = {
    kind: 'saved',
    row: { ...server, people: 15, revision: 4 },
    sent: { people: 15 } as Edits,
  };
  it('saved: nothing is left, and the row is the server’s', () => {
    const state = reduceRow(sending, saved);
    expect([state.unsent, state.saveState, state.isSending, state.server?.revision]).toEqual([
      null,
      'saved',
      false,
      4,
    ]);
  });
  it('saved while somebody typed on: what was typed since is left, on the new revision', () => {
    const state = reduceRow(reduceRow(sending, edit({ people: 16 })), saved);
    expect(state.unsent).toEqual({ patch: { people: 16 }, base: { people: 15 }, revision: 4 });
  });
  it('409 on another field: joined, and sent again under the new revision', () => {
    const theirs = { ...server, place: 'Garden', revision: 7 };
    const state = reduceRow(sending, failed(clashWith(theirs), sending));
    expect(conflictOf(state)).toBeNull();
    expect(state.unsent).toMatchObject({ patch: { people: 15 }, revision: 7 });
    expect(shownRow(state)).toEqual({ people: 15, place: 'Garden', revision: 7 });
    expect(isToSend(state)).toBe(true);
  });
  it('409 on the same field: both are kept, and nothing is sent until one is chosen', () => {
    const theirs = { ...server, people: 12, revision: 7 };
    const state = reduceRow(sending, failed(clashWith(theirs), sending));
    expect(conflictOf(state)).toEqual({ mine: { people: 15 }, theirs, fields: ['people'] });
    expect([isToSend(state), state.unsent?.patch]).toEqual([false, { people: 15 }]);
  });
  it.each([
    [429, 'Too many tries.', 'waiting'],
    [500, 'Something went wrong.', 'waiting'],
    [503, 'The database does not answer.', 'waiting'],
    [401, 'Sign in first.', 'waiting'],
    [422, 'A class has 1 to 200 people.', 'refused'],
    [404, 'There is no such class.', 'refused'],
  ])('%d: what was typed is kept, and the state is %s', (status, sentence, saveState) => {
    const state = reduceRow(sending, failed(new ApiError(status, sentence), sending));
    expect([typedHere(state)?.patch, state.saveState, state.isSending]).toEqual([
      { people: 15 },
      saveState,
      false,
    ]);
    expect(shownRow(state)?.people).toBe(15);
  });
  it('offline: it waits', () =>
    expect(reduceRow(sending, failed(new TypeError('no network'), sending)).saveState).toBe('waiting'));
  it('refused: said at its field, not sent again until it is changed', () => {
    const error = new ApiError(422, 'Please correct this', [{ field: 'people', sentence: 'Too many.' }]);
    const state = reduceRow(sending, failed(error, sending));
    expect([state.problems, isToSend(state)]).toEqual([{ people: 'Too many.' }, false]);
    expect(isToSend(reduceRow(state, edit({ people: 16 })))).toBe(true);
  });
  it('what is refused holds up nothing else: other fields are sent, and it is shown with why', () => {
    const typedOn = reduceRow(sending, edit({ place: 'Garden' }));
    const error = new ApiError(422, 'Please correct this', [{ field: 'people', sentence: 'Too many.' }]);
    const state = reduceRow(typedOn, failed(error, sending));
    expect([state.unsent?.patch, state.held?.patch]).toEqual([{ place: 'Garden' }, { people: 15 }]);
    expect(isToSend(state)).toBe(true);
    expect(shownRow(state)).toMatchObject({ people: 15, place: 'Garden' });
    expect(typedHere(state)?.patch).toEqual({ people: 15, place: 'Garden' });
    const later = reduceRow(state, {
      kind: 'saved',
      row: { ...server, place: 'Garden', revision: 4 },
      sent: { place: 'Garden' } as Edits,
    });
    expect([later.saveState, later.problems, shownRow(later)?.people]).toEqual([
      'refused',
      { people: 'Too many.' },
      15,
    ]);
    const mended = reduceRow(later, edit({ people: 12 }));
    expect([mended.unsent, mended.held, mended.saveState]).toEqual([
      { patch: { people: 12 }, base: { people: 14 }, revision: 4 },
      null,
      'saved',
    ]);
  });
  it('a second refusal keeps what the first held, too', () => {
    const tooMany = new ApiError(422, 'Please correct this', [{ field: 'people', sentence: 'Too many.' }]);
    const tooLong = new ApiError(422, 'Please correct this', [{ field: 'place', sentence: 'Too long.' }]);
    const held = reduceRow(sending, failed(tooMany, sending));
    const typedOn = reduceRow(held, edit({ place: 'Garden' }));
    const state = reduceRow(typedOn, failed(tooLong, typedOn));
    expect(state.held?.patch).toEqual({ people: 15, place: 'Garden' });
    expect(state.problems).toEqual({ people: 'Too many.', place: 'Too long.' });
    expect(typedHere(state)?.patch).toEqual({ people: 15, place: 'Garden' });
  });
  it('refused without a field: said for the whole', () =>
    expect(
      reduceRow(sending, failed(new ApiError(404, 'There is no such class.'), sending)).problems,
    ).toEqual({
      '': 'There is no such class.',
    }));
  it('an old one that comes late does not bring the old row back', () => {
    const newer = after({ kind: 'arrived', row: { ...server, people: 16, revision: 5 } });
    expect(reduceRow(newer, { kind: 'arrived', row: server }).server?.people).toBe(16);
  });
});

describe('two versions', () => {
  const sending = after(edit({ people: 15 }), { kind: 'sending' });
  const theirs = { ...server, people: 12, revision: 7 };
  const both = reduceRow(sending, failed(clashWith(theirs), sending));
  it('keep mine: sent over theirs', () => {
    const state = reduceRow(both, { kind: 'keep mine' });
    expect([conflictOf(state), state.unsent?.patch, state.unsent?.revision]).toEqual([
      null,
      { people: 15 },
      7,
    ]);
    expect(isToSend(state)).toBe(true);
  });
  it('keep mine keeps what was typed in other fields meanwhile too', () => {
    const state = reduceRow(reduceRow(both, edit({ place: 'Garden' })), { kind: 'keep mine' });
    expect(state.unsent?.patch).toEqual({ people: 15, place: 'Garden' });
  });
  it('keep mine keeps what was typed last, not what was sent', () => {
    const typedOn = reduceRow(both, edit({ people: 16 }));
    expect(conflictOf(typedOn)?.mine).toEqual({ people: 16 });
    expect(reduceRow(typedOn, { kind: 'keep mine' }).unsent).toEqual({
      patch: { people: 16 },
      base: { people: 12 },
      revision: 7,
    });
  });
  it('take theirs gives up what clashes, and what was typed into other fields is still sent', () => {
    const typedOn = reduceRow(both, edit({ place: 'Garden' }));
    const state = reduceRow(typedOn, { kind: 'take theirs' });
    expect(state.unsent).toEqual({
      patch: { place: 'Garden' },
      base: { place: 'Main kitchen' },
      revision: 7,
    });
    expect([shownRow(state)?.people, isToSend(state)]).toEqual([12, true]);
  });
  it('what was typed while the change was on its way clashes too where they changed it', () => {
    const typedOn = reduceRow(sending, edit({ place: 'Garden' }));
    const moved = { ...theirs, place: 'Attic' };
    const state = reduceRow(typedOn, failed(clashWith(moved), sending));
    expect(conflictOf(state)).toEqual({
      mine: { people: 15, place: 'Garden' },
      theirs: moved,
      fields: ['people', 'place'],
    });
  });
  it('take theirs: nothing of ours is left', () => {
    const state = reduceRow(both, { kind: 'take theirs' });
    expect([conflictOf(state), state.unsent, shownRow(state)?.people]).toEqual([null, null, 12]);
  });
  it('keep mine without a conflict changes nothing', () =>
    expect(reduceRow(sending, { kind: 'keep mine' })).toBe(sending));
});

describe('undo and redo', () => {
  it('go back and forth, and are sent like any change', () => {
    const changed = after(edit({ people: 15 }), edit({ place: 'Garden' }, 5000));
    const back = reduceRow(changed, { kind: 'undo' });
    expect(shownRow(back)).toMatchObject({ people: 15, place: 'Main kitchen' });
    expect(shownRow(reduceRow(back, { kind: 'redo' }))).toMatchObject({ people: 15, place: 'Garden' });
    expect(isToSend(back)).toBe(true);
  });
  it('the same field within 700 ms is one step, later it is another', () => {
    expect(after(edit({ people: 1 }, 0), edit({ people: 15 }, 699)).done).toEqual([
      { before: { people: 14 }, after: { people: 15 }, at: 699 },
    ]);
    expect(after(edit({ people: 1 }, 0), edit({ people: 15 }, 700)).done).toHaveLength(2);
    expect(after(edit({ people: 1 }, 0), edit({ place: 'x' }, 1)).done).toHaveLength(2);
  });
  it('three steps are taken back one by one, the last first', () => {
    const changes = [edit({ people: 15 }), edit({ place: 'Garden' }, 5000), edit({ people: 16 }, 10_000)];
    const seen: unknown[] = [];
    changes.reduce(
      (state) => {
        const back = reduceRow(state, { kind: 'undo' });
        const { people, place } = shownRow(back)!;
        seen.push([people, place]);
        return back;
      },
      after(...changes),
    );
    expect(seen).toEqual([
      [15, 'Garden'],
      [15, 'Main kitchen'],
      [14, 'Main kitchen'],
    ]);
  });
  it('a step that goes on with the last leaves those before it', () => {
    const state = after(edit({ place: 'Garden' }), edit({ people: 15 }, 5000), edit({ people: 16 }, 5100));
    const once = reduceRow(state, { kind: 'undo' });
    expect(shownRow(once)).toMatchObject({ people: 14, place: 'Garden' });
    expect(shownRow(reduceRow(once, { kind: 'undo' }))).toMatchObject({ place: 'Main kitchen' });
  });
  it('a new change forgets what was undone', () =>
    expect(after(edit({ people: 15 }), { kind: 'undo' }, edit({ place: 'x' })).undone).toEqual([]));
  it('a hundred steps are remembered', () => {
    const many = Array.from({ length: 101 }, (_, index) => edit({ people: index }, index * 1000));
    expect(after(...many).done).toHaveLength(100);
  });
  it('with nothing to undo nothing happens', () => expect(after({ kind: 'undo' })).toEqual(after()));
});

describe('what an earlier visit left on this device', () => {
  const kept = { patch: { people: 20 } as Edits, base: { people: 14 }, revision: 2 };
  it('is taken up', () =>
    expect(shownRow(after({ kind: 'found on device', unsent: kept }))?.people).toBe(20));
  it('but not over what was typed meanwhile', () =>
    expect(shownRow(after(edit({ people: 15 }), { kind: 'found on device', unsent: kept }))?.people).toBe(
      15,
    ));
  it('of two tabs with different fields both arrive, under the older revision', () => {
    const other = { patch: { place: 'Garden' } as Edits, base: { place: 'Hall' }, revision: 3 };
    const state = after(
      { kind: 'found on device', unsent: kept },
      { kind: 'found on device', unsent: other },
    );
    expect(state.unsent).toEqual({
      patch: { people: 20, place: 'Garden' },
      base: { people: 14, place: 'Hall' },
      revision: 2,
    });
  });
});
