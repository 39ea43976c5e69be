import { describe, expect, it } from 'vitest';
import { planClass } from '../plan/index.js';
import { roomOf, somebody, writtenRecipe } from '../tests/people.js';
import { classOf, dish, kitchen } from '../tests/recipes.js';
import { labelGrid, labelPlaces, labelSheetProblem, storageLabels, usualLabelSheet } from './index.js';

const sheet = (overrides: Partial<typeof usualLabelSheet>) => ({ ...usualLabelSheet, ...overrides });

describe('a sheet of labels', () => {
  it.each<[string, Partial<typeof usualLabelSheet>, [number, number]]>([
    // (210 − 7.2 + 2.5) ÷ (63.5 + 2.5) = 3.1; (297 − 15.1) ÷ 38.1 = 7.4.
    ['21 on A4', {}, [3, 7]],
    // 210 ÷ 70 = 3; 297 ÷ 37 = 8.03.
    [
      '24 on A4 without margins',
      { width: 70, height: 37, marginLeft: 0, marginTop: 0, gapAcross: 0 },
      [3, 8],
    ],
    // (215.9 − 4.8 + 3.2) ÷ (66.7 + 3.2) = 3.07; (279.4 − 12.7) ÷ 25.4 = 10.5.
    [
      '30 on US Letter',
      { paper: 'letter', width: 66.7, height: 25.4, marginLeft: 4.8, marginTop: 12.7, gapAcross: 3.2 },
      [3, 10],
    ],
    ['none larger than the paper', { width: 250 }, [0, 7]],
  ])('%s', (_, to, [across, down]) => expect(labelGrid(sheet(to))).toEqual({ across, down }));

  it('goes on at the first label that is still there, and then on the next sheet', () => {
    const places = labelPlaces(sheet({ startAt: 21 }), 3);
    // The 21st: third across, seventh down: 7.2 + 2 × 66 = 139.2; 15.1 + 6 × 38.1 = 243.7.
    expect(places.map(({ page }) => page)).toEqual([0, 1, 1]);
    expect([places[0]!.left, places[0]!.top].map((mm) => mm.toFixed(1))).toEqual(['139.2', '243.7']);
    expect([places[1]!.left, places[1]!.top]).toEqual([7.2, 15.1]);
  });

  it.each([
    [{ width: 20 }, 'A label is at least 35 by 18 mm, to hold its words.'],
    [{ width: 220 }, 'No label of this size fits on the paper.'],
    [{ startAt: 22 }, 'There are 21 labels on a sheet.'],
    [{}, ''],
  ])('%o', (to, sentence) => expect(labelSheetProblem(sheet(to))).toBe(sentence));
});

describe('labels of a class', () => {
  const labelsOf = (bundle: ReturnType<typeof roomOf>) =>
    storageLabels({ facts: bundle.class, kitchen: bundle.kitchen, plan: planClass(bundle) });

  it('are one for everybody at each station, with what their own way contains', () => {
    const bundle = roomOf([]);
    const [salad, dip] = bundle.class.dishes;
    const making = { forStations: [{ station: 2, missing: 'walnuts', taken: 'pumpkin-seeds' }] };
    const labels = labelsOf({ ...bundle, class: { ...bundle.class, dishes: [{ ...salad!, making }, dip!] } });
    const own = labels.filter(({ what }) => what === 'Pear and walnut salad');
    expect(own.map(({ place, copies }) => [place, copies])).toEqual([
      ['Station 1', 4],
      ['Station 3', 4],
      ['Station 2', 4],
    ]);
    const contains = (place: string) => own.find((each) => each.place === place)!.allergens;
    expect(contains('Station 1')).toContain('nuts (walnut)');
    expect(contains('Station 2')).not.toContain('walnut');
  });

  it('say by when it is eaten: leaves the next day, pulses in three', () => {
    const labels = labelsOf(roomOf([]));
    const useBy = (what: string) => labels.find((each) => each.what === what)!;
    // The class of the tests is on Friday 27 November 2026.
    expect(useBy('Pear and walnut salad').useBy).toBe('Sat 28 Nov');
    expect(useBy('Tahini dip').useBy).toBe('Mon 30 Nov');
    expect(useBy('Tahini dip').keepAt).toBe('cold, 8 °C or under');
  });

  it('say the next day where something is not known', () => {
    const odd = writtenRecipe('Odd dip', ['200 g zorble paste'], ['Stir the paste.']);
    const bundle = { class: classOf([dish(odd)], { people: 4, peoplePerStation: 4 }), kitchen };
    const [label] = labelsOf(bundle);
    expect(label!.note).toContain('not in the larder: eaten the next day');
    expect(label!.allergens).toContain('not known for 1 line: zorble paste');
  });

  it('are on what is finished before class, and not on what is made in it', () => {
    const written = writtenRecipe(
      'Pickled onions',
      ['4 red onions', '200 ml cider vinegar'],
      ['Slice the onions.', 'Pour the vinegar over the onions and leave for 30 minutes.'],
    );
    const pickled = { ...written, steps: written.steps.map((step) => ({ ...step, holdMinutes: 4320 })) };
    const kept = (maker: 'made ahead' | 'every station') =>
      labelsOf({ class: classOf([dish(pickled, { maker })], { people: 4, peoplePerStation: 4 }), kitchen })
        .filter(({ kind }) => kind === 'kept')
        .map(({ what }) => what);
    expect(kept('made ahead')).toEqual(['Pickled onions: salad']);
    expect(kept('every station')).toEqual([]);
  });

  it('carry no name of anybody', () => {
    const bundle = roomOf([]);
    const roster = [somebody('z', { name: 'Zzyx', station: 1 })];
    expect(JSON.stringify(labelsOf({ ...bundle, class: { ...bundle.class, roster } }))).not.toContain('Zzyx');
  });
});
