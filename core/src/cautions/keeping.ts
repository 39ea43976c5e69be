import { family, keepingOf } from '../larder/index.js';
import {
  actsOf,
  doing,
  either,
  inOneAct,
  isDone,
  isSaid,
  type RecipeStep,
  saying,
  textSays,
} from '../recipes/index.js';
import { safetyFigures } from '../safety/index.js';
import { follow, heats, linesWhere, stepsOf, theFoodIs } from './reading.js';
import type { Judged, Rule } from './types.js';

const inOil = either(doing('infuse', 'steep', 'confit'), saying('in oil', 'infuse', 'steep'));
const aromatics = family('kept in oil only cold');
const rice = family('rice');
const warmPlace = saying('cupboard');
const day = 1440;
const mostDaysInOil = keepingOf('garlic', 'in oil')!.minutes / day;
const reheats = either(doing('reheat', 're-heat'), inOneAct(isDone('warm', 'heat'), isSaid('again')));
const isHot = saying('steaming hot');
const saysHot = textSays('steaming hot');

/** Days for which a step says that something keeps; 0 where it says none. */
function daysSaid(step: RecipeStep): number {
  return Math.max(0, ...actsOf(step).map(({ keeps }) => keeps ?? 0)) / day;
}

function reheatedTo({ profile }: Judged): string {
  const { reheatCelsius } = safetyFigures(profile);
  const inScotland = profile.style === 'uk' ? ' (82 °C in Scotland)' : '';
  return reheatCelsius === null
    ? 'to what your local code says, in the middle'
    : `${reheatCelsius} °C in the middle${inScotland}`;
}

export const keepingRules: readonly Rule[] = [
  {
    id: 'in-oil',
    severity: 'harm',
    source: 'general advice',
    note: null,
    find: (judged) =>
      linesWhere(judged, ({ food }) => aromatics.has(food)).flatMap(({ line }) =>
        stepsOf(judged, line)
          .filter((step) => inOil(step) && step.uses.some((use) => use.line === line.id))
          .filter(
            (step) =>
              warmPlace(step) ||
              daysSaid(step) > mostDaysInOil ||
              (step.holdMinutes ?? 0) > mostDaysInOil * day,
          )
          .map((step) => ({
            stepId: step.id,
            sentence: `${theFoodIs(line)} kept in oil for too long or too warm`,
            remedy: `Keep it cold and use it within ${mostDaysInOil} days. ${follow}`,
          })),
      ),
  },
  {
    id: 'rice-kept',
    severity: 'harm',
    source: 'general advice',
    note: 'cook-grains',
    find: (judged) =>
      linesWhere(judged, ({ food }) => rice.has(food)).flatMap(({ line }) =>
        stepsOf(judged, line)
          .filter((step) => heats(step) && ((step.holdMinutes ?? 0) > day || daysSaid(step) > 1))
          .map((step) => ({
            stepId: step.id,
            sentence: `cooked ${line.name} is kept for more than a day`,
            remedy: `Cool it fast and shallow, keep it cold, and eat it within 24 hours. ${follow}`,
          })),
      ),
  },
  {
    id: 'reheated-twice',
    severity: 'harm',
    source: 'general advice',
    note: null,
    find: ({ recipe }) => {
      const [, second] = recipe.steps.filter(reheats);
      return second
        ? [
            {
              stepId: second.id,
              sentence: 'food is heated again a second time',
              remedy: `Heat again only what is eaten then, and only once. ${follow}`,
            },
          ]
        : [];
    },
  },
  {
    id: 'reheated-to-what',
    severity: 'harm',
    source: 'general advice',
    note: null,
    find: (judged) =>
      judged.recipe.steps
        .filter((step) => reheats(step) && !isHot(step) && !saysHot(step.until))
        .map((step) => ({
          stepId: step.id,
          sentence: 'it is not said how hot food is heated again',
          remedy: `Until it is steaming hot: ${reheatedTo(judged)}. ${follow}`,
        })),
  },
];
