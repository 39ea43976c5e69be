import {
  doing,
  either,
  inOneAct,
  isDone,
  isSaid,
  type RecipeStep,
  saying,
  textSays,
} from '../recipes/index.js';
import { follow, heats } from './reading.js';
import type { Rule } from './types.js';

/** Whether a step fries in deep oil. */
export const deep = either(
  doing('deep-fry'),
  inOneAct(isDone('submerge'), isSaid('oil')),
  inOneAct((act) => act.way === 'fat', isSaid('hot oil')),
);
const saysAlight = textSays('alight');
const setsAlight = either(doing('ignite'), saying('alight', 'flambe'), (step: RecipeStep) =>
  saysAlight(step.text),
);
const hotSugar = textSays('hot sugar');
const dryIce = textSays('dry ice');

/** What burns people: deep oil, flames, melted sugar, and what is far colder than ice. */
export const burnRules: readonly Rule[] = [
  {
    id: 'deep-fried',
    severity: 'harm',
    source: 'general advice',
    note: 'fry',
    find: ({ recipe }) =>
      recipe.steps
        .filter(deep)
        .slice(0, 1)
        .map(({ id }) => ({
          stepId: id,
          sentence: 'food is fried in deep oil',
          remedy:
            'One pan, one cook in charge, half full at most, with a thermometer in it and a lid beside it; ' +
            `never water on burning oil. ${follow}`,
        })),
  },
  {
    id: 'hot-sugar',
    severity: 'harm',
    source: 'general advice',
    note: null,
    find: ({ recipe }) =>
      recipe.steps
        .filter((step) => hotSugar(step.text) && heats(step))
        .slice(0, 1)
        .map(({ id }) => ({
          stepId: id,
          sentence: 'sugar is melted, far hotter than boiling water',
          remedy: `The cook in charge does it, nobody near; cold water stands ready for burns. ${follow}`,
        })),
  },
  {
    id: 'dry-ice',
    severity: 'harm',
    source: 'general advice',
    note: null,
    find: ({ recipe }) =>
      [...recipe.lines, ...recipe.steps]
        .filter(({ text }) => dryIce(text))
        .slice(0, 1)
        .map(() => ({
          stepId: null,
          sentence: 'dry ice or liquid nitrogen burns, and takes the air to breathe',
          remedy: `Leave it out of a class: only trained people use it, and never serve it. ${follow}`,
        })),
  },
  {
    id: 'flambe',
    severity: 'harm',
    source: 'the trade',
    note: null,
    find: ({ recipe }) =>
      recipe.steps.filter(setsAlight).map(({ id }) => ({
        stepId: id,
        sentence: 'spirits are set alight',
        remedy:
          'Leave it out in a class, or let the cook in charge do it away from hair, sleeves and the ' +
          `hood. ${follow}`,
      })),
  },
];
