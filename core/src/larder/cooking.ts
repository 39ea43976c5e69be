import type { IngredientId } from '../identity/index.js';
import { rowsOf } from '../language/index.js';
import { cookingTable } from './data/cooking.js';
import type { Ingredient } from './types.js';

/** How long a food is cooked in one way and cut, and what ends it. All minutes are estimates of the trade. */
export interface CookingTime {
  /** A verb: "boil", "roast", "soak". */
  readonly way: string;
  /** "whole", "diced" … */
  readonly cut: string;
  /** Minutes. */
  readonly low: number;
  readonly high: number;
  /** The sign that ends it. */
  readonly until: string;
  /** How much water: "plenty", "to cover", "measured"; empty where there is none. */
  readonly water: string;
  /** Weight cooked ÷ raw. */
  readonly change: number;
  readonly kind: 'estimate' | 'measured';
}

type Column = 'food' | 'way' | 'cut' | 'low' | 'high' | 'until' | 'water' | 'change' | 'kind';

let timesByFood: ReadonlyMap<IngredientId, readonly CookingTime[]> | null = null;

/** Read when it is first asked: few pages ever cook. */
function table(): ReadonlyMap<IngredientId, readonly CookingTime[]> {
  if (timesByFood) return timesByFood;
  const found = new Map<IngredientId, CookingTime[]>();
  for (const { food, way, cut, low, high, until, water, change } of rowsOf<Column>(cookingTable)) {
    const times = found.get(food) ?? [];
    times.push({
      way,
      cut,
      low: Number(low),
      high: Number(high),
      until,
      water,
      change: Number(change),
      kind: 'estimate',
    });
    found.set(food, times);
  }
  timesByFood = found;
  return found;
}

/** The ids of all foods that have a row. */
export function cookedFoods(): readonly IngredientId[] {
  return [...table().keys()];
}

/** Every way that a food is cooked, the usual one first, by the table; a kitchen's own minutes win. */
export function cookingOf({ id, cooking = {} }: Pick<Ingredient, 'id' | 'cooking'>): readonly CookingTime[] {
  const standard = table().get(id) ?? [];
  const own = (time: CookingTime): CookingTime => {
    const minutes = cooking[keyOf(time)];
    return minutes === undefined ? time : { ...time, low: minutes, high: minutes, kind: 'measured' };
  };
  const added = Object.entries(cooking)
    .filter(([key]) => !standard.some((time) => keyOf(time) === key))
    .map(([key, minutes]) => ownTime(key, minutes));
  return [...standard.map(own), ...added];
}

/** The key of a way and a cut among the figures of a food: "boil+whole". */
export function keyOf({ way, cut }: Pick<CookingTime, 'way' | 'cut'>): string {
  return `${way}+${cut}`;
}

function ownTime(key: string, minutes: number): CookingTime {
  const [way = '', cut = 'whole'] = key.split('+');
  return { way, cut, low: minutes, high: minutes, until: '', water: '', change: 1, kind: 'measured' };
}

/** Verbs that a row of another verb stands for, the nearest first. */
const standsFor: Readonly<Record<string, readonly string[]>> = {
  boil: ['boil', 'hard-boil', 'simmer', 'absorb'],
  simmer: ['simmer', 'boil', 'absorb'],
  parboil: ['blanch'],
  cook: [],
  roast: ['roast', 'bake'],
  'oven-roast': ['roast', 'bake'],
  bake: ['bake', 'roast'],
  'oven-bake': ['bake', 'roast'],
  grill: ['grill', 'toast'],
  broil: ['grill', 'toast'],
  griddle: ['grill'],
  barbecue: ['grill'],
  'char-grill': ['grill'],
  chargrill: ['grill'],
  char: ['grill'],
  blister: ['grill'],
  braai: ['grill'],
  braise: ['braise', 'stew'],
  stew: ['stew', 'braise'],
  soak: ['soak'],
};

/**
 * How long a food takes by a verb and as it is cut; by "cook" as it is usually cooked. Null where no row
 * tells.
 */
export function cookingTime(
  food: Pick<Ingredient, 'id' | 'cooking'>,
  verb: string,
  cut: string,
): CookingTime | null {
  const times = cookingOf(food);
  const ways = verb === 'cook' ? times.slice(0, 1).map(({ way }) => way) : (standsFor[verb] ?? [verb]);
  const way = ways.find((each) => times.some((time) => time.way === each));
  const ofWay = times.filter((time) => time.way === way);
  return (
    ofWay.find((time) => time.cut === cut) ?? ofWay.find((time) => time.cut === 'whole') ?? ofWay[0] ?? null
  );
}
