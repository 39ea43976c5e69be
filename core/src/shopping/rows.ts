import { type Rational, toFraction, toNumber, toRational, type WorkingStep } from '../amounts/index.js';
import type { ShoppingDecisions } from '../class/index.js';
import { type DishId, lookUp, cacheByOwner } from '../identity/index.js';
import { type Ingredient, ingredientName } from '../larder/index.js';
import type { Combination, PackAnswer, PackOptions } from './coverings.js';
import { isSome, pooledNeed, type PooledNeed } from './need.js';
import { offersOf } from './offers.js';
import { choosePacks } from './packs.js';
import {
  daysToBuy,
  dishTitles,
  groupOf,
  lastUse,
  priceIn,
  type RowContext,
  type RowParts,
} from './row-parts.js';
import { buyText, remarkOf, rowWorkings, servesWords } from './row-words.js';
import { fromByProducts, fromPreparedStock, fromStock, inDate } from './supplies.js';
import { longestKeeping, supplierOf } from './trips.js';
import type { ClassNeeds, IngredientUse, PackChoice, ShoppingRow } from './types.js';
import { buyWords, leftOverWords, packKey, showNeed } from './words.js';

/** One ingredient through the chain: pooled → by-products → ÷ yield → + spare → − stock → packs. */
export function knownRow(
  key: string,
  uses: readonly IngredientUse[],
  ingredient: Ingredient,
  context: RowContext,
): ShoppingRow {
  const pooled = pooledNeed(uses, ingredient);
  const offeredByProducts = fromByProducts(pooled, context.offeredByProducts, ingredient);
  const stock = inDate(context.stock, ingredient, lastUse(uses) ?? context.classDate);
  const prepared = fromPreparedStock(pooled, offeredByProducts, stock, ingredient);
  const spare = withSpare(prepared.left, ingredient, context.decisions);
  const cupboard = fromStock(spare.need, stock, ingredient);
  const toCover = atLeastSome(cupboard.left, uses, ingredient, isSome(pooled.need));
  const leftOverUse = usesOfLeftOver(ingredient, context);
  const options: PackOptions = {
    priceOf: (pack) => priceIn(pack, context.currency),
    leftOverIsUsed: leftOverUse.length > 0,
  };
  const answer = chosenAnswer(
    choosePacks(toCover, ingredient.packs, options),
    lookUp(context.decisions.packs, key),
  );
  const steps = [
    ...pooled.steps,
    ...offeredByProducts.steps,
    ...prepared.steps,
    ...spare.steps,
    ...cupboard.steps,
  ];
  return rowOf(key, {
    uses,
    ingredient,
    context,
    pooled,
    answer,
    toCover,
    steps,
    options,
    leftOverUse,
    have: [prepared.left !== offeredByProducts.left ? 'prepared' : '', cupboard.have]
      .filter(Boolean)
      .join(', '),
    remark: [pooled.reason, offeredByProducts.remark].filter(Boolean).join(' '),
  });
}

/** The combination that the instructor chose stands where it is still one of those that cover the need. */
function chosenAnswer(answer: PackAnswer | null, chosen: string | undefined): PackAnswer | null {
  const wanted = answer?.others.find((other) => packKey(other.packs) === chosen);
  if (!answer || !wanted) return answer;
  return {
    best: wanted,
    others: [answer.best, ...answer.others.filter((other) => other !== wanted)],
    why: 'As you chose.',
  };
}

function choiceOf(combination: Combination, need: Rational, ingredient: Ingredient): PackChoice {
  return {
    key: packKey(combination.packs),
    packs: combination.packs,
    buy: buyWords(combination.packs, ingredient),
    cost: combination.cost,
    leftOver: leftOverWords(combination.total, toNumber(need), ingredient),
  };
}

/** Fruit that ripens is bought with a piece to spare; the rest as the instructor says. */
function withSpare(
  need: Rational,
  ingredient: Ingredient,
  decisions: ShoppingDecisions,
): { need: Rational; steps: WorkingStep[] } {
  if (!isSome(need)) return { need, steps: [] };
  const steps: WorkingStep[] = [];
  let total = toFraction(need);
  if (decisions.sparePercent > 0) {
    const more = total.mul(decisions.sparePercent).div(100);
    total = total.add(more);
    steps.push({
      label: `+ ${decisions.sparePercent} % to spare`,
      value: `+ ${showNeed(toRational(more), ingredient)}`,
    });
  }
  if (ingredient.ripeningDays && ingredient.shoppingUnit === 'piece') {
    total = total.ceil().add(1);
    steps.push({
      label: '+ 1 to spare',
      value: showNeed(toRational(total), ingredient),
      note: 'It ripens at its own pace: one in reserve.',
    });
  }
  return { need: toRational(total), steps };
}

