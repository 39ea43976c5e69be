import { createKitchenFormat, showRational, strictTolerance, toFraction, toRational, type Amount, type KitchenAmount, type Rational, type WorkingStep } from '../amounts/index.js';
import { conversionFacts, findIngredient, ingredientName, standardLarder, type Ingredient, type Larder } from '../larder/index.js';
import { pieceSizeOf, type RecipeLine } from '../recipes/index.js';
import { batchesInAll, workings } from './batches.js';
import type { Batch, ClassDish, DishPortions, PortionCell, PortionLine, PortionOptions } from './types.js';

/**
 * The amounts of every line of a dish for each of its batches, and in all. Amounts stay exact; what is shown is
 * formatted for the kitchen's spoons and scales. A line without an amount stays "to taste".
 */
export function portionRecipe(dish: ClassDish, batches: readonly Batch[], options: PortionOptions, larder: Larder = standardLarder): DishPortions {
  const { recipe } = dish;
  return {
    dishId: dish.id, title: recipe.title, portion: dish.portion, maker: dish.maker,
    servesAsWritten: `serves ${recipe.serves} as written, ${recipe.portion}`,
    batches, batchesInAll: batchesInAll(batches),
    components: recipe.components
      .map((component) => ({
        name: component.name, role: component.role,
        lines: recipe.lines.filter((line) => line.componentId === component.id).map((line) => portionLine(dish, line, batches, options, larder)),
      }))
      .filter((component) => component.lines.length > 0),
  };
}

/**
 * A line's amount in a batch. Linear lines are multiplied; whole ones rounded up to whole pieces; what is needed
 * per vessel grows by whole vessels. Exact, both ends of a range kept.
 */
export function scaleLine(line: Pick<RecipeLine, 'amount' | 'unit' | 'scaling'>, factor: Rational): Amount | null {
  if (!line.amount || !line.unit) return null;
  const scaled = (end: Rational) => {
    const exact = toFraction(end).mul(toFraction(factor));
    if (line.scaling === 'whole') return toRational(exact.ceil());
    if (line.scaling === 'perVessel') return toRational(toFraction(end).mul(toFraction(factor).ceil()));
    return toRational(exact);
  };
  const low = scaled(line.amount.low);
  return { low, high: line.amount.high === line.amount.low ? low : scaled(line.amount.high), unit: line.unit };
}

function portionLine(dish: ClassDish, line: RecipeLine, batches: readonly Batch[], options: PortionOptions, larder: Larder): PortionLine {
  const ingredient = findIngredient(larder, line.ingredient);
  const show = createShow(line, ingredient, dish.recipe.system, options);
  const cells = batches.map((batch) => cellOf(line, batch, show));
  return {
    lineId: line.id, name: lineName(line, ingredient, options.english), note: noteOf(line), advice: adviceOf(line), scaling: line.scaling,
    keptBack: line.keptBack?.words ?? '', inLarder: ingredient !== null, cells, total: totalOf(line, batches, cells, show),
  };
}

/** The reader's word for the ingredient, with the recipe's own more telling one where it has one. */
function lineName(line: RecipeLine, ingredient: Ingredient | null, english: 'uk' | 'us'): string {
  if (!ingredient) return line.name;
  const part = line.byProducts.length > 0 ? ` ${line.byProducts.join(' and ')}` : '';
  const base = ingredientName(ingredient, english);
  return part && ingredient.id === 'egg' ? `egg${part}${part.endsWith('s') ? '' : 's'}` : `${base}${part}`;
}

function noteOf(line: RecipeLine): string {
  return [line.note.replace(/^about,? ?/, ''), line.optional ? 'optional' : ''].filter(Boolean).join(', ');
}

function adviceOf(line: RecipeLine): string {
  if (line.scaling === 'startLow') return 'use ¾ first, taste, then the rest';
  if (line.scaling === 'toTaste') return 'to taste';
  return '';
}

interface Shown { spoons: KitchenAmount; grams: KitchenAmount }

type Show = (amount: Amount | null) => Shown;

