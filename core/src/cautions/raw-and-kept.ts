import { isUsStyle } from '../class/index.js';
import { family, type Ingredient, keepingOf } from '../larder/index.js';
import { doing, either, saying, textSays } from '../recipes/index.js';
import { safetyFigures } from '../safety/index.js';
import { follow, heats, linesWhere, stepsOf, theFoodIs, usesLine } from './reading.js';
import type { Rule } from './types.js';

const day = 1440;
const poultry = family('poultry');
const sour = family('sour');
const rice = family('rice');
const grapefruit = family('grapefruit');
const acids = either(doing('marinate', 'marinade'), saying('sour', 'marinade'));
const liesInAcid = doing('marinate', 'steep', 'leave');
const marinates = doing('marinate');
const isAcid = saying('sour');
const becomesRaw = either(doing('cure'), saying('cooked in acid', 'cure'));
const thaws = doing('thaw');
const warm = saying('cupboard', 'counter', 'warm water');
const inFridge = saying('fridge');
const thawsSafely = saying('thaws safely');
const cools = doing('cool', 'stand');
const cold = either(doing('chill'), saying('fridge', 'ice water', 'cold'));
const washes = doing('wash');
const pickles = either(doing('pickle'), saying('pickled'));
const asPreserve = saying('cupboard', 'kept for months');
const isPrepared = textSays('syrup', 'cooked');
const isBought = textSays('bought', 'dry');
const isWild = textSays('picked in the wild');
const poisons: readonly (readonly [(text: string) => boolean, string])[] = [
  [textSays('rhubarb leaves'), 'rhubarb leaves are poisonous, cooked too'],
  [textSays('elderberries'), 'elderberries are not eaten raw'],
  [textSays('bitter kernels'), 'kernels and bitter almonds hold prussic acid'],
  [textSays('cassava'), 'cassava is not eaten raw'],
  [textSays('green potatoes'), 'green and sprouting potatoes are poisonous, cooked too'],
  [textSays('bitter gourds'), 'a courgette or squash that tastes bitter is poisonous'],
];
const cookedKept = family('cooked starch');
const fishMinutes = keepingOf('salmon', 'raw in acid')!.minutes;
const poultryMinutes = keepingOf('chicken-breast', 'raw in acid')!.minutes;
const pickleMinutes = keepingOf(null, 'quickly pickled')!.minutes;
const pickleWeeks = pickleMinutes / 10_080;

/** Days that a food keeps cold when it is cooked. */
const cookedDays = (food: Ingredient) => keepingOf(food, 'cooked')!.minutes / day;

