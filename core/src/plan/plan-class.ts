import {
  alternativesOf,
  chosenRecipe,
  type ClassFacts,
  decisionsOf,
  kitchenOfClass,
  longWaitOf,
  stationsOf,
} from '../class/index.js';
import { dateOf, type DishId, type StepKey, stepKeyOf } from '../identity/index.js';
import { applianceShortages, buildKitList, type KitList, type LackingStep } from '../kit/index.js';
import { allergensByList, type Larder, larderOf } from '../larder/index.js';
import { type PortionPlan, rotationTurns } from '../portions/index.js';
import { type ColdBatch, type OutOfCold, outOfCold } from '../safety/index.js';
import { buildShoppingList } from '../shopping/index.js';
import {
  type Axis,
  buildTimeline,
  createAxis,
  eatMinutes,
  leftOutOf,
  showsOf,
  type Timeline,
  type TimelineInput,
} from '../timeline/index.js';
import { findWarnings } from './checks.js';
import { withNoted } from './noted.js';
import { dressingsOf } from './dressings.js';
import { byProductsOf } from './by-products-of-steps.js';
import { foodAHead, foodWarnings } from './food-a-head.js';
import { planJobs } from './jobs.js';
import { peopleOfPlan, peopleWarnings } from './people-of-plan.js';
import { lackingSteps } from './kitchen-checks.js';
import { dishesShown, planDishes, type PlannedDish } from './planned-dish.js';
import { usesOfClass } from './pool.js';
import { toolUses } from './tool-uses.js';
import { placeTrips } from './trips-on-clock.js';
import type { ClassBundle, ClassPlan } from './types.js';
import { ingredientUses, stepMinutes, stepTimes } from './uses.js';

/** How much is put into the clock. */
export type PlanOptions = Pick<TimelineInput, 'effort' | 'standing'>;

/** What every pass of a plan works on. */
interface Passes {
  readonly bundle: ClassBundle;
  readonly facts: ClassFacts;
  readonly larder: Larder;
  readonly axis: Axis;
  readonly dishes: readonly PlannedDish[];
}

/**
 * One class bundle in, one plan out: portions → timeline → kit → shopping → trips onto the clock → checks.
 * Pure: the same bundle gives the same plan. People and people per station are whole and at least 1; the
 * contract holds them to that.
 */
export function planClass(bundle: ClassBundle, options: PlanOptions = {}): ClassPlan {
  const { passes, portions, planned } = placed(passesOf(bundle), options);
  const {
    facts,
    larder,
    dishes,
    bundle: { kitchen },
  } = passes;
  const kit = planKit(passes, portions, planned);
  const { timeline, shopping } = planShopping(passes, planned);
  const cold = outOfCold({
    batches: coldBatches(dishes, timeline),
    eatenAt: timeline.eatMinute + eatMinutes,
    larder,
    profile: kitchen.safety,
    clock: (minute) => passes.axis.local(minute).time,
  });
  const food = foodAHead(facts, dishes, larder);
  const people = peopleOfPlan(facts, dishes, { larder, english: kitchen.english });
  return {
    portions,
    shopping,
    kit,
    timeline,
    outOfCold: cold,
    ...withNoted(
      [
        ...peopleWarnings(people),
        ...warningsOf(passes, { portions, shopping, kit, timeline, outOfCold: cold }),
        ...foodWarnings(food),
      ],
      decisionsOf(facts).noted,
    ),
    jobs: planJobs(facts, timeline),
    allergens: dishes.map(({ id, allergens, notKnown }) => ({
      dishId: id,
      contains: allergensByList(allergens, kitchen.allergenList),
      notKnown,
    })),
    alternatives: openLines(passes),
    longWaits: longWaits(passes),
    foodAHead: food,
    people,
    dressings: dressingsOf(dishes, timeline, { larder, own: kitchen.schools }),
  };
}

function passesOf(given: ClassBundle, shown?: ReadonlySet<DishId>): Passes {
  const { class: facts } = given;
  const kitchen = kitchenOfClass(given.kitchen, facts);
  const bundle = kitchen === given.kitchen ? given : { ...given, kitchen };
  const larder = larderOf(kitchen.larder);
  const dishes = planDishes(facts, kitchen, larder, shown);
  return { bundle, facts, larder, axis: createAxis(facts.startsAt, facts.zone), dishes };
}

interface Placed {
  readonly passes: Passes;
  readonly portions: PortionPlan;
  readonly planned: Timeline;
}

/**
 * The class on the clock. Where something that should be shown found no place there, its food is not made for
 * that, and all is placed again without it.
 */
function placed(passes: Passes, options: PlanOptions): Placed {
  const { bundle, facts, dishes } = passes;
  const portions = portionPlan(passes);
  const planned = buildTimeline({ ...timelineInput(passes, portions), ...options });
  const shown = shownOnClock(planned);
  const shows = showsOf(
    dishes.map(({ timed }) => timed),
    facts,
    bundle.kitchen,
  );
  const onClock = new Map([...shows].filter(([key]) => shown.has(key)));
  const made = dishesShown(onClock);
  if (dishes.every(({ id, isShown }) => !isShown || made.has(id))) return { passes, portions, planned };
  const fewer = passesOf(bundle, made);
  const fewerPortions = portionPlan(fewer);
  return {
    passes: fewer,
    portions: fewerPortions,
    planned: buildTimeline({ ...timelineInput(fewer, fewerPortions), ...options, shows: onClock }),
  };
}

function shownOnClock({ clock }: Timeline): ReadonlySet<StepKey | null> {
  return new Set(clock.filter(({ ref }) => ref.role === 'shown').map(({ ref }) => stepKeyOf(ref)));
}

