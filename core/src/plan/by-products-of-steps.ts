import { convert, type Rational, toFraction, toRational } from '../amounts/index.js';
import type { ClassDish } from '../class/index.js';
import { stepKey } from '../identity/index.js';
import {
  conversionFacts,
  findIngredient,
  type Ingredient,
  isRawProtein,
  type Larder,
} from '../larder/index.js';
import { type Batch, type Fills, fillsOf, makesLine, makesStep } from '../portions/index.js';
import { actsOf, type RecipeLine, type RecipeStep } from '../recipes/index.js';
import { asPurchased, type OfferedByProduct, inShoppingUnit } from '../shopping/index.js';
import { lineUse, type MadeDish, type StepTimes } from './uses.js';

/**
 * What steps leave for others: what a recipe says of a step, and what draining a jar or rendering bacon
 * always leaves.
 */
export function byProductsOf(
  made: readonly MadeDish[],
  larder: Larder,
  times: StepTimes,
): OfferedByProduct[] {
  return made.flatMap(({ dish, batches, fits }) => [
    ...dish.recipe.steps.flatMap((step) =>
      (step.gives ?? []).flatMap((gift) => stepByProduct(dish, step, { gift, batches, larder, times })),
    ),
    ...dish.recipe.lines.flatMap((line) =>
      leftFromLine(dish, line, { batches, larder, times, fills: fillsOf(dish.recipe, fits) }),
    ),
  ]);
}

interface ByProductContext {
  readonly batches: readonly Batch[];
  readonly larder: Larder;
  readonly times: StepTimes;
}

function stepByProduct(
  dish: ClassDish,
  step: RecipeStep,
  { gift, batches, larder, times }: ByProductContext & { gift: NonNullable<RecipeStep['gives']>[number] },
): OfferedByProduct[] {
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

const cooks = (step: RecipeStep) => actsOf(step).some(({ way }) => way !== undefined);

function leftFromLine(
  dish: ClassDish,
  line: RecipeLine,
  { batches, larder, times, fills }: ByProductContext & { fills: Fills },
): OfferedByProduct[] {
  const ingredient = findIngredient(larder, line.ingredient);
  const using = dish.recipe.steps.filter((step) => step.uses.some((use) => use.line === line.id));
  const isSaid = (product: string) =>
    dish.recipe.steps.some((step) => step.gives?.some((gift) => gift.ingredient === product));
  return (ingredient?.leaves ?? []).flatMap((left): OfferedByProduct[] => {
    if (isSaid(left.product)) return [];
    const product = larder.ingredients.get(left.product);
    const happens =
      left.when === 'drained'
        ? line.preparation.includes('drained') || line.basis === 'edible'
        : line.preparation.includes('cooked') || using.some(cooks);
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
