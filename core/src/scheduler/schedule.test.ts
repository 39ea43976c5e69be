import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { bestByTrying, costOf, violations } from '../tests/schedule-checks.js';
import { randomInstance } from '../../../scripts/lib/schedule-instances.mjs';
import { partOf } from './clash.js';
import { schedule } from './schedule.js';
import type { ScheduleLink, ScheduleOptions, ScheduleProblem, ScheduleTask } from './types.js';

const options: ScheduleOptions = { objective: 'shortest', seed: 7, budgetSteps: 400 };
const task = (id: string, minutes: number, ...demands: [string, number, string?][]): ScheduleTask => ({
  id,
  minutes,
  demands: demands.map(([resource, units, setting]) => ({ resource, units, setting })),
});
const link = (from: string, to: string, minLag = 0, maxLag?: number): ScheduleLink => ({
  from,
  to,
  minLag,
  maxLag,
});

function planned(problem: ScheduleProblem, to: Partial<ScheduleOptions> = {}) {
  const result = schedule(problem, { ...options, ...to });
  if (result.status !== 'scheduled') throw new Error(`${result.status}: ${result.sentence}`);
  expect(violations(problem, result.starts, to.pinned)).toEqual([]);
  return result;
}

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
      // Together they fit before −20 in 15 min; but the last end is 0, so b starts at −5 and a ends at −20: 30
      // min.
      expect(planned(problem)).toMatchObject({ starts: { a: -30, b: -5 }, length: 30 });
    },
  );
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

const smallProblems = fc
  .record({
    minutes: fc.array(fc.integer({ min: 0, max: 3 }), { minLength: 2, maxLength: 4 }),
    ties: fc.array(
      fc.tuple(
        fc.nat(3),
        fc.nat(3),
        fc.integer({ min: -3, max: 2 }),
        fc.option(fc.integer({ min: 0, max: 4 })),
      ),
      { maxLength: 4 },
    ),
    wants: fc.array(
      fc.tuple(
        fc.nat(3),
        fc.constantFrom('you', 'oven'),
        fc.integer({ min: 1, max: 2 }),
        fc.constantFrom(undefined, '170', '200'),
      ),
      { maxLength: 6 },
    ),
    flags: fc.array(fc.boolean(), { minLength: 4, maxLength: 4 }),
    latest: fc.option(fc.integer({ min: -2, max: 0 })),
    hasHours: fc.boolean(),
    changeover: fc.nat(2),
    pin: fc.option(fc.integer({ min: -7, max: -3 })),
  })
  .map(({ minutes, ties, wants, flags, latest, hasHours, changeover, pin }) => {
    const tasks = minutes.map((each, at) => ({
      ...task(`t${at}`, each, ...uniqueWants(wants, at)),
      ...(flags[at] ? { inClass: true } : {}),
      ...(latest === null ? {} : { latest, earliest: -9 }),
    }));
    const links = ties
      .filter(([from, to]) => from !== to && from < tasks.length && to < tasks.length)
      .map(([from, to, least, room]) =>
        link(`t${from}`, `t${to}`, least, room === null ? undefined : least + room),
      );
    const hours: [number, number][] = [
      [-9, -5],
      [-4, 0],
    ];
    const resources = [
      { id: 'you', capacity: 1, ...(hasHours ? { open: hours } : {}) },
      { id: 'oven', capacity: 2, changeoverMinutes: changeover },
    ];
    return {
      problem: { tasks, links, resources } as ScheduleProblem,
      pinned: (pin === null || latest === null ? {} : { t0: pin }) as Record<string, number>,
    };
  });

/** One demand of each resource for a task. */
function uniqueWants(
  wants: readonly (readonly [number, string, number, string | undefined])[],
  at: number,
): [string, number, string?][] {
  return [
    ...new Map(
      wants
        .filter(([taskAt]) => taskAt === at)
        .map(([, resource, units, setting]): [string, [string, number, string?]] => [
          resource,
          resource === 'oven' ? [resource, units, setting] : [resource, 1],
        ]),
    ).values(),
  ];
}

