import { describe, expect, it } from 'vitest';
import { type ClassFacts, type KitchenFacts, noTimelineDecisions, splitStations } from '../class/index.js';
import { classOf, dish, kitchen, onClock, recipe, step } from '../tests/recipes.js';
import { showSpan } from '../words/index.js';
import { createAxis } from './axis.js';
import { buildTimeline } from './timeline.js';
import type { TimelineEntry } from './types.js';

function timelineOf(facts: ClassFacts, of: KitchenFacts = kitchen) {
  const stations = splitStations(facts.people, facts.peoplePerStation);
  return buildTimeline({ facts, kitchen: of, stations, dishes: onClock(facts) });
}
const all = (timeline: ReturnType<typeof timelineOf>) => [...timeline.daysBefore, ...timeline.clock];
const entry = (timeline: ReturnType<typeof timelineOf>, id: string) =>
  all(timeline).find((each) => each.id === id)!;

describe('the axis of a class', () => {
  it('0 is class start', () =>
    expect(createAxis('2026-11-27T18:30', 'Europe/London').local(0)).toEqual({
      date: '2026-11-27',
      time: '18:30',
    }));
  it('midnight is crossed: 400 minutes before 02:00 is 19:20 the day before', () =>
    expect(createAxis('2026-11-27T02:00', 'Europe/London').local(-400)).toEqual({
      date: '2026-11-26',
      time: '19:20',
    }));
  it('an hour is lost in spring: 24 h before 10:00 on 28 March 2027 is 09:00', () =>
    expect(createAxis('2027-03-28T10:00', 'Europe/London').local(-1440)).toEqual({
      date: '2027-03-27',
      time: '09:00',
    }));
  it('an hour is won in autumn: 24 h before 10:00 on 25 October 2026 is 11:00', () =>
    expect(createAxis('2026-10-25T10:00', 'Europe/London').local(-1440)).toEqual({
      date: '2026-10-24',
      time: '11:00',
    }));
  it(
    'a day on which the kitchen is closed has no hours: of ' +
      'Thursday to Saturday, closed on Fridays, two are left',
    () => {
      // 2026-11-28 is a Saturday.
      expect(
        createAxis('2026-11-28T10:00', 'Europe/London')
          .openIntervals({ opens: '08:00', closes: '22:00', closedDays: [5] }, 2)
          .map(([from]) => from),
      ).toEqual([-3000, -120]);
    },
  );
  it('a kitchen that closes at 00:00 is open until midnight', () =>
    // Class at 10:00: 08:00 is 120 min before it, midnight 14 h after.
    expect(
      createAxis('2026-11-28T10:00', 'Europe/London').openIntervals({ opens: '08:00', closes: '00:00' }, 0),
    ).toEqual([[-120, 840]]));
  it('one that closes at 02:00 is open into the next day', () =>
    expect(
      createAxis('2026-11-28T10:00', 'Europe/London').openIntervals({ opens: '08:00', closes: '02:00' }, 0),
    ).toEqual([[-120, 960]]));
  it('opening hours follow the wall clock through the change', () => {
    // 08:00–22:00 on the day before a spring change, seen from 10:00: 24 − 1 + 2 h = 25 h back is 08:00.
    expect(
      createAxis('2027-03-28T10:00', 'Europe/London').openIntervals(
        { opens: '08:00', closes: '22:00' },
        1,
      )[0],
    ).toEqual([-1500, -660]);
  });
});

