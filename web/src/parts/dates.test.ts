import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { showDate, showWeekday } from '@fornax/core';
import {
  addMinutes,
  countdown,
  daysAhead,
  isOver,
  minutesBetween,
  showDateInYear,
  showTimes,
} from './dates.js';

beforeEach(() => {
  vi.useFakeTimers({ now: new Date('2026-11-24T10:00:00Z') });
});
afterEach(() => {
  vi.useRealTimers();
});

describe('dates in words', () => {
  it('a date and a weekday', () => {
    expect(showDate('2026-11-27T18:30')).toBe('Fri 27 Nov');
    expect(showWeekday('2026-11-25')).toBe('Wed');
  });
  it('a date of another year says which', () => {
    expect(showDateInYear('2026-01-01T18:30')).toBe('Thu 1 Jan');
    expect(showDateInYear('2025-10-14T18:30')).toBe('Tue 14 Oct 2025');
  });
  it('times across midnight', () => expect(showTimes('2026-11-27T22:30', 150)).toBe('22:30–01:00'));
  it('adds minutes over a day', () => expect(addMinutes('2026-12-31T23:30', 45)).toBe('2027-01-01T00:15'));
  it.each([
    ['18:30', '21:00', 150],
    ['18:30', '18:00', -30],
  ])('from %s to %s are %d minutes', (start, end, minutes) =>
    expect(minutesBetween(start, end)).toBe(minutes),
  );
  it.each([
    ['2026-11-24', 'today'],
    ['2026-11-25', 'tomorrow'],
    ['2026-11-27', 'in 3 days'],
    ['2026-11-23', 'yesterday'],
    ['2026-11-17', '7 days ago'],
  ])('%s is %s', (date, words) => expect(countdown(date)).toBe(words));
  it('counts days, not hours', () => expect(daysAhead('2026-11-25T00:05')).toBe(1));
  it('a class is over when its end has passed in its own zone', () => {
    expect(isOver('2026-11-24T08:00', 119, 'Europe/London')).toBe(true);
    expect(isOver('2026-11-24T08:00', 121, 'Europe/London')).toBe(false);
    expect(isOver('2026-11-24T08:00', 60, 'America/New_York')).toBe(false);
  });
});
