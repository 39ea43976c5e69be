import ICAL from 'ical.js';
import type { ClassFacts } from '../class/index.js';
import type { LocalDate } from '../identity/index.js';
import type { ShoppingList, ShoppingTrip } from '../shopping/index.js';
import { type Timeline, type TimelineEntry, visitsIn } from '../timeline/index.js';
import { counted, money } from '../words/index.js';
import type { ListClass } from './lists-out.js';
import { slugOf } from './slug.js';

/** A class whose jobs go into a calendar; its revision tells which of two files is the newer. */
type CalendarClass = ListClass & Pick<ClassFacts, 'startsAt'> & { readonly revision?: number };

/** ISO instants, or the day of what has no hour. */
type When = { readonly start: string; readonly end: string } | { readonly day: LocalDate };

/** One entry of a calendar. The alarm rings so long before the start. */
interface Job {
  readonly uid: string;
  readonly when: When;
  readonly summary: string;
  readonly location: string;
  readonly description: string;
  readonly alarm: string;
}

/**
 * One iCalendar entry (RFC 5545) a shopping trip, with what is bought and an alarm an hour before; one
 * without an hour is of the whole day. Each has the UID of its class and supplier and turn, so that importing
 * again moves the entry instead of adding another. `stampedAt` is an ISO instant.
 */
export function writeTripsCalendar(of: CalendarClass, list: ShoppingList, stampedAt: string): string {
  return calendarOf('Shopping', tripJobs(of, list), { of, stampedAt });
}

/**
 * Shopping trips and every visit to the kitchen before class as iCalendar, with alarms: one entry a visit
 * with its jobs. The UID of a visit is made of its class and of which one it is on which day before, so that
 * it stays when the class moves. Waiting is nobody's job and the class itself is in the calendar already.
 */
export function writePlanCalendar(
  facts: CalendarClass,
  list: ShoppingList,
  timeline: Timeline,
  stampedAt: string,
): string {
  const prep = [...timeline.daysBefore, ...timeline.clock].filter(
    (entry) => entry.kind === 'prep' && entry.end <= 0,
  );
  const onDays = new Map<LocalDate, number>();
  const visits = visitsIn(prep).map((jobs) => {
    const day = jobs[0]!.localDate;
    onDays.set(day, (onDays.get(day) ?? 0) + 1);
    return visitJob(facts, jobs, `${daysBefore(facts, day)}, ${onDays.get(day)!}`);
  });
  return calendarOf('Plan', [...tripJobs(facts, list), ...visits], { of: facts, stampedAt });
}

function tripJobs(facts: CalendarClass, list: ShoppingList): Job[] {
  const turns = new Map<string, number>();
  return list.trips.map((trip) => {
    const turn = (turns.get(trip.supplier) ?? 0) + 1;
    turns.set(trip.supplier, turn);
    return tripJob(facts, list, trip, turn);
  });
}

function tripJob(facts: CalendarClass, list: ShoppingList, trip: ShoppingTrip, turn: number): Job {
  const rows = list.rows.filter((row) => row.trip === trip.id);
  const cost = trip.cost === null ? '' : `\nAbout ${money(trip.cost, list.cost.currency)}`;
  return {
    uid: uidOf(facts, trip.supplier, String(turn)),
    when: trip.visit
      ? { start: trip.visit.startsAt, end: after(trip.visit.startsAt, trip.visit.minutes) }
      : { day: trip.date },
    alarm: '-PT1H',
    location: trip.supplier,
    summary: `Buy for ${facts.title}: ${counted(rows.length, 'thing')} at ${trip.supplier}`,
    description: `${rows.map((row) => `${row.name}: ${row.buy}`).join('\n')}${cost}`,
  };
}

function visitJob(facts: CalendarClass, jobs: readonly TimelineEntry[], which: string): Job {
  const [first] = jobs;
  const end = Math.max(...jobs.map((job) => job.end));
  const names = jobs.map(({ title }) => title);
  return {
    uid: uidOf(facts, 'visit', which),
    when: { start: first!.startsAt, end: after(first!.startsAt, end - first!.start) },
    alarm: '-PT15M',
    location: facts.place,
    summary:
      jobs.length === 1
        ? `${names[0]!} (${facts.title})`
        : `${counted(jobs.length, 'job')} for ${facts.title}: ${names.join(', ')}`,
    description: jobs
      .map((job) => {
        const what = [job.dishTitle, job.detail].filter(Boolean).join(': ');
        return `${job.localTime}–${job.localEnd} ${job.title}${what ? `\n${what}` : ''}`;
      })
      .join('\n'),
  };
}

function daysBefore({ startsAt }: CalendarClass, day: LocalDate): number {
  return (Date.parse(startsAt.slice(0, 10)) - Date.parse(day)) / 86_400_000;
}

function after(instant: string, minutes: number): string {
  return new Date(Date.parse(instant) + minutes * 60_000).toISOString();
}

/** Whatever a supplier is called, in any script: no two of a class have the same. */
function uidOf(of: CalendarClass, ...names: readonly string[]): string {
  return `${of.id}-${slugOf(names)}@fornax`;
}

interface Stamp {
  readonly of: CalendarClass;
  readonly stampedAt: string;
}

/** A line has 75 octets at most, and the space that a folded one begins with is one of them. */
ICAL.foldLength = 74;

function calendarOf(name: string, jobs: readonly Job[], stamp: Stamp): string {
  const calendar = new ICAL.Component('vcalendar');
  calendar.updatePropertyWithValue('version', '2.0');
  calendar.updatePropertyWithValue('prodid', `-//Fornax//${name}//EN`);
  for (const job of jobs) calendar.addSubcomponent(eventOf(job, stamp));
  return `${calendar.toString()}\r\n`;
}

function eventOf(job: Job, { of, stampedAt }: Stamp): ICAL.Component {
  const event = new ICAL.Component('vevent');
  const properties: readonly (readonly [string, string | number | ICAL.Time])[] = [
    ['uid', job.uid],
    ['dtstamp', utc(stampedAt)],
    ['last-modified', utc(stampedAt)],
    ['sequence', of.revision ?? 0],
    ...timesOf(job.when),
    ['summary', job.summary],
    ['location', job.location],
    ['description', job.description],
  ];
  for (const [property, value] of properties)
    if (value !== '') event.updatePropertyWithValue(property, value);
  const alarm = new ICAL.Component('valarm');
  alarm.updatePropertyWithValue('action', 'DISPLAY');
  alarm.updatePropertyWithValue('description', job.summary);
  alarm.updatePropertyWithValue('trigger', ICAL.Duration.fromString(job.alarm));
  event.addSubcomponent(alarm);
  return event;
}

/** The end of a whole day is the day after. */
function timesOf(when: When): (readonly [string, ICAL.Time])[] {
  if (!('day' in when))
    return [
      ['dtstart', utc(when.start)],
      ['dtend', utc(when.end)],
    ];
  const end = ICAL.Time.fromDateString(when.day);
  end.adjust(1, 0, 0, 0);
  return [
    ['dtstart', ICAL.Time.fromDateString(when.day)],
    ['dtend', end],
  ];
}

function utc(instant: string): ICAL.Time {
  return ICAL.Time.fromDateTimeString(new Date(instant).toISOString().replace(/\.\d{3}Z$/, 'Z'));
}