describe('against trying every plan', () => {
  it.each(['shortest', 'freshest'] as const)(
    'finds the %s of all, and says impossible exactly where there is none',
    (objective) => {
      fc.assert(
        fc.property(
          smallProblems.filter(({ problem }) => problem.tasks[0]!.latest !== undefined),
          ({ problem, pinned }) => {
            const best = bestByTrying(problem, objective, -9, 0, pinned);
            const result = schedule(problem, { ...options, objective, pinned, budgetSteps: 3000 });
            expect(result.status).toBe(best ? 'scheduled' : 'impossible');
            if (result.status !== 'scheduled') return;
            expect(violations(problem, result.starts, pinned)).toEqual([]);
            expect(costOf(problem, result.starts, objective)).toEqual(best!.cost);
          },
        ),
        { numRuns: 60, seed: 11 },
      );
    },
    60_000,
  );
  it('from a plan that stands too: valid where there is one, impossible where there is none', () => {
    fc.assert(
      fc.property(
        smallProblems.filter(({ problem }) => problem.tasks[0]!.latest !== undefined),
        fc.integer({ min: -12, max: 2 }),
        ({ problem }, pin) => {
          const before = schedule(problem, { ...options, budgetSteps: 1000 });
          if (before.status !== 'scheduled') return;
          const pinned = { t0: pin };
          const result = schedule(problem, {
            ...options,
            budgetSteps: 1000,
            pinned,
            standing: before.starts,
          });
          expect(result.status).toBe(
            bestByTrying(problem, 'shortest', -9, 0, pinned) ? 'scheduled' : 'impossible',
          );
          if (result.status === 'scheduled') expect(violations(problem, result.starts, pinned)).toEqual([]);
        },
      ),
      { numRuns: 60, seed: 13 },
    );
  }, 60_000);
  it('without a latest or a pin: the same among the plans whose last end is 0', () => {
    fc.assert(
      fc.property(
        smallProblems.filter(
          ({ problem }) => problem.tasks[0]!.latest === undefined && problem.tasks.length < 4,
        ),
        ({ problem }) => {
          const endsAtZero = (starts: Record<string, number>) =>
            Math.max(...problem.tasks.map(({ id, minutes }) => starts[id]! + minutes)) === 0;
          const best = bestByTrying(problem, 'shortest', -14, 0, {}, endsAtZero);
          const result = schedule(problem, { ...options, budgetSteps: 3000 });
          if (best)
            expect(result.status === 'scheduled' && costOf(problem, result.starts, 'shortest')).toEqual(
              best.cost,
            );
        },
      ),
      { numRuns: 60, seed: 12 },
    );
  }, 60_000);
});

describe('on the instances of the benchmark', () => {
  const seeds = Array.from({ length: 40 }, (_, at) => at + 1);
  it('never breaks a constraint, and never goes under its own bound', () => {
    for (const seed of seeds) {
      const problem = randomInstance(seed, { withClass: seed % 2 === 0 });
      const result = schedule(problem, {
        ...options,
        budgetSteps: 600,
        objective: seed % 5 === 0 ? 'freshest' : 'shortest',
      });
      if (result.status !== 'scheduled') continue;
      expect(violations(problem, result.starts)).toEqual([]);
      expect(result.length).toBeGreaterThanOrEqual(result.lowerBound ?? 0);
    }
  }, 60_000);
  it('a clash cannot be reduced: impossible alone, possible without any one of its facts', () => {
    const clashes = seeds.flatMap((seed) => {
      const problem = randomInstance(seed, { tasks: 9 });
      const result = schedule(problem, { ...options, budgetSteps: 3000 });
      return result.status === 'impossible' ? [{ problem, clash: result.clash }] : [];
    });
    expect(clashes.length).toBeGreaterThan(3);
    for (const { problem, clash } of clashes) {
      const statusOf = (facts: typeof clash) =>
        schedule(partOf(problem, facts), { ...options, budgetSteps: 3000 }).status;
      expect(statusOf(clash)).toBe('impossible');
      for (const gone of clash.resources)
        expect(statusOf({ ...clash, resources: clash.resources.filter((id) => id !== gone) })).toBe(
          'scheduled',
        );
      for (const gone of clash.links)
        expect(statusOf({ ...clash, links: clash.links.filter((at) => at !== gone) })).toBe('scheduled');
      for (const gone of clash.tasks) {
        const links = clash.links.filter(
          (at) => problem.links[at]!.from !== gone && problem.links[at]!.to !== gone,
        );
        expect(statusOf({ ...clash, tasks: clash.tasks.filter((id) => id !== gone), links })).toBe(
          'scheduled',
        );
      }
    }
  }, 60_000);
  it('the same problem, seed and steps give the same plan', () => {
    for (const seed of seeds.slice(0, 6))
      expect(schedule(randomInstance(seed), options)).toEqual(schedule(randomInstance(seed), options));
  });
});
