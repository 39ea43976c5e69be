import { parseDate } from '@internationalized/date';
import type { ShoppingList } from '../shopping/index.js';
import type { Timeline } from '../timeline/types.js';
import { createAxis } from '../timeline/axis.js';
import type { ClassFacts, PlanJob } from './types.js';

/** When shops are taken to be visited, local wall time. */
const shoppingTime = '10:00';

/** The dated jobs of a class in order: shopping the day before work starts, every job on earlier days, and the class. */
export function planJobs(facts: ClassFacts, shopping: ShoppingList, timeline: Timeline): PlanJob[] {
  const axis = createAxis(facts.startsAt, facts.zone);
  const jobs: PlanJob[] = timeline.daysBefore
    .filter((entry) => entry.kind !== 'wait')
    .map((entry) => ({ at: entry.startsAt, localDate: entry.localDate, localTime: entry.localTime, title: entry.title, kind: 'prep' }));
  if (shopping.rows.length > 0) jobs.push(shoppingJob(facts, shopping, timeline));
  jobs.push({ at: axis.instant(0), localDate: axis.classDate, localTime: facts.startsAt.slice(11, 16), title: facts.title, kind: 'class' });
  return jobs.sort((a, b) => a.at.localeCompare(b.at));
}

function shoppingJob(facts: ClassFacts, shopping: ShoppingList, timeline: Timeline): PlanJob {
  const firstDay = timeline.daysBefore[0]?.localDate ?? facts.startsAt.slice(0, 10);
  const date = parseDate(firstDay).subtract({ days: 1 }).toString();
  const axis = createAxis(`${date}T${shoppingTime}`, facts.zone);
  return { at: axis.instant(0), localDate: date, localTime: shoppingTime, title: `Buy ${shopping.rows.length} things`, kind: 'buy' };
}
