import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { randomInstance } from '../../../scripts/lib/schedule-instances.mjs';
import { bestByTrying, costOf, violations } from '../tests/schedule-checks.js';
import { link, options, task } from '../tests/scheduling.js';
import { partOf } from './clash.js';
import { schedule } from './schedule.js';
import type { ScheduleProblem } from './types.js';

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
  });
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
  });
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
  });
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
  });
  it('the same problem, seed and steps give the same plan', () => {
    for (const seed of seeds.slice(0, 6))
      expect(schedule(randomInstance(seed), options)).toEqual(schedule(randomInstance(seed), options));
  });
});
