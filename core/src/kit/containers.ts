import {
  type Amount,
  type ConversionFacts,
  type MeasureSystem,
  sizeOfUnit,
  toNumber,
  unitKind,
} from '../amounts/index.js';
import type { ClassDish, KitDecision } from '../class/index.js';
import { type DishId, type LineId, cacheByOwner } from '../identity/index.js';
import { conversionFacts, findIngredient, type Larder, standardLarder } from '../larder/index.js';
import { type DishPortions, lineMeasure, nameStations, type PortionLine } from '../portions/index.js';
import type { Recipe, RecipeLine } from '../recipes/index.js';
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
    for (const column of columns) {
      for (const { container, name, grams, ofStep } of sortedLines(input, column)) {
        const row = rows.get(container) ?? { place, container, count: 0, holds: [] };
        rows.set(container, row);
        const isTray = container === 'produce tray';
        // One lemon is there for its juice and its zest.
        if (isTray && row.holds.includes(name)) continue;
        const isShared = ofSteps.has(ofStep) && isSetOutTogether(container, input);
        row.count = isTray ? 1 : row.count + (isShared ? 0 : 1);
        row.holds.push(name);
        if (isTray) together.set(container, 1);
        else if (!ofSteps.has(ofStep)) together.set(container, (together.get(container) ?? 0) + 1);
        if (ofStep) ofSteps.add(ofStep);
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
}

/** Each line of a batch with what it is set out in. */
function sortedLines(input: ContainerInput, { dish, batch }: Column): readonly SortedLine[] {
  const larder = input.larder ?? standardLarder;
  const { id, recipe } = dish.decided;
  return remembered(dish.portions, [id, recipe, larder], () => linesOf(dish, larder))[batch]!;
}

const remembered = cacheByOwner<DishPortions, readonly (readonly SortedLine[])[]>();

/** The lines of each batch of a dish. */
function linesOf({ decided: { id, recipe }, portions }: KitDish, larder: Larder): SortedLine[][] {
  const written = new Map(recipe.lines.map((line) => [line.id, line]));
  const steps = firstSteps(recipe);
  const all = portions.components
    .flatMap(({ lines }) => lines)
    .map((line) => ({
      line,
      inBatch: inContainers(line, written.get(line.lineId)!, { id, recipe, larder, steps }),
    }));
  return portions.batches.map((_, batch) =>
    all.flatMap(({ line, inBatch }) =>
      line.cells[batch]!.absent ? [] : [inBatch(line.cells[batch]!.amount)],
    ),
  );
}

/** The step that uses each line first. */
function firstSteps({ steps }: Recipe): ReadonlyMap<LineId, string> {
  return firstOf(steps, [], () => {
    const first = new Map<LineId, string>();
    for (const { id, uses } of steps) for (const { line } of uses) if (!first.has(line)) first.set(line, id);
    return first;
  });
}

const firstOf = cacheByOwner<Recipe['steps'], ReadonlyMap<LineId, string>>();

interface LinesContext {
  readonly id: DishId;
  readonly recipe: Recipe;
  readonly larder: Larder;
  readonly steps: ReadonlyMap<LineId, string>;
}

/** How a line is set out, for whatever amount. */
function inContainers(
  line: PortionLine,
  written: RecipeLine,
  { id, recipe, larder, steps }: LinesContext,
): (amount: Amount | null) => SortedLine {
  const isFruit = written.byProducts.some((part) => part === 'juice' || part === 'zest');
  const ingredient = findIngredient(larder, written.ingredient);
  const facts = conversionFacts(ingredient, written.preparation);
  // What students squeeze and zest is set out whole.
  const name = isFruit ? fruitOf(line.name) : line.name;
  const step = steps.get(written.id);
  return (amount) => {
    const container = isFruit ? 'produce tray' : containerFor(amount, facts, recipe.system);
    const ofStep = step === undefined ? '' : `${container} ${id} ${step}`;
    return { container, name, grams: lineMeasure(written, ingredient, amount).grams ?? 0, ofStep };
  };
}

function isSetOutTogether(container: string, { decisions }: ContainerInput): boolean {
  return decisions?.kit.some(({ tool }) => tool === containerTool(container)) === true;
}

function containerFor(amount: Amount | null, facts: ConversionFacts, system: MeasureSystem): string {
  if (!amount) return 'pinch bowl';
  if (unitKind(amount.unit) === 'count') return 'produce tray';
  const volume = sizeOfUnit(amount.unit, 'ml', facts, system);
  const grams = volume === null ? sizeOfUnit(amount.unit, 'g', facts, system) : null;
  const count = toNumber(amount.high);
  // Where no density is known, a gram is given two millilitres of room: a container too large does no harm.
  const millilitres = volume !== null ? count * volume : grams !== null ? count * grams * 2 : 200;
  return containerSizes.find(([most]) => millilitres <= most)![1];
}

const ofFruit: ReadonlySet<string> = new Set(['juice', 'zest', 'and']);

/** "Lemon" of "lemon juice and zest". */
function fruitOf(name: string): string {
  const words = name.split(' ');
  const last = words.findLastIndex((word) => !ofFruit.has(word));
  return words.slice(0, Math.max(last, 0) + 1).join(' ');
}
