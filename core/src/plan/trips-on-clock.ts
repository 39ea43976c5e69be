import { type ClassFacts, decisionsOf, type KitchenFacts } from '../class/index.js';
import {
  classTaskRef,
  idOf,
  isOfStep,
  type LocalDateTime,
  type LocalTime,
  type TaskRef,
} from '../identity/index.js';
import { findIngredient, type Larder } from '../larder/index.js';
import {
  anyShop,
  type IngredientUse,
  rowKeyOf,
  type ShoppingList,
  type ShoppingTrip,
} from '../shopping/index.js';
import { type Axis, createAxis, type Timeline, type TimelineEntry } from '../timeline/index.js';
import { isPlural, showDate, showSpan } from '../words/index.js';

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

export interface TripsInput {
  readonly facts: ClassFacts;
  readonly kitchen: KitchenFacts;
  readonly shopping: ShoppingList;
  readonly timeline: Timeline;
  /** What this class uses, with its minutes. */
  readonly uses: readonly IngredientUse[];
  readonly larder: Larder;
}

type Hands = 'you' | 'assistant';
type Span = readonly [number, number];

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

function placeTrip(
  trip: ShoppingTrip,
  { input, axis, firstUse, taken }: Placing,
): { entry: TimelineEntry; isFree: boolean } {
  const { facts, kitchen } = input;
  const decisions = decisionsOf(facts);
  const ref = tripRef(trip);
  const id = idOf(ref);
  const thereAndBack =
    kitchen.suppliers.find(({ name }) => name === trip.supplier)?.tripMinutes ?? usualTripMinutes;
  const minutes = thereAndBack + minutesAThing * trip.rows.length;
  const at = (time: LocalTime) => minuteOf(`${trip.date}T${time}`, facts, axis);
  const until = Math.min(at(shopsClose), ...trip.rows.map((key) => firstUse.get(key) ?? Infinity));
  const hands: readonly Hands[] =
    facts.assistants === 0 ? ['you'] : decisions.hands[id] ? [decisions.hands[id]] : ['you', 'assistant'];
  const pinned = decisions.pins[id];
  const free = (who: Hands, from: number) => firstGap(busyOf(who, taken), { from, until, minutes });
  const found =
    pinned !== undefined
      ? { who: hands.find((who) => isFreeAt(busyOf(who, taken), pinned, minutes)) ?? null, start: pinned }
      : firstFound(hands, [at(wantedTime), at(shopsOpen)], free);
  const who = found?.who ?? hands[0]!;
  const start = found?.start ?? at(wantedTime);
  const how = [
    {
      label: 'There and back',
      value: `${thereAndBack} min`,
      note: 'A starting estimate: write your own with the supplier.',
    },
    {
      label: `${trip.rows.length} things × ${minutesAThing} min`,
      value: `${trip.rows.length * minutesAThing} min`,
    },
    ...trip.workings.steps.slice(0, 2),
    pinned !== undefined
      ? { label: 'Pinned: you put it here', value: axis.local(start).time }
      : {
          label: `First gap of ${who === 'you' ? 'yours' : 'the assistant'} on the day`,
          value: axis.local(start).time,
          note: `Looked for from ${wantedTime}.`,
        },
  ];
  const title = tripTitle(trip);
  return {
    isFree: found !== null && found.who !== null,
    entry: {
      ...entryAt(axis, {
        ref,
        title,
        start,
        end: start + minutes,
        lane: who,
        kind: 'buy',
        detail: title,
        how,
      }),
      isPinned: pinned !== undefined,
      hands: { who, pairs: 1 },
    },
  };
}

function tripTitle({ rows, supplier }: ShoppingTrip): string {
  return (
    `Buy ${rows.length} ` +
    `${rows.length === 1 ? 'thing' : 'things'}${supplier === anyShop.name ? '' : ` at ${supplier}`}`
  );
}

/** Whose gap comes first from the first time on; where there is none, from the next. */
function firstFound(
  hands: readonly Hands[],
  times: readonly number[],
  gap: (who: Hands, from: number) => number | null,
): { who: Hands; start: number } | null {
  for (const from of times) {
    const found = hands
      .map((who) => ({ who, start: gap(who, from) }))
      .filter((each): each is { who: Hands; start: number } => each.start !== null);
    if (found.length > 0) return found.reduce((first, each) => (each.start < first.start ? each : first));
  }
  return null;
}

