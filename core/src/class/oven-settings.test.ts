import { describe, expect, it } from 'vitest';
import { usualKitchen } from '../kitchen/index.js';
import { planClass } from '../plan/index.js';
import type { RecipeStep } from '../recipes/index.js';
import { classOf, dish, kitchen, recipe, step } from '../tests/recipes.js';
import { applyKitDecisions, type ClassFacts, type KitchenFacts } from './index.js';
import { ovenSettings, withOvenSettings } from './oven-settings.js';

const roast = (id: string, celsius: number, minutes: number): RecipeStep =>
  step(id, {
    text: `Roast ${id} at ${celsius} °C.`,
    occupies: { appliance: 'oven', setting: `${celsius} °C` },
    waitMinutes: { low: minutes, high: minutes },
  });
const of = (...steps: RecipeStep[]) => recipe(['600 g carrots'], { steps });
const kitchenWith = (settings: string): Pick<KitchenFacts, 'appliances'> => ({
  appliances: [{ appliance: 'oven', capacity: 4, heatMinutes: 15, settings }],
});
const settingsIn = (recipes: Parameters<typeof ovenSettings>[0], settings = '') => {
  const set = ovenSettings(recipes, kitchenWith(settings));
  return recipes.flatMap((each) =>
    withOvenSettings(each, set).steps.map(({ occupies }) => occupies!.setting),
  );
};

describe('what the oven is set to', () => {
  it('two dishes 10 °C apart go in together, at the setting of the one that is in longer', () =>
    expect(settingsIn([of(roast('a', 200, 40)), of(roast('b', 190, 15))])).toEqual(['200 °C', '200 °C']));
  it('20 °C apart stay two; of three close ones the first and the last may be 15 apart, not 20', () => {
    expect(settingsIn([of(roast('a', 200, 40)), of(roast('b', 180, 15))])).toEqual(['200 °C', '180 °C']);
    expect(settingsIn([of(roast('a', 180, 40), roast('b', 190, 15), roast('c', 200, 5))])).toEqual([
      '180 °C',
      '180 °C',
      '200 °C',
    ]);
  });
  it('a fan oven is set 20 °C lower, and the step says so; one of two that is no fan oven is not', () => {
    expect(settingsIn([of(roast('a', 200, 40))], 'fan, 50–250 °C')).toEqual(['180 °C fan']);
    expect(settingsIn([of(roast('a', 200, 40))], 'fan, 50–250 °C; gas')).toEqual(['200 °C']);
    const fan = ovenSettings([of(roast('a', 200, 40))], kitchenWith('fan'));
    expect(withOvenSettings(of(roast('a', 200, 40)), fan).steps[0]!.text).toBe(
      'Roast a at 200 °C. (Oven: 180 °C fan.)',
    );
  });
  it('in a plan: one heating for both, and they are in at the same time', () => {
    const dishes = [of(roast('a', 200, 40)), of(roast('b', 190, 15))].map((each, index) =>
      dish(each, { id: `d${index}`, maker: 'demonstration' }),
    );
    const { timeline } = planClass({ kitchen, class: classOf(dishes, { people: 8 }) });
    const heats = timeline.clock.filter(({ title }) => title.startsWith('Heat the oven'));
    expect(heats.map(({ title }) => title)).toEqual(['Heat the oven to 200 °C']);
  });
});

describe('an appliance that the kitchen has not', () => {
  const charred = of(
    step('char', {
      text: 'Char the carrots on the griddle.',
      occupies: { appliance: 'griddle', setting: '' },
      waitMinutes: { low: 10, high: 10 },
    }),
  );
  const without = {
    ...kitchen,
    appliances: usualKitchen.appliances.filter((each) => each.appliance !== 'griddle'),
  };
  const plan = (kit: Parameters<typeof applyKitDecisions>[1] = []) =>
    planClass({
      kitchen: without,
      class: classOf([dish(charred, { maker: 'demonstration' })], {
        people: 8,
        decisions: { kit, ownSets: [] } as unknown as ClassFacts['decisions'],
      }),
    });

  it('is said with what the kitchen can do instead, how long it takes and what comes of it', () => {
    const found = plan().kit.shortages.find(({ id }) => id === 'appliance:griddle')!;
    expect(found.sentence).toBe('The kitchen has no griddle, and “Test salad” wants one');
    // 10 min × 1.2 − 10 = 2; 10 × 1.5 − 10 = 5.
    expect(found.waysOut.map(({ action, sentence }) => [action, sentence])).toEqual([
      ['In a hot frying pan', 'Browned, without marks; about 2 min longer'],
      ['On a tray in an oven at 240 °C', 'Roasted rather than charred; about 5 min longer'],
    ]);
  });
  it('taken, the step is done so, in its time, and the shortage is gone', () => {
    const decided = plan([plan().kit.shortages[0]!.waysOut[1]!.decision]);
    expect(decided.kit.shortages.filter(({ id }) => id.startsWith('appliance:'))).toEqual([]);
    expect(decided.kit.taken[0]!.sentence).toBe('Oven instead of the griddle');
    const baked = decided.timeline.clock.find(
      ({ lane, kind, dishTitle }) => lane === 'oven' && kind === 'wait' && dishTitle !== '',
    );
    expect(baked).toMatchObject({ dishTitle: 'Test salad', lane: 'oven' });
    const [changed] = applyKitDecisions(charred, [plan().kit.shortages[0]!.waysOut[1]!.decision], 1).steps;
    expect(changed).toMatchObject({
      occupies: { appliance: 'oven', setting: '240 °C' },
      waitMinutes: { low: 15, high: 15 },
    });
  });
  it('a stick blender takes hands instead of the jug: 5 × 1.3 = 6.5 → 7 min', () => {
    const blend = of(step('b', { tools: ['jug blender'], occupies: { appliance: 'blender', setting: '' } }));
    const decision = { tool: 'appliance:blender', kind: 'replace' as const, by: 'stick blender' };
    expect(applyKitDecisions(blend, [decision], 4).steps[0]).toMatchObject({
      occupies: null,
      tools: ['stick blender'],
      handsOnMinutes: 7,
    });
  });
});
