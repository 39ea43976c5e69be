import { describe, expect, it } from 'vitest';
import type { SafetyProfile } from '../class/index.js';
import { count, fridge, hob, uk, us, use } from '../tests/counted-cold.js';
import { recipe, step } from '../tests/recipes.js';

describe('every food that needs the cold counts', () => {
  /** A food that one step takes at 20, eaten at 120. */
  const minutesOf = (line: string, profile: SafetyProfile = us, text = 'Stir it.') =>
    count(recipe([line], { steps: [step('s', { text, uses: use('l1') })] }), { s: [20, 25, 25] }, profile)[0]
      ?.minutes;
  it.each([
    '2 eggs',
    '2 tbsp mayonnaise',
    '100 ml milk',
    '100 ml buttermilk',
    '100 ml single cream',
    '100 g feta',
    '100 g blue cheese',
    '100 g paneer',
    '1 tin chickpeas, drained',
    '1 tin tuna, drained',
    '200 g hummus',
    '50 g alfalfa sprouts',
    '200 g silken tofu',
    '100 ml oat milk',
    '200 g white cabbage',
    '200 g cherry tomatoes',
    '1 melon',
  ])('%s: 100 min by US-style advice', (line) => expect(minutesOf(line)).toBe(100));
  it.each(['100 g parmesan', '50 g butter', '1 tin tomatoes', '3 carrots', '100 ml olive oil', '1 lemon'])(
    '%s does not',
    (line) => expect(minutesOf(line)).toBeUndefined(),
  );
  it('cut leaves and tomatoes do not by UK-style advice', () => {
    expect(minutesOf('200 g white cabbage', uk)).toBeUndefined();
    expect(minutesOf('200 g cherry tomatoes', uk)).toBeUndefined();
  });
  it('garlic and herbs do once they lie in oil, and not where they are chopped', () => {
    expect(minutesOf('2 cloves garlic', uk, 'Cover the garlic with the oil and keep it.')).toBe(100);
    expect(minutesOf('2 cloves garlic', uk, 'Chop the garlic.')).toBeUndefined();
  });
  it('toasting seeds does not cook the buttermilk that they are stirred into', () => {
    const dressed = recipe(['100 ml buttermilk', '1 tsp caraway seeds'], {
      steps: [
        step('stir', {
          text: 'Toast the caraway in a dry pan and stir it into the buttermilk.',
          uses: use('l1', 'l2'),
          occupies: hob,
        }),
      ],
    });
    expect(count(dressed, { stir: [20, 25, 25] })[0]).toMatchObject({
      minutes: 100,
      spells: [{ from: 20, to: 120, isHot: false }],
    });
  });
  it('vegetables count from the heat, and raw ones never', () => {
    const peppers = (occupies: typeof hob | null) =>
      count(
        recipe(['3 peppers'], {
          steps: [step('roast', { uses: use('l1'), occupies }), step('cut', { after: ['roast'] })],
        }),
        { roast: [0, 20, 30], cut: [40, 45, 45] },
      );
    expect(peppers(hob)[0]).toMatchObject({ minutes: 90, spells: [{ from: 30, to: 120, isHot: true }] });
    expect(peppers(null)).toEqual([]);
  });
});

describe('a second spell and a hot room', () => {
  const twice = recipe(['200 g yoghurt'], {
    steps: [
      step('taste', { uses: use('l1'), waitMinutes: { low: 60, high: 60 }, occupies: fridge }),
      step('serve', { after: ['taste'] }),
    ],
  });
  it('UK-style allows one: 40 min, and 60 more after the cold, are two', () => {
    // −200 to −160, then 60 to 120.
    const [found] = count(twice, { taste: [-200, -160, -100], serve: [60, 65, 65] });
    expect(found).toMatchObject({ isOutAgain: true, isOver: false });
  });
  it('cooling from the heat into the cold is no spell: it is out once', () => {
    const beans = recipe(['200 g dried white beans'], {
      steps: [
        step('boil', { uses: use('l1'), occupies: hob }),
        step('cool', { after: ['boil'], waitMinutes: { low: 60, high: 60 }, occupies: fridge }),
        step('serve', { after: ['cool'] }),
      ],
    });
    const times: Record<string, [number, number, number]> = {
      boil: [-300, -280, -240],
      cool: [-205, -200, -140],
      serve: [60, 65, 65],
    };
    expect(count(beans, times)[0]).toMatchObject({ isOutAgain: false, chilledAfterMinutes: 40 });
  });
  it('handled for half an hour it was not out for a spell; US-style counts minutes, not spells', () => {
    const times: Record<string, [number, number, number]> = {
      taste: [-200, -170, -110],
      serve: [60, 65, 65],
    };
    expect(count(twice, times)[0]!.isOutAgain).toBe(false);
    expect(count(twice, { ...times, taste: [-200, -160, -100] }, us)[0]!.isOutAgain).toBe(false);
  });
  it('over 32 °C US-style advice allows an hour: 100 min are over', () => {
    const salad = recipe(['200 g yoghurt'], { steps: [step('stir', { uses: use('l1') })] });
    const at = (roomCelsius: number) =>
      count(salad, { stir: [20, 25, 25] }, { style: 'us', own: { roomCelsius } })[0];
    expect(at(32)).toMatchObject({ limitMinutes: 120, isOver: false });
    expect(at(33)).toMatchObject({ limitMinutes: 60, isOver: true });
  });
});
