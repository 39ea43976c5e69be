import { type IngredientId, type LineId, plainId } from '../identity/index.js';
import { findIngredient, ingredientName, type Larder } from '../larder/index.js';
import { type Recipe, type RecipeLine, type RecipeStep, retold, type When } from '../recipes/index.js';
import type { English } from '../words/index.js';
import { type ClassDish, type DishMaking, isMadeByStudents, type StationSwap, stationWays } from './dish.js';
import { withSubstitute } from './substitute.js';

/** Stations that make a dish in one way of their own. */
interface StationWay {
  readonly option: string;
  readonly stations: readonly number[];
  readonly swaps: readonly Omit<StationSwap, 'station'>[];
}

/** The way of a dish that all stations take but those with a swap. */
const asWritten = 'as-written';

/** The ways that single stations make a dish in, one for each set of swaps, by their first station. */
export function waysOfStations({ forStations = [] }: Pick<DishMaking, 'forStations'>): StationWay[] {
  const atStation = new Map<number, StationSwap[]>();
  for (const swap of forStations) {
    const others = (atStation.get(swap.station) ?? []).filter(({ missing }) => missing !== swap.missing);
    atStation.set(swap.station, [...others, swap]);
  }
  const ways = new Map<string, StationWay>();
  for (const [station, swaps] of [...atStation].sort(([a], [b]) => a - b)) {
    const own = swaps.map(({ missing, taken }) => ({ missing, taken }));
    const key = own
      .map(({ missing, taken }) => `${missing}>${taken ?? ''}`)
      .sort()
      .join(',');
    const known = ways.get(key);
    ways.set(key, {
      option: known?.option ?? `own-${ways.size + 1}`,
      stations: [...(known?.stations ?? []), station],
      swaps: known?.swaps ?? own,
    });
  }
  return [...ways.values()];
}

/** The way a station makes a dish in, where its stations differ by what stands in place of something. */
export function wayOfStation(making: DishMaking, station: number): string {
  return waysOfStations(making).find(({ stations }) => stations.includes(station))?.option ?? asWritten;
}

/**
 * The dish with what single stations make in their own way beside what all others make: lines and steps of
 * each way, told apart as those of a tasting flight are. A flight has its ways already, and takes no others.
 */
export function withStationWays(dish: ClassDish, larder: Larder, english: English): ClassDish {
  const { making } = dish;
  if (!making?.forStations?.length || making.flight || !isMadeByStudents(dish.maker)) return dish;
  const ways = waysOfStations(making)
    .map((way) => madeWay(way, recipeOf(dish.recipe, way, larder, english), dish.recipe))
    .filter((way) => way.recipe !== dish.recipe);
  if (ways.length === 0) return dish;
  const { recipe } = dish;
  const options = [
    { id: asWritten, name: '' },
    ...ways.map(({ option, swaps }) => ({ id: option, name: swapWords(swaps, larder, english) })),
  ];
  return {
    ...dish,
    making: { ...making, flight: stationWays },
    recipe: {
      ...recipe,
      choices: [...recipe.choices, { id: stationWays, name: 'For stations', options, usual: asWritten }],
      lines: recipe.lines.flatMap((line) => linesOf(line, ways)),
      steps: stepsOf(recipe.steps, ways),
    },
  };
}

interface MadeWay extends StationWay {
  readonly recipe: Recipe;
  /** Lines that it has otherwise. */
  readonly changed: ReadonlySet<LineId>;
}

function madeWay(way: StationWay, recipe: Recipe, whole: Recipe): MadeWay {
  const changed = recipe.lines.filter((line) => !whole.lines.includes(line)).map(({ id }) => id);
  return { ...way, recipe, changed: new Set(changed) };
}

function recipeOf(recipe: Recipe, { swaps }: StationWay, larder: Larder, english: English): Recipe {
  return swaps.reduce(
    (made, { missing, taken }) =>
      taken === null
        ? withoutFood(made, missing, larder, english)
        : withSubstitute(made, missing, taken, larder, english),
    recipe,
  );
}

