import {
  type Amount,
  type Rational,
  showNumber,
  showRational,
  toFraction,
  toNumber,
  toRational,
  unitName,
  type WorkingStep,
} from '../amounts/index.js';
import type { ShoppingDecisions, Supplier } from '../class/index.js';
import { type Ingredient, ingredientName, type Larder, type Pack } from '../larder/index.js';
import { capital, money } from '../words/index.js';
import { useLabel } from './as-purchased.js';
import { isSome, pooledNeed, type PooledNeed } from './need.js';
import { choosePacks, type Combination, justShort, type PackAnswer, type PackOptions } from './packs.js';
import { seasonStep } from './season.js';
import { fromGifts, fromPreparedStock, fromStock, inDate } from './supplies.js';
import { buyingDays, longestKeeping, supplierOf } from './trips.js';
import type {
  ClassNeeds,
  Gift,
  IngredientUse,
  PackChoice,
  RowOffer,
  ShoppingRow,
  StockItem,
} from './types.js';
import { buyWords, leftOverWords, packKey, showNeed, writtenAmount } from './words.js';

/** What the list knows besides the uses. */
export interface RowContext {
  readonly english: 'uk' | 'us';
  readonly larder: Larder;
  readonly currency: string;
  readonly classDate: string | null;
  /** Which half of the earth the seasons follow. */
  readonly hemisphere: 'north' | 'south';
  readonly stock: readonly StockItem[];
  readonly gifts: readonly Gift[];
  readonly suppliers: readonly Supplier[];
  readonly others: readonly ClassNeeds[];
  readonly decisions: ShoppingDecisions;
}

/** The larder's own prices are in this money; in another one only what was measured here counts. */
const larderCurrency = 'GBP';

export function priceIn(pack: Pack, currency: string): number | null {
  if (!pack.price || (pack.price.source !== 'measured' && currency !== larderCurrency)) return null;
  return pack.price.value;
}

/** One ingredient through the chain: pooled → by-products → ÷ yield → + spare → − stock → packs. */
export function knownRow(
  key: string,
  uses: readonly IngredientUse[],
  ingredient: Ingredient,
  context: RowContext,
): ShoppingRow {
  const pooled = pooledNeed(uses, ingredient);
  const gifts = fromGifts(pooled, context.gifts, ingredient);
  const stock = inDate(context.stock, ingredient, lastUse(uses) ?? context.classDate);
  const prepared = fromPreparedStock(pooled, gifts.left, stock, ingredient);
  const spare = withSpare(prepared.left, ingredient, context.decisions);
  const cupboard = fromStock(spare.need, stock, ingredient);
  const toCover = atLeastSome(cupboard.left, uses, ingredient, isSome(pooled.need));
  const leftOverUse = usesOfLeftOver(ingredient, context);
  const options: PackOptions = {
    priceOf: (pack) => priceIn(pack, context.currency),
    leftOverIsUsed: leftOverUse.length > 0,
  };
  const answer = chosenAnswer(choosePacks(toCover, ingredient.packs, options), context.decisions.packs[key]);
  const steps = [...pooled.steps, ...gifts.steps, ...prepared.steps, ...spare.steps, ...cupboard.steps];
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
    have: [prepared.left !== gifts.left ? 'prepared' : '', cupboard.have].filter(Boolean).join(', '),
    remark: [pooled.reason, gifts.remark].filter(Boolean).join(' '),
  });
}

interface Parts {
  readonly uses: readonly IngredientUse[];
  readonly ingredient: Ingredient;
  readonly context: RowContext;
  readonly pooled: PooledNeed;
  readonly answer: PackAnswer | null;
  readonly toCover: Rational;
  readonly steps: readonly WorkingStep[];
  readonly options: PackOptions;
  readonly leftOverUse: readonly ClassNeeds[];
  readonly have: string;
  readonly remark: string;
}

