import { describe, expect, it } from 'vitest';
import { type Gap, earliestStarts } from './out-of-time.js';

const any = [Infinity, Infinity, Infinity];

describe('the earliest starts, told without a search', () => {
  it('one after the other: from 10, +15 and +20 are 10, 25, 45', () =>
    expect(
      earliestStarts([10, 0, 0], any, [
        [0, 1, 15],
        [1, 2, 20],
      ]),
    ).toEqual([10, 25, 45]));
  it('in whatever order the gaps are written: what comes last is put off by the first', () =>
    expect(
      earliestStarts([10, 0, 0], any, [
        [1, 2, 20],
        [0, 1, 15],
      ]),
    ).toEqual([10, 25, 45]));
  it('of two ways the longer counts: max(0 + 30, 0 + 10 + 15) = 30', () =>
    expect(
      earliestStarts([0, 0, 0], any, [
        [0, 2, 30],
        [0, 1, 10],
        [1, 2, 15],
      ]),
    ).toEqual([0, 10, 30]));
  it('at the latest start it still fits, a minute later it does not: 10 + 15 = 25', () => {
    const gaps: Gap[] = [[0, 1, 15]];
    expect(earliestStarts([10, 0], [Infinity, 25], gaps)).toEqual([10, 25]);
    expect(earliestStarts([10, 0], [Infinity, 24], gaps)).toBeNull();
  });
  it('done within 5 minutes of what cannot begin before 60, it begins at 55: 60 − 5', () =>
    expect(
      earliestStarts(
        [0, 60],
        [Infinity, Infinity],
        [
          [0, 1, 0],
          [1, 0, -5],
        ],
      ),
    ).toEqual([55, 60]));
  it('least 10 and most 5 minutes apart put each other off for ever', () =>
    expect(
      earliestStarts(
        [0, 0],
        [Infinity, Infinity],
        [
          [0, 1, 10],
          [1, 0, -5],
        ],
      ),
    ).toBeNull());
});
