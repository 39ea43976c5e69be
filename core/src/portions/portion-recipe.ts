import {
  type Amount,
  createKitchenFormat,
  type KitchenAmount,
  type Rational,
  showRational,
  strictTolerance,
  toFraction,
  toNumber,
  toRational,
  type WorkingStep,
} from '../amounts/index.js';
import type { ClassDish, LineKind } from '../class/index.js';
import {
  conversionFacts,
  findIngredient,
  type Ingredient,
  ingredientName,
  type Larder,
  standardLarder,
} from '../larder/index.js';
import { pieceSizeOf, type RecipeLine } from '../recipes/index.js';
import { batchesInAll, workings } from './batches.js';
import { scaleLine } from './scale-line.js';
import type { Batch, DishPortions, PortionCell, PortionLine, PortionOptions } from './types.js';
import { fitVessels, makesStep } from './vessels/fits.js';
import { sectionOf } from './vessels/section.js';
import type { VesselFit } from './vessels/types.js';

/**
 * The amounts of every line of a dish for each of its batches, and in all; what each step is done in; and the
 * bowl in section. Amounts stay exact; what is shown is formatted for the kitchen's spoons and scales. A line
 * without an amount stays "to taste".
 */
export function portionRecipe(
  dish: ClassDish,
  batches: readonly Batch[],
  options: PortionOptions,
  larder: Larder = standardLarder,
): DishPortions {
  const { recipe } = dish;
  const fits = options.vessels ? fitVessels(dish, batches, options.vessels, larder) : [];
  const context: LineContext = {
    dish,
    batches,
    options,
    larder,
    fills: fillsOf(recipe, fits),
    once: batches.find((batch) => batch.kind === 'made once'),
  };
  return {
    dishId: dish.id,
    title: recipe.title,
    portion: dish.portion,
    maker: dish.maker,
    servesAsWritten: `serves ${recipe.serves} as written, ${recipe.portion}`,
    batches,
    batchesInAll: batchesInAll(batches),
    fits,
    section: options.vessels ? sectionOf(dish, batches, fits, options.vessels, larder) : null,
    offers: [],
    components: recipe.components
      .map((component) => ({
        name: component.name,
        role: component.role,
        lines: recipe.lines
          .filter((line) => line.componentId === component.id)
          .map((line) => portionLine(line, context)),
      }))
      .filter((component) => component.lines.length > 0),
  };
}

interface LineContext {
  readonly dish: ClassDish;
  readonly batches: readonly Batch[];
  readonly options: PortionOptions;
  readonly larder: Larder;
  /** How often the vessel of a line is filled, by line and batch. */
  readonly fills: ReadonlyMap<string, number>;
  readonly once: Batch | undefined;
}

/** Oil to film a pan and water to boil in are needed once for every time a pan or pot is filled. */
function fillsOf(recipe: ClassDish['recipe'], fits: readonly VesselFit[]): ReadonlyMap<string, number> {
  const perVessel = recipe.lines.filter((line) => line.scaling === 'perVessel');
  const fills = new Map<string, number>();
  for (const line of perVessel) {
    const users = new Set(
      recipe.steps.filter((step) => step.uses.some((use) => use.line === line.id)).map((step) => step.id),
    );
    for (const fit of fits)
      if (users.has(fit.stepId))
        fills.set(
          `${line.id}|${fit.batchId}`,
          Math.max(fit.rounds, fills.get(`${line.id}|${fit.batchId}`) ?? 1),
        );
  }
  return fills;
}

/** Whether a batch makes a line: of the components it is for, and of the way it is made in. */
export function makesLine(batch: Batch, line: Pick<RecipeLine, 'componentId' | 'when'>): boolean {
  return makesStep(batch, line);
}

function portionLine(line: RecipeLine, context: LineContext): PortionLine {
  const { dish, batches, options, larder } = context;
  const ingredient = findIngredient(larder, line.ingredient);
  const show = createShow(line, ingredient, dish.recipe.system, options);
  const kept = keptShow(line, ingredient, dish.recipe.system, options);
  const cells = batches.map((batch) =>
    makesLine(batch, line)
      ? cellOf(line, batch, { show, kept, fills: context.fills.get(`${line.id}|${batch.id}`) })
      : absentCell(line, batch, context.once),
  );
  return {
    lineId: line.id,
    name: lineName(line, ingredient, options.english),
    note: noteOf(line),
    advice: adviceOf(line),
    scaling: line.scaling,
    measure: (options.measureBy ?? usualMeasures)[kindOfLine(line, ingredient)],
    keptBack: line.keptBack?.words ?? '',
    inLarder: ingredient !== null,
    cells,
    total: totalOf(line, batches, cells, show),
  };
}