function rowOf(key: string, parts: Parts): ShoppingRow {
  const { uses, ingredient, context, pooled, answer, toCover } = parts;
  const name = ingredientName(ingredient, context.english);
  const packs = answer?.best.packs ?? [];
  const unsold = ingredient.packs.length === 0 && isSome(toCover);
  const buy =
    [
      buyWords(packs, ingredient),
      ...pooled.problems.map(writtenAmount),
      unsold ? `${showNeed(toCover, ingredient)} more` : '',
    ]
      .filter(Boolean)
      .join(' and ') || 'nothing';
  const days =
    context.classDate === null
      ? null
      : buyingDays(ingredient, firstUse(uses) ?? context.classDate, lastUse(uses) ?? context.classDate);
  const cost = costOf(answer?.best ?? null, pooled, toCover);
  const packStep: WorkingStep = {
    label: isSome(toCover) ? 'As it is sold' : 'Left to buy',
    value: buy,
    note: packNote(answer, cost, context),
  };
  const estimated = pooled.estimated;
  const leftOver = answer ? leftOverWords(answer.best.total, toNumber(toCover), ingredient) : '';
  return {
    key,
    ingredient: ingredient.id,
    name,
    section: ingredient.section,
    need: pooled.need,
    unit: ingredient.shoppingUnit,
    packs,
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
    inLarder: true,
    supplier: supplierOf(ingredient.section, context.suppliers).name,
    buyFrom: days?.from ?? null,
    buyUntil: days?.until ?? null,
    trip: null,
    keepsDays: longestKeeping(ingredient),
    ripeningDays: ingredient.ripeningDays ?? null,
    remark: [
      parts.remark,
      openedFor(parts),
      unsold ? 'It is not sold by itself: open one more of what leaves it.' : '',
    ]
      .filter(Boolean)
      .join(' '),
    isPartial: pooled.reason !== '',
    insteadOf: insteadOf(ingredient, context),
    substitutes: substitutesOf(ingredient, context),
    estimated,
    workings: {
      title: `${capital(name)}: buy ${buy}`,
      steps: [...parts.steps, packStep, ...(days?.why ?? []), ...seasonStep(ingredient, context)],
      result: buy,
      estimated,
    },
  };
}

function packNote(answer: PackAnswer | null, cost: number | null, context: RowContext): string | undefined {
  const price = cost === null ? '' : `About ${money(cost, context.currency)}.`;
  return [answer?.why ?? '', price].filter(Boolean).join(' ') || undefined;
}

/** Bought by its packs; nothing to buy costs nothing; what could not be added up has no price. */
function costOf(best: Combination | null, pooled: PooledNeed, toCover: Rational): number | null {
  if (pooled.problems.length > 0) return null;
  return best ? best.cost : isSome(toCover) ? null : 0;
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
  return String(Math.min(...ingredient.packs.map((pack) => pack.size)));
}

/** Other classes that want it while what is left over still keeps. */
function usesOfLeftOver(ingredient: Ingredient, { others, classDate }: RowContext): ClassNeeds[] {
  const keeps = longestKeeping(ingredient);
  if (classDate === null || keeps === null) return [];
  return others.filter(
    (other) =>
      other.needs[ingredient.id] !== undefined &&
      other.date >= classDate &&
      daysBetween(classDate, other.date) <= keeps,
  );
}

function daysBetween(from: string, to: string): number {
  return Math.round((Date.parse(`${to}T00:00Z`) - Date.parse(`${from}T00:00Z`)) / 86_400_000);
}

function servesWords(uses: readonly ClassNeeds[]): string {
  return uses.length === 0
    ? ''
    : `for ${uses
        .slice(0, 2)
        .map((use) => `“${use.title}” on ${use.date}`)
        .join(' and ')}`;
}

/** What keeps for months once it is opened is no waste. */
const pantryDays = 60;

/** Opening a tin for two spoonfuls is a decision: it is shown. */
function openedFor({ uses, ingredient, answer, toCover, leftOverUse }: Parts): string {
  const total = answer?.best.total ?? 0;
  // A drained tin or jar does not keep once it is open, however long it did before.
  const keepsOpened = !ingredient.drainedShare && (longestKeeping(ingredient) ?? pantryDays) >= pantryDays;
  const isLittle = total > 0 && toNumber(toCover) < total * hardlyOpened;
  if (
    !isLittle ||
    keepsOpened ||
    leftOverUse.length > 0 ||
    ingredient.shoppingUnit === 'piece' ||
    uses.every((use) => use.optional)
  )
    return '';
  return `${buyWords(answer!.best.packs, ingredient)} opened for ${showNeed(toCover, ingredient)}.`;
}

/** A pack opened for less than this share of it is a decision. */
const hardlyOpened = 0.25;

/**
 * The share of the use at which just so much is left to buy as the packs hold: what is missing comes off the
 * use, less its spare.
 */
function shareThatFits(need: Rational, toCover: Rational, total: number, sparePercent: number): Rational {
  const missing = toFraction(toCover)
    .sub(toFraction(String(total)))
    .mul(100)
    .div(100 + sparePercent);
  return toRational(toFraction('1').sub(missing.div(toFraction(need))));
}