function busyOf(who: Hands, entries: readonly TimelineEntry[]): Span[] {
  return entries
    .filter((entry) => entry.hands?.who === who && entry.end > entry.start)
    .map(({ start, end }): Span => [start, end])
    .sort((a, b) => a[0] - b[0]);
}

function firstGap(
  busy: readonly Span[],
  { from, until, minutes }: { from: number; until: number; minutes: number },
): number | null {
  let start = from;
  for (const [begin, end] of busy) {
    if (begin >= start + minutes) break;
    if (end > start) start = end;
  }
  return start + minutes <= until ? start : null;
}

function isFreeAt(busy: readonly Span[], start: number, minutes: number): boolean {
  return busy.every(([begin, end]) => end <= start || start + minutes <= begin);
}

/** What must ripen lies between the trip that brings it and the step that first wants it. */
function ripening(
  { shopping, timeline, larder }: TripsInput,
  trips: readonly TimelineEntry[],
  firstUse: ReadonlyMap<string, number>,
  axis: Axis,
): TimelineEntry[] {
  return shopping.rows.flatMap((row) => {
    const days = findIngredient(larder, row.ingredient)?.ripeningDays ?? 0;
    const trip = trips.find(({ ref }) => ref.stepId === row.trip);
    const used = firstUse.get(row.key);
    if (days === 0 || !trip || used === undefined || used <= trip.end) return [];
    const user = [...timeline.daysBefore, ...timeline.clock].find(
      (entry) => entry.start === used && isOfStep(entry.ref),
    );
    const how = [
      { label: 'Wants to ripen', value: `${days} days` },
      { label: 'Bought', value: trip.localTime, note: showDate(trip.localDate) },
      { label: 'Wanted by', value: axis.local(used).time, note: user?.title ?? '' },
      { label: 'So it has', value: showSpan(used - trip.end) },
    ];
    return [
      {
        ...entryAt(axis, {
          ref: classTaskRef('ripening', row.key),
          title: `Ripen: ${row.name}`,
          start: trip.end,
          end: used,
          lane: 'resting',
          kind: 'wait',
          detail:
            `until the ${row.name} ` +
            `${isPlural(row.name) ? 'are' : 'is'} ripe, at room temperature; feel daily`,
          how,
        }),
        after: [trip.id],
      },
    ];
  });
}

type NewEntry = Pick<TimelineEntry, 'ref' | 'title' | 'start' | 'end' | 'lane' | 'kind' | 'detail'> & {
  readonly how: TimelineEntry['workings']['steps'];
};

function entryAt(axis: Axis, { how, ...entry }: NewEntry): TimelineEntry {
  const from = axis.local(entry.start);
  const to = axis.local(entry.end).time;
  return {
    ...entry,
    id: idOf(entry.ref),
    dishTitle: '',
    addedFor: '',
    isEither: false,
    isPinned: false,
    hands: null,
    after: [],
    startsAt: axis.instant(entry.start),
    localDate: from.date,
    localTime: from.time,
    localEnd: to,
    keeps: null,
    workings: { title: `${entry.title}, ${from.time}–${to}`, steps: how, result: from.time, estimated: true },
  };
}

function withEntries(
  timeline: Timeline,
  added: readonly TimelineEntry[],
  clashes: readonly Timeline['clashes'][number][],
  axis: Axis,
): Timeline {
  if (added.length === 0) return timeline;
  const inOrder = (entries: readonly TimelineEntry[]) =>
    [...entries].sort((a, b) => a.start - b.start || a.end - b.end);
  return {
    ...timeline,
    clashes: [...timeline.clashes, ...clashes],
    daysBefore: inOrder([
      ...timeline.daysBefore,
      ...added.filter((entry) => entry.localDate < axis.classDate),
    ]),
    clock: inOrder([...timeline.clock, ...added.filter((entry) => entry.localDate >= axis.classDate)]),
  };
}

/** Minutes from class start to a local wall time in the class's zone. */
function minuteOf(local: LocalDateTime, { zone }: ClassFacts, axis: Axis): number {
  return Math.round((Date.parse(createAxis(local, zone).instant(0)) - Date.parse(axis.instant(0))) / 60_000);
}
