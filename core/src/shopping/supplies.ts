import {
  add,
  convert,
  type Rational,
  showRational,
  toFraction,
  toNumber,
  toRational,
  unitName,
  type WorkingStep,
} from '../amounts/index.js';
import type { LocalDate } from '../identity/index.js';
import { conversionFacts, type Form, type Ingredient } from '../larder/index.js';
import { inShoppingUnit, isSome, lessBy, type NeedPart, type PooledNeed, smaller } from './need.js';
import type { OfferedByProduct, IngredientUse, StockItem } from './types.js';
import { showNeed } from './words.js';

/**
 * What other steps and the cupboard give towards a need. All in the ingredient's shopping unit, as purchased.
 */
export interface Supplied {
  readonly left: Rational;
  readonly steps: readonly WorkingStep[];
  readonly remark: string;
}

/** What each use has already, as purchased. */
type Covered = ReadonlyMap<NeedPart, Rational>;

/**
 * What by-products of other steps cover: those that come first, keep until then, and cross no border of
 * allergens or raw food. The earliest uses are served first.
 */
export function fromByProducts(
  pooled: PooledNeed,
  offeredByProducts: readonly OfferedByProduct[],
  ingredient: Ingredient,
): Supplied & { readonly covered: Covered } {
  const covered = new Map<NeedPart, Rational>();
  const offered = offeredByProducts.filter((gift) => gift.ingredient === ingredient.id);
  if (offered.length === 0) return { left: pooled.need, steps: [], remark: '', covered };
  const left = offered.map((gift) => gift.amount);
  const steps: WorkingStep[] = [];
  const refusals = new Set<string>();
  let need = pooled.need;
  for (const part of byTime(pooled.parts)) {
    let wanted = part.need;
    offered.forEach((gift, index) => {
      if (!isSome(wanted) || !isSome(left[index]!)) return;
      const refusal = refusalOf(gift, part.use);
      if (refusal) {
        refusals.add(refusal);
        return;
      }
      const taken = smaller(wanted, left[index]!);
      wanted = lessBy(wanted, taken);
      left[index] = lessBy(left[index]!, taken);
      need = lessBy(need, taken);
      covered.set(part, add(covered.get(part) ?? '0', taken));
      steps.push({
        label: `− ${gift.words}`,
        value: `− ${showNeed(taken, ingredient)}`,
        note: `From “${gift.dishTitle}” for “${part.use.dishTitle}”.`,
      });
    });
  }
  return { left: need, steps, remark: [...refusals].join(' '), covered };
}

function byTime(parts: readonly NeedPart[]): NeedPart[] {
  return [...parts].sort((a, b) => (a.use.minute ?? 0) - (b.use.minute ?? 0));
}

/** Why a by-product must not go into a dish; empty where it may. */
function refusalOf(gift: OfferedByProduct, use: IngredientUse): string {
  if (gift.isRaw) return `The ${gift.words} of “${gift.dishTitle}” touched raw food and is not used again.`;
  const brought = gift.allergens.filter((allergen) => !use.dishAllergens?.includes(allergen));
  if (brought.length > 0)
    return (
      `The ${gift.words} of “${gift.dishTitle}” would bring ` +
      `${brought.join(' and ')} into “${use.dishTitle}”.`
    );
  if (gift.minute === null || use.minute === undefined) return '';
  if (gift.minute > use.minute)
    return `The ${gift.words} of “${gift.dishTitle}” comes after “${use.dishTitle}” wants it.`;
  const days = (use.minute - gift.minute) / 1440;
  return gift.keepsDays !== null && days > gift.keepsDays
    ? `The ${gift.words} of “${gift.dishTitle}” does not keep until “${use.dishTitle}” wants it.`
    : '';
}

/** Stock that is in date on the day. */
export function inDate(
  stock: readonly StockItem[],
  ingredient: Ingredient,
  date: LocalDate | null,
): StockItem[] {
  return stock.filter(
    (item) =>
      item.ingredient === ingredient.id && (item.useBy === null || date === null || item.useBy >= date),
  );
}

