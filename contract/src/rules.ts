import { appliances, longestClassMinutes, quotedList, stepCircle } from '@fornax/core';
import { ValidateBy, type ValidationOptions } from 'class-validator';
import { rule, type Sentence } from './shapes.js';

const onTheDay: readonly string[] = [...appliances, 'bench'];

/** The limits of what can be entered. The forms and the server read the same numbers. */
export const limits = {
  people: { least: 1, most: 200 },
  peoplePerStation: { least: 1, most: 12 },
  lengthMinutes: { least: 30, most: longestClassMinutes },
  demonstrationPlates: { least: 0, most: 20 },
  serves: { least: 1, most: 200 },
  budget: { least: 0, most: 100_000 },
  sparePercent: { least: 0, most: 50 },
  titleLength: 160,
  dishes: 12,
  lines: 150,
  steps: 100,
  textLength: 4000,
  /** An instructor may show a step for longer than the plan would. */
  shownMinutes: 30,
  /** The largest amount of anything, in its unit. */
  amount: 1_000_000,
  /** The most batches of a recipe that another asks for, or that its least batch can be. */
  batches: 100,
} as const;

/** A short id, and that of an ingredient or a note. They become keys: none is a word of the language. */
export const shortId = /^(?!(?:constructor|prototype)$)[a-z0-9-]{1,40}$/i;
export const larderId = /^(?!(?:constructor|prototype)$)[a-z0-9-]{1,40}$/;

/** "2026-11-27T18:30", and a day that exists. */
export function isLocalDateTime(value: unknown): boolean {
  if (typeof value !== 'string' || !/^\d{4}-\d{2}-\d{2}T\d{2}:\d{2}$/.test(value)) return false;
  const read = new Date(`${value}:00Z`);
  return !Number.isNaN(read.getTime()) && read.toISOString().startsWith(value);
}

/** An exact amount as text, "3" or "3/4", above zero and no larger than a kitchen can want. */
export function isRational(value: unknown): boolean {
  return isFraction(value) && isWithin(value, 1 / limits.amount, limits.amount);
}

const fraction = /^(?!0+(?:\/|$))\d{1,15}(?:\/0*[1-9]\d{0,14})?$/;

function isFraction(value: unknown): value is string {
  return typeof value === 'string' && value.length <= 32 && fraction.test(value);
}

function isWithin(value: string, least: number, most: number): boolean {
  const [top, bottom = '1'] = value.split('/');
  const size = Number(top) / Number(bottom);
  return size >= least && size <= most;
}

function amountSentence(value: unknown): string {
  return isFraction(value)
    ? `An amount is at most ${limits.amount.toLocaleString('en-GB').replaceAll(',', ' ')}.`
    : 'Write an amount above zero, such as 2, ½ or 3/4.';
}

export function isTimeZone(value: unknown): boolean {
  if (typeof value !== 'string') return false;
  try {
    new Intl.DateTimeFormat('en', { timeZone: value });
    return true;
  } catch (error) {
    if (error instanceof RangeError) return false;
    throw error;
  }
}

/** Options taken, by choice: short ids on both sides. */
export function isChoices(value: unknown): boolean {
  if (typeof value !== 'object' || value === null || Array.isArray(value)) return false;
  const entries = Object.entries(value);
  return (
    entries.length <= 20 &&
    entries.every((pair) => pair.every((id) => typeof id === 'string' && shortId.test(id)))
  );
}

/** "2026-11-27", and a day that exists. */
export function isLocalDate(value: unknown): boolean {
  return typeof value === 'string' && isLocalDateTime(`${value}T00:00`);
}

/** Figures by key, each possible: the sentence names the first that is not. */
export function IsFigures(problemOf: (key: string, value: number) => string): PropertyDecorator {
  const problems = (value: unknown): string => {
    if (typeof value !== 'object' || value === null || Array.isArray(value) || Object.keys(value).length > 80)
      return 'Figures are given by their key.';
    for (const [key, figure] of Object.entries(value)) {
      const problem = typeof figure === 'number' ? problemOf(key, figure) : `“${key}” must be a number.`;
      if (problem) return problem;
    }
    return '';
  };
  return ValidateBy({
    name: 'isFigures',
    validator: {
      validate: (value) => problems(value) === '',
      defaultMessage: (given) => problems(given?.value),
    },
  });
}

/** A share just below one, exactly: "196/200" of what a recipe asks for. */
export function isShare(value: unknown): boolean {
  return isFraction(value) && isWithin(value, 0.98, 1);
}

/** Minutes from class start beyond which nothing is pinned: a month. */
const farthestPin = 60 * 24 * 31;

/** Short texts by short keys: larder ids, rows of a list, combinations of packs. */
function isTextMap(value: unknown, isValue: (text: unknown) => boolean): boolean {
  if (typeof value !== 'object' || value === null || Array.isArray(value)) return false;
  const entries = Object.entries(value);
  return entries.length <= 200 && entries.every(([key, text]) => key.length <= 200 && isValue(text));
}

/** An alternative is a part of a line. */
const longestAlternative = 400;

