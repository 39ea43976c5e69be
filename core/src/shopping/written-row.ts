import { showRational, unitName, type Workings } from '../amounts/index.js';
import { capital } from '../words/index.js';
import { useLabel } from './as-purchased.js';
import { daysToBuy, dishTitles, groupOf, type RowContext } from './row-parts.js';
import { supplierOf } from './trips.js';
import type { IngredientUse, ShoppingRow } from './types.js';
import { byKind, writtenTotals } from './words.js';

/**
 * A row for what the larder does not know: amounts of one unit are added, nothing is converted or invented.
 */
export function writtenRow(key: string, uses: readonly IngredientUse[], context: RowContext): ShoppingRow {
  const [first, ...others] = byKind(uses);
  const buy = first ? writtenTotals(first) : 'some';
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
    group: groupOf(uses),
    inLarder: false,
    supplier: supplierOf('other', context.suppliers).name,
    buyFrom: days?.from ?? null,
    buyUntil: days?.until ?? null,
    trip: null,
    keepsDays: null,
    ripeningDays: null,
    remark:
      others.length > 0
        ? `Not in it yet: ${writtenTotals(others.flat())}. Add it to the larder, so that it can be added up.`
        : groupOf(uses)
          ? ''
          : 'Not in the larder: added up as written.',
    isPartial: others.length > 0,
    missing: null,
    insteadOf: '',
    substitutes: [],
    estimated: false,
    workings: writtenWorkings(uses, buy),
  };
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
