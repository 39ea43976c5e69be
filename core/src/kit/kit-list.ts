import type { WorkingStep } from '../amounts/index.js';
import {
  applianceTool,
  isSharedTool,
  type KitDecision,
  type OwnSet,
  toolFact,
  toolName,
  toolPlural,
} from '../class/index.js';
import { capital, counted, type English } from '../words/index.js';
import { containerTool, sortedPlaces } from './containers.js';
import { crates } from './crates.js';
import { bowlShortages } from './enough-bowls.js';
import {
  alwaysAtBench,
  alwaysAtStations,
  consumableCounts,
  forgottenChecks,
  type StationSize,
} from './forgotten.js';
import { dealOut, mostDirty, type Peak, singleUses } from './in-use.js';
import type { KitInput } from './kit-input.js';
import { findShortages } from './shortages.js';
import { tastingRows } from './tasting.js';
import type { KitList, KitRow, ToolUse } from './types.js';

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
      ...fixedRows(alwaysAtStations, { largest: input.stations[0] ?? 0, boards: boardsIn(dealt.own.peaks) }),
    ],
    demonstrationBench: [
      ...dealt.bench.peaks.map((peak) => kitRow(peak, input, 'the demonstration bench')),
      ...fixedRows(alwaysAtBench, { largest: 0, boards: boardsIn(dealt.bench.peaks) }),
    ],
    shared: dealt.pool.peaks.map((peak) => withOwnSets(kitRow(peak, input, 'shared use'), ownSets)),
    consumables: [...tastingRows(input), ...consumableCounts(input, traysIn(dealt.pool.peaks))].map((row) =>
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
    shortages: [
      ...shortagesOf(dealt, input, ownSets),
      ...bowlShortages(input, sorted, (tool) => countOf(dealt.room.peaks, tool)),
    ],
    taken: decided.map((decision) => ({ decision, sentence: takenWords(decision, input.english) })),
  };
}

function countOf(peaks: readonly Peak[], tool: string): number {
  return peaks.filter((peak) => peak.tool === tool).reduce((sum, { count }) => sum + count, 0);
}

const boardsIn = (peaks: readonly Peak[]) => countOf(peaks, 'board and knife');
const traysIn = (peaks: readonly Peak[]) => countOf(peaks, 'oven tray');

/**
 * What one station uses: of a tasting flight one of its ways, for each tool that which takes most of it.
 */
function oneWayEach(uses: readonly ToolUse[]): ToolUse[] {
  const counts = new Map<string, number>();
  const keyOf = ({ dishId, way }: ToolUse, tool: string) => JSON.stringify([dishId, tool, way]);
  for (const use of uses)
    for (const tool of use.tools) counts.set(keyOf(use, tool), (counts.get(keyOf(use, tool)) ?? 0) + 1);
  const taken = new Map<string, string>();
  for (const use of uses.filter(({ way }) => way !== undefined))
    for (const tool of use.tools) {
      const place = JSON.stringify([use.dishId, tool]);
      const best = taken.get(place);
      const more = counts.get(keyOf(use, tool))!;
      if (best === undefined || more > counts.get(keyOf({ ...use, way: best }, tool))!)
        taken.set(place, use.way!);
    }
  return uses.map((use) =>
    use.way === undefined
      ? use
      : {
          ...use,
          tools: use.tools.filter((tool) => taken.get(JSON.stringify([use.dishId, tool])) === use.way),
        },
  );
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
    own: dealOut(singleUses(oneWayEach(stationUses), once, decided).filter(isOwn), 'each station'),
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

function takenWords({ tool, kind, atOnce, by }: KitDecision, english: English): string {
  const appliance = tool.startsWith(applianceTool('')) ? tool.slice(applianceTool('').length) : null;
  if (appliance) return `${capital(by ?? '')} instead of the ${appliance}`;
  if (tool.startsWith(containerTool(''))) return 'What goes in together is set out together';
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

function fixedRows(rows: typeof alwaysAtStations, of: StationSize): KitRow[] {
  return rows.map(({ id, count, note, why, grams }) => fixedRow(id, { count: count(of), note, why, grams }));
}

function dirtyOf(uses: Parameters<typeof mostDirty>[0], input: KitInput): KitList['dirty'] {
  const { count, minute } = mostDirty(uses);
  return {
    count,
    atMinute: minute,
    workings: {
      title: `${counted(count, 'thing')} to wash`,
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
