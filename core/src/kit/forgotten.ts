import { type ClassDish, isMadeByStudents } from '../class/index.js';
import { cacheByOwner } from '../identity/index.js';
import { findIngredient, type Larder, standardLarder } from '../larder/index.js';
import {
  doing,
  either,
  inOneAct,
  isDone,
  isSaid,
  type Recipe,
  type RecipeStep,
  saying,
} from '../recipes/index.js';
import type { ContainerInput } from './containers.js';
import type { KitCheck } from './types.js';

interface Rule {
  readonly id: string;
  readonly tool?: string;
  readonly asks: (menu: Menu) => boolean;
  readonly sentence: string;
}

/** What the steps of the menu do, to see what it will ask for. */
interface Menu {
  readonly steps: readonly RecipeStep[];
  readonly techniques: ReadonlySet<string>;
  readonly hasRaw: boolean;
  readonly tools: ReadonlySet<string>;
  readonly hasJuice: boolean;
}

const drains = either(doing('drain', 'rinse'), saying('drained'));
const isKept = either(doing('chill', 'cover'), saying('overnight'));
const coats = either(doing('marinate', 'coat'), saying('coated'));
const tosses = doing('toss');
const handlesChilli = saying('chilli');
const handlesLeaves = saying('salad leaves');
const pours = either(doing('pour', 'drizzle'), inOneAct(isDone('whisk', 'blend'), isSaid('slowly')));

/** Easily forgotten, and when to ask about it. */
const rules: readonly Rule[] = [
  {
    id: 'second-board',
    asks: ({ hasRaw }) => hasRaw,
    sentence: 'A second board and knife for raw meat, fish or shellfish, marked as such',
  },
  { id: 'juice-bowl', asks: ({ hasJuice }) => hasJuice, sentence: 'A bowl for the juice at each station' },
  {
    id: 'juice-strainer',
    asks: ({ hasJuice, tools }) => hasJuice && !tools.has('strainer'),
    sentence: 'A strainer to catch pips: no step names one',
  },
  {
    id: 'drain-strainer',
    asks: ({ steps, tools }) => steps.some(drains) && !tools.has('strainer'),
    sentence: 'A strainer to drain in: no step names one',
  },
  {
    id: 'lids',
    asks: ({ steps, tools }) => tools.has('storage box') || tools.has('jar with lid') || steps.some(isKept),
    sentence: 'Lids that fit the boxes and jars',
  },
  {
    id: 'bags',
    asks: ({ steps }) => steps.some(coats),
    sentence: 'Bags to coat or to marinate in',
  },
  {
    id: 'toss-bowl',
    asks: ({ steps, tools }) => steps.some(tosses) && !tools.has('large bowl'),
    sentence: 'A bowl big enough to toss in: no step names one',
  },
  {
    id: 'toss-with',
    asks: ({ steps, tools }) => steps.some(tosses) && !tools.has('tongs') && !tools.has('spatula'),
    sentence: 'Tongs or two spoons to toss with',
  },
  {
    id: 'gloves',
    asks: ({ steps }) => steps.some(handlesChilli),
    sentence: 'Gloves for the chillies',
  },
  {
    id: 'spins',
    asks: ({ steps, tools }) => steps.some(handlesLeaves) && !tools.has('salad spinner'),
    sentence: 'A spinner or clean towels to dry the leaves',
  },
  {
    id: 'pouring',
    asks: ({ steps }) => steps.some(pours),
    sentence: 'A jug with a lip, so that nothing is spilt while pouring',
  },
  { id: 'probe', asks: ({ hasRaw }) => hasRaw, sentence: 'A probe thermometer and wipes' },
];

/** What this menu asks for that is easily forgotten and that no step names. */
export function forgottenChecks(dishes: readonly ClassDish[], larder: Larder = standardLarder): KitCheck[] {
  const menu = menuOf(dishes, larder);
  return rules.filter((rule) => rule.asks(menu)).map(({ id, sentence }) => ({ id, sentence }));
}

const menus = cacheByOwner<Larder, Menu>();

function menuOf(dishes: readonly ClassDish[], larder: Larder): Menu {
  const recipes = dishes.map((dish) => dish.recipe);
  return menus(larder, [recipes.length, ...recipes], () => menuIn(recipes, larder));
}

function menuIn(recipes: readonly Recipe[], larder: Larder): Menu {
  const steps = recipes.flatMap((recipe) => recipe.steps);
  const lines = recipes.flatMap((recipe) => recipe.lines);
  return {
    steps,
    techniques: new Set(steps.flatMap((step) => step.techniques)),
    tools: new Set(steps.flatMap((step) => step.tools)),
    hasJuice: lines.some((line) => line.byProducts.includes('juice')),
    hasRaw: lines.some((line) => findIngredient(larder, line.ingredient)?.cautions.includes('raw-protein')),
  };
}

