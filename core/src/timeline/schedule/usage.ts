import type { ScheduleResource, ScheduleTask } from './types.js';

interface Placed {
  readonly task: number;
  readonly start: number;
  readonly end: number;
  readonly units: number;
  readonly setting: string | undefined;
}

/** What stands on each resource while a plan is built, and where another task still fits. */
export class ResourceUsage {
  readonly #resources: Map<string, { resource: ScheduleResource; open: (readonly [number, number])[] | null; placed: Placed[] }>;

  constructor(resources: readonly ScheduleResource[]) {
    this.#resources = new Map(resources.map((resource) => [resource.id, { resource, open: resource.open ? mergeIntervals(resource.open) : null, placed: [] }]));
  }

  place(index: number, task: ScheduleTask, start: number): void {
    if (task.minutes === 0) return;
    for (const demand of task.demands) {
      this.#resources.get(demand.resource)!.placed.push({ task: index, start, end: start + task.minutes, units: demand.units, setting: demand.setting });
    }
  }

  remove(index: number, task: ScheduleTask): void {
    for (const demand of task.demands) {
      const lane = this.#resources.get(demand.resource)!;
      lane.placed = lane.placed.filter((placed) => placed.task !== index);
    }
  }

  /** Indexes of placed tasks on the resources that a task wants. */
  rivals(task: ScheduleTask): number[] {
    return [...new Set(task.demands.flatMap((demand) => this.#resources.get(demand.resource)!.placed.map((placed) => placed.task)))];
  }

  /** The latest start in [from, to] at which the task fits, or null. */
  latestFit(task: ScheduleTask, from: number, to: number): number | null {
    if (from > to) return null;
    if (task.minutes === 0) return to;
    const starts = [to, ...this.#turningPoints(task)].filter((start) => start >= from && start <= to).sort((a, b) => b - a);
    for (let at = 0; at < starts.length; at++) {
      if (starts[at] !== starts[at - 1] && this.fits(task, starts[at]!)) return starts[at]!;
    }
    return null;
  }

  /** Latest starts can only lie where something begins, closes or changes its setting. */
  #turningPoints(task: ScheduleTask): number[] {
    const points: number[] = [];
    for (const demand of task.demands) {
      const { resource, open, placed } = this.#resources.get(demand.resource)!;
      for (const other of placed) {
        points.push(other.start - task.minutes);
        if (resource.changeoverMinutes) points.push(other.start - task.minutes - resource.changeoverMinutes);
      }
      for (const [, end] of open ?? []) points.push(end - task.minutes);
    }
    return points;
  }

  fits(task: ScheduleTask, start: number): boolean {
    const end = start + task.minutes;
    return task.demands.every((demand) => {
      const { resource, open, placed } = this.#resources.get(demand.resource)!;
      if (open && !open.some(([from, to]) => from <= start && end <= to)) return false;
      return peakUnits(placed, start, end) + demand.units <= resource.capacity && settingFits(placed, start, end, demand.setting, resource.changeoverMinutes ?? 0);
    });
  }
}

/** Most units in use at any one minute of [start, end). The peak is always reached where some task begins. */
function peakUnits(placed: readonly Placed[], start: number, end: number): number {
  let peak = unitsAt(placed, start);
  for (const other of placed) {
    if (other.start > start && other.start < end) peak = Math.max(peak, unitsAt(placed, other.start));
  }
  return peak;
}

function unitsAt(placed: readonly Placed[], moment: number): number {
  let units = 0;
  for (const other of placed) if (other.start <= moment && other.end > moment) units += other.units;
  return units;
}

function settingFits(placed: readonly Placed[], start: number, end: number, setting: string | undefined, changeover: number): boolean {
  if (setting === undefined) return true;
  return placed.every((other) => other.setting === undefined || other.setting === setting || other.end + changeover <= start || end + changeover <= other.start);
}

function mergeIntervals(intervals: readonly (readonly [number, number])[]): (readonly [number, number])[] {
  const merged: [number, number][] = [];
  for (const [from, to] of [...intervals].sort((a, b) => a[0] - b[0])) {
    const last = merged[merged.length - 1];
    if (last && from <= last[1]) last[1] = Math.max(last[1], to);
    else merged.push([from, to]);
  }
  return merged;
}
