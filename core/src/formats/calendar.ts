import ICAL from 'ical.js';
import { parseDateTime, toZoned } from '@internationalized/date';
import { money, type ShoppingList, type ShoppingTrip } from '../shopping/index.js';
import type { ListClass } from './lists-out.js';

/** When a shop is taken to be visited, local wall time, and for how long. */
const tripTime = '10:00';
const tripMinutes = 60;
const alarmBefore = '-PT1H';

/**
 * One iCalendar entry (RFC 5545) a shopping trip, with what is bought and an alarm an hour before. Each has the UID of its class and
 * supplier and place in order, so that importing again moves the entry instead of adding another. `stampedAt` is an ISO instant.
 */
export function writeTripsCalendar(of: ListClass, list: ShoppingList, stampedAt: string): string {
  const calendar = new ICAL.Component('vcalendar');
  calendar.updatePropertyWithValue('version', '2.0');
  calendar.updatePropertyWithValue('prodid', '-//Fornax//Shopping//EN');
  const turns = new Map<string, number>();
  for (const trip of list.trips) {
    const turn = (turns.get(trip.supplier) ?? 0) + 1;
    turns.set(trip.supplier, turn);
    calendar.addSubcomponent(tripEvent(of, list, trip, { turn, stampedAt }));
  }
  return `${calendar.toString()}\r\n`;
}

function tripEvent(of: ListClass, list: ShoppingList, trip: ShoppingTrip, { turn, stampedAt }: { turn: number; stampedAt: string }): ICAL.Component {
  const event = new ICAL.Component('vevent');
  const start = toZoned(parseDateTime(`${trip.date}T${tripTime}`), of.zone);
  const rows = list.rows.filter((row) => row.trip === trip.id);
  const cost = trip.cost === null ? '' : `\nAbout ${money(trip.cost, list.cost.currency)}`;
  event.updatePropertyWithValue('uid', `${of.id}-${trip.supplier.toLowerCase().replace(/[^a-z0-9]+/g, '-')}-${turn}@fornax`);
  event.updatePropertyWithValue('dtstamp', utc(stampedAt));
  event.updatePropertyWithValue('dtstart', utc(start.toAbsoluteString()));
  event.updatePropertyWithValue('dtend', utc(start.add({ minutes: tripMinutes }).toAbsoluteString()));
  event.updatePropertyWithValue('summary', `Buy for ${of.title}: ${rows.length} things at ${trip.supplier}`);
  event.updatePropertyWithValue('location', trip.supplier);
  event.updatePropertyWithValue('description', `${rows.map((row) => `${row.name}: ${row.buy}`).join('\n')}${cost}`);
  const alarm = new ICAL.Component('valarm');
  alarm.updatePropertyWithValue('action', 'DISPLAY');
  alarm.updatePropertyWithValue('description', `Shopping at ${trip.supplier}`);
  alarm.updatePropertyWithValue('trigger', ICAL.Duration.fromString(alarmBefore));
  event.addSubcomponent(alarm);
  return event;
}

function utc(instant: string): ICAL.Time {
  return ICAL.Time.fromDateTimeString(new Date(instant).toISOString().replace(/\.\d{3}Z$/, 'Z'));
}
