import { classTaskRef, taskRef, type Timeline, type TimelineEntry } from '@fornax/core';
import { describe, expect, it } from 'vitest';
import { clockSpan, isFixed, layOutClock, shortLabel, threadsOf } from './clock-layout.js';

const workings = { title: '', steps: [], result: '', estimated: false };
const entry = (
  id: string,
  start: number,
  end: number,
  overrides: Partial<TimelineEntry> = {},
): TimelineEntry => ({
  id,
  lane: 'you',
  kind: 'prep',
  title: id,
  detail: '',
  dishTitle: '',
  ref: taskRef('d1', id, 'hands'),
  start,
  end,
  addedFor: '',
  isEither: false,
  isPinned: false,
  hands: null,
  after: [],
  startsAt: '',
  localDate: '2026-11-27',
  localTime: '18:30',
  localEnd: '18:30',
  localEndDate: '2026-11-27',
  keeps: null,
  workings: { title: '', steps: [], result: '', estimated: false },
  ...overrides,
});
const timeline = (clock: TimelineEntry[]): Timeline => ({
  status: 'scheduled',
  daysBefore: [],
  visits: [],
  clock,
  eatMinute: 90,
  classMinutes: 120,
  usedMinutes: 0,
  usedPercent: 0,
  overrunMinutes: 0,
  spareMinutes: 0,
  clashes: [],
  usedWorkings: workings,
  handsOn: { percent: 0, watchMinutes: 0, delayMinutes: null, shownLong: [], doneLate: '', workings },
  budget: [],
  ahead: [],
  leftOut: [],
  starts: {},
  brokenPins: [],
});

describe('the span of the axis', () => {
  it('the whole day is on half hours around all that happens: −50 − 5 → −60, 120', () =>
    expect(clockSpan(timeline([entry('a', -50, -40)]), 'day')).toEqual({ from: -60, to: 120 }));
  it('the class starts a quarter of an hour before', () =>
    expect(clockSpan(timeline([entry('a', -50, -40), entry('b', 100, 130)]), 'class')).toEqual({
      from: -15,
      to: 130,
    }));
});