/** Raw food, its marinades, and how long what was cooked is kept. */
export const rawAndKeptRules: readonly Rule[] = [
  {
    id: 'poultry-washed',
    severity: 'harm',
    source: 'general advice',
    note: null,
    find: (judged) =>
      linesWhere(judged, ({ food }) => poultry.has(food) && food.cautions.includes('raw-protein')).flatMap(
        ({ line }) =>
          stepsOf(judged, line)
            .filter((step) => usesLine(step, line.id) && washes(step))
            .slice(0, 1)
            .map((step) => ({
              stepId: step.id,
              sentence: `${theFoodIs(line)} washed raw`,
              remedy: `Pat it dry instead: washing throws what is on it about the bench. ${follow}`,
            })),
      ),
  },
  {
    id: 'thawed-warm',
    severity: 'harm',
    source: 'general advice',
    note: null,
    find: ({ recipe }) =>
      recipe.steps
        .filter((step) => thaws(step) && warm(step) && !inFridge(step) && !thawsSafely(step))
        .map(({ id }) => ({
          stepId: id,
          sentence: 'it is thawed in the warm',
          remedy: `Thaw it in the fridge overnight, in a dish that holds its juice. ${follow}`,
        })),
  },
  {
    id: 'fish-in-acid-long',
    severity: 'spoils the dish',
    source: 'the trade',
    note: 'poach-fish',
    find: (judged) =>
      linesWhere(
        judged,
        ({ food }) => food.allergens.includes('fish') && food.cautions.includes('raw-protein'),
      ).flatMap(({ line }) =>
        stepsOf(judged, line)
          .filter((step) => usesLine(step, line.id) && liesInAcid(step) && acids(step))
          .filter((step) => (step.waitMinutes?.low ?? 0) > fishMinutes && !becomesRaw(step))
          .map((step) => ({
            stepId: step.id,
            sentence: `${theFoodIs(line)} in acid for more than ${fishMinutes} min`,
            remedy: `Keep it to ${fishMinutes} min, cold: longer, it turns chalky, and it is still raw.`,
          })),
      ),
  },
  {
    id: 'poultry-in-acid-long',
    severity: 'spoils the dish',
    source: 'the trade',
    note: null,
    find: (judged) =>
      linesWhere(judged, ({ food }) => poultry.has(food) && food.cautions.includes('raw-protein')).flatMap(
        ({ line }) =>
          stepsOf(judged, line)
            .filter((step) => usesLine(step, line.id) && marinates(step))
            .filter(
              (step) =>
                isAcid(step) ||
                linesWhere(judged, ({ food }) => sour.has(food)).some(({ line: each }) =>
                  usesLine(step, each.id),
                ),
            )
            .filter(({ waitMinutes }) => (waitMinutes?.low ?? 0) > poultryMinutes)
            .map((step) => ({
              stepId: step.id,
              sentence: `${theFoodIs(line)} in acid for more than ${poultryMinutes / 60} hours`,
              remedy: `Keep it to about ${poultryMinutes / 60} hours, cold: longer, it goes to mush.`,
            })),
      ),
  },
  {
    id: 'cooked-kept-long',
    severity: 'harm',
    source: 'general advice',
    note: 'chill-and-store',
    find: (judged) =>
      linesWhere(judged, ({ food }) => cookedKept.has(food) && food.section !== 'tins and jars').flatMap(
        ({ line, food }) =>
          stepsOf(judged, line)
            .filter((step) => usesLine(step, line.id) && heats(step))
            .filter(({ holdMinutes }) => (holdMinutes ?? 0) > cookedDays(food) * day && !rice.has(food))
            .slice(0, 1)
            .map((step) => ({
              stepId: step.id,
              sentence: `${theFoodIs(line)} cooked and kept for more than ${cookedDays(food)} days`,
              remedy: `Cook it nearer to the class; cold, it keeps about ${cookedDays(food)} days. ${follow}`,
            })),
      ),
  },
  {
    id: 'cooled-too-slowly',
    severity: 'harm',
    source: 'general advice',
    note: 'chill-and-store',
    find: (judged) => {
      const most = safetyFigures(judged.profile).chillWithinMinutes;
      if (most === null) return [];
      const kept = linesWhere(
        judged,
        ({ food }) => food.cautions.includes('cool-fast') || food.cautions.includes('raw-protein'),
      );
      return judged.recipe.steps
        .filter((step) => kept.some(({ line }) => stepsOf(judged, line).includes(step)))
        .filter(
          (step) =>
            cools(step) &&
            !cold(step) &&
            step.occupies?.appliance !== 'fridge' &&
            (step.waitMinutes?.low ?? 0) > most,
        )
        .map((step) => ({
          stepId: step.id,
          sentence: `cooked food cools for longer than ${most} min`,
          remedy: isUsStyle(judged.profile)
            ? `Spread it shallow: from 57 to 21 °C within 2 hours, and to 5 °C within 4 more. ${follow}`
            : `Spread it shallow on a tray, and have it in the cold within ${most} min. ${follow}`,
        }));
    },
  },
  {
    id: 'quick-pickle-kept',
    severity: 'harm',
    source: 'general advice',
    note: 'quick-pickle',
    find: ({ recipe }) =>
      recipe.steps
        .filter((step) => pickles(step) && (asPreserve(step) || (step.holdMinutes ?? 0) > pickleMinutes))
        .map(({ id }) => ({
          stepId: id,
          sentence: 'quick pickles are kept as if they were preserves',
          remedy:
            `They are not: keep them cold, under their liquid, for ${pickleWeeks} weeks at most. ` + follow,
        })),
  },
  {
    id: 'grapefruit',
    severity: 'harm',
    source: 'general advice',
    note: null,
    find: (judged) =>
      linesWhere(judged, ({ food }) => grapefruit.has(food))
        .slice(0, 1)
        .map(({ line }) => ({
          stepId: null,
          sentence: `${line.name} disturbs some medicines`,
          remedy: `Ask whether anybody takes such a medicine, and have orange for them. ${follow}`,
        })),
  },
  {
    id: 'poison-raw',
    severity: 'harm',
    source: 'general advice',
    note: null,
    find: ({ recipe }) =>
      poisons.flatMap(([word, why]) =>
        [...recipe.lines, ...recipe.steps]
          .filter(({ text }) => word(text) && !isPrepared(text))
          .slice(0, 1)
          .map(() => ({
            stepId: null,
            sentence: why,
            remedy: `Leave it out, or ask somebody qualified. ${follow}`,
          })),
      ),
  },
  {
    id: 'foraged',
    severity: 'harm',
    source: 'general advice',
    note: null,
    find: ({ recipe }) =>
      recipe.lines
        .filter(({ text }) => isWild(text))
        .filter(({ text }) => !isBought(text))
        .map((line) => ({
          stepId: null,
          sentence: `${theFoodIs(line)} picked in the wild`,
          remedy: `Use what is bought, or what somebody qualified has named; mushrooms cooked. ${follow}`,
        })),
  },
];
