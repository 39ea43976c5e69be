import { beforeEach, describe, expect, it, vi } from 'vitest';

// What browsers keep and which of their tabs are open, as far as the outbox asks for it.
const { kept, tabs } = vi.hoisted(() => ({
  kept: new Map<string, unknown>(),
  tabs: { own: '', open: new Set<string>() },
}));
vi.mock('idb-keyval', () => ({
  set: (key: string, value: unknown) => Promise.resolve(void kept.set(key, structuredClone(value))),
  del: (key: string) => Promise.resolve(void kept.delete(key)),
  delMany: (keys: readonly string[]) => Promise.resolve(keys.forEach((key) => kept.delete(key))),
  entries: () => Promise.resolve([...kept]),
}));
vi.mock('./tab.js', () => ({
  tabName: () => Promise.resolve(tabs.own),
  openTabs: () => Promise.resolve(tabs.open),
}));
const { openRows, outbox } = await import('./outbox.js');

const [first, second] = ['00000000-0000-4000-8000-00000000000', '00000000-0000-4000-8000-00000000001'].map(
  (start) => `${start}1`,
) as [string, string];
const people = (count: number) => ({ patch: { people: count }, base: { people: 14 }, revision: 3 });
const asTab = (tab: string) => void (tabs.own = tab);

describe('what waits on this device', () => {
  beforeEach(() => {
    kept.clear();
    asTab(first);
    tabs.open = new Set([first, second]);
  });

  it('two tabs keep the same row side by side, and each clears its own', async () => {
    await outbox.write('class:1', people(15));
    asTab(second);
    await outbox.write('class:1', people(16));
    expect(kept.size).toBe(2);
    await outbox.clear('class:1');
    asTab(first);
    expect((await outbox.of('class:1')).map(({ unsent }) => unsent.patch)).toEqual([{ people: 15 }]);
  });

  it('what another open tab holds is left to it; once it is closed, it is taken up', async () => {
    await outbox.write('class:1', people(15));
    asTab(second);
    expect(await outbox.waiting()).toEqual([]);
    tabs.open = new Set([second]);
    expect((await outbox.waiting()).map(({ row, isOwn }) => [row, isOwn])).toEqual([['class:1', false]]);
  });

  it('a reloaded tab finds what it wrote itself', async () => {
    await outbox.write('class:1', people(15));
    tabs.open = new Set();
    expect((await outbox.of('class:1')).map(({ isOwn }) => isOwn)).toEqual([true]);
    expect(await outbox.of('class:2')).toEqual([]);
  });

  it('comes oldest first, what a version before wrote without a tab and a time before all', async () => {
    vi.useFakeTimers({ now: 2000 });
    await outbox.write('class:2', people(16));
    vi.setSystemTime(1000);
    await outbox.write('class:1', people(15));
    vi.useRealTimers();
    kept.set('unsent:class:3', people(17));
    kept.set('tick:of something else', { ticked: true });
    expect((await outbox.waiting()).map(({ row, since }) => [row, since])).toEqual([
      ['class:3', 0],
      ['class:1', 1000],
      ['class:2', 2000],
    ]);
  });

  it('forgetting lets go of what others left, removing of all that was sent', async () => {
    await outbox.write('class:1', people(15));
    asTab(second);
    tabs.open = new Set([second]);
    await outbox.write('class:2', people(16));
    await outbox.forget(await outbox.waiting());
    expect((await outbox.waiting()).map(({ row }) => row)).toEqual(['class:2']);
    await outbox.remove(await outbox.waiting());
    expect(kept.size).toBe(0);
  });
});

describe('rows that are edited in this tab', () => {
  it('are open until the last of their editors leaves', () => {
    const leave = [openRows.enter('class:1'), openRows.enter('class:1')];
    leave[0]!();
    expect(openRows.has('class:1')).toBe(true);
    leave[1]!();
    expect(openRows.has('class:1')).toBe(false);
  });
});
