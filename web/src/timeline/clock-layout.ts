import { classTaskRef, isOfStep, type Lane, type Timeline, type TimelineEntry } from '@fornax/core';

/** Where a bar's label stands: in it, or at its side. */
type LabelPlace = 'inside' | 'right' | 'left';

export interface PlacedBar {
  readonly entry: TimelineEntry;
  readonly row: number;
  readonly label: LabelPlace;
}

interface LaneLayout {
  readonly lane: Lane;
  readonly name: string;
  readonly bars: readonly PlacedBar[];
  readonly rows: number;
}

const laneNames: readonly (readonly [Lane, string])[] = [
  ['you', 'You'],
  ['assistant', 'Assistant'],
  ['stations', 'Stations'],
  ['oven', 'Oven'],
  ['hob', 'Hob'],
  ['griddle', 'Griddle'],
  ['microwave', 'Microwave'],
  ['blender', 'Blender'],
  ['fridge', 'Cold'],
  ['resting', 'Resting'],
];

export interface ClockLayout {
  readonly lanes: readonly LaneLayout[];
  /** First and last minute of the axis. */
  readonly from: number;
  readonly to: number;
}

/** About how many pixels a letter of a label takes. */
const letterPixels = 6.9;
const labelGapPixels = 14;

/**
 * Which stretch is drawn: from the first job days before, the day of the class, the class with a little
 * before, or the class drawn large.
 */
export type ClockWindow = 'days' | 'day' | 'class' | 'minutes';
const minutesBeforeClass = 15;

/** How much wider than the page the class is drawn to read single minutes. */
export const minutesZoom = 2.5;

/** First and last minute of the axis: on half hours over a day, on whole hours over several. */
export function clockSpan(timeline: Timeline, window: ClockWindow): { from: number; to: number } {
  const isClass = window === 'class' || window === 'minutes';
  const entries = entriesIn(timeline, window);
  const first = isClass ? -minutesBeforeClass : Math.min(0, ...entries.map((entry) => entry.start)) - 5;
  const last = Math.max(timeline.classMinutes, ...timeline.clock.map((entry) => entry.end));
  const round = window === 'days' ? 60 : 30;
  return {
    from: isClass ? first : Math.floor(first / round) * round,
    to: isClass ? last : Math.ceil(last / round) * round,
  };
}

function entriesIn(timeline: Timeline, window: ClockWindow): readonly TimelineEntry[] {
  return window === 'days' ? [...timeline.daysBefore, ...classAsOne(timeline)] : timeline.clock;
}

/**
 * Over several days the class is too short to read: what each lane does in it is one bar, with its jobs in
 * the Workings.
 */
function classAsOne({ clock }: Timeline): TimelineEntry[] {
  const inClass = clock.filter((entry) => entry.start >= 0);
  const lanes = [...new Set(inClass.map(({ lane }) => lane))].map((lane) =>
    inClass.filter((entry) => entry.lane === lane),
  );
  return [
    ...clock.filter((entry) => entry.start < 0),
    ...lanes.map((jobs) => (jobs.length > 1 ? asOne(jobs) : jobs[0]!)),
  ];
}

function asOne(jobs: readonly TimelineEntry[]): TimelineEntry {
  const first = jobs[0]!;
  const last = jobs.reduce((latest, each) => (each.end > latest.end ? each : latest));
  const title = `In class: ${jobs.length} jobs`;
  return {
    ...first,
    id: `class:${first.lane}`,
    kind: 'class',
    title,
    detail: title,
    dishTitle: '',
    ref: classTaskRef('frame', ''),
    end: last.end,
    localEnd: last.localEnd,
    keeps: null,
    after: [],
    isPinned: false,
    addedFor: '',
    isEither: false,
    workings: {
      title: `${title}, ${first.localTime}–${last.localEnd}`,
      steps: jobs.map((job) => ({ label: job.title, value: job.localTime })),
      result: `${jobs.length} jobs`,
      estimated: true,
    },
  };
}

/** What does not move by itself: the frame of the class, and what ripens until it is wanted. */
export function isFixed({ kind, ref }: TimelineEntry): boolean {
  return kind === 'class' || ref.role === 'ripening';
}

/**
 * Puts bars into rows so that neither bars nor their labels collide. A label that does not fit into its bar
 * stands to the right of it, or to the left where the axis ends. `width` is the length of the axis in pixels.
 */
export function layOutClock(timeline: Timeline, window: ClockWindow, width: number): ClockLayout {
  const { from, to } = clockSpan(timeline, window);
  const shown = entriesIn(timeline, window).filter((entry) => entry.end > from && entry.start < to);
  const lanes = laneNames
    .map(([lane, name]) => ({
      lane,
      name,
      ...stack(
        shown.filter((entry) => entry.lane === lane),
        { from, perMinute: width / (to - from), width },
      ),
    }))
    .filter((lane) => lane.bars.length > 0);
  return { lanes, from, to };
}

