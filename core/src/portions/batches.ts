import {
  divide,
  multiply,
  type Rational,
  showRational,
  toFraction,
  toNumber,
  toRational,
  wholeRational,
  type Workings,
  type WorkingStep,
} from '../amounts/index.js';
import type { ClassDish } from '../class/index.js';
import type { Portion, Recipe } from '../recipes/index.js';
import type { Batch } from './types.js';

/** A portion against a main course, exactly. */
export const portionSize: Readonly<Record<Portion, Rational>> = { taste: '1/3', side: '2/3', main: '1' };

const smallSeries: readonly Rational[] = [
  '1/4',
  '1/3',
  '1/2',
  '2/3',
  '3/4',
  '1',
  '5/4',
  '3/2',
  '7/4',
  '2',
  '5/2',
  '3',
  '7/2',
  '4',
];
/** A batch may fall short of the need by one part in twenty. */
const enough: Rational = '19/20';
/** Over the need by more than this share, two stations had better share a batch. */
export const largeSurplus = 0.3;

/** The batches up to twice the recipe that its least batch allows. Halves to 4 and then wholes follow. */
export function batchesFrom(leastBatch: Rational): Rational[] {
  return smallSeries.filter(
    (each) => toFraction(each).compare(toFraction(leastBatch)) >= 0 && toFraction(each).compare(2) <= 0,
  );
}

/**
 * The exact share of a recipe that feeds `people` with `portion`: people × portion ÷ (serves × its own
 * portion).
 */
export function batchNeed(
  recipe: Pick<Recipe, 'serves' | 'portion'>,
  people: number,
  portion: Portion,
): Rational {
  const gives = multiply(toRational(recipe.serves), portionSize[recipe.portion]);
  return divide(multiply(wholeRational(people), portionSize[portion]), gives);
}

/**
 * The least batch of the series ¼ ⅓ ½ ⅔ ¾ 1 1¼ 1½ 1¾ 2, halves to 4, then wholes, that covers 95 % of the
 * need and is no smaller than the recipe's least batch.
 */
export function workableBatch(need: Rational, leastBatch: Rational): Rational {
  const target = toFraction(need).mul(toFraction(enough));
  const least = toFraction(leastBatch);
  const floor = target.compare(least) > 0 ? target : least;
  const inSeries = smallSeries.find((each) => toFraction(each).compare(floor) >= 0);
  return inSeries ?? toRational(floor.ceil());
}

/** "Station 3", "Stations 1, 2", "Stations 1–6". */
export function nameStations(numbers: readonly number[]): string {
  if (numbers.length === 1) return `Station ${numbers[0]}`;
  const run = numbers.every((number, index) => index === 0 || number === numbers[index - 1]! + 1);
  return run && numbers.length > 2
    ? `Stations ${numbers[0]}–${numbers[numbers.length - 1]}`
    : `Stations ${numbers.join(', ')}`;
}

/** What is known of a batch before its size is worked out. `people` are those that one batch feeds. */
export type BatchFrame = Pick<Batch, 'id' | 'kind' | 'stations' | 'people' | 'heading' | 'count'> &
  Partial<Pick<Batch, 'components' | 'option'>> & { readonly need?: Rational };

/** A batch with its need, the workable size and how that came about. */
export function describeBatch(dish: ClassDish, frame: BatchFrame): Batch {
  const need = frame.need ?? batchNeed(dish.recipe, frame.people.high, dish.portion);
  const factor = workableBatch(need, dish.recipe.leastBatch);
  const over = toNumber(factor) / toNumber(need) - 1;
  const people =
    frame.people.low === frame.people.high
      ? String(frame.people.high)
      : `${frame.people.low}–${frame.people.high}`;
  const size = `${showRational(factor)} batch`;
  return {
    components: null,
    option: null,
    ...frame,
    need,
    factor,
    over,
    subheading: [frame.people.high === 1 ? '1 person' : `${people} people`, size, overWords(over)]
      .filter(Boolean)
      .join(' · '),
    workings: {
      title: `${size} for ${frame.heading.toLowerCase()}`,
      steps: batchSteps(dish, frame, need, factor),
      result: size,
      estimated: false,
    },
  };
}

/** Worth a word in the column's head: "short 4 %", "50 % over". */
function overWords(over: number): string {
  if (over < -0.005) return `short ${Math.round(-over * 100)} %`;
  return over > largeSurplus ? `${Math.round(over * 100)} % over` : '';
}

/** How a batch was chosen, for the Workings of the batch and of each of its amounts. */
function batchSteps(dish: ClassDish, frame: BatchFrame, need: Rational, factor: Rational): WorkingStep[] {
  const { recipe } = dish;
  const people = frame.people.high;
  const needStep = frame.need
    ? { label: 'What all stations need together', value: showRational(need) }
    : {
        label: `${people} × ${dish.portion} (${showRational(portionSize[dish.portion])})`,
        value: showRational(need),
        note:
          `${people} × ${showRational(portionSize[dish.portion])} ÷ ` +
          `(${recipe.serves} × ${showRational(portionSize[recipe.portion])})`,
      };
  return [
    { label: 'As written', value: `serves ${recipe.serves}, ${recipe.portion}` },
    needStep,
    {
      label: 'Workable batch',
      value: showRational(factor),
      note: batchNote(need, factor, recipe.leastBatch),
    },
  ];
}

function batchNote(need: Rational, factor: Rational, leastBatch: Rational): string {
  const over = Math.round((toNumber(factor) / toNumber(need) - 1) * 100);
  const least = toFraction(leastBatch).compare(toFraction(need)) > 0 && factor === leastBatch;
  const why = least
    ? 'The least batch this recipe works at.'
    : 'The least of the series that covers 95 % of the need.';
  if (over === 0) return why;
  return over > 0 ? `${why} Over by ${over} %.` : `${why} Short by ${-over} %.`;
}

export function batchesInAll(batches: readonly Batch[]): Rational {
  return toRational(
    batches
      .filter((batch) => batch.kind !== 'made once')
      .reduce((sum, batch) => sum.add(toFraction(batch.factor).mul(batch.count)), toFraction('0')),
  );
}

/** A titled set of steps with a result. */
export function workings(
  title: string,
  steps: readonly WorkingStep[],
  result: string,
  estimated: boolean,
): Workings {
  return { title, steps, result, estimated };
}
