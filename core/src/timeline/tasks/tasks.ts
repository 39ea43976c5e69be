import { type Rational, toNumber } from '../../amounts/index.js';
import { isEatenReadyMade, isMadeByStudents, type TimedDish } from '../../class/index.js';
import { frameId, type StepId, stepKey } from '../../identity/index.js';
import { type Batch, batchesInAll, type DishPortions, stationsAtOnce } from '../../portions/index.js';
import type { RecipeStep } from '../../recipes/index.js';
import { addDemonstration, linkDemonstrations, seenSoon } from './demonstrations.js';
import { addDraining, drainedMinutes } from './draining.js';
import { TaskDraft } from './draft.js';
import { addClassFrame } from './frame.js';
import { addHands } from './hands.js';
import { keepsFor, preparedMinutes } from './keeping.js';
import { heatingFor, largest, roundsFor } from './minutes.js';
import { isInClass, shareOutFrame, staffFor } from './staff.js';
import { placeOfSwap, stepsOfSwap } from './swaps.js';
import type { ClassTasks, DishOnClock, StepPlace, StepTasks, StepToPlan, TaskInput } from './types.js';
import { addWait } from './waits.js';
import { withWashing } from './washing.js';

/**
 * Steps of every batch as tasks, backwards from eating: hands, waits, appliances, demonstrations, preheating,
 * setting out.
 */
export function buildTasks(input: TaskInput): ClassTasks {
  const draft = new TaskDraft(input);
  shareOutFrame(draft);
  for (const dish of input.dishes) addDish(draft, dish);
  linkDemonstrations(draft);
  addClassFrame(draft);
  return withWashing(draft.result(), {
    kitchen: input.kitchen,
    stations: input.stations.sizes.length,
    eatAt: draft.eatAt,
    setOutMinutes: draft.setOutMinutes,
  });
}

function addDish(draft: TaskDraft, { timed: dish, portions }: DishOnClock): void {
  const { steps } = dish.recipe;
  const used = new Set(steps.flatMap((step) => step.after));
  for (const step of steps) draft.keep(dish, step.id, addStep(draft, dish, step, portions));
  if (dish.making?.swap) addSwap(draft, dish, portions);
  for (const step of steps) {
    const tasks = draft.tasksOf(dish, step.id)!;
    for (const before of step.after) linkSteps(draft, dish, before, tasks);
    if (!used.has(step.id)) draft.link(readyTask(draft, dish, step.id), frameId('eat'), keeping(tasks));
  }
}

/** What is eaten of a last step: its own result, or that of the swap where it would still wait. */
function readyTask(draft: TaskDraft, dish: TimedDish, stepId: StepId): string {
  const tasks = draft.tasksOf(dish, stepId)!;
  const readyMade = isEatenReadyMade(dish) && isBridged(dish, stepId, tasks);
  return (readyMade ? draft.tasksOf(dish, stepId, true)?.last : undefined) ?? tasks.last;
}

/** Whether the ready-made batch is gone on with after a step: of one that goes home, only after that wait. */
function isBridged({ recipe, making }: TimedDish, stepId: StepId, given: StepTasks | undefined): boolean {
  if (!given?.waitsInClass) return false;
  return (
    making?.longWait !== 'ready-made' || recipe.steps.find(({ id }) => id === stepId)?.waitsAtHome === true
  );
}

function addSwap(draft: TaskDraft, dish: TimedDish, portions: DishPortions): void {
  const steps = stepsOfSwap(dish.recipe.steps);
  for (const step of steps) {
    const place = placeOfSwap(draft, dish, step, portions);
    draft.keep(dish, step.id, addWork(draft, { dish, step, place, ofSwap: true }, null), true);
  }
  for (const step of steps)
    for (const before of step.after)
      linkTo(draft, draft.tasksOf(dish, before, true), draft.tasksOf(dish, step.id, true)!);
}

/**
 * A step comes after another. What is shown after a wait in class is shown with the ready-made swap, where
 * there is one: that is what it is for.
 */
