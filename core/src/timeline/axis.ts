import { fromAbsolute, parseDateTime, toZoned, type ZonedDateTime } from '@internationalized/date';

const minuteInMilliseconds = 60_000;

/** The plan's axis: whole minutes of elapsed time, 0 at class start, read back as local wall time. */
export interface Axis {
  readonly classDate: string;
  instant(minute: number): string;
  local(minute: number): { readonly date: string; readonly time: string };
  /** Opening hours as intervals on the axis, from `daysBefore` days before the class to its day. */
  openIntervals(opens: string, closes: string, daysBefore: number): [number, number][];
}

/** Sets up the axis of a class. A wall time skipped by summer time is taken as the moment after the change. */
export function createAxis(startsAt: string, zone: string): Axis {
  const start = toZoned(parseDateTime(startsAt), zone, 'compatible');
  const origin = start.toDate().getTime();
  const at = (minute: number) => fromAbsolute(origin + minute * minuteInMilliseconds, zone);
  return {
    classDate: startsAt.slice(0, 10),
    instant: (minute) => new Date(origin + minute * minuteInMilliseconds).toISOString(),
    local: (minute) => wallTime(at(minute)),
    openIntervals: (opens, closes, daysBefore) => Array.from({ length: daysBefore + 1 }, (_, back): [number, number] => {
      const day = start.subtract({ days: daysBefore - back });
      return [minutesTo(withTime(day, opens), origin), minutesTo(withTime(day, closes), origin)];
    }).filter(([from, to]) => to > from),
  };
}

function withTime(day: ZonedDateTime, time: string): ZonedDateTime {
  const [hour, minute] = time.split(':').map(Number) as [number, number];
  return day.set({ hour, minute, second: 0, millisecond: 0 });
}

function minutesTo(moment: ZonedDateTime, origin: number): number {
  return Math.round((moment.toDate().getTime() - origin) / minuteInMilliseconds);
}

function wallTime(moment: ZonedDateTime): { date: string; time: string } {
  const text = moment.toString();
  return { date: text.slice(0, 10), time: text.slice(11, 16) };
}
