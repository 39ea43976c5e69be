import { type Workings } from '../amounts/index.js';
import { findIngredient, type Larder } from '../larder/index.js';
import { lineMeasure } from '../portions/index.js';
import { type ComponentRole, doing, either, type Recipe, type RecipeLine, saying } from '../recipes/index.js';
import { baseOf, weighedLines } from './base-of.js';
import { writtenSpoons } from './bowl.js';
import type { Base } from './dresses.js';

type SaltSource = 'cooking water' | 'food' | 'dressing' | 'toppings';

/** Salt of a finished dish by where it comes from, in grams for the recipe as written. */
interface SaltRow {
  readonly source: SaltSource;
  readonly grams: number;
  /** What brings it, most first. */
  readonly names: readonly string[];
}

export interface SaltInPlaces {
  readonly rows: readonly SaltRow[];
  readonly dishGrams: number;
  readonly percent: number;
  readonly window: readonly [low: number, high: number];
  /** Sentences: what is seasoned into the base, in which order, what is too much. */
  readonly remedies: readonly string[];
  readonly isOut: boolean;
  readonly workings: Workings;
}

/** Finished salt by what is dressed, in per cent: leaves 0.4–0.7, pulses, grains and potatoes 0.7–1.1. ~ */
const windowOf: Readonly<Record<Base, readonly [number, number]>> = {
  leaves: [0.4, 0.7],
  'vegetables and pulses': [0.7, 1.1],
  potatoes: [0.7, 1.1],
  bread: [0.7, 1.1],
  grains: [0.7, 1.1],
};

/** Of the salt in cooking water the food takes up so much; the rest goes down the sink. ~ */
const takenUp = 0.1;
const boils = either(doing('wet heat', 'brine'), saying('in salted water'));
const inSaltedWater = saying('in salted water');
/** Toppings that bring so much of the salt are waited for before the rest is seasoned. */
const saltyTopping = 0.25;
/** More dressings than this on one base are tasted side by side, and not eaten on it together. */
const mostDressings = 2;
/** Points of a per cent that nobody tastes. */
const slack = 0.1;
const saltDensity = 1.2;
const teaspoon = 5;

const sourceOfRole: Readonly<Record<ComponentRole, SaltSource | null>> = {
  base: 'food',
  dressing: 'dressing',
  dip: null,
  dippers: null,
  topping: 'toppings',
  garnish: 'toppings',
};

interface Salted {
  readonly source: SaltSource;
  readonly name: string;
  readonly salt: number;
  readonly grams: number;
}

/**
 * Where the salt of a finished salad comes from, against the window of what it is made of: cooking water,
 * food, dressing, toppings. What the dressing cannot bring is seasoned into the base. Null where nothing is
 * dressed, or where nobody knows what something in it consists of.
 */
export function saltInPlaces(recipe: Recipe, larder: Larder): SaltInPlaces | null {
  const base = baseOf(recipe, larder);
  const dressings = recipe.components.filter(({ role }) => role === 'dressing').length;
  if (!base || dressings === 0 || dressings > mostDressings) return null;
  const lines = [
    ...recipe.lines.flatMap((line) => saltedLine(line, recipe, larder) ?? []),
    ...saltedWater(recipe, larder),
  ];
  if (lines.includes('not known')) return null;
  const salted = lines.filter((line): line is Salted => line !== 'not known');
  const dishGrams = salted.reduce((sum, { grams }) => sum + grams, 0);
  if (dishGrams <= 0) return null;
  const rows = rowsOf(salted);
  const salt = rows.reduce((sum, { grams }) => sum + grams, 0);
  const percent = (salt / dishGrams) * 100;
  const window = windowOf[base.kind];
  return {
    rows,
    dishGrams,
    percent,
    window,
    isOut: percent < window[0] - slack || percent > window[1] + slack,
    remedies: remediesOf({ rows, salt, dishGrams, window }, hasSaltToTaste(recipe.lines, larder)),
    workings: workingsOf({ rows, dishGrams, percent, base: base.kind, window }),
  };
}

/** Whether salt is written without how much: what is seasoned to taste is not called too little. */
export function hasSaltToTaste(lines: readonly RecipeLine[], larder: Larder): boolean {
  return lines.some(
    ({ amount, toTaste, ingredient }) =>
      (!amount || toTaste) && (findIngredient(larder, ingredient)?.composition?.salt.value ?? 0) > 0.9,
  );
}

