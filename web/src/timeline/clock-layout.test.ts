import type { Timeline, TimelineEntry } from '@fornax/core';
import { describe, expect, it } from 'vitest';
import { clockSpan, layOutClock, shortLabel } from './clock-layout.js';

const entry = (id: string, start: number, end: number, to: Partial<TimelineEntry> = {}): TimelineEntry => ({
  id, lane: 'you', kind: 'prep', title: id, detail: '', dishTitle: '', stepId: '', start, end, isPinned: false, hands: null, after: [], startsAt: '', localDate: '', localTime: '', localEnd: '', keeps: null,
  workings: { title: '', steps: [], result: '', estimated: false }, ...to,
});
const timeline = (clock: TimelineEntry[]): Timeline => ({
  status: 'scheduled', daysBefore: [], clock, eatMinute: 90, classMinutes: 120, usedMinutes: 0, usedPercent: 0, overrunMinutes: 0, spareMinutes: 0, clashes: [], usedWorkings: { title: '', steps: [], result: '', estimated: false },
  budget: [], ahead: [], starts: {}, brokenPins: [],
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
  it('a long title is cut at a word', () => expect(shortLabel(entry('Throw the soaking water away and boil', 0, 1))).toBe('Throw the soaking water away …'));
});
