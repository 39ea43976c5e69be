import {
  add,
  formatMillilitres,
  type MeasureSystem,
  multiply,
  type Rational,
  showNumber,
  showRational,
  toNumber,
  toRational,
  type UnitId,
  unitKind,
  unitName,
  unitSize,
  wholeRational,
} from '../amounts/index.js';
import type { Ingredient } from '../larder/index.js';
import { listed, pluralFor } from '../words/index.js';
import type { ChosenPack, IngredientUse } from './types.js';

/** "2 bunches of 30 g and 1 bag of 100 g", "7". */
export function buyWords(packs: readonly ChosenPack[], ingredient: Ingredient): string {
  return listed(packs.map((pack) => packWords(pack, ingredient)));
}

function packWords(pack: ChosenPack, ingredient: Ingredient): string {
  const unit = ingredient.shoppingUnit === 'piece' ? '' : ingredient.shoppingUnit;
  if (!pack.name) return unit ? showSize(pack.count * pack.size, unit) : String(pack.count * pack.size);
  const count = `${pack.count} ${pluralFor(pack.name, pack.count)}`;
  if (!unit) return pack.size === 1 ? count : `${count} of ${pack.size}`;
  return `${count} of ${showSize(pack.size, unit)}`;
}

/** Stable name of a combination: "2x400+1x200". */
export function packKey(packs: readonly ChosenPack[]): string {
  return packs.map((pack) => `${pack.count}x${pack.size}${pack.name ? '' : '~'}`).join('+');
}

function showSize(size: number, unit: string): string {
  if (size >= 1000) return `${showNumber(size / 1000)} ${unit === 'g' ? 'kg' : 'l'}`;
  return `${showNumber(size)} ${unit}`;
}

/** An amount in the ingredient's shopping unit: "1.2 kg", "2½". */
export function showNeed(need: Rational, ingredient: Ingredient): string {
  return ingredient.shoppingUnit === 'piece'
    ? showRational(need)
    : showSize(toNumber(need), ingredient.shoppingUnit);
}

export function leftOverWords(bought: number, need: number, ingredient: Ingredient): string {
  const left = bought - need;
  if (bought === 0 || left < bought * 0.02) return '';
  return ingredient.shoppingUnit === 'piece'
    ? `${leftPieces(left)} left`
    : `${showSize(Math.round(left), ingredient.shoppingUnit)} left`;
}

/** A part of a piece to the nearest quarter. */
function leftPieces(left: number): string {
  return showRational(toRational(Math.max(1, Math.round(left * 4)) / 4));
}

/** What cannot be added to the rest, unit by unit: "3 sprigs, 2 tbsp". */
export function writtenTotals(uses: readonly Pick<IngredientUse, 'amount' | 'count' | 'system'>[]): string {
  const system = uses[0]?.system ?? 'metric';
  const totals = new Map<UnitId, Rational>();
  for (const { amount, count } of uses)
    if (amount)
      totals.set(
        amount.unit,
        add(totals.get(amount.unit) ?? '0', multiply(amount.high, wholeRational(count))),
      );
  return [...totals].map(([unit, total]) => totalWords(unit, total, system)).join(', ');
}

/** More spoons than this nobody counts. */
const mostSpoons = 12;
const spoons: readonly UnitId[] = ['tsp', 'dsp', 'tbsp', 'cup'];

/** Whether an amount is a few spoons or cups, whole or in parts that there are. */
function isSpooned(unit: UnitId, total: Rational): boolean {
  const parts = Number(total.split('/')[1] ?? '1');
  return spoons.includes(unit) && parts <= 4 && toNumber(total) <= mostSpoons;
}

/** A spoon is shown in parts that there are: never 0.17 cup. */
function totalWords(unit: UnitId, total: Rational, system: MeasureSystem): string {
  const size = unitKind(unit) === 'volume' ? unitSize(unit, system) : null;
  if (size && isSpooned(unit, total)) return `${showRational(total)} ${unitName(unit, toNumber(total))}`;
  if (size && unit !== 'ml' && unit !== 'l') return formatMillilitres(toNumber(multiply(total, size)));
  const count = toNumber(total);
  const shown = unitKind(unit) === 'count' ? showNumber(Math.ceil(count - 1e-9)) : showNumber(count);
  const name = unitName(unit, count);
  return `${shown}${name ? ` ${name}` : ''}`;
}

/** Uses whose amounts add up without knowing what the food is: weights, volumes, or one kind of count. */
export function byKind(uses: readonly IngredientUse[]): IngredientUse[][] {
  const groups = new Map<string, IngredientUse[]>();
  for (const use of uses) {
    if (!use.amount) continue;
    const kind = unitKind(use.amount.unit);
    const key = kind === 'mass' || kind === 'volume' ? kind : use.amount.unit;
    groups.set(key, [...(groups.get(key) ?? []), use]);
  }
  // What is all written in one unit stays in it.
  return [...groups].map(([kind, alike]) =>
    alike.every(({ amount }) => amount!.unit === alike[0]!.amount!.unit)
      ? alike
      : alike.map((use) => inSmallest(use, kind)),
  );
}

/** A weight in grams and a volume in millilitres, whatever unit it was written in. */
function inSmallest(use: IngredientUse, kind: string): IngredientUse {
  const size = kind === 'mass' || kind === 'volume' ? unitSize(use.amount!.unit, use.system) : null;
  if (!size) return use;
  const unit = kind === 'mass' ? 'g' : 'ml';
  return {
    ...use,
    amount: { low: multiply(use.amount!.low, size), high: multiply(use.amount!.high, size), unit },
  };
}