/** The recipe without a food: its lines fall out, and steps that used nothing else. */
function withoutFood(recipe: Recipe, missing: IngredientId, larder: Larder, english: English): Recipe {
  const out = new Set(recipe.lines.filter(({ ingredient }) => ingredient === missing).map(({ id }) => id));
  const food = findIngredient(larder, missing);
  if (out.size === 0 || !food) return recipe;
  const gone = new Set<string>();
  const steps = recipe.steps.flatMap((step): RecipeStep[] => {
    if (!step.uses.some(({ line }) => out.has(line))) return [step];
    const uses = step.uses.filter(({ line }) => !out.has(line));
    if (uses.length === 0 && step.after.length === 0) {
      gone.add(step.id);
      return [];
    }
    const text = `${step.text.trim()} (Leave out the ${ingredientName(food, english)}.)`;
    return [{ ...retold(step, text), uses }];
  });
  return {
    ...recipe,
    lines: recipe.lines.filter(({ id }) => !out.has(id)),
    steps: steps.map((step) =>
      step.after.some((id) => gone.has(id))
        ? { ...step, after: step.after.filter((id) => !gone.has(id)) }
        : step,
    ),
  };
}

/** A line as all make it, and as each way has it where that differs. */
function linesOf(line: RecipeLine, ways: readonly MadeWay[]): RecipeLine[] {
  const differing = ways.filter(({ recipe }) => !recipe.lines.includes(line));
  if (differing.length === 0) return [line];
  return [
    { ...line, when: allBut(differing, ways) },
    ...differing.flatMap((way) => {
      const own = way.recipe.lines.find(({ id }) => id === line.id);
      return own ? [{ ...own, id: copyId(own.id, way), when: only(way) }] : [];
    }),
  ];
}

/** The steps as all do them, each with those of the ways that do it otherwise behind it. */
function stepsOf(steps: readonly RecipeStep[], ways: readonly MadeWay[]): RecipeStep[] {
  const copies = new Map(
    steps.map((step) => [step.id, ways.filter((way) => stepIn(way, step) !== step)] as const),
  );
  const afterAll = (step: RecipeStep) =>
    step.after.flatMap((id) => [
      id,
      ...(copies.get(id) ?? []).filter((way) => stepIn(way, { id })).map((way) => copyId(id, way)),
    ]);
  return steps.flatMap((step): RecipeStep[] => {
    const differing = copies.get(step.id)!;
    const whole = { ...step, after: afterAll(step) };
    if (differing.length === 0) return [whole];
    return [
      { ...whole, when: allBut(differing, ways) },
      ...differing.flatMap((way) => {
        const own = stepIn(way, step);
        return own ? [ownStep(own, way, whole)] : [];
      }),
    ];
  });
}

function stepIn({ recipe }: MadeWay, { id }: Pick<RecipeStep, 'id'>): RecipeStep | undefined {
  return recipe.steps.find((each) => each.id === id);
}

function ownStep(own: RecipeStep, way: MadeWay, { after }: RecipeStep): RecipeStep {
  const lineIds = new Map(
    way.recipe.lines.map((line) => [line.id, way.changed.has(line.id) ? copyId(line.id, way) : line.id]),
  );
  return {
    ...own,
    id: copyId(own.id, way),
    after,
    uses: own.uses.map((use) => ({ ...use, line: lineIds.get(use.line) ?? use.line })),
    when: only(way),
  };
}

const copyId = (id: string, { option }: StationWay) => `${plainId(id)}@${option}`;
const only = ({ option }: StationWay): When => ({ choice: stationWays, option });

function allBut(differing: readonly StationWay[], ways: readonly StationWay[]): When {
  const others = ways.filter((way) => !differing.includes(way as MadeWay)).map(({ option }) => option);
  return { choice: stationWays, option: asWritten, ...(others.length > 0 ? { also: others } : {}) };
}

/** "no walnuts, feta": what a way goes without; what it takes stands beside its lines. */
export function swapWords(
  swaps: readonly Omit<StationSwap, 'station'>[],
  larder: Larder,
  english: English,
): string {
  const nameOf = (id: IngredientId) => {
    const food = findIngredient(larder, id);
    return food ? ingredientName(food, english) : id;
  };
  return `no ${swaps.map(({ missing }) => nameOf(missing)).join(', ')}`;
}
