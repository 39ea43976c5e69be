import {
  convert,
  toFraction,
  toNumber,
  toRational,
  type Amount,
  type Rational,
  type WorkingStep,
} from '../amounts/index.js';
import { allowanceOf, conversionFacts, type Ingredient } from '../larder/index.js';
import { asPurchased } from './as-purchased.js';
import { fruitPieces } from './fruit.js';
import { type MissingFact, missingFactFor } from './missing-fact.js';
import type { IngredientUse, MeasuredUse } from './types.js';
import { byKind, showNeed, writtenTotals } from './words.js';

/** What all uses of one ingredient come to, as purchased, with what each share of it is. */
export interface PooledNeed {
  readonly need: Rational;
  readonly steps: readonly WorkingStep[];
  /** Uses that could not be added up, and why. */
  readonly problems: readonly IngredientUse[];
  readonly reason: string;
  /** The figure that is missing for them; null where all was added up. */
  readonly missing: MissingFact | null;
  readonly estimated: boolean;
  /** What each use wants, before and after its yield, and the state it is wanted in. */
  readonly parts: readonly NeedPart[];
}

export interface NeedPart {
  readonly use: IngredientUse;
  readonly need: Rational;
  readonly edible: Rational;
  readonly state: string;
}

/**
 * Pools all uses of an ingredient: nothing is rounded until they are summed, but for pieces that cannot be
 * shared between batches. Fruit is counted in pieces, each used in one way; eggs are whole + the larger of
 * yolks and whites.
 */
export function pooledNeed(uses: readonly IngredientUse[], ingredient: Ingredient): PooledNeed {
  const measured = uses.filter((use): use is MeasuredUse => use.amount !== null);
  const base = ingredient.byProducts
    ? fruitNeed(measured, ingredient)
    : ingredient.id === 'egg'
      ? eggNeed(measured, ingredient)
      : summed(measured, ingredient);
  return withAllowance(
    base,
    uses.filter((use) => use.amount === null),
    ingredient,
  );
}

function fruitNeed(uses: readonly MeasuredUse[], ingredient: Ingredient): PooledNeed {
  const fruit = fruitPieces(uses, ingredient);
  const alone = uses.map((use) => ({ use, need: fruitPieces([use], ingredient).need }));
  return {
    need: fruit.need,
    steps: fruit.steps,
    problems: [],
    reason: fruit.problem,
    missing: null,
    estimated: true,
    parts: alone.map(({ use, need }) => ({ use, need, edible: need, state: '' })),
  };
}

function summed(uses: readonly MeasuredUse[], ingredient: Ingredient): PooledNeed {
  const steps: WorkingStep[] = [];
  const problems: IngredientUse[] = [];
  const parts: NeedPart[] = [];
  let missing: MissingFact | null = null;
  let estimated = false;
  let sum = toFraction('0');
  for (const use of uses) {
    const bought = asPurchased(use, ingredient);
    if (!bought.ok) {
      problems.push(use);
      missing ??= missingFactFor(use.amount.unit, ingredient);
      continue;
    }
    sum = sum.add(toFraction(bought.need));
    steps.push(...bought.steps);
    parts.push({ use, need: bought.need, edible: bought.edible, state: bought.state });
    estimated ||= bought.estimated;
  }
  // What stands alone is bought as it is written; beside others it is told, never added as a second amount.
  const beside = parts.length > 0 ? problems : byKind(problems).slice(1).flat();
  const reason = [
    beside.length > 0 ? `Not in it yet: ${writtenTotals(beside)}.` : '',
    missing?.question ?? '',
  ]
    .filter(Boolean)
    .join(' ');
  const need = toRational(sum);
  if (uses.length > 1) steps.push({ label: 'Together, as purchased', value: showNeed(need, ingredient) });
  return { need, steps, problems, reason, missing, estimated, parts };
}