export const IsLarderIds = named(
  'isLarderIds',
  (value) => isTextMap(value, (text) => typeof text === 'string' && larderId.test(text)),
  'Choose ingredients from the larder.',
);
export const IsAlternatives = named(
  'isAlternatives',
  (value) =>
    isTextMap(
      value,
      (text) => typeof text === 'string' && text.length > 0 && text.length <= longestAlternative,
    ),
  'Take one of the alternatives that the recipe writes.',
);
/** A finding's note is a sentence or two. */
const longestNote = 400;

export const IsNotes = named(
  'isNotes',
  (value) => isTextMap(value, (text) => typeof text === 'string' && text.length <= longestNote),
  `Write why in up to ${longestNote} characters.`,
);
export const IsPackKeys = named(
  'isPackKeys',
  (value) => isTextMap(value, (text) => typeof text === 'string' && /^[0-9x.+~]{1,120}$/.test(text)),
  'Choose one of the combinations of packs.',
);
export const IsShares = named(
  'isShares',
  (value) => isTextMap(value, isShare),
  'A pack may fall short by 2 % at most.',
);
export const IsPins = named(
  'isPins',
  (value) => isTextMap(value, (start) => Number.isInteger(start) && Math.abs(start as number) <= farthestPin),
  'Pin a job to a whole minute within a month of the class.',
);
export const IsShownMinutes = named(
  'isShownMinutes',
  (value) =>
    isTextMap(
      value,
      (minutes) =>
        Number.isInteger(minutes) && (minutes as number) >= 0 && (minutes as number) <= limits.shownMinutes,
    ),
  `Show a step for whole minutes, from 0 to ${limits.shownMinutes}.`,
);
export const IsOnTheDay = named(
  'isOnTheDay',
  (value) =>
    isTextMap(
      value,
      (count) => Number.isInteger(count) && (count as number) >= 0 && (count as number) <= 40,
    ) && Object.keys(value as object).every((name) => onTheDay.includes(name)),
  'Write how many of an appliance, or benches, there are for this class, from 0 to 40.',
);
export const IsShownWith = named(
  'isShownWith',
  (value) => isTextMap(value, (step) => typeof step === 'string' && step.length > 0 && step.length <= 100),
  'Name the step with which it is shown.',
);
export const IsLocalDate = named('isLocalDate', isLocalDate, 'Write a date that exists.');
export const IsChoices = named('isChoices', isChoices, 'Choose one of the ways that the recipe has.');
export const IsLocalDateTime = named(
  'isLocalDateTime',
  isLocalDateTime,
  'Write a date and a time that exist.',
);
export const IsRational = named('isRational', isRational, amountSentence);
export const IsBatches = named(
  'isBatches',
  (value) => isFraction(value) && isWithin(value, 1 / limits.batches, limits.batches),
  `Write how many batches, from 1/${limits.batches} to ${limits.batches}.`,
);
export const IsTimeZone = named('isTimeZone', isTimeZone, 'Choose a time zone.');

/** One of a few words for steps, by step. */
export function IsStepChoices(words: readonly string[]): PropertyDecorator {
  return named(
    'isStepChoices',
    (value) => isTextMap(value, (word) => words.includes(word as string)),
    `Choose ${[words.slice(0, -1).join(', '), words[words.length - 1]].join(' or ')}.`,
  )();
}

/** A rule with a name and a sentence of its own, to be written above a field. */
function named(name: string, validate: (value: unknown) => boolean, sentence: string | Sentence) {
  return (options?: ValidationOptions): PropertyDecorator => rule(name, validate, sentence, options);
}

/** Steps come after steps that the recipe has, and none after itself by way of others. */
export const IsInOrder = named('isInOrder', (value) => orderProblem(value) === '', orderProblem);

interface NamedStep {
  readonly id: string;
  readonly text: string;
  readonly after: readonly string[];
}

function orderProblem(value: unknown): string {
  if (!Array.isArray(value) || !value.every(isNamedStep)) return '';
  const known = new Map(value.map((step) => [step.id, step]));
  if (value.some(({ after }) => after.some((id) => !known.has(id))))
    return 'A step comes after a step that is not there.';
  const circle = stepCircle(value)?.map((id) => shortened(known.get(id)!.text));
  if (!circle) return '';
  return circle.length === 1
    ? `A step comes after itself: ${quotedList(circle)}.`
    : `Steps come after each other in a circle: ${quotedList(circle, 4)}.`;
}

function isNamedStep(value: unknown): value is NamedStep {
  const { id, text, after } = (value ?? {}) as Partial<Record<keyof NamedStep, unknown>>;
  return typeof id === 'string' && typeof text === 'string' && Array.isArray(after);
}

const shortTitle = 40;

function shortened(text: string): string {
  return text.length > shortTitle ? `${text.slice(0, shortTitle).trimEnd()} …` : text;
}

/** The low end of a span is no more than its high end. */
export const IsOrderedSpan = named('isOrderedSpan', isOrdered, 'Write the shorter wait first.');

function isOrdered(value: unknown): boolean {
  const { low, high } = (value ?? {}) as { readonly low?: unknown; readonly high?: unknown };
  return typeof low !== 'number' || typeof high !== 'number' || low <= high;
}
