import type { Lane, Timeline, TimelineEntry } from '@fornax/core';

/** Where a bar's label stands: in it, or at its side. */
export type LabelPlace = 'inside' | 'right' | 'left';

export interface PlacedBar {
  readonly entry: TimelineEntry;
  readonly row: number;
  readonly label: LabelPlace;
}

export interface LaneLayout {
  readonly lane: Lane;
  readonly name: string;
  readonly bars: readonly PlacedBar[];
  readonly rows: number;
}

const laneNames: readonly (readonly [Lane, string])[] = [
  ['you', 'You'], ['assistant', 'Assistant'], ['stations', 'Stations'], ['oven', 'Oven'], ['hob', 'Hob'], ['griddle', 'Griddle'], ['microwave', 'Microwave'], ['blender', 'Blender'],
  ['fridge', 'Cold'], ['resting', 'Resting'],
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

/** Which stretch of the day is drawn: all of it, or the class with a little before. */
export type ClockWindow = 'day' | 'class';
const minutesBeforeClass = 15;

/** First and last minute of the axis, on half hours. */
export function clockSpan(timeline: Timeline, window: ClockWindow): { from: number; to: number } {
  const first = window === 'class' ? -minutesBeforeClass : Math.min(0, ...timeline.clock.map((entry) => entry.start)) - 5;
  const last = Math.max(timeline.classMinutes, ...timeline.clock.map((entry) => entry.end));
  return { from: window === 'class' ? first : Math.floor(first / 30) * 30, to: window === 'class' ? last : Math.ceil(last / 30) * 30 };
}

/**
 * Puts bars into rows so that neither bars nor their labels collide. A label that does not fit into its bar stands to the
 * right of it, or to the left where the axis ends. `width` is the length of the axis in pixels.
 */
export function layOutClock(timeline: Timeline, window: ClockWindow, width: number): ClockLayout {
  const { from, to } = clockSpan(timeline, window);
  const shown = timeline.clock.filter((entry) => entry.end > from && entry.start < to);
  const lanes = laneNames
    .map(([lane, name]) => ({ lane, name, ...stack(shown.filter((entry) => entry.lane === lane), { from, perMinute: width / (to - from), width }) }))
    .filter((lane) => lane.bars.length > 0);
  return { lanes, from, to };
}

interface Scale { readonly from: number; readonly perMinute: number; readonly width: number }

function stack(entries: readonly TimelineEntry[], scale: Scale): { bars: PlacedBar[]; rows: number } {
  const rows: (readonly [number, number])[][] = [];
  const bars = entries.map((entry) => {
    const label = labelPlace(entry, scale);
    const taken = extent(entry, label, scale);
    let row = rows.findIndex((intervals) => intervals.every(([start, end]) => end <= taken[0] || taken[1] <= start));
    if (row < 0) row = rows.push([]) - 1;
    rows[row]!.push(taken);
    return { entry, row, label };
  });
  return { bars, rows: Math.max(1, rows.length) };
}

function labelPlace(entry: TimelineEntry, { from, perMinute, width }: Scale): LabelPlace {
  if (labelPixels(entry) + 12 <= (entry.end - Math.max(from, entry.start)) * perMinute) return 'inside';
  return (entry.end - from) * perMinute + labelPixels(entry) + labelGapPixels <= width ? 'right' : 'left';
}

/** The pixels that a bar and its label take. */
function extent(entry: TimelineEntry, label: LabelPlace, { from, perMinute }: Scale): readonly [number, number] {
  const start = (entry.start - from) * perMinute;
  const end = (entry.end - from) * perMinute;
  const beside = labelPixels(entry) + labelGapPixels;
  return [label === 'left' ? start - beside : start - 4, label === 'right' ? end + beside : end + 4];
}

function labelPixels(entry: TimelineEntry): number {
  return shortLabel(entry).length * letterPixels;
}

const longestLabel = 30;

/** The bar's name, cut at a word where it is long; the whole title is in its Workings. */
export function shortLabel(entry: TimelineEntry): string {
  const title = entry.title.replace(/ …$/, '');
  if (title.length <= longestLabel) return title;
  const cut = title.slice(0, longestLabel);
  return `${cut.slice(0, Math.max(cut.lastIndexOf(' '), 12)).replace(/[,\s]+$/, '')} …`;
}