describe('class time', () => {
  it('a class has a welcome, eating and clearing, and work starts after the welcome', () => {
    const timeline = timelineOf(classOf([dish(recipe(['100 g rocket'], { steps: [step('s1')] }))]));
    expect(entry(timeline, 'welcome')).toMatchObject({ start: 0, end: 5, localTime: '18:30' });
    expect(entry(timeline, 'd1/s1').start).toBe(5);
    expect(entry(timeline, 'eat').start).toBe(entry(timeline, 'd1/s1').end);
    expect(timeline.status).toBe('scheduled');
  });
  it(
    '10 hands-on minutes for 4 at a recipe for 4, by people who ' +
      'are learning: 10 × 1 × 1.5 = 15, shared by two: 8',
    () => {
      const timeline = timelineOf(
        classOf([dish(recipe([], { steps: [step('s1', { handsOnMinutes: 10 })] }))]),
      );
      expect(entry(timeline, 'd1/s1')).toMatchObject({ kind: 'students', lane: 'stations' });
      expect(entry(timeline, 'd1/s1').end - entry(timeline, 'd1/s1').start).toBe(8);
    },
  );
  it('a demonstration stops every station and comes before the work', () => {
    const timeline = timelineOf(
      classOf([dish(recipe([], { steps: [step('s1', { demonstrateMinutes: 6 })] }))], {
        demonstrationPlates: 2,
      }),
    );
    expect(entry(timeline, 'd1/s1:shown')).toMatchObject({ kind: 'demonstration', start: 5, end: 11 });
    expect(entry(timeline, 'd1/s1').start).toBeGreaterThanOrEqual(11);
  });
  it('what does not fit is let run over, and said by how much', () => {
    const steps = [
      step('s1', { text: 'Dress it.', handsOnMinutes: 60 }),
      step('s2', { text: 'Toss it.', handsOnMinutes: 60, after: ['s1'] }),
      step('s3', { waitMinutes: { low: 60, high: 60 }, after: ['s2'] }),
    ];
    const timeline = timelineOf(classOf([dish(recipe([], { steps }))]));
    expect(timeline.status).toBe('strained');
    expect(timeline.overrunMinutes).toBeGreaterThan(0);
    expect(entry(timeline, 'clear').end).toBe(150 + timeline.overrunMinutes);
  });
  it('what can be prepared is, as little as makes it fit, longest first; putting together is not', () => {
    // With two pairs of hands at 1.5 each 60 min are 45: 5 + 45 + 30 + 15 + 20 + 15 = 130 of 90. Without the
    // first 85 are left.
    const steps = [
      step('cook', { text: 'Cook the beans.', handsOnMinutes: 60 }),
      step('chop', { text: 'Chop the herbs.', handsOnMinutes: 40 }),
      step('toss', { text: 'Toss.', handsOnMinutes: 20, after: ['cook', 'chop'] }),
    ];
    const facts = classOf([dish(recipe([], { steps }))], { lengthMinutes: 90 });
    const timeline = timelineOf(facts);
    expect(timeline).toMatchObject({ status: 'scheduled', overrunMinutes: 0 });
    expect(entry(timeline, 'd1/cook')).toMatchObject({ kind: 'prep', lane: 'you' });
    expect(entry(timeline, 'd1/cook').end).toBeLessThanOrEqual(0);
    expect(entry(timeline, 'd1/chop').kind).toBe('students');
    expect(timeline.ahead).toMatchObject([{ title: 'Cook the beans', isForFit: true }]);
    expect(timelineOf({ ...facts, lengthMinutes: 150 }).ahead).toEqual([]);
    const decided = { ...noTimelineDecisions, when: { 'd1/cook': 'in class' as const } };
    const stations = splitStations(facts.people, facts.peoplePerStation);
    const theirs = buildTimeline({ facts, kitchen, stations, dishes: onClock(facts), decisions: decided });
    expect(entry(theirs, 'd1/cook').kind).toBe('students');
  });
  it('minutes used are those in which something goes on, with their workings', () => {
    const timeline = timelineOf(classOf([dish(recipe([], { steps: [step('s1', { handsOnMinutes: 10 })] }))]));
    // welcome 5 + work 8 + eat 20 + clear 15
    expect(timeline.usedMinutes).toBe(48);
    // 48 ÷ 150 = 32 %
    expect(timeline.usedPercent).toBe(32);
    expect(timeline.spareMinutes).toBe(150 - 48);
    expect(timeline.usedWorkings).toMatchObject({ result: '48 min', estimated: true });
  });
});

describe('before class', () => {
  it('two settings of one oven do not overlap, and each is heated first', () => {
    const roast = (id: string, setting: string) =>
      step(id, {
        place: 'before',
        waitMinutes: { low: 30, high: 30 },
        occupies: { appliance: 'oven', setting },
      });
    const timeline = timelineOf(
      classOf([dish(recipe([], { steps: [roast('a', '200 °C'), roast('b', '170 °C')] }))]),
    );
    const [a, b] = [entry(timeline, 'd1/a:wait'), entry(timeline, 'd1/b:wait')];
    expect(a.end <= b.start || b.end <= a.start).toBe(true);
    expect(entry(timeline, 'heat:oven:200 °C').end).toBeLessThanOrEqual(a.start);
  });
  it('an assistant shares the prep', () => {
    const steps = ['a', 'b'].map((id) => step(id, { place: 'before', handsOnMinutes: 20 }));
    expect(
      all(timelineOf(classOf([dish(recipe([], { steps }))], { assistants: 1 })))
        .filter(({ kind }) => kind === 'prep')
        .map(({ lane }) => lane),
    ).toContain('assistant');
  });
  it('what is more than an oven holds goes in rounds: 4 stations, 2 trays, 2 × 20 min', () => {
    const steps = [
      step('roast', {
        waitMinutes: { low: 20, high: 20 },
        occupies: { appliance: 'oven', setting: '220 °C' },
      }),
    ];
    const wait = entry(timelineOf(classOf([dish(recipe([], { steps }))])), 'd1/roast:wait');
    expect(wait.end - wait.start).toBe(40);
    expect(wait.workings.steps).toContainEqual(expect.objectContaining({ label: 'Rounds', value: '2' }));
  });
});