/** A line from where a result is done to where it is used, in the plane of the clock. */
export interface Thread {
  readonly from: string;
  readonly to: string;
  readonly isBroken: boolean;
}

/**
 * The threads that are drawn: those of the selected job to and from others, and those of results that are
 * used too late.
 */
export function threadsOf(timeline: Timeline, selected: string | null): Thread[] {
  const entries = [...timeline.daysBefore, ...timeline.clock];
  const broken = new Set(entries.filter((entry) => entry.keeps?.broken).map((entry) => entry.id));
  return entries
    .flatMap((entry) => entry.after.map((from) => ({ from, to: entry.id, isBroken: broken.has(from) })))
    .filter((thread) => thread.isBroken || thread.from === selected || thread.to === selected);
}

interface Scale {
  readonly from: number;
  readonly perMinute: number;
  readonly width: number;
}

/**
 * Where bars crowd, the labels of the first of them stand to the left and those of the rest to the right, so
 * that two share a row; as many to the left as make the fewest rows.
 */
function stack(entries: readonly TimelineEntry[], scale: Scale): { bars: PlacedBar[]; rows: number } {
  let best = rowsOf(entries, scale, 0);
  for (let split = 1; split < entries.length; split++) {
    const each = rowsOf(entries, scale, split);
    if (each.rows < best.rows) best = each;
  }
  return best;
}

function rowsOf(
  entries: readonly TimelineEntry[],
  scale: Scale,
  split: number,
): { bars: PlacedBar[]; rows: number } {
  const rows: (readonly [number, number])[][] = [];
  const bars = entries.map((entry, index) => {
    const label = labelPlace(entry, scale, index < split && isCrowded(entry, entries[index + 1]!, scale));
    const taken = extent(entry, label, scale);
    let row = rows.findIndex((intervals) =>
      intervals.every(([start, end]) => end <= taken[0] || taken[1] <= start),
    );
    if (row < 0) row = rows.push([]) - 1;
    rows[row]!.push(taken);
    return { entry, row, label };
  });
  return { bars, rows: Math.max(1, rows.length) };
}

/** Whether the next bar stands under a label to the right. */
function isCrowded(entry: TimelineEntry, next: TimelineEntry, { perMinute }: Scale): boolean {
  return (next.start - entry.end) * perMinute < labelPixels(entry) + labelGapPixels;
}

function labelPlace(
  entry: TimelineEntry,
  { from, perMinute, width }: Scale,
  isLeftWanted: boolean,
): LabelPlace {
  if (labelPixels(entry) + 12 <= (entry.end - Math.max(from, entry.start)) * perMinute) return 'inside';
  const beside = labelPixels(entry) + labelGapPixels;
  if (isLeftWanted && (entry.start - from) * perMinute >= beside) return 'left';
  return (entry.end - from) * perMinute + beside <= width ? 'right' : 'left';
}

/** The pixels that a bar and its label take. */
function extent(
  entry: TimelineEntry,
  label: LabelPlace,
  { from, perMinute }: Scale,
): readonly [number, number] {
  const start = (entry.start - from) * perMinute;
  const end = (entry.end - from) * perMinute;
  const beside = labelPixels(entry) + labelGapPixels;
  return [label === 'left' ? start - beside : start - 4, label === 'right' ? end + beside : end + 4];
}

function labelPixels(entry: TimelineEntry): number {
  return shortLabel(entry).length * letterPixels;
}

const longestLabel = 26;
/** Where a title can end and still say what is done: after its object. */
const afterObject = /,? (?:in|into|with|on|over|under|until|while|and|for|of|as|to|from|at|then|again)\b|,/gi;

/** The bar's name: what is done to what, without articles. The whole title is in its Workings. */
export function shortLabel(entry: TimelineEntry): string {
  if (entry.kind === 'class' || !isOfStep(entry.ref)) return entry.title;
  const title = entry.title
    .replace(/ …$/, '')
    .replace(/\b(?:the|an?|some|your) /gi, '')
    .replace(/, (\d+\s°[CF])$/, '');
  const end =
    [...title.matchAll(afterObject)]
      .map(({ index }) => index)
      .find((index) =>
        title
          .slice(0, index)
          .replace(/^\w+: /, '')
          .includes(' '),
      ) ?? title.length;
  const label = title.slice(0, end);
  if (label.length <= longestLabel) return label;
  const cut = label.slice(0, longestLabel);
  return `${cut.slice(0, Math.max(cut.lastIndexOf(' '), 12)).replace(/[,\s]+$/, '')} …`;
}
