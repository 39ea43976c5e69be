import { showSpan } from '../../words/index.js';
import type { OpenHours } from '../hours.js';
import type { TimelineEntry, Visit } from '../types.js';

/** A pause in a visit that nobody goes home for. A starting estimate. */
const longestPause = 30;

interface Span {
  readonly start: number;
  readonly end: number;
}

/** Jobs in order, those that nobody goes home between as one visit. */
export function visitsIn<S extends Span>(jobs: readonly S[]): S[][] {
  const visits: S[][] = [];
  let end = -Infinity;
  for (const job of [...jobs].sort((a, b) => a.start - b.start)) {
    if (job.start - end > longestPause) visits.push([]);
    visits[visits.length - 1]!.push(job);
    end = Math.max(end, job.end);
  }
  return visits;
}

/**
 * Whether a minute lies on a day before that of the class: before the last hours that the kitchen is open.
 */
export function isEarlierDay(minute: number, open: OpenHours): boolean {
  const last = open[open.length - 1];
  return last !== undefined && minute < Math.min(0, last[0]);
}

export function visitsOf(daysBefore: readonly TimelineEntry[]): Visit[] {
  return visitsIn(daysBefore.filter(({ kind }) => kind === 'prep')).map((jobs) => {
    const last = jobs.reduce((latest, job) => (job.end > latest.end ? job : latest));
    const length = showSpan(last.end - jobs[0]!.start);
    return {
      entryIds: jobs.map(({ id }) => id),
      words:
        `${jobs[0]!.localTime}–${last.localEnd}, ${length}: ` +
        (jobs.length === 1 ? 'one job' : `${jobs.length} jobs`),
    };
  });
}