/** What is only used to taste, and of which nobody knows how much, is still bought: the smallest there is. */
function atLeastSome(
  need: Rational,
  uses: readonly IngredientUse[],
  ingredient: Ingredient,
  isKnown: boolean,
): Rational {
  if (isSome(need) || isKnown || ingredient.packs.length === 0 || !uses.some((use) => use.amount === null))
    return need;
  return toRational(Math.min(...ingredient.packs.map((pack) => pack.size)));
}

/** Other classes that want it while what is left over still keeps. */
function usesOfLeftOver(ingredient: Ingredient, { others, classDate }: RowContext): ClassNeeds[] {
  const keeps = longestKeeping(ingredient);
  if (classDate === null || keeps === null) return [];
  return others.filter(
    (other) =>
      lookUp(other.needs, ingredient.id) !== undefined &&
      other.date >= classDate &&
      daysBetween(classDate, other.date) <= keeps,
  );
}

function daysBetween(from: string, to: string): number {
  return Math.round((Date.parse(`${to}T00:00Z`) - Date.parse(`${from}T00:00Z`)) / 86_400_000);
}

function insteadOf(ingredient: Ingredient, { decisions, larder, english }: RowContext): string {
  const missing = Object.entries(decisions.substitutes).find(([, taken]) => taken === ingredient.id)?.[0];
  const known = missing ? larder.ingredients.get(missing) : undefined;
  return known ? ingredientName(known, english) : '';
}

function substitutesOf(ingredient: Ingredient, { larder, english }: RowContext): ShoppingRow['substitutes'] {
  return substitutes(ingredient, [larder, english], () =>
    ingredient.substitutes.flatMap(({ ingredient: id, effect }) => {
      const known = larder.ingredients.get(id);
      return known ? [{ ingredient: id, name: ingredientName(known, english), effect }] : [];
    }),
  );
}

const substitutes = cacheByOwner<Ingredient, ShoppingRow['substitutes']>();

/** Each dish's share of what all of them want, for the cost of each. */
function sharesOf(pooled: PooledNeed): ShoppingRow['shares'] {
  const byDish = new Map<DishId, { dish: string; need: number }>();
  for (const { use, need } of pooled.parts) {
    const known = byDish.get(use.dishId)?.need ?? 0;
    byDish.set(use.dishId, { dish: use.dishTitle, need: known + toNumber(need) });
  }
  const total = [...byDish.values()].reduce((sum, { need }) => sum + need, 0);
  if (total === 0) return [];
  return [...byDish].map(([dishId, { dish, need }]) => ({ dishId, dish, share: need / total }));
}

function rowOf(key: string, parts: RowParts): ShoppingRow {
  const { uses, ingredient, context, pooled, answer, toCover } = parts;
  const name = ingredientName(ingredient, context.english);
  const isUnsold = ingredient.packs.length === 0 && isSome(toCover);
  const buy = buyText(parts, isUnsold);
  const days = daysToBuy(ingredient, uses, context.classDate);
  const cost = costOf(answer?.best ?? null, pooled, toCover);
  const leftOver = answer ? leftOverWords(answer.best.total, toNumber(toCover), ingredient) : '';
  return {
    key,
    ingredient: ingredient.id,
    name,
    section: ingredient.section,
    need: pooled.need,
    unit: ingredient.shoppingUnit,
    packs: answer?.best.packs ?? [],
    buy,
    have: parts.have,
    leftOver,
    leftOverServes: leftOver ? servesWords(parts.leftOverUse) : '',
    others: (answer?.others ?? []).map((other) => choiceOf(other, toCover, ingredient)),
    offers: offersOf(parts),
    cost,
    dishes: dishTitles(uses),
    shares: sharesOf(pooled),
    optional: uses.every((use) => use.optional),
    group: groupOf(uses),
    inLarder: true,
    supplier: supplierOf(ingredient.section, context.suppliers).name,
    buyFrom: days?.from ?? null,
    buyUntil: days?.until ?? null,
    trip: null,
    keepsDays: longestKeeping(ingredient),
    ripeningDays: ingredient.ripeningDays ?? null,
    remark: remarkOf(parts, isUnsold),
    isPartial: pooled.reason !== '',
    missing: pooled.missing,
    insteadOf: insteadOf(ingredient, context),
    substitutes: substitutesOf(ingredient, context),
    estimated: pooled.estimated,
    workings: rowWorkings(parts, { name, buy, cost, days }),
  };
}

/** Bought by its packs; nothing to buy costs nothing; what could not be added up has no price. */
function costOf(best: Combination | null, pooled: PooledNeed, toCover: Rational): number | null {
  if (pooled.problems.length > 0) return null;
  return best ? best.cost : isSome(toCover) ? null : 0;
}
