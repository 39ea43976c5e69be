import { toolFact, toolName, toolPlural } from '../class/index.js';
import type { English } from '../words/index.js';
import type { Peak } from './in-use.js';
import type { KitShortage, WayOut } from './types.js';

export interface ShortageInput {
  /** Peaks of the whole room, those for raw food apart. */
  readonly peaks: readonly Peak[];
  /** How many of a tool stations want at once, of those the room does. */
  readonly atStations: (tool: string) => number;
  readonly stations: number;
  readonly toolsInKitchen: readonly { readonly tool: string; readonly count: number }[];
  readonly english: English;
  readonly clock: (minute: number) => string;
}

/**
 * What the kitchen has too few of, each with the ways out that work. What is not counted in the kitchen is
 * not guessed.
 */
export function findShortages(input: ShortageInput): KitShortage[] {
  const counts = new Map(input.toolsInKitchen.map(({ tool, count }) => [tool, count]));
  return [...new Set(input.peaks.map((peak) => peak.tool))].flatMap((tool): KitShortage[] => {
    const peaks = input.peaks.filter((peak) => peak.tool === tool);
    const needed = peaks.reduce((sum, peak) => sum + peak.count, 0);
    const inKitchen = counts.get(tool);
    if (inKitchen === undefined || inKitchen >= needed) return [];
    const worst = peaks.reduce((best, peak) => (peak.count > best.count ? peak : best));
    const name = toolName(tool, input.english);
    return [
      {
        id: tool,
        tool: name,
        needed,
        inKitchen,
        atMinute: worst.minute,
        sentence:
          `Not enough ${toolPlural(name)}: ${needed} needed at ` +
          `${input.clock(worst.minute)}, ${inKitchen} in the kitchen`,
        waysOut: waysOut(tool, { needed, inKitchen, minutes: worst.minutes, counts }, input),
      },
    ];
  });
}

interface Lack {
  readonly needed: number;
  readonly inKitchen: number;
  readonly minutes: number;
  readonly counts: ReadonlyMap<string, number>;
}

function waysOut(tool: string, lack: Lack, input: ShortageInput): WayOut[] {
  const places = input.atStations(tool);
  const elsewhere = lack.needed - places;
  const free = lack.inKitchen - elsewhere;
  return [
    ...replacements(tool, lack, input),
    ...(places > 1 && free >= Math.ceil(places / 2) ? [sharing(tool, lack, input)] : []),
    ...(places > 1 && free >= 1 ? [staggering(tool, { places, free, minutes: lack.minutes }, input)] : []),
  ];
}

function sharing(tool: string, { minutes }: Lack, { english }: ShortageInput): WayOut {
  const name = toolName(tool, english);
  return {
    id: `${tool}:share`,
    kind: 'share',
    action: `Let two stations share one ${name}`,
    sentence: `Each waits for the other: up to ${minutes} min longer`,
    decision: { tool, kind: 'share' },
  };
}

function staggering(
  tool: string,
  { places, free, minutes }: { places: number; free: number; minutes: number },
  { english }: ShortageInput,
): WayOut {
  const turns = Math.ceil(places / free);
  const first = free === 1 ? 'Station 1 goes first' : `Stations 1–${free} go first`;
  const after = free === 1 ? 'after it' : 'after them';
  const rest = places - free === 1 ? `station ${places} ${after}` : `stations ${free + 1}–${places} ${after}`;
  const last = turns > 2 ? 'the others in turn' : rest;
  return {
    id: `${tool}:stagger`,
    kind: 'stagger',
    action: `Stagger the ${toolPlural(toolName(tool, english))}: ${free} at once`,
    sentence: `${first}, ${last}: up to ${(turns - 1) * minutes} min longer`,
    decision: { tool, kind: 'stagger', atOnce: free },
  };
}

/** Other tools of which the kitchen has enough beside what is wanted of them anyway. */
function replacements(tool: string, { needed, minutes, counts }: Lack, input: ShortageInput): WayOut[] {
  return toolFact(tool).instead.flatMap(({ tool: other, minutesFactor, result }): WayOut[] => {
    const wanted = input.peaks
      .filter((peak) => peak.tool === other)
      .reduce((sum, peak) => sum + peak.count, 0);
    const there = counts.get(other);
    if (there === undefined || there < wanted + needed) return [];
    const more = Math.round(minutes * (minutesFactor - 1));
    const time =
      more === 0 ? 'no longer' : more > 0 ? `about ${more} min longer` : `about ${-more} min sooner`;
    return [
      {
        id: `${tool}:replace:${other}`,
        kind: 'replace',
        action: `Use ${toolPlural(toolName(other, input.english))} instead`,
        sentence: `${result.charAt(0).toUpperCase()}${result.slice(1)}; ${time}`,
        decision: { tool, kind: 'replace', by: other },
      },
    ];
  });
}
