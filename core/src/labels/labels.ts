import { parseDate } from '@internationalized/date';
import {
  type ClassFacts,
  type DecidedDish,
  decidedDishes,
  isMadeByStudents,
  type KitchenFacts,
} from '../class/index.js';
import type { LocalDate, LocalTime } from '../identity/index.js';
import { allergensByList, type Larder, larderOf } from '../larder/index.js';
import type { ClassPlan } from '../plan/index.js';
import { type Batch, type DishPortions, linesEatenOf } from '../portions/index.js';
import { allergenSentence, contentsOf, type RecipeLine } from '../recipes/index.js';
import { safetyFigures, showCelsius } from '../safety/index.js';
import { createAxis } from '../timeline/index.js';
import { showDate } from '../words/index.js';
import { dishKeeping } from './keeping.js';
import type { StorageLabel } from './types.js';

export interface LabelInput {
  readonly facts: ClassFacts;
  readonly kitchen: KitchenFacts;
  readonly plan: ClassPlan;
}

interface Context extends LabelInput {
  readonly larder: Larder;
  readonly keepAt: string;
}

/** Labels for all that is kept before class and all that is carried home, in the order of the menu. */
export function storageLabels(input: LabelInput): StorageLabel[] {
  const larder = larderOf(input.kitchen.larder);
  const context: Context = { ...input, larder, keepAt: keepAtOf(input.kitchen) };
  const dishes = decidedDishes(input.facts, larder, input.kitchen);
  return dishes.flatMap((dish, index) => {
    const portions = input.plan.portions.dishes[index]!;
    return [...keptLabels(dish, portions, context), ...homeLabels(dish, portions, context)];
  });
}

function keepAtOf({ safety, english }: KitchenFacts): string {
  const { coldCelsius } = safetyFigures(safety);
  return coldCelsius === null
    ? 'cold, as your local food code says'
    : `cold, ${showCelsius(coldCelsius, english)} or under`;
}

/** What staff finish before class and keep: a label for each component that they work on. */
function keptLabels(dish: DecidedDish, portions: DishPortions, context: Context): StorageLabel[] {
  const { timeline } = context.plan;
  const before = [...timeline.daysBefore, ...timeline.clock].filter(
    ({ ref, kind, end, keeps }) => ref.dishId === dish.id && kind !== 'buy' && keeps !== null && end <= 0,
  );
  return dish.recipe.components.flatMap((component) => {
    const steps = new Set(
      dish.recipe.steps.filter(({ componentId }) => componentId === component.id).map(({ id }) => id),
    );
    const last = before
      .filter(({ ref }) => steps.has(ref.stepId))
      .sort((a, b) => a.end - b.end)
      .pop();
    if (!last) return [];
    const lines = dish.recipe.lines.filter(({ componentId }) => componentId === component.id);
    const axis = createAxis(context.facts.startsAt, context.facts.zone);
    const made = axis.local(last.end);
    const until = axis.local(last.keeps!.until);
    return [
      {
        ...about(lines, context),
        id: `kept:${dish.id}:${component.id}`,
        kind: 'kept',
        what: `${portions.title}: ${component.name.toLowerCase()}`,
        place: 'Staff',
        madeOn: made.date,
        made: moment(made),
        useBy: moment(until),
        note: 'Shallow and covered; for the class.',
        copies: 1,
      },
    ];
  });
}

/** What students carry home of each dish: a label for everybody who stands there. */
function homeLabels(dish: DecidedDish, portions: DishPortions, context: Context): StorageLabel[] {
  if (!isMadeByStudents(dish.maker)) return [];
  const { facts, plan } = context;
  const axis = createAxis(facts.startsAt, facts.zone);
  const eaten = axis.local(plan.timeline.eatMinute);
  return portions.batches
    .filter(({ stations }) => stations.length > 0)
    .flatMap((batch) => batch.stations.map((station) => homeLabel(station, batch)));

  function homeLabel(station: number, batch: Batch): StorageLabel {
    const lines = linesEatenOf(dish, portions.batches, batch);
    const { days, why } = dishKeeping(lines, context.larder);
    const useBy = parseDate(eaten.date).add({ days }).toString();
    return {
      ...about(lines, context),
      id: `home:${dish.id}:${station}`,
      kind: 'home',
      what: portions.title,
      place: `Station ${station}`,
      madeOn: eaten.date,
      made: moment(eaten),
      useBy: showDate(useBy),
      note: `Into the fridge within 2 hours, or throw it away; ${why}.`,
      copies: plan.portions.stations.sizes[station - 1] ?? 1,
    };
  }
}

function about(
  lines: readonly RecipeLine[],
  { larder, kitchen, keepAt }: Context,
): Pick<StorageLabel, 'keepAt' | 'allergens'> {
  const { allergens, notKnown } = contentsOf({ lines }, larder);
  return {
    keepAt,
    allergens: allergenSentence(allergensByList(allergens, kitchen.allergenList), notKnown),
  };
}

const moment = ({ date, time }: { date: LocalDate; time: LocalTime }) => `${showDate(date)}, ${time}`;
