import { describe, expect, it } from 'vitest';
import { count, fridge, hob, uk, us, use } from '../tests/counted-cold.js';
import { recipe, step } from '../tests/recipes.js';

describe('food for the cold', () => {
  const yoghurt = recipe(['200 g yoghurt', '2 carrots'], {
    steps: [step('stir', { uses: use('l1') }), step('serve', { uses: use('l2'), after: ['stir'] })],
  });
  it(
    'counts from the step that takes it out until the plates ' + 'are empty: 20 to 120 are 100 of 240 min',
    () => {
      const [found] = count(yoghurt, { stir: [20, 25, 25], serve: [90, 95, 95] });
      expect(found).toMatchObject({
        food: 'yoghurt',
        minutes: 100,
        limitMinutes: 240,
        isOver: false,
        spells: [{ from: 20, to: 120, isHot: false }],
      });
    },
  );
  it('−130 to 120 are 250 min: over 240', () =>
    expect(count(yoghurt, { stir: [-130, -125, -125], serve: [90, 95, 95] })[0]).toMatchObject({
      minutes: 250,
      isOver: true,
    }));
  it('US-style allows 120 min', () =>
    expect(count(yoghurt, { stir: [-10, -5, -5], serve: [90, 95, 95] }, us)[0]).toMatchObject({
      minutes: 130,
      limitMinutes: 120,
      isOver: true,
    }));
  it('a figure of the kitchen’s own wins, as 240 min under a written time control', () =>
    expect(
      count(
        yoghurt,
        { stir: [-10, -5, -5], serve: [90, 95, 95] },
        { style: 'us', own: { coldOutMinutes: 240 } },
      )[0],
    ).toMatchObject({ limitMinutes: 240, isOver: false }));
  it('a profile without figures counts and judges nothing', () =>
    expect(
      count(yoghurt, { stir: [-500, -495, -495], serve: [90, 95, 95] }, { style: 'eu', own: {} })[0],
    ).toMatchObject({ minutes: 620, limitMinutes: null, isOver: false }));
  it('food that needs no cold is not counted', () =>
    expect(
      count(recipe(['2 carrots'], { steps: [step('cut', { uses: use('l1') })] }), { cut: [0, 5, 5] }),
    ).toEqual([]));
  it('a dish that is not on the clock is not counted', () => expect(count(yoghurt, {})).toEqual([]));
  it('cut leaves count under US-style advice only', () => {
    const leaves = recipe(['100 g rocket'], { steps: [step('toss', { uses: use('l1') })] });
    expect(count(leaves, { toss: [100, 105, 105] }, uk)).toEqual([]);
    expect(count(leaves, { toss: [100, 105, 105] }, us)[0]).toMatchObject({ food: 'rocket', minutes: 20 });
  });
});

describe('what is left is thrown away', () => {
  const yoghurt = recipe(['200 g yoghurt'], {
    steps: [
      step('stir', { uses: use('l1'), waitMinutes: { low: 60, high: 60 }, occupies: fridge }),
      step('serve', { uses: use('l1'), after: ['stir'] }),
    ],
  });
  // Out from 0 to 10, then in the fridge, and out again from 90.
  const times = { stir: [0, 10, 70], serve: [90, 95, 95] } as Record<string, [number, number, number]>;
  it('UK-style when its last spell has lasted four hours: 90 + 240', () =>
    expect(count(yoghurt, times)[0]!.discardAt).toBe('330'));
  it('US-style when all spells together have lasted two: 90 + 120 − 10', () =>
    expect(count(yoghurt, times, us)[0]!.discardAt).toBe('200'));
  it('and is not said where no limit is set', () =>
    expect(count(yoghurt, times, { style: 'eu', own: {} })[0]!.discardAt).toBe(''));
});

