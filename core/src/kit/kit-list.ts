import { formatMass, type WorkingStep } from '../amounts/index.js';
import {
  isSharedTool,
  type KitDecision,
  type KitDecisions,
  type OwnSet,
  toolFact,
  toolName,
  toolPlural,
} from '../class/index.js';
import type { Larder } from '../larder/index.js';
import { nameStations } from '../portions/index.js';
import { containerGrams, type KitDish, type SortedPlace, sortedPlaces } from './containers.js';
import { alwaysAtBench, alwaysAtStations, consumableCounts, forgottenChecks } from './forgotten.js';
import { dealOut, mostDirty, type Peak, singleUses } from './in-use.js';
import { findShortages } from './shortages.js';
import type { Crate, KitList, KitRow, ToolUse } from './types.js';

export interface KitInput {
  readonly uses: readonly ToolUse[];
  readonly stations: readonly number[];
  readonly people: number;
  readonly dishes: readonly KitDish[];
  readonly toolsInKitchen: readonly { readonly tool: string; readonly count: number }[];
  readonly english: 'uk' | 'us';
  /** Writes a minute of the plan as the clock shows it. */
  readonly clock: (minute: number) => string;
  readonly larder?: Larder;
  readonly decisions?: KitDecisions;
}

/**
 * The kit for one station, the demonstration bench and shared use: the most in use at once, read off the
 * timeline, not the sum over steps; washing between dishes; containers for sorted ingredients; crates with
 * their weights; and what the kitchen has too few of.
 */
export function buildKitList(input: KitInput): KitList {
  const decided = input.decisions?.kit ?? [];
  const ownSets = input.decisions?.ownSets ?? [];
  const dealt = dealTools(input);
  const dishes = input.dishes.map((dish) => dish.decided);
  const lists = {
    perStation: [
      ...dealt.own.peaks.map((peak) => kitRow(peak, input, 'each station')),
      ...fixedRows(alwaysAtStations, input.stations[0] ?? 0),
    ],
    demonstrationBench: [
      ...dealt.bench.peaks.map((peak) => kitRow(peak, input, 'the demonstration bench')),
      ...fixedRows(alwaysAtBench, 0),
    ],
    shared: dealt.pool.peaks.map((peak) => withOwnSets(kitRow(peak, input, 'shared use'), ownSets)),
    consumables: consumableCounts(dishes, input.people, input.stations.length, input.larder).map((row) =>
      fixedRow(row.tool, row),
    ),
  };
  const sorted = sortedPlaces(input);
  const washing = [...dealt.own.washing, ...dealt.bench.washing, ...dealt.pool.washing];
  return {
    ...lists,
    stations: input.stations.length,
    containers: sorted.flatMap(({ rows }) => rows),
    crates: crates(lists, sorted, input, ownSets),
    checks: forgottenChecks(dishes, input.larder),
    washing: washing.sort((a, b) => a.atMinute - b.atMinute),
    dirty: dirtyOf(dealt.everywhere, input),
    shortages: shortagesOf(dealt, input, ownSets),
    taken: decided.map((decision) => ({ decision, sentence: takenWords(decision, input.english) })),
  };
}

/** The tools dealt out: to each station, to the bench, in shared use, and over the whole room. */
function dealTools(input: KitInput) {
  const decided = input.decisions?.kit ?? [];
  const places = (use: ToolUse) => use.places ?? input.stations.length;
  const once = () => 1;
  const stationUses = input.uses.filter((use) => use.place === 'stations');
  const atStations = singleUses(stationUses, places, decided);
  const atBench = singleUses(
    input.uses.filter((use) => use.place === 'demonstration bench'),
    once,
    decided,
  );
  const everywhere = [...atStations, ...atBench];
  const isOwn = ({ tool }: { readonly tool: string }) => !isSharedTool(tool);
  return {
    everywhere,
    own: dealOut(singleUses(stationUses, once, decided).filter(isOwn), 'each station'),
    bench: dealOut(atBench.filter(isOwn), 'demonstration bench'),
    pool: dealOut(
      everywhere.filter(({ tool }) => isSharedTool(tool)),
      'shared',
    ),
    atStations: dealOut(atStations, 'stations'),
    room: dealOut(everywhere, 'room'),
  };
}

