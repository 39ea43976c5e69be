import { dilutionOf } from '../dressing/index.js';
import { family } from '../larder/index.js';
import { doing, either, saying } from '../recipes/index.js';
import { linesWhere, names, stepsOf, theFoodIs } from './reading.js';
import type { Rule } from './types.js';

const tinned = family('tinned pulses');
const cultured = family('cultured milk');
const blends = doing('blend');
const stillHot = saying('still hot');
const vented = either(doing('cool'), saying('vented', 'cold'));
const juices = either(doing('squeeze'), saying('juice'));
const zests = either(doing('zest'), saying('zest'));
const washes = doing('wash');
const dries = either(doing('dry'), saying('dry'));
const drains = either(doing('drain', 'rinse'), saying('drained', 'washed'));
const looses = either(
  doing('salt', 'squeeze', 'drain', 'stone', 'pat'),
  saying('salted', 'squeezed', 'drained'),
);

/** Mistakes of the hand: order, water, heat in a blender. */
export const handlingRules: readonly Rule[] = [
  {
    id: 'blended-hot',
    severity: 'harm',
    source: 'the trade',
    note: 'blend-dip',
    find: ({ recipe }) =>
      recipe.steps
        .filter((step) => blends(step) && stillHot(step) && !vented(step))
        .map(({ id }) => ({
          stepId: id,
          sentence: 'hot food is blended',
          remedy: 'Fill the blender to a third, vent the lid under a cloth, and start slowly.',
        })),
  },
  {
    id: 'zest-after-juice',
    severity: 'spoils the dish',
    source: 'the trade',
    note: 'zest-before-juicing',
    find: (judged) =>
      linesWhere(judged, ({ food }) => food.byProducts?.zestGrams !== undefined)
        .flatMap(({ food }) => {
          const lines = linesWhere(judged, (each) => each.food.id === food.id).map(({ line }) => line.id);
          const own = judged.recipe.steps.filter(
            (step) => names(step, food.names.uk) || step.uses.some(({ line }) => lines.includes(line)),
          );
          const juiced = own.findIndex((step) => juices(step) && !zests(step));
          const zested = own.findIndex(zests);
          if (juiced < 0 || zested <= juiced) return [];
          return [
            {
              stepId: own[zested]!.id,
              sentence: `the ${food.names.uk} is zested after it is squeezed`,
              remedy: 'Zest it whole, then squeeze it.',
            },
          ];
        })
        .filter((each, index, all) => all.findIndex(({ stepId }) => stepId === each.stepId) === index),
  },
  {
    id: 'tin-not-drained',
    severity: 'spoils the dish',
    source: 'the trade',
    note: 'drain-tins',
    find: (judged) =>
      linesWhere(judged, ({ food }) => tinned.has(food))
        .filter(({ line }) => !line.preparation.some((form) => form === 'drained' || form === 'rinsed'))
        .filter(({ line }) => !stepsOf(judged, line).some(drains))
        .map(({ line }) => ({
          stepId: null,
          sentence: `${theFoodIs(line)} not drained`,
          remedy: 'Drain and rinse them, and let them dry: their liquid thins the dressing and is salty.',
        })),
  },
  {
    id: 'leaves-not-dried',
    severity: 'spoils the dish',
    source: 'the trade',
    note: 'wash-and-dry-leaves',
    find: (judged) =>
      linesWhere(judged, ({ food }) => food.cautions.includes('wash-leaves'))
        .flatMap(({ line }) => {
          const steps = stepsOf(judged, line);
          const washing = steps.find(washes);
          if (!washing || steps.some(dries)) return [];
          return [
            {
              stepId: washing.id,
              sentence: `${theFoodIs(line)} washed and not dried`,
              remedy: 'Spin or towel them dry: water keeps the dressing off and thins it.',
            },
          ];
        })
        .filter((each, index, all) => all.findIndex(({ stepId }) => stepId === each.stepId) === index),
  },
  {
    id: 'cucumber-in-yoghurt',
    severity: 'spoils the dish',
    source: 'the trade',
    note: 'salt-and-blot',
    find: (judged) => {
      const yoghurt = linesWhere(judged, ({ food }) => cultured.has(food));
      const mixedIn = new Set(yoghurt.map(({ line }) => line.componentId));
      return linesWhere(judged, ({ food }) => food.id === 'cucumber')
        .filter(({ line }) => !stepsOf(judged, line).some(looses))
        .filter(({ line }) => !line.preparation.includes('seeded') && mixedIn.has(line.componentId))
        .map(({ line }) => ({
          stepId: stepsOf(judged, line)[0]?.id ?? null,
          sentence: `${theFoodIs(line)} not salted or squeezed before the yoghurt`,
          remedy: 'Salt it, leave it 10 min and squeeze it: else the yoghurt is water in half an hour.',
        }));
    },
  },
  {
    id: 'thinned-dressing',
    severity: 'spoils the dish',
    source: 'the trade',
    note: null,
    find: ({ recipe, larder }) => {
      const { lines, millilitres } = dilutionOf(recipe, larder);
      if (millilitres < mostLiquid || !recipe.components.some(({ role }) => role === 'dressing')) return [];
      return [
        {
          stepId: null,
          sentence:
            `${lines.map(({ name, what }) => `${name} ${what}`).join(' and ')} bring about ` +
            `${Math.round(millilitres / 5) * 5} ml of liquid`,
          remedy: 'Drain or squeeze them first, or season again just before it is eaten.',
        },
      ];
    },
  },
];

/** More liquid than this, for the recipe as written, is tasted. ~ */
const mostLiquid = 40;