const preparedWords: readonly Form[] = [
  'cooked',
  'roasted',
  'peeled',
  'seeded',
  'diced',
  'chopped',
  'sliced',
  'shredded',
  'grated',
  'toasted',
  'drained',
  'stripped',
  'leaves',
  'cored',
  'trimmed',
  'soaked',
  'charred',
  'juiced',
  'zested',
  'segmented',
  'pitted',
  'florets',
];

function preparedForms(state: string): string[] {
  return preparedWords.filter((form) => state.toLowerCase().includes(form));
}

/** Prepared stock, before the yield: it serves uses that want it in the same state. */
export function fromPreparedStock(
  pooled: PooledNeed,
  { left: need, covered }: { readonly left: Rational; readonly covered: Covered },
  stock: readonly StockItem[],
  ingredient: Ingredient,
): Supplied {
  const steps: WorkingStep[] = [];
  let left = need;
  const used = new Map(pooled.parts.map((part) => [part, edibleCovered(part, covered)]));
  for (const item of stock) {
    const forms = preparedForms(item.state);
    let edible = forms.length > 0 ? edibleOf(item, forms as Form[], ingredient) : null;
    for (const part of pooled.parts) {
      if (!edible || !isSome(edible) || !forms.every((form) => part.use.preparation.includes(form as Form)))
        continue;
      const open = lessBy(part.edible, used.get(part) ?? '0');
      const taken = smaller(open, edible);
      if (!isSome(taken)) continue;
      const saved = toRational(toFraction(taken).div(toFraction(part.edible)).mul(toFraction(part.need)));
      used.set(part, add(used.get(part) ?? '0', taken));
      edible = lessBy(edible, taken);
      left = lessBy(left, saved);
      steps.push({
        label: `− in the cupboard, ${item.state}`,
        value: `− ${showNeed(saved, ingredient)}`,
        note: 'Prepared already: taken off before the yield.',
      });
    }
  }
  return { left, steps, remark: '' };
}

/** A stock item in the unit in which uses count their edible portion; null where a fact is missing. */
function edibleOf(item: StockItem, forms: readonly Form[], ingredient: Ingredient): Rational | null {
  const converted = convert(
    item.amount,
    ingredient.shoppingUnit === 'ml' ? 'ml' : 'g',
    conversionFacts(ingredient, forms),
    'metric',
  );
  return converted.ok ? converted.amount.low : null;
}

/** What stands in the cupboard as it is bought. */
export function fromStock(
  need: Rational,
  stock: readonly StockItem[],
  ingredient: Ingredient,
): Supplied & { readonly have: string } {
  const steps: WorkingStep[] = [];
  const have: string[] = [];
  let left = need;
  for (const item of stock) {
    if (!isSome(left) || preparedForms(item.state).length > 0) continue;
    const there = inShoppingUnit(item.amount, ingredient);
    if (there === null) continue;
    const taken = smaller(left, there);
    left = lessBy(left, taken);
    const words =
      `${showRational(item.amount.low)} ${unitName(item.amount.unit, toNumber(item.amount.low))}`.trim();
    have.push(showNeed(taken, ingredient));
    steps.push({
      label: `− in the cupboard${item.state ? `, ${item.state}` : ''}`,
      value: `− ${showNeed(taken, ingredient)}`,
      note: `${words} there${item.useBy ? `, to use by ${item.useBy}` : ''}.`,
    });
  }
  return { left, steps, remark: '', have: have.join(' and ') };
}

/** The edible portion of a use that by-products cover: the same share of it as of what is purchased. */
function edibleCovered(part: NeedPart, covered: Covered): Rational {
  const has = covered.get(part);
  if (!has || !isSome(part.need)) return '0';
  return toRational(toFraction(has).div(toFraction(part.need)).mul(toFraction(part.edible)));
}
