import { type Amount, convert, type Rational, toFraction, toRational } from '../amounts/index.js';
import type { ClassDish } from '../class/index.js';
import { isOfStep, type LocalDate, stepKey, type StepKey, stepKeyOf } from '../identity/index.js';
import {
  type Allergen,
  conversionFacts,
  findIngredient,
  type Ingredient,
  isRawProtein,
  type Larder,
} from '../larder/index.js';
import {
  type Batch,
  type Fills,
  fillsFor,
  fillsOf,
  makesLine,
  makesStep,
  scaleLine,
  type VesselFit,
} from '../portions/index.js';
import { dippersOf, groupWordsOf, pieceSizeOf, type RecipeLine, type RecipeStep } from '../recipes/index.js';
import type { StepMinutes } from '../safety/index.js';
import {
  asPurchased,
  type Gift,
  type IngredientUse,
  inShoppingUnit,
  type PurchasedUse,
} from '../shopping/index.js';
import type { Timeline } from '../timeline/index.js';

/** When each step of each dish is done, shown and waited for: minutes of the plan and the day it begins. */
export type StepTimes = ReadonlyMap<
  StepKey,
  { readonly start: number; readonly end: number; readonly date: LocalDate }
>;

export function stepTimes(timeline: Timeline): StepTimes {
  const times = new Map<StepKey, { start: number; end: number; date: LocalDate }>();
  for (const { ref, start, end, localDate } of [...timeline.daysBefore, ...timeline.clock]) {
    const key = stepKeyOf(ref);
    if (key === null || ref.ofSwap || !isOfStep(ref)) continue;
    const known = times.get(key);
    times.set(key, {
      start: Math.min(known?.start ?? start, start),
      end: Math.max(known?.end ?? end, end),
      date: known && known.start <= start ? known.date : localDate,
    });
  }
  return times;
}

/** When the hands of each step, of a dish or of its swap, are at work and when its wait is over. */
export function stepMinutes(timeline: Timeline, ofSwap: boolean): ReadonlyMap<StepKey, StepMinutes> {
  const entries = [...timeline.daysBefore, ...timeline.clock].filter(({ ref }) => ref.ofSwap === ofSwap);
  const waits = new Map(
    entries.filter(({ ref }) => ref.role === 'wait').map(({ ref, end }) => [stepKeyOf(ref), end]),
  );
  return new Map(
    entries.flatMap(({ ref, start, end }) => {
      const key = ref.role === 'hands' ? stepKeyOf(ref) : null;
      return key ? [[key, { start, handsEnd: end, end: waits.get(key) ?? end }] as const] : [];
    }),
  );
}

const noTimes: StepTimes = new Map();

/** A dish with its batches, and what people may be allergic to in it. */
export interface MadeDish {
  readonly dish: ClassDish;
  readonly batches: readonly Batch[];
  /** What each step is done in: lines that go by the vessel are wanted as often as it is filled. */
  readonly fits: readonly VesselFit[];
  readonly allergens: readonly Allergen[];
}

/** What every batch uses of every line. Water from the tap falls out in the shopping list itself. */
export function ingredientUses(
  made: readonly MadeDish[],
  context: { times?: StepTimes; date: LocalDate; title?: string; larder: Larder },
): IngredientUse[] {
  return made.flatMap(({ dish, batches, fits, allergens }) => {
    const fills = fillsOf(dish.recipe, fits);
    const dippers = dippersOf(dish.recipe, context.larder);
    return dish.recipe.lines.flatMap((line) => {
      const when = timeOfLine(dish, line, context.times ?? noTimes);
      return batches
        .filter((batch) => makesLine(batch, line))
        .map((batch) =>
          useOf(dish, line, batch, {
            fills,
            allergens,
            minute: when?.start,
            date: when?.date ?? context.date,
            title: context.title,
            dippers: dippers.includes(line) ? dippers.length : 0,
          }),
        );
    });
  });
}

function timeOfLine(
  dish: ClassDish,
  line: RecipeLine,
  times: StepTimes,
): { start: number; end: number; date: LocalDate } | undefined {
  const found = dish.recipe.steps
    .filter((step) => step.uses.some((use) => use.line === line.id))
    .flatMap((step) => times.get(stepKey(dish.id, step.id)) ?? []);
  return found.sort((a, b) => a.start - b.start)[0];
}

interface UseContext {
  readonly fills: Fills;
  readonly allergens: readonly Allergen[];
  readonly minute: number | undefined;
  readonly date: LocalDate;
  readonly title: string | undefined;
  readonly dippers: number;
}

function useOf(
  dish: ClassDish,
  line: RecipeLine,
  batch: Batch,
  { fills, allergens, minute, date, title, dippers }: UseContext,
): IngredientUse {
  return Object.assign(lineUse(dish, line, batch, fills), {
    dishTitle: title ? `${title}: ${dish.recipe.title}` : dish.recipe.title,
    date,
    dishAllergens: allergens,
    minute,
    dippers,
  });
}

/** What a batch uses of a line, whenever that is. */
function lineUse(dish: ClassDish, line: RecipeLine, batch: Batch, fills: Fills): PurchasedUse {
  return {
    dishId: dish.id,
    dishTitle: dish.recipe.title,
    where: batch.heading.toLowerCase(),
    count: batch.count,
    name: line.name,
    ingredient: line.ingredient,
    amount: withKeptBack(scaleLine(line, batch.factor, fillsFor(fills, line, batch)), line, batch),
    pack: line.pack,
    preparation: line.preparation,
    basis: line.basis,
    size: pieceSizeOf(line.note),
    part: line.byProducts,
    optional: line.optional,
    group: groupWordsOf(line.note),
    system: dish.recipe.system,
    scaling: line.scaling,
    plates: batch.people.high * batch.count,
  };
}