describe('rows and labels', () => {
  it('a label that fits stands in its bar', () =>
    expect(layOutClock(timeline([entry('Roast', 0, 60)]), 'class', 800).lanes[0]!.bars[0]!.label).toBe(
      'inside',
    ));
  it('one that does not stands beside, and at the end of the axis to the left', () => {
    const { bars } = layOutClock(
      timeline([entry('Shave the fennel thin', 0, 3), entry('Clear and carry home', 115, 118)]),
      'class',
      800,
    ).lanes[0]!;
    expect(bars.map(({ label }) => label)).toEqual(['right', 'left']);
  });
  it('a bar under a label moves to the next row', () => {
    const { bars, rows } = layOutClock(
      timeline([entry('Shave the fennel thin', 0, 3), entry('Toss', 5, 9)]),
      'class',
      800,
    ).lanes[0]!;
    expect(bars.map(({ row }) => row)).toEqual([0, 1]);
    expect(rows).toBe(2);
  });
  it('where bars crowd, some labels go to the left, so that two share a row', () => {
    // Four bars of 2 min, 3 min apart: under labels to the right only, each would need a row of its own.
    const { bars, rows } = layOutClock(
      timeline([50, 53, 56, 59].map((start) => entry('Shave the fennel', start, start + 2))),
      'class',
      800,
    ).lanes[0]!;
    expect(bars.map(({ row, label }) => [row, label])).toEqual([
      [0, 'left'],
      [1, 'left'],
      [0, 'right'],
      [1, 'right'],
    ]);
    expect(rows).toBe(2);
  });
  it('a bar that stands alone keeps its label to the right', () => {
    const { bars } = layOutClock(
      timeline([
        entry('Cut', 5, 7),
        ...[50, 53, 56, 59].map((start) => entry('Shave the fennel', start, start + 2)),
      ]),
      'class',
      800,
    ).lanes[0]!;
    expect(bars[0]!.label).toBe('right');
  });
  it('over days the class is one bar a lane, with its jobs in the workings', () => {
    const plan = {
      ...timeline([
        entry('Peel', -60, -50, { localTime: '17:30' }),
        entry('Show', 0, 5, { localTime: '18:30', localEnd: '18:35' }),
        entry('Toss', 40, 60, { localTime: '19:10', localEnd: '19:30' }),
        entry('Roast', 10, 30, { lane: 'oven' }),
      ]),
      daysBefore: [entry('soak', -1500, -1490)],
    };
    const { lanes } = layOutClock(plan, 'days', 800);
    expect(lanes.map(({ bars }) => bars.map((bar) => bar.entry.title))).toEqual([
      ['soak', 'Peel', 'In class: 2 jobs'],
      ['Roast'],
    ]);
    expect(lanes[0]!.bars[2]!.entry).toMatchObject({
      start: 0,
      end: 60,
      localTime: '18:30',
      localEnd: '19:30',
      localEndDate: '2026-11-27',
      kind: 'class',
      workings: {
        steps: [
          { label: 'Show', value: '18:30' },
          { label: 'Toss', value: '19:10' },
        ],
        result: '2 jobs',
      },
    });
    expect(isFixed(lanes[0]!.bars[2]!.entry)).toBe(true);
  });
  it('what ripens does not move by itself', () =>
    expect([
      isFixed(entry('pear', 0, 9, { ref: classTaskRef('ripening', 'pear') })),
      isFixed(entry('peel', 0, 9)),
    ]).toEqual([true, false]));
  it('what ended before the class is not drawn in its window', () =>
    expect(layOutClock(timeline([entry('a', -90, -60)]), 'class', 800).lanes).toEqual([]));
  it('lanes come hands first, then appliances', () => {
    const clock = [
      entry('a', 0, 5, { lane: 'oven' }),
      entry('b', 0, 5, { lane: 'stations' }),
      entry('c', 0, 5),
    ];
    expect(layOutClock(timeline(clock), 'day', 800).lanes.map(({ name }) => name)).toEqual([
      'You',
      'Stations',
      'Oven',
    ]);
  });
  it.each([
    ['Throw the soaking water away and boil', 'Throw soaking water away'],
    ['Wrap the beetroot and roast it, 200 °C', 'Wrap beetroot'],
    ['Tear and oil the flatbreads', 'Tear and oil flatbreads'],
    ['Show: Shave the fennel as thin as you can', 'Show: Shave fennel'],
    ['Whisk juice, vinegar, salt and oil', 'Whisk juice'],
    ['Chop', 'Chop'],
    ['Spread', 'Spread'],
    ['Massage shredded winter cabbages hard', 'Massage shredded winter …'],
  ])('“%s” is “%s” on its bar', (title, label) => expect(shortLabel(entry(title, 0, 1))).toBe(label));
});

describe('windows and threads', () => {
  const past = entry('soak', -1500, -1490);
  it('days begin with the first job of them, on a whole hour: −1 505 → −1 560', () =>
    expect(clockSpan({ ...timeline([entry('a', -50, -40)]), daysBefore: [past] }, 'days')).toEqual({
      from: -1560,
      to: 120,
    }));
  it('minutes show the class, as “in class” does', () =>
    expect(clockSpan(timeline([entry('a', -50, -40)]), 'minutes')).toEqual(
      clockSpan(timeline([entry('a', -50, -40)]), 'class'),
    ));
  it('only the threads of the chosen job and of what is used too late are drawn', () => {
    const late = { until: 10, usedAt: 20, usedBy: 'b', broken: true };
    const plan = timeline([
      entry('a', 0, 5, { keeps: late }),
      entry('b', 20, 25, { after: ['a'] }),
      entry('c', 30, 35, { after: ['b'] }),
      entry('d', 40, 45, { after: ['c'] }),
    ]);
    expect(threadsOf(plan, null)).toEqual([{ from: 'a', to: 'b', isBroken: true }]);
    expect(threadsOf(plan, 'c')).toEqual([
      { from: 'a', to: 'b', isBroken: true },
      { from: 'b', to: 'c', isBroken: false },
      { from: 'c', to: 'd', isBroken: false },
    ]);
  });
});
