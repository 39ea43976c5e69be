import {
  add,
  type Amount,
  multiply,
  type Rational,
  showNumber,
  showRational,
  toNumber,
  unitName,
  wholeRational,
  type Workings,
} from '../amounts/index.js';
import { capital } from '../words/index.js';
import { useLabel } from './as-purchased.js';
import { daysToBuy, dishTitles, type RowContext } from './row-parts.js';
import { supplierOf } from './trips.js';
import type { IngredientUse, ShoppingRow } from './types.js';

/**
 * A row for what the larder does not know: amounts of one unit are added, nothing is converted or invented.
 */
export function writtenRow(key: string, uses: readonly IngredientUse[], context: RowContext): ShoppingRow {
  const buy = totalsOf(uses) || 'some';
  const days = daysToBuy(null, uses, context.classDate);
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
    workings: writtenWorkings(uses, buy),
  };
}

/** The amounts as they are written, added up unit by unit: "3 sprigs and 2 tbsp". */
function totalsOf(uses: readonly IngredientUse[]): string {
  const totals = new Map<Amount['unit'], Rational>();
  for (const { amount, count } of uses)
    if (amount)
      totals.set(
        amount.unit,
        add(totals.get(amount.unit) ?? '0', multiply(amount.high, wholeRational(count))),
      );
  return [...totals].map(([unit, total]) => totalWords(unit, toNumber(total))).join(' and ');
}

function writtenWorkings(uses: readonly IngredientUse[], buy: string): Workings {
  const steps = uses.map((use) => ({ label: useLabel(use), value: writtenTimes(use) }));
  return { title: `${capital(uses[0]!.name)}: buy ${buy}`, steps, result: buy, estimated: false };
}

function writtenTimes({ amount, count }: IngredientUse): string {
  if (!amount) return 'to taste';
  const times = count > 1 ? `${count} × ` : '';
  return `${times}${showRational(amount.high)} ${unitName(amount.unit, 2)}`.trim();
}

function totalWords(unit: Amount['unit'], total: number): string {
  const shown = unit === 'piece' ? showNumber(Math.ceil(total - 1e-9)) : showNumber(total);
  const name = unitName(unit, total);
  return `${shown}${name ? ` ${name}` : ''}`;
}
