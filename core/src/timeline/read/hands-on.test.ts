import { describe, expect, it } from 'vitest';
import { taskRef } from '../../identity/index.js';
import type { EntryKind, TimelineEntry } from '../types.js';
import { handsOnOf } from './hands-on.js';

const entry = (kind: EntryKind, step: string, start: number, end: number) =>
  ({
    kind,
    start,
    end,
    title: `${kind} ${step}`,
    ref: taskRef('d1', step, kind === 'demonstration' ? 'shown' : 'hands'),
  }) as TimelineEntry;

// Work from 5 to 15 and, at two benches, from 40 to 50 and 45 to 60: 10 + 20 of 80 min.
const entries = [
  entry('class', 'welcome', 0, 5),
  entry('students', 'a', 5, 15),
  entry('demonstration', 'b', 18, 24),
  entry('demonstration', 'c', 26, 34),
  entry('students', 'b', 40, 50),
  entry('students', 'c', 45, 60),
  entry('wait', 'c', 60, 80),
];

describe('how much of a class students cook', () => {
  const found = handsOnOf(entries, 80);
  it('hands at work, once however many benches: 30 of 80 min are 38 %', () => expect(found.percent).toBe(38));
  it('watching from the first demonstration in a row to the end of the last: 18 to 34', () =>
    expect(found.watchMinutes).toBe(16));
  it('done after it was shown: b 40 − 24 = 16, c 45 − 34 = 11 min', () =>
    expect(found.delayMinutes).toBe(16));
  it('carries its workings', () =>
    expect(found.workings.steps.map(({ label, value }) => `${label}: ${value}`)).toEqual([
      'From the start until eating: 80 min',
      'Hands at work at the stations: 30 min',
      'Longest spell of watching: 16 min',
      'Longest from being shown to being done: 16 min',
    ]));
  it('work after eating has begun is not counted, nor a class without work', () => {
    expect(handsOnOf([entry('students', 'a', 70, 100)], 80).percent).toBe(13);
    expect(handsOnOf([], 80)).toMatchObject({ percent: 0, watchMinutes: 0, delayMinutes: null });
  });
});
