import { safetyFigures } from '../safety/index.js';
import { type FoodLine, follow, linesWhere, stepsOf, swapOf, theFoodIs } from './reading.js';
import type { Judged, Rule } from './types.js';

/** Dried beans of the kidney kind: raw and half cooked they make people ill. */
function kidneyBeans(judged: Judged): FoodLine[] {
  return linesWhere(
    judged,
    ({ line, food }) => food.cautions.includes('kidney-type-beans') && !line.preparation.includes('cooked'),
  );
}

const soaks = /\bsoak/i;
const throwsAway =
  /\b(?:throw|drain|discard|pour (?:off|away)|fresh water|rinse|change the water|new water)/i;
const boils =
  /\b(?:boil|simmer|pressure|cook(?:ed)? (?:them |the beans |it )?in (?:fresh |plenty of )?water)/i;
const boilsHard =
  /\bboil\w*\b[^.]*\b(?:hard|fast|rapidly|vigorously)\b|\b(?:hard|fast|rapid|rolling|vigorous) boil/i;

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
const tinned = (id: string) => id.replace(/^dried-/, 'tinned-');

export const pulseRules: readonly Rule[] = [
  {
    id: 'beans-not-soaked',
    severity: 'harm',
    source: 'general advice',
    note,
    find: (judged) =>
      kidneyBeans(judged)
        .filter(({ line }) => !stepsOf(judged, line).some(({ text }) => soaks.test(text)))
        .filter(({ line }) => !line.preparation.includes('soaked') && !soaks.test(line.note))
        .map(({ line, food }) => ({
          stepId: null,
          sentence: `${theFoodIs(line)} not soaked`,
          remedy: howTo(judged),
          ...swapOf(judged, food.id, tinned(food.id)),
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
        const soaking = steps.find(({ text }) => soaks.test(text));
        if (!soaking || steps.some(({ text }) => throwsAway.test(text))) return [];
        return [
          {
            stepId: soaking.id,
            sentence: `${theFoodIs(line)} not said to lose the water that they soaked in`,
            remedy: howTo(judged),
            ...swapOf(judged, food.id, tinned(food.id)),
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
        .filter(({ line }) => !stepsOf(judged, line).some(({ text }) => boils.test(text)))
        .map(({ line, food }) => ({
          stepId: null,
          sentence: `${theFoodIs(line)} not boiled`,
          remedy: howTo(judged),
          ...swapOf(judged, food.id, tinned(food.id)),
        })),
  },
  {
    id: 'beans-boiled-short',
    severity: 'harm',
    source: 'general advice',
    note,
    find: (judged) =>
      kidneyBeans(judged).flatMap(({ line, food }) => {
        const boiling = stepsOf(judged, line).filter(({ text }) => boils.test(text));
        const minutes = boiling.reduce((sum, { waitMinutes }) => sum + (waitMinutes?.low ?? 0), 0);
        const isHard = boiling.some(({ text }) => boilsHard.test(text));
        if (boiling.length === 0 || isHard || minutes >= hardMinutes(judged)) return [];
        return [
          {
            stepId: boiling[0]!.id,
            sentence: `${theFoodIs(line)} boiled for less than ${hardMinutes(judged)} min`,
            remedy: howTo(judged),
            ...swapOf(judged, food.id, tinned(food.id)),
          },
        ];
      }),
  },
];
