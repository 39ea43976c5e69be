import { showNumber, toNumber } from '../../amounts/index.js';
import type { Batch, DishPortions } from '../../portions/index.js';
import type { RecipeStep } from '../../recipes/index.js';

/** Work longer than this at a station is shared by two pairs of hands. */
const shareWorkOverMinutes = 12;

/** The rounds that the fullest vessel of a step asks for, for the batch in question or any. */
export function roundsFor(step: RecipeStep, portions: DishPortions, batch: Batch | null): number {
  // A second serving dish or box is filled in the same go; a bowl or a pan is worked in again.
  const fits = portions.fits.filter(
    (fit) =>
      fit.stepId === step.id &&
      fit.kind !== 'serving dish' &&
      fit.kind !== 'storage box' &&
      (!batch || fit.batchId === batch.id),
  );
  return fits.reduce((most, fit) => Math.max(most, fit.rounds), 1);
}

/** Bringing a litre of water to the boil on a ring. A starting estimate. */
export const minutesALitre = 3;
/** Litres of water to a litre of food in a pot: two fifths of it are food. */
const waterToFood = 1.5;

/**
 * Minutes that a pot takes longer to boil than the recipe counts with, because it holds more water than for
 * the recipe as written.
 */
export function heatingFor(step: RecipeStep, portions: DishPortions, batch: Batch | null): number {
  const fits = portions.fits.filter(
    (fit) => fit.stepId === step.id && fit.kind === 'pot' && (!batch || fit.batchId === batch.id),
  );
  const more = fits.map((fit) => {
    const factor = toNumber(portions.batches.find((each) => each.id === fit.batchId)!.factor);
    return ((fit.food / fit.rounds - fit.food / factor) / 1000) * waterToFood * fit.rounds;
  });
  return Math.round(Math.max(0, ...more) * minutesALitre);
}

/** Emptying and filling a vessel again. A starting estimate. */
const minutesBetweenRounds = 1;

export function largest(batches: readonly Batch[]): Batch | null {
  return batches.reduce<Batch | null>(
    (best, each) => (!best || toNumber(each.factor) > toNumber(best.factor) ? each : best),
    null,
  );
}

/**
 * Hands-on minutes for a batch: they grow with the amount per pair of hands, but never fall under half of
 * what is written; loading something that then waits grows only past a double batch. Starting estimates.
 */
export function handsOn(
  step: RecipeStep,
  factor: number,
  at: { hands: number; pace: number; rounds: number },
): { minutes: number; pairs: number; how: { label: string; value: string; note?: string }[] } {
  const growth = step.waitMinutes ? Math.max(1, factor / 2) : Math.max(0.5, factor);
  const alone = step.handsOnMinutes * growth * at.pace;
  const pairs = alone > shareWorkOverMinutes && at.hands >= 2 ? 2 : 1;
  const again = step.handsOnMinutes > 0 ? (at.rounds - 1) * minutesBetweenRounds : 0;
  const minutes = Math.max(1, Math.ceil(alone / pairs - 1e-9) + again);
  const how = [
    { label: 'Hands-on, as written', value: `${step.handsOnMinutes} min` },
    {
      label: `× ${showNumber(growth)} for ${showNumber(factor)} batches`,
      value: `${showNumber(step.handsOnMinutes * growth)} min`,
      note: step.waitMinutes
        ? 'Loading grows only past a double batch.'
        : growth > factor
          ? 'Never under half of what is written.'
          : undefined,
    },
    ...(at.pace === 1
      ? []
      : [{ label: `× ${at.pace} for people who are learning`, value: `${showNumber(alone)} min` }]),
    ...(pairs > 1 ? [{ label: 'Two pairs of hands', value: `${minutes - again} min` }] : []),
    ...(again > 0
      ? [{ label: `${at.rounds} rounds: it does not fit at once`, value: `+ ${again} min` }]
      : []),
  ];
  return { minutes, pairs, how };
}

const longestTitle = 46;

/** The first clause of a step, for a bar of the clock. */
export function shortTitle(text: string): string {
  const clause = text
    .split(/[.;:]| until | then /)[0]!
    .trim()
    .replace(/,$/, '');
  if (clause.length <= longestTitle) return clause;
  const cut = clause.slice(0, longestTitle);
  const end = cut.lastIndexOf(' ') > 20 ? cut.lastIndexOf(' ') : longestTitle;
  return `${cut.slice(0, end).replace(/[,\s]+$/, '')} …`;
}

/** What happens by itself while nobody's hands are at it. */
const waitingVerbs =
  'roast|bake|toast|grill|char|boil|simmer|steam|poach|soak|marinate|chill|cool|freeze|thaw|rest|stand|' +
  'leave|drain|soften|melt|warm|reduce|infuse|set';
const verbWithObject = new RegExp(
  `\\b(${waitingVerbs})\\b(?:\\s+(the [a-z -]+?)(?=[,.;:]| ` +
    `(?:and|in|into|on|over|with|for|until|to|at|as|hard|gently|slowly)\\b|$))?`,
  'i',
);
const firstObject =
  /\bthe [a-z -]+?(?=[,.;:]| (?:and|in|into|on|over|with|for|until|to|at|as|away|off|out|dry)\b|$)/i;

/**
 * What is waited for: "Cut the carrots, oil them and roast in one layer" is "Roast the carrots" while it
 * waits.
 */
export function waitingText(text: string): string {
  const found = verbWithObject.exec(text);
  if (!found || (found.index === 0 && !found[2])) return shortTitle(text);
  const verb = found[1]!.charAt(0).toUpperCase() + found[1]!.slice(1).toLowerCase();
  const object = found[2] ?? firstObject.exec(text)?.[0].toLowerCase();
  return object ? `${verb} ${object}` : verb;
}

/** A wait by its name, told apart from the work before it. */
export function nameOfWait(text: string): string {
  const waiting = waitingText(text);
  return shortTitle(text).startsWith(waiting) ? `${waiting}: waiting` : waiting;
}

export function waitTitle(step: RecipeStep): string {
  const setting = step.occupies?.setting.replace(/ °/g, '\u00a0°');
  return `${waitingText(step.text)}${setting ? `, ${setting}` : ''}`;
}
