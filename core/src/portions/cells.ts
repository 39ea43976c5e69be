import {
  type Amount,
  createKitchenFormat,
  type KitchenAmount,
  multiply,
  type Rational,
  showRational,
  strictTolerance,
  toFraction,
  toNumber,
  toRational,
  type WorkingStep,
} from '../amounts/index.js';
import type { ClassDish } from '../class/index.js';
import { cacheByText, cacheByOwner } from '../identity/index.js';
import { conversionFacts, type Ingredient } from '../larder/index.js';
import { type KeptBack, pieceSizeOf, type RecipeLine } from '../recipes/index.js';
import { workings } from './batches.js';
import { asGiven, packGrams } from './as-given.js';
import { measureOf } from './measures.js';
import { tasteOf, toTaste } from './served.js';
import { scaleLine } from './scale-line.js';
import type { Batch, PortionCell, PortionOptions } from './types.js';

interface Shown {
  spoons: KitchenAmount;
  grams: KitchenAmount;
}

type Show = (amount: Amount | null) => Shown;
/** Amounts of one line that are remembered as shown: those of its batches, and a few before. */
const shownOfLine = 32;

const shows = cacheByOwner<RecipeLine, Show>();

/**
 * How amounts of a line are shown. What was shown of it before is not written again. `dippers` is among how
 * many things to dip it is one.
 */
export function createShow(
  line: RecipeLine,
  ingredient: Ingredient | null,
  recipeSystem: DishRecipeSystem,
  options: PortionOptions,
  dippers = 0,
): Show {
  return shows(line, [ingredient, recipeSystem, options, dippers], () =>
    newShow(line, ingredient, { recipeSystem, options, dippers }),
  );
}

function newShow(
  line: RecipeLine,
  ingredient: Ingredient | null,
  {
    recipeSystem,
    options,
    dippers,
  }: { recipeSystem: DishRecipeSystem; options: PortionOptions; dippers: number },
): Show {
  if (!line.amount || !line.unit) {
    const taste = tasteOf(line, ingredient, dippers);
    return () => ({ spoons: taste, grams: taste });
  }
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
  const { unit } = line;
  const given = asGiven(line, ingredient);
  const shown = cacheByText(shownOfLine, (ends): Shown => {
    const [low, high] = ends.split(' ') as [Rational, Rational];
    const amount = { low, high, unit };
    return { spoons: given(format(amount, 'spoons'), high), grams: given(format(amount, 'grams'), high) };
  });
  return (amount) => (amount ? shown(`${amount.low} ${amount.high}`) : { spoons: toTaste, grams: toTaste });
}

type DishRecipeSystem = ClassDish['recipe']['system'];
/** The part set aside for the top, as the bench measures it: beside the line's amount, or a share of it. */
export function keptShow(
  line: RecipeLine,
  keptBack: KeptBack | null,
  ingredient: Ingredient | null,
  { system, options }: { system: DishRecipeSystem; options: PortionOptions },
): (factor: Rational) => string {
  const kept = keptBack?.amount ?? shareOf(line, keptBack?.share);
  if (!kept) return () => '';
  const { low, high, unit } = kept;
  const show = createShow({ ...line, amount: { low, high }, unit }, ingredient, system, options);
  return (factor) => {
    const shown = show(scaleLine({ amount: { low, high }, unit, scaling: 'linear' }, factor));
    // A share of the line is measured as the line is.
    const isWeighed = keptBack?.share !== undefined && measureOf(line, ingredient, options) === 'grams';
    return (isWeighed ? shown.grams : shown.spoons).lead;
  };
}

function shareOf({ amount, unit }: RecipeLine, share: Rational | undefined): Amount | null {
  if (!amount || !unit || share === undefined) return null;
  return { low: multiply(amount.low, share), high: multiply(amount.high, share), unit };
}

interface CellParts {
  readonly show: Show;
  readonly kept: (factor: Rational) => string;
  readonly isKeptWithin: boolean;
  readonly fills: number | undefined;
}

export function cellOf(
  line: RecipeLine,
  batch: Batch,
  { show, kept, isKeptWithin, fills }: CellParts,
): PortionCell {
  const amount = scaleLine(line, batch.factor, fills);
  const shown = show(amount);
  const keptText = kept(batch.factor);
  const steps: WorkingStep[] = [
    { label: 'Written', value: line.text },
    ...batch.workings.steps,
    ...(amount && line.amount ? [scalingStep(line, batch.factor, amount, fills)] : []),
    ...(keptText
      ? [{ label: `Kept back for the top, ${isKeptWithin ? 'of it' : 'beside it'}`, value: keptText }]
      : []),
  ];
  const title = `${shown.spoons.lead} ${line.name}, ${batch.heading.toLowerCase()}`;
  return {
    amount,
    kept: keptText,
    isKeptWithin,
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
export function absentCell(line: RecipeLine, batch: Batch, once: Batch | undefined): PortionCell {
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
    isKeptWithin: false,
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
  const written = writtenRange(line, [], () => rangeText({ ...line.amount!, unit: amount.unit }));
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

const writtenRange = cacheByOwner<RecipeLine, string>();

function rangeText(amount: Amount): string {
  const unit = amount.unit === 'piece' ? '' : ` ${amount.unit}`;
  return amount.low === amount.high
    ? `${showRational(amount.low)}${unit}`
    : `${showRational(amount.low)}–${showRational(amount.high)}${unit}`;
}

/** More than this over is no rounding: it was brought up to what can be measured. */
const muchMore = 0.15;

function roundingStep(shown: KitchenAmount): WorkingStep[] {
  if (Math.abs(shown.error) < 0.002) return [];
  const percent = (Math.abs(shown.error) * 100).toFixed(1);
  if (shown.error > muchMore)
    return [
      {
        label: 'Too little to measure',
        value: shown.lead,
        note: 'Brought up to the least that a spoon or a scale measures: taste, or make it once for all.',
      },
    ];
  return [
    {
      label: 'As spoons and scales measure it',
      value: shown.lead,
      note: `${percent} % ${shown.error > 0 ? 'over' : 'under'} the exact amount.`,
    },
  ];
}

export function totalOf(
  line: RecipeLine,
  batches: readonly Batch[],
  cells: readonly PortionCell[],
  show: Show,
): PortionCell {
  const amount = line.amount && line.unit ? { ...sumOf(batches, cells), unit: line.unit } : null;
  const shown = show(amount);
  const steps = cells.map((cell, index) => ({
    label: `${batches[index]!.heading}${batches[index]!.count > 1 ? `, ${batches[index]!.count} times` : ''}`,
    value: cell.amount ? rangeText(cell.amount) : cell.absent ? '–' : 'to taste',
  }));
  return {
    amount,
    kept: '',
    isKeptWithin: false,
    ...shown,
    workings: workings(
      `${shown.spoons.lead} ${line.name} in all`,
      steps,
      amount ? rangeText(amount) : 'to taste',
      shown.spoons.estimated,
    ),
  };
}

/** Both ends of what the batches make together. */
function sumOf(
  batches: readonly Batch[],
  cells: readonly PortionCell[],
): { readonly low: Rational; readonly high: Rational } {
  const sum = (end: 'low' | 'high') =>
    toRational(
      cells.reduce(
        (total, { amount }, index) =>
          amount ? total.add(toFraction(amount[end]).mul(batches[index]!.count)) : total,
        toFraction('0'),
      ),
    );
  const low = sum('low');
  return { low, high: cells.some(({ amount }) => amount && amount.high !== amount.low) ? sum('high') : low };
}
