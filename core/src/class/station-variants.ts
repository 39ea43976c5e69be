import { type IngredientId, type LineId, plainId } from '../identity/index.js';
import { findIngredient, ingredientName, type Larder } from '../larder/index.js';
import { type Recipe, type RecipeLine, type RecipeStep, retold, type When } from '../recipes/index.js';
import type { English } from '../words/index.js';
import {
  type ClassDish,
  type DishMaking,
  isMadeByStudents,
  type StationSubstitute,
  stationVariants,
} from './dish.js';
import { withSubstitute } from './substitute.js';

/** Stations that make a variant of a dish of their own. */
interface StationVariant {
  readonly option: string;
  readonly stations: readonly number[];
  readonly substitutes: readonly Omit<StationSubstitute, 'station'>[];
}

/** The variant of a dish that all stations take but those with a substitute of their own. */
const asWritten = 'as-written';

/** The variants of a dish that single stations make, one for each set of substitutes, by first station. */
export function variantsOfStations({ forStations = [] }: Pick<DishMaking, 'forStations'>): StationVariant[] {
  const atStation = new Map<number, StationSubstitute[]>();
  for (const own of forStations) {
    const others = (atStation.get(own.station) ?? []).filter(({ missing }) => missing !== own.missing);
    atStation.set(own.station, [...others, own]);
  }
  const variants = new Map<string, StationVariant>();
  for (const [station, substitutes] of [...atStation].sort(([a], [b]) => a - b)) {
    const set = substitutes.map(({ missing, taken }) => ({ missing, taken }));
    const key = set
      .map(({ missing, taken }) => `${missing}>${taken ?? ''}`)
      .sort()
      .join(',');
    const known = variants.get(key);
    variants.set(key, {
      option: known?.option ?? `own-${variants.size + 1}`,
      stations: [...(known?.stations ?? []), station],
      substitutes: known?.substitutes ?? set,
    });
  }
  return [...variants.values()];
}

/** The variant a station makes a dish in, where its stations differ by what stands in place of something. */
export function variantOfStation(making: DishMaking, station: number): string {
  return variantsOfStations(making).find(({ stations }) => stations.includes(station))?.option ?? asWritten;
}

/**
 * The dish with the variants of single stations beside what all others make: lines and steps of each variant
 * are told apart as those of a tasting flight are. A flight has its variants already, and takes no others.
 */
export function withStationVariants(dish: ClassDish, larder: Larder, english: English): ClassDish {
  const { making } = dish;
  if (!making?.forStations?.length || making.flight || !isMadeByStudents(dish.maker)) return dish;
  const variants = variantsOfStations(making)
    .map((variant) => madeVariant(variant, recipeOf(dish.recipe, variant, larder, english), dish.recipe))
    .filter((variant) => variant.recipe !== dish.recipe);
  if (variants.length === 0) return dish;
  const { recipe } = dish;
  const options = [
    { id: asWritten, name: '' },
    ...variants.map(({ option, substitutes }) => ({
      id: option,
      name: substituteWords(substitutes, larder, english),
    })),
  ];
  return {
    ...dish,
    making: { ...making, flight: stationVariants },
    recipe: {
      ...recipe,
      choices: [...recipe.choices, { id: stationVariants, name: 'For stations', options, usual: asWritten }],
      lines: recipe.lines.flatMap((line) => linesOf(line, variants)),
      steps: stepsOf(recipe.steps, variants),
    },
  };
}

interface MadeVariant extends StationVariant {
  readonly recipe: Recipe;
  /** Lines that it has otherwise. */
  readonly changed: ReadonlySet<LineId>;
}

function madeVariant(variant: StationVariant, recipe: Recipe, whole: Recipe): MadeVariant {
  const changed = recipe.lines.filter((line) => !whole.lines.includes(line)).map(({ id }) => id);
  return { ...variant, recipe, changed: new Set(changed) };
}

function recipeOf(recipe: Recipe, { substitutes }: StationVariant, larder: Larder, english: English): Recipe {
  return substitutes.reduce(
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

/** A line as all make it, and as each variant has it where that differs. */
function linesOf(line: RecipeLine, variants: readonly MadeVariant[]): RecipeLine[] {
  const differing = variants.filter(({ recipe }) => !recipe.lines.includes(line));
  if (differing.length === 0) return [line];
  return [
    { ...line, when: allBut(differing, variants) },
    ...differing.flatMap((variant) => {
      const own = variant.recipe.lines.find(({ id }) => id === line.id);
      return own ? [{ ...own, id: copyId(own.id, variant), when: only(variant) }] : [];
    }),
  ];
}

/** The steps as all do them, each with those of the variants that do it otherwise behind it. */
function stepsOf(steps: readonly RecipeStep[], variants: readonly MadeVariant[]): RecipeStep[] {
  const copies = new Map(
    steps.map((step) => [step.id, variants.filter((variant) => stepIn(variant, step) !== step)] as const),
  );
  const afterAll = (step: RecipeStep) =>
    step.after.flatMap((id) => [
      id,
      ...(copies.get(id) ?? [])
        .filter((variant) => stepIn(variant, { id }))
        .map((variant) => copyId(id, variant)),
    ]);
  return steps.flatMap((step): RecipeStep[] => {
    const differing = copies.get(step.id)!;
    const whole = { ...step, after: afterAll(step) };
    if (differing.length === 0) return [whole];
    return [
      { ...whole, when: allBut(differing, variants) },
      ...differing.flatMap((variant) => {
        const own = stepIn(variant, step);
        return own ? [ownStep(own, variant, whole)] : [];
      }),
    ];
  });
}

function stepIn({ recipe }: MadeVariant, { id }: Pick<RecipeStep, 'id'>): RecipeStep | undefined {
  return recipe.steps.find((each) => each.id === id);
}

function ownStep(own: RecipeStep, variant: MadeVariant, { after }: RecipeStep): RecipeStep {
  const lineIds = new Map(
    variant.recipe.lines.map((line) => [
      line.id,
      variant.changed.has(line.id) ? copyId(line.id, variant) : line.id,
    ]),
  );
  return {
    ...own,
    id: copyId(own.id, variant),
    after,
    uses: own.uses.map((use) => ({ ...use, line: lineIds.get(use.line) ?? use.line })),
    when: only(variant),
  };
}

const copyId = (id: string, { option }: StationVariant) => `${plainId(id)}@${option}`;
const only = ({ option }: StationVariant): When => ({ choice: stationVariants, option });

function allBut(differing: readonly StationVariant[], variants: readonly StationVariant[]): When {
  const others = variants
    .filter((variant) => !differing.includes(variant as MadeVariant))
    .map(({ option }) => option);
  return { choice: stationVariants, option: asWritten, ...(others.length > 0 ? { also: others } : {}) };
}

/** "no walnuts, feta": what a variant goes without; what it takes stands beside its lines. */
export function substituteWords(
  substitutes: readonly Omit<StationSubstitute, 'station'>[],
  larder: Larder,
  english: English,
): string {
  const nameOf = (id: IngredientId) => {
    const food = findIngredient(larder, id);
    return food ? ingredientName(food, english) : id;
  };
  return `no ${substitutes.map(({ missing }) => nameOf(missing)).join(', ')}`;
}
