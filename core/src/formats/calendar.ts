import ICAL from 'ical.js';
import { fromAbsolute, parseDateTime, toZoned } from '@internationalized/date';
import type { ShoppingList, ShoppingTrip } from '../shopping/index.js';
import type { Timeline, TimelineEntry } from '../timeline/index.js';
import { counted, money } from '../words/index.js';
import type { ListClass } from './lists-out.js';

/** When a shop is taken to be visited while no clock says, local wall time, and for how long. */
const tripTime = '10:00';
const tripMinutes = 60;

/** One entry of a calendar. Times are ISO instants; the alarm rings so long before the start. */
interface Job {
  readonly uid: string;
  readonly start: string;
  readonly end: string;
  readonly summary: string;
  readonly location: string;
  readonly description: string;
  readonly alarm: string;
}

/**
 * One iCalendar entry (RFC 5545) a shopping trip, with what is bought and an alarm an hour before. Each has
 * the UID of its class and supplier and turn, so that importing again moves the entry instead of adding
 * another. `stampedAt` is an ISO instant.
 */
export function writeTripsCalendar(of: ListClass, list: ShoppingList, stampedAt: string): string {
  return calendarOf('Shopping', tripJobs(of, list), stampedAt);
}

/**
 * Shopping trips and every job of hands before class as iCalendar, with alarms; the UID of a job is made of
 * its class and step, so that it stays when the plan moves it. Waiting is nobody's job and the class itself
 * is in the calendar already.
 */
export function writePlanCalendar(
  facts: ListClass,
  list: ShoppingList,
  timeline: Timeline,
  stampedAt: string,
): string {
  const prep = [...timeline.daysBefore, ...timeline.clock].filter(
    (entry) => entry.kind === 'prep' && entry.end <= 0,
  );
  return calendarOf(
    'Plan',
    [...tripJobs(facts, list), ...prep.map((entry) => prepJob(facts, entry))],
    stampedAt,
  );
}

function tripJobs(facts: ListClass, list: ShoppingList): Job[] {
  const turns = new Map<string, number>();
  return list.trips.map((trip) => {
    const turn = (turns.get(trip.supplier) ?? 0) + 1;
    turns.set(trip.supplier, turn);
    return tripJob(facts, list, trip, turn);
  });
}

function tripJob(facts: ListClass, list: ShoppingList, trip: ShoppingTrip, turn: number): Job {
  const start = trip.visit
    ? fromAbsolute(Date.parse(trip.visit.startsAt), facts.zone)
    : toZoned(parseDateTime(`${trip.date}T${tripTime}`), facts.zone);
  const rows = list.rows.filter((row) => row.trip === trip.id);
  const cost = trip.cost === null ? '' : `\nAbout ${money(trip.cost, list.cost.currency)}`;
  return {
    uid: uidOf(facts, `${trip.supplier}-${turn}`),
    start: start.toAbsoluteString(),
    end: start.add({ minutes: trip.visit?.minutes ?? tripMinutes }).toAbsoluteString(),
    alarm: '-PT1H',
    location: trip.supplier,
    summary: `Buy for ${facts.title}: ${counted(rows.length, 'thing')} at ${trip.supplier}`,
    description: `${rows.map((row) => `${row.name}: ${row.buy}`).join('\n')}${cost}`,
  };
}

function prepJob(facts: ListClass, entry: TimelineEntry): Job {
  const start = new Date(entry.startsAt);
  const end = new Date(start.getTime() + (entry.end - entry.start) * 60_000);
  return {
    uid: uidOf(facts, entry.id),
    start: start.toISOString(),
    end: end.toISOString(),
    alarm: '-PT15M',
    location: facts.place,
    summary: `${entry.title} (${facts.title})`,
    description: [entry.dishTitle, entry.detail].filter(Boolean).join(': '),
  };
}

function uidOf(of: ListClass, name: string): string {
  return `${of.id}-${name.toLowerCase().replace(/[^a-z0-9]+/g, '-')}@fornax`;
}

function calendarOf(name: string, jobs: readonly Job[], stampedAt: string): string {
  const calendar = new ICAL.Component('vcalendar');
  calendar.updatePropertyWithValue('version', '2.0');
  calendar.updatePropertyWithValue('prodid', `-//Fornax//${name}//EN`);
  for (const job of jobs) calendar.addSubcomponent(eventOf(job, stampedAt));
  return `${calendar.toString()}\r\n`;
}

function eventOf(job: Job, stampedAt: string): ICAL.Component {
  const event = new ICAL.Component('vevent');
  const properties: readonly (readonly [string, string | ICAL.Time])[] = [
    ['uid', job.uid],
    ['dtstamp', utc(stampedAt)],
    ['dtstart', utc(job.start)],
    ['dtend', utc(job.end)],
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

function utc(instant: string): ICAL.Time {
  return ICAL.Time.fromDateTimeString(new Date(instant).toISOString().replace(/\.\d{3}Z$/, 'Z'));
}
