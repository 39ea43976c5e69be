import { type DishId, lookUp, type StepId, stepKey, type StepKey } from '../identity/index.js';
import { actsOf, doing, either, type Recipe, type RecipeStep, saying } from '../recipes/index.js';
import { showSpan } from '../words/index.js';
import type { ClassDish, LongWaitRemedy } from './dish.js';

/** Such a wait of a dish, with what is done about it and what else could be. */
export interface LongWait {
  readonly dishId: DishId;
  readonly dish: string;
  readonly stepId: StepId;
  /** "“Chill for at least 2 hours” takes 2 h, and this class has no room for it". */
  readonly sentence: string;
  readonly way: LongWaitRemedy;
  readonly ways: readonly LongWaitRemedy[];
}

interface ClassTime {
  readonly lengthMinutes: number;
  readonly when: Readonly<Record<StepKey, 'in class' | 'before'>>;
}

/** Minutes of a class that no wait can have: welcome, eating and clearing. */
const framedMinutes = 45;
/** Hands-on minutes of a dish, as a share of the class, up to which it is worth making in class for home. */
const shareWorthMaking = 0.6;
/** A shorter wait is bridged by other work. */
const leastLongWait = 20;
/** Waits that a dish can do without: it is eaten less cold, not less done. */
const canBeLeftOut = either(doing('chill', 'cool'), saying('fridge'));
const cannotBeLeftOut = doing('soak', 'marinate', 'set', 'freeze', 'soften');
/** What cooks is not carried home half done. */
const cooks = (step: RecipeStep) => actsOf(step).some(({ way }) => way !== undefined);

/**
 * The first wait of a dish that steps in class come before and that is longer than the class allows; null
 * where there is none. The way is the one that was decided, or else the first that fits.
 */
export function longWaitOf(dish: ClassDish, recipe: Recipe, time: ClassTime): LongWait | null {
  if (dish.maker === 'made ahead') return null;
  const isInClass = (step: RecipeStep) =>
    (lookUp(time.when, stepKey(dish.id, step.id)) ?? step.place) === 'in class';
  const alone = tooLong(recipe, time, isInClass);
  const step = alone ?? longestOfTooMany(recipe, time, isInClass);
  if (!step) return null;
  const ways = waysOf(step, dish);
  const handsOn = recipe.steps.filter(isInClass).reduce((sum, each) => sum + each.handsOnMinutes, 0);
  const fits = (way: LongWaitRemedy) =>
    way !== 'ready-made' || handsOn <= shareWorthMaking * time.lengthMinutes;
  const decided = dish.making?.longWait;
  return {
    dishId: dish.id,
    dish: recipe.title,
    stepId: step.id,
    sentence: sentenceOf(step, alone !== undefined),
    way: decided && ways.includes(decided) ? decided : ways.find(fits)!,
    ways,
  };
}

function sentenceOf({ text, waitMinutes }: RecipeStep, isAlone: boolean): string {
  const job = /^[^.;]*/.exec(text)![0];
  return isAlone
    ? `“${job}” takes ${showSpan(waitMinutes!.low)}, longer than this class allows`
    : `Its waits are together longer than this class allows, “${job}” among them`;
}

type IsInClass = (step: RecipeStep) => boolean;

/** A wait that alone is longer than the class, or is meant for before, behind steps in class. */
function tooLong(recipe: Recipe, { lengthMinutes }: ClassTime, isInClass: IsInClass): RecipeStep | undefined {
  return recipe.steps.find(
    (step) =>
      step.waitMinutes !== null &&
      !step.waitsAtHome &&
      (!isInClass(step) || step.waitMinutes.low > lengthMinutes - framedMinutes) &&
      before(recipe, step.id).some(isInClass),
  );
}