describe('why a job stands where it does', () => {
  const stepsOf = (timeline: ReturnType<typeof timelineOf>, id: string) => entry(timeline, id).workings.steps;
  // Two jobs of the same hands before one that wants both: one of them must stand right before the other.
  const facts = classOf([
    dish(
      recipe([], {
        steps: [
          step('cut', { text: 'Cut the leaves.' }),
          step('grate', { text: 'Grate the carrots.', handsOnMinutes: 10 }),
          step('toss', { after: ['cut', 'grate'], text: 'Toss it all.' }),
        ],
      }),
      { maker: 'demonstration' },
    ),
  ]);
  it('whose hands are wanted next, until when, and for what', () => {
    const timeline = timelineOf(facts);
    const [first, second] = ['d1/cut', 'd1/grate']
      .map((id) => entry(timeline, id))
      .sort((a, b) => a.start - b.start) as [TimelineEntry, TimelineEntry];
    expect(first.end).toBe(second.start);
    expect(stepsOf(timeline, first.id)).toContainEqual({
      label: `You are wanted next, until ${second.localEnd}`,
      value: first.localEnd,
      note: `${second.title}.`,
    });
  });
  it('what nobody waits for right behind it is planned backwards alone', () =>
    expect(stepsOf(timelineOf(facts), 'eat').at(-1)).toMatchObject({
      label: 'Planned backwards: the latest start that fits',
    }));
});

describe('keeping times', () => {
  it('a tail reaches the step that uses it', () => {
    const timeline = timelineOf(
      classOf([
        dish(recipe([], { steps: [step('shake', { holdMinutes: 10 }), step('toss', { after: ['shake'] })] })),
      ]),
    );
    const keeps = entry(timeline, 'd1/shake').keeps!;
    expect(keeps.usedAt).toBeLessThanOrEqual(keeps.until);
    expect(keeps.broken).toBe(false);
  });
  it('a result with two users keeps until the last of them, not the first', () => {
    const steps = [
      step('shake', { holdMinutes: 240 }),
      step('dress', { after: ['shake'], text: 'Dress the leaves.' }),
      step('drizzle', { after: ['shake', 'dress'], text: 'Drizzle the rest over.' }),
    ];
    const timeline = timelineOf(classOf([dish(recipe([], { steps }))]));
    expect(entry(timeline, 'd1/shake').keeps).toMatchObject({
      usedAt: entry(timeline, 'd1/drizzle').start,
      usedBy: 'Drizzle the rest over',
    });
  });
  it('one that cannot be met is named as a clash, and there is still a plan', () => {
    // Prep must be over before class, the toss is in class: 3 minutes of keeping cannot bridge the setting
    // out of 4 stations.
    const steps = [
      step('cut', { place: 'before', holdMinutes: 3, text: 'Cut the avocado.' }),
      step('toss', { after: ['cut'] }),
    ];
    const timeline = timelineOf(classOf([dish(recipe([], { steps }))]));
    expect(timeline.status).toBe('strained');
    expect(timeline.clashes[0]!.sentence).toContain('“Cut the avocado” is done');
    expect(entry(timeline, 'd1/cut').keeps!.broken).toBe(true);
  });
});

describe('long soaks', () => {
  it(
    'salt cod for 24 h has its water changed twice, 5–12 h ' + 'after the last, while the kitchen is open',
    () => {
      const soak = step('soak', {
        place: 'before',
        text: 'Soak the salt cod in cold water.',
        handsOnMinutes: 5,
        waitMinutes: { low: 1440, high: 1440 },
      });
      const timeline = timelineOf(
        classOf([dish(recipe([], { steps: [soak, step('flake', { after: ['soak'] })] }))]),
      );
      const [cover, first, second] = ['d1/soak', 'd1/soak:water1', 'd1/soak:water2'].map((id) =>
        entry(timeline, id),
      );
      for (const [before, after] of [
        [cover!, first!],
        [first!, second!],
      ] as const) {
        expect(after.start - before.end).toBeGreaterThanOrEqual(300);
        expect(after.start - before.end).toBeLessThanOrEqual(720);
      }
      expect(second!.end).toBeLessThanOrEqual(entry(timeline, 'd1/soak:wait').end);
      for (const { localTime } of [cover!, first!, second!])
        expect(localTime >= kitchen.opens && localTime < kitchen.closes).toBe(true);
    },
  );
  it('beans over night are left alone', () => {
    const soak = step('soak', {
      place: 'before',
      text: 'Soak the beans in cold water.',
      waitMinutes: { low: 720, high: 720 },
    });
    expect(
      all(timelineOf(classOf([dish(recipe([], { steps: [soak] }))]))).some(({ id }) => id.includes(':water')),
    ).toBe(false);
  });
});

describe('spans in words', () => {
  it.each([
    [45, '45 min'],
    [90, '1 h 30 min'],
    [120, '2 h'],
    [140, '2 h 20 min'],
    [2880, '2 days'],
  ])('%d minutes are %s', (minutes, words) => expect(showSpan(minutes)).toBe(words));
});
