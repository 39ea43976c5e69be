import { convert, toNumber, unitKind, type Amount, type MeasureSystem, type WorkingStep } from '../amounts/index.js';
import { conversionFacts, findIngredient, standardLarder, type Larder } from '../larder/index.js';
import { nameStations, type ClassDish, type DishPortions } from '../portions/index.js';
import { isSharedTool, toolName, toolPlural } from './tools.js';
import type { ContainerRow, KitList, KitRow, KitShortage, ToolUse } from './types.js';

export interface KitInput {
  readonly uses: readonly ToolUse[];
  readonly stations: readonly number[];
  readonly people: number;
  readonly dishes: readonly ClassDish[];
  readonly portions: readonly DishPortions[];
  readonly toolsInKitchen: readonly { readonly tool: string; readonly count: number }[];
  readonly english: 'uk' | 'us';
  /** Writes a minute of the plan as the clock shows it. */
  readonly clock: (minute: number) => string;
  readonly larder?: Larder;
}

/**
 * The kit for one station, the demonstration bench and shared use: the peak in use at once, read off the timeline,
 * not the sum over steps; the containers for sorted ingredients; and what the kitchen has too few of.
 */
export function buildKitList(input: KitInput): KitList {
  const atStations = input.uses.filter((use) => use.place === 'stations');
  const atBench = input.uses.filter((use) => use.place === 'demonstration bench');
  const perStation = peaks(weighed(atStations, 1)).filter(({ tool }) => !isSharedTool(tool)).map((peak) => kitRow(peak, input, 'each station'));
  const bench = peaks(weighed(atBench, 1)).filter(({ tool }) => !isSharedTool(tool)).map((peak) => kitRow(peak, input, 'the demonstration bench'));
  const pooled = [...weighed(atBench, 1), ...weighed(atStations, input.stations.length)];
  const shared = peaks(pooled).filter(({ tool }) => isSharedTool(tool)).map((peak) => kitRow(peak, input, 'shared use'));
  const wholeRoom = peaks(pooled);
  return {
    perStation: [...perStation, ...alwaysAtStations(input.people, input.stations)],
    stations: input.stations.length, demonstrationBench: [...bench, ...alwaysAtBench()], shared, consumables: consumables(input),
    containers: containers(input), shortages: shortages(wholeRoom, input),
  };
}

/** A use that happens at so many places at once: equal stations work in step, so one stands for all. */
type WeighedUse = ToolUse & { readonly places: number };

function weighed(uses: readonly ToolUse[], places: number): WeighedUse[] {
  return uses.map((use) => ({ ...use, places }));
}

interface Peak { tool: string; count: number; minute: number; titles: string[] }

/** For each tool the moment at which most of it is in use. Tools are counted at the start of each use. */
function peaks(uses: readonly WeighedUse[]): Peak[] {
  const byTool = new Map<string, WeighedUse[]>();
  for (const use of uses) {
    for (const tool of use.tools) {
      const users = byTool.get(tool);
      if (users) users.push(use);
      else byTool.set(tool, [use]);
    }
  }
  return [...byTool].map(([tool, users]) => {
    let best: Peak = { tool, count: 0, minute: 0, titles: [] };
    for (const { start } of users) {
      const running = users.filter((use) => use.start <= start && use.end > start);
      const count = running.reduce((sum, use) => sum + use.places, 0);
      if (count > best.count) best = { tool, count, minute: start, titles: [...new Set(running.map((use) => use.title))] };
    }
    return best;
  });
}

function kitRow(peak: Peak, input: KitInput, place: string): KitRow {
  const name = toolName(peak.tool, input.english);
  return {
    tool: name, count: peak.count, note: '',
    workings: {
      title: `${peak.count} × ${name} for ${place}`, estimated: false, result: String(peak.count),
      steps: [...peak.titles.map((title): WorkingStep => ({ label: title, value: '1 at a time' })), { label: 'Most in use at once', value: String(peak.count), note: `At ${input.clock(peak.minute)}.` }],
    },
  };
}

function fixedRow(tool: string, count: number, note: string, why: string): KitRow {
  return { tool, count, note, workings: { title: `${count} × ${tool}`, steps: [{ label: why, value: String(count) }], result: String(count), estimated: false } };
}

/** Easily forgotten, and wanted at every station whatever is cooked. */
function alwaysAtStations(people: number, stations: readonly number[]): KitRow[] {
  const most = stations[0] ?? 0;
  return [
    fixedRow('damp cloth', 1, 'under the board, so that it cannot slip', 'One under the board'),
    fixedRow('tasting spoons', most * 2, 'two a person: one in use, one clean', `2 × ${most} people at the largest of ${stations.length} stations, ${people} in all`),
    fixedRow('scrap bowl', 1, '', 'One at every station'),
    fixedRow('tea towel', 2, 'one for hands, one for hot handles', 'Two at every station'),
  ];
}

