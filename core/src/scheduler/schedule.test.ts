import { describe, expect, it } from 'vitest';
import { link, planned, task } from '../tests/scheduling.js';
import type { ScheduleProblem } from './types.js';

describe('backwards from the end', () => {
  it('without a latest, the last end is 0: 20 then 10 minutes start at −30 and −10', () => {
    expect(
      planned({ tasks: [task('a', 20), task('b', 10)], links: [link('a', 'b')], resources: [] }),
    ).toMatchObject({ starts: { a: -30, b: -10 }, length: 30 });
  });
  it('one pair of hands does one thing after another: 15 + 10 = 25', () => {
    expect(
      planned({
        tasks: [task('a', 15, ['you', 1]), task('b', 10, ['you', 1])],
        links: [],
        resources: [{ id: 'you', capacity: 1 }],
      }).length,
    ).toBe(25);
  });
  it('two pairs of hands work side by side: 15', () => {
    expect(
      planned({
        tasks: [task('a', 15, ['hands', 1]), task('b', 10, ['hands', 1])],
        links: [],
        resources: [{ id: 'hands', capacity: 2 }],
      }).length,
    ).toBe(15);
  });
  it('a rest of 30 to 40 minutes lies between', () => {
    expect(
      planned({ tasks: [task('a', 10), task('b', 5)], links: [link('a', 'b', 30, 40)], resources: [] })
        .starts,
    ).toEqual({ a: -45, b: -5 });
  });
  it(
    'a result that keeps 10 minutes pulls its maker close: both ' +
      'users of one hand at −15 and −5 leave dressing at −15',
    () => {
      const { starts } = planned({
        tasks: [task('shake', 5, ['you', 1]), task('plate', 10, ['you', 1]), task('toss', 5, ['you', 1])],
        links: [link('shake', 'toss', 0, 10), link('toss', 'plate', 0, 0)],
        resources: [{ id: 'you', capacity: 1 }],
      });
      expect(starts).toEqual({ shake: -20, toss: -15, plate: -10 });
    },
  );
});

describe('settings, hours and pins', () => {
  const oven = (changeoverMinutes = 0) => ({ id: 'oven', capacity: 3, changeoverMinutes });
  it('two settings do not share the oven', () => {
    expect(
      planned({
        tasks: [task('a', 30, ['oven', 1, '200']), task('b', 20, ['oven', 1, '170'])],
        links: [],
        resources: [oven()],
      }).length,
    ).toBe(50);
  });
  it('a changeover of 10 minutes lies between: 30 + 10 + 20', () => {
    expect(
      planned({
        tasks: [task('a', 30, ['oven', 1, '200']), task('b', 20, ['oven', 1, '170'])],
        links: [],
        resources: [oven(10)],
      }).length,
    ).toBe(60);
  });
  it('one setting goes in together', () => {
    expect(
      planned({
        tasks: [task('a', 30, ['oven', 1, '200']), task('b', 20, ['oven', 1, '200'])],
        links: [],
        resources: [oven()],
      }).length,
    ).toBe(30);
  });
  it(
    'hands work in opening hours only; what waits runs on: a soak of 600 min ' +
      'from −700 is over at −100, and the shortest plan cooks at once',
    () => {
      const problem: ScheduleProblem = {
        tasks: [
          task('cover', 5, ['you', 1]),
          task('soak', 600),
          { ...task('cook', 60, ['you', 1]), latest: 0 },
        ],
        links: [link('cover', 'soak', 0, 0), link('soak', 'cook')],
        resources: [
          {
            id: 'you',
            capacity: 1,
            open: [
              [-1000, -700],
              [-120, 0],
            ],
          },
        ],
      };
      expect(planned(problem).starts).toEqual({ cover: -705, soak: -700, cook: -100 });
    },
  );
  it('touching hours are one', () => {
    expect(
      planned({
        tasks: [{ ...task('a', 20, ['you', 1]), latest: 0 }],
        links: [],
        resources: [
          {
            id: 'you',
            capacity: 1,
            open: [
              [-30, -10],
              [-10, 0],
            ],
          },
        ],
      }).starts.a,
    ).toBe(-20);
  });
  it('a pin stays where it is', () =>
    expect(
      planned(
        {
          tasks: [task('a', 10, ['you', 1]), task('b', 10, ['you', 1])],
          links: [],
          resources: [{ id: 'you', capacity: 1 }],
        },
        { pinned: { a: -5 } },
      ).starts.a,
    ).toBe(-5));
  it('a task of 0 minutes occupies nothing', () =>
    expect(
      planned({ tasks: [task('a', 0, ['you', 9])], links: [], resources: [{ id: 'you', capacity: 1 }] })
        .starts.a,
    ).toBe(0));
});

describe('what is best', () => {
  it('class minutes come before all minutes: the prep of 10 min stands before or beside', () => {
    // One oven: prep 10, class 20 and 5. The class tasks stand together (25), the prep before them (35 in
    // all).
    const problem: ScheduleProblem = {
      tasks: [
        { ...task('x', 20, ['oven', 1]), inClass: true },
        task('prep', 10, ['oven', 1]),
        { ...task('y', 5, ['oven', 1]), inClass: true },
      ],
      links: [],
      resources: [{ id: 'oven', capacity: 1 }],
    };
    expect(planned(problem)).toMatchObject({ length: 25, lowerBound: 25 });
  });
  it('freshest: the shorter hold weighs more, so its maker stands next to the use', () => {
    // Weights 1000/10 = 100 and 1000/40 = 25. Made directly before the toss, one waits 0 and the other 5 min:
    // 5 × 25 beats 5 × 100.
    const problem: ScheduleProblem = {
      tasks: [task('cut', 5, ['you', 1]), task('roast', 5, ['you', 1]), task('toss', 5, ['you', 1])],
      links: [link('cut', 'toss', 0, 10), link('roast', 'toss', 0, 40)],
      resources: [{ id: 'you', capacity: 1 }],
    };
    expect(planned(problem, { objective: 'freshest' }).starts).toEqual({ roast: -15, cut: -10, toss: -5 });
  });
  it(
    'a plan of the past is only a beginning: with one task pinned ' +
      'earlier the other follows, for the plan is then shorter',
    () => {
      const problem: ScheduleProblem = {
        tasks: [
          { ...task('a', 10, ['you', 1]), latest: 0 },
          { ...task('b', 10, ['you', 1]), latest: 0 },
        ],
        links: [link('a', 'b')],
        resources: [{ id: 'you', capacity: 1 }],
      };
      expect(planned(problem, { standing: { a: -20, b: -10 }, pinned: { a: -25 } }).starts).toEqual({
        a: -25,
        b: -15,
      });
    },
  );
});
