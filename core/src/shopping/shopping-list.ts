import { showNumber, showRational, toFraction, toNumber, toRational, unitName, type Amount, type Rational, type WorkingStep } from '../amounts/index.js';
import { findIngredient, ingredientName, sections, standardLarder, type Ingredient, type Larder } from '../larder/index.js';
import { asPurchased, useLabel } from './as-purchased.js';
import { fruitPieces } from './fruit.js';
import { choosePacks } from './packs.js';
import type { ChosenPack, IngredientUse, ShoppingList, ShoppingRow } from './types.js';

export interface ShoppingOptions {
  readonly english: 'uk' | 'us';
  readonly larder?: Larder;
}

/**
 * Adds all uses up into one row an ingredient, as it is sold. Nothing is rounded until all uses are summed, but for
 * pieces that cannot be shared between batches. What the larder does not know is listed as written.
 */
export function buildShoppingList(uses: readonly IngredientUse[], options: ShoppingOptions): ShoppingList {
  const larder = options.larder ?? standardLarder;
  const groups = new Map<string, IngredientUse[]>();
  for (const use of uses) {
    const known = findIngredient(larder, use.ingredient);
    if (known && known.packs.length === 0) continue;
    const key = known ? known.id : `as-written:${use.name.toLowerCase()}`;
    const group = groups.get(key);
    if (group) group.push(use);
    else groups.set(key, [use]);
  }
  const rows = [...groups].map(([key, group]) => {
    const ingredient = findIngredient(larder, group[0]!.ingredient);
    return ingredient ? knownRow(key, group, ingredient, options) : writtenRow(key, group);
  });
  rows.sort((a, b) => sections.indexOf(a.section) - sections.indexOf(b.section) || a.name.localeCompare(b.name, 'en'));
  const bySection = sections.map((section) => ({ section, rows: rows.filter((row) => row.section === section) })).filter((each) => each.rows.length > 0);
  return { rows, sections: bySection };
}

interface Need { need: Rational; steps: WorkingStep[]; problems: IngredientUse[]; reason: string; estimated: boolean }

function knownRow(key: string, uses: readonly IngredientUse[], ingredient: Ingredient, options: ShoppingOptions): ShoppingRow {
  const name = ingredientName(ingredient, options.english);
  const measured = uses.filter((use): use is IngredientUse & { amount: Amount } => use.amount !== null);
  const total = totalNeed(measured, ingredient);
  const packs = choosePacks(atLeastSome(total.need, uses, ingredient), ingredient.packs);
  const buy = [buyWords(packs, ingredient), ...total.problems.map(writtenAmount)].filter(Boolean).join(' and ');
  const packStep = { label: 'As it is sold', value: buy, note: ingredient.packs.length > 1 ? 'No prices known: least left over, then fewest packs.' : undefined };
  const tasteStep = uses.length > measured.length ? [{ label: 'To taste', value: 'some', note: measured.length === 0 ? 'One of the smallest size is listed.' : 'Comes out of what is bought.' }] : [];
  return {
    key, ingredient: ingredient.id, name, section: ingredient.section, need: total.need, unit: ingredient.shoppingUnit, packs, buy,
    leftOver: leftOverWords(packs, total.need, ingredient), dishes: dishTitles(uses), inLarder: true,
    keepsDays: longestKeeping(ingredient), ripeningDays: ingredient.ripeningDays ?? null, remark: total.reason, estimated: total.estimated,
    workings: { title: `${capital(name)}: buy ${buy}`, steps: [...total.steps, ...tasteStep, packStep], result: buy, estimated: total.estimated },
  };
}

function totalNeed(uses: readonly (IngredientUse & { amount: Amount })[], ingredient: Ingredient): Need {
  if (ingredient.byProducts) {
    const fruit = fruitPieces(uses, ingredient);
    return { need: fruit.need, steps: fruit.steps, problems: [], reason: fruit.problem, estimated: true };
  }
  if (ingredient.id === 'egg') return eggNeed(uses, ingredient);
  return summed(uses, ingredient);
}

function summed(uses: readonly (IngredientUse & { amount: Amount })[], ingredient: Ingredient): Need {
  const total: Need = { need: '0', steps: [], problems: [], reason: '', estimated: false };
  let sum = toFraction('0');
  for (const use of uses) {
    const bought = asPurchased(use, ingredient);
    if (!bought.ok) {
      total.problems.push(use);
      total.reason = `Not added up: ${bought.reason}.`;
      continue;
    }
    sum = sum.add(toFraction(bought.need));
    total.steps.push(...bought.steps);
    total.estimated ||= bought.estimated;
  }
  total.need = toRational(sum);
  if (uses.length > 1) total.steps.push({ label: 'Together, as purchased', value: showNeed(total.need, ingredient) });
  return total;
}