/** A line's salt; null of what is not eaten with it, and "not known" where nobody knows what is in it. */
function saltedLine(line: RecipeLine, recipe: Recipe, larder: Larder): Salted | 'not known' | null {
  const { role } = recipe.components.find(({ id }) => id === line.componentId)!;
  const source = sourceOfRole[role];
  if (!source || !line.amount || !line.unit || line.optional) return null;
  const food = findIngredient(larder, line.ingredient);
  const grams = food ? lineMeasure(line, food).grams : null;
  if (!food?.composition || grams === null) return 'not known';
  const share = food.composition.salt.value;
  if (share > 0.9 && isInWater(line, recipe))
    return { source: 'cooking water', name: line.name, salt: grams * share * takenUp, grams: 0 };
  // Salt by itself in the base seasons the food.
  return { source, name: line.name, salt: grams * share, grams };
}

/** What is boiled in water that is salted, and nobody says with how much, takes up so much. ~ */
const fromSaltedWater = 0.004;

function saltedWater(recipe: Recipe, larder: Larder): Salted[] {
  const steps = recipe.steps.filter(inSaltedWater);
  const boiled = new Set(steps.flatMap(({ uses }) => uses.map(({ line }) => line)));
  const isSalt = ({ ingredient }: { ingredient: string }) =>
    (findIngredient(larder, ingredient)?.composition?.salt.value ?? 0) > 0.9;
  const found = weighedLines(recipe, larder, ['base']).filter(({ line }) => boiled.has(line.id));
  if (found.some(isSalt)) return [];
  return found.map(({ line, grams }) => ({
    source: 'cooking water',
    name: line.name,
    salt: grams * fromSaltedWater,
    grams: 0,
  }));
}

/** Salt of a step that boils, and of no other. */
function isInWater({ id }: RecipeLine, { steps }: Recipe): boolean {
  const own = steps.filter(({ uses }) => uses.some(({ line }) => line === id));
  return own.length > 0 && own.every(boils);
}

const sources: readonly SaltSource[] = ['cooking water', 'food', 'dressing', 'toppings'];

function rowsOf(salted: readonly Salted[]): SaltRow[] {
  return sources.map((source) => {
    const own = salted.filter((each) => each.source === source).sort((a, b) => b.salt - a.salt);
    return {
      source,
      grams: own.reduce((sum, { salt }) => sum + salt, 0),
      names: own.filter(({ salt }) => salt >= 0.05).map(({ name }) => name),
    };
  });
}

interface ForRemedies {
  readonly rows: readonly SaltRow[];
  readonly salt: number;
  readonly dishGrams: number;
  readonly window: readonly [number, number];
}

function remediesOf(
  { rows, salt, dishGrams, window: [low, high] }: ForRemedies,
  isToTaste: boolean,
): string[] {
  const percent = (salt / dishGrams) * 100;
  const toppings = rows.find(({ source }) => source === 'toppings')!;
  const remedies: string[] = [];
  if (percent < low - slack && !isToTaste) {
    // Salt that is added is part of the dish: (salt + x) ÷ (dish + x) = low.
    const grams = (dishGrams * (low / 100) - salt) / (1 - low / 100);
    const teaspoons = grams / saltDensity / teaspoon;
    remedies.push(
      `Under ${low} % salt: season the base with ${writtenSpoons(eighth(teaspoons))} of fine salt, ` +
        `${round(grams)} g.`,
    );
  }
  if (percent > high + slack) {
    const [most] = [...rows].sort((a, b) => b.grams - a.grams);
    remedies.push(
      `Over ${high} % salt: less ${most!.names[0] ?? 'salt'}, which brings ${round(most!.grams)} g; ` +
        'leave the base unsalted.',
    );
  }
  if (salt > 0 && toppings.grams / salt >= saltyTopping)
    remedies.push(
      `Season before the ${toppings.names[0]} goes on, and lightly: it brings ${round(toppings.grams)} g ` +
        'of the salt.',
    );
  return remedies;
}

const eighth = (teaspoons: number) => Math.max(0.125, Math.round(teaspoons * 8) / 8);
const round = (value: number) => Math.round(value * 10) / 10;

function workingsOf({
  rows,
  dishGrams,
  percent,
  base,
  window,
}: {
  rows: readonly SaltRow[];
  dishGrams: number;
  percent: number;
  base: Base;
  window: readonly [number, number];
}): Workings {
  const salt = rows.reduce((sum, { grams }) => sum + grams, 0);
  return {
    title: 'Salt of the finished dish',
    estimated: true,
    result: `${Math.round(percent * 100) / 100} %`,
    steps: [
      ...rows.map(({ source, grams, names }) => ({
        label: `From the ${source}`,
        value: `${round(grams)} g`,
        ...(names.length > 0 ? { note: names.slice(0, 4).join(', ') } : {}),
      })),
      {
        label: `${round(salt)} g ÷ ${Math.round(dishGrams)} g of food`,
        value: `${Math.round(percent * 100) / 100} %`,
      },
      { label: `Usual for ${base}`, value: `${window[0]}–${window[1]} %` },
    ],
  };
}