/** Of waits that follow each other and are together longer than the class, the longest that does not cook. */
function longestOfTooMany(
  recipe: Recipe,
  { lengthMinutes }: ClassTime,
  isInClass: IsInClass,
): RecipeStep | undefined {
  // What follows the wait at home is done beside it, with the ready-made batch.
  if (recipe.steps.some(({ waitsAtHome }) => waitsAtHome)) return undefined;
  const waitOf = (step: RecipeStep) =>
    isInClass(step) && !step.waitsAtHome ? (step.waitMinutes?.high ?? 0) : 0;
  const canMove = (step: RecipeStep) => (cooks(step) ? 0 : waitOf(step));
  const last = recipe.steps[recipe.steps.length - 1];
  const chain = last ? [...before(recipe, last.id), last] : [];
  const sum = chain.reduce(
    (total, step) => total + waitOf(step) + (isInClass(step) ? step.handsOnMinutes : 0),
    0,
  );
  if (sum <= lengthMinutes - framedMinutes) return undefined;
  const longest = Math.max(...chain.map(canMove));
  return longest >= leastLongWait ? chain.find((step) => canMove(step) === longest) : undefined;
}

function waysOf(step: RecipeStep, { making }: ClassDish): LongWaitRemedy[] {
  if (cooks(step)) return ['ahead', 'next class'];
  const isSpared = canBeLeftOut(step) && !cannotBeLeftOut(step);
  const all: LongWaitRemedy[] = isSpared
    ? ['ready-made', 'ahead', 'unchilled', 'next class']
    : ['ready-made', 'ahead', 'next class'];
  // Of a tasting flight each station makes another one: no one batch stands for all.
  return making?.flight ? all.filter((way) => way !== 'ready-made') : all;
}

/** The steps that come before one, however far. */
function before(recipe: Recipe, stepId: StepId): RecipeStep[] {
  const found = new Set<StepId>();
  const visit = (id: StepId) => {
    for (const each of recipe.steps.find((step) => step.id === id)?.after ?? []) {
      if (found.has(each)) continue;
      found.add(each);
      visit(each);
    }
  };
  visit(stepId);
  return recipe.steps.filter(({ id }) => found.has(id));
}

/** A dish with its long waits seen to, one by one: what is eaten, what is done before, what goes home. */
export function withLongWaits(given: ClassDish, time: ClassTime): ClassDish {
  let dish = given;
  for (let turn = 0; turn < mostWaits; turn++) {
    const next = withLongWait(dish, time);
    if (next === dish) break;
    dish = next;
  }
  return dish;
}

const mostWaits = 6;

function withLongWait(dish: ClassDish, time: ClassTime): ClassDish {
  const wait = longWaitOf(dish, dish.recipe, time);
  if (!wait) return dish;
  const { recipe, making } = dish;
  const changed = (change: (step: RecipeStep) => RecipeStep) => ({
    ...dish,
    recipe: { ...recipe, steps: recipe.steps.map(change) },
  });
  if (wait.way === 'ahead') {
    const first = new Set(before(recipe, wait.stepId).map(({ id }) => id));
    return changed((step) =>
      first.has(step.id) || step.id === wait.stepId ? { ...step, place: 'before' } : step,
    );
  }
  if (wait.way === 'next class')
    return {
      ...dish,
      recipe: leftToNextClass(recipe, wait.stepId),
      making: { ...making, longWait: 'next class' },
    };
  const isIt = (step: RecipeStep) => step.id === wait.stepId;
  if (wait.way === 'unchilled')
    return changed((step) =>
      isIt(step) ? { ...step, place: 'in class', waitMinutes: null, occupies: null } : step,
    );
  return {
    ...changed((step) => (isIt(step) ? { ...step, place: 'in class', waitsAtHome: true } : step)),
    making: { ...making, swap: true, longWait: 'ready-made' },
  };
}

/**
 * What is done of a dish in this class: up to the wait, which goes on after it, and what is bought for that.
 */
function leftToNextClass(recipe: Recipe, stepId: StepId): Recipe {
  const steps = recipe.steps
    .filter(({ id }) => !before(recipe, id).some((each) => each.id === stepId))
    .map((step): RecipeStep =>
      step.id === stepId ? { ...step, place: 'in class', waitsAtHome: true } : step,
    );
  const usedIn = (of: readonly RecipeStep[]) =>
    new Set(of.flatMap(({ uses }) => uses.map(({ line }) => line)));
  const [now, ever] = [usedIn(steps), usedIn(recipe.steps)];
  return { ...recipe, steps, lines: recipe.lines.filter(({ id }) => now.has(id) || !ever.has(id)) };
}
