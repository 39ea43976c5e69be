import { formatMass, formatMillilitres, showRational, toNumber, type WorkingStep } from '../amounts/index.js';
import {
  allergensByList,
  type CautionId,
  cautionWords,
  findIngredient,
  type Ingredient,
  standardLarder,
} from '../larder/index.js';
import { batchesFrom, lineMeasure, usualDensity } from '../portions/index.js';
import { contentsOf, dietsOf, type Recipe, recipeMinutes, recognised } from '../recipes/index.js';
import { type English, showSpan } from '../words/index.js';
import {
  fact,
  lacking,
  lackingStep,
  type LineOf,
  type RecipeFact,
  type RecipeFacts,
  type RecipeFactsOptions,
} from './facts.js';
import { costFact } from './rough-cost.js';
import { seasonFact } from './season.js';

/**
 * Yield by weight and volume, batch limits, minutes, season, rough cost, allergens, diets and cautions of a
 * recipe as written.
 */
export function recipeFacts(written: Recipe, options: RecipeFactsOptions): RecipeFacts {
  const larder = options.larder ?? standardLarder;
  const recipe = recognised(written, larder);
  const contents = contentsOf(recipe, larder);
  const lines = recipe.lines.map((line) => ({ line, ingredient: findIngredient(larder, line.ingredient) }));
  const known = lines.flatMap(({ ingredient }) => (ingredient ? [ingredient] : []));
  return {
    facts: [
      yieldFact(lines),
      batchFact(recipe, lines),
      minutesFact(recipe),
      seasonFact(
        known,
        lines.filter(({ ingredient }) => !ingredient).map(({ line }) => line.name),
        options,
      ),
      costFact(recipe, lines, options),
    ],
    allergens: allergensByList(contents.allergens, options.allergenList),
    notKnown: contents.notKnown,
    diets: dietsOf(recipe, larder),
    cautions: cautionsFor(known, options.english),
  };
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
    .map((weighed) => ({
      label: weighed.line.name,
      value: formatMass(weighed.grams!),
      note:
        weighed.millilitres === null
          ? `No density is known: taken as ${usualDensity} g/ml for the volume.`
          : undefined,
    }));
  return fact(
    'yield',
    'Yield',
    grams === 0
      ? 'not known'
      : `${formatMass(grams)}, ${formatMillilitres(millilitres)}${lacking(missing.length)}`,
    [...steps, ...lackingStep(missing.map((each) => each.line.name))],
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

function cautionsFor(known: readonly Ingredient[], english: English): RecipeFacts['cautions'] {
  const byCaution = new Map<CautionId, Set<string>>();
  for (const ingredient of known)
    for (const caution of ingredient.cautions)
      byCaution.set(caution, (byCaution.get(caution) ?? new Set()).add(ingredient.names[english]));
  return [...byCaution].map(([caution, names]) => ({
    ingredient: [...names].join(', '),
    sentence: cautionWords[caution],
  }));
}
