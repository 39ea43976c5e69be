import { family } from '../larder/index.js';
import { doing, either, saying, textSays, wasDone } from '../recipes/index.js';
import { linesWhere, stepsOf, theFoodIs, usesLine } from './reading.js';
import type { Rule } from './types.js';

const rinses = either(doing('wash', 'soak', 'drain'), saying('washed', 'soaked', 'drained'));
const wasRinsed = wasDone('wash', 'soak', 'drain');
const looses = either(doing('salt', 'squeeze', 'drain', 'pat'), saying('salted', 'squeezed', 'drained'));
const dries = either(doing('press', 'dry', 'squeeze'), saying('dry', 'pressed', 'squeezed'));
const wasDried = wasDone('press', 'dry', 'squeeze');
const grates = either(doing('grate'), saying('grate'));
const wasGrated = wasDone('grate');
const driesByHeat = doing('fry', 'roast');
const browns = doing('fry', 'roast');
const washes = either(doing('wash'), saying('washed'));
const loosens = either(doing('loosen', 'thin'), saying('water'));
const inSalt = family('kept in salt');
const tofu = family('tofu');
const quinoa = family('quinoa');
const sesamePaste = family('sesame paste');
const sour = family('sour');
const bringsWater = family('thins sesame paste');
const saysWater = textSays('water');

/** Water where it is not wanted, and salt that was not rinsed off. */
export const waterRules: readonly Rule[] = [
  {
    id: 'courgette-not-squeezed',
    severity: 'spoils the dish',
    source: 'the trade',
    note: 'salt-and-blot',
    find: (judged) =>
      linesWhere(judged, ({ food }) => food.id === 'courgette').flatMap(({ line }) => {
        const steps = stepsOf(judged, line);
        const grated = steps.find((step) => usesLine(step, line.id) && (grates(step) || wasGrated(line)));
        if (!grated || steps.some((step) => looses(step) || driesByHeat(step))) return [];
        return [
          {
            stepId: grated.id,
            sentence: `${theFoodIs(line)} grated and not squeezed`,
            remedy: 'Salt it, leave it 10 min and squeeze it in a cloth: it is nearly all water.',
          },
        ];
      }),
  },
  {
    id: 'tofu-not-pressed',
    severity: 'spoils the dish',
    source: 'the trade',
    note: 'fry',
    find: (judged) =>
      linesWhere(judged, ({ food }) => tofu.has(food)).flatMap(({ line }) => {
        const steps = stepsOf(judged, line);
        const fried = steps.find((step) => usesLine(step, line.id) && browns(step));
        if (!fried || steps.some(dries) || wasDried(line)) return [];
        return [
          {
            stepId: fried.id,
            sentence: `${theFoodIs(line)} fried wet`,
            remedy: 'Press it under a weight for 15 min and pat it dry: else it steams and sticks.',
          },
        ];
      }),
  },
  {
    id: 'salt-not-rinsed',
    severity: 'spoils the dish',
    source: 'the trade',
    note: 'rinse-capers',
    find: (judged) =>
      linesWhere(judged, ({ food }) => inSalt.has(food))
        .filter(({ line }) => !stepsOf(judged, line).some(rinses))
        .filter(
          ({ line }) =>
            !wasRinsed(line) && !line.preparation.some((form) => form === 'rinsed' || form === 'soaked'),
        )
        .map(({ line }) => ({
          stepId: stepsOf(judged, line)[0]?.id ?? null,
          sentence: `${theFoodIs(line)} not rinsed of the salt it was kept in`,
          remedy: 'Rinse it, and soak what is thick; then taste before any salt goes in.',
        })),
  },
  {
    id: 'quinoa-not-rinsed',
    severity: 'spoils the dish',
    source: 'the trade',
    note: 'cook-grains',
    find: (judged) =>
      linesWhere(judged, ({ food }) => quinoa.has(food))
        .filter(({ line }) => !line.preparation.includes('cooked') && !wasRinsed(line))
        .filter(({ line }) => stepsOf(judged, line).some((step) => usesLine(step, line.id)))
        .filter(({ line }) => !stepsOf(judged, line).some(washes))
        .map(({ line }) => ({
          stepId: stepsOf(judged, line)[0]?.id ?? null,
          sentence: `${theFoodIs(line)} not rinsed`,
          remedy: 'Rinse it until the water stays clear, unless the label says washed: its coat is bitter.',
        })),
  },
  {
    id: 'tahini-no-water',
    severity: 'spoils the dish',
    source: 'the trade',
    note: 'thicken-thin-dip',
    find: (judged) =>
      linesWhere(judged, ({ food }) => sesamePaste.has(food)).flatMap(({ line }) => {
        const mixed = judged.recipe.steps.find(
          (step) =>
            usesLine(step, line.id) &&
            linesWhere(judged, (each) => sour.has(each.food)).some((each) => usesLine(step, each.line.id)),
        );
        const hasWater = judged.recipe.lines.some(
          ({ ingredient, text }) => bringsWater.has(ingredient) || saysWater(text),
        );
        if (!mixed || hasWater || judged.recipe.steps.some(loosens)) return [];
        return [
          {
            stepId: mixed.id,
            sentence: 'tahini meets something sour, and no water',
            remedy:
              'It stiffens with acid: have cold water at hand, and beat it in by the spoon until it runs.',
          },
        ];
      }),
  },
];
