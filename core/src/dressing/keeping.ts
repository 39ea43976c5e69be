import type { IngredientId } from '../identity/index.js';
import { family, findIngredient, type Larder } from '../larder/index.js';
import type { Balance } from './types.js';

/** Days that a dressing or dip keeps cold, by what is in it that keeps worst. ~ */
const keepers: readonly (readonly [days: number, foods: ReadonlySet<string>, why: string])[] = [
  [1, family('eggs'), 'raw egg'],
  [1, new Set(['avocado']), 'avocado browns'],
  [
    3,
    family('fresh aromatics'),
    'fresh garlic, chilli, shallot or herbs, which in oil are kept cold and used within 4 days',
  ],
  [3, family('fresh dairy', 'plant yoghurt', 'plant drinks', 'tofu', 'blue cheese'), 'fresh dairy or tofu'],
  [3, family('pulses'), 'cooked or opened pulses'],
];
const plainDays = 7;

export interface DressingKeeping {
  readonly days: number;
  readonly why: string;
}

/** How long a bowl keeps cold and covered, and by what. No acidity is claimed to keep it longer. */
export function dressingKeeping(
  { lines, missing }: Pick<Balance, 'lines' | 'missing'>,
  larder: Larder,
): DressingKeeping {
  const ids = lines.flatMap(({ ingredient }) => (ingredient === null ? [] : [ingredient]));
  const found = keepers.filter(([, foods]) => ids.some((id) => foods.has(id)));
  const [worst] = [...found].sort((a, b) => a[0] - b[0]);
  const isKnown = (id: IngredientId) => findIngredient(larder, id) !== null;
  const isOpen = missing.some(({ what }) => what === 'weight' || what === 'composition');
  if (isOpen || ids.length < lines.length || !ids.every(isKnown))
    return { days: 1, why: 'something in it is not in the larder: used the next day' };
  return worst ? { days: worst[0], why: worst[2] } : { days: plainDays, why: 'oil, acid and seasoning' };
}
