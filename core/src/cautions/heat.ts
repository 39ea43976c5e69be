import { family } from '../larder/index.js';
import {
  actsOf,
  degreesOf,
  doing,
  either,
  inOneAct,
  isDone,
  isSaid,
  not,
  type RecipeStep,
  saying,
  textSays,
} from '../recipes/index.js';
import {
  cooksInWater,
  type FoodLine,
  follow,
  linesWhere,
  names,
  stepsOf,
  swapOf,
  theFoodIs,
  usesLine,
} from './reading.js';
import { deep } from './burns.js';
import type { Rule } from './types.js';

const fries = doing('fry');
const wets = doing('wash', 'soak', 'wet heat');
const dries = either(doing('dry', 'drain', 'coat'), saying('dry', 'drained', 'coated'));
const slowly = saying('slowly');
const poursHot = inOneAct(
  isDone('pour', 'fill', 'add'),
  isSaid('hot'),
  isSaid('glass'),
  not(isSaid('warm glass')),
);
const inTheHand = inOneAct(isSaid('in the hand'), isSaid('opened round a stone'));
const beats = doing('whisk', 'blend');
const blends = doing('blend');
const toasts = doing('toast', 'roast', 'bake', 'dry heat');
const burnsGarlic = inOneAct((act) => act.way === 'fat', isSaid('garlic'), isSaid('browned dark'));
const offHeat = saying('off the heat');
const boils = doing('boil', 'hard-boil');
const otherEggs = either(doing('poach', 'scramble', 'soft-boil'), saying('soft'));
const cools = either(doing('cool', 'chill'), saying('cold', 'ice water'));
const nutsAndSeeds = family('toasted nuts and seeds');
/** Nuts toast at 160 to 180 °C in 6 to 12 minutes. ~ */
const mostToast = { celsius: 195, minutes: 15 };
const splits = family('splits when boiled');
const beans = family('dried beans and chickpeas');
const roasts = (step: RecipeStep) => actsOf(step).some(({ appliance }) => appliance === 'oven');
const acidic = family('keeps pulses hard');
const softHerbs = family('herbs lost in heat');
const saysYolk = textSays('yolk');
const eggs = family('eggs');
const oilsPoured = family('oils');

