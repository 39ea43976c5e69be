import { family } from '../larder/index.js';
import { actsOf, doing, type RecipeStep, textSays, wasDone } from '../recipes/index.js';
import { type FoodLine, follow, heats, linesWhere, middleWords, stepsOf, theFoodIs } from './reading.js';
import type { Found, Judged, Rule } from './types.js';

const sprouts = family('sprouts');
const harmfulRaw = family('harmful raw');
const molluscs = family('raw molluscs');
const liver = family('liver');
const minced = family('minced meat');
const poultry = family('poultry');
const pork = family('pork');
const wasCooked = wasDone('cook', 'boil', 'roast', 'fry', 'grill', 'poach', 'steam', 'smoke', 'bake');
const isPink = textSays('barely cooked');
const isSeared = doing('sear');
const isThrough = textSays('through the middle');
const wasFrozen = textSays('frozen before');
const sharesBoard = textSays('shared board');
const washesBetween = textSays('washed between');
/** Less heat than this hardly warms the middle of a steak or a fillet. An estimate. */
const hardlyCooks = 3;

const isRawProtein = ({ line, food }: FoodLine) =>
  food.cautions.includes('raw-protein') && !line.preparation.includes('cooked') && !wasCooked(line);
const isFish = ({ food }: FoodLine) => food.allergens.includes('fish');

const forWhom = 'Say so to everybody, and have another dish for those who are pregnant, small, old or ill.';

/** The steps that a line goes through; of one that no step names, all: it is in there somewhere. */
function itsSteps(judged: Judged, { line }: FoodLine): readonly RecipeStep[] {
  const own = stepsOf(judged, line);
  return own.length > 0 ? own : judged.recipe.steps;
}

function howRawIsMade(judged: Judged, each: FoodLine): string {
  if (molluscs.has(each.food))
    return `Buy them for eating raw, alive and cold, and open them late. ${forWhom}`;
  if (!isFish(each)) return `Buy it for eating raw, keep it cold, and cut it on its own board. ${forWhom}`;
  const said = judged.recipe.steps.some(({ text }) => wasFrozen(text)) || wasFrozen(each.line.text);
  const freezing = said
    ? ''
    : 'Only freezing through, at −20 °C for a day or colder, kills worms in fish: ask the fishmonger. ';
  return `${freezing}Acid or smoke does not cook it. ${forWhom}`;
}

function eatenRaw(judged: Judged): Found[] {
  return linesWhere(judged, (each) => isRawProtein(each) && !poultry.has(each.food))
    .filter((each) => stepsOf(judged, each.line).length > 0 && !itsSteps(judged, each).some(heats))
    .map((each) => ({
      stepId: itsSteps(judged, each)[0]?.id ?? null,
      sentence: `${theFoodIs(each.line)} eaten raw`,
      remedy: `${howRawIsMade(judged, each)} ${follow}`,
    }));
}

/** Minutes on the heat, where each of its acts says them. */
function heatMinutes(steps: readonly RecipeStep[]): number | null {
  const hot = steps.flatMap((step) =>
    actsOf(step)
      .filter(({ way }) => way !== undefined)
      .map(({ minutes }) => minutes?.high ?? null),
  );
  return hot.length === 0 || hot.includes(null) ? null : hot.reduce<number>((sum, each) => sum + each!, 0);
}

function barelyCooked(judged: Judged): Found[] {
  return linesWhere(judged, isRawProtein).flatMap((each) => {
    const steps = itsSteps(judged, each);
    if (!steps.some(heats) || steps.some(({ text, until }) => isThrough(text) || isThrough(until))) return [];
    const pink = steps.find(({ text }) => isPink(text));
    const sears = steps.find((step) => heats(step) && isSeared(step));
    const minutes = heatMinutes(steps);
    const short = sears !== undefined && minutes !== null && minutes <= hardlyCooks ? sears : undefined;
    const step = pink ?? short;
    return step
      ? [
          {
            stepId: step.id,
            sentence: `${theFoodIs(each.line)} barely cooked`,
            remedy: mustBeThrough(each)
              ? throughWords(judged, each)
              : `Only whole and fresh from who sells it for that, seared all over. ${forWhom} ${follow}`,
          },
        ]
      : [];
  });
}

function throughWords(judged: Judged, { food }: FoodLine): string {
  const middle = middleWords(judged, minced.has(food));
  return `It is cooked through: ${middle} in the middle by a probe, and no pink. ${follow}`;
}

const mustBeThrough = ({ food }: FoodLine) => [poultry, pork, minced, liver].some((kind) => kind.has(food));

function sproutsRaw(judged: Judged): Found[] {
  return linesWhere(judged, ({ food }) => sprouts.has(food))
    .filter(({ line }) => !stepsOf(judged, line).some(heats))
    .map(({ line }) => ({
      stepId: stepsOf(judged, line)[0]?.id ?? null,
      sentence: `${theFoodIs(line)} eaten raw`,
      remedy: `Cook them until steaming hot, or buy those that are sold for eating raw. ${forWhom} ${follow}`,
    }));
}

function poisonousRaw(judged: Judged): Found[] {
  return linesWhere(judged, ({ food }) => harmfulRaw.has(food))
    .filter(({ line }) => !line.preparation.includes('cooked') && !wasCooked(line))
    .filter(({ line }) => !stepsOf(judged, line).some(heats))
    .map(({ line }) => ({
      stepId: stepsOf(judged, line)[0]?.id ?? null,
      sentence: `${theFoodIs(line)} poisonous raw`,
      remedy: `Cook it through, or leave it out. ${follow}`,
    }));
}

function boardsShared(judged: Judged): Found[] {
  if (linesWhere(judged, isRawProtein).length === 0) return [];
  return judged.recipe.steps
    .filter(({ text }) => sharesBoard(text) && !washesBetween(text))
    .slice(0, 1)
    .map(({ id }) => ({
      stepId: id,
      sentence: 'what lay under raw food is used again for food that is ready',
      remedy: `Take a clean board, knife and plate, and wash your hands in between. ${follow}`,
    }));
}

/** Food that is eaten raw or hardly cooked, and what touched it. */
export const eatenRawRules: readonly Rule[] = [
  { id: 'eaten-raw', severity: 'harm', source: 'general advice', note: null, find: eatenRaw },
  { id: 'barely-cooked', severity: 'harm', source: 'general advice', note: null, find: barelyCooked },
  { id: 'sprouts-raw', severity: 'harm', source: 'general advice', note: null, find: sproutsRaw },
  { id: 'poisonous-raw', severity: 'harm', source: 'general advice', note: null, find: poisonousRaw },
  { id: 'board-shared', severity: 'harm', source: 'general advice', note: null, find: boardsShared },
];
