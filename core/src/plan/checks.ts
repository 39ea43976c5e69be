import { showRational } from '../amounts/index.js';
import { type CautionFinding, findCautions } from '../cautions/index.js';
import { applianceTool, type ClassFacts, type SafetyProfile } from '../class/index.js';
import { type DishId, cacheByOwner, stepKey } from '../identity/index.js';
import type { KitList, KitShortage } from '../kit/index.js';
import type { Larder } from '../larder/index.js';
import type { PortionPlan } from '../portions/index.js';
import { groupWordsOf, isOnlyFoodOpen, looseEnds, type Recipe, stepCircle } from '../recipes/index.js';
import type { ShoppingList } from '../shopping/index.js';
import { listed, money, quotedList } from '../words/index.js';
import { roomWarnings } from './kitchen-checks.js';
import { coldWarnings, timelineWarnings } from './timeline-checks.js';
import type { ToCheck } from './to-check.js';
import type { PlanWarning } from './types.js';

/** Every check with a reason, a place and a remedy. */
export function findWarnings(given: ToCheck): PlanWarning[] {
  return [
    ...menuWarnings(given),
    ...leftToItWarnings(given.facts),
    ...roomWarnings(given),
    ...portionWarnings(given.portions),
    ...timelineWarnings(given.timeline),
    ...coldWarnings(given),
    ...kitWarnings(given.kit),
    ...shoppingWarnings(given.shopping),
  ];
}

/** What waits for this class from the one before it in its course. */
function leftToItWarnings({ leftToIt = [] }: ClassFacts): PlanWarning[] {
  return leftToIt.map(({ dishTitle, classTitle }, index) => ({
    id: `left-to-it:${index}`,
    place: 'people',
    level: 'look',
    sentence: `“${dishTitle}” from “${classTitle}” is finished and eaten in this class`,
    remedy: 'Take it out, taste and season it, and count it with what there is to eat.',
  }));
}

const cautionsFound = cacheByOwner<Recipe, CautionFinding[]>();

/** Mistakes that practitioners know, before they happen. */
function cautionWarnings(
  id: DishId,
  recipe: Recipe,
  by: { readonly larder: Larder; readonly profile: SafetyProfile },
): PlanWarning[] {
  const all = cautionsFound(recipe, [id, by.larder, by.profile], () => findCautions(id, { recipe, ...by }));
  return all.map(({ id: found, severity, sentence, remedy, stepId, note, source, swap }) => ({
    id: `caution:${found}`,
    place: 'people',
    level: severity === 'harm' ? 'harm' : 'look',
    sentence: `“${recipe.title}”: ${sentence}`,
    remedy,
    ...(stepId === null ? {} : { step: stepKey(id, stepId) }),
    ...(note === null ? {} : { note }),
    ...(swap ? { swap } : {}),
    source,
  }));
}

function menuWarnings({ dishes, larder, kitchen }: ToCheck): PlanWarning[] {
  const empty: PlanWarning[] =
    dishes.length === 0
      ? [
          {
            id: 'no-dishes',
            place: 'people',
            level: 'look',
            sentence: 'No dishes are chosen yet',
            remedy: 'Add a dish from the library.',
          },
        ]
      : [];
  return [
    ...empty,
    ...dishes.flatMap(({ id, decided, given }) => [
      ...circleWarnings(id, given.recipe),
      ...recipeWarnings(id, decided.recipe, larder),
      ...cautionWarnings(id, decided.recipe, { larder, profile: kitchen.safety }),
    ]),
  ];
}

/** Of older recipes: what is saved now has none. */
function circleWarnings(dishId: string, { title, steps }: Recipe): PlanWarning[] {
  const circle = stepCircle(steps);
  if (!circle) return [];
  const texts = circle.map((id) => steps.find((step) => step.id === id)!.text);
  return [
    {
      id: `${dishId}:circle`,
      place: 'portions',
      level: 'look',
      sentence: `Steps of “${title}” come after each other in a circle: ${quotedList(texts, 4)}`,
      remedy: 'Say in the recipe which comes first. Here the last of them was let go.',
    },
  ];
}

function recipeWarnings(dishId: string, recipe: Recipe, larder: Larder): PlanWarning[] {
  const warnings: PlanWarning[] = [];
  const look = (id: string, sentence: string, remedy: string) =>
    warnings.push({ id: `${dishId}:${id}`, place: 'portions', level: 'look', sentence, remedy });
  if (recipe.lines.length === 0)
    look('no-lines', `“${recipe.title}” has no ingredient lines`, 'Add its lines in the recipe.');
  if (recipe.steps.length === 0)
    look(
      'no-steps',
      `“${recipe.title}” has no steps, so it takes no time in the plan`,
      'Add its steps in the recipe.',
    );
  const { unused, unlisted, partly } = looseEnds(recipe, larder);
  if (unused.length > 0)
    look(
      'unused',
      `No step of “${recipe.title}” uses ${listed(unused, 4)}`,
      'Name it in a step, or take the line out.',
    );
  if (partly.length > 0)
    look(
      'partly',
      `Steps of “${recipe.title}” leave some over: ` +
        `${listed(
          partly.map(({ name, left }) => `${showRational(left)} of ${name}`),
          4,
        )}`,
      'Say in a step where the rest goes.',
    );
  if (unlisted.length > 0)
    look(
      'unlisted',
      `Steps of “${recipe.title}” name what no line has: ${listed(unlisted, 4)}`,
      'Add a line for it, or take it out of the step.',
    );
  // What the shopper chooses, and a food that nobody knows, are asked about by themselves.
  const unread = recipe.lines
    .filter((line) => line.confidence < 0.6 && !groupWordsOf(line.note) && !isOnlyFoodOpen(line))
    .map((line) => `“${line.text}”`);
  if (unread.length > 0)
    look(
      'unread',
      `“${recipe.title}” has lines that were not understood: ${listed(unread, 4)}`,
      'Correct them in the recipe.',
    );
  return warnings;
}

