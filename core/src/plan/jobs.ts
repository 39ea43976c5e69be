import type { ClassFacts } from '../class/index.js';
import { timeOf } from '../identity/index.js';
import { createAxis, type Timeline } from '../timeline/index.js';
import type { PlanJob } from './types.js';

/** The dated jobs of a class in order: shopping trips, every job on earlier days, and the class. */
export function planJobs(facts: ClassFacts, timeline: Timeline): PlanJob[] {
  const axis = createAxis(facts.startsAt, facts.zone);
  const trips = timeline.clock.filter(({ kind }) => kind === 'buy');
  const jobs = [...timeline.daysBefore.filter(({ kind }) => kind !== 'wait'), ...trips].map(
    (entry): PlanJob => ({
      at: entry.startsAt,
      localDate: entry.localDate,
      localTime: entry.localTime,
      title: entry.title,
      kind: entry.kind === 'buy' ? 'buy' : 'prep',
    }),
  );
  jobs.push({
    at: axis.instant(0),
    localDate: axis.classDate,
    localTime: timeOf(facts.startsAt),
    title: facts.title,
    kind: 'class',
  });
  return jobs.sort((a, b) => a.at.localeCompare(b.at));
}