/** The reader's word for the ingredient, with the recipe's own more telling one where it has one. */
function lineName(line: RecipeLine, ingredient: Ingredient | null, english: 'uk' | 'us'): string {
  if (!ingredient) return line.name;
  const part = line.byProducts.length > 0 ? ` ${line.byProducts.join(' and ')}` : '';
  const base = ingredientName(ingredient, english);
  return part && ingredient.id === 'egg' ? `egg${part}${part.endsWith('s') ? '' : 's'}` : `${base}${part}`;
}

/** Spoons for what is poured or pinched, scales for the rest. */
export const usualMeasures: NonNullable<PortionOptions['measureBy']> = {
  liquid: 'spoons',
  spice: 'spoons',
  food: 'grams',
};

function kindOfLine(line: RecipeLine, ingredient: Ingredient | null): LineKind {
  if (line.scaling === 'startLow' || ingredient?.section === 'spices and seasoning') return 'spice';
  return ingredient?.shoppingUnit === 'ml' || line.byProducts.includes('juice') ? 'liquid' : 'food';
}

function noteOf(line: RecipeLine): string {
  return [line.note.replace(/^about,? ?/, ''), line.optional ? 'optional' : ''].filter(Boolean).join(', ');
}

function adviceOf(line: RecipeLine): string {
  if (line.scaling === 'startLow') return 'use ¾ first, taste, then the rest';
  if (line.scaling === 'toTaste') return 'to taste';
  return '';
}

interface Shown {
  spoons: KitchenAmount;
  grams: KitchenAmount;
}

type Show = (amount: Amount | null) => Shown;

function createShow(
  line: RecipeLine,
  ingredient: Ingredient | null,
  recipeSystem: DishRecipeSystem,
  options: PortionOptions,
): Show {
  if (!line.amount || !line.unit) return () => ({ spoons: toTaste, grams: toTaste });
  const facts = conversionFacts(ingredient, line.preparation, pieceSizeOf(line.note));
  const packed =
    line.pack && line.unit
      ? { ...facts, gramsPerCount: { ...facts.gramsPerCount, ...packGrams(line) } }
      : facts;
  const tolerance =
    ingredient?.section === 'spices and seasoning' && line.scaling === 'startLow'
      ? strictTolerance
      : undefined;
  const format = createKitchenFormat(line.unit, {
    kitchenSystem: options.kitchenSystem,
    recipeSystem,
    facts: packed,
    tolerance,
    measuringSet: options.measuringSet,
  });
  return (amount) =>
    amount
      ? { spoons: format(amount, 'spoons'), grams: format(amount, 'grams') }
      : { spoons: toTaste, grams: toTaste };
}

type DishRecipeSystem = ClassDish['recipe']['system'];
/** The part set aside for the top, as the bench measures it. */
function keptShow(
  line: RecipeLine,
  ingredient: Ingredient | null,
  system: DishRecipeSystem,
  options: PortionOptions,
): (factor: Rational) => string {
  const kept = line.keptBack?.amount;
  if (!kept) return () => '';
  const show = createShow(
    { ...line, amount: { low: kept.low, high: kept.high }, unit: kept.unit },
    ingredient,
    system,
    options,
  );
  return (factor) =>
    show(
      scaleLine({ amount: { low: kept.low, high: kept.high }, unit: kept.unit, scaling: 'linear' }, factor),
    ).spoons.lead;
}

const toTaste: KitchenAmount = { lead: 'to taste', beside: null, error: 0, estimated: false };

/** Grams in one tin or jar of the size that the line names. */
function packGrams(line: RecipeLine): Record<string, Rational> {
  if (!line.pack || !line.unit || (line.pack.unit !== 'g' && line.pack.unit !== 'kg')) return {};
  return {
    [line.unit]: line.pack.unit === 'kg' ? toRational(toFraction(line.pack.low).mul(1000)) : line.pack.low,
  };
}

interface CellParts {
  readonly show: Show;
  readonly kept: (factor: Rational) => string;
  readonly fills: number | undefined;
}

