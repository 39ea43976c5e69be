import { formatMass, type WorkingStep } from '../amounts/index.js';
import type { OwnSet } from '../class/index.js';
import { nameStations } from '../portions/index.js';
import { containerGrams, type SortedPlace } from './containers.js';
import type { KitInput } from './kit-input.js';
import type { Crate, KitRow } from './types.js';

interface Lists {
  readonly perStation: readonly KitRow[];
  readonly demonstrationBench: readonly KitRow[];
  readonly shared: readonly KitRow[];
  readonly consumables: readonly KitRow[];
}

/** A crate is lifted by two from here on. */
const heavyGrams = 12_000;

/**
 * What goes in which crate: one a station with its sorted ingredients, one for the bench, the shared shelf,
 * and what is used up.
 */
export function crates(
  lists: Lists,
  sorted: readonly SortedPlace[],
  input: KitInput,
  ownSets: readonly OwnSet[],
): Crate[] {
  const stations = sorted
    .filter((place) => place.stations.length > 0)
    .map((place) =>
      crate(`station:${place.stations[0]}`, place.place, {
        count: place.stations.length,
        tools: lists.perStation,
        place,
        note: ownNote(place, ownSets),
      }),
    );
  const demonstration = sorted.find((place) => place.place === 'Demonstration');
  const ahead = sorted.filter((place) => place.stations.length === 0 && place !== demonstration);
  return [
    ...(stations.length > 0
      ? stations
      : [
          crate('station:1', nameStations(input.stations.map((_, index) => index + 1)), {
            count: input.stations.length,
            tools: lists.perStation,
          }),
        ]),
    crate('bench', 'Demonstration bench', {
      count: 1,
      tools: lists.demonstrationBench,
      place: demonstration,
    }),
    ...ahead.map((place) => crate(`place:${place.place}`, place.place, { count: 1, tools: [], place })),
    crate('shared', 'Shared shelf', { count: 1, tools: lists.shared }),
    crate('consumables', 'Consumables', { count: 1, tools: lists.consumables }),
  ].filter((each) => each.rows.length > 0);
}

function ownNote(place: SortedPlace, ownSets: readonly OwnSet[]): string {
  return ownSets
    .filter((set) => place.stations.includes(set.station))
    .map((set) => `station ${set.station}: its own, washed apart, free of ${set.without}`)
    .join('; ');
}

function crate(
  id: string,
  name: string,
  {
    count,
    tools,
    place,
    note = '',
  }: { count: number; tools: readonly KitRow[]; place?: SortedPlace; note?: string },
): Crate {
  const rows = [
    ...tools.map((row) => ({ key: row.id, name: row.tool, count: row.count })),
    ...(place?.rows ?? []).map((row) => ({
      key: `container:${row.container}`,
      name: row.container,
      count: row.count,
    })),
  ];
  const toolGrams = tools.reduce((sum, row) => sum + row.grams * row.count, 0);
  const boxGrams = (place?.rows ?? []).reduce(
    (sum, row) => sum + containerGrams(row.container) * row.count,
    0,
  );
  const food = place?.foodGrams ?? 0;
  const grams = toolGrams + boxGrams + food;
  const steps: WorkingStep[] = [
    { label: 'Tools', value: formatMass(toolGrams) },
    ...(boxGrams > 0 ? [{ label: 'Containers', value: formatMass(boxGrams) }] : []),
    ...(food > 0 ? [{ label: 'Food', value: formatMass(food) }] : []),
    ...(grams > heavyGrams
      ? [
          {
            label: 'Heavy',
            value: `over ${formatMass(heavyGrams)}`,
            note: 'Split it, or let two people lift it.',
          },
        ]
      : []),
  ];
  return {
    id,
    name: [name, note].filter(Boolean).join(' · '),
    count,
    rows,
    grams,
    workings: { title: `${name}: ${formatMass(grams)}`, steps, result: formatMass(grams), estimated: true },
  };
}
