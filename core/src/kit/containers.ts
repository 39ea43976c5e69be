import { type Amount, type MeasureSystem, sizeOfUnit, toNumber, unitKind } from '../amounts/index.js';
import type { ClassDish, KitDecision } from '../class/index.js';
import { rememberLast } from '../identity/index.js';
import { conversionFacts, findIngredient, type Larder, standardLarder } from '../larder/index.js';
import { type DishPortions, lineMeasure, nameStations } from '../portions/index.js';
import type { ContainerRow } from './types.js';

/** A dish as it will be made, and how much of it is made where. */
interface KitDish {
  readonly decided: ClassDish;
  readonly portions: DishPortions;
}

export interface ContainerInput {
  readonly stations: readonly number[];
  readonly dishes: readonly KitDish[];
  readonly larder?: Larder;
  readonly decisions?: { readonly kit: readonly KitDecision[] };
}

/**
 * The largest volume in millilitres for each container that sorted ingredients go into, and its weight in
 * grams.
 */
const containerSizes: readonly (readonly [number, string, number])[] = [
  [60, 'pinch bowl', 60],
  [250, 'small bowl', 250],
  [1000, 'medium bowl', 500],
  [Infinity, 'large tub', 700],
];
const trayGrams = 900;

/** The name under which decisions are made about a container, apart from the tool of that name. */
export function containerTool(container: string): string {
  return `container:${container}`;
}

export function containerGrams(container: string): number {
  return containerSizes.find(([, name]) => name === container)?.[2] ?? trayGrams;
}

/** A column of a dish's portions: the dish, and the batch's place in it. */
interface Column {
  readonly dish: KitDish;
  readonly batch: number;
}

/** A place that gets containers: stations alike, or one batch; with the grams of food that go there. */
export interface SortedPlace {
  readonly place: string;
  readonly stations: readonly number[];
  readonly rows: readonly ContainerRow[];
  readonly foodGrams: number;
  /** Containers where lines of one step share theirs. */
  readonly together: ReadonlyMap<string, number>;
}

/**
 * The containers of each place, over all dishes. Stations that get the same batches of every dish share a
 * list.
 */
export function sortedPlaces(input: ContainerInput): SortedPlace[] {
  return placesOf(input).map(({ place, stations, columns }) => {
    const rows = new Map<string, { place: string; container: string; count: number; holds: string[] }>();
    const together = new Map<string, number>();
    const ofSteps = new Set<string>();
    let foodGrams = 0;
    const sharedWith = new Set<string>();
    for (const column of columns) {
      for (const { container, name, grams, ofStep, goesIn } of sortedLines(input, column)) {
        const row = rows.get(container) ?? { place, container, count: 0, holds: [] };
        rows.set(container, row);
        const isTray = container === 'produce tray';
        // One lemon is there for its juice and its zest.
        if (isTray && row.holds.includes(name)) continue;
        row.count = isTray ? 1 : row.count + (sharedWith.has(goesIn) ? 0 : 1);
        row.holds.push(name);
        if (isTray) together.set(container, 1);
        else if (!ofSteps.has(ofStep)) together.set(container, (together.get(container) ?? 0) + 1);
        if (ofStep) ofSteps.add(ofStep);
        if (goesIn) sharedWith.add(goesIn);
        foodGrams += grams;
      }
    }
    return { place, stations, rows: [...rows.values()], foodGrams, together };
  });
}

