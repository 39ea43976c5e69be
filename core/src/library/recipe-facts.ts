import {
  formatMass,
  formatMillilitres,
  showRational,
  toFraction,
  toNumber,
  type Workings,
  type WorkingStep,
} from '../amounts/index.js';
import {
  type AllergenList,
  allergensByList,
  type CautionId,
  cautionWords,
  findIngredient,
  type Ingredient,
  type Larder,
  standardLarder,
} from '../larder/index.js';
import { batchesFrom, lineMeasure, usualDensity } from '../portions/index.js';
import { allergensOf, pieceSizeOf, type Recipe, type RecipeLine, recipeMinutes } from '../recipes/index.js';
import { asPurchased, fruitPieces } from '../shopping/index.js';
import { showSpan } from '../words/index.js';

/** One computed fact of a recipe, as text with its workings. */
export interface RecipeFact {
  readonly id: 'yield' | 'batches' | 'minutes' | 'season' | 'cost';
  readonly label: string;
  readonly text: string;
  readonly workings: Workings;
}

/** What Fornax works out of a recipe as it stands. */
export interface RecipeFacts {
  readonly facts: readonly RecipeFact[];
  readonly allergens: readonly string[];
  /** "vegetarian", "vegan": by the larder; labels decide. */
  readonly diets: readonly string[];
  readonly cautions: readonly { readonly ingredient: string; readonly sentence: string }[];
}

export interface RecipeFactsOptions {
  readonly larder?: Larder;
  readonly english: 'uk' | 'us';
  readonly allergenList: AllergenList;
  readonly currency: string;
  /** Which half of the earth the kitchen's seasons follow. */
  readonly hemisphere: 'north' | 'south';
}

/**
 * Yield by weight and volume, batch limits, minutes, season, rough cost, allergens, diets and cautions of a
 * recipe as written.
 */
export function recipeFacts(recipe: Recipe, options: RecipeFactsOptions): RecipeFacts {
  const larder = options.larder ?? standardLarder;
  const lines = recipe.lines.map((line) => ({ line, ingredient: findIngredient(larder, line.ingredient) }));
  const known = lines.flatMap(({ ingredient }) => (ingredient ? [ingredient] : []));
  return {
    facts: [
      yieldFact(lines),
      batchFact(recipe, lines),
      minutesFact(recipe),
      seasonFact(known, options),
      costFact(recipe, lines, options),
    ],
    allergens: allergensByList(allergensOf(recipe, larder), options.allergenList),
    diets: dietsOf(recipe, larder),
    cautions: cautionsFor(known, options.english),
  };
}

interface LineOf {
  readonly line: RecipeLine;
  readonly ingredient: Ingredient | null;
}

function fact(
  id: RecipeFact['id'],
  label: string,
  text: string,
  steps: readonly WorkingStep[],
  estimated: boolean,
): RecipeFact {
  return { id, label, text, workings: { title: `${label}: ${text}`, steps, result: text, estimated } };
}

function yieldFact(lines: readonly LineOf[]): RecipeFact {
  const counted = lines.map((each) => ({ ...each, ...lineMeasure(each.line, each.ingredient) }));
  const grams = counted.reduce((sum, each) => sum + (each.grams ?? 0), 0);
  const millilitres = counted.reduce(
    (sum, each) => sum + (each.millilitres ?? (each.grams ?? 0) / usualDensity),
    0,
  );
  const missing = counted.filter((each) => each.grams === null && each.line.amount !== null);
  const steps: WorkingStep[] = counted
    .filter((each) => each.grams)
    .map((each) => ({
      label: each.line.name,
      value: formatMass(each.grams!),
      note:
        each.millilitres === null
          ? `No density is known: taken as ${usualDensity} g/ml for the volume.`
          : undefined,
    }));
  const left =
    missing.length > 0
      ? [
          {
            label: 'Not counted',
            value: String(missing.length),
            note: missing.map((each) => each.line.text).join('; '),
          },
        ]
      : [];
  return fact(
    'yield',
    'Yield',
    grams === 0 ? 'not known' : `${formatMass(grams)}, ${formatMillilitres(millilitres)}`,
    [...steps, ...left],
    true,
  );
}

