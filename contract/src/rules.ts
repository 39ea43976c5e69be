import { ValidateBy, ValidateIf, type ValidationOptions } from 'class-validator';

/** The limits of what can be entered. The forms and the server read the same numbers. */
export const limits = {
  people: { least: 1, most: 200 },
  peoplePerStation: { least: 1, most: 12 },
  lengthMinutes: { least: 30, most: 720 },
  demonstrationPlates: { least: 0, most: 20 },
  serves: { least: 1, most: 200 },
  budget: { least: 0, most: 100_000 },
  sparePercent: { least: 0, most: 50 },
  titleLength: 160,
  dishes: 12,
  lines: 150,
  steps: 100,
  textLength: 4000,
} as const;

/** "2026-11-27T18:30", and a day that exists. */
export function isLocalDateTime(value: unknown): boolean {
  if (typeof value !== 'string' || !/^\d{4}-\d{2}-\d{2}T\d{2}:\d{2}$/.test(value)) return false;
  const read = new Date(`${value}:00Z`);
  return !Number.isNaN(read.getTime()) && read.toISOString().startsWith(value);
}

/** An exact amount above zero as text: "3", "3/4". */
export function isRational(value: unknown): boolean {
  return (
    typeof value === 'string' && value.length <= 32 && /^(?!0+(?:\/|$))\d+(?:\/0*[1-9]\d*)?$/.test(value)
  );
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
    entries.every((pair) => pair.every((id) => typeof id === 'string' && /^[a-z0-9-]{1,40}$/i.test(id)))
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
  if (!isRational(value)) return false;
  const [top, bottom = '1'] = (value as string).split('/');
  const share = Number(top) / Number(bottom);
  return share >= 0.98 && share <= 1;
}

/** Minutes from class start beyond which nothing is pinned: a month. */
const farthestPin = 60 * 24 * 31;

/** Short texts by short keys: larder ids, rows of a list, combinations of packs. */
function isTextMap(value: unknown, isValue: (text: unknown) => boolean): boolean {
  if (typeof value !== 'object' || value === null || Array.isArray(value)) return false;
  const entries = Object.entries(value);
  return entries.length <= 200 && entries.every(([key, text]) => key.length <= 200 && isValue(text));
}

export const IsLarderIds = rule(
  'isLarderIds',
  (value) => isTextMap(value, (text) => typeof text === 'string' && /^[a-z0-9-]{1,40}$/.test(text)),
  'Choose ingredients from the larder.',
);
export const IsPackKeys = rule(
  'isPackKeys',
  (value) => isTextMap(value, (text) => typeof text === 'string' && /^[0-9x.+~]{1,120}$/.test(text)),
  'Choose one of the combinations of packs.',
);
export const IsShares = rule(
  'isShares',
  (value) => isTextMap(value, isShare),
  'A pack may fall short by 2 % at most.',
);
export const IsPins = rule(
  'isPins',
  (value) => isTextMap(value, (start) => Number.isInteger(start) && Math.abs(start as number) <= farthestPin),
  'Pin a job to a whole minute within a month of the class.',
);
export const IsLocalDate = rule('isLocalDate', isLocalDate, 'Write a date that exists.');
export const IsChoices = rule('isChoices', isChoices, 'Choose one of the ways that the recipe has.');
export const IsLocalDateTime = rule(
  'isLocalDateTime',
  isLocalDateTime,
  'Write a date and a time that exist.',
);
export const IsRational = rule('isRational', isRational, 'Write an amount above zero, such as 2, ½ or 3/4.');
export const IsTimeZone = rule('isTimeZone', isTimeZone, 'Choose a time zone.');

/** One of a few words for steps, by step. */
export function IsStepChoices(words: readonly string[]): PropertyDecorator {
  return rule(
    'isStepChoices',
    (value) => isTextMap(value, (word) => words.includes(word as string)),
    `Choose ${words.join(' or ')}.`,
  )();
}

function rule(name: string, validate: (value: unknown) => boolean, sentence: string) {
  return (options?: ValidationOptions): PropertyDecorator =>
    ValidateBy(
      { name, validator: { validate: (value) => validate(value), defaultMessage: () => sentence } },
      options,
    );
}

/** The field may be left out. Null is not the same: it is refused where the type does not name it. */
export function MayBeAbsent(): PropertyDecorator {
  return ValidateIf((_, value) => value !== undefined);
}

/** The field may be left out or null. */
export function MayBeNull(): PropertyDecorator {
  return ValidateIf((_, value) => value !== undefined && value !== null);
}

/** Steps come after steps that the recipe has. */
export const IsAfterKnownSteps = rule(
  'isAfterKnownSteps',
  hasKnownSteps,
  'A step comes after a step that is not there.',
);

function hasKnownSteps(value: unknown): boolean {
  if (!Array.isArray(value)) return true;
  const steps = value as readonly { readonly id?: unknown; readonly after?: unknown }[];
  const known = new Set(steps.map((step) => step?.id));
  return steps.every((step) => !Array.isArray(step?.after) || step.after.every((id) => known.has(id)));
}

/** The low end of a span is no more than its high end. */
export const IsOrderedSpan = rule('isOrderedSpan', isOrdered, 'Write the shorter wait first.');

function isOrdered(value: unknown): boolean {
  const { low, high } = (value ?? {}) as { readonly low?: unknown; readonly high?: unknown };
  return typeof low !== 'number' || typeof high !== 'number' || low <= high;
}
