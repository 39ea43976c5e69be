import type { Timeline, TimelineEntry } from '@fornax/core';
import { describe, expect, it } from 'vitest';
import { clockSpan, layOutClock, shortLabel, threadsOf } from './clock-layout.js';

const entry = (id: string, start: number, end: number, to: Partial<TimelineEntry> = {}): TimelineEntry => ({
  id, lane: 'you', kind: 'prep', title: id, detail: '', dishTitle: '', stepId: '', start, end, addedFor: '', isEither: false, isPinned: false, hands: null, after: [], startsAt: '', localDate: '', localTime: '', localEnd: '', keeps: null,
  workings: { title: '', steps: [], result: '', estimated: false }, ...to,
});
const timeline = (clock: TimelineEntry[]): Timeline => ({
  status: 'scheduled', daysBefore: [], clock, eatMinute: 90, classMinutes: 120, usedMinutes: 0, usedPercent: 0, overrunMinutes: 0, spareMinutes: 0, clashes: [], usedWorkings: { title: '', steps: [], result: '', estimated: false },
  budget: [], ahead: [], leftOut: [], starts: {}, brokenPins: [],
});

describe('the span of the axis', () => {
  it('the whole day is on half hours around all that happens: −50 − 5 → −60, 120', () => expect(clockSpan(timeline([entry('a', -50, -40)]), 'day')).toEqual({ from: -60, to: 120 }));
  it('the class starts a quarter of an hour before', () => expect(clockSpan(timeline([entry('a', -50, -40), entry('b', 100, 130)]), 'class')).toEqual({ from: -15, to: 130 }));
});

describe('rows and labels', () => {
  it('a label that fits stands in its bar', () => expect(layOutClock(timeline([entry('Roast', 0, 60)]), 'class', 800).lanes[0]!.bars[0]!.label).toBe('inside'));
  it('one that does not stands beside, and at the end of the axis to the left', () => {
    const { bars } = layOutClock(timeline([entry('Shave the fennel thin', 0, 3), entry('Clear and carry home', 115, 118)]), 'class', 800).lanes[0]!;
    expect(bars.map(({ label }) => label)).toEqual(['right', 'left']);
  });
  it('a bar under a label moves to the next row', () => {
    const { bars, rows } = layOutClock(timeline([entry('Shave the fennel thin', 0, 3), entry('Toss', 5, 9)]), 'class', 800).lanes[0]!;
    expect(bars.map(({ row }) => row)).toEqual([0, 1]);
    expect(rows).toBe(2);
  });
  it('what ended before the class is not drawn in its window', () => expect(layOutClock(timeline([entry('a', -90, -60)]), 'class', 800).lanes).toEqual([]));
  it('lanes come hands first, then appliances', () => {
    const clock = [entry('a', 0, 5, { lane: 'oven' }), entry('b', 0, 5, { lane: 'stations' }), entry('c', 0, 5)];
    expect(layOutClock(timeline(clock), 'day', 800).lanes.map(({ name }) => name)).toEqual(['You', 'Stations', 'Oven']);
  });
  it.each([
    ['Throw the soaking water away and boil', 'Throw soaking water away'], ['Wrap the beetroot and roast it, 200 °C', 'Wrap beetroot'], ['Tear and oil the flatbreads', 'Tear and oil flatbreads'],
    ['Show: Shave the fennel as thin as you can', 'Show: Shave fennel'], ['Whisk juice, vinegar, salt and oil', 'Whisk juice'], ['Chop', 'Chop'], ['Spread', 'Spread'],
  ])('“%s” is “%s” on its bar', (title, label) => expect(shortLabel(entry(title, 0, 1, { stepId: 's' }))).toBe(label));
});

describe('windows and threads', () => {
  const past = entry('soak', -1500, -1490);
  it('days begin with the first job of them, on a whole hour: −1 505 → −1 560', () => expect(clockSpan({ ...timeline([entry('a', -50, -40)]), daysBefore: [past] }, 'days')).toEqual({ from: -1560, to: 120 }));
  it('minutes show the class, as “in class” does', () => expect(clockSpan(timeline([entry('a', -50, -40)]), 'minutes')).toEqual(clockSpan(timeline([entry('a', -50, -40)]), 'class')));
  it('only the threads of the chosen job and of what is used too late are drawn', () => {
    const late = { until: 10, usedAt: 20, usedBy: 'b', broken: true };
    const plan = timeline([entry('a', 0, 5, { keeps: late }), entry('b', 20, 25, { after: ['a'] }), entry('c', 30, 35, { after: ['b'] }), entry('d', 40, 45, { after: ['c'] })]);
    expect(threadsOf(plan, null)).toEqual([{ from: 'a', to: 'b', isBroken: true }]);
    expect(threadsOf(plan, 'c')).toEqual([{ from: 'a', to: 'b', isBroken: true }, { from: 'b', to: 'c', isBroken: false }, { from: 'c', to: 'd', isBroken: false }]);
  });
});