/** Batches that fall short, and what does not fit into its vessel. */
function portionWarnings(portions: PortionPlan): PlanWarning[] {
  const look = (id: string, sentence: string, remedy: string): PlanWarning => ({
    id,
    place: 'portions',
    level: 'look',
    sentence,
    remedy,
  });
  return portions.dishes.flatMap((dish) => [
    ...dish.batches
      .filter((batch) => batch.over < -0.005)
      .map((batch) =>
        look(
          `${batch.id}:short`,
          `“${dish.title}” falls short by ` +
            `${Math.round(-batch.over * 100)} % at ${batch.heading.toLowerCase()}`,
          'Within 5 % is served a little smaller; choose a larger portion if that is too little.',
        ),
      ),
    ...fitWarnings(dish).map(({ id, sentence }) =>
      look(
        id,
        sentence,
        'Choose a larger vessel in the kitchen, or work in rounds: the plan allows time for them.',
      ),
    ),
  ]);
}

/** The same problem at several batches is said once, for the fullest. */
function fitWarnings(dish: PortionPlan['dishes'][number]): { id: string; sentence: string }[] {
  const worst = new Map<string, PortionPlan['dishes'][number]['fits'][number]>();
  for (const fit of dish.fits) {
    const known = worst.get(fit.stepId);
    if (fit.problem && (!known || fit.food > known.food)) worst.set(fit.stepId, fit);
  }
  return [...worst.values()].map((fit) => ({
    id: `${dish.dishId}:fit:${fit.stepId}`,
    sentence:
      `“${dish.title}”, ${fit.heading.toLowerCase()}: ` +
      `${fit.problem.charAt(0).toLowerCase()}${fit.problem.slice(1)}`,
  }));
}

function kitWarnings(kit: KitList): PlanWarning[] {
  return kit.shortages.map((shortage) => {
    const isAppliance = shortage.id === applianceTool(shortage.tool);
    return {
      id: isAppliance ? shortage.id : `short:${shortage.tool}`,
      place: 'kit',
      level: 'clash',
      sentence: shortage.sentence,
      remedy: kitRemedy(shortage, isAppliance),
    };
  });
}

function kitRemedy({ waysOut, needed, inKitchen }: KitShortage, isAppliance: boolean): string {
  if (!isAppliance)
    return waysOut.length > 0 ? 'Take one of the ways out below.' : `Borrow ${needed - inKitchen} more.`;
  return waysOut.length > 0
    ? 'Take another way to cook it on Pack, or write it down in the kitchen where there is one.'
    : 'Write it down in the kitchen where there is one; else choose another way to cook it.';
}

function shoppingWarnings(shopping: ShoppingList): PlanWarning[] {
  const notKnown = shopping.rows.filter((row) => !row.inLarder);
  const unknown = notKnown.filter(({ group }) => group === '').map((row) => row.name);
  const open = notKnown.filter(({ group }) => group !== '').map(({ name, group }) => `${name}, ${group}`);
  const unsummed = shopping.rows.filter((row) => row.isPartial).map((row) => row.name);
  const warnings: PlanWarning[] = [];
  if (unknown.length > 0)
    warnings.push({
      id: 'unknown',
      place: 'shopping',
      level: 'look',
      sentence: `Not in the larder: ${listed(unknown, 4)}`,
      remedy: 'Listed as written, without converting anything.',
    });
  if (open.length > 0)
    warnings.push({
      id: 'open',
      place: 'shopping',
      level: 'look',
      sentence: `Left open: ${listed(open, 4)}`,
      remedy: 'Choose what fills it, so that its allergens and its price are known.',
    });
  const { cost } = shopping;
  if (cost.budget !== null && cost.total > cost.budget) {
    const dear = [...shopping.rows]
      .sort((a, b) => (b.cost ?? 0) - (a.cost ?? 0))
      .slice(0, 3)
      .map((row) => row.name);
    warnings.push({
      id: 'budget',
      place: 'shopping',
      level: 'clash',
      sentence: `Over the budget by about ${money(cost.total - cost.budget, cost.currency)}`,
      remedy: `Most goes on ${listed(dear, 4)}.`,
    });
  }
  if (unsummed.length > 0)
    warnings.push({
      id: 'unsummed',
      place: 'shopping',
      level: 'look',
      sentence: `Not all added up: ${listed(unsummed, 4)}`,
      remedy: 'Weigh one once, and write the recipe by weight.',
    });
  return warnings;
}
