import { toFraction, toNumber, toRational } from '../amounts/index.js';
import { lookUp } from '../identity/index.js';
import type { Larder } from '../larder/index.js';
import { applyChoices, type Recipe, recipeMinutes, recognised, withoutCircles } from '../recipes/index.js';
import { withAlternatives } from './alternatives.js';
import { decisionsOf, type ShoppingDecisions } from './decisions.js';
import { type ClassDish, type DecidedDish, flightOf, type TimedDish, type WholeDish } from './dish.js';
import type { ClassFacts } from './facts.js';
import type { KitchenFacts } from './kitchen.js';
import { applyKitDecisions } from './kit-decisions.js';
import { withLongWaits } from './long-waits.js';
import { ovenSettings, withOvenSettings } from './oven-settings.js';
import { splitStations } from './stations.js';
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
  const stations = splitStations(facts.people, facts.peoplePerStation).sizes.length;
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
    return withLongWaits(made, { lengthMinutes: facts.lengthMinutes, when: decisions.when });
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
  return applyChoices(inOrder(recognised(dish.recipe, larder)), dish.choices, flightOf(dish)?.id ?? null);
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
  return { ...(dish as ClassDish), recipe: slowest } as TimedDish;
}
