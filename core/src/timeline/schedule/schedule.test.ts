import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { schedule } from './schedule.js';
import type { ScheduleLink, ScheduleOptions, ScheduleProblem, ScheduleTask } from './types.js';

const options: ScheduleOptions = { objective: 'shortest', seed: 7, budgetSteps: 400 };
const task = (id: string, minutes: number, ...demands: [string, number, string?][]): ScheduleTask => ({ id, minutes, demands: demands.map(([resource, units, setting]) => ({ resource, units, setting })) });
const link = (from: string, to: string, minLag = 0, maxLag?: number): ScheduleLink => ({ from, to, minLag, maxLag });

/** Every constraint of a plan, checked minute by minute and without the solver's own code. */
function violations(problem: ScheduleProblem, starts: Readonly<Record<string, number>>, pinned: Readonly<Record<string, number>> = {}): string[] {
  const found: string[] = [];
  for (const each of problem.tasks) {
    const start = starts[each.id]!;
    if (!Number.isInteger(start)) found.push(`${each.id} has no whole start`);
    if (each.earliest !== undefined && start < each.earliest) found.push(`${each.id} starts too early`);
    if (each.latest !== undefined && start + each.minutes > each.latest) found.push(`${each.id} ends too late`);
    if (pinned[each.id] !== undefined && start !== pinned[each.id]) found.push(`${each.id} left its pin`);
  }
  for (const { from, to, minLag, maxLag } of problem.links) {
    const lag = starts[to]! - starts[from]! - problem.tasks.find(({ id }) => id === from)!.minutes;
    if (lag < minLag || (maxLag !== undefined && lag > maxLag)) found.push(`${from} → ${to} has a lag of ${lag}`);
  }
  for (const resource of problem.resources) found.push(...resourceViolations(problem, resource, starts));
  return found;
}

function resourceViolations(problem: ScheduleProblem, resource: ScheduleProblem['resources'][number], starts: Readonly<Record<string, number>>): string[] {
  const found: string[] = [];
  const users = problem.tasks.flatMap((each) => each.demands.filter((demand) => demand.resource === resource.id && each.minutes > 0).map((demand) => ({ each, demand, start: starts[each.id]!, end: starts[each.id]! + each.minutes })));
  for (const { start, end, each } of users) {
    for (let minute = start; minute < end; minute++) {
      const running = users.filter((other) => other.start <= minute && minute < other.end);
      if (running.reduce((sum, { demand }) => sum + demand.units, 0) > resource.capacity) found.push(`${resource.id} is over at ${minute}`);
      if (new Set(running.flatMap(({ demand }) => demand.setting ?? [])).size > 1) found.push(`${resource.id} has two settings at ${minute}`);
      if (resource.open && !resource.open.some(([from, to]) => from <= minute && minute < to)) found.push(`${each.id} uses ${resource.id} while it is closed`);
    }
  }
  const gap = resource.changeoverMinutes ?? 0;
  for (const a of users) for (const b of users) {
    if (a.demand.setting && b.demand.setting && a.demand.setting !== b.demand.setting && a.start < b.start && b.start - a.end < gap) found.push(`${resource.id} changes too fast`);
  }
  return found;
}

function planned(problem: ScheduleProblem, to: Partial<ScheduleOptions> = {}) {
  const result = schedule(problem, { ...options, ...to });
  if (result.status !== 'scheduled') throw new Error(`${result.status}: ${result.sentence}`);
  expect(violations(problem, result.starts, to.pinned)).toEqual([]);
  return result;
}