/** Things that are used up, with the grams of one. */
const consumables = [
  { tool: 'roll of kitchen paper', note: '', grams: 300 },
  { tool: 'labels and a pen', note: 'name, date and use by on what is kept', grams: 80 },
  { tool: 'box to carry food home', note: '', grams: 40 },
  { tool: 'sheet of baking paper', note: '', grams: 10 },
  { tool: 'cover for a bowl', note: 'film, a plate or a lid', grams: 10 },
  { tool: 'pair of gloves', note: 'for raw meat and chillies', grams: 10 },
  { tool: 'bag of ice', note: '', grams: 1000 },
] as const;
type ConsumableName = (typeof consumables)[number]['tool'];

interface Consumable {
  readonly tool: string;
  readonly count: number;
  readonly note: string;
  readonly why: string;
  readonly grams: number;
}

const covers = either(doing('cover', 'chill'), saying('cover', 'overnight'));

const chillsInIce = saying('ice water');

/** How many bowls are covered: at each station that does it, once where it is made ahead or shown. */
function coversOf({ dishes, stations }: ContainerInput): number {
  return dishes.reduce((sum, { decided, portions }) => {
    const benches = portions.batches
      .filter((batch) => batch.stations.length > 0)
      .reduce((count, batch) => count + batch.count, 0);
    const steps = decided.recipe.steps.filter(covers);
    const atBenches = isMadeByStudents(decided.maker) ? benches || stations.length : 1;
    return sum + steps.reduce((count, { place }) => count + (place === 'in class' ? atBenches : 1), 0);
  }, 0);
}

/**
 * What is used up, by what the menu does. Sheets, bags and labels are counted by use; trays are those at
 * once.
 */
export function consumableCounts(input: ContainerInput & { people: number }, trays: number): Consumable[] {
  const { people } = input;
  const stations = input.stations.length;
  const { steps, hasRaw } = menuOf(
    input.dishes.map(({ decided }) => decided),
    input.larder ?? standardLarder,
  );
  const covered = coversOf(input);
  const wantsGloves = hasRaw || steps.some(handlesChilli);
  const wantsIce = steps.some(chillsInIce);
  const counts: Readonly<Record<ConsumableName, readonly [count: number, why: string]>> = {
    'roll of kitchen paper': [
      Math.max(1, Math.ceil(stations / 3)),
      `One for every 3 of ${stations} stations`,
    ],
    'labels and a pen': [1, 'One set'],
    'box to carry food home': [people, 'One a person'],
    'sheet of baking paper': [trays, 'One for each tray that is in use at once'],
    'cover for a bowl': [
      covered,
      'One for each bowl that is covered or chilled, at every station that does it',
    ],
    'pair of gloves': [wantsGloves ? people : 0, 'One pair a person'],
    'bag of ice': [wantsIce ? Math.ceil(stations / 2) : 0, `One for every 2 of ${stations} stations`],
  };
  return consumables
    .map(({ tool, note, grams }) => {
      const [count, why] = counts[tool];
      return { tool, count, note, why, grams };
    })
    .filter(({ count }) => count > 0);
}

/** The largest station, and how many boards each works on at once. */
export interface StationSize {
  readonly largest: number;
  readonly boards: number;
}

/** What every station wants whatever is cooked. */
export const alwaysAtStations: readonly {
  readonly id: string;
  readonly count: (of: StationSize) => number;
  readonly note: string;
  readonly why: string;
  readonly grams: number;
}[] = [
  {
    id: 'damp cloth',
    count: ({ boards }) => Math.max(1, boards),
    note: 'under each board, so that it cannot slip',
    why: 'One under each board',
    grams: 80,
  },
  {
    id: 'tasting spoons',
    count: ({ largest }) => largest * 2,
    note: 'two a person: one in use, one clean',
    why: 'Two a person at the largest station',
    grams: 25,
  },
  { id: 'scrap bowl', count: () => 1, note: '', why: 'One at every station', grams: 250 },
  {
    id: 'tea towel',
    count: () => 2,
    note: 'one for hands, one for hot handles',
    why: 'Two at every station',
    grams: 60,
  },
];

export const alwaysAtBench: typeof alwaysAtStations = [
  {
    id: 'damp cloth',
    count: ({ boards }) => Math.max(1, boards),
    note: 'under each board',
    why: 'One under each board',
    grams: 80,
  },
  {
    id: 'tilted mirror or camera',
    count: () => 1,
    note: 'so that hands do not hide the work',
    why: 'One for the demonstration',
    grams: 2500,
  },
  { id: 'scrap bowl', count: () => 1, note: '', why: 'One at the bench', grams: 250 },
];
