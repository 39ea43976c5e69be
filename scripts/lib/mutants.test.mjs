import { describe, expect, it } from 'vitest';
import { broken, mutantsOf, shuffled, tableMutantsOf } from './mutants.mjs';

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

describe('the ways to break a table', () => {
  const tableBreaks = (text) => tableMutantsOf(text).map((mutant) => broken(text, mutant));
  it('leave out a phrase or a word of one', () =>
    expect(tableBreaks('cue,words,not\nwarm,hot;lukewarm|tepid water,')).toEqual([
      'cue,words,not\nwarm,lukewarm|tepid water,',
      'cue,words,not\nwarm,hot;tepid water,',
    ]));
  it('make a time longer', () =>
    expect(tableBreaks('food,state,place,time\negg,in a dish,cold,1 day,')).toEqual([
      'food,state,place,time\negg,in a dish,cold,2 day,',
    ]));
  it('leave names and heads alone', () => expect(tableBreaks('cue,words\nwarm,hot')).toEqual([]));
});

describe('a sample', () => {
  it('holds each once, in the same order for the same seed', () => {
    const all = [1, 2, 3, 4, 5, 6, 7, 8];
    expect([...shuffled(all, 7)].sort()).toEqual(all);
    expect(shuffled(all, 7)).toEqual(shuffled(all, 7));
    expect(shuffled(all, 7)).not.toEqual(shuffled(all, 8));
  });
});