/** "3 tbsp, plus 1 tbsp for the top": both are bought. A part in another unit is left to the eye. */
function withKeptBack(amount: Amount | null, line: RecipeLine, batch: Batch): Amount | null {
  const kept = line.keptBack?.amount;
  if (!amount || !kept || kept.unit !== amount.unit) return amount;
  const more = toFraction(kept.high).mul(toFraction(batch.factor));
  return {
    ...amount,
    low: toRational(toFraction(amount.low).add(more)),
    high: toRational(toFraction(amount.high).add(more)),
  };
}

/**
 * What steps leave for others: what a recipe says of a step, and what draining a jar or rendering bacon
 * always leaves.
 */
export function giftsOf(made: readonly MadeDish[], larder: Larder, times: StepTimes): Gift[] {
  return made.flatMap(({ dish, batches, fits }) => [
    ...dish.recipe.steps.flatMap((step) =>
      (step.gives ?? []).flatMap((gift) => stepGift(dish, step, { gift, batches, larder, times })),
    ),
    ...dish.recipe.lines.flatMap((line) =>
      leftFromLine(dish, line, { batches, larder, times, fills: fillsOf(dish.recipe, fits) }),
    ),
  ]);
}

interface GiftContext {
  readonly batches: readonly Batch[];
  readonly larder: Larder;
  readonly times: StepTimes;
}

function stepGift(
  dish: ClassDish,
  step: RecipeStep,
  { gift, batches, larder, times }: GiftContext & { gift: NonNullable<RecipeStep['gives']>[number] },
): Gift[] {
  const product = findIngredient(larder, gift.ingredient);
  // The juice in what is left of fruit in fillets is counted with its pieces.
  if (product?.byProducts) return [];
  const once = product && inShoppingUnit(gift.amount, product);
  if (!product || !once) return [];
  const factors = batches
    .filter((batch) => makesStep(batch, step))
    .reduce((sum, batch) => sum.add(toFraction(batch.factor).mul(batch.count)), toFraction('0'));
  const lines = dish.recipe.lines
    .filter((line) => step.uses.some((use) => use.line === line.id))
    .flatMap((line) => findIngredient(larder, line.ingredient) ?? []);
  return [
    {
      dishTitle: dish.recipe.title,
      ingredient: product.id,
      amount: toRational(toFraction(once).mul(factors)),
      minute: times.get(stepKey(dish.id, step.id))?.end ?? null,
      keepsDays: keepsOf(product),
      allergens: [...new Set(lines.flatMap((each) => each.allergens))],
      isRaw: step.occupies === null && lines.some(isRawProtein),
      words: gift.text,
    },
  ];
}

const cooking = /\b(?:crisp|render|fry|cook|roast)/i;

function leftFromLine(
  dish: ClassDish,
  line: RecipeLine,
  { batches, larder, times, fills }: GiftContext & { fills: Fills },
): Gift[] {
  const ingredient = findIngredient(larder, line.ingredient);
  const using = dish.recipe.steps.filter((step) => step.uses.some((use) => use.line === line.id));
  const isSaid = (product: string) =>
    dish.recipe.steps.some((step) => step.gives?.some((gift) => gift.ingredient === product));
  return (ingredient?.leaves ?? []).flatMap((left): Gift[] => {
    if (isSaid(left.product)) return [];
    const product = larder.ingredients.get(left.product);
    const happens =
      left.when === 'drained'
        ? line.preparation.includes('drained') || line.basis === 'edible'
        : line.preparation.includes('cooked') || using.some((step) => cooking.test(step.text));
    const grams = happens ? gramsBought(dish, line, ingredient!, { batches, fills }) : null;
    const millilitres =
      product && grams
        ? convert({ low: grams, high: grams, unit: 'g' }, 'ml', conversionFacts(product, []), 'metric')
        : null;
    if (!product || !millilitres?.ok) return [];
    const end = using
      .flatMap((step) => times.get(stepKey(dish.id, step.id))?.end ?? [])
      .sort((a, b) => a - b)[0];
    return [
      {
        dishTitle: dish.recipe.title,
        ingredient: product.id,
        amount: toRational(toFraction(millilitres.amount.low).mul(toFraction(left.share.value))),
        minute: end ?? null,
        keepsDays: keepsOf(product),
        allergens: [...new Set([...ingredient!.allergens, ...product.allergens])],
        isRaw: false,
        words: product.names.uk,
      },
    ];
  });
}

function gramsBought(
  dish: ClassDish,
  line: RecipeLine,
  ingredient: Ingredient,
  { batches, fills }: { batches: readonly Batch[]; fills: Fills },
): Rational | null {
  let sum = toFraction('0');
  for (const batch of batches.filter((each) => makesLine(each, line))) {
    const use = lineUse(dish, line, batch, fills);
    const bought = use.amount
      ? asPurchased({ ...use, amount: { ...use.amount, high: use.amount.low } }, ingredient)
      : null;
    if (bought?.ok) sum = sum.add(toFraction(bought.need));
  }
  return sum.compare(0) > 0 ? toRational(sum) : null;
}

function keepsOf(product: Ingredient): number | null {
  const days = Object.values(product.keepingDays) as number[];
  return days.length > 0 ? Math.max(...days) : null;
}