/** Limits of the batch: the least that works, the sizes above it, and what cannot be shared between two. */
function batchFact(recipe: Recipe, lines: readonly LineOf[]): RecipeFact {
  const least = showRational(recipe.leastBatch);
  const people = toNumber(recipe.leastBatch) * recipe.serves;
  const whole = lines.filter(({ line, ingredient }) => line.scaling === 'whole' || ingredient?.indivisible);
  const steps: WorkingStep[] = [
    { label: 'Least batch, as the recipe says', value: `${least} batch` },
    {
      label: `${least} × ${recipe.serves}`,
      value: `${Math.round(people * 10) / 10} ${recipe.portion} portions`,
    },
    {
      label: 'Sizes that work',
      value: batchesFrom(recipe.leastBatch).map(showRational).join(' ') || 'whole batches',
      note: 'Above 2: halves to 4, then wholes.',
    },
    ...whole.map(({ line }): WorkingStep => ({
      label: line.name,
      value: 'in whole pieces',
      note: 'A batch that asks for a part of one takes a whole one.',
    })),
  ];
  return fact(
    'batches',
    'Batch',
    `${least} or more${whole.length > 0 ? ', some in whole pieces' : ''}`,
    steps,
    false,
  );
}

function minutesFact(recipe: Recipe): RecipeFact {
  const { handsOn, waiting } = recipeMinutes(recipe);
  const steps = recipe.steps.map((step, index): WorkingStep => ({
    label: `Step ${index + 1}`,
    value: step.waitMinutes
      ? `${step.handsOnMinutes} + ${step.waitMinutes.high} min`
      : `${step.handsOnMinutes} min`,
  }));
  return fact(
    'minutes',
    'Time',
    `${showSpan(handsOn)} hands-on${waiting > 0 ? `, ${showSpan(waiting)} waiting` : ''}`,
    steps,
    true,
  );
}

const monthNames = ['Jan', 'Feb', 'Mar', 'Apr', 'May', 'Jun', 'Jul', 'Aug', 'Sep', 'Oct', 'Nov', 'Dec'];

/** Months in which everything that has a season is in it: "Oct–Feb", "all year", "never all at once". */
export function seasonText(
  recipe: Pick<Recipe, 'lines'>,
  larder: Larder,
  hemisphere: RecipeFactsOptions['hemisphere'],
): string {
  return seasonOfAll(
    seasonal(recipe.lines.flatMap((line) => findIngredient(larder, line.ingredient) ?? [])),
    hemisphere,
  );
}

/**
 * What a season hangs on: vegetables, fruit and leaves. Herbs by the bunch are grown under cover all year.
 */
function seasonal(known: readonly Ingredient[]): Ingredient[] {
  const isHerb = (ingredient: Ingredient) =>
    ingredient.section === 'salad and herbs' &&
    ingredient.packs.some((pack) => pack.name === 'bunch' || (pack.name === 'packet' && pack.size <= 20));
  return [...new Set(known)].filter(
    (ingredient) =>
      ingredient.seasonMonths.length > 0 && ingredient.seasonMonths.length < 12 && !isHerb(ingredient),
  );
}

function seasonOfAll(
  ingredients: readonly Ingredient[],
  hemisphere: RecipeFactsOptions['hemisphere'],
): string {
  if (ingredients.length === 0) return 'all year';
  const months = monthNames
    .map((_, index) => index + 1)
    .filter((month) => ingredients.every((ingredient) => seasonOf(ingredient, hemisphere).includes(month)));
  return months.length === 0 ? 'never all at once' : monthsText(months);
}

function seasonFact(known: readonly Ingredient[], options: RecipeFactsOptions): RecipeFact {
  const ingredients = seasonal(known);
  const steps = ingredients.map((ingredient): WorkingStep => ({
    label: ingredient.names[options.english],
    value: monthsText(seasonOf(ingredient, options.hemisphere)),
  }));
  return fact('season', 'In season', seasonOfAll(ingredients, options.hemisphere), steps, true);
}

function seasonOf(ingredient: Ingredient, hemisphere: RecipeFactsOptions['hemisphere']): number[] {
  return hemisphere === 'north'
    ? [...ingredient.seasonMonths]
    : ingredient.seasonMonths.map((month) => ((month + 5) % 12) + 1);
}

