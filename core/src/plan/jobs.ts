import type { ClassFacts } from '../class/index.js';
import { timeOf } from '../identity/index.js';
import { createAxis, type Timeline } from '../timeline/index.js';
import type { PlanJob } from './types.js';

/** The dated jobs of a class in order: shopping trips, every job of hands before class, and the class. */
export function planJobs(facts: ClassFacts, timeline: Timeline): PlanJob[] {
  const axis = createAxis(facts.startsAt, facts.zone);
  const onTheDay = timeline.clock.filter(
    ({ kind, start }) => kind === 'buy' || (kind === 'prep' && start < 0),
  );
  const jobs = [...timeline.daysBefore.filter(({ kind }) => kind !== 'wait'), ...onTheDay].map(
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
