import { describe, expect, it } from 'vitest';
import { addChange, clashingFields, isSame, leftToSend, newestOf } from './merge.js';

interface Edits {
  people: number;
  place: string;
}
const server = { people: 14, place: 'Main kitchen', revision: 3 };
const change = (
  patch: Partial<Edits>,
  before: Parameters<typeof addChange<typeof server, Edits>>[0] = null,
  shown = server,
) => addChange<typeof server, Edits>(before, patch, shown, shown.revision);

describe('what is unsent', () => {
  it('remembers what each field was when it was first touched', () => {
    const once = change({ people: 15 });
    const twice = change({ people: 16, place: 'Garden' }, once, { ...server, people: 15 });
    expect(twice).toEqual({
      patch: { people: 16, place: 'Garden' },
      base: { people: 14, place: 'Main kitchen' },
      revision: 3,
    });
  });
  it('keeps the revision it was based on', () =>
    expect(change({ place: 'Garden' }, change({ people: 15 }), { ...server, revision: 9 }).revision).toBe(3));
});

describe('two people', () => {
  const mine = change({ people: 15 });
  it('other fields do not clash', () =>
    expect(clashingFields(mine, { people: 14, place: 'Garden' })).toEqual([]));
  it('the same field does', () =>
    expect(clashingFields(mine, { people: 12, place: 'Main kitchen' })).toEqual(['people']));
  it('the same change twice does not', () =>
    expect(clashingFields(mine, { people: 15, place: 'Main kitchen' })).toEqual([]));
});

describe('after sending', () => {
  it('nothing is left where nothing was typed since', () =>
    expect(
      leftToSend(change({ people: 15 }), { people: 15 } as Edits, { ...server, people: 15, revision: 4 }),
    ).toBeNull());
  it('what was typed since is left, based on what was sent', () => {
    expect(
      leftToSend(change({ people: 16 }), { people: 15 } as Edits, { ...server, people: 15, revision: 4 }),
    ).toEqual({ patch: { people: 16 }, base: { people: 15 }, revision: 4 });
  });
});

describe('answers out of order', () => {
  const known = { revision: 4, people: 15 };
  it('an older one that comes late is passed over', () =>
    expect(newestOf(known, { revision: 3, people: 14 })).toBe(known));
  it('a newer one stands, and so does the first', () => {
    expect(newestOf(known, { revision: 5, people: 16 })?.people).toBe(16);
    expect(newestOf(undefined, known)).toBe(known);
    expect(newestOf(known, undefined)).toBe(known);
  });
});

describe('same data', () => {
  it('looks inside', () => {
    expect(isSame([{ id: 1 }], [{ id: 1 }])).toBe(true);
    expect(isSame([{ id: 1 }], [{ id: 2 }])).toBe(false);
  });
});
