import { describe, expect, it } from 'vitest';
import { link, options, planned, task } from '../tests/scheduling.js';
import { schedule } from './schedule.js';
import type { ScheduleProblem } from './types.js';

describe('impossible, and proven so', () => {
  it('more than there is', () =>
    expect(
      schedule(
        {
          tasks: [task('a', 5, ['whisk', 3])],
          links: [],
          resources: [{ id: 'whisk', name: 'whisks', capacity: 2 }],
        },
        options,
      ),
    ).toMatchObject({ status: 'impossible', clash: { tasks: ['a'], resources: ['whisk'] } }));
  it('a least lag over the largest', () =>
    expect(
      schedule(
        { tasks: [task('a', 5), task('b', 5)], links: [link('a', 'b', 20, 10)], resources: [] },
        options,
      ),
    ).toMatchObject({ status: 'impossible', clash: { links: [0] } }));
  it('a window too narrow for its chain: 30 + 30 min between 0 and 50', () => {
    const result = schedule(
      {
        tasks: [
          { ...task('a', 30), earliest: 0, name: 'Roast' },
          { ...task('b', 30), latest: 50, name: 'Peel' },
        ],
        links: [link('a', 'b')],
        resources: [],
      },
      options,
    );
    expect(result).toMatchObject({
      status: 'impossible',
      clash: { tasks: expect.arrayContaining(['a', 'b']) as unknown, links: [0] },
      sentence: 'There is not enough time between “Roast” and “Peel”: “Peel” comes after “Roast”.',
    });
  });
  it('a pin outside its window', () =>
    expect(
      schedule(
        { tasks: [{ ...task('a', 10), earliest: 0, latest: 30 }], links: [], resources: [] },
        { ...options, pinned: { a: 25 } },
      ),
    ).toMatchObject({ status: 'impossible', clash: { tasks: ['a'] } }));
  it('hands that are never open', () =>
    expect(
      schedule(
        {
          tasks: [{ ...task('a', 5, ['you', 1]), name: 'Peel' }],
          links: [],
          resources: [{ id: 'you', capacity: 1, open: [] }],
        },
        options,
      ),
    ).toMatchObject({
      status: 'impossible',
      clash: { tasks: ['a'], resources: ['you'] },
      sentence: '“Peel” takes 5 min and finds no time in which you can be had that long.',
    }));
  it('25 minutes of work for one pair of hands between 0 and 20, while a third task stands apart', () => {
    const between = { earliest: 0, latest: 20 };
    const problem: ScheduleProblem = {
      tasks: [
        { ...task('a', 15, ['you', 1]), ...between },
        { ...task('b', 10, ['you', 1]), ...between },
        { ...task('c', 5, ['oven', 1]), ...between },
      ],
      links: [link('c', 'a')],
      resources: [
        { id: 'you', capacity: 1 },
        { id: 'oven', capacity: 1 },
      ],
    };
    expect(schedule(problem, options)).toMatchObject({
      status: 'impossible',
      clash: { tasks: ['a', 'b'], links: [], resources: ['you'] },
    });
  });
});

describe('malformed problems', () => {
  it.each<[string, ScheduleProblem, string]>([
    [
      'an unknown resource',
      { tasks: [task('a', 5, ['x', 1])], links: [], resources: [] },
      '“a” needs “x”, which is not among the resources.',
    ],
    [
      'an unknown task',
      { tasks: [task('a', 5)], links: [link('a', 'b')], resources: [] },
      'Link 0 names “b”, which is not among the tasks.',
    ],
    [
      'a task twice',
      { tasks: [task('a', 5), task('a', 5)], links: [], resources: [] },
      'There are two tasks with the id “a”.',
    ],
    [
      'a task tied to itself',
      { tasks: [task('a', 5)], links: [link('a', 'a')], resources: [] },
      'Link 0 ties “a” to itself.',
    ],
    [
      'half a minute',
      { tasks: [task('a', 0.5)], links: [], resources: [] },
      'The minutes of “a” must be a whole number.',
    ],
    [
      'negative minutes',
      { tasks: [task('a', -5)], links: [], resources: [] },
      'The minutes of “a” are below 0.',
    ],
  ])('%s throws a plain message', (_, problem, message) =>
    expect(() => schedule(problem, options)).toThrow(message),
  );
});

describe('where the last end lies', () => {
  it('closed at 0, it is as near before as it can be: open until −20', () =>
    expect(
      planned({
        tasks: [task('a', 10, ['you', 1])],
        links: [],
        resources: [{ id: 'you', capacity: 1, open: [[-60, -20]] }],
      }).starts,
    ).toEqual({ a: -30 }));
  it('open from 30 only, it is as near after as it can be', () =>
    expect(
      planned({
        tasks: [task('a', 10, ['you', 1])],
        links: [],
        resources: [{ id: 'you', capacity: 1, open: [[30, 90]] }],
      }).starts,
    ).toEqual({ a: 30 }));
  it('a plan that was found is kept when the steps run out before it is known to be the nearest', () => {
    for (let budgetSteps = 0; budgetSteps < 12; budgetSteps++)
      planned(
        {
          tasks: [task('a', 10, ['you', 1]), task('b', 5, ['you', 1])],
          links: [],
          resources: [{ id: 'you', capacity: 1, open: [[-60, -20]] }],
        },
        { budgetSteps },
      );
  });
  it(
    'ends at 0 where a shorter plan would end before: 10 + 5 min ' +
      'in hours until −5 and from −5 to 0 for the last',
    () => {
      const problem: ScheduleProblem = {
        tasks: [task('a', 10, ['you', 1]), task('b', 5, ['you', 1])],
        links: [link('a', 'b')],
        resources: [
          {
            id: 'you',
            capacity: 1,
            open: [
              [-60, -20],
              [-8, 0],
            ],
          },
        ],
      };
      // Together they fit before −20 in 15 min; but the last end is 0, so b is at −5 and a ends at −20: 30
      // min.
      expect(planned(problem)).toMatchObject({ starts: { a: -30, b: -5 }, length: 30 });
    },
  );
});