function alwaysAtBench(): KitRow[] {
  return [
    fixedRow('damp cloth', 1, 'under the board', 'One under the board'),
    fixedRow('tilted mirror or camera', 1, 'so that hands do not hide the work', 'One for the demonstration'),
    fixedRow('scrap bowl', 1, '', 'One at the bench'),
  ];
}

function consumables(input: KitInput): KitRow[] {
  const stations = input.stations.length;
  return [
    fixedRow('roll of kitchen paper', Math.max(1, Math.ceil(stations / 3)), '', `One for every 3 of ${stations} stations`),
    fixedRow('labels and a pen', 1, 'name, date and use by on what is kept', 'One set'),
    fixedRow('box to carry food home', input.people, '', 'One a person'),
  ];
}

/** The largest volume in millilitres for each container that sorted ingredients go into. */
const containerSizes: readonly (readonly [number, string])[] = [[60, 'pinch bowl'], [250, 'small bowl'], [1000, 'medium bowl'], [Infinity, 'large tub']];

/** A column of a dish's portions: the dish's place on the menu and the batch's place in the dish. */
interface Column { readonly dish: number; readonly batch: number }

/** The containers of each place, over all dishes. Stations that get the same batches of every dish share a list. */
function containers(input: KitInput): ContainerRow[] {
  return placesOf(input).flatMap(({ place, columns }) => {
    const rows = new Map<string, ContainerRow & { holds: string[] }>();
    for (const column of columns) {
      for (const { container, name } of sortedLines(input, column)) {
        const row = rows.get(container) ?? { place, container, count: 0, holds: [] };
        rows.set(container, { ...row, count: container === 'produce tray' ? 1 : row.count + 1, holds: [...row.holds, name] });
      }
    }
    return [...rows.values()];
  });
}

function placesOf(input: KitInput): { place: string; columns: Column[] }[] {
  const columns = input.portions.flatMap((dish, index) => dish.batches.map((each, batch) => ({ dish: index, batch, each })));
  const single = new Map<string, Column[]>();
  for (const column of columns) {
    if (column.each.kind !== 'stations') single.set(column.each.heading, [...single.get(column.each.heading) ?? [], column]);
  }
  const stations = new Map<string, { numbers: number[]; columns: Column[] }>();
  input.stations.forEach((_, index) => {
    const own = columns.filter(({ each }) => each.stations.includes(index + 1));
    const key = own.map(({ each }) => each.id).join('|');
    stations.set(key, { numbers: [...stations.get(key)?.numbers ?? [], index + 1], columns: own });
  });
  const alike = [...stations.values()].map(({ numbers, columns: own }) => ({ place: nameStations(numbers), columns: own }));
  return [...alike, ...[...single].map(([place, own]) => ({ place, columns: own }))];
}

/** Each line of a batch with what it is set out in. */
function sortedLines(input: KitInput, column: Column): { container: string; name: string }[] {
  const { recipe } = input.dishes[column.dish]!;
  return input.portions[column.dish]!.components.flatMap((component) => component.lines).map((line) => {
    const written = recipe.lines.find((each) => each.id === line.lineId)!;
    return { container: containerFor(line.cells[column.batch]!.amount, written.ingredient, written.preparation, recipe.system, input.larder), name: line.name };
  });
}

function containerFor(amount: Amount | null, ingredient: string | null, preparation: Parameters<typeof conversionFacts>[1], system: MeasureSystem, larder: Larder = standardLarder): string {
  if (!amount) return 'pinch bowl';
  if (unitKind(amount.unit) === 'count') return 'produce tray';
  const volume = convert(amount, 'ml', conversionFacts(findIngredient(larder, ingredient), preparation), system);
  const grams = volume.ok ? null : convert(amount, 'g', {}, system);
  // Where no density is known, a gram is given two millilitres of room: a container too large does no harm.
  const millilitres = volume.ok ? toNumber(volume.amount.high) : grams?.ok ? toNumber(grams.amount.high) * 2 : 200;
  return containerSizes.find(([most]) => millilitres <= most)![1];
}

function shortages(peaksInRoom: readonly Peak[], input: KitInput): KitShortage[] {
  const counts = new Map(input.toolsInKitchen.map(({ tool, count }) => [tool, count]));
  return peaksInRoom.flatMap((peak): KitShortage[] => {
    const inKitchen = counts.get(peak.tool);
    if (inKitchen === undefined || inKitchen >= peak.count) return [];
    const name = toolName(peak.tool, input.english);
    const waysOut = ['Let two stations share one', `Borrow ${peak.count - inKitchen} more`];
    const sentence = `Not enough ${toolPlural(name)}: ${peak.count} needed at ${input.clock(peak.minute)}, ${inKitchen} in the kitchen`;
    return [{ tool: name, needed: peak.count, inKitchen, atMinute: peak.minute, sentence, waysOut }];
  });
}