/** Eggs bought = whole + the larger of yolks and whites: one egg gives one of each. */
function eggNeed(uses: readonly (IngredientUse & { amount: Amount })[], ingredient: Ingredient): Need {
  const whole = summed(uses.filter((use) => use.part.length === 0), ingredient);
  const yolks = summed(uses.filter((use) => use.part.includes('yolk')), ingredient);
  const whites = summed(uses.filter((use) => use.part.includes('white')), ingredient);
  if (yolks.need === '0' && whites.need === '0') return whole;
  const larger = toFraction(yolks.need).compare(toFraction(whites.need)) >= 0 ? yolks : whites;
  const need = toRational(toFraction(whole.need).add(toFraction(larger.need)));
  const step = { label: 'Whole + the larger of yolks and whites', value: `${whole.need} + ${larger.need} = ${need}`, note: `${yolks.need} yolks, ${whites.need} whites` };
  return { need, steps: [...whole.steps, ...yolks.steps, ...whites.steps, step], problems: [], reason: '', estimated: false };
}

/** What is only used to taste is still bought: the smallest there is. */
function atLeastSome(need: Rational, uses: readonly IngredientUse[], ingredient: Ingredient): Rational {
  if (need !== '0' || !uses.some((use) => use.amount === null)) return need;
  return String(Math.min(...ingredient.packs.map((pack) => pack.size)));
}

function buyWords(packs: readonly ChosenPack[], ingredient: Ingredient): string {
  return packs.map((pack) => packWords(pack, ingredient)).join(' and ');
}

function packWords(pack: ChosenPack, ingredient: Ingredient): string {
  const unit = ingredient.shoppingUnit === 'piece' ? '' : ingredient.shoppingUnit;
  if (!pack.name) return unit ? showSize(pack.count * pack.size, unit) : String(pack.count * pack.size);
  const count = `${pack.count} ${plural(pack.name, pack.count)}`;
  if (!unit) return pack.size === 1 ? count : `${count} of ${pack.size}`;
  return `${count} of ${showSize(pack.size, unit)}`;
}

function plural(name: string, count: number): string {
  if (count === 1) return name;
  if (name === 'loaf') return 'loaves';
  return /(?:ch|x|s|sh)$/.test(name) ? `${name}es` : `${name}s`;
}

function showSize(size: number, unit: string): string {
  if (size >= 1000) return `${showNumber(size / 1000)} ${unit === 'g' ? 'kg' : 'l'}`;
  return `${showNumber(size)} ${unit}`;
}

function showNeed(need: Rational, ingredient: Ingredient): string {
  return ingredient.shoppingUnit === 'piece' ? showRational(need) : showSize(toNumber(need), ingredient.shoppingUnit);
}

function leftOverWords(packs: readonly ChosenPack[], need: Rational, ingredient: Ingredient): string {
  const bought = packs.reduce((sum, pack) => sum + pack.count * pack.size, 0);
  const left = bought - toNumber(need);
  if (bought === 0 || left < bought * 0.02) return '';
  return ingredient.shoppingUnit === 'piece' ? `${leftPieces(left)} left` : `${showSize(Math.round(left), ingredient.shoppingUnit)} left`;
}

function capital(name: string): string {
  return name.charAt(0).toUpperCase() + name.slice(1);
}

/** A part of a piece to the nearest quarter. */
function leftPieces(left: number): string {
  return showRational(toRational(Math.max(1, Math.round(left * 4)) / 4));
}

function longestKeeping(ingredient: Ingredient): number | null {
  const days = Object.values(ingredient.keepingDays);
  return days.length > 0 ? Math.max(...days) : null;
}

function dishTitles(uses: readonly IngredientUse[]): string[] {
  return [...new Set(uses.map((use) => use.dishTitle))];
}

/** "3 × 30 g" as it stands in the recipe, for what cannot be added up. */
function writtenAmount(use: IngredientUse): string {
  if (!use.amount) return '';
  const total = toRational(toFraction(use.amount.high).mul(use.count));
  const unit = unitName(use.amount.unit, toNumber(total));
  return `${showRational(total)}${unit ? ` ${unit}` : ''}`;
}

/** A row for what the larder does not know: amounts of one unit are added, nothing is converted or invented. */
function writtenRow(key: string, uses: readonly IngredientUse[]): ShoppingRow {
  const totals = new Map<string, ReturnType<typeof toFraction>>();
  for (const use of uses) {
    if (use.amount) totals.set(use.amount.unit, (totals.get(use.amount.unit) ?? toFraction('0')).add(toFraction(use.amount.high).mul(use.count)));
  }
  const parts = [...totals].map(([unit, total]) => {
    const number = toNumber(toRational(total));
    const shown = unit === 'piece' ? showNumber(Math.ceil(number - 1e-9)) : showNumber(number);
    const name = unitName(unit as Amount['unit'], number);
    return `${shown}${name ? ` ${name}` : ''}`;
  });
  const buy = parts.join(' and ') || 'some';
  const steps = uses.map((use) => ({ label: useLabel(use), value: use.amount ? `${use.count > 1 ? `${use.count} × ` : ''}${showRational(use.amount.high)} ${unitName(use.amount.unit, 2)}`.trim() : 'to taste' }));
  return {
    key, ingredient: null, name: uses[0]!.name, section: 'other', need: null, unit: null, packs: [], buy, leftOver: '', dishes: dishTitles(uses),
    inLarder: false, keepsDays: null, ripeningDays: null, remark: 'Not in the larder: added up as written.', estimated: false,
    workings: { title: `${capital(uses[0]!.name)}: buy ${buy}`, steps, result: buy, estimated: false },
  };
}
