import { beforeEach, describe, expect, it, vi } from 'vitest';

const { kept } = vi.hoisted(() => ({ kept: new Map<string, unknown>() }));
vi.mock('idb-keyval', () => ({
  set: (key: string, value: unknown) => Promise.resolve(void kept.set(key, structuredClone(value))),
  update: (key: string, change: (old: unknown) => unknown) =>
    Promise.resolve(void kept.set(key, change(kept.get(key)))),
  del: (key: string) => Promise.resolve(void kept.delete(key)),
  delMany: (keys: readonly string[]) => Promise.resolve(keys.forEach((key) => kept.delete(key))),
  entries: () => Promise.resolve([...kept]),
}));
const { tickOutbox } = await import('./tick-outbox.js');

const classId = '0192f0c1-0000-7000-8000-000000000001';
const other = '0192f0c1-0000-7000-8000-000000000002';
const got = { ticked: true, count: 0 };
const open = { ticked: false, count: 0 };

describe('marks that wait on this device', () => {
  beforeEach(() => kept.clear());

  it('are kept by class and row; a row with a colon in its name is one row', async () => {
    await tickOutbox.write(classId, 'shop:lemon', got);
    await tickOutbox.write(other, 'shop:lemon', open);
    expect(await tickOutbox.of(classId)).toEqual({ 'shop:lemon': got });
  });

  it('the later mark of a row stands', async () => {
    await tickOutbox.write(classId, 'lemon', got);
    await tickOutbox.write(classId, 'lemon', open);
    expect(await tickOutbox.of(classId)).toEqual({ lemon: open });
  });

  it('a mark that arrived goes; one that was changed meanwhile stays', async () => {
    await tickOutbox.write(classId, 'lemon', got);
    await tickOutbox.write(classId, 'lime', open);
    await tickOutbox.settle(classId, 'lemon', got);
    await tickOutbox.settle(classId, 'lime', got);
    expect(await tickOutbox.of(classId)).toEqual({ lime: open });
  });

  it('takes over what a version before kept of a class in one', async () => {
    kept.set(`ticks:${classId}`, { lemon: got, lime: open });
    expect(await tickOutbox.of(classId)).toEqual({ lemon: got, lime: open });
    expect([...kept.keys()].sort()).toEqual([`tick:${classId}:lemon`, `tick:${classId}:lime`]);
  });
});
