import { toFraction, toNumber, toRational } from '../amounts/index.js';
import { lookUp, plainId } from '../identity/index.js';
import type { Larder } from '../larder/index.js';
import {
  applyChoices,
  type Recipe,
  recipeMinutes,
  type RecipeStep,
  recognised,
  withoutCircles,
  withSettled,
  actsForLines,
} from '../recipes/index.js';
import { withAlternatives } from './alternatives.js';
import { decisionsOf, type ShoppingDecisions } from './decisions.js';
import {
  type ClassDish,
  type DecidedDish,
  flightOf,
  isByStation,
  type TimedDish,
  type WholeDish,
} from './dish.js';
import type { ClassFacts } from './facts.js';
import type { KitchenFacts } from './kitchen.js';
import { applyKitDecisions } from './kit-decisions.js';
import { withLongWaits } from './long-waits.js';
import { ovenSettings, withOvenSettings } from './oven-settings.js';
import { stationsOf } from './stations.js';
import { variantsOfStations, withStationVariants } from './station-variants.js';
import { withSubstitute } from './substitute.js';

/**
 * The dishes of a class as they will be made: choices taken, substitutes in place, optional things left out,
 * tools as decided, ovens at what they are really set to.
 */
export function decidedDishes(
  facts: ClassFacts,
  larder: Larder,
  kitchen: Pick<KitchenFacts, 'english' | 'appliances'>,
): DecidedDish[] {
  const { english } = kitchen;
  const decisions = decisionsOf(facts);
  const stations = stationsOf(facts).sizes.length;
  const dishes = facts.dishes.map((dish) => {
    const chosen = withAlternatives(
      chosenRecipe(dish, larder),
      dish.id,
      decisions.alternatives,
      larder,
      english,
    );
    const recipe = Object.entries(decisions.substitutes).reduce(
      (each, [missing, taken]) => withSubstituteOf(each, missing, taken),
      madeDo(withoutSkipped(chosen, decisions), decisions),
    );
    const places = dish.maker === 'demonstration' || dish.maker === 'made ahead' ? 1 : stations;
    const made = { ...dish, recipe: applyKitDecisions(recipe, decisions.kit, places) };
    const timed = withLongWaits(made, { lengthMinutes: facts.lengthMinutes, when: decisions.when });
    return withStationVariants(timed, larder, english);
  });
  const settings = ovenSettings(
    dishes.map(({ recipe }) => recipe),
    kitchen,
  );
  return dishes.map((dish) => ({ ...dish, recipe: withOvenSettings(dish.recipe, settings) }) as DecidedDish);

  function withSubstituteOf(recipe: Recipe, missing: string, taken: string): Recipe {
    return withSubstitute(recipe, missing, taken, larder, english);
  }
}

/** The recipe of a dish as the larder reads it, with its choices made and nothing decided about its lines. */
export function chosenRecipe(dish: ClassDish, larder: Larder): Recipe {
  const dealt = flightOf(dish)?.id ?? null;
  return withSettled(applyChoices(inOrder(recognised(dish.recipe, larder)), dish.choices, dealt), dealt);
}

/** No step waits for itself. The recipe itself where none does. */
function inOrder(recipe: Recipe): Recipe {
  const steps = withoutCircles(recipe.steps);
  return steps === recipe.steps ? recipe : { ...recipe, steps };
}

/** Optional lines whose ingredient is skipped fall out, and out of the steps that used them. */
function withoutSkipped(recipe: Recipe, { skipped }: ShoppingDecisions): Recipe {
  const out = new Set(
    recipe.lines
      .filter((line) => line.optional && line.ingredient !== null && skipped.includes(line.ingredient))
      .map((line) => line.id),
  );
  if (out.size === 0) return recipe;
  return {
    ...recipe,
    lines: recipe.lines.filter((line) => !out.has(line.id)),
    steps: recipe.steps.map((step) => ({ ...step, uses: step.uses.filter((use) => !out.has(use.line)) })),
  };
}

/** Making do with what a pack holds lowers every line of the ingredient by as much. */
function madeDo(recipe: Recipe, decisions: ShoppingDecisions): Recipe {
  if (Object.keys(decisions.madeDo).length === 0) return recipe;
  return {
    ...recipe,
    lines: recipe.lines.map((line) => {
      const share = line.ingredient === null ? undefined : lookUp(decisions.madeDo, line.ingredient);
      if (!share || !line.amount || toNumber(share) < 0.98 || toNumber(share) >= 1) return line;
      const lowered = (end: string) => toRational(toFraction(end).mul(toFraction(share)));
      return { ...line, amount: { low: lowered(line.amount.low), high: lowered(line.amount.high) } };
    }),
  };
}

/**
 * The dish as the clock sees it: of a tasting flight, the way that takes the most work, as the slowest sets
 * the end.
 */
export function slowestWay(dish: WholeDish): TimedDish {
  const flight = flightOf(dish);
  if (!flight) return dish as ClassDish as TimedDish;
  const ways = flight.options.map(({ id }) =>
    applyChoices(dish.recipe, { ...dish.choices, [flight.id]: id }),
  );
  const slowest = ways.reduce((best, each) =>
    recipeMinutes(each).handsOn > recipeMinutes(best).handsOn ? each : best,
  );
  const recipe = isByStation(dish) ? withPlainIds(slowest, dish) : slowest;
  return { ...(dish as ClassDish), recipe } as TimedDish;
}

/** On the clock a step goes by one name, whichever station sets its end. */
function withPlainIds(
  recipe: Recipe,
  { making, recipe: whole }: Pick<ClassDish, 'making' | 'recipe'>,
): Recipe {
  const isOwn = (id: string) => plainId(id) !== id;
  if (!whole.steps.some(({ id }) => isOwn(id))) return recipe;
  const ways = variantsOfStations(making ?? {});
  const otherWays = (step: RecipeStep) =>
    whole.steps
      .filter((each) => isOwn(each.id) && each.id !== step.id && plainId(each.id) === plainId(step.id))
      .map(({ when, text }) => ({
        stations: ways.find(({ option }) => option === when?.option)?.stations ?? [],
        text,
      }));
  return {
    ...recipe,
    lines: recipe.lines.map((line) => ({ ...line, id: plainId(line.id) })),
    steps: recipe.steps.map((step) => ({
      ...step,
      ownWays: otherWays(step),
      id: plainId(step.id),
      after: step.after.map(plainId),
      uses: step.uses.map((use) => ({ ...use, line: plainId(use.line) })),
      ...actsForLines(step, plainId),
    })),
  };
}