/** "Oct–Feb", over the turn of the year where it does; several spans are joined by "and". */
export function monthsText(months: readonly number[]): string {
  if (months.length === 12) return 'all year';
  const has = new Set(months);
  const firsts = months.filter((month) => !has.has(month === 1 ? 12 : month - 1));
  return firsts
    .map((first) => {
      let last = first;
      while (has.has(last === 12 ? 1 : last + 1)) last = last === 12 ? 1 : last + 1;
      return first === last ? monthNames[first - 1]! : `${monthNames[first - 1]}–${monthNames[last - 1]}`;
    })
    .join(' and ');
}

/** The larder's own prices are in this money. */
const larderCurrency = 'GBP';

function costFact(recipe: Recipe, lines: readonly LineOf[], options: RecipeFactsOptions): RecipeFact {
  const money = new Intl.NumberFormat('en', { style: 'currency', currency: options.currency });
  const priced = lines.map((each) => ({ ...each, cost: costOf(recipe, each, options.currency) }));
  const total = priced.reduce((sum, each) => sum + (each.cost ?? 0), 0);
  const unknown = priced.filter(
    (each) => each.cost === null && each.line.amount !== null && each.ingredient?.packs.length !== 0,
  );
  const steps: WorkingStep[] = priced
    .filter((each) => each.cost)
    .map((each) => ({ label: each.line.name, value: money.format(each.cost!) }));
  const left =
    unknown.length > 0
      ? [
          {
            label: 'Price not known',
            value: String(unknown.length),
            note: unknown.map((each) => each.line.name).join(', '),
          },
        ]
      : [];
  const text =
    total === 0
      ? 'not known'
      : `about ${money.format(total)}, ${money.format(total / recipe.serves)} ` +
        `each${unknown.length > 0 ? `, without ${unknown.length}` : ''}`;
  return fact(
    'cost',
    'Rough cost',
    text,
    [
      ...steps,
      ...left,
      {
        label: `÷ ${recipe.serves}`,
        value: money.format(total / recipe.serves),
        note: 'What is used, at the price of the smallest size; not what a pack leaves over.',
      },
    ],
    true,
  );
}

function costOf(recipe: Recipe, { line, ingredient }: LineOf, currency: string): number | null {
  const pack = ingredient?.packs.find(
    (each) => each.price && (each.price.source === 'measured' || currency === larderCurrency),
  );
  if (!ingredient || !pack?.price || !line.amount || !line.unit) return null;
  const use = {
    dishId: '',
    dishTitle: recipe.title,
    where: '',
    count: 1,
    name: line.name,
    ingredient: line.ingredient,
    amount: { ...line.amount, unit: line.unit },
    pack: line.pack,
    preparation: line.preparation,
    basis: line.basis,
    size: pieceSizeOf(line.note),
    part: line.byProducts,
    optional: line.optional,
    system: recipe.system,
  };
  const bought = ingredient.byProducts
    ? { ok: true as const, need: fruitPieces([use], ingredient).need }
    : asPurchased(use, ingredient);
  if (!bought.ok) return null;
  return (
    Number(
      toFraction(bought.need)
        .div(pack.loose ? 1000 : pack.size)
        .valueOf(),
    ) * pack.price.value
  );
}

/**
 * "vegan" or "vegetarian" where every line is known to be; empty where one is not, or is not in the larder.
 */
export function dietsOf(recipe: Pick<Recipe, 'lines'>, larder: Larder = standardLarder): string[] {
  const found = recipe.lines.map((line) => findIngredient(larder, line.ingredient));
  if (found.length === 0 || found.some((ingredient) => ingredient === null)) return [];
  const all = (diet: 'vegetarian' | 'vegan') => found.every((ingredient) => ingredient!.diet[diet]);
  if (all('vegan')) return ['vegan'];
  return all('vegetarian') ? ['vegetarian'] : [];
}

function cautionsFor(known: readonly Ingredient[], english: 'uk' | 'us'): RecipeFacts['cautions'] {
  const byCaution = new Map<CautionId, Set<string>>();
  for (const ingredient of known)
    for (const caution of ingredient.cautions)
      byCaution.set(caution, (byCaution.get(caution) ?? new Set()).add(ingredient.names[english]));
  return [...byCaution].map(([caution, names]) => ({
    ingredient: [...names].join(', '),
    sentence: cautionWords[caution],
  }));
}
