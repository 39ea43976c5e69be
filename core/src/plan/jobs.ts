import { anyShop, type ShoppingList, type ShoppingTrip } from '../shopping/index.js';
import type { Timeline } from '../timeline/types.js';
import { createAxis } from '../timeline/axis.js';
import type { ClassFacts, PlanJob } from './types.js';

/** When shops are taken to be visited, local wall time. */
const shoppingTime = '10:00';

/** The dated jobs of a class in order: shopping trips, every job on earlier days, and the class. */
export function planJobs(facts: ClassFacts, shopping: ShoppingList, timeline: Timeline): PlanJob[] {
  const axis = createAxis(facts.startsAt, facts.zone);
  const jobs: PlanJob[] = timeline.daysBefore
    .filter((entry) => entry.kind !== 'wait')
    .map((entry) => ({ at: entry.startsAt, localDate: entry.localDate, localTime: entry.localTime, title: entry.title, kind: 'prep' }));
  jobs.push(...shopping.trips.map((trip) => shoppingJob(facts, trip)));
  jobs.push({ at: axis.instant(0), localDate: axis.classDate, localTime: facts.startsAt.slice(11, 16), title: facts.title, kind: 'class' });
  return jobs.sort((a, b) => a.at.localeCompare(b.at));
}

function shoppingJob(facts: ClassFacts, { date, supplier, rows }: ShoppingTrip): PlanJob {
  const axis = createAxis(`${date}T${shoppingTime}`, facts.zone);
  return { at: axis.instant(0), localDate: date, localTime: shoppingTime, title: `Buy ${rows.length} ${rows.length === 1 ? 'thing' : 'things'}${supplier === anyShop.name ? '' : ` at ${supplier}`}`, kind: 'buy' };
}
