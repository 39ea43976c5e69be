import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { isMadeByStudents } from '../class/index.js';
import { classOf, dish, kitchen, recipe, step } from '../tests/recipes.js';
import { writtenClasses } from '../tests/written-classes.js';
import { planClass } from './plan-class.js';

/** 60 classes of written recipes in which students make most of what is eaten. */
const drawn = fc
  .sample(writtenClasses, { numRuns: 400, seed: 61 })
  .filter(({ class: { dishes } }) => {
    const made = dishes.filter(({ maker }) => isMadeByStudents(maker));
    return dishes.every(({ maker }) => maker !== 'made ahead') && made.length * 2 >= dishes.length;
  })
  .slice(0, 60);

describe('students cook in 60 random classes', () => {
  const plans = drawn.map((bundle) => planClass(bundle));
  const onTime = plans.filter(({ timeline }) => timeline.overrunMinutes === 0);
  it('most fit their time, and nothing that was shown waits longer than 10 min to be done', () => {
    expect(plans).toHaveLength(60);
    expect(onTime.length).toBeGreaterThanOrEqual(50);
    for (const { timeline } of onTime) expect(timeline.handsOn.delayMinutes ?? 0).toBeLessThanOrEqual(10);
  });
  it('in two thirds of them hands are at work half of the time or more; of the others a check speaks', () => {
    const isBusy = ({ timeline }: (typeof plans)[number]) => timeline.handsOn.percent >= 50;
    expect(onTime.filter(isBusy).length * 3).toBeGreaterThanOrEqual(onTime.length * 2);
    for (const plan of plans.filter(({ timeline }) => timeline.clock.some(({ kind }) => kind === 'students')))
      expect(plan.warnings.some(({ id }) => id === 'hands:share')).toBe(!isBusy(plan));
  });
  it('nobody watches for longer than 12 min in a row, but where a check says so', () => {
    const long = plans.filter(({ timeline }) => timeline.handsOn.watchMinutes > 12);
    expect(long.length).toBeLessThanOrEqual(6);
    const hasWork = long.filter(({ timeline }) => timeline.clock.some(({ kind }) => kind === 'students'));
    for (const { warnings } of hasWork) expect(warnings.some(({ id }) => id === 'hands:watching')).toBe(true);
  });
});

const work = (id: string, to: Parameters<typeof step>[1] = {}) =>
  step(id, { text: `Cut ${id}.`, techniques: ['dice'], ...to });
const planned = (steps: Parameters<typeof step>[1][], to: Parameters<typeof classOf>[1] = {}) =>
  planClass({
    class: classOf([dish(recipe([], { steps: steps.map((each, index) => work(`s${index + 1}`, each)) }))], {
      lengthMinutes: 90,
      demonstrationPlates: 2,
      ...to,
    }),
    kitchen,
  }).timeline;
const entryOf = (timeline: ReturnType<typeof planned>, id: string) =>
  [...timeline.daysBefore, ...timeline.clock].find((entry) => entry.id === id)!;

describe('who does what may be done in class or before', () => {
  it('students, while the class is under 85 % full', () => {
    // 5 × 1.5 is 8 min of work: with welcome, eating and clearing 48 of 90 min.
    const timeline = planned([{ place: 'either' }]);
    expect(entryOf(timeline, 'd1/s1').kind).toBe('students');
    expect(timeline.ahead).toEqual([]);
  });
  it('staff, before, where it would be fuller than that', () => {
    // Half a batch for two: 60 and 80 min are 30 and 40, × 1.5 by two pairs of hands 23 and 30 min, after
    // each
    // other: 53 min of the 50 that 90 leave.
    const timeline = planned([{ handsOnMinutes: 60 }, { handsOnMinutes: 80, place: 'either' }], {
      people: 2,
      peoplePerStation: 2,
    });
    expect(entryOf(timeline, 'd1/s2').kind).toBe('prep');
    expect(timeline.ahead.map(({ stepKey }) => stepKey)).toEqual(['d1/s2']);
  });
  it('as the instructor has decided', () => {
    const before = planned([{ place: 'either' }], { decisions: { when: { 'd1/s1': 'before' } } });
    expect(entryOf(before, 'd1/s1').end).toBeLessThanOrEqual(0);
  });
});

describe('showing', () => {
  it('is right before doing, one thing after the other', () => {
    const timeline = planned([
      { demonstrateMinutes: 5 },
      { demonstrateMinutes: 5 },
      { demonstrateMinutes: 5 },
    ]);
    // 3 × 5 min in a row would be 15.
    expect(timeline.handsOn.watchMinutes).toBeLessThanOrEqual(12);
    expect(timeline.handsOn.delayMinutes).toBeLessThanOrEqual(10);
  });
  it('takes half the time where the course has practised it once, and none where it knows it', () => {
    const shown = (times: number) =>
      entryOf(planned([{ demonstrateMinutes: 5 }], { practised: { dice: times } }), 'd1/s1:shown') as
        ReturnType<typeof entryOf> | undefined;
    expect(shown(0)!.end - shown(0)!.start).toBe(5);
    // Half of 5 is 2.5, up to 3.
    expect(shown(1)!.end - shown(1)!.start).toBe(3);
    expect(shown(2)).toBeUndefined();
  });
  it('as the instructor says, whatever the course did; of several techniques the newest counts', () => {
    const shown = (techniques: string[], levels: Record<string, 'new' | 'practised' | 'known'>) =>
      entryOf(
        planned([{ demonstrateMinutes: 5, techniques }], { practised: { dice: 2 }, decisions: { levels } }),
        'd1/s1:shown',
      ) as ReturnType<typeof entryOf> | undefined;
    const minutes = (...asked: Parameters<typeof shown>) => {
      const entry = shown(...asked);
      return entry ? entry.end - entry.start : 0;
    };
    expect(minutes(['dice'], { dice: 'new' })).toBe(5);
    expect(minutes(['dice'], { dice: 'practised' })).toBe(3);
    expect(minutes(['dice', 'zest'], {})).toBe(5);
    expect(minutes(['dice', 'zest'], { zest: 'known' })).toBe(0);
    // A step without a technique is known by itself.
    expect(minutes([], { 'd1/s1': 'known' })).toBe(0);
    expect(minutes([], { 'd1/s2': 'known' })).toBe(5);
  });
});

describe('what is made ahead', () => {
  const ahead = (assistants: number, steps: Parameters<typeof step>[1][]) =>
    planClass({
      class: classOf(
        [
          dish(recipe([], { steps: steps.map((each, index) => work(`s${index + 1}`, each)) }), {
            maker: 'made ahead',
          }),
        ],
        { assistants },
      ),
      kitchen,
    }).timeline;
  it.each([0, 1])('is finished before class with %d assistants', (assistants) => {
    const timeline = ahead(assistants, [
      {},
      { after: ['s1'], holdMinutes: 2880, waitMinutes: { low: 30, high: 30 } },
    ]);
    for (const entry of [...timeline.daysBefore, ...timeline.clock].filter(({ dishTitle }) => dishTitle))
      expect(entry.end).toBeLessThanOrEqual(0);
  });
  it('but for what does not keep until it is eaten, and what goes into that', () => {
    // Dressed leaves keep 10 min: that is left for the end. Its dressing keeps a day.
    const timeline = ahead(0, [{ holdMinutes: 1440 }, { after: ['s1'], holdMinutes: 10 }]);
    expect(entryOf(timeline, 'd1/s1').end).toBeLessThanOrEqual(0);
    expect(timeline.eatMinute - entryOf(timeline, 'd1/s2').end).toBeLessThanOrEqual(10);
  });
});
