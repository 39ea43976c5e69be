import { multiply, showRational, unitKind, unitName, unitSize, type Workings } from '../amounts/index.js';
import { capital } from '../words/index.js';
import { useLabel } from './as-purchased.js';
import { daysToBuy, dishTitles, type RowContext } from './row-parts.js';
import { supplierOf } from './trips.js';
import type { IngredientUse, ShoppingRow } from './types.js';
import { writtenTotals } from './words.js';

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
        : 'Not in the larder: added up as written.',
    isPartial: others.length > 0,
    missing: null,
    insteadOf: '',
    substitutes: [],
    estimated: false,
    workings: writtenWorkings(uses, buy),
  };
}

/** Uses whose amounts add up without knowing what the food is: weights, volumes, or one kind of count. */
function byKind(uses: readonly IngredientUse[]): IngredientUse[][] {
  const groups = new Map<string, IngredientUse[]>();
  for (const use of uses) {
    if (!use.amount) continue;
    const kind = unitKind(use.amount.unit);
    const key = kind === 'mass' || kind === 'volume' ? kind : use.amount.unit;
    groups.set(key, [...(groups.get(key) ?? []), inSmallest(use, key)]);
  }
  return [...groups.values()];
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

function writtenWorkings(uses: readonly IngredientUse[], buy: string): Workings {
  const steps = uses.map((use) => ({ label: useLabel(use), value: writtenTimes(use) }));
  return { title: `${capital(uses[0]!.name)}: buy ${buy}`, steps, result: buy, estimated: false };
}

function writtenTimes({ amount, count }: IngredientUse): string {
  if (!amount) return 'to taste';
  const times = count > 1 ? `${count} × ` : '';
  return `${times}${showRational(amount.high)} ${unitName(amount.unit, 2)}`.trim();
}
