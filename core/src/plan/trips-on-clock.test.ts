import { describe, expect, it } from 'vitest';
import type { ClassDecisions, ClassFacts, KitchenFacts } from '../class/index.js';
import { writePlanCalendar } from '../formats/index.js';
import type { LocalDate } from '../identity/index.js';
import { classOf, dish, kitchen, recipe, step } from '../tests/recipes.js';
import { planClass } from './plan-class.js';

// Saturday 28 November 2026, 18:30; all is used that day, so it is bought until Friday the 27th.
const salad = recipe(['100 g rocket', '30 g walnuts'], {
  steps: [step('toss', { uses: ['l1', 'l2'].map((line) => ({ line, share: '1' as const })) })],
});
const facts = (overrides: Partial<ClassFacts> = {}, dishes = [dish(salad)]) =>
  classOf(dishes, { startsAt: '2026-11-28T18:30', ...overrides });
const market: KitchenFacts = {
  ...kitchen,
  suppliers: [{ name: 'Market', sections: [], days: [0, 1, 2, 3, 4, 5, 6], tripMinutes: 50 }],
};
const planned = (of: ClassFacts, at: KitchenFacts = market, today?: LocalDate) =>
  planClass({ class: of, kitchen: at, today });
const entries = (of: ReturnType<typeof planned>) => [...of.timeline.daysBefore, ...of.timeline.clock];
const trip = (of: ReturnType<typeof planned>) => entries(of).find(({ kind }) => kind === 'buy')!;
const decided = (overrides: Partial<ClassDecisions>) => ({ decisions: overrides });

describe('a shopping trip is a job of the clock', () => {
  it('on its day at 10:00, 50 min there and back and 2 things: 52 min, by you', () => {
    expect(trip(planned(facts()))).toMatchObject({
      id: 'trip:2026-11-27|Market',
      title: 'Buy 2 things at Market',
      localDate: '2026-11-27',
      localTime: '10:00',
      localEnd: '10:52',
      lane: 'you',
      hands: { who: 'you', pairs: 1 },
    });
  });
  it('30 min where the supplier has no figure', () =>
    expect(trip(planned(facts(), kitchen))).toMatchObject({ title: 'Buy 2 things', localEnd: '10:32' }));
  it('its workings say how long and why then', () => {
    const { steps } = trip(planned(facts())).workings;
    expect(steps[0]).toMatchObject({ label: 'There and back', value: '50 min' });
    expect(steps.at(-1)).toEqual({
      label: 'First gap of yours on the day',
      value: '10:00',
      note: 'Looked for from 10:00.',
    });
  });
  it('the list and the jobs have its time', () => {
    const plan = planned(facts());
    expect(plan.shopping.trips[0]!.visit).toEqual({
      startsAt: '2026-11-27T10:00:00.000Z',
      localTime: '10:00',
      minutes: 52,
    });
    expect(plan.jobs[0]).toMatchObject({
      kind: 'buy',
      localDate: '2026-11-27',
      localTime: '10:00',
      title: 'Buy 2 things at Market',
    });
  });
  it('the calendar has it at that time, once', () => {
    const plan = planned(facts(decided({ pins: { 'trip:2026-11-27|Market': -1440 } })));
    const text = writePlanCalendar(facts(), plan.shopping, plan.timeline, '2026-11-20T08:00:00Z');
    expect(text.match(/SUMMARY:Buy for/g)).toHaveLength(1);
    expect(text).toContain('DTSTART:20261127T183000Z');
  });
});