describe('minutes in the cold do not count', () => {
  const dip = recipe(['200 g yoghurt'], {
    steps: [
      step('stir', { uses: use('l1'), waitMinutes: { low: 60, high: 60 }, occupies: fridge }),
      step('spoon', { after: ['stir'] }),
    ],
  });
  // Stirred −300 to −290, in the fridge until spooned at 100: 10 min, then 100 to 120: 20 min.
  const times: Record<string, [number, number, number]> = {
    stir: [-300, -290, -230],
    spoon: [100, 105, 105],
  };
  it('a wait in the fridge goes on until the next step: spells of 10 and 20 min', () =>
    expect(count(dip, times)[0]!.spells).toEqual([
      { from: -300, to: -290, isHot: false },
      { from: 100, to: 120, isHot: false },
    ]));
  it('UK-style counts the longest spell, 20; US-style both, 30', () => {
    expect(count(dip, times, uk)[0]!.minutes).toBe(20);
    expect(count(dip, times, us)[0]!.minutes).toBe(30);
  });
  it('what keeps a day is put into the cold between two steps', () => {
    const ahead = recipe(['200 g yoghurt'], {
      steps: [step('stir', { uses: use('l1'), holdMinutes: 1440 }), step('spoon', { after: ['stir'] })],
    });
    expect(count(ahead, { stir: [-300, -290, -290], spoon: [100, 105, 105] })[0]!.spells).toHaveLength(2);
  });
  it('what keeps four hours stands out all the time: −300 to 120', () => {
    const out = recipe(['200 g yoghurt'], {
      steps: [step('stir', { uses: use('l1'), holdMinutes: 240 }), step('spoon', { after: ['stir'] })],
    });
    expect(count(out, { stir: [-300, -290, -290], spoon: [100, 105, 105] })[0]).toMatchObject({
      minutes: 420,
      isOver: true,
    });
  });
});

describe('what comes before the heat', () => {
  // Cut 0 to 10 and put into the fridge, fried 60 to 70, eaten until 120: only the 50 min after that count.
  const fried = recipe(['4 chicken breasts'], {
    steps: [
      step('cut', { uses: use('l1'), waitMinutes: { low: 50, high: 50 }, occupies: fridge }),
      step('fry', { after: ['cut'], occupies: hob }),
      step('plate', { after: ['fry'] }),
    ],
  });
  it('is forgotten', () =>
    expect(count(fried, { cut: [0, 10, 60], fry: [60, 70, 70], plate: [100, 105, 105] })[0]).toMatchObject({
      minutes: 50,
      spells: [{ from: 70, to: 120, isHot: true }],
    }));
});

describe('cooked food', () => {
  const rice = (to: Parameters<typeof step>[1] = {}) =>
    recipe(['200 g white rice'], {
      steps: [
        step('boil', { uses: use('l1'), waitMinutes: { low: 15, high: 15 }, occupies: hob }),
        step('cool', { after: ['boil'], ...to }),
        step('toss', { after: ['cool'] }),
      ],
    });
  it('counts from the heat, and raw rice does not: 15 to 120 are 105 of 120 min', () => {
    const [found] = count(rice(), { boil: [-5, 0, 15], cool: [20, 25, 25], toss: [60, 65, 65] });
    expect(found).toMatchObject({
      minutes: 105,
      limitMinutes: 120,
      isOver: false,
      chilledAfterMinutes: null,
      spells: [{ from: 15, to: 120, isHot: true }],
    });
  });
  it('cooked before noon and left standing is over', () =>
    expect(
      count(rice(), { boil: [-100, -95, -80], cool: [-70, -65, -65], toss: [60, 65, 65] })[0],
    ).toMatchObject({ minutes: 200, isOver: true }));
  it(
    'into the cold after 40 min, and out again for 60: the hot ' +
      'spell is 40 of 120, the cold one 60 of 240',
    () => {
      const [found] = count(rice({ waitMinutes: { low: 60, high: 60 }, occupies: fridge }), {
        boil: [-300, -295, -280],
        cool: [-245, -240, -180],
        toss: [60, 65, 65],
      });
      expect(found).toMatchObject({
        chilledAfterMinutes: 40,
        spells: [
          { from: -280, to: -240, isHot: true },
          { from: 60, to: 120, isHot: false },
        ],
        minutes: 40,
        limitMinutes: 120,
        isOver: false,
      });
    },
  );
  it('raw chicken forgets its time out once it is cooked', () => {
    const chicken = recipe(['400 g chicken breast'], {
      steps: [
        step('cut', { uses: use('l1') }),
        step('sear', { after: ['cut'], waitMinutes: { low: 10, high: 10 }, occupies: hob }),
      ],
    });
    expect(count(chicken, { cut: [-400, -390, -390], sear: [60, 62, 72] })[0]).toMatchObject({
      spells: [{ from: 72, to: 120, isHot: true }],
      isOver: false,
    });
  });
});

describe('of several foods, the one nearest to its limit is named', () => {
  it('yoghurt out for 40 of 240, rice for 100 of 120', () => {
    const both = recipe(['200 g yoghurt', '200 g white rice'], {
      steps: [
        step('boil', { uses: use('l2'), occupies: hob }),
        step('stir', { uses: use('l1'), after: ['boil'] }),
      ],
    });
    expect(count(both, { boil: [10, 20, 20], stir: [80, 85, 85] })[0]).toMatchObject({
      food: 'white rice',
      minutes: 100,
    });
  });
});
