import {
  type MeasureSystem,
  showNumber,
  sizeOfUnit,
  toNumber,
  type UnitId,
  type Workings,
} from '../../amounts/index.js';
import { verbsSaid } from '../../language/index.js';
import { conversionFacts, findIngredient, type Larder, standardLarder } from '../../larder/index.js';
import type { StepId } from '../../identity/index.js';
import { type Rates, standardRates, type TechniqueRate } from '../../techniques/index.js';
import { LineMentions } from '../intake/step/mentions.js';
import type { RecipeLine, RecipeStep } from '../types.js';
import { type Act, actOfForm, actOnFood, type WorkPart } from './acts.js';
import { cutOf } from './cuts.js';
import { mixingOf } from './mixing.js';

/** What carrying, rinsing and wiping between two jobs takes. A starting estimate. */
export const betweenJobsMinutes = 1;

interface WorkInput {
  readonly steps: readonly RecipeStep[];
  readonly lines: readonly RecipeLine[];
  readonly system: MeasureSystem;
  readonly larder?: Larder;
  /** Rates of the kitchen's own, by technique; they win over the usual ones. */
  readonly rates?: Rates;
}

/**
 * The work of each step of a recipe, from what is cut, peeled, squeezed and mixed, and how much of it:
 * foods that a step prepares, the cut that a line asks for where it is used first, and the mixing. Minutes
 * that the words name stand for the mixing.
 */
export function workOf(input: WorkInput): WorkPart[][] {
  const { steps, lines, larder = standardLarder } = input;
  const mentions = new LineMentions(lines, larder);
  const done = new Map<string, Set<string>>();
  return steps.map((step) => {
    const parts: WorkPart[] = [];
    const add = (line: RecipeLine, one: Act, share: number, words: string) => {
      const already = done.get(line.id) ?? new Set();
      if (already.has(one.technique)) return;
      const part = partOf(line, one, { share, words }, input);
      if (!part) return;
      done.set(line.id, already.add(one.technique));
      parts.push(part);
    };
    const named = actsInWords(step, mentions, input);
    for (const { line, act } of named) add(line, act, shareOf(step, line), `${step.text} ${line.text}`);
    for (const use of step.uses) {
      const line = lines.find(({ id }) => id === use.line);
      if (!line) continue;
      for (const one of actsOfLine(line)) add(line, one, toNumber(use.share), line.text);
    }
    return [...parts, ...mixingOf(step, input.rates, parts)];
  });
}

/** "3 cucumbers, seeded 3; to toss 2": the parts with their minutes. */
export function workInWords(parts: readonly WorkPart[]): string {
  const each = parts.map((part) => `${nameOfPart(part)} ${showNumber(part.minutes)}`);
  return [...each, `and ${betweenJobsMinutes} on the way`].join('; ');
}

/** "500 g tomatoes, diced", of so many batches. */
export function nameOfPart({ what, amount, unit }: WorkPart, factor = 1): string {
  return amount === null ? what : [showNumber(amount * factor), unit, what].filter(Boolean).join(' ');
}

/** How the minutes of practised hands come about. */
export function workingsOfWork(parts: readonly WorkPart[]): Workings {
  return {
    title: 'Minutes from the work',
    steps: [
      ...parts.map((part) => ({ label: nameOfPart(part), value: `${showNumber(part.minutes)} min` })),
      { label: 'Carrying, rinsing and wiping', value: `${betweenJobsMinutes} min` },
    ],
    result: `${minutesOfWork(parts)} min`,
    estimated: true,
  };
}

/** The work of the steps of a recipe whose minutes follow it, by step. */
export type WorkBySteps = ReadonlyMap<StepId, readonly WorkPart[]>;

export function workBySteps(input: WorkInput): WorkBySteps {
  const { steps } = input;
  // What is all written by hand needs no reading.
  if (!steps.some(({ isWorkedOut }) => isWorkedOut)) return new Map();
  const work = workOf(input);
  return new Map(
    steps.flatMap(({ id, isWorkedOut }, index) => (isWorkedOut ? [[id, work[index]!] as const] : [])),
  );
}

/** Minutes for the recipe as written, whole: what is done, and a minute on the way to it. */
export function minutesOfWork(parts: readonly WorkPart[]): number {
  return Math.ceil(parts.reduce((sum, { minutes }) => sum + minutes, 0) + betweenJobsMinutes - 1e-9);
}

function shareOf({ uses }: RecipeStep, { id }: RecipeLine): number {
  const use = uses.find(({ line }) => line === id);
  return use ? toNumber(use.share) : 1;
}

function actsOfLine({ preparation, byProducts }: RecipeLine): Act[] {
  const forms = [
    ...preparation,
    ...(byProducts.includes('juice') ? (['juiced'] as const) : []),
    ...(byProducts.includes('zest') ? (['zested'] as const) : []),
  ];
  return forms.flatMap((form) => actOfForm[form] ?? []);
}

/**
 * Verbs with the foods behind them: "core and dice the pepper". Of "it" and of a verb without any food
 * behind it, the food is what was named last, or what came before.
 */