function placesOf(input: ContainerInput): { place: string; stations: number[]; columns: Column[] }[] {
  const columns = input.dishes.flatMap((dish) =>
    dish.portions.batches.map((each, batch) => ({ dish, batch, each })),
  );
  const single = new Map<string, Column[]>();
  for (const column of columns) {
    if (column.each.kind !== 'stations')
      single.set(column.each.heading, [...(single.get(column.each.heading) ?? []), column]);
  }
  const stations = new Map<string, { numbers: number[]; columns: Column[] }>();
  input.stations.forEach((_, index) => {
    const own = columns.filter(({ each }) => each.stations.includes(index + 1));
    const key = own.map(({ each }) => each.id).join('|');
    stations.set(key, { numbers: [...(stations.get(key)?.numbers ?? []), index + 1], columns: own });
  });
  const alike = [...stations.values()].map(({ numbers, columns: own }) => ({
    place: nameStations(numbers),
    stations: numbers,
    columns: own,
  }));
  return [...alike, ...[...single].map(([place, own]) => ({ place, stations: [], columns: own }))];
}

interface SortedLine {
  readonly container: string;
  readonly name: string;
  readonly grams: number;
  /** Its container and the step that uses it first; empty where none does. */
  readonly ofStep: string;
  /** Lines with the same words here share a container; empty where each has its own. */
  readonly goesIn: string;
}

/** Each line of a batch with what it is set out in. */
function sortedLines(input: ContainerInput, { dish, batch }: Column): readonly SortedLine[] {
  const { recipe } = dish.decided;
  const larder = input.larder ?? standardLarder;
  const lines = remembered(dish.portions, [recipe, larder], () =>
    dish.portions.batches.map((_, each) => linesOf(dish, each, larder)),
  )[batch]!;
  return lines.map((line) => {
    const ofStep = line.step === undefined ? '' : [line.container, dish.decided.id, line.step].join(' ');
    return { ...line, ofStep, goesIn: isSetOutTogether(line.container, input) ? ofStep : '' };
  });
}

/** A line of a batch in its container, and the step that uses it first. */
type LineInContainer = Omit<SortedLine, 'goesIn' | 'ofStep'> & { readonly step: string | undefined };

const remembered = rememberLast<DishPortions, readonly (readonly LineInContainer[])[]>();

function linesOf(
  { decided: { recipe }, portions }: KitDish,
  batch: number,
  larder: Larder,
): LineInContainer[] {
  return portions.components
    .flatMap((component) => component.lines)
    .filter((line) => !line.cells[batch]!.absent)
    .map((line) => {
      const written = recipe.lines.find((each) => each.id === line.lineId)!;
      const { amount } = line.cells[batch]!;
      const isFruit = written.byProducts.some((part) => part === 'juice' || part === 'zest');
      return {
        container: isFruit
          ? 'produce tray'
          : containerFor(amount, written.ingredient, written.preparation, { system: recipe.system, larder }),
        // What students squeeze and zest is set out whole.
        name: isFruit ? line.name.replace(/ (?:juice|zest)(?: and (?:juice|zest))?$/, '') : line.name,
        grams: lineMeasure(written, findIngredient(larder, written.ingredient), amount).grams ?? 0,
        step: recipe.steps.find(({ uses }) => uses.some((use) => use.line === written.id))?.id,
      };
    });
}

function isSetOutTogether(container: string, { decisions }: ContainerInput): boolean {
  return decisions?.kit.some(({ tool }) => tool === containerTool(container)) === true;
}

function containerFor(
  amount: Amount | null,
  ingredient: string | null,
  preparation: Parameters<typeof conversionFacts>[1],
  { system, larder }: { system: MeasureSystem; larder: Larder },
): string {
  if (!amount) return 'pinch bowl';
  if (unitKind(amount.unit) === 'count') return 'produce tray';
  const facts = conversionFacts(findIngredient(larder, ingredient), preparation);
  const volume = sizeOfUnit(amount.unit, 'ml', facts, system);
  const grams = volume === null ? sizeOfUnit(amount.unit, 'g', facts, system) : null;
  const count = toNumber(amount.high);
  // Where no density is known, a gram is given two millilitres of room: a container too large does no harm.
  const millilitres = volume !== null ? count * volume : grams !== null ? count * grams * 2 : 200;
  return containerSizes.find(([most]) => millilitres <= most)![1];
}
