import { beforeEach, describe, expect, it, vi } from 'vitest';
import { ApiError } from './client.js';
import type { Waiting } from './outbox.js';

const store = vi.hoisted(() => ({
  waiting: [] as Waiting[],
  removed: [] as string[],
  open: new Set<string>(),
  rows: new Map<string, { read: () => Promise<unknown>; send: (...all: unknown[]) => Promise<unknown> }>(),
}));
vi.mock('./outbox.js', () => ({
  outbox: {
    waiting: () => Promise.resolve(store.waiting),
    remove: (all: readonly Waiting[]) =>
      Promise.resolve(void store.removed.push(...all.map(({ key }) => key))),
  },
  openRows: { has: (row: string) => store.open.has(row) },
}));
vi.mock('./rows.js', () => ({
  keptRow: (name: string) => {
    const row = store.rows.get(name);
    return row && { ...row, place: `/${name}`, nameOf: ({ title }: { title: string }) => title };
  },
}));
const { sendWaiting } = await import('./send-waiting.js');

const left = (row: string, patch: object, base: object, since: number): Waiting => ({
  key: `unsent:tab-${since}:${row}`,
  row,
  since,
  isOwn: false,
  unsent: { patch, base, revision: 3 },
});
const stands = { title: 'Roots', people: 14, place: 'Main kitchen', revision: 5 };
const row = (send: (...all: unknown[]) => Promise<unknown> = () => Promise.resolve()) => ({
  read: () => Promise.resolve(stands),
  send: vi.fn(send),
});

describe('what earlier visits left', () => {
  beforeEach(() => {
    store.waiting = [];
    store.removed = [];
    store.open.clear();
    store.rows.clear();
  });

  it('of two tabs is sent as one, under the revision that stands, and let go', async () => {
    store.waiting = [
      left('class:1', { people: 15 }, { people: 14 }, 1),
      left('class:1', { place: 'Garden' }, { place: 'Main kitchen' }, 2),
    ];
    const class1 = row();
    store.rows.set('class:1', class1);
    expect(await sendWaiting()).toEqual([]);
    expect(class1.send.mock.calls).toEqual([[{ people: 15, place: 'Garden' }, 5, stands]]);
    expect(store.removed).toEqual(['unsent:tab-1:class:1', 'unsent:tab-2:class:1']);
  });

  it('is left to the page that has its row open', async () => {
    store.waiting = [left('class:1', { people: 15 }, { people: 14 }, 1)];
    const class1 = row();
    store.rows.set('class:1', class1);
    store.open.add('class:1');
    expect(await sendWaiting()).toEqual([]);
    expect(class1.send).not.toHaveBeenCalled();
  });

  it('is not sent over what somebody else changed: both are to be seen', async () => {
    store.waiting = [left('class:1', { people: 15 }, { people: 12 }, 1)];
    const class1 = row();
    store.rows.set('class:1', class1);
    expect(await sendWaiting()).toMatchObject([
      { row: 'class:1', name: 'Roots', place: '/class:1', why: 'clashes' },
    ]);
    expect(class1.send).not.toHaveBeenCalled();
    expect(store.removed).toEqual([]);
  });

  it.each<[string, Error, string, string]>([
    ['refused', new ApiError(422, 'A class has 1 to 200 people.'), 'refused', 'A class has 1 to 200 people.'],
    ['of a row that was deleted', new ApiError(410, 'It has been deleted.'), 'gone', 'It has been deleted.'],
    ['of a row that never was', new ApiError(404, 'It is not here.'), 'gone', 'It is not here.'],
    ['offline', new TypeError('no network'), 'unreachable', 'It is sent when the server answers.'],
    [
      'with the server at fault',
      new ApiError(500, 'Wrong.'),
      'unreachable',
      'It is sent when the server answers.',
    ],
  ])('%s it is kept, with why, and holds up no other', async (_, error, why, sentence) => {
    store.waiting = [
      left('class:1', { people: 15 }, { people: 14 }, 1),
      left('class:2', { people: 16 }, { people: 14 }, 2),
    ];
    store.rows.set(
      'class:1',
      row(() => Promise.reject(error)),
    );
    store.rows.set('class:2', row());
    expect(await sendWaiting()).toMatchObject([{ row: 'class:1', why, sentence, since: 1 }]);
    expect(store.removed).toEqual(['unsent:tab-2:class:2']);
  });

  it('of a kind that this version does not know is left alone', async () => {
    store.waiting = [left('menu:1', { people: 15 }, { people: 14 }, 1)];
    expect(await sendWaiting()).toEqual([]);
    expect(store.removed).toEqual([]);
  });
});
