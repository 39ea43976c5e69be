import type { WorkingStep } from '../amounts/index.js';
import { decisionsOf, type KitchenFacts } from '../class/index.js';
import { classTaskRef, idOf, type LocalTime, type TaskRef } from '../identity/index.js';
import { anyShop, rowKeyOf, type ShoppingList, type ShoppingTrip } from '../shopping/index.js';
import { type Axis, createAxis, type Timeline, type TimelineEntry } from '../timeline/index.js';
import { counted, showDate } from '../words/index.js';
import { busyOf, firstFound, firstGap, type Hands, isFreeAt } from './gaps.js';
import { entryAt, minuteOf, withEntries } from './later-entries.js';
import { ripening } from './ripening.js';
import type { TripsInput } from './trips-input.js';

/**
 * Minutes of a trip: there and back, where the supplier has no figure of its own, and for each thing.
 * Starting estimates.
 */
export const usualTripMinutes = 30;
const minutesAThing = 1;
/**
 * Shops are taken to be open between these, and visited from mid-morning where that can be. Local wall time.
 */
const shopsOpen = '09:00';
const shopsClose = '18:00';
const wantedTime = '10:00';

/**
 * Shopping trips as jobs of the clock: each on its day, in the first gap that the hands of the class leave,
 * from mid-morning where that can be and before anything of it is used; and what ripens between its trip and
 * its first use. A trip nobody is free for is put on its day all the same, and named.
 */
export function placeTrips(input: TripsInput): {
  readonly timeline: Timeline;
  readonly shopping: ShoppingList;
} {
  const axis = createAxis(input.facts.startsAt, input.facts.zone);
  const firstUse = firstUses(input);
  const placed: TimelineEntry[] = [];
  const clashes: Timeline['clashes'][number][] = [];
  for (const trip of input.shopping.trips) {
    const { entry, isFree } = placeTrip(trip, {
      input,
      axis,
      firstUse,
      taken: [...input.timeline.daysBefore, ...input.timeline.clock, ...placed],
    });
    placed.push(entry);
    if (!isFree)
      clashes.push({
        entryIds: [entry.id],
        sentence: `Nobody is free for “${entry.title}” on ${showDate(trip.date)}`,
        remedy: 'Pin it to another time, move what stands there, or ask somebody else to shop.',
      });
  }
  const added = [...placed, ...ripening(input, placed, firstUse, axis)];
  return {
    timeline: withEntries(input.timeline, added, clashes, axis),
    shopping: {
      ...input.shopping,
      trips: input.shopping.trips.map((trip, index) => ({ ...trip, visit: visitOf(placed[index]!) })),
    },
  };
}

function visitOf({ startsAt, localTime, start, end }: TimelineEntry): NonNullable<ShoppingTrip['visit']> {
  return { startsAt, localTime, minutes: end - start };
}

function tripRef(trip: Pick<ShoppingTrip, 'id'>): TaskRef {
  return classTaskRef('trip', trip.id);
}

/** The minute at which each row of the list is first used in this class. */
function firstUses({ uses, larder }: TripsInput): ReadonlyMap<string, number> {
  const first = new Map<string, number>();
  for (const use of uses)
    if (use.minute !== undefined)
      first.set(rowKeyOf(use, larder), Math.min(first.get(rowKeyOf(use, larder)) ?? Infinity, use.minute));
  return first;
}

interface Placing {
  readonly input: TripsInput;
  readonly axis: Axis;
  readonly firstUse: ReadonlyMap<string, number>;
  readonly taken: readonly TimelineEntry[];
}

function placeTrip(trip: ShoppingTrip, placing: Placing): { entry: TimelineEntry; isFree: boolean } {
  const { input, axis } = placing;
  const ref = tripRef(trip);
  const minutes = minutesOf(trip, input.kitchen);
  const pinned = decisionsOf(input.facts).pins[idOf(ref)];
  const { who, start, isFree } = whenAndWho(trip, pinned, minutes, placing);
  const title = tripTitle(trip);
  const entry = entryAt(axis, {
    ref,
    title,
    start,
    end: start + minutes,
    lane: who,
    kind: 'buy',
    detail: title,
    how: tripWorkings(trip, { minutes, who, isPinned: pinned !== undefined, time: axis.local(start).time }),
  });
  return { isFree, entry: { ...entry, isPinned: pinned !== undefined, hands: { who, pairs: 1 } } };
}

/** Whose trip it is and when: where it is pinned, or in the first gap; on its day even where none is free. */
function whenAndWho(
  trip: ShoppingTrip,
  pinned: number | undefined,
  minutes: number,
  { input: { facts }, axis, firstUse, taken }: Placing,
): { who: Hands; start: number; isFree: boolean } {
  const minuteAt = (time: LocalTime) => minuteOf(`${trip.date}T${time}`, facts, axis);
  const until = Math.min(minuteAt(shopsClose), ...trip.rows.map((key) => firstUse.get(key) ?? Infinity));
  const decided = decisionsOf(facts).hands[idOf(tripRef(trip))];
  const hands: readonly Hands[] =
    facts.assistants === 0 ? ['you'] : decided ? [decided] : ['you', 'assistant'];
  if (pinned !== undefined) {
    const free = hands.find((who) => isFreeAt(busyOf(who, taken), pinned, minutes));
    return { who: free ?? hands[0]!, start: pinned, isFree: free !== undefined };
  }
  const gap = (who: Hands, from: number) => firstGap(busyOf(who, taken), { from, until, minutes });
  const found = firstFound(hands, [minuteAt(wantedTime), minuteAt(shopsOpen)], gap);
  return found ? { ...found, isFree: true } : { who: hands[0]!, start: minuteAt(wantedTime), isFree: false };
}

function thereAndBackOf({ supplier }: ShoppingTrip, { suppliers }: KitchenFacts): number {
  return suppliers.find(({ name }) => name === supplier)?.tripMinutes ?? usualTripMinutes;
}

function minutesOf(trip: ShoppingTrip, kitchen: KitchenFacts): number {
  return thereAndBackOf(trip, kitchen) + minutesAThing * trip.rows.length;
}

function tripWorkings(
  { rows, workings }: ShoppingTrip,
  { minutes, who, isPinned, time }: { minutes: number; who: Hands; isPinned: boolean; time: LocalTime },
): WorkingStep[] {
  const forThings = rows.length * minutesAThing;
  return [
    {
      label: 'There and back',
      value: `${minutes - forThings} min`,
      note: 'A starting estimate: write your own with the supplier.',
    },
    { label: `${counted(rows.length, 'thing')} × ${minutesAThing} min`, value: `${forThings} min` },
    ...workings.steps.slice(0, 2),
    isPinned
      ? { label: 'Pinned: you put it here', value: time }
      : {
          label: `First gap of ${who === 'you' ? 'yours' : 'the assistant'} on the day`,
          value: time,
          note: `Looked for from ${wantedTime}.`,
        },
  ];
}

function tripTitle({ rows, supplier }: ShoppingTrip): string {
  return (
    `Buy ${rows.length} ` +
    `${rows.length === 1 ? 'thing' : 'things'}${supplier === anyShop.name ? '' : ` at ${supplier}`}`
  );
}
