import type { ClassFacts } from '../class/index.js';
import { idOf, type LocalDateTime } from '../identity/index.js';
import { type Axis, createAxis, type Timeline, type TimelineEntry } from '../timeline/index.js';

type NewEntry = Pick<TimelineEntry, 'ref' | 'title' | 'start' | 'end' | 'lane' | 'kind' | 'detail'> & {
  readonly how: TimelineEntry['workings']['steps'];
};

export function entryAt(axis: Axis, { how, ...entry }: NewEntry): TimelineEntry {
  const from = axis.local(entry.start);
  const to = axis.local(entry.end);
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
    localEnd: to.time,
    localEndDate: to.date,
    keeps: null,
    workings: {
      title: `${entry.title}, ${from.time}–${to.time}`,
      steps: how,
      result: from.time,
      estimated: true,
    },
  };
}

export function withEntries(
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
export function minuteOf(local: LocalDateTime, { zone }: ClassFacts, axis: Axis): number {
  return Math.round((Date.parse(createAxis(local, zone).instant(0)) - Date.parse(axis.instant(0))) / 60_000);
}