function linkSteps(draft: TaskDraft, dish: TimedDish, before: StepId, step: StepTasks): void {
  const given = draft.tasksOf(dish, before);
  const readyMade = isBridged(dish, before, given) ? draft.tasksOf(dish, before, true) : undefined;
  if (!given || !readyMade) return linkTo(draft, given, step);
  const isEaten = isEatenReadyMade(dish);
  if (isEaten || step.shown)
    draft.link(readyMade.last, step.shown ?? step.hands, isEaten ? keeping(readyMade) : {});
  if (!isEaten) draft.link(given.last, step.hands, keeping(given));
}

function linkTo(draft: TaskDraft, given: StepTasks | undefined, step: StepTasks): void {
  if (given) draft.link(given.last, step.shown ?? step.hands, keeping(given));
}

function addStep(draft: TaskDraft, dish: TimedDish, step: RecipeStep, portions: DishPortions): StepTasks {
  const inClass = isInClass(draft, dish, step);
  const once = madeOnce(step, portions);
  const isAtStations = isMadeByStudents(dish.maker) && inClass && !once;
  const batch = once ?? (isAtStations ? largest(atStations(portions)) : null);
  const where = isAtStations ? 'stations' : staffFor(draft, { dish, step, inClass });
  const { input } = draft;
  const dishes = input.dishes.map(({ timed }) => timed);
  const place: StepPlace = {
    where,
    factor: toNumber(batch?.factor ?? batchesOfItself(portions)) / sharedBy(draft, batch),
    inClass,
    rounds: roundsFor(step, portions, batch),
    heatingMinutes: heatingFor(step, portions, batch),
    places: isAtStations && batch?.kind !== 'big batch' ? stationsAtOnce(dish, dishes, input.stations) : 1,
  };
  const shown = addDemonstration(draft, dish, step, isAtStations);
  return addWork(draft, { dish, step, place, ofSwap: false }, shown);
}

/** The hands of a step after it was shown, and its wait. */
function addWork(draft: TaskDraft, planned: StepToPlan, shown: string | null): StepTasks {
  const hands = addHands(draft, planned);
  const show = draft.shows.get(stepKey(planned.dish.id, planned.step.id));
  if (shown && show) draft.link(shown, hands, seenSoon(planned.dish, show));
  const isCarriedHome = planned.step.waitsAtHome === true && !planned.ofSwap;
  const wait = planned.step.waitMinutes && !isCarriedHome ? addWait(draft, planned, hands) : null;
  const drained = wait && addDraining(draft, planned, wait);
  return {
    shown,
    hands,
    last: drained ?? wait ?? hands,
    keeps: drained ? drainedMinutes : keepsWhen(planned, draft.input),
    waitsInClass: (wait !== null || isCarriedHome) && planned.place.inClass,
  };
}

/** What staff prepare stands covered and cold until it is wanted, where nothing else is known. */
function keepsWhen({ dish, step }: StepToPlan, { leftToStaff }: TaskInput): number | null {
  return keepsFor(step) ?? (leftToStaff?.has(stepKey(dish.id, step.id)) ? preparedMinutes : null);
}

function madeOnce(step: RecipeStep, { batches }: DishPortions): Batch | null {
  return (
    batches.find((each) => each.kind === 'made once' && each.components!.includes(step.componentId)) ?? null
  );
}

function atStations({ batches }: DishPortions): Batch[] {
  return batches.filter((each) => each.kind === 'stations' || each.kind === 'big batch');
}

/** All stations work on one big batch, two on one that they share: each has its part of the work. */
function sharedBy({ input }: TaskDraft, batch: Batch | null): number {
  if (batch?.kind === 'big batch') return input.stations.sizes.length;
  return batch?.kind === 'stations' ? batch.stations.length / batch.count : 1;
}

/** Batches that are made of a dish besides its ready-made swap, which has its own steps. */
function batchesOfItself({ batches }: DishPortions): Rational {
  return batchesInAll(batches.filter(({ kind }) => kind !== 'swap'));
}

/** A result is used within its keeping time, where it has one. */
function keeping({ keeps }: StepTasks): { maxLag?: number; isKeeping?: boolean } {
  return keeps === null ? {} : { maxLag: keeps, isKeeping: true };
}
