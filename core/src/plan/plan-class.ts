import { buildKitList, type ToolUse } from '../kit/index.js';
import { allergensByList, larderOf, type Larder } from '../larder/index.js';
import { planBatches, portionRecipe, splitStations, type PortionPlan } from '../portions/index.js';
import { applyChoices } from '../recipes/index.js';
import { buildShoppingList } from '../shopping/index.js';
import { buildTimeline } from '../timeline/timeline.js';
import { createAxis } from '../timeline/axis.js';
import type { Timeline } from '../timeline/types.js';
import { allergensOf, findWarnings } from './checks.js';
import { planJobs } from './jobs.js';
import type { ClassBundle, ClassFacts, ClassPlan } from './types.js';
import { ingredientUses } from './uses.js';

/**
 * One class bundle in, one plan out: portions → timeline → kit → shopping → checks. Pure: the same bundle gives the
 * same plan. People and people per station are whole and at least 1; the contract holds them to that.
 */
export function planClass(given: ClassBundle): ClassPlan {
  const bundle = { ...given, class: { ...given.class, dishes: given.class.dishes.map((dish) => ({ ...dish, recipe: applyChoices(dish.recipe, dish.choices) })) } };
  const { class: facts, kitchen } = bundle;
  const larder = larderOf(kitchen.larder);
  const portions = planPortions(bundle, larder);
  const timeline = buildTimeline({ facts, kitchen, stations: portions.stations, portions: portions.dishes });
  const axis = createAxis(facts.startsAt, facts.zone);
  const kit = buildKitList({
    uses: toolUses(facts, timeline), stations: portions.stations.sizes, people: facts.people, dishes: facts.dishes, portions: portions.dishes,
    toolsInKitchen: kitchen.tools, english: kitchen.english, clock: (minute) => axis.local(minute).time, larder,
  });
  const shopping = buildShoppingList(ingredientUses(facts.dishes, portions.dishes), { english: kitchen.english, larder });
  return {
    portions, shopping, kit, timeline,
    warnings: findWarnings({ facts, shopping, kit, timeline, larder }),
    jobs: planJobs(facts, shopping, timeline),
    allergens: facts.dishes.map((dish) => ({ dish: dish.recipe.title, contains: allergensByList(allergensOf(dish.recipe, larder), kitchen.allergenList) })),
  };
}

function planPortions({ class: facts, kitchen }: ClassBundle, larder: Larder): PortionPlan {
  const stations = splitStations(facts.people, facts.peoplePerStation);
  const options = { kitchenSystem: kitchen.system, english: kitchen.english };
  return { stations, dishes: facts.dishes.map((dish) => portionRecipe(dish, planBatches(dish, stations, facts.people, facts.demonstrationPlates), options, larder)) };
}

function toolUses(facts: ClassFacts, timeline: Timeline): ToolUse[] {
  const tools = new Map<string, readonly string[]>();
  for (const dish of facts.dishes) for (const step of dish.recipe.steps) tools.set(`${dish.id}/${step.id}`, step.tools);
  return [...timeline.daysBefore, ...timeline.clock].flatMap((entry): ToolUse[] => {
    const used = tools.get(entry.id.replace(/:(shown|wait)$/, ''));
    // A tray stays in the oven and beans in their pot; other tools are free again when the hands are.
    const kept = entry.kind === 'wait' ? used?.filter((tool) => waitingVessels.has(tool)) : used;
    if (!kept || kept.length === 0) return [];
    return [{ start: entry.start, end: entry.end, place: entry.kind === 'students' ? 'stations' : 'demonstration bench', tools: kept, title: entry.title }];
  });
}

const waitingVessels = new Set(['oven tray', 'saucepan', 'large pot', 'frying pan', 'storage box', 'griddle pan']);
