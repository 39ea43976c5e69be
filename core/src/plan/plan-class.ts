import {
  type ClassDish,
  type ClassFacts,
  decidedDishes,
  decisionsOf,
  flightOf,
  slowestWay,
  splitStations,
} from '../class/index.js';
import { buildKitList, type ToolUse } from '../kit/index.js';
import { allergensByList, findIngredient, type Larder, larderOf } from '../larder/index.js';
import {
  batchOffers,
  planBatches,
  type PortionPlan,
  portionRecipe,
  rotationTurns,
  stationsAtOnce,
} from '../portions/index.js';
import type { RecipeStep } from '../recipes/index.js';
import { outOfCold } from '../safety/out-of-cold.js';
import { buildShoppingList } from '../shopping/index.js';
import { buildTimeline, createAxis, type Timeline, type TimelineEntry } from '../timeline/index.js';
import { leftOutOf, withAddedSteps } from '../timeline/tasks/added-steps.js';
import { eatMinutes } from '../timeline/tasks/tasks.js';
import type { TimelineInput } from '../timeline/timeline.js';
import { allergensOf, findWarnings } from './checks.js';
import { planJobs } from './jobs.js';
import { usesOfClass } from './pool.js';
import { placeTrips } from './trips-on-clock.js';
import type { ClassBundle, ClassPlan } from './types.js';
import { giftsOf, ingredientUses, isRawProtein, stepMinutes, stepTimes } from './uses.js';

/** How much is put into the clock. */
export type PlanOptions = Pick<TimelineInput, 'effort' | 'standing'>;

/**
 * Steps in which a first plan is bettered, slice by slice, each from the one before: so a change of the
 * bundle can stop it, and every machine comes to the same plan.
 */
export const betteringSlices: readonly number[] = [10, 30, 60, 120];

/**
 * One class bundle in, one plan out: portions → timeline → kit → shopping → trips onto the clock → checks.
 * Pure: the same bundle gives the same plan. People and people per station are whole and at least 1; the
 * contract holds them to that.
 */
export function planClass(given: ClassBundle, options: PlanOptions = {}): ClassPlan {
  const { kitchen } = given;
  const larder = larderOf(kitchen.larder);
  const facts: ClassFacts = { ...given.class, dishes: decidedDishes(given.class, larder, kitchen.english) };
  const bundle = { ...given, class: facts };
  const portions = planPortions(bundle, larder);
  const added = withAdded(facts, larder);
  const timed = timelineInput(facts, added, kitchen, portions);
  const planned = buildTimeline({ ...timed, ...options });
  const axis = createAxis(facts.startsAt, facts.zone);
  const kit = buildKitList({
    uses: toolUses(facts, { portions, timeline: planned, larder }),
    stations: portions.stations.sizes,
    people: facts.people,
    dishes: facts.dishes,
    portions: portions.dishes,
    toolsInKitchen: kitchen.tools,
    english: kitchen.english,
    clock: (minute) => axis.local(minute).time,
    larder,
    decisions: decisionsOf(facts),
  });
  const { list, uses } = planShopping(bundle, added, { portions, timeline: planned, larder });
  const { timeline, shopping } = placeTrips({
    facts,
    kitchen,
    shopping: list,
    timeline: planned,
    uses,
    larder,
  });
  const cold = outOfCold({
    dishes: withSwaps(timed.facts.dishes),
    times: stepMinutes(timeline),
    eatenAt: timeline.eatMinute + eatMinutes,
    larder,
    profile: kitchen.safety,
    clock: (minute) => axis.local(minute).time,
  });
  return {
    portions,
    shopping,
    kit,
    timeline,
    outOfCold: cold,
    warnings: findWarnings({ facts, kitchen, portions, shopping, kit, timeline, larder, outOfCold: cold }),
    jobs: planJobs(facts, timeline),
    allergens: facts.dishes.map((dish) => ({
      dish: dish.recipe.title,
      contains: allergensByList(allergensOf(dish.recipe, larder), kitchen.allergenList),
    })),
  };
}

/** The dishes with the steps that their recipes do not spell out. */
function withAdded(facts: ClassFacts, larder: Larder): ClassDish[] {
  const { leftOut } = decisionsOf(facts);
  return facts.dishes.map((dish) => withAddedSteps(dish, larder, leftOut));
}

/** The dishes and their ready-made swaps, which stand longest. */
function withSwaps(dishes: readonly ClassDish[]): ClassDish[] {
  return dishes.flatMap((dish) =>
    dish.making?.swap
      ? [
          dish,
          {
            ...dish,
            id: `${dish.id}/swap`,
            recipe: { ...dish.recipe, title: `${dish.recipe.title}, ready-made swap` },
          },
        ]
      : [dish],
  );
}

/** What the clock is worked out from; of a tasting flight, the slowest way. */
function timelineInput(
  facts: ClassFacts,
  added: readonly ClassDish[],
  kitchen: ClassBundle['kitchen'],
  portions: PortionPlan,
): TimelineInput {
  const decisions = decisionsOf(facts);
  return {
    facts: { ...facts, dishes: added.map(slowestWay) },
    kitchen,
    stations: portions.stations,
    portions: portions.dishes,
    decisions,
    leftOut: facts.dishes.flatMap((dish) => leftOutOf(dish, larderOf(kitchen.larder), decisions.leftOut)),
  };
}

/** The timeline's part of a bundle alone, for questions about other plans of it. */
export function timelineInputOf(given: ClassBundle): TimelineInput {
  const larder = larderOf(given.kitchen.larder);
  const facts: ClassFacts = {
    ...given.class,
    dishes: decidedDishes(given.class, larder, given.kitchen.english),
  };
  return timelineInput(
    facts,
    withAdded(facts, larder),
    given.kitchen,
    planPortions({ ...given, class: facts }, larder),
  );
}

