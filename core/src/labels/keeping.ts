import type { RecipeLine } from '../recipes/index.js';
import { findIngredient, type Larder } from '../larder/index.js';

/** Days that a dish keeps cold and covered, by what is in it that keeps worst. ~ */
const keepers: readonly (readonly [days: number, pattern: RegExp, why: string])[] = [
  [1, /^(?:egg|duck-eggs|quail-eggs)$/, 'egg'],
  [1, /^avocado$/, 'avocado browns'],
  [1, /(?:^|-)rice$/, 'cooked rice: within 24 hours'],
  [
    1,
    /prawns$|^(?:crab-meat|mussels|clams|squid|scallops|lobster|oysters|tuna-steak)$|(?:salmon|cod|trout|mackerel|haddock)$/,
    'fish and shellfish',
  ],
  [1, /^(?:sprouts|alfalfa-sprouts|mung-sprouts|radish-sprouts)$/, 'sprouts'],
  [
    2,
    /^(?:cooked-|whole-)?(?:chicken|turkey|duck|minced|ham|roast-beef|beef|smoked-bacon|tuna$)/,
    'cooked meat or opened fish',
  ],
  [
    3,
    /(?:yoghurt|cream|fraiche|buttermilk|cheese|feta|mozzarella|ricotta|tofu|mayonnaise)$/,
    'fresh dairy, tofu or mayonnaise',
  ],
  [
    3,
    /(?:chickpeas|beans|lentils|peas|potato|quinoa|bulgur|couscous|farro|barley|pasta)$/,
    'cooked pulses, grains or potatoes',
  ],
  [
    3,
    /^(?:garlic|chilli|red-chilli|basil|parsley|coriander|mint|dill|ginger|shallot)$/,
    'fresh garlic, herbs or chilli',
  ],
];
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
    .filter(([, pattern]) => ids.some((id) => pattern.test(id)))
    .map(([days, , why]) => ({ days, why }));
  const isLeaves = foods.some(
    (food) =>
      food!.section === 'salad and herbs' &&
      /rocket|lettuce|gem|leaves|spinach|watercress|butterhead/.test(food!.id),
  );
  const all = isLeaves ? [...found, { days: leavesDays, why: 'cut leaves' }] : found;
  return all.sort((a, b) => a.days - b.days)[0] ?? { days: plainDays, why: 'cut vegetables and fruit' };
}
