import { findIngredient, type Ingredient, presumedOf } from '../larder/index.js';
import {
  doing,
  either,
  inOneAct,
  isDone,
  isSaid,
  type RecipeLine,
  type RecipeStep,
  saying,
  textSays,
  wasDone,
} from '../recipes/index.js';
import { safetyFigures } from '../safety/index.js';
import { cooksInWater, follow, stepsOf, swapOf, theFoodIs } from './reading.js';
import type { Found, Judged, Rule } from './types.js';

/** Dried beans of the kidney kind: raw and half cooked they make people ill. */
function kidneyBeans({ recipe, larder }: Judged): BeanLine[] {
  return recipe.lines.flatMap((line) => {
    const food = findIngredient(larder, line.ingredient);
    const kind = food ?? (isDry(line.text) ? presumedOf(line.name)?.food : null);
    const isKind = kind?.cautions.includes('kidney-type-beans');
    return isKind && !line.preparation.includes('cooked') ? [{ line, food }] : [];
  });
}

/** A line of beans; the larder may not know which. */
interface BeanLine {
  readonly line: RecipeLine;
  readonly food: Ingredient | null;
}

/** Beans under a name that the larder does not have are of the kind where they are dry. */
const isDry = textSays('dry');

const soaks = either(doing('soak'), saying('soaked'));
const throwsAway = either(doing('discard', 'drain', 'rinse'), saying('fresh water', 'drained'));
const cooksWet = inOneAct(isDone('cook'), isSaid('in water'));
const boils = either(cooksInWater, cooksWet, saying('under pressure'));
const boilsHard = saying('hard boil');
const bubbles = either(doing('boil'), saying('under pressure'));
const onlySimmers = (step: RecipeStep) => doing('simmer', 'poach')(step) && !bubbles(step);
const wasSoaked = wasDone('soak');

/** The longer of what is advised, for who has set nothing. */
const longestBoil = 30;

/** Minutes that they are boiled hard: UK-style 10, US-style 30, or the kitchen's own. */
function hardMinutes({ profile }: Judged): number {
  return safetyFigures(profile).beansBoilMinutes ?? longestBoil;
}

const howTo = (judged: Judged) =>
  `Soak them, throw that water away, and boil them hard for ${hardMinutes(judged)} min in fresh water ` +
  `before they go on; never only in a slow or a low oven. ${follow}`;

const note = 'soak-and-cook-pulses';
/** The same beans from a tin, boiled already. */
function tinnedInstead(judged: Judged, food: Ingredient | null): Pick<Found, 'swap'> {
  return food ? swapOf(judged, food.id, food.id.replace('dried-', 'tinned-')) : {};
}

export const pulseRules: readonly Rule[] = [
  {
    id: 'beans-not-soaked',
    severity: 'harm',
    source: 'general advice',
    note,
    find: (judged) =>
      kidneyBeans(judged)
        .filter(({ line }) => !stepsOf(judged, line).some(soaks))
        .filter(({ line }) => !line.preparation.includes('soaked') && !wasSoaked(line))
        .map(({ line, food }) => ({
          stepId: null,
          sentence: `${theFoodIs(line)} not soaked`,
          remedy: howTo(judged),
          ...tinnedInstead(judged, food),
        })),
  },
  {
    id: 'beans-soaking-water',
    severity: 'harm',
    source: 'general advice',
    note,
    find: (judged) =>
      kidneyBeans(judged).flatMap(({ line, food }) => {
        const steps = stepsOf(judged, line);
        const soaking = steps.find(soaks);
        if (!soaking || steps.some(throwsAway)) return [];
        return [
          {
            stepId: soaking.id,
            sentence: `${theFoodIs(line)} not said to lose the water that they soaked in`,
            remedy: howTo(judged),
            ...tinnedInstead(judged, food),
          },
        ];
      }),
  },
  {
    id: 'beans-not-boiled',
    severity: 'harm',
    source: 'general advice',
    note,
    find: (judged) =>
      kidneyBeans(judged)
        .filter(({ line }) => !stepsOf(judged, line).some(boils))
        .map(({ line, food }) => ({
          stepId: null,
          sentence: `${theFoodIs(line)} not boiled`,
          remedy: howTo(judged),
          ...tinnedInstead(judged, food),
        })),
  },
  {
    id: 'beans-only-simmered',
    severity: 'harm',
    source: 'general advice',
    note,
    find: (judged) =>
      kidneyBeans(judged).flatMap(({ line, food }) => {
        const steps = stepsOf(judged, line);
        const cooking = steps.filter(boils);
        if (cooking.length === 0 || !cooking.every(onlySimmers) || steps.some(boilsHard)) return [];
        return [
          {
            stepId: cooking[0]!.id,
            sentence: `${theFoodIs(line)} only simmered`,
            remedy: howTo(judged),
            ...tinnedInstead(judged, food),
          },
        ];
      }),
  },
  {
    id: 'beans-boiled-short',
    severity: 'harm',
    source: 'general advice',
    note,
    find: (judged) =>
      kidneyBeans(judged).flatMap(({ line, food }) => {
        const boiling = stepsOf(judged, line).filter(boils);
        const minutes = boiling.reduce((sum, { waitMinutes }) => sum + (waitMinutes?.low ?? 0), 0);
        const isHard = boiling.some(boilsHard);
        if (boiling.length === 0 || isHard || minutes >= hardMinutes(judged)) return [];
        return [
          {
            stepId: boiling[0]!.id,
            sentence: `${theFoodIs(line)} boiled for less than ${hardMinutes(judged)} min`,
            remedy: howTo(judged),
            ...tinnedInstead(judged, food),
          },
        ];
      }),
  },
];