function createShow(line: RecipeLine, ingredient: Ingredient | null, recipeSystem: DishRecipeSystem, options: PortionOptions): Show {
  if (!line.amount || !line.unit) return () => ({ spoons: toTaste, grams: toTaste });
  const facts = conversionFacts(ingredient, line.preparation, pieceSizeOf(line.note));
  const packed = line.pack && line.unit ? { ...facts, gramsPerCount: { ...facts.gramsPerCount, ...packGrams(line) } } : facts;
  const tolerance = ingredient?.section === 'spices and seasoning' && line.scaling === 'startLow' ? strictTolerance : undefined;
  const format = createKitchenFormat(line.unit, { kitchenSystem: options.kitchenSystem, recipeSystem, facts: packed, tolerance });
  return (amount) => (amount ? { spoons: format(amount, 'spoons'), grams: format(amount, 'grams') } : { spoons: toTaste, grams: toTaste });
}

type DishRecipeSystem = ClassDish['recipe']['system'];
const toTaste: KitchenAmount = { lead: 'to taste', beside: null, error: 0, estimated: false };

/** Grams in one tin or jar of the size that the line names. */
function packGrams(line: RecipeLine): Record<string, Rational> {
  if (!line.pack || !line.unit || (line.pack.unit !== 'g' && line.pack.unit !== 'kg')) return {};
  return { [line.unit]: line.pack.unit === 'kg' ? toRational(toFraction(line.pack.low).mul(1000)) : line.pack.low };
}

function cellOf(line: RecipeLine, batch: Batch, show: Show): PortionCell {
  const amount = scaleLine(line, batch.factor);
  const shown = show(amount);
  const steps: WorkingStep[] = [
    { label: 'Written', value: line.text },
    ...batch.workings.steps,
    ...(amount && line.amount ? [scalingStep(line, batch.factor, amount)] : []),
  ];
  const title = `${shown.spoons.lead} ${line.name}, ${batch.heading.toLowerCase()}`;
  return { amount, ...shown, workings: workings(title, [...steps, ...roundingStep(shown.spoons)], shown.spoons.lead, shown.spoons.estimated) };
}

function scalingStep(line: RecipeLine, factor: Rational, amount: Amount): WorkingStep {
  const written = rangeText({ ...line.amount!, unit: amount.unit });
  const notes: Partial<Record<RecipeLine['scaling'], string>> = {
    whole: 'Rounded up to whole pieces: half of one cannot be shared.', perVessel: 'Needed once for each vessel.', startLow: 'Measured out in full. Use three quarters, taste, then add.',
  };
  return { label: `${showRational(factor)} × ${written}`, value: rangeText(amount), note: notes[line.scaling] };
}

function rangeText(amount: Amount): string {
  const unit = amount.unit === 'piece' ? '' : ` ${amount.unit}`;
  return amount.low === amount.high ? `${showRational(amount.low)}${unit}` : `${showRational(amount.low)}–${showRational(amount.high)}${unit}`;
}

function roundingStep(shown: KitchenAmount): WorkingStep[] {
  if (Math.abs(shown.error) < 0.002) return [];
  const percent = (Math.abs(shown.error) * 100).toFixed(1);
  return [{ label: 'With the kitchen’s spoons', value: shown.lead, note: `${percent} % ${shown.error > 0 ? 'over' : 'under'} the exact amount.` }];
}

function totalOf(line: RecipeLine, batches: readonly Batch[], cells: readonly PortionCell[], show: Show): PortionCell {
  const sum = (end: 'low' | 'high') => toRational(cells.reduce((total, cell, index) => (
    cell.amount ? total.add(toFraction(cell.amount[end]).mul(batches[index]!.count)) : total), toFraction('0')));
  const amount = line.amount && line.unit ? { low: sum('low'), high: sum('high'), unit: line.unit } : null;
  const shown = show(amount);
  const steps = cells.map((cell, index) => ({
    label: `${batches[index]!.heading}${batches[index]!.count > 1 ? `, ${batches[index]!.count} times` : ''}`,
    value: cell.amount ? rangeText(cell.amount) : 'to taste',
  }));
  return { amount, ...shown, workings: workings(`${shown.spoons.lead} ${line.name} in all`, steps, amount ? rangeText(amount) : 'to taste', shown.spoons.estimated) };
}