/** Eggs bought = whole + the larger of yolks and whites: one egg gives one of each. */
function eggNeed(uses: readonly MeasuredUse[], ingredient: Ingredient): PooledNeed {
  const whole = summed(
    uses.filter((use) => use.part.length === 0),
    ingredient,
  );
  const yolks = summed(
    uses.filter((use) => use.part.includes('yolk')),
    ingredient,
  );
  const whites = summed(
    uses.filter((use) => use.part.includes('white')),
    ingredient,
  );
  if (yolks.need === '0' && whites.need === '0') return whole;
  const larger = toFraction(yolks.need).compare(toFraction(whites.need)) >= 0 ? yolks : whites;
  const need = toRational(toFraction(whole.need).add(toFraction(larger.need)));
  const step = {
    label: 'Whole + the larger of yolks and whites',
    value: `${whole.need} + ${larger.need} = ${need}`,
    note: `${yolks.need} yolks, ${whites.need} whites`,
  };
  return {
    need,
    steps: [...whole.steps, ...yolks.steps, ...whites.steps, step],
    problems: [],
    reason: '',
    missing: null,
    estimated: false,
    parts: [...whole.parts, ...larger.parts],
  };
}

function withAllowance(base: PooledNeed, uses: readonly IngredientUse[], ingredient: Ingredient): PooledNeed {
  const byDippers = new Map<number, IngredientUse[]>();
  for (const use of uses) {
    if (!use.plates) continue;
    byDippers.set(use.dippers ?? 0, [...(byDippers.get(use.dippers ?? 0) ?? []), use]);
  }
  return [...byDippers].reduce(
    (sum, [dippers, alike]) => withAllowanceOf(sum, alike, ingredient, dippers),
    base,
  );
}

/** What is used to taste, served or dipped, by a head's share of it. */
function withAllowanceOf(
  base: PooledNeed,
  uses: readonly IngredientUse[],
  ingredient: Ingredient,
  dippers: number,
): PooledNeed {
  const plates = uses.reduce((sum, use) => sum + (use.plates ?? 0), 0);
  const allowance = allowanceOf(ingredient, dippers);
  const of = (count: number) => toRational(toFraction(allowance).mul(count));
  const step = {
    label: `${dippers > 0 ? 'To dip' : 'To taste'}: ${plates} people × ${showNeed(allowance, ingredient)}`,
    value: showNeed(of(plates), ingredient),
    note:
      dippers > 0
        ? `5 to 6 pieces a head${dippers > 1 ? `, of ${dippers} things to dip` : ''}.`
        : 'An allowance, so that there is enough to taste with.',
  };
  return {
    ...base,
    need: toRational(toFraction(base.need).add(toFraction(of(plates)))),
    steps: [...base.steps, step],
    estimated: true,
    parts: [
      ...base.parts,
      ...uses.map((use) => ({ use, need: of(use.plates ?? 0), edible: of(use.plates ?? 0), state: '' })),
    ],
  };
}

/** An amount in the ingredient's shopping unit, in a state; null where a fact is missing. */
export function inShoppingUnit(
  amount: Amount,
  ingredient: Ingredient,
  end: 'low' | 'high' = 'low',
): Rational | null {
  const facts = conversionFacts(ingredient, []);
  const one: Amount = { low: amount[end], high: amount[end], unit: amount.unit };
  if (ingredient.shoppingUnit === 'piece' && amount.unit === 'piece') return amount[end];
  const converted = convert(
    one,
    ingredient.shoppingUnit === 'piece' ? 'g' : ingredient.shoppingUnit,
    facts,
    'metric',
  );
  if (!converted.ok) return null;
  const piece = ingredient.countGrams.piece?.value;
  if (ingredient.shoppingUnit !== 'piece') return converted.amount.low;
  return piece ? toRational(toFraction(converted.amount.low).div(toFraction(piece))) : null;
}

/** How much smaller one exact amount is than another, never below nothing. */
export function lessBy(from: Rational, by: Rational): Rational {
  const rest = toFraction(from).sub(toFraction(by));
  return rest.compare(0) > 0 ? toRational(rest) : '0';
}

export function smaller(a: Rational, b: Rational): Rational {
  return toFraction(a).compare(toFraction(b)) <= 0 ? a : b;
}

export function isSome(amount: Rational): boolean {
  return toNumber(amount) > 1e-9;
}
