import {
  type ConversionFacts,
  type MeasureSystem,
  sizeOfUnit,
  toNumber,
  toRational,
} from '../amounts/index.js';
import { cacheByOwner } from '../identity/index.js';
import { conversionFacts, findIngredient, type Ingredient, type Larder } from '../larder/index.js';
import { shareThatGoesIn } from '../portions/index.js';
import { pieceSizeOf } from '../recipes/index.js';
import type { DressingLine, LineRole, LineShare, MissingRow } from './types.js';

/** What hardly has a volume beside the liquids is taken to weigh so much, in grams per millilitre. ~ */
const usualDensity = 1;
/** What lies more loosely than this takes less room once it is mixed in or blended: of so many g/ml. ~ */
const loose = 0.9;
const mixedIn = 1.05;
/** A liquid from here on counts as acid where parts are measured: 3 %. */
const acidLiquid = 0.03;
const oilFrom = 0.95;

/** A line with its food, its weight and its volume as it goes into the bowl: peeled, drained or swollen. */
export interface MeasuredLine extends LineShare {
  readonly food: Ingredient | null;
  /** Grams of the food itself; the rest of the weight is water that it has taken up. */
  readonly foodGrams: number;
}

interface Measuring {
  readonly measured: MeasuredLine | null;
  readonly missing: readonly MissingRow[];
}

const measuredLast = cacheByOwner<DressingLine, Measuring>();

/** Measures a line. What cannot be weighed is left out and said. */
export function measureLine(line: DressingLine, larder: Larder, system: MeasureSystem): Measuring {
  return measuredLast(line, [larder, system], () => measureNew(line, larder, system));
}

function measureNew(line: DressingLine, larder: Larder, system: MeasureSystem): Measuring {
  const food = ofEgg(findIngredient(larder, line.ingredient), line);
  const missing = (what: MissingRow['what'], sentence: string): MissingRow => ({
    lineId: line.id,
    name: line.name,
    what,
    sentence,
  });
  if (!line.amount || !line.unit)
    return { measured: null, missing: [missing('amount', `How much ${line.name} is not written`)] };
  const facts = withPack(conversionFacts(food, line.preparation, pieceSizeOf(line.note)), line);
  const count = toNumber(line.amount.low);
  const juice = juicePerPiece(line, food);
  const size = (to: 'g' | 'ml') => sizeOfUnit(line.unit!, to, facts, system);
  const density = facts.gramsPerMillilitre ? toNumber(facts.gramsPerMillilitre) : null;
  const millilitres = juice !== null ? juice * count : scaled(size('ml'), count);
  const isJuice = juice !== null || line.byProducts.includes('juice');
  const written = isJuice
    ? (millilitres ?? 0) * juiceDensity
    : (scaled(size('g'), count) ?? (isWatery(food) ? millilitres : null));
  if (written === null)
    return { measured: null, missing: [missing('weight', `What ${line.name} weighs is not known`)] };
  const share = isJuice ? 1 : shareThatGoesIn(line, food, line.unit);
  const grams = written * share;
  const role = roleOf(line, food);
  const measured: MeasuredLine = {
    lineId: line.id,
    name: line.name,
    ingredient: line.ingredient,
    food,
    role,
    grams,
    foodGrams: grams / Math.max(1, share),
    millilitres:
      role === 'rest' && !isJuice && (density ?? usualDensity) < loose
        ? grams / mixedIn
        : (scaled(millilitres, share) ?? grams / (density ?? usualDensity)),
  };
  return {
    measured,
    missing: food?.composition ? [] : [missing('composition', `What ${line.name} consists of is not known`)],
  };
}

/** Yolk and white of one egg: grams, and what they consist of. ~ */
const eggParts = {
  yolk: { grams: 18, water: 0.51, fat: 0.27, salt: 0.001 },
  white: { grams: 33, water: 0.88, fat: 0.002, salt: 0.004 },
} as const;

/** An egg of which only the yolk or the white goes in is that food. */
function ofEgg(food: Ingredient | null, { byProducts }: DressingLine): Ingredient | null {
  const part = byProducts.find((each): each is 'yolk' | 'white' => each === 'yolk' || each === 'white');
  if (!food || !part) return food;
  const { grams, water, fat, salt } = eggParts[part];
  const estimate = (value: number) => ({ value, source: 'estimate' as const });
  return {
    ...food,
    countGrams: { ...food.countGrams, piece: estimate(grams) },
    yields: {},
    composition: {
      water: estimate(water),
      fat: estimate(fat),
      sugar: estimate(0),
      salt: estimate(salt),
      acid: null,
    },
  };
}

/** Grams per millilitre of a citrus juice. ~ */
const juiceDensity = 1.03;

/** A tin or jar of the size that the line names. */
function withPack(facts: ConversionFacts, { pack, unit }: DressingLine): ConversionFacts {
  if (!pack || !unit) return facts;
  const grams = sizeOfUnit(pack.unit, 'g', {}, 'metric');
  const net = grams === null ? null : toRational(toNumber(pack.low) * grams);
  return net === null ? facts : { ...facts, gramsPerCount: { ...facts.gramsPerCount, [unit]: net } };
}

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
