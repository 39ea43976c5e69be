import {
  convert,
  isEstimatedUnit,
  showNumber,
  showRational,
  toFraction,
  toNumber,
  toRational,
  unitKind,
  unitName,
  type Amount,
  type Rational,
  type WorkingStep,
} from '../amounts/index.js';
import {
  conversionFacts,
  usualCut,
  yieldOf,
  type Fact,
  type Form,
  type Ingredient,
} from '../larder/index.js';
import type { IngredientUse } from './types.js';

/** Says which cut a spoon or a cup was taken of, where none is written. */
function takenAs(use: PurchasedUse & { amount: Amount }, ingredient: Ingredient): { note?: string } {
  const isSaid = use.preparation.some((form) => ingredient.densities[form] !== undefined);
  const cut = unitKind(use.amount.unit) === 'volume' && !isSaid ? usualCut(ingredient) : null;
  return cut ? { note: `No cut is written: weighed as ${cut}.` } : {};
}

/** A use turned into what has to be bought for it, in the ingredient's shopping unit. */
export type AsPurchased =
  | {
      readonly ok: true;
      readonly need: Rational;
      /** The same before the yield, in grams or millilitres, or in pieces. */ readonly edible: Rational;
      /** The form whose yield applied, "peeled"; empty where none did. */ readonly state: string;
      readonly steps: readonly WorkingStep[];
      readonly estimated: boolean;
    }
  | { readonly ok: false; readonly reason: string };

/** What of a use says how much is bought: not when, nor for whom. */
export type PurchasedUse = Omit<IngredientUse, 'date' | 'minute' | 'dishAllergens'>;

/**
 * As purchased = edible portion ÷ yield, for one use over all its batches. The high end of a range is bought.
 * Counts and lines on an as-purchased basis are not divided. Fails with a reason where a density or a piece
 * weight is missing.
 */
export function asPurchased(use: PurchasedUse & { amount: Amount }, ingredient: Ingredient): AsPurchased {
  const high: Amount = { low: use.amount.high, high: use.amount.high, unit: use.amount.unit };
  const share = shareOf(use, ingredient);
  const whole = wholePieces(use, ingredient, high);
  if (whole) return whole;
  const facts = conversionFacts(ingredient, use.preparation, use.size);
  const counted = use.pack
    ? { ...facts, gramsPerCount: { ...facts.gramsPerCount, [use.amount.unit]: packGrams(use.pack) } }
    : facts;
  const target = ingredient.shoppingUnit === 'piece' ? 'g' : ingredient.shoppingUnit;
  const converted = convert(high, target, counted, use.system);
  if (!converted.ok) return converted;
  const edible = toFraction(converted.amount.high).mul(use.count);
  const bought = share ? edible.div(toFraction(share.fact.value)) : edible;
  const steps = [
    { label: useLabel(use), value: `${times(use)}${show(high)}` },
    ...(use.amount.unit === target
      ? []
      : [
          {
            label: 'Converted',
            value: `${showNumber(edible.valueOf())} ${target}`,
            ...takenAs(use, ingredient),
          },
        ]),
    ...(share
      ? [
          {
            label: `÷ ${share.fact.value} ${share.name}`,
            value: `${showNumber(bought.valueOf())} ${target}`,
            note: sourceNote(share.fact),
          },
        ]
      : []),
  ];
  const crossed = use.amount.unit !== target && unitKind(use.amount.unit) !== unitKind(target);
  const estimated = share?.fact.source === 'estimate' || crossed || isEstimatedUnit(use.amount.unit);
  const state = share?.name === 'yield' ? use.preparation.join(' ') : (share?.name ?? '');
  if (ingredient.shoppingUnit !== 'piece')
    return { ok: true, need: toRational(bought), edible: toRational(edible), state, steps, estimated };
  return inPieces(toRational(bought), toRational(edible), { ingredient, steps, state });
}

/**
 * Pieces written as pieces need no conversion; a raw egg is rounded up in every batch, a boiled one is
 * shared.
 */
function wholePieces(use: PurchasedUse, ingredient: Ingredient, high: Amount): AsPurchased | null {
  if (ingredient.shoppingUnit !== 'piece' || high.unit !== 'piece') return null;
  const isTakenWhole = ingredient.indivisible && !use.preparation.includes('cooked');
  const pieces = isTakenWhole ? toRational(toFraction(high.high).ceil()) : high.high;
  const need = toRational(toFraction(pieces).mul(use.count));
  return {
    ok: true,
    need,
    edible: need,
    state: '',
    steps: [{ label: useLabel(use), value: `${times(use)}${showRational(pieces)} = ${showRational(need)}` }],
    estimated: false,
  };
}

function inPieces(
  grams: Rational,
  edible: Rational,
  { ingredient, steps, state }: { ingredient: Ingredient; steps: readonly WorkingStep[]; state: string },
): AsPurchased {
  const piece = ingredient.countGrams.piece;
  if (!piece) return { ok: false, reason: 'the weight of one piece is not known' };
  const need = toRational(toFraction(grams).div(toFraction(piece.value)));
  return {
    ok: true,
    need,
    edible,
    state,
    steps: [
      ...steps,
      { label: `÷ ${piece.value} g a piece`, value: showNumber(toNumber(need)), note: sourceNote(piece) },
    ],
    estimated: true,
  };
}

/** The yield that applies: none for counts and as-purchased lines but for drained tins and cooked grains. */
function shareOf(use: PurchasedUse, ingredient: Ingredient): { fact: Fact; name: string } | null {
  const unit = use.amount!.unit;
  if (unitKind(unit) === 'count' || unitKind(unit) === 'length') return null;
  const has = (form: Form) => use.preparation.includes(form);
  if (ingredient.drainedShare && (use.basis === 'edible' || has('drained')))
    return { fact: ingredient.drainedShare, name: 'drained share' };
  if (ingredient.dryToCooked && has('cooked') && use.basis === 'edible')
    return { fact: ingredient.dryToCooked, name: 'dry to cooked' };
  if (use.basis !== 'edible') return null;
  const fact = yieldOf(ingredient, use.preparation);
  return fact && fact.value !== 1 ? { fact, name: 'yield' } : null;
}

function packGrams(pack: Amount): Rational {
  const grams = convert(pack, 'g', {}, 'metric');
  return grams.ok ? grams.amount.high : pack.high;
}

export function useLabel(use: PurchasedUse): string {
  return `${use.dishTitle}, ${use.where}`;
}

function times(use: PurchasedUse): string {
  return use.count > 1 ? `${use.count} × ` : '';
}

function show(amount: Amount): string {
  const name = unitName(amount.unit, toNumber(amount.high));
  return `${showRational(amount.high)}${name ? ` ${name}` : ''}`;
}

function sourceNote(fact: Fact): string | undefined {
  return fact.source === 'estimate' ? 'An estimate: your own figure would replace it.' : undefined;
}