function cellOf(line: RecipeLine, batch: Batch, { show, kept, fills }: CellParts): PortionCell {
  const amount = scaleLine(line, batch.factor, fills);
  const shown = show(amount);
  const keptText = kept(batch.factor);
  const steps: WorkingStep[] = [
    { label: 'Written', value: line.text },
    ...batch.workings.steps,
    ...(amount && line.amount ? [scalingStep(line, batch.factor, amount, fills)] : []),
    ...(keptText ? [{ label: 'Kept back for the top, beside it', value: keptText }] : []),
  ];
  const title = `${shown.spoons.lead} ${line.name}, ${batch.heading.toLowerCase()}`;
  return {
    amount,
    kept: keptText,
    ...shown,
    workings: workings(
      title,
      [...steps, ...roundingStep(shown.spoons)],
      shown.spoons.lead,
      shown.spoons.estimated,
    ),
  };
}

const noAmount = (lead: string): KitchenAmount => ({ lead, beside: null, error: 0, estimated: false });

/** A line that this batch does not make: it is made once for all, or belongs to another way. */
function absentCell(line: RecipeLine, batch: Batch, once: Batch | undefined): PortionCell {
  const fromOnce =
    once !== undefined && batch.kind !== 'made once' && once.components!.includes(line.componentId);
  const share = fromOnce ? toRational(toFraction(batch.factor).div(toFraction(once.factor))) : null;
  const steps = share
    ? [
        { label: 'Made once for all', value: `${showRational(once!.factor)} batch` },
        {
          label: `Its share: ${showRational(batch.factor)} ÷ ${showRational(once!.factor)}`,
          value: `${Math.round(toNumber(share) * 100)} %`,
        },
      ]
    : [{ label: batch.heading, value: 'does not make this' }];
  const words = share ? `${Math.round(toNumber(share) * 100)} % of it` : '–';
  return {
    amount: null,
    absent: true,
    kept: '',
    spoons: noAmount(words),
    grams: noAmount(words),
    workings: workings(`${line.name}, ${batch.heading.toLowerCase()}`, steps, words, false),
  };
}

function scalingStep(
  line: RecipeLine,
  factor: Rational,
  amount: Amount,
  fills: number | undefined,
): WorkingStep {
  const written = rangeText({ ...line.amount!, unit: amount.unit });
  const notes: Partial<Record<RecipeLine['scaling'], string>> = {
    whole: 'Rounded up to whole pieces: half of one cannot be shared.',
    perVessel: fills
      ? `Needed once for each filling of its vessel: ${fills}.`
      : 'Needed once for each vessel.',
    startLow: 'Measured out in full. Use three quarters, taste, then add.',
  };
  return {
    label: `${showRational(factor)} × ${written}`,
    value: rangeText(amount),
    note: notes[line.scaling],
  };
}

function rangeText(amount: Amount): string {
  const unit = amount.unit === 'piece' ? '' : ` ${amount.unit}`;
  return amount.low === amount.high
    ? `${showRational(amount.low)}${unit}`
    : `${showRational(amount.low)}–${showRational(amount.high)}${unit}`;
}

function roundingStep(shown: KitchenAmount): WorkingStep[] {
  if (Math.abs(shown.error) < 0.002) return [];
  const percent = (Math.abs(shown.error) * 100).toFixed(1);
  return [
    {
      label: 'With the kitchen’s spoons',
      value: shown.lead,
      note: `${percent} % ${shown.error > 0 ? 'over' : 'under'} the exact amount.`,
    },
  ];
}

function totalOf(
  line: RecipeLine,
  batches: readonly Batch[],
  cells: readonly PortionCell[],
  show: Show,
): PortionCell {
  const sum = (end: 'low' | 'high') =>
    toRational(
      cells.reduce(
        (total, cell, index) =>
          cell.amount ? total.add(toFraction(cell.amount[end]).mul(batches[index]!.count)) : total,
        toFraction('0'),
      ),
    );
  const amount = line.amount && line.unit ? { low: sum('low'), high: sum('high'), unit: line.unit } : null;
  const shown = show(amount);
  const steps = cells.map((cell, index) => ({
    label: `${batches[index]!.heading}${batches[index]!.count > 1 ? `, ${batches[index]!.count} times` : ''}`,
    value: cell.amount ? rangeText(cell.amount) : cell.absent ? '–' : 'to taste',
  }));
  return {
    amount,
    kept: '',
    ...shown,
    workings: workings(
      `${shown.spoons.lead} ${line.name} in all`,
      steps,
      amount ? rangeText(amount) : 'to taste',
      shown.spoons.estimated,
    ),
  };
}
