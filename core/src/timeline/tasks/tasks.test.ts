import { describe, expect, it } from 'vitest';
import { noTimelineDecisions, splitStations, type ClassFacts, type KitchenFacts } from '../../class/index.js';
import { classOf, dish, kitchen, onClock, recipe, step } from '../../tests/recipes.js';
import { buildTasks } from './tasks.js';

function tasksOf(facts: ClassFacts, at: KitchenFacts = kitchen) {
  return buildTasks({
    facts,
    kitchen: at,
    stations: splitStations(facts.people, facts.peoplePerStation),
    dishes: onClock(facts),
    decisions: noTimelineDecisions,
  });
}
const titled = (facts: ClassFacts, pattern: RegExp) =>
  tasksOf(facts).tasks.filter(({ title }) => pattern.test(title));

describe('a ready-made swap', () => {
  // A demonstration for 12 of a recipe for 12 mains is one batch; the swap is another, with its own work.
  const shown = (swap: boolean) =>
    classOf(
      [
        dish(
          recipe([], {
            serves: 12,
            portion: 'main',
            steps: [step('s1', { handsOnMinutes: 10, place: 'before' })],
          }),
          {
            maker: 'demonstration',
            portion: 'main',
            making: { swap },
          },
        ),
      ],
      { people: 12, demonstrationPlates: 12 },
    );
  const hands = (swap: boolean) =>
    tasksOf(shown(swap)).tasks.find(({ ref }) => ref.role === 'hands' && !ref.ofSwap)!.minutes;
  it('is not counted in the work of the dish itself: 10 min with it and without', () =>
    expect([hands(false), hands(true)]).toEqual([10, 10]));
  it('has its own: another 10', () =>
    expect(tasksOf(shown(true)).tasks.find(({ ref }) => ref.ofSwap)!.minutes).toBe(10));
});

const baked = (id: string, setting: string, wait: boolean) =>
  dish(
    recipe([], {
      title: `Dish ${id}`,
      steps: [
        step('bake', {
          text: 'Bake.',
          occupies: { appliance: 'oven', setting },
          waitMinutes: wait ? { low: 20, high: 20 } : null,
        }),
      ],
    }),
    { id },
  );

describe('heating', () => {
  it('comes before hands on a hot appliance too, where nothing waits', () => {
    const { tasks, links } = tasksOf(classOf([baked('d1', '200 °C', false)]));
    expect(tasks.some(({ id }) => id === 'heat:oven:200 °C')).toBe(true);
    expect(links).toContainEqual(expect.objectContaining({ from: 'heat:oven:200 °C', to: 'd1/bake' }));
  });
  it('once for two dishes at one setting', () =>
    expect(titled(classOf([baked('d1', '200 °C', true), baked('d2', '200 °C', true)]), /^Heat/)).toHaveLength(
      1,
    ));
  it('again for each dish where two settings take turns, and right before it goes in', () => {
    const facts = classOf([
      baked('d1', '200 °C', true),
      baked('d2', '160 °C', true),
      baked('d3', '200 °C', true),
    ]);
    const { tasks, links } = tasksOf(facts);
    const heats = tasks.filter(({ ref }) => ref.role === 'heating').map(({ id }) => id);
    expect(heats).toEqual(['heat:oven:200 °C', 'heat:oven:160 °C', 'heat:oven:200 °C#2']);
    expect(links.filter(({ from }) => heats.includes(from)).map(({ to, maxLag }) => [to, maxLag])).toEqual([
      ['d1/bake:wait', 0],
      ['d2/bake:wait', 0],
      ['d3/bake:wait', 0],
    ]);
  });
});

const soaking = (text: string) =>
  classOf([
    dish(
      recipe([], {
        steps: [step('s1', { text, place: 'before', waitMinutes: { low: 1000, high: 1000 } })],
      }),
    ),
  ]);

describe('fresh water', () => {
  it('a soak of 1 000 min is 16 h 40 min, with 1 000 ÷ 480 → 2 changes between', () => {
    const changes = titled(soaking('Soak the beans in cold water.'), /^Change the water/);
    expect(changes.map(({ ref }) => ref.turn)).toEqual([1, 2]);
    expect(changes[0]!.how[0]!.label).toBe('Soaked 16 h 40 min, fresh water about every 8 h');
  });
  it('cabbage that is salted draws its own water: none is changed', () =>
    expect(titled(soaking('Rub the cabbage with the salt and leave it.'), /^Change/)).toEqual([]));
});

describe('a keeping time of nothing', () => {
  // A marinade that has used up its limit is taken out at once: its link has no room, and can be let go.
  const marinade = classOf([
    dish(
      recipe([], {
        steps: [step('m', { holdMinutes: 0 }), step('grill', { after: ['m'] })],
      }),
    ),
  ]);
  it('is a limit, and is marked as one that may be let go', () =>
    expect(tasksOf(marinade).links).toContainEqual({
      from: 'd1/m',
      to: 'd1/grill',
      minLag: 0,
      maxLag: 0,
      isKeeping: true,
    }));
  it('hands and their own wait stay together: that is no keeping', () => {
    const { links } = tasksOf(classOf([baked('d1', '', true)]));
    expect(links.find(({ to }) => to === 'd1/bake:wait')).toMatchObject({ from: 'd1/bake', maxLag: 0 });
    expect(links.find(({ to }) => to === 'd1/bake:wait')!.isKeeping).toBeUndefined();
  });
});