function longWaits({ facts, larder, dishes }: Passes): ClassPlan['longWaits'] {
  const time = { lengthMinutes: facts.lengthMinutes, when: decisionsOf(facts).when };
  return dishes.flatMap(({ given }) => longWaitOf(given, chosenRecipe(given, larder), time) ?? []);
}

function openLines({ bundle, facts, larder, dishes }: Passes): ClassPlan['alternatives'] {
  const { english, allergenList } = bundle.kitchen;
  const context = {
    taken: decisionsOf(facts).alternatives,
    larder,
    english,
    allergenList,
    stock: bundle.stock ?? [],
  };
  return dishes.flatMap(({ id, given }) => alternativesOf(id, chosenRecipe(given, larder), context));
}

/** Steps of a class that want an appliance which the kitchen has not on the day. */
export function lackingOf(bundle: ClassBundle): LackingStep[] {
  const { dishes, bundle: asOnTheDay } = passesOf(bundle);
  return lackingSteps(dishes, asOnTheDay.kitchen);
}

/** The timeline's part of a bundle alone, for questions about other plans of it. */
export function timelineInputOf(bundle: ClassBundle): TimelineInput {
  const passes = passesOf(bundle);
  return timelineInput(passes, portionPlan(passes));
}

function portionPlan({ facts, dishes }: Passes): PortionPlan {
  const stations = stationsOf(facts);
  const decided = dishes.map((dish) => dish.decided);
  return {
    stations,
    dishes: dishes.map((dish) => dish.portions),
    rotation: rotationTurns(decided, stations),
  };
}

function timelineInput({ bundle, facts, larder, dishes }: Passes, { stations }: PortionPlan): TimelineInput {
  const decisions = decisionsOf(facts);
  return {
    facts,
    kitchen: bundle.kitchen,
    stations,
    dishes,
    decisions,
    leftOut: dishes.flatMap(({ decided }) => leftOutOf(decided, larder, decisions.leftOut)),
  };
}

function planKit(
  { bundle: { kitchen }, facts, larder, axis, dishes }: Passes,
  { stations }: PortionPlan,
  timeline: Timeline,
): KitList {
  const kit = buildKitList({
    uses: toolUses(dishes, { stations, timeline, larder }),
    stations: stations.sizes,
    people: facts.people,
    dishes,
    toolsInKitchen: kitchen.tools,
    bowls: kitchen.vessels
      .filter(({ kind }) => kind === 'bowl')
      .map(({ name, count }) => ({ tool: name, count })),
    english: kitchen.english,
    clock: (minute) => axis.local(minute).time,
    larder,
    decisions: decisionsOf(facts),
  });
  const lacking = applianceShortages(lackingSteps(dishes, kitchen), kitchen);
  return { ...kit, shortages: [...lacking, ...kit.shortages] };
}

/**
 * What is taken out to thaw or to soften must be in the house by then, so the dishes are those with the steps
 * that the plan added.
 */
function planShopping({ bundle, facts, larder, dishes }: Passes, planned: Timeline) {
  const { kitchen } = bundle;
  const times = stepTimes(planned);
  const classDate = dateOf(facts.startsAt);
  const uses = ingredientUses(dishes.map(wholeMade), { times, date: classDate, larder });
  const together = (bundle.together ?? []).filter((other) => other.id !== facts.id);
  const isElsewhere = (classId: string) => together.some((each) => each.id === classId);
  const list = buildShoppingList(
    [...uses, ...together.flatMap((other) => usesOfClass(other, kitchen, larder))],
    {
      english: kitchen.english,
      larder,
      currency: kitchen.currency,
      hemisphere: kitchen.hemisphere,
      classDate,
      today: bundle.today,
      people: together.reduce((sum, other) => sum + other.people, facts.people),
      stock: bundle.stock,
      offeredByProducts: byProductsOf(dishes.map(decidedMade), larder, times),
      suppliers: kitchen.suppliers,
      others: (bundle.others ?? []).filter(
        (other) => other.classId !== facts.id && !isElsewhere(other.classId),
      ),
      decisions: facts.decisions,
    },
  );
  return placeTrips({ facts, kitchen, shopping: list, timeline: planned, uses, larder });
}

const wholeMade = ({ whole, portions, allergens }: PlannedDish) => ({
  dish: whole,
  batches: portions.batches,
  fits: portions.fits,
  allergens,
});
const decidedMade = ({ decided, portions, allergens }: PlannedDish) => ({
  dish: decided,
  batches: portions.batches,
  fits: portions.fits,
  allergens,
});

/** Each dish, and its ready-made swap, which stands longest. */
function coldBatches(dishes: readonly PlannedDish[], timeline: Timeline): ColdBatch[] {
  const times = stepMinutes(timeline, false);
  const timesOfSwaps = stepMinutes(timeline, true);
  return dishes.flatMap(({ timed: dish }): ColdBatch[] => {
    const { title } = dish.recipe;
    const own = { dish, title, ofSwap: false, times };
    if (!dish.making?.swap) return [own];
    return [own, { dish, title: `${title}, ready-made swap`, ofSwap: true, times: timesOfSwaps }];
  });
}

function warningsOf(
  { facts, bundle, larder, dishes }: Passes,
  found: Pick<ClassPlan, 'portions' | 'shopping' | 'kit' | 'timeline'> & {
    readonly outOfCold: readonly OutOfCold[];
  },
): ClassPlan['warnings'] {
  return findWarnings({ facts, kitchen: bundle.kitchen, larder, dishes, ...found });
}
