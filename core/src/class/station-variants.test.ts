import { describe, expect, it } from 'vitest';
import { stationCards } from '../cards/index.js';
import { type ClassBundle, planClass } from '../plan/index.js';
import { roomOf } from '../tests/people.js';
import type { DishMaking } from './dish.js';
import { stationsOf } from './stations.js';
import { somebody } from '../tests/people.js';

const withMaking = (making: DishMaking): ClassBundle => {
  const bundle = roomOf([]);
  const [salad, dip] = bundle.class.dishes;
  return { ...bundle, class: { ...bundle.class, dishes: [{ ...salad!, making }, dip!] } };
};
const seedsAt2: DishMaking = {
  forStations: [{ station: 2, missing: 'walnuts', taken: 'pumpkin-seeds' }],
};
const amountsOf = (bundle: ClassBundle, name: string) => {
  const [salad] = planClass(bundle).portions.dishes;
  const lines = salad!.components.flatMap(({ lines: all }) => all).filter((line) => line.name === name);
  return lines.map(({ cells }) => cells.map(({ absent, grams }) => (absent ? '–' : grams.lead)));
};

describe('a station with a way of its own', () => {
  // Four people of a side: 4 × ⅔ ÷ (4 × ⅔) = 1 batch: 40 g of walnuts, or 40 g of seeds at one for one.
  it('takes its own, and nobody else does', () => {
    expect(planClass(withMaking(seedsAt2)).portions.dishes[0]!.batches.map(({ heading }) => heading)).toEqual(
      ['Demonstration', 'Stations 1, 3', 'Station 2: no walnut halves'],
    );
    expect(amountsOf(withMaking(seedsAt2), 'walnut halves')[0]![2]).toBe('–');
    expect(amountsOf(withMaking(seedsAt2), 'pumpkin seeds')[0]).toEqual(['–', '–', '40 g']);
  });

  it('is bought for: two stations and two plates of walnuts, one station of seeds', () => {
    const { rows } = planClass(withMaking(seedsAt2)).shopping;
    const need = (key: string) => rows.find((row) => row.key === key)?.need;
    const before = planClass(roomOf([])).shopping.rows.find(({ key }) => key === 'walnuts')!.need;
    // 3 stations × 40 + the plate's ½ batch × 40 = 140 before; one station less is 100.
    expect([before, need('walnuts'), need('pumpkin-seeds')]).toEqual(['140', '100', '40']);
  });

  it('has its own card, with the steps in the name of what it takes', () => {
    const bundle = withMaking(seedsAt2);
    const cards = stationCards({
      facts: bundle.class,
      kitchen: bundle.kitchen,
      plan: planClass(bundle),
      techniques: [],
      when: '',
    });
    const own = cards.find(({ place }) => place === 'Station 2')!;
    const text = JSON.stringify(own.dishes[0]);
    expect(own.dishes[0]!.steps.map((step) => step.text)[0]).toContain('pumpkin seeds');
    expect(text).not.toMatch(/nuts \(walnut\)/);
    expect(own.dishes[0]!.contents).not.toContain('walnut');
    expect(cards.find(({ place }) => place === 'Stations 1, 3')!.dishes[0]!.contents).toContain('walnut');
  });

  it('leaves the clock its jobs and their names', () => {
    const names = (bundle: ClassBundle) => planClass(bundle).timeline.clock.map(({ id }) => id);
    expect(names(withMaking(seedsAt2))).toEqual(names(roomOf([])));
  });

  it('says at the job on the clock what that station does otherwise', () => {
    const jobs = planClass(withMaking(seedsAt2)).timeline.clock.filter(({ dishTitle }) =>
      /walnut/.test(dishTitle),
    );
    const said = jobs
      .flatMap(({ workings }) => workings.steps)
      .filter(({ label }) => label.startsWith('Station 2 in'));
    expect(said.map(({ note }) => note)).toContain('Toast the pumpkin seeds.');
  });

  it('leaves out what is only left out, with the step that did nothing else', () => {
    const bundle = withMaking({ forStations: [{ station: 3, missing: 'walnuts', taken: null }] });
    expect(amountsOf(bundle, 'walnut halves')[0]).toEqual(['20 g', '40 g', '–']);
    const [salad] = planClass(bundle).portions.dishes;
    expect(salad!.batches[2]!.heading).toBe('Station 3: no walnut halves');
  });

  it('shares no batch with a neighbour who makes it as written', () => {
    const { batches } = planClass(withMaking({ ...seedsAt2, shareBatch: true })).portions.dishes[0]!;
    expect(batches.map(({ heading }) => heading)).toEqual([
      'Demonstration',
      'Stations 1+3',
      'Station 2: no walnut halves',
    ]);
  });

  it('changes nothing where the dish has no such food, or the station is not there', () => {
    const plain = amountsOf(roomOf([]), 'walnut halves');
    expect(
      amountsOf(
        withMaking({ forStations: [{ station: 2, missing: 'almonds', taken: null }] }),
        'walnut halves',
      ),
    ).toEqual(plain);
    expect(
      amountsOf(
        withMaking({ forStations: [{ station: 9, missing: 'walnuts', taken: null }] }),
        'walnut halves',
      ),
    ).toEqual(plain);
  });
});

describe('seats', () => {
  const at = (stations: readonly number[]) =>
    stations.map((station, index) => somebody(`p${index}`, { station }));
  const sizes = (people: number, named: readonly number[]) =>
    stationsOf({ people, peoplePerStation: 4, roster: at(named) }).sizes;

  it('are even where nobody is named', () => expect(sizes(10, [])).toEqual([4, 3, 3]));
  it('follow who is named, and others give way', () => expect(sizes(10, [3, 3, 3, 3])).toEqual([3, 3, 4]));
  it('never leave a station empty', () => expect(sizes(4, [1, 1, 1, 1])).toEqual([4]));
});
