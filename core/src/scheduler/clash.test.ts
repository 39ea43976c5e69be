import { describe, expect, it } from 'vitest';
import { irreducibleClash, partOf } from './clash.js';
import { clashSentence } from './sentence.js';
import type { ScheduleProblem } from './types.js';

const task = (id: string, minutes: number, overrides: Partial<ScheduleProblem['tasks'][number]> = {}) => ({
  id,
  minutes,
  demands: [],
  name: id,
  ...overrides,
});
const you = { id: 'you', name: 'you', capacity: 1 };
const yours = { demands: [{ resource: 'you', units: 1 }] };
const clashOf = (problem: ScheduleProblem, pinned: Record<string, number> = {}) => {
  const clash = irreducibleClash(problem, pinned, 1000);
  return { clash, sentence: clashSentence(problem, clash, pinned) };
};

describe('what clashes, and nothing else', () => {
  it('more than there is', () => {
    const problem = {
      tasks: [task('Whisk', 5, { demands: [{ resource: 'whisks', units: 3 }] }), task('Toss', 5)],
      links: [],
      resources: [{ id: 'whisks', name: 'the whisks', capacity: 2 }, you],
    };
    expect(clashOf(problem)).toEqual({
      clash: { tasks: ['Whisk'], links: [], resources: ['whisks'] },
      sentence: '“Whisk” needs 3 of the whisks; there are 2.',
    });
  });
  it('more than the one there is', () => {
    const problem = {
      tasks: [task('Blend', 5, { demands: [{ resource: 'blender', units: 2 }] })],
      links: [],
      resources: [{ id: 'blender', name: 'the blender', capacity: 1 }],
    };
    expect(clashOf(problem).sentence).toBe('“Blend” needs 2 of the blender; there is 1.');
  });
  it('two settings for one dish at once', () => {
    const problem = {
      tasks: [
        task('Roast', 5, {
          demands: [
            { resource: 'oven', units: 1, setting: '200' },
            { resource: 'oven', units: 1, setting: '170' },
          ],
        }),
      ],
      links: [],
      resources: [{ id: 'oven', name: 'the oven', capacity: 4 }],
    };
    expect(clashOf(problem).sentence).toBe('“Roast” wants the oven at two settings at once.');
  });
  it('a window too small, a pin outside of one', () => {
    expect(
      clashOf({ tasks: [task('Roast', 50, { earliest: 0, latest: 40 })], links: [], resources: [] }).sentence,
    ).toBe('“Roast” takes 50 min, longer than the time it may have.');
    expect(
      clashOf({ tasks: [task('Roast', 50, { latest: 40 })], links: [], resources: [] }, { Roast: 10 })
        .sentence,
    ).toBe('“Roast” is pinned outside the time it may have.');
  });
  it('hours that are too short for one task', () => {
    const problem = {
      tasks: [task('Bake', 90, yours)],
      links: [],
      resources: [
        {
          ...you,
          open: [
            [0, 60],
            [60, 80],
            [100, 180],
          ] as [number, number][],
        },
      ],
    };
    expect(clashOf(problem).sentence).toBe(
      '“Bake” takes 90 min and finds no time in which you can be had that long.',
    );
  });
  it('largest lags against each other, with the minutes of each', () => {
    const problem = {
      tasks: [task('Roast', 60), task('Rest', 20), task('Peel', 10)],
      links: [
        { from: 'Roast', to: 'Rest', minLag: 0 },
        { from: 'Rest', to: 'Peel', minLag: 5 },
        { from: 'Roast', to: 'Peel', minLag: 0, maxLag: 15 },
      ],
      resources: [],
    };
    expect(clashOf(problem).sentence).toBe(
      'There is not enough time between “Roast”, “Rest” and “Peel”: “Rest” comes after “Roast”, ' +
        '“Peel” comes at least 5 min after “Rest”, “Peel” comes after “Roast” and at most 15 min after it.',
    );
  });
  it('two pins against a lag, either of which could go', () => {
    const problem = {
      tasks: [task('Roast', 60), task('Peel', 10)],
      links: [{ from: 'Roast', to: 'Peel', minLag: 0, maxLag: 180 }],
      resources: [],
    };
    expect(clashOf(problem, { Roast: 0, Peel: 30 }).sentence).toBe(
      'There is not enough time between “Roast” and “Peel”: “Peel” comes after ' +
        '“Roast” and at most 180 min after it; “Roast” and “Peel” are pinned.',
    );
  });
  it('a wait that follows at once, and one that may begin before the end', () => {
    const tasks = [task('Load', 5, { earliest: 0 }), task('Roast', 60, { latest: 50 })];
    expect(
      clashOf({ tasks, links: [{ from: 'Load', to: 'Roast', minLag: 0, maxLag: 0 }], resources: [] })
        .sentence,
    ).toContain('“Roast” comes right after “Load”');
    expect(
      clashOf({ tasks, links: [{ from: 'Load', to: 'Roast', minLag: -2 }], resources: [] }).sentence,
    ).toContain('“Roast” comes no more than 2 min before the end of “Load”');
  });
  it(
    'too much work for one pair of hands, said in minutes, and ' +
      'which of it is pinned; a third task is not blamed',
    () => {
      const problem = {
        tasks: [
          task('Peel', 20, { ...yours, earliest: 0, latest: 30 }),
          task('Chop', 15, { ...yours, latest: 30 }),
          task('Sweep', 5, { latest: 30 }),
        ],
        links: [{ from: 'Sweep', to: 'Chop', minLag: 0 }],
        resources: [you],
      };
      const { clash, sentence } = clashOf(problem, { Chop: 10 });
      expect(clash).toEqual({ tasks: ['Peel', 'Chop'], links: [], resources: ['you'] });
      expect(sentence).toBe(
        'You cannot do all of this in the time there is: “Peel” and ' +
          '“Chop” (35 min of work); “Chop” is pinned.',
      );
    },
  );
});

describe('the problem of a clash alone', () => {
  it('keeps its tasks, its links and its resources; of others the demands fall away', () => {
    const problem = {
      tasks: [
        task('a', 5, {
          demands: [
            { resource: 'you', units: 1 },
            { resource: 'oven', units: 1 },
          ],
        }),
        task('b', 5),
      ],
      links: [{ from: 'a', to: 'b', minLag: 0 }],
      resources: [you, { id: 'oven', capacity: 1 }],
    };
    expect(partOf(problem, { tasks: ['a'], links: [], resources: ['you'] })).toEqual({
      tasks: [task('a', 5, yours)],
      links: [],
      resources: [you],
    });
  });
  it('of many tasks the first five are named, and the rest counted', () => {
    const problem = {
      tasks: Array.from({ length: 8 }, (_, index) =>
        task(`T${index + 1}`, 10, { ...yours, earliest: 0, latest: 75 }),
      ),
      links: [],
      resources: [{ id: 'you', name: 'you', capacity: 1 }],
    };
    expect(clashOf(problem).sentence).toBe(
      'You cannot do all of this in the time there is: “T1”, “T2”, ' +
        '“T3”, “T4”, “T5” and 3 more (80 min of work).',
    );
  });
});
