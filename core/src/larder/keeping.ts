import type { IngredientId } from '../identity/index.js';
import { rowsOf } from '../language/index.js';
import { keepingTable } from './data/keeping.js';
import { family } from './families.js';
import type { Ingredient } from './types.js';

/** What food is when it is kept: on its own, or in what is made of it. */
export const keepingStates = [
  'in a dish',
  'in a dressing',
  'in oil',
  'in acid',
  'raw in acid',
  'cooked',
  'toasted',
  'cut',
  'washed',
  'dressed',
  'opened',
  'made',
  'prepared',
  'quickly pickled',
] as const;
export type KeepingState = (typeof keepingStates)[number];

/** How long food in some state keeps, where, and why no longer. */
export interface KeepingTime {
  readonly state: KeepingState;
  readonly place: 'cold' | 'room';
  readonly minutes: number;
  readonly why: string;
  /** General advice, or an estimate of the trade; the kitchen's own where it has one. */
  readonly kind: 'advice' | 'estimate' | 'measured';
}

interface Row extends KeepingTime {
  readonly is: (id: IngredientId) => boolean;
  /** Of any food that has no row of its own, or of one that the larder does not know. */
  readonly of: 'some' | 'any' | 'unknown';
}

const minutesOf: Readonly<Record<string, number>> = { minute: 1, hour: 60, day: 1440 };
const time = /^(\d+) (minute|hour|day)s?$/;

const rows: readonly Row[] = rowsOf<'food' | 'state' | 'place' | 'time' | 'why' | 'kind'>(keepingTable).map(
  ({ food, state, place, time: written, why, kind }) => {
    const [, count, unit] = time.exec(written) ?? [];
    if (!count || !unit) throw new Error(`“${written}” is no time.`);
    const members = food.startsWith('@') ? family(food.slice(1)) : new Set([food]);
    return {
      state: state as KeepingState,
      place: place as KeepingTime['place'],
      minutes: Number(count) * minutesOf[unit]!,
      why,
      kind: kind as KeepingTime['kind'],
      is: (id) => members.has(id),
      of: food === '*' ? 'any' : food === '?' ? 'unknown' : 'some',
    };
  },
);

/** Rows of the table as they stand. */
export const keepingRows: readonly KeepingTime[] = rows;

/**
 * How long a food keeps in some state, by `larder/data/keeping.csv`: the shortest of its own rows, or the row
 * of any food, or null where there is neither. A kitchen's own figure wins.
 */
export function keepingOf(food: Ingredient | IngredientId | null, state: KeepingState): KeepingTime | null {
  const id = typeof food === 'string' ? food : (food?.id ?? '');
  const own = typeof food === 'object' ? food?.stays?.[state] : undefined;
  const found = ownRowOf(id, state) ?? rows.find((row) => row.state === state && row.of === 'any') ?? null;
  if (own === undefined) return found;
  const { place, why } = found ?? { place: 'cold', why: 'this kitchen’s own figure' };
  return { state, place, why, minutes: own, kind: 'measured' };
}

/** The shortest of the rows that a food or its family has in some state. */
function ownRowOf(id: IngredientId, state: KeepingState): Row | undefined {
  return rows
    .filter((row) => row.state === state && row.of === 'some' && row.is(id))
    .sort((one, other) => one.minutes - other.minutes)[0];
}

/** Every state in which a food has a row of its own. */
export function keepingStatesOf(food: Ingredient): KeepingTime[] {
  return keepingStates.flatMap((state) => {
    const has = food.stays?.[state] !== undefined || ownRowOf(food.id, state) !== undefined;
    return has ? [keepingOf(food, state)!] : [];
  });
}

/** How long what is made of some foods keeps: as the one that keeps worst; null is one that nobody knows. */
export function keepingOfAll(
  foods: readonly (Ingredient | IngredientId | null)[],
  state: 'in a dish' | 'in a dressing',
): KeepingTime {
  const special = (of: Row['of']) => rows.find((row) => row.state === state && row.of === of)!;
  if (foods.some((food) => food === null)) return special('unknown');
  // Of two that keep as long the one that stands first in the table says why.
  const place = (kept: KeepingTime) => (kept === special('any') ? rows.length : rows.indexOf(kept as Row));
  return [special('any'), ...foods.map((food) => keepingOf(food, state)!)].sort(
    (one, other) => one.minutes - other.minutes || place(one) - place(other),
  )[0]!;
}
