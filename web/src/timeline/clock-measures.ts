import type { Timeline, TimelineEntry } from '@fornax/core';
import type { ClockLayout, ClockWindow } from './clock-layout.js';

export const rowHeight = 24;
export const barHeight = 19;
export const lanePadding = 5;
export const axisHeight = 26;
export const footHeight = 24;
export const laneNameWidth = 92;
export const leastWidth = 760;
/** Half an hour label past the end of the axis. */
export const rightMargin = 22;
/** Where things are drawn: minutes to pixels, and the top of each bar. */
export interface Place {
  readonly x: (minute: number) => number;
  readonly perMinute: number;
  readonly right: number;
  readonly topOf: ReadonlyMap<string, number>;
}

export interface AxisProps {
  x: (minute: number) => number;
  bottom: number;
  timeAt: (minute: number) => string;
}

/** Top of each lane, and the foot of the last. */
export function laneTops(layout: ClockLayout): number[] {
  return layout.lanes.reduce(
    (tops, lane) => [...tops, tops[tops.length - 1]! + lane.rows * rowHeight + lanePadding * 2 - 4],
    [axisHeight],
  );
}

export interface ClockProps {
  timeline: Timeline;
  /** The plan before: where the chosen job stood in it is drawn as an outline. */
  before: Timeline | null;
  window: ClockWindow;
  timeAt: (minute: number) => string;
  /** What a line of the axis is called. */
  labelAt: (minute: number) => string;
  onMove: (entry: TimelineEntry, start: number) => void;
  onPreview: (task: string, start: number) => void;
  /** A drag came to nothing. */
  onCancel: () => void;
  onUnpin: (entry: TimelineEntry) => void;
}

/** The key of a job's Workings. */
export function workingsKeyOf(id: string): string {
  return `time:${id}`;
}
