import { describe, expect, it } from 'vitest';
import { Turns, type Urgency } from './turns.js';

/** Work that ends when it is told to, and what has begun so far. */
function bench(turns: Turns) {
  const begun: string[] = [];
  const ends = new Map<string, () => void>();
  const ask = (key: string, name: string, urgency: Urgency = 'now') =>
    turns.run(
      key,
      () =>
        new Promise<string>((resolve) => {
          begun.push(name);
          ends.set(name, () => resolve(name));
        }),
      { urgency },
    );
  const end = async (name: string) => {
    ends.get(name)!();
    await new Promise((resolve) => setImmediate(resolve));
  };
  return { begun, ask, end };
}
const settled = () => new Promise((resolve) => setImmediate(resolve));

describe('turns', () => {
  it('of a key that asks for much, others wait for one', async () => {
    const { begun, ask, end } = bench(new Turns({ places: 1, mostWaiting: 9, busy: 'Busy.' }));
    for (const name of ['a1', 'a2', 'a3']) void ask('a', name);
    void ask('b', 'b1');
    await settled();
    for (const name of ['a1', 'a2', 'b1', 'a3']) await end(begun.at(-1) === name ? name : begun.at(-1)!);
    expect(begun).toEqual(['a1', 'a2', 'b1', 'a3']);
  });
  it('what is urgent goes before what is less so, and long work never takes all places', async () => {
    const turns = new Turns({ places: 2, forShort: 1, mostWaiting: 9, busy: 'Busy.' });
    const { begun, ask, end } = bench(turns);
    void ask('a', 'long 1', 'long');
    void ask('a', 'long 2', 'long');
    await settled();
    expect(begun).toEqual(['long 1']);
    void ask('b', 'now 1');
    void ask('b', 'soon', 'soon');
    void ask('b', 'now 2');
    await settled();
    expect(begun).toEqual(['long 1', 'now 1']);
    await end('now 1');
    await end('now 2');
    expect(begun).toEqual(['long 1', 'now 1', 'now 2', 'soon']);
    await end('soon');
    expect(begun).toEqual(['long 1', 'now 1', 'now 2', 'soon']);
    await end('long 1');
    expect(begun).toEqual(['long 1', 'now 1', 'now 2', 'soon', 'long 2']);
  });
  it('short and long work have places of their own, and what nobody waits for has what is left', async () => {
    const turns = new Turns({ places: 2, forShort: 1, forLong: 1, mostWaiting: 9, busy: 'Busy.' });
    const { begun, ask, end } = bench(turns);
    void ask('a', 'spare', 'spare');
    void ask('a', 'now 1');
    void ask('a', 'now 2');
    await settled();
    // Nothing else was there when it came; of the two that are short, one waits.
    expect(begun).toEqual(['spare', 'now 1']);
    void ask('a', 'spare 2', 'spare');
    await end('spare');
    expect(begun).toEqual(['spare', 'now 1']);
    void ask('b', 'long', 'long');
    await settled();
    expect(begun).toEqual(['spare', 'now 1', 'long']);
    for (const name of ['now 1', 'now 2', 'long']) await end(name);
    expect(begun).toEqual(['spare', 'now 1', 'long', 'now 2', 'spare 2']);
  });
  it('more than may wait for one key is refused, and another key is not', async () => {
    const turns = new Turns({ places: 1, mostWaiting: 2, busy: 'Busy.' });
    const { ask, begun, end } = bench(turns);
    void ask('a', 'a1');
    await settled();
    void ask('a', 'a2');
    void ask('a', 'a3');
    await expect(ask('a', 'a4')).rejects.toMatchObject({
      status: 503,
      message: expect.any(String) as string,
    });
    void ask('b', 'b1');
    await end('a1');
    await end('a2');
    expect(begun).toEqual(['a1', 'a2', 'b1']);
    expect(turns.waiting).toBe(1);
  });
  it('work that fails gives its place back', async () => {
    const turns = new Turns({ places: 1, mostWaiting: 2, busy: 'Busy.' });
    await expect(turns.run('a', () => Promise.reject(new Error('no')))).rejects.toThrow('no');
    expect(await turns.run('a', () => Promise.resolve(7))).toBe(7);
  });
});