/** What heat does to food, and hot food to people. */
export const heatRules: readonly Rule[] = [
  {
    id: 'wet-into-oil',
    severity: 'harm',
    source: 'the trade',
    note: 'fry',
    find: (judged) =>
      judged.recipe.lines.flatMap((line) => {
        const steps = stepsOf(judged, line).filter(
          (step) => usesLine(step, line.id) || step.after.length > 0,
        );
        const fried = steps.findIndex(deep);
        const wet = steps.findIndex((step) => usesLine(step, line.id) && wets(step));
        if (fried < 0 || wet < 0 || wet >= fried) return [];
        if (steps.slice(wet, fried + 1).some(dries)) return [];
        return [
          {
            stepId: steps[fried]!.id,
            sentence: `${theFoodIs(line)} wet when it goes into hot oil`,
            remedy: `Pat it dry: water in hot oil spits and can boil over. ${follow}`,
          },
        ];
      }),
  },
  {
    id: 'unattended-oil',
    severity: 'harm',
    source: 'the trade',
    note: 'fry',
    find: ({ recipe }) =>
      recipe.steps
        .filter((step) => deep(step) && (step.waitMinutes?.low ?? 0) >= 5)
        .map(({ id }) => ({
          stepId: id,
          sentence: 'hot oil is left to itself',
          remedy: `Somebody stays with hot oil; a lid lies beside it, and never water on it. ${follow}`,
        })),
  },
  {
    id: 'hot-into-jar',
    severity: 'harm',
    source: 'the trade',
    note: 'quick-pickle',
    find: ({ recipe }) =>
      recipe.steps.filter(poursHot).map(({ id }) => ({
        stepId: id,
        sentence: 'something hot is poured into cold glass',
        remedy: 'Warm the jar first, and stand it on a cloth: cold glass cracks.',
      })),
  },
  {
    id: 'stone-in-the-palm',
    severity: 'harm',
    source: 'the trade',
    note: 'open-avocado',
    find: ({ recipe }) =>
      recipe.steps.filter(inTheHand).map(({ id }) => ({
        stepId: id,
        sentence: 'a stone fruit is opened in the hand',
        remedy: 'Lay it on the board, cut round the stone, twist, and lift the stone with a spoon.',
      })),
  },
  {
    id: 'oil-too-fast',
    severity: 'spoils the dish',
    source: 'the trade',
    note: 'mend-split',
    find: (judged) => {
      const yolks = linesWhere(judged, ({ food }) => eggs.has(food));
      const isYolk = ({ line }: FoodLine, step: RecipeStep) =>
        usesLine(step, line.id) &&
        (line.byProducts.includes('yolk') || saysYolk(line.name) || saysYolk(step.text));
      const oils = linesWhere(judged, ({ food }) => oilsPoured.has(food));
      return judged.recipe.steps
        .filter((step) => beats(step) && !slowly(step))
        .filter((step) => oils.some(({ line }) => usesLine(step, line.id)))
        .filter((step) => yolks.some((each) => isYolk(each, step)))
        .slice(0, 1)
        .map(({ id }) => ({
          stepId: id,
          sentence: 'oil goes into the yolk all at once',
          remedy: 'Whisk it in by drops, then in a thin stream: at once it splits.',
        }));
    },
  },
  {
    id: 'bitter-oil',
    severity: 'spoils the dish',
    source: 'the trade',
    note: 'blend-dip',
    find: (judged) => {
      const oils = linesWhere(judged, ({ food }) => food.id === 'extra-virgin-olive-oil');
      const yolks = linesWhere(judged, ({ food }) => food.id === 'egg');
      return judged.recipe.steps
        .filter(blends)
        .filter((step) => [oils, yolks].every((all) => all.some(({ line }) => usesLine(step, line.id))))
        .map(({ id }) => ({
          ...swapOf(judged, 'extra-virgin-olive-oil', 'rapeseed-oil'),
          stepId: id,
          sentence: 'extra virgin oil is beaten hard by a machine',
          remedy: 'Blend with a mild oil, and stir the extra virgin in by hand: beaten, it turns bitter.',
        }));
    },
  },
  {
    id: 'nuts-scorched',
    severity: 'spoils the dish',
    source: 'the trade',
    note: 'toast-nuts-seeds',
    find: (judged) =>
      linesWhere(judged, ({ food }) => nutsAndSeeds.has(food)).flatMap(({ line }) =>
        stepsOf(judged, line)
          .filter((step) => usesLine(step, line.id) && toasts(step))
          .filter((step) => {
            const isLong = (step.waitMinutes?.low ?? 0) > mostToast.minutes;
            return step.uses.length === 1 && (degreesOf(step) > mostToast.celsius || isLong);
          })
          .map((step) => ({
            stepId: step.id,
            sentence: `${theFoodIs(line)} toasted too hot or too long`,
            remedy: 'At 160–180 °C, 6–12 min, shaken once; they go on browning on a hot tray.',
          })),
      ),
  },
  {
    id: 'garlic-burnt',
    severity: 'spoils the dish',
    source: 'the trade',
    note: 'mince-garlic-ginger',
    find: ({ recipe }) =>
      recipe.steps
        .filter((step) => fries(step) && burnsGarlic(step))
        .map(({ id }) => ({
          stepId: id,
          sentence: 'garlic is fried until it is brown',
          remedy: 'Take it off when it is pale gold: brown, it is bitter in all of the dish.',
        })),
  },
  {
    id: 'yoghurt-boiled',
    severity: 'spoils the dish',
    source: 'the trade',
    note: null,
    find: (judged) =>
      linesWhere(judged, ({ food }) => splits.has(food)).flatMap(({ line }) =>
        stepsOf(judged, line)
          .filter((step) => usesLine(step, line.id) && cooksInWater(step) && !offHeat(step))
          .map((step) => ({
            stepId: step.id,
            sentence: `${theFoodIs(line)} boiled`,
            remedy: 'Stir it in off the heat: boiled, it splits.',
          })),
      ),
  },
  {
    id: 'basil-cooked',
    severity: 'spoils the dish',
    source: 'the trade',
    note: 'strip-herbs',
    find: (judged) =>
      linesWhere(judged, ({ food }) => softHerbs.has(food)).flatMap(({ line }) =>
        stepsOf(judged, line)
          .filter((step) => usesLine(step, line.id) && (cooksInWater(step) || roasts(step)))
          .slice(0, 1)
          .map((step) => ({
            stepId: step.id,
            sentence: `${theFoodIs(line)} cooked through`,
            remedy: 'Add soft herbs at the end: cooked, they lose their green and their scent.',
          })),
      ),
  },
  {
    id: 'acid-with-beans',
    severity: 'costs time',
    source: 'the trade',
    note: 'soak-and-cook-pulses',
    find: (judged) =>
      linesWhere(judged, ({ food }) => beans.has(food)).flatMap(({ line }) =>
        stepsOf(judged, line)
          .filter((step) => (usesLine(step, line.id) || names(step, 'beans')) && cooksInWater(step))
          .filter((step) =>
            linesWhere(judged, ({ food }) => acidic.has(food)).some((acid) => usesLine(step, acid.line.id)),
          )
          .map((step) => ({
            stepId: step.id,
            sentence: `${theFoodIs(line)} boiled with something sour`,
            remedy: 'Add what is sour when they are soft: in acid they stay hard for hours.',
          })),
      ),
  },
  {
    id: 'eggs-not-cooled',
    severity: 'spoils the dish',
    source: 'the trade',
    note: 'boil-eggs',
    find: (judged) =>
      linesWhere(judged, ({ food }) => eggs.has(food)).flatMap(({ line }) => {
        const steps = stepsOf(judged, line);
        const boiled = steps.find((step) => usesLine(step, line.id) && boils(step));
        if (!boiled || otherEggs(boiled)) return [];
        if (steps.some(cools)) return [];
        return [
          {
            stepId: boiled.id,
            sentence: `${theFoodIs(line)} not cooled after boiling`,
            remedy: 'Put them into cold water at once: else they go on cooking, ring grey and peel badly.',
          },
        ];
      }),
  },
];