describe('backwards from the end', () => {
  it('without a latest, the last end is 0: 20 then 10 minutes start at −30 and −10', () => {
    expect(planned({ tasks: [task('a', 20), task('b', 10)], links: [link('a', 'b')], resources: [] })).toMatchObject({ starts: { a: -30, b: -10 }, length: 30 });
  });
  it('one pair of hands does one thing after another: 15 + 10 = 25', () => {
    expect(planned({ tasks: [task('a', 15, ['you', 1]), task('b', 10, ['you', 1])], links: [], resources: [{ id: 'you', capacity: 1 }] }).length).toBe(25);
  });
  it('two pairs of hands work side by side: 15', () => {
    expect(planned({ tasks: [task('a', 15, ['hands', 1]), task('b', 10, ['hands', 1])], links: [], resources: [{ id: 'hands', capacity: 2 }] }).length).toBe(15);
  });
  it('a rest of 30 to 40 minutes lies between', () => {
    expect(planned({ tasks: [task('a', 10), task('b', 5)], links: [link('a', 'b', 30, 40)], resources: [] }).starts).toEqual({ a: -45, b: -5 });
  });
  it('a result that keeps 10 minutes pulls its maker close: both users of one hand at −15 and −5 leave dressing at −15', () => {
    const { starts } = planned({ tasks: [task('shake', 5, ['you', 1]), task('plate', 10, ['you', 1]), task('toss', 5, ['you', 1])], links: [link('shake', 'toss', 0, 10), link('toss', 'plate', 0, 0)], resources: [{ id: 'you', capacity: 1 }] });
    expect(starts).toEqual({ shake: -20, toss: -15, plate: -10 });
  });
});

describe('settings, hours and pins', () => {
  const oven = (changeoverMinutes = 0) => ({ id: 'oven', capacity: 3, changeoverMinutes });
  it('two settings do not share the oven', () => {
    expect(planned({ tasks: [task('a', 30, ['oven', 1, '200']), task('b', 20, ['oven', 1, '170'])], links: [], resources: [oven()] }).length).toBe(50);
  });
  it('a changeover of 10 minutes lies between: 30 + 10 + 20', () => {
    expect(planned({ tasks: [task('a', 30, ['oven', 1, '200']), task('b', 20, ['oven', 1, '170'])], links: [], resources: [oven(10)] }).length).toBe(60);
  });
  it('one setting goes in together', () => {
    expect(planned({ tasks: [task('a', 30, ['oven', 1, '200']), task('b', 20, ['oven', 1, '200'])], links: [], resources: [oven()] }).length).toBe(30);
  });
  it('hands work in opening hours only; what waits runs on: soak 600 min from an evening at −700', () => {
    const problem: ScheduleProblem = { tasks: [task('cover', 5, ['you', 1]), task('soak', 600), { ...task('cook', 60, ['you', 1]), latest: 0 }], links: [link('cover', 'soak', 0, 0), link('soak', 'cook')], resources: [{ id: 'you', capacity: 1, open: [[-1000, -700], [-120, 0]] }] };
    expect(planned(problem).starts).toEqual({ cover: -705, soak: -700, cook: -60 });
  });
  it('touching hours are one', () => {
    expect(planned({ tasks: [{ ...task('a', 20, ['you', 1]), latest: 0 }], links: [], resources: [{ id: 'you', capacity: 1, open: [[-30, -10], [-10, 0]] }] }).starts.a).toBe(-20);
  });
  it('a pin stays where it is', () => expect(planned({ tasks: [task('a', 10, ['you', 1]), task('b', 10, ['you', 1])], links: [], resources: [{ id: 'you', capacity: 1 }] }, { pinned: { a: -5 } }).starts.a).toBe(-5));
  it('a task of 0 minutes occupies nothing', () => expect(planned({ tasks: [task('a', 0, ['you', 9])], links: [], resources: [{ id: 'you', capacity: 1 }] }).starts.a).toBe(0));
});

