import { describe, expect, it } from 'vitest';
import { rowsOf, verbNamed } from '../language/index.js';
import { cookedFoods, cookingOf, cookingTime } from './cooking.js';
import { cookingTable } from './data/cooking.js';
import { keepingTable } from './data/keeping.js';
import { familyNames } from './families.js';
import { withFigure } from './figures.js';
import { figuresOf } from './figures-listed.js';
import { keepingOf, keepingOfAll, keepingRows, keepingStates, keepingStatesOf } from './keeping.js';
import { findIngredient, standardLarder } from './larder.js';
import { forms } from './types.js';

const food = (id: string) => findIngredient(standardLarder, id)!;
const doubled = (keys: readonly string[]) => keys.filter((key, at) => keys.indexOf(key) !== at);

describe('the table of cooking times', () => {
  const rows = rowsOf<'food' | 'way' | 'cut' | 'low' | 'high' | 'until' | 'change'>(cookingTable);
  it('has only foods of the larder, ways that are verbs or absorb, and cuts that are forms', () => {
    expect(cookedFoods().filter((id) => !standardLarder.ingredients.has(id))).toEqual([]);
    expect(rows.filter(({ way }) => way !== 'absorb' && !verbNamed(way))).toEqual([]);
    expect(rows.filter(({ cut }) => !(forms as readonly string[]).includes(cut))).toEqual([]);
  });
  it('has spans that can be true, and a sign for each', () => {
    const isOdd = ({ low, high, change, until }: (typeof rows)[number]) =>
      !(Number(low) > 0 && Number(low) <= Number(high) && Number(high) <= 240) ||
      !(Number(change) >= 0.3 && Number(change) <= 8) ||
      until === '';
    expect(rows.filter(isOdd)).toEqual([]);
  });
  it('has no row twice, and more than 300', () => {
    expect(doubled(rows.map(({ food: id, way, cut }) => `${id} ${way} ${cut}`))).toEqual([]);
    expect(rows.length).toBeGreaterThan(300);
  });
  it('of a cut that has no row the whole is taken, or the usual way', () => {
    expect(cookingTime(food('beetroot'), 'roast', 'grated')).toMatchObject({
      cut: 'whole',
      low: 50,
      high: 75,
    });
    expect(cookingTime(food('beetroot'), 'bake', 'diced')).toMatchObject({ way: 'roast', low: 25, high: 35 });
    expect(cookingTime(food('beetroot'), 'cook', 'whole')).toMatchObject({ way: 'boil' });
    expect(cookingTime(food('olive-oil'), 'boil', 'whole')).toBeNull();
  });
  it('gives way to the kitchen’s own figure, which is told as measured', () => {
    const own = withFigure(food('beetroot'), 'cooks.roast+whole', 90);
    expect(cookingTime(own, 'roast', 'whole')).toMatchObject({ low: 90, high: 90, kind: 'measured' });
    expect(figuresOf(own).find(({ key }) => key === 'cooks.roast+whole')).toMatchObject({
      label: 'Minutes to roast, whole',
      value: 90,
      source: 'measured',
    });
    expect(cookingOf(withFigure(food('rocket'), 'cooks.wilt+whole', 2))).toMatchObject([
      { way: 'wilt', low: 2, kind: 'measured' },
    ]);
  });
});

describe('the table of keeping', () => {
  const rows = rowsOf<'food' | 'state' | 'place' | 'kind'>(keepingTable);
  it('has only foods and families of the larder, and states that are asked about', () => {
    const isKnown = (name: string) =>
      name.startsWith('@')
        ? familyNames.includes(name.slice(1))
        : ['*', '?'].includes(name) || name === 'croutons' || standardLarder.ingredients.has(name);
    expect(rows.filter((row) => !isKnown(row.food))).toEqual([]);
    expect(rows.filter(({ state }) => !(keepingStates as readonly string[]).includes(state))).toEqual([]);
    expect(rows.filter(({ place }) => place !== 'cold' && place !== 'room')).toEqual([]);
    expect(rows.filter(({ kind }) => kind !== 'advice' && kind !== 'estimate')).toEqual([]);
  });
  it('has no row twice', () => {
    expect(doubled(rows.map((row) => `${row.food} ${row.state}`))).toEqual([]);
    expect(keepingRows.every(({ minutes }) => minutes > 0)).toBe(true);
  });
  it.each([
    ['beetroot', 'cooked', 4 * 1440],
    ['white-rice', 'cooked', 1440],
    ['salmon', 'cooked', 1440],
    // Of two families that it is of, the shorter.
    ['minced-beef', 'cooked', 1440],
    ['walnuts', 'toasted', 7 * 1440],
    ['garlic', 'in oil', 4 * 1440],
    ['cod', 'raw in acid', 30],
    ['duck-breast', 'raw in acid', 240],
    ['rocket', 'dressed', 15],
    ['kale', 'dressed', 120],
    ['swede', 'cooked', 3 * 1440],
  ] as const)('%s, %s: %d min', (id, state, minutes) =>
    expect(keepingOf(food(id), state)?.minutes).toBe(minutes),
  );
  it('of several foods takes the one that keeps worst, and of an unknown one a day', () => {
    const minutes = (...ids: string[]) => keepingOfAll(ids.map(food), 'in a dish').minutes / 1440;
    expect([minutes('beetroot'), minutes('beetroot', 'feta'), minutes('feta', 'egg')]).toEqual([3, 3, 1]);
    expect(keepingOfAll([food('beetroot'), null], 'in a dish')).toMatchObject({ minutes: 1440 });
    expect(keepingOfAll([], 'in a dressing').minutes).toBe(7 * 1440);
  });
  it('gives way to the kitchen’s own figure', () => {
    const own = withFigure(food('beetroot'), 'stays.cooked', 48);
    expect(keepingOf(own, 'cooked')).toMatchObject({ minutes: 2880, kind: 'measured' });
    expect(keepingStatesOf(own).map(({ state }) => state)).toEqual(['cooked']);
    expect(keepingOfAll([withFigure(food('egg'), 'stays.in-a-dish', 12)], 'in a dish').minutes).toBe(720);
  });
});
