import { divide, multiply, showRational, toFraction, toNumber, toRational, type Rational, type Workings, type WorkingStep } from '../amounts/index.js';
import type { Portion, Recipe } from '../recipes/index.js';
import type { Batch, BatchKind, ClassDish, StationPlan } from './types.js';

/** A portion against a main course, exactly. */
export const portionSize: Readonly<Record<Portion, Rational>> = { taste: '1/3', side: '2/3', main: '1' };

const smallSeries: readonly Rational[] = ['1/4', '1/3', '1/2', '2/3', '3/4', '1', '5/4', '3/2', '7/4', '2', '5/2', '3', '7/2', '4'];
/** A batch may fall short of the need by one part in twenty. */
const enough: Rational = '19/20';

/** The batches up to twice the recipe that its least batch allows. Halves to 4 and then wholes follow. */
export function batchesFrom(leastBatch: Rational): Rational[] {
  return smallSeries.filter((each) => toFraction(each).compare(toFraction(leastBatch)) >= 0 && toFraction(each).compare(2) <= 0);
}

/** Spreads people over the fewest stations of at most `perStation`, as evenly as can be. Both are whole and at least 1. */
export function splitStations(people: number, perStation: number): StationPlan {
  const stations = Math.ceil(people / perStation);
  const each = Math.floor(people / stations);
  const larger = people - each * stations;
  const sizes = Array.from({ length: stations }, (_, index) => (index < larger ? each + 1 : each));
  const spread = larger === 0 ? `${stations} × ${each}` : `${larger} × ${each + 1} and ${stations - larger} × ${each}`;
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

/** The exact share of a recipe that feeds `people` with `portion`: people × portion ÷ (serves × its own portion). */
export function batchNeed(recipe: Pick<Recipe, 'serves' | 'portion'>, people: number, portion: Portion): Rational {
  const gives = multiply(String(recipe.serves), portionSize[recipe.portion]);
  return divide(multiply(String(people), portionSize[portion]), gives);
}

/**
 * The least batch of the series ¼ ⅓ ½ ⅔ ¾ 1 1¼ 1½ 1¾ 2, halves to 4, then wholes, that covers 95 % of the need
 * and is no smaller than the recipe's least batch.
 */
export function workableBatch(need: Rational, leastBatch: Rational): Rational {
  const target = toFraction(need).mul(toFraction(enough));
  const least = toFraction(leastBatch);
  const floor = target.compare(least) > 0 ? target : least;
  const inSeries = smallSeries.find((each) => toFraction(each).compare(floor) >= 0);
  return inSeries ?? toRational(floor.ceil());
}

/** The batches of one dish: a demonstration, one for each set of stations with the same amount, or one made ahead. */
export function planBatches(dish: ClassDish, stations: StationPlan, people: number, demonstrationPlates: number): Batch[] {
  if (dish.maker === 'demonstration') return [singleBatch(dish, 'demonstration', people, 'Demonstration')];
  if (dish.maker === 'made ahead') return [singleBatch(dish, 'made ahead', people, 'Made ahead')];
  const shown = demonstrationPlates > 0 ? [singleBatch(dish, 'demonstration', demonstrationPlates, 'Demonstration')] : [];
  return [...shown, ...stationBatches(dish, stations)];
}

function singleBatch(dish: ClassDish, kind: BatchKind, people: number, heading: string): Batch {
  return describe(dish, { id: `${dish.id}:${kind}`, kind, stations: [], people: { low: people, high: people }, heading });
}

function stationBatches(dish: ClassDish, stations: StationPlan): Batch[] {
  // Stations differ in size by one at most, so a batch is chosen for two sizes, not for every station.
  const factors = new Map([...new Set(stations.sizes)].map((size) => [size, workableBatch(batchNeed(dish.recipe, size, dish.portion), dish.recipe.leastBatch)]));
  const sets = new Map<Rational, number[]>();
  stations.sizes.forEach((size, index) => {
    const factor = factors.get(size)!;
    const numbers = sets.get(factor);
    if (numbers) numbers.push(index + 1);
    else sets.set(factor, [index + 1]);
  });
  return [...sets.values()].map((numbers) => {
    const sizes = numbers.map((number) => stations.sizes[number - 1]!);
    return describe(dish, {
      id: `${dish.id}:stations:${numbers[0]}`, kind: 'stations', stations: numbers,
      people: { low: Math.min(...sizes), high: Math.max(...sizes) }, heading: nameStations(numbers),
    });
  });
}

/** "Station 3", "Stations 1, 2", "Stations 1–6". */
export function nameStations(numbers: readonly number[]): string {
  if (numbers.length === 1) return `Station ${numbers[0]}`;
  const run = numbers.every((number, index) => index === 0 || number === numbers[index - 1]! + 1);
  return run && numbers.length > 2 ? `Stations ${numbers[0]}–${numbers[numbers.length - 1]}` : `Stations ${numbers.join(', ')}`;
}

function describe(dish: ClassDish, batch: Pick<Batch, 'id' | 'kind' | 'stations' | 'people' | 'heading'>): Batch {
  const need = batchNeed(dish.recipe, batch.people.high, dish.portion);
  const factor = workableBatch(need, dish.recipe.leastBatch);
  const people = batch.people.low === batch.people.high ? String(batch.people.high) : `${batch.people.low}–${batch.people.high}`;
  return {
    ...batch, need, factor, count: Math.max(1, batch.stations.length),
    subheading: `${batch.people.high === 1 ? '1 person' : `${people} people`} · ${showRational(factor)} batch`,
    workings: { title: `${showRational(factor)} batch for ${batch.heading.toLowerCase()}`, steps: batchSteps(dish, batch.people.high, need, factor), result: `${showRational(factor)} batch`, estimated: false },
  };
}

/** How a batch was chosen, for the Workings of the batch and of each of its amounts. */
function batchSteps(dish: ClassDish, people: number, need: Rational, factor: Rational): WorkingStep[] {
  const recipe = dish.recipe;
  return [
    { label: 'As written', value: `serves ${recipe.serves}, ${recipe.portion}` },
    {
      label: `${people} × ${dish.portion} (${showRational(portionSize[dish.portion])})`,
      value: showRational(need),
      note: `${people} × ${showRational(portionSize[dish.portion])} ÷ (${recipe.serves} × ${showRational(portionSize[recipe.portion])})`,
    },
    { label: 'Workable batch', value: showRational(factor), note: batchNote(need, factor, recipe.leastBatch) },
  ];
}

function batchNote(need: Rational, factor: Rational, leastBatch: Rational): string {
  const over = Math.round((toNumber(factor) / toNumber(need) - 1) * 100);
  const least = toFraction(leastBatch).compare(toFraction(need)) > 0 && factor === leastBatch;
  const why = least ? 'The least batch this recipe works at.' : 'The least of the series that covers 95 % of the need.';
  if (over === 0) return why;
  return over > 0 ? `${why} Over by ${over} %.` : `${why} Short by ${-over} %.`;
}

export function batchesInAll(batches: readonly Batch[]): Rational {
  return toRational(batches.reduce((sum, batch) => sum.add(toFraction(batch.factor).mul(batch.count)), toFraction('0')));
}

/** A titled set of steps with a result. */
export function workings(title: string, steps: readonly WorkingStep[], result: string, estimated: boolean): Workings {
  return { title, steps, result, estimated };
}
