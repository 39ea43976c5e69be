import { cacheByOwner } from '../identity/index.js';
import type { Appliance } from '../recipes/index.js';
import { decisionsOf, type OnTheDay } from './decisions.js';
import type { ClassFacts } from './facts.js';
import { appliancesOf, type KitchenAppliance, type KitchenFacts } from './kitchen.js';

/** What is hired for a class and not in the kitchen takes so long to be hot. A starting estimate. */
const hiredHeatMinutes = 15;
const isHeatedBefore: ReadonlySet<Appliance> = new Set<Appliance>(['oven', 'griddle']);

/** The kitchen as it is for one class: without what is out of order, with what is hired. */
export function kitchenOfClass(kitchen: KitchenFacts, facts: Pick<ClassFacts, 'decisions'>): KitchenFacts {
  const { onTheDay } = decisionsOf(facts);
  if (Object.keys(onTheDay).length === 0) return kitchen;
  return changed(kitchen, [JSON.stringify(onTheDay)], () => withOnTheDay(kitchen, onTheDay));
}

const changed = cacheByOwner<KitchenFacts, KitchenFacts>();

function withOnTheDay(kitchen: KitchenFacts, { bench, ...counts }: OnTheDay): KitchenFacts {
  const own = new Map(appliancesOf(kitchen).map((each) => [each.appliance, each]));
  const others = Object.entries(counts).map(([name, capacity]): KitchenAppliance => {
    const appliance = name as Appliance;
    const heatMinutes = isHeatedBefore.has(appliance) ? hiredHeatMinutes : 0;
    return { ...(own.get(appliance) ?? { appliance, heatMinutes, settings: '' }), capacity };
  });
  const isOther = ({ appliance }: KitchenAppliance) => counts[appliance] !== undefined;
  return {
    ...kitchen,
    appliances: [...[...own.values()].filter((each) => !isOther(each)), ...others],
    benches: bench === undefined ? kitchen.benches : { ...kitchen.benches, count: bench },
  };
}
