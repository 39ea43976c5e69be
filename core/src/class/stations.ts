import type { Workings } from '../amounts/index.js';

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
