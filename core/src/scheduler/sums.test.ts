import { describe, expect, it } from 'vitest';
import { engineWith, range } from '../tests/engines.js';
import { Freshness, LateStarts } from './sums.js';

describe('sums', () => {
  it('starts that must add up to 15 at the least, each at most 10: neither is below 5', () => {
    const late = new LateStarts(2);
    const engine = engineWith(
      [
        [0, 10],
        [0, 10],
      ],
      () => late,
    );
    late.least = 15;
    engine.propagate();
    expect([engine.from(0), engine.from(1)]).toEqual([5, 5]);
    late.least = 21;
    engine.touch();
    expect(engine.propagate()).toBe(false);
  });
  it('a result of weight 10 may wait 3 minutes when 30 are allowed', () => {
    const fresh = new Freshness([{ from: 0, to: 1, distance: 5, weight: 10 }]);
    const engine = engineWith(
      [
        [0, 20],
        [12, 20],
      ],
      () => fresh,
    );
    fresh.most = 30;
    engine.propagate();
    // 1 begins at 12 at the earliest; 0 begins at 12 − 5 − 3 = 4 at the earliest. 0 at 20 leaves 1 at most
    // 28.
    expect(range(engine, 0)).toEqual([4, 20]);
  });
  it('what one result waits already is taken from the others, by its weight', () => {
    // 1 begins at 12 and 0 at 5 at the latest, 5 minutes apart: it waits 2 at the least, 20 of 30. The other
    // may wait 1 minute: 3 begins at 10 at the earliest, so 2 at 9.
    const fresh = new Freshness([
      { from: 0, to: 1, distance: 5, weight: 10 },
      { from: 2, to: 3, distance: 0, weight: 10 },
    ]);
    const engine = engineWith(
      [
        [0, 5],
        [12, 20],
        [0, 20],
        [10, 20],
      ],
      () => fresh,
    );
    fresh.most = 30;
    engine.propagate();
    expect(range(engine, 2)).toEqual([9, 20]);
  });
  it('without a limit nothing is narrowed', () => {
    const engine = engineWith(
      [
        [0, 10],
        [0, 10],
      ],
      () => new LateStarts(2),
    );
    engine.propagate();
    expect(range(engine, 0)).toEqual([0, 10]);
  });
});
