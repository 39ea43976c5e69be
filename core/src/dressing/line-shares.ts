import { type MeasureSystem, sizeOfUnit, toNumber } from '../amounts/index.js';
import { rememberLast } from '../identity/index.js';
import { conversionFacts, findIngredient, type Ingredient, type Larder } from '../larder/index.js';
import type { DressingLine, LineRole, LineShare, MissingRow } from './types.js';

/** What hardly has a volume beside the liquids is taken to weigh so much, in grams per millilitre. ~ */
const usualDensity = 1;
/** A liquid from here on counts as acid where parts are measured: 3 %. */
const acidLiquid = 0.03;
const oilFrom = 0.95;

/** A line with its food, its weight and its volume; null where its amount is not known. */
export interface MeasuredLine extends LineShare {
  readonly food: Ingredient | null;
}

interface Measuring {
  readonly measured: MeasuredLine | null;
  readonly missing: readonly MissingRow[];
}

const measuredLast = rememberLast<DressingLine, Measuring>();

/** Measures a line. What cannot be weighed is left out and said. */
export function measureLine(line: DressingLine, larder: Larder, system: MeasureSystem): Measuring {
  return measuredLast(line, [larder, system], () => measureNew(line, larder, system));
}

function measureNew(line: DressingLine, larder: Larder, system: MeasureSystem): Measuring {
  const food = findIngredient(larder, line.ingredient);
  const missing = (what: MissingRow['what'], sentence: string): MissingRow => ({
    lineId: line.id,
    name: line.name,
    what,
    sentence,
  });
  if (!line.amount || !line.unit)
    return { measured: null, missing: [missing('amount', `How much ${line.name} is not written`)] };
  const facts = conversionFacts(food, line.preparation);
  const count = toNumber(line.amount.low);
  const juice = juicePerPiece(line, food);
  const size = (to: 'g' | 'ml') => sizeOfUnit(line.unit!, to, facts, system);
  const density = facts.gramsPerMillilitre ? toNumber(facts.gramsPerMillilitre) : null;
  const millilitres = juice !== null ? juice * count : scaled(size('ml'), count);
  const grams =
    juice !== null || line.byProducts.includes('juice')
      ? (millilitres ?? 0) * juiceDensity
      : (scaled(size('g'), count) ?? (isWatery(food) ? millilitres : null));
  if (grams === null)
    return { measured: null, missing: [missing('weight', `What ${line.name} weighs is not known`)] };
  const measured: MeasuredLine = {
    lineId: line.id,
    name: line.name,
    ingredient: line.ingredient,
    food,
    role: roleOf(line, food),
    grams,
    millilitres: millilitres ?? grams / (density ?? usualDensity),
  };
  return {
    measured,
    missing: food?.composition ? [] : [missing('composition', `What ${line.name} consists of is not known`)],
  };
}

/** Grams per millilitre of a citrus juice. ~ */
const juiceDensity = 1.03;

function scaled(size: number | null, count: number): number | null {
  return size === null ? null : size * count;
}

/**
 * Vinegars and stocks are water but for a little: a millilitre of one weighs a gram where no density is kept.
 */
function isWatery(food: Ingredient | null): boolean {
  return (food?.composition?.water.value ?? 0) >= 0.85 && food?.shoppingUnit === 'ml';
}

/** Supplies count at their low end: "the juice of 2 lemons" is at least 2 × 35 ml. */
function juicePerPiece(line: DressingLine, food: Ingredient | null): number | null {
  const low = food?.byProducts?.juiceMillilitres?.low.value;
  return line.unit === 'piece' && line.byProducts.includes('juice') && low ? low : null;
}

function roleOf(line: DressingLine, food: Ingredient | null): LineRole {
  const { composition } = food ?? {};
  if (!composition) return 'rest';
  if (composition.fat.value >= oilFrom) return 'oil';
  if (composition.salt.value >= 0.9) return 'salt';
  if (composition.sugar.value >= 0.6 && !composition.acid) return 'sweet';
  const isLiquid = food!.shoppingUnit === 'ml' || line.byProducts.includes('juice');
  return isLiquid && (composition.acid?.share.value ?? 0) > acidLiquid ? 'acid' : 'rest';
}