describe('impossible, and proven so', () => {
  it('more than there is', () => expect(schedule({ tasks: [task('a', 5, ['whisk', 3])], links: [], resources: [{ id: 'whisk', name: 'whisks', capacity: 2 }] }, options)).toMatchObject({ status: 'impossible', clash: { tasks: ['a'], resources: ['whisk'] } }));
  it('a least lag over the largest', () => expect(schedule({ tasks: [task('a', 5), task('b', 5)], links: [link('a', 'b', 20, 10)], resources: [] }, options)).toMatchObject({ status: 'impossible', clash: { links: [0] } }));
  it('a window too narrow for its chain: 30 + 30 min between 0 and 50', () => {
    const result = schedule({ tasks: [{ ...task('a', 30), earliest: 0, name: 'Roast' }, { ...task('b', 30), latest: 50, name: 'Peel' }], links: [link('a', 'b')], resources: [] }, options);
    expect(result).toMatchObject({ status: 'impossible', clash: { tasks: expect.arrayContaining(['a', 'b']) as unknown, links: [0] }, sentence: expect.stringContaining('Roast; Peel') as unknown });
  });
  it('a pin outside its window', () => expect(schedule({ tasks: [{ ...task('a', 10), earliest: 0, latest: 30 }], links: [], resources: [] }, { ...options, pinned: { a: 25 } })).toMatchObject({ status: 'impossible', clash: { tasks: ['a'] } }));
  it('hands that are never open leave it undecided, not impossible', () => expect(schedule({ tasks: [task('a', 5, ['you', 1])], links: [], resources: [{ id: 'you', capacity: 1, open: [] }] }, options).status).toBe('undecided'));
});

describe('malformed problems', () => {
  it.each<[string, ScheduleProblem, string]>([
    ['an unknown resource', { tasks: [task('a', 5, ['x', 1])], links: [], resources: [] }, '“a” needs “x”, which is not among the resources.'],
    ['an unknown task', { tasks: [task('a', 5)], links: [link('a', 'b')], resources: [] }, 'Link 0 names “b”, which is not among the tasks.'],
    ['a task twice', { tasks: [task('a', 5), task('a', 5)], links: [], resources: [] }, 'There are two tasks with the id “a”.'],
    ['a task tied to itself', { tasks: [task('a', 5)], links: [link('a', 'a')], resources: [] }, 'Link 0 ties “a” to itself.'],
    ['half a minute', { tasks: [task('a', 0.5)], links: [], resources: [] }, 'The minutes of “a” must be a whole number.'],
    ['negative minutes', { tasks: [task('a', -5)], links: [], resources: [] }, 'The minutes of “a” are below 0.'],
  ])('%s throws a plain message', (_, problem, message) => expect(() => schedule(problem, options)).toThrow(message));
});

describe('random problems', () => {
  const problems = fc.record({
    minutes: fc.array(fc.integer({ min: 0, max: 30 }), { minLength: 2, maxLength: 12 }),
    ties: fc.array(fc.tuple(fc.nat(11), fc.nat(11), fc.integer({ min: 0, max: 20 }), fc.option(fc.integer({ min: 0, max: 60 }))), { maxLength: 10 }),
    wants: fc.array(fc.tuple(fc.nat(11), fc.constantFrom('you', 'oven'), fc.integer({ min: 1, max: 2 }), fc.constantFrom(undefined, '170', '200')), { maxLength: 14 }),
  }).map(({ minutes, ties, wants }): ScheduleProblem => {
    const tasks = minutes.map((each, index) => task(`t${index}`, each, ...uniqueWants(wants, index)));
    const links = ties.filter(([from, to]) => from < to && to < tasks.length).map(([from, to, least, room]) => link(`t${from}`, `t${to}`, least, room === null ? undefined : least + room));
    return { tasks, links, resources: [{ id: 'you', capacity: 2, open: [[-400, -150], [-120, 0]] }, { id: 'oven', capacity: 2, changeoverMinutes: 5 }] };
  });
  it('never gives an invalid plan, and the same plan twice', () => {
    fc.assert(fc.property(problems, (problem) => {
      const first = schedule(problem, options);
      if (first.status === 'scheduled') expect(violations(problem, first.starts)).toEqual([]);
      expect(schedule(problem, options)).toEqual(first);
    }), { numRuns: 150 });
  });
});

function uniqueWants(wants: readonly [number, string, number, string | undefined][], index: number): [string, number, string?][] {
  const own = wants.filter(([at]) => at === index);
  return ['you', 'oven'].flatMap((resource): [string, number, string?][] => {
    const found = own.find(([, each]) => each === resource);
    return found ? [[resource, found[2], resource === 'oven' ? found[3] : undefined]] : [];
  });
}
