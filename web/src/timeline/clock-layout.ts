import type { Lane, Timeline, TimelineEntry } from '@fornax/core';

export interface PlacedBar {
  readonly entry: TimelineEntry;
  readonly row: number;
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

/**
 * Puts bars into rows so that neither bars nor their labels collide. `pixelsPerMinute` tells how much room a label
 * takes; a label that does not fit into its bar stands beside it.
 */
export function layOutClock(timeline: Timeline, pixelsPerMinute: number): ClockLayout {
  const from = Math.floor((Math.min(0, ...timeline.clock.map((entry) => entry.start)) - 5) / 30) * 30;
  const to = Math.ceil(Math.max(timeline.classMinutes, ...timeline.clock.map((entry) => entry.end)) / 30) * 30;
  const lanes = laneNames
    .map(([lane, name]) => ({ lane, name, ...stack(timeline.clock.filter((entry) => entry.lane === lane), pixelsPerMinute) }))
    .filter((lane) => lane.bars.length > 0);
  return { lanes, from, to };
}

function stack(entries: readonly TimelineEntry[], pixelsPerMinute: number): { bars: PlacedBar[]; rows: number } {
  const free: number[] = [];
  const bars = entries.map((entry) => {
    const start = entry.start * pixelsPerMinute;
    let row = free.findIndex((until) => until <= start);
    if (row < 0) row = free.push(0) - 1;
    free[row] = barEnd(entry, pixelsPerMinute);
    return { entry, row };
  });
  return { bars, rows: Math.max(1, free.length) };
}

/** Where the next bar of the same row may begin, in pixels of the axis. */
function barEnd(entry: TimelineEntry, pixelsPerMinute: number): number {
  const end = entry.end * pixelsPerMinute;
  return fitsInside(entry, pixelsPerMinute) ? end + 4 : end + labelPixels(entry) + labelGapPixels;
}

export function fitsInside(entry: TimelineEntry, pixelsPerMinute: number): boolean {
  return labelPixels(entry) + 12 <= (entry.end - entry.start) * pixelsPerMinute;
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
