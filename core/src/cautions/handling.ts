import { dilutionOf } from '../dressing/index.js';
import { family } from '../larder/index.js';
import { linesWhere, names, stepsOf, theFoodIs } from './reading.js';
import type { Rule } from './types.js';

const tinned = family('tinned pulses');
const cultured = family('cultured milk');
const blends = /\b(?:blend|blitz|purée|puree|process)/i;
const stillHot = /\b(?:hot|warm|straight from the (?:pan|pot|oven)|just boiled)\b/i;
const vented = /\b(?:vent|third|lid (?:off|open|ajar)|cool|stick blender|cold)\b/i;
const juices = /\bjuice|squeeze/i;
const zests = /\bzest/i;
const washes = /\b(?:wash|rinse)/i;
const dries = /\b(?:dry|dried|spin|towel|pat)/i;
const drains = /\b(?:drain|rinse|strain)/i;
const looses = /\b(?:salt|squeez|drain|seed|pat)/i;

/** Mistakes of the hand: order, water, heat in a blender. */
export const handlingRules: readonly Rule[] = [
  {
    id: 'blended-hot',
    severity: 'harm',
    source: 'the trade',
    note: 'blend-dip',
    find: ({ recipe }) =>
      recipe.steps
        .filter(({ text }) => blends.test(text) && stillHot.test(text) && !vented.test(text))
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
          const juiced = own.findIndex(({ text }) => juices.test(text) && !zests.test(text));
          const zested = own.findIndex(({ text }) => zests.test(text));
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
      linesWhere(judged, ({ food }) => tinned.has(food.id))
        .filter(({ line }) => !line.preparation.some((form) => form === 'drained' || form === 'rinsed'))
        .filter(({ line }) => !stepsOf(judged, line).some(({ text }) => drains.test(text)))
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
          const washing = steps.find(({ text }) => washes.test(text));
          if (!washing || steps.some(({ text }) => dries.test(text))) return [];
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
      const yoghurt = linesWhere(judged, ({ food }) => cultured.has(food.id));
      const mixedIn = new Set(yoghurt.map(({ line }) => line.componentId));
      return linesWhere(judged, ({ food }) => food.id === 'cucumber')
        .filter(({ line }) => !stepsOf(judged, line).some(({ text }) => looses.test(text)))
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
