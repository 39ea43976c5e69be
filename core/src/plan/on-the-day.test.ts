import { describe, expect, it } from 'vitest';
import { type OnTheDay, splitStations } from '../class/index.js';
import { usualKitchen } from '../kitchen/index.js';
import { clashReport, withWhatIf } from '../questions/index.js';
import { type Recipe, parseRecipeText } from '../recipes/index.js';
import { classOf, dish, recipe, step } from '../tests/recipes.js';
import { planClass } from './plan-class.js';

const kitchen = { ...usualKitchen, larder: [] };
const roast = parseRecipeText(
  [
    'Roast carrots',
    'Serves 4',
    '',
    '600 g carrots',
    '2 tbsp olive oil',
    '',
    'Method',
    'Roast the carrots with the oil at 200 °C for 25 minutes.',
    'Pile them on a plate.',
  ].join('\n'),
  { system: 'metric' },
);
const bundleOf = (onTheDay: OnTheDay, of: Recipe = roast) => ({
  class: classOf([dish(of)], { people: 8, decisions: { onTheDay } }),
  kitchen,
});
const lanes = (of: ReturnType<typeof planClass>) => of.timeline.clock.map(({ lane }) => lane);

describe('what is other in the kitchen for one class', () => {
  it('an oven that is out of order is not used, and Pack says so with what can be done', () => {
    expect(lanes(planClass(bundleOf({})))).toContain('oven');
    const without = planClass(bundleOf({ oven: 0 }));
    expect(lanes(without)).not.toContain('oven');
    const [shortage] = without.kit.shortages;
    expect(shortage).toMatchObject({ tool: 'oven', inKitchen: 0 });
    expect(shortage!.waysOut.length).toBeGreaterThan(0);
    expect(without.timeline.status).toBe('strained');
    expect(without.timeline.clashes.map(({ sentence }) => sentence)).toEqual([
      '“Roast the carrots with the oil at 200 °C” wants the oven, and there is none for this class',
    ]);
    expect(without.warnings.find(({ place }) => place === 'timeline')?.remedy).toBe(
      'Cook it another way, hire one, or take the dish off the menu.',
    );
  });
  it('what can be done is tried: another way to cook, or an oven that is hired', () => {
    const { result, waysOut } = clashReport(bundleOf({ oven: 0 }));
    expect(result).toMatchObject({ status: 'impossible', clash: { resources: ['oven'] } });
    expect(waysOut).toContainEqual({ kind: 'hire', appliance: 'oven' });
    expect(waysOut.some(({ kind }) => kind === 'instead')).toBe(true);
    for (const whatIf of waysOut)
      expect(planClass(withWhatIf(bundleOf({ oven: 0 }), whatIf)).timeline.status).toBe('scheduled');
  });
  it('the kitchen itself stays as it is: the next class has its oven', () => {
    planClass(bundleOf({ oven: 0 }));
    expect(lanes(planClass(bundleOf({})))).toContain('oven');
  });
  it('a second one that is hired is used: two rounds of 25 min are one', () => {
    // 40 people at 10 stations are 10 trays: with 2 shelves 5 rounds, with 10 one.
    const of = { class: classOf([dish(roast)], { people: 40, lengthMinutes: 300 }), kitchen };
    const wait = (onTheDay: OnTheDay) => {
      const { timeline } = planClass({ ...of, class: { ...of.class, decisions: { onTheDay } } });
      const entry = timeline.clock.find(({ lane, ref }) => lane === 'oven' && ref.role === 'wait')!;
      return entry.end - entry.start;
    };
    expect([wait({}), wait({ oven: 10 })]).toEqual([125, 25]);
  });
  it('benches are counted as they are on the day: 8 people at 2 stations, one bench', () => {
    expect(splitStations(8, 4).sizes).toHaveLength(2);
    const has = (onTheDay: OnTheDay) =>
      planClass(bundleOf(onTheDay)).warnings.some(({ id }) => id === 'benches');
    expect([has({}), has({ bench: 1 })]).toEqual([false, true]);
  });
});

describe('ways out of more than one change', () => {
  const held = recipe([], {
    steps: [
      step('a', { place: 'before', handsOnMinutes: 10, text: 'Cut the carrots.' }),
      step('b', { place: 'before', handsOnMinutes: 10, text: 'Grate the celeriac.' }),
    ],
  });
  // Three jobs of one pair of hands are pinned onto each other.
  const pinned = (pins: Record<string, number>) => ({
    class: classOf([dish(held)], { people: 4, decisions: { pins } }),
    kitchen,
  });
  it('where a single one frees it, none of two are offered', () => {
    const { waysOut, together } = clashReport(pinned({ 'd1/a': -60, 'd1/b': -55 }));
    expect(waysOut.length).toBeGreaterThan(0);
    expect(together).toEqual([]);
  });
  it('two pins that clash with a third, each, are let go together', () => {
    // Packing takes 4 min: -60 to -56 cuts into both, and they into each other.
    const { waysOut, together } = clashReport(pinned({ 'd1/a': -60, 'd1/b': -58, pack: -57 }));
    expect(waysOut.filter(({ kind }) => kind === 'unpin')).toEqual([]);
    expect(together[0]!.map(({ kind }) => kind)).toEqual(['unpin', 'unpin']);
    for (const each of together) expect(each).toHaveLength(2);
  });
});
