import type { Workings } from '../amounts/index.js';
import type { ShoppingDecisions } from '../class/index.js';
import type { DishId } from '../identity/index.js';
import { counted, money } from '../words/index.js';
import type { ShoppingCost, ShoppingRow } from './types.js';

/** What is bought, at its prices: in all, a head and a dish. Unknown prices are named and not counted. */
export function costOf(
  rows: readonly ShoppingRow[],
  { currency, decisions }: { readonly currency: string; readonly decisions: ShoppingDecisions },
  people: number,
): ShoppingCost {
  const known = rows.filter((row) => row.cost !== null);
  const total = known.reduce((sum, row) => sum + row.cost!, 0);
  const cost = {
    currency,
    total,
    perHead: total / Math.max(1, people),
    unknown: rows.filter((row) => row.cost === null).map((row) => row.name),
    budget: decisions.budget,
    dishes: costByDish(known),
  };
  return { ...cost, workings: costWorkings(cost, known, people) };
}

/** What each dish costs, by what it uses of each row. */
function costByDish(known: readonly ShoppingRow[]): ShoppingCost['dishes'] {
  const dishes = new Map<DishId, ShoppingCost['dishes'][number]>();
  for (const row of known) {
    for (const { dishId, dish, share } of row.shares) {
      const cost = (dishes.get(dishId)?.cost ?? 0) + row.cost! * share;
      dishes.set(dishId, { dishId, dish, cost });
    }
  }
  return [...dishes.values()];
}

/** The dearest rows are named one by one, as long as they cost something. */
const mostNamed = 6;

function costWorkings(
  { currency, total, perHead, unknown, dishes }: Omit<ShoppingCost, 'workings'>,
  known: readonly ShoppingRow[],
  people: number,
): Workings {
  const dear = [...known]
    .sort((a, b) => b.cost! - a.cost!)
    .slice(0, mostNamed)
    .filter((row) => Math.round(row.cost! * 100) > 0);
  const others = total - dear.reduce((sum, row) => sum + row.cost!, 0);
  return {
    title: `Cost: about ${money(total, currency)}`,
    estimated: true,
    result: money(total, currency),
    steps: [
      ...dear.map((row) => ({ label: row.name, value: money(row.cost!, currency), note: row.buy })),
      ...(known.length > dear.length
        ? [{ label: counted(known.length - dear.length, 'more thing'), value: money(others, currency) }]
        : []),
      ...dishes.map(({ dish, cost }) => ({
        label: `For ${dish}`,
        value: money(cost, currency),
        note: `${Math.round((cost / Math.max(total, 0.01)) * 100)} % of it, by what each uses.`,
      })),
      ...(unknown.length > 0
        ? [{ label: 'Price not known, not counted', value: String(unknown.length), note: unknown.join(', ') }]
        : []),
      { label: `÷ ${people} people`, value: `${money(perHead, currency)} a head` },
    ],
  };
}
