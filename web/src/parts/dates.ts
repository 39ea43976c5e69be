import {
  getLocalTimeZone,
  now,
  parseDateTime,
  toCalendarDate,
  today,
  toZoned,
  type CalendarDate,
} from '@internationalized/date';
import { showDate } from '@fornax/core';

/** "18:30–21:00". */
export function showTimes(startsAt: string, lengthMinutes: number): string {
  return `${startsAt.slice(11, 16)}–${addMinutes(startsAt, lengthMinutes).slice(11, 16)}`;
}

export function addMinutes(local: string, minutes: number): string {
  return parseDateTime(local).add({ minutes }).toString().slice(0, 16);
}

/** Whole minutes between two wall times of one day; below 0 where the end comes first. */
export function minutesBetween(start: string, end: string): number {
  const [startHour, startMinute] = start.split(':').map(Number) as [number, number];
  const [endHour, endMinute] = end.split(':').map(Number) as [number, number];
  return endHour * 60 + endMinute - startHour * 60 - startMinute;
}

/** Days from today to a local date; 0 today, below 0 in the past. */
export function daysAhead(local: string): number {
  return dateOf(local).compare(today(getLocalTimeZone()));
}

function dateOf(local: string): CalendarDate {
  return toCalendarDate(parseDateTime(`${local.slice(0, 10)}T00:00`));
}

/** "Fri 27 Nov", and of another year "Fri 27 Nov 2015". */
export function showDateInYear(local: string): string {
  const year = local.slice(0, 4);
  const isThisYear = Number(year) === today(getLocalTimeZone()).year;
  return isThisYear ? showDate(local) : `${showDate(local)} ${year}`;
}

/** "today", "tomorrow", "in 3 days", "2 days ago". */
export function countdown(local: string): string {
  const days = daysAhead(local);
  if (days === 0) return 'today';
  if (days === 1) return 'tomorrow';
  if (days === -1) return 'yesterday';
  return days > 0 ? `in ${days} days` : `${-days} days ago`;
}

/** Whether a class is over: its end lies before now in its own zone. */
export function isOver(startsAt: string, lengthMinutes: number, zone: string): boolean {
  const end = toZoned(parseDateTime(startsAt).add({ minutes: lengthMinutes }), zone, 'compatible');
  return end.compare(now(zone)) < 0;
}
