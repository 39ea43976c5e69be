import { family } from '../larder/index.js';
import { cutGreens } from '../safety/index.js';
import { doing, saying, textSays, wasDone } from '../recipes/index.js';
import {
  type FoodLine,
  follow,
  heats,
  linesWhere,
  middleWords,
  stepsOf,
  swapOf,
  theFoodIs,
} from './reading.js';
import type { Judged, Rule } from './types.js';

const poultry = family('poultry');
const saysDone = textSays('cooked through');
const minced = family('minced meat');
const flour = family('flour');
const signOfDone = saying('cooked through');
const reused = saying('used marinade');
const pours = doing('pour', 'drizzle', 'dress', 'serve', 'brush', 'baste', 'spoon', 'toss');
const boils = doing('boil');
const marinates = doing('marinate');
const wasBoiled = wasDone('boil', 'hard-boil', 'soft-boil');

function rawProteins(judged: Judged): FoodLine[] {
  return linesWhere(judged, ({ food }) => food.cautions.includes('raw-protein'));
}

export const rawRules: readonly Rule[] = [
  {
    id: 'raw-egg',
    severity: 'harm',
    source: 'general advice',
    note: null,
    find: (judged) =>
      linesWhere(judged, ({ food }) => food.cautions.includes('raw-egg'))
        .filter(({ line }) => !stepsOf(judged, line).some(heats))
        .filter(({ line }) => !line.preparation.includes('cooked') && !wasBoiled(line))
        .map(({ line, food }) => ({
          ...swapOf(
            judged,
            food.id,
            line.byProducts.includes('yolk') ? 'pasteurised-yolk' : 'pasteurised-egg',
          ),
          stepId: stepsOf(judged, line)[0]?.id ?? null,
          sentence: `${theFoodIs(line)} eaten raw`,
          remedy:
            'Take pasteurised egg, or eggs of an assured scheme where your advice allows them, and leave ' +
            `it out for those at risk: small children, the old, pregnant or ill people. ${follow}`,
        })),
  },
  {
    id: 'raw-meets-ready',
    severity: 'harm',
    source: 'general advice',
    note: null,
    find: (judged) => {
      const raw = rawProteins(judged);
      const ready = new Set(
        linesWhere(judged, ({ food }) => cutGreens.includes(food.id) || food.section === 'bakery').map(
          ({ line }) => line.id,
        ),
      );
      return judged.recipe.steps.flatMap((step) => {
        const own = raw.find(({ line }) => step.uses.some((use) => use.line === line.id));
        const isRawYet =
          own &&
          !heats(step) &&
          !stepsOf(judged, own.line).some((each) => isBefore(judged, each.id, step.id) && heats(each));
        if (!own || !isRawYet || !step.uses.some(({ line }) => ready.has(line))) return [];
        return [
          {
            stepId: step.id,
            sentence: `raw ${own.line.name} and food that is eaten as it is are in one step`,
            remedy: `Keep them apart: a board and a bowl of its own, hands washed in between. ${follow}`,
          },
        ];
      });
    },
  },
  {
    id: 'marinade-reused',
    severity: 'harm',
    source: 'general advice',
    note: null,
    find: (judged) =>
      rawProteins(judged).length === 0
        ? []
        : judged.recipe.steps
            .filter((step) => reused(step) && pours(step) && !boils(step))
            .filter((step) => judged.recipe.steps.some((each) => each.id !== step.id && marinates(each)))
            .map((step) => ({
              stepId: step.id,
              sentence: 'a marinade that touched raw food is used again',
              remedy: `Set some aside before the raw food goes in, or boil it before it is poured. ${follow}`,
            })),
  },
  {
    id: 'cooked-to-what',
    severity: 'harm',
    source: 'general advice',
    note: null,
    find: (judged) =>
      linesWhere(
        judged,
        ({ food }) => food.cautions.includes('raw-protein') && (poultry.has(food) || minced.has(food)),
      ).flatMap(({ line, food }) => {
        const cooking = stepsOf(judged, line).filter(heats);
        const [first] = cooking;
        if (!first || cooking.some((step) => signOfDone(step) || saysDone(step.until))) return [];
        return [
          {
            stepId: first.id,
            sentence: `it is not said when ${theFoodIs(line)} done`,
            remedy:
              `Until ${middleWords(judged, minced.has(food))} in the middle, by a probe, and the ` +
              `juices run clear. ${follow}`,
          },
        ];
      }),
  },
  {
    id: 'raw-flour',
    severity: 'harm',
    source: 'general advice',
    note: null,
    find: (judged) =>
      linesWhere(judged, ({ food }) => flour.has(food))
        .filter(({ line }) => !stepsOf(judged, line).some(heats))
        .map(({ line }) => ({
          stepId: stepsOf(judged, line)[0]?.id ?? null,
          sentence: `${theFoodIs(line)} eaten raw`,
          remedy: `Cook what it thickens, or take cornflour and boil it up. ${follow}`,
        })),
  },
];

/** Whether a step is written before another. */
function isBefore({ recipe: { steps } }: Judged, one: string, other: string): boolean {
  return steps.findIndex(({ id }) => id === one) < steps.findIndex(({ id }) => id === other);
}
