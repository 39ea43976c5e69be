import {
  fromAbsolute,
  getDayOfWeek,
  parseDateTime,
  toZoned,
  type ZonedDateTime,
} from '@internationalized/date';
import { dateOf, type LocalDate, type LocalDateTime, type LocalTime } from '../identity/index.js';

const minuteInMilliseconds = 60_000;

/** The plan's axis: whole minutes of elapsed time, 0 at class start, read back as local wall time. */
export interface Axis {
  readonly classDate: LocalDate;
  instant(minute: number): string;
  local(minute: number): { readonly date: LocalDate; readonly time: LocalTime };
  /**
   * Opening hours as intervals on the axis, from `daysBefore` days before the class to its day, but for
   * weekdays on which it is closed, 0 for Sunday.
   */
  openIntervals(
    hours: { readonly opens: string; readonly closes: string; readonly closedDays?: readonly number[] },
    daysBefore: number,
  ): readonly (readonly [number, number])[];
}

const axes = new Map<string, Axis>();
const rememberedAxes = 200;

/**
 * The axis of a class. A wall time skipped by summer time is taken as the moment after the change. The same
 * start and zone give the same axis, so it is set up once: asking the time zone data is slow.
 */
export function createAxis(startsAt: LocalDateTime, zone: string): Axis {
  const key = `${startsAt} ${zone}`;
  const known = axes.get(key);
  if (known) return known;
  if (axes.size >= rememberedAxes) axes.clear();
  const axis = buildAxis(startsAt, zone);
  axes.set(key, axis);
  return axis;
}

function buildAxis(startsAt: LocalDateTime, zone: string): Axis {
  const intervals = new Map<string, readonly (readonly [number, number])[]>();
  const start = toZoned(parseDateTime(startsAt), zone, 'compatible');
  const origin = start.toDate().getTime();
  const offsetAt = createOffsets(zone);
  return {
    classDate: dateOf(startsAt),
    instant: (minute) => instantText(origin + minute * minuteInMilliseconds),
    local: (minute) => wallTime(origin + minute * minuteInMilliseconds, offsetAt),
    openIntervals: ({ opens, closes, closedDays = [] }, daysBefore) => {
      const key = `${opens} ${closes} ${daysBefore} ${closedDays.join()}`;
      const found = intervals.get(key) ?? openHours(start, { opens, closes, closedDays, daysBefore });
      intervals.set(key, found);
      return found;
    },
  };
}

function openHours(
  start: ZonedDateTime,
  {
    opens,
    closes,
    closedDays,
    daysBefore,
  }: { opens: string; closes: string; closedDays: readonly number[]; daysBefore: number },
): [number, number][] {
  const origin = start.toDate().getTime();
  return Array.from({ length: daysBefore + 1 }, (_, back) => start.subtract({ days: daysBefore - back }))
    .filter((day) => !closedDays.includes(getDayOfWeek(day, 'en-US')))
    .map((day): [number, number] => {
      // Closing at or before opening is on the next day: 00:00 is midnight.
      const closing = closes > opens ? day : day.add({ days: 1 });
      return [minutesTo(withTime(day, opens), origin), minutesTo(withTime(closing, closes), origin)];
    })
    .filter(([from, to]) => to > from);
}

function withTime(day: ZonedDateTime, time: string): ZonedDateTime {
  const [hour, minute] = time.split(':').map(Number) as [number, number];
  return day.set({ hour, minute, second: 0, millisecond: 0 });
}

function minutesTo(moment: ZonedDateTime, origin: number): number {
  return Math.round((moment.toDate().getTime() - origin) / minuteInMilliseconds);
}

/**
 * Zones change their offset on half hours only, so one look-up serves thirty minutes: asking the time zone
 * data is slow.
 */
const offsetBucket = 30 * minuteInMilliseconds;

const offsetsByZone = new Map<string, Map<number, number>>();

function createOffsets(zone: string): (instant: number) => number {
  const known = offsetsByZone.get(zone) ?? new Map<number, number>();
  offsetsByZone.set(zone, known);
  return (instant) => {
    const bucket = Math.floor(instant / offsetBucket);
    let offset = known.get(bucket);
    if (offset === undefined) {
      offset = fromAbsolute(bucket * offsetBucket, zone).offset;
      known.set(bucket, offset);
    }
    return offset;
  };
}

const dayInMilliseconds = 86_400_000;
const dayTexts = new Map<number, LocalDate>();

function wallTime(
  instant: number,
  offsetAt: (instant: number) => number,
): { date: LocalDate; time: LocalTime } {
  return dayAndTime(instant + offsetAt(instant));
}

/** A moment as ISO 8601 text in UTC. */
function instantText(instant: number): string {
  const { date, time } = dayAndTime(instant);
  return `${date}T${time}:00.000Z`;
}

/** Milliseconds since 1970 began as a day and a time, to the minute. */
function dayAndTime(moment: number): { date: LocalDate; time: LocalTime } {
  const day = Math.floor(moment / dayInMilliseconds);
  const minute = Math.floor((moment - day * dayInMilliseconds) / minuteInMilliseconds);
  let date = dayTexts.get(day);
  if (date === undefined) {
    date = new Date(day * dayInMilliseconds).toISOString().slice(0, 10) as LocalDate;
    dayTexts.set(day, date);
  }
  return { date, time: `${twoDigits(Math.floor(minute / 60))}:${twoDigits(minute % 60)}` as LocalTime };
}

function twoDigits(value: number): string {
  return value < 10 ? `0${value}` : String(value);
}
