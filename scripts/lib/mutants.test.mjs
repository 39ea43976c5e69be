import { describe, expect, it } from 'vitest';
import { broken, mutantsOf, shuffled } from './mutants.mjs';

const breaks = (source) => mutantsOf(source).map((mutant) => broken(source, mutant));

describe('the ways to break a line', () => {
  it('turn an operator, a number, a condition and a call', () => {
    expect(breaks('const a = b < 2;')).toEqual(['const a = b <= 2;', 'const a = b < 3;']);
    expect(breaks('if (late) stop();')).toEqual(['if (false) stop();']);
    expect(breaks('const a = late ? b : c;')).toEqual([
      'const a = true ? b : c;',
      'const a = false ? b : c;',
    ]);
    expect(breaks('all.some(late);')).toEqual(['all.every(late);']);
    expect(breaks('all.filter(late);')).toEqual(['all.filter(() => true);']);
    expect(breaks('const a = !late;')).toEqual(['const a = late;']);
  });
  it('leave texts that are joined, and types, alone', () => {
    expect(breaks("const a = 'b' + c;")).toEqual([]);
    expect(breaks('type A = 1 | 2;')).toEqual([]);
  });
  it('say the line they are in', () =>
    expect(mutantsOf('// first\n\nconst a = true;')).toMatchObject([
      { line: 3, was: 'true', text: 'false' },
    ]));
});

describe('a sample', () => {
  it('holds each once, in the same order for the same seed', () => {
    const all = [1, 2, 3, 4, 5, 6, 7, 8];
    expect([...shuffled(all, 7)].sort()).toEqual(all);
    expect(shuffled(all, 7)).toEqual(shuffled(all, 7));
    expect(shuffled(all, 7)).not.toEqual(shuffled(all, 8));
  });
});
