import type { RecipeLine } from '../recipes/index.js';
import { family, findIngredient, type Larder } from '../larder/index.js';

/** Days that a dish keeps cold and covered, by what is in it that keeps worst. ~ */
const keepers: readonly (readonly [days: number, foods: ReadonlySet<string>, why: string])[] = [
  [1, family('eggs'), 'egg'],
  [1, new Set(['avocado']), 'avocado browns'],
  [1, family('rice'), 'cooked rice: within 24 hours'],
  [1, family('fresh fish and shellfish'), 'fish and shellfish'],
  [1, family('sprouts'), 'sprouts'],
  [2, family('meat', 'preserved fish'), 'cooked meat or opened fish'],
  [
    3,
    family('fresh dairy', 'cheese', 'plant yoghurt', 'tofu', 'mayonnaise'),
    'fresh dairy, tofu or mayonnaise',
  ],
  [3, family('pulses', 'grains', 'pasta', 'potatoes'), 'cooked pulses, grains or potatoes'],
  [3, family('fresh aromatics'), 'fresh garlic, herbs or chilli'],
];
const cutLeaves = family('cut leaves');
/** Cut leaves are limp the next day. */
const leavesDays = 1;
const plainDays = 3;

export interface Keeping {
  readonly days: number;
  readonly why: string;
}

/** How long a dish keeps, cold and covered; a day where something in it is not known. */
export function dishKeeping(lines: readonly RecipeLine[], larder: Larder): Keeping {
  const foods = lines.map((line) => findIngredient(larder, line.ingredient));
  if (foods.some((food) => food === null))
    return { days: 1, why: 'something in it is not in the larder: eaten the next day' };
  const ids = foods.map((food) => food!.id);
  const found: Keeping[] = keepers
    .filter(([, members]) => ids.some((id) => members.has(id)))
    .map(([days, , why]) => ({ days, why }));
  const isLeaves = ids.some((id) => cutLeaves.has(id));
  const all = isLeaves ? [...found, { days: leavesDays, why: 'cut leaves' }] : found;
  return all.sort((a, b) => a.days - b.days)[0] ?? { days: plainDays, why: 'cut vegetables and fruit' };
}
