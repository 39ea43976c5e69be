import { rememberByText } from '../identity/index.js';

const day = new Intl.DateTimeFormat('en-GB', {
  weekday: 'short',
  day: 'numeric',
  month: 'short',
  timeZone: 'UTC',
});
const weekday = new Intl.DateTimeFormat('en-GB', { weekday: 'short', timeZone: 'UTC' });
const wholeDay = new Intl.DateTimeFormat('en-GB', {
  weekday: 'long',
  day: 'numeric',
  month: 'long',
  year: 'numeric',
  timeZone: 'UTC',
});

const noonless = (local: string) => new Date(`${local.slice(0, 10)}T00:00Z`);

/** "Fri 27 Nov" for "2026-11-27…". */
export function showDate(local: string): string {
  return shortDate(local.slice(0, 10));
}

const rememberedDates = 400;
const shortDate = rememberByText(rememberedDates, (date) => day.format(noonless(date)).replace(',', ''));

/** "Fri" for "2026-11-27…". */
export function showWeekday(local: string): string {
  return weekday.format(noonless(local));
}

/** "Friday 27 November 2026" for "2026-11-27…". */
export function showWholeDate(local: string): string {
  return wholeDay.format(noonless(local));
}
