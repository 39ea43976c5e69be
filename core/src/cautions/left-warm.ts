import { family, type Ingredient, keepingOf } from '../larder/index.js';
import { actsOf, type RecipeStep, saying, textSays, wasDone } from '../recipes/index.js';
import { safetyFigures } from '../safety/index.js';
import { type FoodLine, follow, heats, linesWhere, stepsOf, theFoodIs, usesLine } from './reading.js';
import type { Found, Judged, Rule } from './types.js';

const day = 1440;
/** What "overnight" and "until tomorrow" are at least, where no minutes are read from them. */
const overnightMinutes = 480;
/** Where a profile gives no figure, the stricter of what is advised. */
const strictOutMinutes = 120;

const outOfTheCold = textSays('cupboard', 'counter', 'left out', 'kept warm');
const keptHot = textSays('kept warm');
/** A place that is named: "overnight" alone says none. */
const inTheCold = saying('fridge', 'freezer', 'ice water');
const saysOil = saying('oil');
const untilAnotherDay = textSays('until another day');
const forWeeks = textSays('for weeks');
const inGlass = textSays('kept glass');
const starch = family('cooked starch');
const eggs = family('eggs');
const asInOil = family('in oil like herbs');
const sour = family('sour');
const oils = family('oils');
const isDriedFood = textSays('dry');
const wasCooked = wasDone('boil', 'hard-boil', 'soft-boil', 'roast', 'cook');

/** Food that is unsafe out of the cold: what is bought cold or raw, eggs, and starch once it is cooked. */
function isPerishable(judged: Judged, { line, food }: FoodLine, step: RecipeStep): boolean {
  if (food.cautions.includes('raw-protein') || food.section === 'fish and meat' || eggs.has(food))
    return true;
  if (food.cautions.includes('keep-cold') && food.section !== 'vegetables') return true;
  return (
    (starch.has(food) || food.cautions.includes('cool-fast')) && isCookedBy(judged, { line, food }, step)
  );
}

/** Whether a line is cooked when a step begins. */
function isCookedBy(judged: Judged, { line }: FoodLine, step: RecipeStep): boolean {
  const before = stepsOf(judged, line);
  const at = judged.recipe.steps.findIndex(({ id }) => id === step.id);
  return (
    line.preparation.includes('cooked') ||
    wasCooked(line) ||
    before.some((each) => heats(each) && judged.recipe.steps.indexOf(each) <= at)
  );
}

/** For how many minutes a step leaves or keeps food as it says. */
function minutesOf(step: RecipeStep): number {
  const kept = Math.max(
    0,
    ...actsOf(step).map(({ keeps, minutes }) => Math.max(keeps ?? 0, minutes?.high ?? 0)),
  );
  const said = forWeeks(step.text) ? day : untilAnotherDay(step.text) ? overnightMinutes : 0;
  return Math.max(said, kept, step.waitMinutes?.low ?? 0, step.holdMinutes ?? 0);
}

/** Steps that leave food where it is warm, longer than a profile allows. */
function warmSteps({ recipe, profile }: Judged): RecipeStep[] {
  const { coldOutMinutes } = safetyFigures(profile);
  const most = coldOutMinutes ?? strictOutMinutes;
  return recipe.steps.filter((step) => outOfTheCold(step.text) && !inTheCold(step) && minutesOf(step) > most);
}

function leftWarm(judged: Judged): Found[] {
  return warmSteps(judged).flatMap((step) =>
    linesWhere(judged, () => true)
      .filter(({ line }) => stepsOf(judged, line).includes(step) || usesLine(step, line.id))
      .filter((each) => isPerishable(judged, each, step))
      .slice(0, 1)
      .map(({ line }) => ({
        stepId: step.id,
        sentence: `${theFoodIs(line)} left warm for too long`,
        remedy: keptHot(step.text)
          ? `Keep it ${hotWords(judged)} by a probe, or cool it fast and heat it again. ${follow}`
          : `Cool it fast and shallow and keep it in the fridge; throw away what stood out. ${follow}`,
      })),
  );
}

/** "at 63 °C or over", by the kitchen's profile. */
function hotWords({ profile }: Judged): string {
  const { hotCelsius } = safetyFigures(profile);
  return hotCelsius === null ? 'as hot as your local food code wants it' : `at ${hotCelsius} °C or over`;
}

/** Days that cooked starch keeps cold. */
const coldDays = (food: Ingredient) => (keepingOf(food, 'cooked')?.minutes ?? day) / day;

function keptColdTooLong(judged: Judged): Found[] {
  return linesWhere(judged, ({ food }) => starch.has(food) && food.section !== 'tins and jars').flatMap(
    (each) =>
      stepsOf(judged, each.line)
        .filter((step) => !heats(step) && isCookedBy(judged, each, step))
        .filter((step) => minutesOf(step) > coldDays(each.food) * day && !outOfTheCold(step.text))
        .slice(0, 1)
        .map((step) => ({
          stepId: step.id,
          sentence: `${theFoodIs(each.line)} cooked and kept for more than ${coldDays(each.food)} days`,
          remedy: `Cook it nearer to the class; cold, it keeps about ${coldDays(each.food)} days. ${follow}`,
        })),
  );
}

/** Fresh vegetables under oil are as dangerous as herbs in it. */
function vegetablesInOil(judged: Judged): Found[] {
  const { recipe } = judged;
  if (linesWhere(judged, ({ food }) => oils.has(food)).length === 0) return [];
  return linesWhere(judged, ({ line, food }) => asInOil.has(food) && !isDriedFood(line.text)).flatMap(
    ({ line }) =>
      recipe.steps
        .filter((step) => stepsOf(judged, line).includes(step) && saysOil(step))
        .filter((step) => outOfTheCold(step.text) && minutesOf(step) >= day)
        .slice(0, 1)
        .map((step) => ({
          stepId: step.id,
          sentence: `${theFoodIs(line)} kept in oil out of the cold`,
          remedy: `Keep it cold and use it within days: without air, poison can form in it. ${follow}`,
        })),
  );
}

/** A jar on the shelf without acid keeps nothing safe. */
function keptInGlass(judged: Judged): Found[] {
  if (linesWhere(judged, ({ food }) => sour.has(food)).length > 0) return [];
  return judged.recipe.steps
    .filter((step) => inGlass(step.text) && outOfTheCold(step.text) && minutesOf(step) >= day)
    .filter((step) =>
      linesWhere(judged, isFreshFood).some(({ line }) => stepsOf(judged, line).includes(step)),
    )
    .slice(0, 1)
    .map((step) => ({
      stepId: step.id,
      sentence: 'food is kept in a jar without acid or salt enough to preserve it',
      remedy: `Keep it in the fridge and eat it soon, or follow a tested recipe for preserving. ${follow}`,
    }));
}

const fresh: ReadonlySet<string> = new Set(['vegetables', 'fruit', 'salad and herbs', 'fish and meat']);
const isFreshFood = ({ food }: FoodLine) => fresh.has(food.section);

/** Food that stands where bacteria grow. */
export const leftWarmRules: readonly Rule[] = [
  { id: 'left-warm', severity: 'harm', source: 'general advice', note: 'chill-and-store', find: leftWarm },
  {
    id: 'kept-cold-long',
    severity: 'harm',
    source: 'general advice',
    note: 'chill-and-store',
    find: keptColdTooLong,
  },
  { id: 'vegetables-in-oil', severity: 'harm', source: 'general advice', note: null, find: vegetablesInOil },
  { id: 'kept-in-glass', severity: 'harm', source: 'general advice', note: null, find: keptInGlass },
];
