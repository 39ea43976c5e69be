import { type ClassDish, type DecidedDish, isMadeByStudents, type WholeDish } from '../../class/index.js';
import { holdOf } from '../../dressing/index.js';
import { stepKey, type StepKey } from '../../identity/index.js';
import { findIngredient, type Larder } from '../../larder/index.js';
import {
  doing,
  either,
  saying,
  textSays,
  type Recipe,
  type RecipeStep,
  shortTitle,
} from '../../recipes/index.js';
import type { AddedStep } from '../types.js';
import { cutsFirst, withCutsFirst } from './cuts-first.js';
import { withShorterMarinades } from './marinades.js';
import {
  addedStep,
  between,
  firstUser,
  isHeated,
  lastBetween,
  pairsOf,
  startingWith,
  stepOf,
  usedBy,
} from './putting-in.js';

/** Minutes of the jobs that the plan adds by itself. Starting estimates. */
const thawMinutes = { low: 480, high: 720 };
const outOfColdMinutes = { low: 30, high: 30 };
const softenMinutes = { low: 45, high: 60 };
const coolMinutes = { low: 10, high: 15 };
/** What keeps a day or longer is kept in the cold. */
const keptColdFromMinutes = 1440;

const cutting: ReadonlySet<string> = new Set([
  'dice',
  'slice',
  'shred',
  'ribbons',
  'shave',
  'core-pepper',
  'peel-tomatoes',
]);
const emulsions: ReadonlySet<string> = new Set(['shake-dressing', 'whisk-dressing']);
const coolsAlready = textSays('cooled or served hot');
/** Covered hot it steams, so that its skin comes off: it must not cool first. */
const steams = doing('pack', 'steam');
const cutsOrTosses = either(doing('cut', 'peel', 'crumble', 'rub'), saying('salad leaves'));
const pours = doing('toss', 'pour', 'spoon', 'drizzle', 'coat', 'fold');
const mixesItself = either(doing('shake', 'whisk'), saying('again'));
const isFrozen = textSays('frozen');
const isThawed = textSays('thawed');
const cooksFrozen = either(doing('thaw', 'wet heat'), saying('frozen'));

/**
 * A dish with the jobs that its recipe does not spell out but its food asks for: thawing, softening, taking
 * out of the cold, cooling before cutting, mixing a dressing again just before pouring, knife work that fills
 * a wait; and marinades that end in time. Each is a step that says why it was added. Those whose keys are in
 * `leftOut` stay out.
 */
export function withAddedSteps(
  dish: DecidedDish,
  larder: Larder,
  leftOut: readonly StepKey[] = [],
): WholeDish {
  const wanted = (
    recipe: Recipe,
    step: RecipeStep | null,
    put: (recipe: Recipe, step: RecipeStep) => Recipe,
  ) => (step && !leftOut.includes(stepKey(dish.id, step.id)) ? put(recipe, step) : recipe);
  let recipe = withShorterMarinades(dish.recipe, larder);
  for (const line of dish.recipe.lines)
    recipe = wanted(recipe, thawing(recipe, line.id, larder) ?? softening(recipe, line.id), (to, step) =>
      startingWith(to, step, line.id),
    );
  for (const { from, to } of pairsOf(dish.recipe)) {
    for (const step of [
      cooling(recipe, from, to),
      outOfCold(recipe, from, to, larder),
      mixingAgain(recipe, from, to, larder),
    ])
      recipe = wanted(recipe, step, (of, put) => between(of, put, lastBetween(of, from, to), to));
  }
  if (isMadeByStudents(dish.maker))
    for (const { id } of dish.recipe.steps)
      recipe = wanted(recipe, cutsFirst(recipe, stepOf(recipe, id), larder), (of, put) =>
        withCutsFirst(of, put, id),
      );
  return { ...(dish as ClassDish), recipe } as WholeDish;
}

/** What the plan could add to a dish and the instructor left out. */
export function leftOutOf(dish: DecidedDish, larder: Larder, leftOut: readonly StepKey[]): AddedStep[] {
  if (leftOut.length === 0) return [];
  return withAddedSteps(dish, larder)
    .recipe.steps.filter((step) => leftOut.includes(stepKey(dish.id, step.id)))
    .map((step) => ({
      stepKey: stepKey(dish.id, step.id),
      title: shortTitle(step.text),
      dishTitle: dish.recipe.title,
      why: step.addedFor ?? '',
    }));
}

