import {
  type ClassFacts,
  decisionsOf,
  type KitchenFacts,
  kitchenOfClass,
  stationsOf,
} from '../class/index.js';
import { type Larder, larderOf } from '../larder/index.js';
import { checkPeople, type PeopleCheck } from '../people/index.js';
import { planDishes, type PlannedDish } from './planned-dish.js';
import type { PlanWarning } from './types.js';

/** Everybody who is named against every dish as it is made. */
export function peopleOfPlan(
  facts: ClassFacts,
  dishes: readonly PlannedDish[],
  { larder, english }: { readonly larder: Larder } & Pick<KitchenFacts, 'english'>,
): PeopleCheck {
  const stations = stationsOf(facts).sizes.length;
  return checkPeople({
    // Nobody is at a station that is not there.
    roster: (facts.roster ?? []).map((person) =>
      person.station !== null && person.station > stations ? { ...person, station: null } : person,
    ),
    dishes: dishes.map(({ id, decided, portions }) => ({ id, decided, batches: portions.batches })),
    ownSets: decisionsOf(facts).ownSets,
    larder,
    english,
  });
}

/** The people of a class against its dishes, without planning its minutes: to try a change. */
export function peopleOfClass(
  facts: ClassFacts,
  kitchen: KitchenFacts,
): { readonly dishes: readonly PlannedDish[]; readonly check: PeopleCheck } {
  const larder = larderOf(kitchen.larder);
  const dishes = planDishes(facts, kitchenOfClass(kitchen, facts), larder);
  return { dishes, check: peopleOfPlan(facts, dishes, { larder, english: kitchen.english }) };
}

/** Findings about people as the checks of a plan show them. */
export function peopleWarnings({ findings }: PeopleCheck): PlanWarning[] {
  return findings.map(({ id, level, sentence, remedy }) => ({
    id: `person:${id}`,
    place: 'people',
    level,
    sentence,
    remedy,
  }));
}
