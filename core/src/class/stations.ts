import type { Workings } from '../amounts/index.js';
import type { ClassFacts } from './facts.js';

/** How people are spread over the stations. Stations are numbered from 1. */
export interface StationPlan {
  /** People at each station, the larger ones first: 14 by up to 4 is [4, 4, 3, 3]. */
  readonly sizes: readonly number[];
  readonly workings: Workings;
}

/**
 * Spreads people over the fewest stations of at most `perStation`, as evenly as can be. Both are whole and at
 * least 1.
 */
export function splitStations(people: number, perStation: number): StationPlan {
  const stations = Math.ceil(people / perStation);
  const atEach = Math.floor(people / stations);
  const larger = people - atEach * stations;
  const sizes = Array.from({ length: stations }, (_, index) => (index < larger ? atEach + 1 : atEach));
  const spread =
    larger === 0
      ? `${stations} × ${atEach}`
      : `${larger} × ${atEach + 1} and ${stations - larger} × ${atEach}`;
  return {
    sizes,
    workings: {
      title: `${people} people at ${stations} stations`,
      steps: [
        { label: `${people} people, up to ${perStation} at a station`, value: `${stations} stations` },
        { label: 'Spread evenly, so that nobody works alone', value: spread },
      ],
      result: sizes.join(' + '),
      estimated: false,
    },
  };
}

/**
 * The stations of a class with everybody where they are placed. Where more stand at a station than an even
 * spread gives it, others give up a seat that nobody was named for.
 */
export function stationsOf(facts: Pick<ClassFacts, 'people' | 'peoplePerStation' | 'roster'>): StationPlan {
  const even = splitStations(facts.people, facts.peoplePerStation);
  const named = even.sizes.map(
    (_, index) => facts.roster?.filter(({ station }) => station === index + 1).length ?? 0,
  );
  const sizes = seatsFor(even.sizes, named);
  if (sizes.every((size, index) => size === even.sizes[index])) return even;
  const { workings } = even;
  return {
    sizes,
    workings: {
      ...workings,
      steps: [...workings.steps, { label: 'As people are placed', value: sizes.join(' + ') }],
      result: sizes.join(' + '),
    },
  };
}

/** As many seats as an even spread has, moved to where more are named; at least one at every station. */
function seatsFor(even: readonly number[], named: readonly number[]): number[] {
  const seats = even.map((size, index) => Math.max(size, named[index]!));
  const wanted = even.reduce((sum, size) => sum + size, 0);
  for (let over = seats.reduce((sum, size) => sum + size, 0) - wanted; over > 0; over -= 1) {
    const free = seats.map((size, index) => size - Math.max(named[index]!, 1));
    const most = free.indexOf(Math.max(...free));
    if (free[most]! <= 0) break;
    seats[most]! -= 1;
  }
  return seats;
}