function planPortions({ class: facts, kitchen }: ClassBundle, larder: Larder): PortionPlan {
  const stations = splitStations(facts.people, facts.peoplePerStation);
  const options = {
    kitchenSystem: kitchen.system,
    english: kitchen.english,
    measuringSet: kitchen.measuringSet,
    measureBy: kitchen.measureBy,
    vessels: kitchen.vessels,
  };
  const dishes = facts.dishes.map((dish) => {
    const batches = planBatches(dish, stations, facts.people, facts.demonstrationPlates);
    return {
      ...portionRecipe(dish, batches, options, larder),
      offers: batchOffers(dish, batches, stations, facts.people),
    };
  });
  return { stations, dishes, rotation: rotationTurns(facts.dishes, stations) };
}

/**
 * What is taken out to thaw or to soften must be in the house by then, so the dishes are those with the steps
 * that the plan added.
 */
function planShopping(
  bundle: ClassBundle,
  dishes: readonly ClassDish[],
  { portions, timeline, larder }: PlanContext,
) {
  const { class: facts, kitchen } = bundle;
  const times = stepTimes(timeline);
  const classDate = facts.startsAt.slice(0, 10);
  const batches = portions.dishes.map((dish) => dish.batches);
  const own = ingredientUses(dishes, batches, larder, { times, date: classDate });
  const together = (bundle.together ?? []).filter((other) => other.id !== facts.id);
  const people = together.reduce((sum, other) => sum + other.people, facts.people);
  const list = buildShoppingList(
    [...own, ...together.flatMap((other) => usesOfClass(other, kitchen, larder))],
    {
      english: kitchen.english,
      larder,
      currency: kitchen.currency,
      hemisphere: kitchen.hemisphere,
      classDate,
      today: bundle.today,
      people,
      stock: bundle.stock,
      gifts: giftsOf(facts.dishes, batches, larder, times),
      suppliers: kitchen.suppliers,
      others: (bundle.others ?? []).filter(
        (other) => other.classId !== facts.id && !together.some((each) => each.id === other.classId),
      ),
      decisions: facts.decisions,
    },
  );
  return { list, uses: own };
}

interface PlanContext {
  readonly portions: PortionPlan;
  readonly timeline: Timeline;
  readonly larder: Larder;
}

/** When which tools are in use, where, at how many stations at once, and for which raw food. */
function toolUses(facts: ClassFacts, { portions, timeline, larder }: PlanContext): ToolUse[] {
  const steps = new Map<string, { dish: ClassDish; step: RecipeStep; raw: string[] }>(
    facts.dishes.flatMap((dish) =>
      dish.recipe.steps.map(
        (step) => [`${dish.id}/${step.id}`, { dish, step, raw: rawFood(dish, step.uses, larder) }] as const,
      ),
    ),
  );
  const entries = [...timeline.daysBefore, ...timeline.clock];
  return [
    ...otherWays(facts, portions, entries),
    ...entries.flatMap((entry): ToolUse[] => {
      const known = steps.get(entry.id.replace(/:(shown|wait)$/, '').replace('/swap/', '/'));
      // A tray stays in the oven and beans in their pot; other tools are free again when the hands are.
      const kept =
        entry.kind === 'wait'
          ? known?.step.tools.filter((tool) => waitingVessels.has(tool))
          : known?.step.tools;
      if (!known || !kept || kept.length === 0) return [];
      const atStations = entry.kind === 'students';
      return [
        {
          start: entry.start,
          end: entry.end,
          place: atStations ? 'stations' : 'demonstration bench',
          tools: kept,
          title: entry.title,
          dishId: known.dish.id,
          raw: known.raw,
          ...(atStations ? { places: stationsAtOnce(known.dish, facts.dishes, portions.stations) } : {}),
        },
      ];
    }),
  ];
}

/**
 * The clock follows the slowest way of a tasting flight; the tools of the other ways are wanted at their
 * stations in the same time.
 */
function otherWays(facts: ClassFacts, portions: PortionPlan, entries: readonly TimelineEntry[]): ToolUse[] {
  return facts.dishes
    .filter((dish) => flightOf(dish) !== null)
    .flatMap((dish) => {
      const shown = entries.filter(
        (entry) => entry.kind === 'students' && entry.id.startsWith(`${dish.id}/`),
      );
      const known = new Set(shown.map((entry) => entry.stepId));
      if (shown.length === 0) return [];
      const start = Math.min(...shown.map((entry) => entry.start));
      const end = Math.max(...shown.map((entry) => entry.end));
      return dish.recipe.steps
        .filter(
          (step) => step.when && step.place === 'in class' && !known.has(step.id) && step.tools.length > 0,
        )
        .map((step): ToolUse => {
          const places = portions.dishes
            .find(({ dishId }) => dishId === dish.id)!
            .batches.filter((batch) => batch.kind === 'stations' && batch.option === step.when!.option)
            .reduce((sum, batch) => sum + batch.count, 0);
          return {
            start,
            end,
            place: 'stations',
            places: Math.max(1, places),
            tools: step.tools,
            title: step.text,
            dishId: dish.id,
          };
        });
    });
}

function rawFood(dish: ClassDish, uses: readonly { readonly line: string }[], larder: Larder): string[] {
  const lines = dish.recipe.lines.filter((line) => uses.some((use) => use.line === line.id));
  return lines
    .flatMap((line) => findIngredient(larder, line.ingredient) ?? [])
    .filter(isRawProtein)
    .map((ingredient) => ingredient.names.uk);
}

const waitingVessels = new Set([
  'oven tray',
  'saucepan',
  'large pot',
  'frying pan',
  'storage box',
  'griddle pan',
]);