describe('hands are in one place at a time', () => {
  // Two hours of prep on the day before, from 9:30: 1 980 min before 18:30 on the Saturday is 9:30 on the
  // Friday.
  const prepared = dish(
    recipe(['100 g rocket'], {
      steps: [
        step('prep', { place: 'before', handsOnMinutes: 120, holdMinutes: 2880 }),
        step('toss', { after: ['prep'], uses: [{ line: 'l1', share: '1' as const }] }),
      ],
    }),
    { maker: 'made ahead' },
  );
  const busy = (pins: Record<string, number> = {}, overrides: Partial<ClassFacts> = {}) =>
    facts({ ...overrides, ...decided({ pins: { 'd1/prep': -1980, ...pins } }) }, [prepared]);
  it('you shop when the prep is over', () => {
    const plan = planned(busy());
    const prep = entries(plan).find(({ id }) => id === 'd1/prep')!;
    expect([prep.localDate, prep.localTime]).toEqual(['2026-11-27', '09:30']);
    expect(trip(plan).start).toBe(prep.end);
    expect(trip(plan).workings.steps.at(-1)!.value).toBe(prep.localEnd);
  });
  it('with an assistant, whoever is free first goes', () =>
    expect(
      trip(
        planned(
          facts({ assistants: 1, decisions: { pins: { 'd1/prep': -1980 }, hands: { 'd1/prep': 'you' } } }, [
            prepared,
          ]),
        ),
      ),
    ).toMatchObject({ lane: 'assistant', localTime: '10:00' }));
  it('as decided, the assistant goes', () =>
    expect(
      trip(
        planned(facts({ assistants: 1, decisions: { hands: { 'trip:2026-11-27|Market': 'assistant' } } })),
      ),
    ).toMatchObject({ lane: 'assistant' }));
  it('pinned, it stays there: 1 800 min before 18:30 on Saturday is 12:30 on Friday', () =>
    expect(trip(planned(busy({ 'trip:2026-11-27|Market': -1800 })))).toMatchObject({
      start: -1800,
      isPinned: true,
      localTime: '12:30',
    }));
  it('pinned into the prep, it is named as a clash', () => {
    const plan = planned(busy({ 'trip:2026-11-27|Market': -1950 }));
    expect(plan.timeline.clashes.map(({ sentence }) => sentence)).toEqual([
      'Nobody is free for “Buy 1 thing at Market” on Fri 27 Nov',
    ]);
    expect(plan.warnings.find(({ place, level }) => place === 'timeline' && level === 'clash')!.remedy).toBe(
      'Pin it to another time, move what stands there, or ask somebody else to shop.',
    );
  });
  it('two trips of a day follow each other', () => {
    const two: KitchenFacts = {
      ...kitchen,
      suppliers: [
        { name: 'Greens', sections: ['salad and herbs'], days: [5] },
        { name: 'Rest', sections: [], days: [5] },
      ],
    };
    const found = entries(planned(facts(), two)).filter(({ kind }) => kind === 'buy');
    expect(found.map(({ localTime, localEnd }) => [localTime, localEnd])).toEqual([
      ['10:00', '10:31'],
      ['10:31', '11:02'],
    ]);
  });
});

describe('late trips', () => {
  it('bought on the day of the class, it is done before its first use, from 9:00', () => {
    const early = facts({ startsAt: '2026-11-28T11:00' });
    const plan = planned(early, market, '2026-11-28');
    expect(trip(plan)).toMatchObject({ localDate: '2026-11-28', localTime: '09:00' });
    expect(plan.timeline.clock.some(({ kind }) => kind === 'buy')).toBe(true);
    expect(plan.jobs.map(({ kind }) => kind)).toEqual(['buy', 'prep', 'prep', 'class']);
  });
  it('a class at 9:30 leaves no time to shop on its day: said, not hidden', () =>
    expect(
      planned(facts({ startsAt: '2026-11-28T09:30' }), market, '2026-11-28').timeline.clashes.map(
        ({ sentence }) => sentence,
      ),
    ).toEqual(['Nobody is free for “Buy 2 things at Market” on Sat 28 Nov']));
});

describe('what must ripen', () => {
  const pears = dish(
    recipe(['2 ripe pears'], { steps: [step('slice', { uses: [{ line: 'l1', share: '1' as const }] })] }),
  );
  it('lies between its trip and its first use', () => {
    const plan = planned(facts({}, [pears]));
    const found = entries(plan).find(({ id }) => id === 'ripen:pear')!;
    expect(found).toMatchObject({
      title: 'Ripen: pear',
      lane: 'resting',
      kind: 'wait',
      start: trip(plan).end,
      end: entries(plan).find(({ id }) => id === 'd1/slice')!.start,
      after: [trip(plan).id],
    });
    // Bought 3 days before, give or take one: on the 26th at the latest.
    expect(trip(plan).localDate).toBe('2026-11-26');
    expect(found.workings.steps[0]).toEqual({ label: 'Wants to ripen', value: '3 days' });
  });
  it('nothing else waits', () =>
    expect(entries(planned(facts())).filter(({ id }) => id.startsWith('ripen:'))).toEqual([]));
});

describe('summer time', () => {
  it(
    '10:00 on the shop’s wall clock, whatever the class’s: the ' +
      'clocks go forward in the night of Sunday 28 March 2027',
    () => {
      const plan = planned(facts({ startsAt: '2027-03-28T18:30' }));
      // 27 March is still winter time, so 10:00 is 10:00 UTC; 18:30 on the 28th is 17:30 UTC: 31 h 30 min
      // later.
      expect(trip(plan)).toMatchObject({
        localDate: '2027-03-27',
        localTime: '10:00',
        startsAt: '2027-03-27T10:00:00.000Z',
        start: -1890,
      });
    },
  );
});
