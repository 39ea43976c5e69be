import type { KitchenFacts } from '../class/index.js';
import { showWeekday } from '../words/index.js';
import type { Axis } from './axis.js';
import type { TimelineClash, TimelineEntry } from './types.js';

/** Intervals on the axis in which staff are in the kitchen. */
export type OpenHours = readonly (readonly [number, number])[];

/** How many days of prep are looked back over. */
const leadDays = 5;
const dayMinutes = 1440;

/** Nobody begins a job right before the door is locked. */
const beforeClosing = 30;

/**
 * The hours that the kitchen has written down: its working hours on days before, open all of the class day.
 */
export function writtenHours(axis: Axis, kitchen: KitchenFacts): OpenHours {
  const { worksFrom: opens, worksTo: closes, closedDays } = kitchen;
  const isOfClass = ([from]: readonly [number, number]) => axis.local(from).date === axis.classDate;
  const open = openingHours(axis, kitchen);
  const days = open.filter((each) => !isOfClass(each));
  const working =
    opens && closes
      ? axis.openIntervals({ opens, closes, closedDays }, leadDays).filter((each) => !isOfClass(each))
      : days.map(([from, to]) => [from, to - beforeClosing] as const).filter(([from, to]) => to > from);
  return [...working, ...open.filter(isOfClass)];
}

/** The hours in which the kitchen can be entered at all. */
export function openingHours(axis: Axis, kitchen: KitchenFacts): OpenHours {
  return axis.openIntervals(kitchen, leadDays);
}

/**
 * Other hours to plan in, where nothing fits those that are written down: while the kitchen is open; with
 * the day of the class open, since it takes place; and round the clock.
 */
export function otherHours(axis: Axis, kitchen: KitchenFacts): OpenHours[] {
  const days = kitchen.closedDays.length === 0 ? [] : axis.openIntervals({ ...kitchen, closedDays: [] }, 0);
  return [
    openingHours(axis, kitchen),
    ...(days.length > 0 ? [[...openingHours(axis, kitchen), ...days]] : []),
    [[-leadDays * dayMinutes, dayMinutes]],
  ];
}

/** What staff do while the kitchen is closed and no class is on, as one clash. */
export function outsideHours(
  entries: readonly TimelineEntry[],
  hours: OpenHours,
  classEnd: number,
): TimelineClash[] {
  const open = [...hours, [0, classEnd] as const];
  const outside = entries.filter(
    ({ hands, start, end }) =>
      (hands?.who === 'you' || hands?.who === 'assistant') &&
      end > start &&
      !open.some(([from, to]) => from <= start && end <= to),
  );
  const [first] = outside;
  if (!first) return [];
  const when = `${showWeekday(first.localDate)} ${first.localTime}`;
  return [
    {
      entryIds: outside.map(({ id }) => id),
      sentence:
        outside.length === 1
          ? `The kitchen is closed when “${first.title}” is done, ${when}`
          : `The kitchen is closed when ${outside.length} jobs are done, the first “${first.title}”, ${when}`,
      remedy: 'Write down other hours in the kitchen, or choose dishes that want less before class.',
    },
  ];
}
