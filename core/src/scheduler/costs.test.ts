import { describe, expect, it } from 'vitest';
import { lowerBoundOf, spanOf, stalenessOf, sumOf, unevennessOf } from './costs.js';
import { modelOf } from './model.js';
import { nearMoved, neighbourhood } from './neighbourhood.js';
import { mergeIntervals } from './plan-engine.js';
import { seeded } from './random.js';
import type { ScheduleProblem } from './types.js';

const task = (id: string, minutes: number, units = 1, inClass = false) => ({
  id,
  minutes,
  demands: [{ resource: 'you', units }],
  ...(inClass ? { inClass } : {}),
});
const problem: ScheduleProblem = {
  tasks: [task('cut', 10), task('roast', 30, 2, true), task('toss', 5, 1, true), task('plate', 5, 1, true)],
  links: [
    { from: 'cut', to: 'roast', minLag: 0, maxLag: 20 },
    { from: 'roast', to: 'toss', minLag: 5, maxLag: 45, weight: 3 },
    { from: 'toss', to: 'plate', minLag: 0, maxLag: 0 },
    { from: 'cut', to: 'plate', minLag: 1 },
  ],
  resources: [{ id: 'you', capacity: 2 }],
};
const model = modelOf(problem, {});
const starts = [0, 15, 55, 60];

describe('what a plan costs', () => {
  it('the span of the class from roasting at 15 to plating until 65: 50; of all from 0: 65', () => {
    expect(spanOf(model, model.inClass, starts)).toBe(50);
    expect(spanOf(model, [0, 1, 2, 3], starts)).toBe(65);
    expect(spanOf(model, [], starts)).toBe(0);
  });
  it(
    'staleness: cut waits 5 of 20 at 1000 ÷ 20 = 50; roast waits 10 with 5 ' +
      'of them needed, at 3; no limit and no room weigh nothing',
    () => {
      expect(stalenessOf(model, starts)).toBe(5 * 50 + (10 - 5) * 3);
    },
  );
  it('starts add up: 0 + 15 + 55 + 60', () => expect(sumOf(starts)).toBe(130));
  it('evenness: 10 min at 1² + 30 min at 2² + 5 + 5 min at 1²', () =>
    expect(unevennessOf(model, starts)).toBe(10 + 120 + 10));
});

describe('bounds from below', () => {
  it('chain of the class: roast 30 + lag 5 + toss 5 + plate 5 = 45; work (60 + 5 + 5) ÷ 2 = 35', () =>
    expect(lowerBoundOf(model)).toBe(45));
  it('work alone: three tasks of 20 for one pair of hands', () => {
    expect(
      lowerBoundOf(
        modelOf(
          {
            tasks: [task('a', 20), task('b', 20), task('c', 20)],
            links: [],
            resources: [{ id: 'you', capacity: 1 }],
          },
          {},
        ),
      ),
    ).toBe(60);
  });
  it('a lag that must be at most 0 before binds backwards too: b ends at least 30 after a starts', () => {
    const pair: ScheduleProblem = {
      tasks: [task('a', 20), task('b', 10)],
      links: [{ from: 'b', to: 'a', minLag: -40, maxLag: -30 }],
      resources: [{ id: 'you', capacity: 2 }],
    };
    // start(a) − end(b) ≤ −30: b ends at least 30 min after a starts.
    expect(lowerBoundOf(modelOf(pair, {}))).toBe(30);
  });
});

describe('hours', () => {
  it.each([
    [
      [
        [0, 10],
        [10, 20],
      ],
      [[0, 20]],
    ],
    [
      [
        [30, 40],
        [0, 10],
        [5, 12],
      ],
      [
        [0, 12],
        [30, 40],
      ],
    ],
    [[[5, 5]], []],
    [[], []],
  ] as [[number, number][], [number, number][]][])('%j make %j', (given, merged) =>
    expect(mergeIntervals(given)).toEqual(merged),
  );
});

describe('a few tasks at a time', () => {
  it('are as many as asked for, and the same for the same seed', () => {
    for (let seed = 1; seed < 20; seed++) {
      const chosen = neighbourhood(model, starts, 2, seeded(seed));
      expect(chosen.size).toBe(2);
      expect(neighbourhood(model, starts, 2, seeded(seed))).toEqual(chosen);
    }
  });
  it(
    'around a pin: the pinned one, what is tied to it, then ' + 'what stands near its old or its new place',
    () => {
      // Cut goes from 0 to 58: roast and plate are tied to it; toss at 55 is near its new place.
      expect(nearMoved(model, starts, new Map([[0, 58]]))).toEqual([0, 1, 3, 2]);
      expect(nearMoved(modelOf({ ...problem, links: [] }, {}), starts, new Map([[0, 58]]))).toEqual([
        0, 3, 2, 1,
      ]);
    },
  );
});