/** Frozen food thaws in the cold overnight, unless the first thing done with it is to cook it. */
function thawing(recipe: Recipe, lineId: string, larder: Larder): RecipeStep | null {
  const line = recipe.lines.find((each) => each.id === lineId)!;
  const user = firstUser(recipe, lineId);
  const names = `${line.text} ${findIngredient(larder, line.ingredient)?.names.uk ?? ''}`;
  if (!isFrozen(names) || isThawed(line.text) || !user || isHeated(user) || cooksFrozen(user)) return null;
  return addedStep(
    `auto-thaw-${lineId}`,
    `Put the ${line.name} in the cold to thaw, in a dish that catches the water.`,
    user,
    {
      handsOnMinutes: 2,
      waitMinutes: thawMinutes,
      until: 'soft all through',
      place: 'before',
      occupies: { appliance: 'fridge', setting: '' },
      uses: [{ line: lineId, share: '0' }],
      holdMinutes: 1440,
      addedFor: 'Frozen food thaws in the cold, overnight.',
    },
  );
}

/** Butter and the like that a line wants soft is taken out of the cold before. */
function softening(recipe: Recipe, lineId: string): RecipeStep | null {
  const line = recipe.lines.find((each) => each.id === lineId)!;
  const user = firstUser(recipe, lineId);
  if (!user || !line.preparation.includes('softened') || isHeated(user)) return null;
  return addedStep(`auto-soften-${lineId}`, `Take the ${line.name} out of the cold.`, user, {
    waitMinutes: softenMinutes,
    until: 'soft to a finger',
    uses: [{ line: lineId, share: '0' }],
    place: 'either',
    holdMinutes: 120,
    addedFor: 'The recipe wants it soft.',
  });
}

/** What comes hot from a step is not cut, and not put on leaves, before it can be handled. */
function cooling(recipe: Recipe, from: string, to: string): RecipeStep | null {
  const hot = stepOf(recipe, from);
  const next = stepOf(recipe, to);
  const cuts = next.techniques.some((technique) => cutting.has(technique)) || cutsOrTosses(next);
  if (
    !isHeated(hot) ||
    !hot.waitMinutes ||
    !cuts ||
    steams(next) ||
    coolsAlready(`${hot.text} ${hot.until} ${next.text}`)
  )
    return null;
  return addedStep(`auto-cool-${from}-${to}`, 'Spread it out to cool until you can handle it.', hot, {
    waitMinutes: coolMinutes,
    until: 'cool enough to handle',
    place: hot.place === 'in class' ? next.place : hot.place,
    holdMinutes: hot.holdMinutes,
    addedFor: `“${shortTitle(hot.text)}” comes out hot, and “${shortTitle(next.text)}” handles it.`,
  });
}

/** An oil dressing that was kept in the cold is stiff: it is taken out before it is wanted. */
function outOfCold(recipe: Recipe, from: string, to: string, larder: Larder): RecipeStep | null {
  const made = stepOf(recipe, from);
  const next = stepOf(recipe, to);
  const isKeptCold =
    (made.waitMinutes !== null && made.occupies?.appliance === 'fridge') ||
    (made.place !== 'in class' && (made.holdMinutes ?? 0) >= keptColdFromMinutes);
  const isDressing = recipe.components.find(({ id }) => id === made.componentId)?.role === 'dressing';
  const setsInCold = usedBy(recipe, made, larder).some(
    (each) => each.composition !== undefined && each.composition.fat.value > 0.9,
  );
  if (
    !isKeptCold ||
    !isDressing ||
    !setsInCold ||
    next.occupies?.appliance === 'fridge' ||
    coolsAlready(next.text)
  )
    return null;
  return addedStep(`auto-out-${from}-${to}`, 'Take the dressing out of the cold.', next, {
    waitMinutes: outOfColdMinutes,
    until: 'no longer stiff',
    place: 'either',
    addedFor: 'Oil sets in the cold.',
  });
}

/** A dressing that stands longer than its emulsion holds is mixed again just before it is poured. */
function mixingAgain(recipe: Recipe, from: string, to: string, larder: Larder): RecipeStep | null {
  const made = stepOf(recipe, from);
  const next = stepOf(recipe, to);
  const holds = holdOf(recipe, made.componentId, larder);
  const standsTooLong = made.holdMinutes === null || made.holdMinutes > holds;
  if (
    !made.techniques.some((technique) => emulsions.has(technique)) ||
    !standsTooLong ||
    !pours(next) ||
    mixesItself(next)
  )
    return null;
  return addedStep(`auto-mix-${from}-${to}`, 'Mix the dressing again just before pouring.', next, {
    holdMinutes: holds,
    mixesAgain: true,
    ...(made.when ? { when: made.when } : {}),
    addedFor: `It separates after about ${holds} min, and the recipe lets it stand longer.`,
  });
}
