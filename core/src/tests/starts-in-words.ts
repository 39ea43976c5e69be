import type { ClassPlan } from '../plan/index.js';

/**
 * A plan in one line: its status, how far it runs over, and when each job starts, in minutes from class
 * start.
 */
export function startsInWords({ timeline }: ClassPlan): string {
  const jobs = [...timeline.daysBefore, ...timeline.clock].map(
    ({ id, start, end }) => `${id}=${start}+${end - start}`,
  );
  return [timeline.status, timeline.overrunMinutes, ...jobs.sort()].join(' ');
}
