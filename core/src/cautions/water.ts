import { family } from '../larder/index.js';
import { linesWhere, stepsOf, theFoodIs, usesLine } from './reading.js';
import type { Rule } from './types.js';

const rinses = /\b(?:rinse|wash|soak|drain|desalt)/i;
const looses = /\b(?:salt|squeez|drain|pat|wring)/i;
const dries = /\b(?:press|dry|dried|pat|blot|towel|squeez)/i;
const inSalt = family('kept in salt');
const tofu = family('tofu');
const quinoa = family('quinoa');
const sesamePaste = family('sesame paste');
const sour = family('sour');

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
        const grated = steps.find(
          (step) => usesLine(step, line.id) && /\bgrat/i.test(`${step.text} ${line.note}`),
        );
        if (!grated || steps.some(({ text }) => looses.test(text) || /\bfry|\broast/i.test(text))) return [];
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
      linesWhere(judged, ({ food }) => tofu.has(food.id)).flatMap(({ line }) => {
        const steps = stepsOf(judged, line);
        const fried = steps.find(
          (step) => usesLine(step, line.id) && /\b(?:fry|crisp|sear|roast)/i.test(step.text),
        );
        if (!fried || steps.some(({ text }) => dries.test(text)) || dries.test(line.note)) return [];
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
      linesWhere(judged, ({ food }) => inSalt.has(food.id))
        .filter(({ line }) => !stepsOf(judged, line).some(({ text }) => rinses.test(text)))
        .filter(
          ({ line }) =>
            !rinses.test(line.note) &&
            !line.preparation.some((form) => form === 'rinsed' || form === 'soaked'),
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
      linesWhere(judged, ({ food }) => quinoa.has(food.id))
        .filter(({ line }) => !line.preparation.includes('cooked') && !rinses.test(line.note))
        .filter(({ line }) => stepsOf(judged, line).some((step) => usesLine(step, line.id)))
        .filter(({ line }) => !stepsOf(judged, line).some(({ text }) => /\b(?:rinse|wash)/i.test(text)))
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
      linesWhere(judged, ({ food }) => sesamePaste.has(food.id)).flatMap(({ line }) => {
        const mixed = judged.recipe.steps.find(
          (step) =>
            usesLine(step, line.id) &&
            judged.recipe.lines.some((each) => usesLine(step, each.id) && sour.has(each.ingredient ?? '')),
        );
        const hasWater = judged.recipe.lines.some(({ ingredient, text }) =>
          /water|yoghurt|liquid|\bice\b|stock|chickpea|aubergine|beans/.test(`${ingredient ?? ''} ${text}`),
        );
        if (
          !mixed ||
          hasWater ||
          judged.recipe.steps.some(({ text }) => /\b(?:water|loosen|thin)\b/i.test(text))
        )
          return [];
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