function actsInWords(
  step: RecipeStep,
  mentions: LineMentions,
  input: WorkInput,
): { line: RecipeLine; act: Act }[] {
  const foodsAt = new Map<number, RecipeLine[]>();
  for (const { line, at } of mentions.everyIn(step.text)) {
    const food = input.lines.find(({ id }) => id === line)!;
    foodsAt.set(at, [...(foodsAt.get(at) ?? []), food]);
  }
  const actsAt = new Map(
    verbsSaid(step.text).flatMap(({ verb, form, at }) => {
      const act = form === 'done' ? null : actOnFood(verb);
      return act ? [[at, act] as const] : [];
    }),
  );
  const found: { line: RecipeLine; act: Act }[] = [];
  const reading: Reading = {
    verbs: [],
    named: cameBefore(step, input),
    hasFood: false,
    isSign: false,
  };
  const done = (lines: readonly RecipeLine[]) =>
    found.push(...lines.flatMap((line) => reading.verbs.map((act) => ({ line, act }))));
  for (const { 0: word, index } of `${step.text.toLowerCase()}.`.matchAll(/[a-zà-ÿ'-]+|[.;]/g)) {
    const foods = foodsAt.get(index);
    // "Until they crush between the fingers" is a sign, no work.
    reading.isSign = word === 'until' || (reading.isSign && !/[.;]/.test(word));
    const act = reading.isSign ? undefined : actsAt.get(index);
    if (act) {
      reading.verbs = reading.hasFood ? [act] : [...reading.verbs, act];
      reading.hasFood = false;
    } else if (foods) {
      reading.named = reading.hasFood ? [...reading.named, ...foods] : foods;
      reading.hasFood = true;
      done(foods);
    } else if (word === 'it' || word === 'them') {
      done(reading.named);
      reading.hasFood = true;
    } else if (endsObject.test(word)) {
      if (!reading.hasFood) done(reading.named);
      reading.verbs = [];
    }
  }
  return found;
}

/** What was read of a step so far: verbs that wait for their food, and the food that was named last. */
interface Reading {
  verbs: Act[];
  named: readonly RecipeLine[];
  hasFood: boolean;
  isSign: boolean;
}

const endsObject = /^(?:[.;]|with|into|over|to|while|until|for|in)$/;

/** The foods of the steps before, as "peel and cut in wedges" means them. */
function cameBefore(step: RecipeStep, { steps, lines }: WorkInput): RecipeLine[] {
  let before = steps.findLast(({ id }) => step.after.includes(id));
  for (let back = steps.length; before?.uses.length === 0 && back > 0; back--) {
    const { after } = before;
    before = steps.findLast(({ id }) => after.includes(id));
  }
  const used = new Set((before?.uses ?? []).map(({ line }) => line));
  return lines.filter(({ id, unit }) => used.has(id) && unit !== null);
}

function partOf(
  line: RecipeLine,
  { technique, done }: Act,
  { share, words }: { share: number; words: string },
  input: WorkInput,
): WorkPart | null {
  const food = findIngredient(input.larder ?? standardLarder, line.ingredient);
  const rates = { ...standardRates, ...input.rates }[technique] ?? [];
  const rate = rates.find((each) => each.food === line.ingredient) ?? rates.find((each) => each.food === '');
  if (!rate || !line.amount || !line.unit || !isWorthCutting(line, food?.section)) return null;
  // Only fruit is squeezed by the piece; the rest is squeezed dry in a handful.
  if (technique === 'juice-citrus' && !food?.byProducts?.juiceMillilitres) return null;
  // Roots and leeks are rinsed on the way; leaves are washed and dried.
  if (technique === 'wash-and-dry-leaves' && food?.section !== 'salad and herbs') return null;
  const units = unitsOf(line, rate, share, input);
  if (units === null || units <= 0) return null;
  const cut = sized.has(technique) ? cutOf(words, food) : null;
  return {
    what: cut ? `${line.name}, ${done}, ${cut.size}` : `${line.name}, ${done}`,
    amount: rate.per === '100 g' ? Math.round(units * 100) : Math.ceil(units * 10 - 1e-9) / 10,
    unit: rate.per === '100 g' ? 'g' : rate.per === 'piece' ? '' : rate.per,
    minutes: units * rate.minutes * (cut?.minutesFactor ?? 1),
    grows: true,
  };
}

/** Techniques whose minutes follow the size of the cut. */
const sized: ReadonlySet<string> = new Set(['dice', 'slice', 'cut-in-pieces', 'shave']);

/** What is poured or comes as powder is not cut. */
function isWorthCutting({ byProducts }: RecipeLine, section: string | undefined): boolean {
  return (
    byProducts.length > 0 ||
    !['oils and vinegars', 'spices and seasoning', 'baking and sweet'].includes(section ?? '')
  );
}

/** How many of the units that a rate counts by a line has; null where that is not known. */
function unitsOf(
  line: RecipeLine,
  { per }: TechniqueRate,
  share: number,
  { larder, system }: WorkInput,
): number | null {
  if (per === 'batch') return 1;
  const amount = toNumber(line.amount!.high) * share;
  const food = findIngredient(larder ?? standardLarder, line.ingredient);
  const facts = conversionFacts(food, line.preparation);
  const to: UnitId = per === '100 g' ? 'g' : (per as UnitId);
  if (per !== '100 g' && (line.unit === to || (per === 'piece' && isCount(line.unit!)))) return amount;
  // Juice is counted by the fruit that it takes.
  const juice = food?.byProducts?.juiceMillilitres?.low;
  if (per === 'piece' && line.byProducts.includes('juice') && juice)
    return (amount * (sizeOfUnit(line.unit!, 'ml', facts, system) ?? 0)) / juice.value;
  const size = sizeOfUnit(line.unit!, to, facts, system);
  return size === null ? null : per === '100 g' ? (amount * size) / 100 : amount * size;
}

function isCount(unit: UnitId): boolean {
  return ['piece', 'head', 'bunch', 'stalk'].includes(unit);
}
