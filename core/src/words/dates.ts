import { cacheByText } from '../identity/index.js';

/** A format takes milliseconds to make: each is made when the first date is shown in it. */
function format(options: Intl.DateTimeFormatOptions): (date: Date) => string {
  let made: Intl.DateTimeFormat | null = null;
  return (date) => {
    made ??= new Intl.DateTimeFormat('en-GB', { ...options, timeZone: 'UTC' });
    return made.format(date);
  };
}

const day = format({ weekday: 'short', day: 'numeric', month: 'short' });
const weekday = format({ weekday: 'short' });
const wholeDay = format({ weekday: 'long', day: 'numeric', month: 'long', year: 'numeric' });

const noonless = (local: string) => new Date(`${local.slice(0, 10)}T00:00Z`);

/** "Fri 27 Nov" for "2026-11-27…". */
export function showDate(local: string): string {
  return shortDate(local.slice(0, 10));
}

const rememberedDates = 400;
const shortDate = cacheByText(rememberedDates, (date) => day(noonless(date)).replace(',', ''));

/** "Fri" for "2026-11-27…". */
export function showWeekday(local: string): string {
  return weekday(noonless(local));
}

/** "Friday 27 November 2026" for "2026-11-27…". */
export function showWholeDate(local: string): string {
  return wholeDay(noonless(local));
}