function offersOf({
  uses,
  ingredient,
  pooled,
  answer,
  toCover,
  options,
  leftOverUse,
  context,
}: Parts): RowOffer[] {
  const offers: RowOffer[] = [];
  const total = answer?.best.total ?? 0;
  const name = ingredientName(ingredient, context.english);
  if (
    total > 0 &&
    uses.every((use) => use.optional) &&
    toNumber(toCover) < total * hardlyOpened &&
    leftOverUse.length === 0 &&
    !ingredient.packs.some((pack) => pack.loose)
  ) {
    offers.push({
      kind: 'skip',
      action: 'Skip it',
      sentence:
        `${capital(name)} is optional, and ` +
        `${buyWords(answer!.best.packs, ingredient)} would be opened for ${showNeed(toCover, ingredient)}`,
    });
  }
  const isLinear =
    uses.every((use) => use.amount !== null && (use.scaling ?? 'linear') === 'linear') &&
    !ingredient.byProducts &&
    !ingredient.indivisible;
  const short = isLinear && answer ? justShort(toCover, ingredient.packs, options) : null;
  if (short) {
    const share = shareThatFits(pooled.need, toCover, short.total, context.decisions.sparePercent);
    offers.push({
      kind: 'useWhatItHolds',
      action: `Use what ${buyWords(short.packs, ingredient)} hold${short.count > 1 ? '' : 's'}`,
      share,
      sentence:
        `${buyWords(short.packs, ingredient)} ${short.count > 1 ? 'are' : 'is'} ` +
        `${showNumber((1 - short.total / toNumber(toCover)) * 100)} ` +
        `% short of ${showNeed(toCover, ingredient)}`,
    });
  }
  return offers;
}

function insteadOf(ingredient: Ingredient, { decisions, larder, english }: RowContext): string {
  const missing = Object.entries(decisions.substitutes).find(([, taken]) => taken === ingredient.id)?.[0];
  const known = missing ? larder.ingredients.get(missing) : undefined;
  return known ? ingredientName(known, english) : '';
}

function substitutesOf(ingredient: Ingredient, { larder, english }: RowContext): ShoppingRow['substitutes'] {
  return ingredient.substitutes.flatMap(({ ingredient: id, effect }) => {
    const known = larder.ingredients.get(id);
    return known ? [{ ingredient: id, name: ingredientName(known, english), effect }] : [];
  });
}

/** Each dish's share of what all of them want, for the cost of each. */
function sharesOf(pooled: PooledNeed): ShoppingRow['shares'] {
  const byDish = new Map<string, number>();
  for (const part of pooled.parts)
    byDish.set(part.use.dishTitle, (byDish.get(part.use.dishTitle) ?? 0) + toNumber(part.need));
  const total = [...byDish.values()].reduce((sum, each) => sum + each, 0);
  return total === 0 ? [] : [...byDish].map(([dish, each]) => ({ dish, share: each / total }));
}

function dishTitles(uses: readonly IngredientUse[]): string[] {
  return [...new Set(uses.map((use) => use.dishTitle))];
}

function firstUse(uses: readonly IngredientUse[]): string | null {
  return uses.reduce<string | null>(
    (first, { date }) => (date && (first === null || date < first) ? date : first),
    null,
  );
}

function lastUse(uses: readonly IngredientUse[]): string | null {
  return uses.reduce<string | null>(
    (last, { date }) => (date && (last === null || date > last) ? date : last),
    null,
  );
}

/**
 * A row for what the larder does not know: amounts of one unit are added, nothing is converted or invented.
 */
export function writtenRow(key: string, uses: readonly IngredientUse[], context: RowContext): ShoppingRow {
  const totals = new Map<Amount['unit'], ReturnType<typeof toFraction>>();
  for (const use of uses) {
    if (use.amount)
      totals.set(
        use.amount.unit,
        (totals.get(use.amount.unit) ?? toFraction('0')).add(toFraction(use.amount.high).mul(use.count)),
      );
  }
  const buy =
    [...totals].map(([unit, total]) => totalWords(unit, toNumber(toRational(total)))).join(' and ') || 'some';
  const steps = uses.map((use) => ({
    label: useLabel(use),
    value: use.amount
      ? (
          `${use.count > 1 ? `${use.count} × ` : ''}${showRational(use.amount.high)} ` +
          `${unitName(use.amount.unit, 2)}`
        ).trim()
      : 'to taste',
  }));
  const days =
    context.classDate === null
      ? null
      : buyingDays(null, firstUse(uses) ?? context.classDate, lastUse(uses) ?? context.classDate);
  return {
    key,
    ingredient: null,
    name: uses[0]!.name,
    section: 'other',
    need: null,
    unit: null,
    packs: [],
    buy,
    have: '',
    leftOver: '',
    leftOverServes: '',
    others: [],
    offers: [],
    cost: null,
    dishes: dishTitles(uses),
    shares: [],
    optional: uses.every((use) => use.optional),
    inLarder: false,
    supplier: supplierOf('other', context.suppliers).name,
    buyFrom: days?.from ?? null,
    buyUntil: days?.until ?? null,
    trip: null,
    keepsDays: null,
    ripeningDays: null,
    remark: 'Not in the larder: added up as written.',
    isPartial: false,
    insteadOf: '',
    substitutes: [],
    estimated: false,
    workings: { title: `${capital(uses[0]!.name)}: buy ${buy}`, steps, result: buy, estimated: false },
  };
}

function totalWords(unit: Amount['unit'], total: number): string {
  const shown = unit === 'piece' ? showNumber(Math.ceil(total - 1e-9)) : showNumber(total);
  const name = unitName(unit, total);
  return `${shown}${name ? ` ${name}` : ''}`;
}