function shortagesOf(
  { room, atStations }: ReturnType<typeof dealTools>,
  { stations, toolsInKitchen, english, clock }: KitInput,
  ownSets: readonly OwnSet[],
): KitList['shortages'] {
  const counts = new Map(atStations.peaks.map((peak) => [peak.tool, peak.count]));
  return findShortages({
    peaks: withOwnPeaks(room.peaks, ownSets),
    atStations: (tool) => counts.get(tool) ?? 0,
    stations: stations.length,
    toolsInKitchen,
    english,
    clock,
  });
}

function takenWords({ tool, kind, atOnce, by }: KitDecision, english: 'uk' | 'us'): string {
  const many = toolPlural(toolName(tool, english));
  if (kind === 'replace') return `${capital(toolPlural(toolName(by ?? '', english)))} instead of ${many}`;
  return kind === 'share'
    ? `Two stations share one ${toolName(tool, english)}`
    : `${capital(many)} go round: ${atOnce ?? 1} at once`;
}

/** A station that must stay free of something has its own of what the room would share. */
function withOwnSets(row: KitRow, ownSets: readonly OwnSet[]): KitRow {
  if (ownSets.length === 0) return row;
  const notes = ownSets.map((set) => `1 for station ${set.station} alone, free of ${set.without}`);
  const steps: WorkingStep[] = [
    ...row.workings.steps,
    { label: 'Never shared', value: `+ ${ownSets.length}`, note: notes.join('; ') },
  ];
  return {
    ...row,
    count: row.count + ownSets.length,
    note: [row.note, ...notes].filter(Boolean).join('; '),
    workings: { ...row.workings, steps, result: String(row.count + ownSets.length) },
  };
}

function withOwnPeaks(peaks: readonly Peak[], ownSets: readonly OwnSet[]): Peak[] {
  return peaks.map((peak) =>
    isSharedTool(peak.tool) ? { ...peak, count: peak.count + ownSets.length } : peak,
  );
}

function kitRow(peak: Peak, input: KitInput, place: string): KitRow {
  const name = `${toolName(peak.tool, input.english)}${peak.raw ? `, for raw ${peak.raw}` : ''}`;
  const { grams, washMinutes } = toolFact(peak.tool);
  return {
    id: peak.raw ? `${peak.tool}:raw` : peak.tool,
    tool: name,
    count: peak.count,
    grams,
    note: peak.raw ? 'never used for anything else' : '',
    workings: {
      title: `${peak.count} × ${name} for ${place}`,
      estimated: false,
      result: String(peak.count),
      steps: [
        ...peak.titles.map((title): WorkingStep => ({ label: title, value: '1 at a time' })),
        {
          label: 'Most wanted at once',
          value: String(peak.count),
          note:
            `At ${input.clock(peak.minute)}. Within a dish it goes on; ` +
            `before another it is washed, ${washMinutes} min.`,
        },
      ],
    },
  };
}

function fixedRow(
  tool: string,
  { count, note, why, grams }: { count: number; note: string; why: string; grams: number },
): KitRow {
  return {
    id: tool,
    tool,
    count,
    note,
    grams,
    workings: {
      title: `${count} × ${tool}`,
      steps: [{ label: why, value: String(count) }],
      result: String(count),
      estimated: false,
    },
  };
}

function fixedRows(rows: typeof alwaysAtStations, largest: number): KitRow[] {
  return rows.map(({ id, count, note, why, grams }) =>
    fixedRow(id, { count: count(largest), note, why, grams }),
  );
}

function dirtyOf(uses: Parameters<typeof mostDirty>[0], input: KitInput): KitList['dirty'] {
  const { count, minute } = mostDirty(uses);
  return {
    count,
    atMinute: minute,
    workings: {
      title: `${count} things to wash`,
      estimated: false,
      result: String(count),
      steps: [
        {
          label: 'Used and not yet washed, at the most',
          value: String(count),
          note: `At ${input.clock(minute)}, with nothing washed but what another dish needs.`,
        },
      ],
    },
  };
}

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
function crates(
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

function capital(text: string): string {
  return text.charAt(0).toUpperCase() + text.slice(1);
}
