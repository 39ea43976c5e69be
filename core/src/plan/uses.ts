import { type Amount, toFraction, toRational } from '../amounts/index.js';
import type { ClassDish } from '../class/index.js';
import {
  isOfStep,
  type LocalDate,
  cacheByOwner,
  stepKey,
  type StepKey,
  stepKeyOf,
} from '../identity/index.js';
import type { Allergen, Larder } from '../larder/index.js';
import {
  type Batch,
  type Fills,
  fillsFor,
  fillsOf,
  makesLine,
  scaleLine,
  type VesselFit,
} from '../portions/index.js';
import { dippersOf, groupWordsOf, pieceSizeOf, type RecipeLine } from '../recipes/index.js';
import type { StepMinutes } from '../safety/index.js';
import type { IngredientUse, PurchasedUse } from '../shopping/index.js';
import type { Timeline } from '../timeline/index.js';

/** When each step of each dish is done, shown and waited for: minutes of the plan and the day it begins. */
export type StepTimes = ReadonlyMap<
  StepKey,
  { readonly start: number; readonly end: number; readonly date: LocalDate }
>;

export function stepTimes(timeline: Timeline): StepTimes {
  const times = new Map<StepKey, { start: number; end: number; date: LocalDate }>();
  for (const { ref, start, end, localDate } of [...timeline.daysBefore, ...timeline.clock]) {
    const key = stepKeyOf(ref);
    if (key === null || ref.ofSwap || !isOfStep(ref)) continue;
    const known = times.get(key);
    times.set(key, {
      start: Math.min(known?.start ?? start, start),
      end: Math.max(known?.end ?? end, end),
      date: known && known.start <= start ? known.date : localDate,
    });
  }
  return times;
}

/** When the hands of each step, of a dish or of its swap, are at work and when its wait is over. */
export function stepMinutes(timeline: Timeline, ofSwap: boolean): ReadonlyMap<StepKey, StepMinutes> {
  const entries = [...timeline.daysBefore, ...timeline.clock].filter(({ ref }) => ref.ofSwap === ofSwap);
  const waits = new Map(
    entries.filter(({ ref }) => ref.role === 'wait').map(({ ref, end }) => [stepKeyOf(ref), end]),
  );
  return new Map(
    entries.flatMap(({ ref, start, end }) => {
      const key = ref.role === 'hands' ? stepKeyOf(ref) : null;
      return key ? [[key, { start, handsEnd: end, end: waits.get(key) ?? end }] as const] : [];
    }),
  );
}

const noTimes: StepTimes = new Map();

interface UsesContext {
  readonly times?: StepTimes;
  readonly date: LocalDate;
  readonly title?: string;
  readonly larder: Larder;
}

/** A dish with its batches, and what people may be allergic to in it. */
export interface MadeDish {
  readonly dish: ClassDish;
  readonly batches: readonly Batch[];
  /** What each step is done in: lines that go by the vessel are wanted as often as it is filled. */
  readonly fits: readonly VesselFit[];
  readonly allergens: readonly Allergen[];
}

/** What every batch uses of every line. Water from the tap falls out in the shopping list itself. */
export function ingredientUses(made: readonly MadeDish[], context: UsesContext): IngredientUse[] {
  return made.flatMap((each) => {
    const { dish, batches, fits, allergens } = each;
    return dish.recipe.lines.flatMap((line) => {
      const when = timeOfLine(dish, line, context.times ?? noTimes);
      const [minute, date] = [when?.start, when?.date ?? context.date];
      return linesUsed(
        line,
        [dish.id, dish.recipe, batches, fits, allergens, minute, date, context.title, context.larder],
        () => usesOfLine(each, line, { ...context, date, minute }),
      );
    });
  });
}

/** A list tells that nothing of a line has changed by its uses being the same. */
const linesUsed = cacheByOwner<RecipeLine, readonly IngredientUse[]>();

function usesOfLine(
  { dish, batches, fits, allergens }: MadeDish,
  line: RecipeLine,
  { date, minute, title, larder }: UsesContext & { minute: number | undefined },
): IngredientUse[] {
  const dippers = dippersOf(dish.recipe, larder);
  const context: UseContext = {
    fills: fillsOf(dish.recipe, fits),
    allergens,
    minute,
    date,
    title,
    dippers: dippers.includes(line) ? dippers.length : 0,
  };
  return batches.filter((batch) => makesLine(batch, line)).map((batch) => useOf(dish, line, batch, context));
}

function timeOfLine(
  dish: ClassDish,
  line: RecipeLine,
  times: StepTimes,
): { start: number; end: number; date: LocalDate } | undefined {
  const found = dish.recipe.steps
    .filter((step) => step.uses.some((use) => use.line === line.id))
    .flatMap((step) => times.get(stepKey(dish.id, step.id)) ?? []);
  return found.sort((a, b) => a.start - b.start)[0];
}

interface UseContext {
  readonly fills: Fills;
  readonly allergens: readonly Allergen[];
  readonly minute: number | undefined;
  readonly date: LocalDate;
  readonly title: string | undefined;
  readonly dippers: number;
}

function useOf(
  dish: ClassDish,
  line: RecipeLine,
  batch: Batch,
  { fills, allergens, minute, date, title, dippers }: UseContext,
): IngredientUse {
  return Object.assign(lineUse(dish, line, batch, fills), {
    dishTitle: title ? `${title}: ${dish.recipe.title}` : dish.recipe.title,
    date,
    dishAllergens: allergens,
    minute,
    dippers,
  });
}

/** What a batch uses of a line, whenever that is. */
export function lineUse(dish: ClassDish, line: RecipeLine, batch: Batch, fills: Fills): PurchasedUse {
  return {
    dishId: dish.id,
    dishTitle: dish.recipe.title,
    where: batch.heading.toLowerCase(),
    count: batch.count,
    name: line.name,
    ingredient: line.ingredient,
    amount: withKeptBack(scaleLine(line, batch.factor, fillsFor(fills, line, batch)), line, batch),
    pack: line.pack,
    preparation: line.preparation,
    basis: line.basis,
    size: pieceSizeOf(line.note),
    part: line.byProducts,
    optional: line.optional,
    group: groupWordsOf(line.note),
    system: dish.recipe.system,
    scaling: line.scaling,
    plates: batch.people.high * batch.count,
  };
}

/** "3 tbsp, plus 1 tbsp for the top": both are bought. A part in another unit is left to the eye. */
function withKeptBack(amount: Amount | null, line: RecipeLine, batch: Batch): Amount | null {
  const kept = line.keptBack?.amount;
  if (!amount || !kept || kept.unit !== amount.unit) return amount;
  const more = toFraction(kept.high).mul(toFraction(batch.factor));
  return {
    ...amount,
    low: toRational(toFraction(amount.low).add(more)),
    high: toRational(toFraction(amount.high).add(more)),
  };
}
