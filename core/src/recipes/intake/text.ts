import type { MeasureSystem } from '../../amounts/index.js';
import { findIngredient, standardLarder, type Larder, type Scaling } from '../../larder/index.js';
import type { ComponentRole, DishKind, LineReading, Recipe, RecipeComponent, RecipeLine } from '../types.js';
import { parseIngredientLine } from './line.js';
import { readSteps } from './steps.js';

export interface RecipeTextOptions {
  readonly system: MeasureSystem;
  readonly larder?: Larder;
}

/** Longest text that is read at once, in characters. */
export const longestRecipeText = 60_000;

const ingredientsHeading = /^(?:#+ *)?(?:ingredients|you need|what you need)\s*:?$/i;
const methodHeading = /^(?:#+ *)?(?:method|steps|directions|instructions|preparation|how to make it)\s*:?$/i;
const componentHeading = /^(?:#+ *)?(?:for the )?([\p{L}][\p{L}' -]{1,40}):$/iu;
const numbered = /^(?:step )?\d{1,2}[.):]\s+/i;
const servesLine = /^(?:serves|makes|yields?|for)\s*:?\s*(?:about )?(\d{1,3})\b/i;

/** Finds title, lines by component and steps in pasted text. Always gives a recipe; empty parts stay empty. */
export function parseRecipeText(text: string, options: RecipeTextOptions): Recipe {
  const rows = text.slice(0, longestRecipeText).split(/\r?\n/).map((row) => row.trim()).filter(Boolean);
  const sorted = sortRows(rows, options);
  const lines = sorted.lines.map(({ reading, component }, index) => lineOf(reading, index, component, options.larder));
  const texts = sorted.steps;
  const steps = readSteps(texts, texts.map((step) => componentOfStep(step, lines, sorted.components)), lines, options.larder);
  return {
    title: sorted.title, kind: kindOf(sorted.title), serves: sorted.serves, portion: 'side', system: options.system, leastBatch: '1/4',
    story: '', source: '', permission: '', components: sorted.components, lines, steps,
  };
}

interface SortedRows {
  title: string;
  serves: number;
  components: RecipeComponent[];
  lines: { reading: LineReading; component: string }[];
  steps: string[];
}

function sortRows(rows: readonly string[], options: RecipeTextOptions): SortedRows {
  const found: SortedRows = { title: '', serves: 4, components: [], lines: [], steps: [] };
  let part: 'unknown' | 'ingredients' | 'method' = 'unknown';
  for (const row of rows) {
    const serves = servesLine.exec(row);
    if (ingredientsHeading.test(row)) part = 'ingredients';
    else if (methodHeading.test(row)) part = 'method';
    else if (!found.title && part === 'unknown') found.title = row.replace(/^#+ */, '').slice(0, 120);
    else if (serves && found.steps.length === 0) found.serves = Math.max(1, Number(serves[1]));
    else if (part !== 'method' && componentHeading.test(row)) openComponent(found, componentHeading.exec(row)![1]!);
    else if (part === 'method' || (part === 'unknown' && looksLikeStep(row, options))) {
      part = part === 'unknown' && !numbered.test(row) ? 'unknown' : 'method';
      found.steps.push(...cutIntoSteps(row.replace(numbered, '').replace(/^[-*•]\s+/, ''), numbered.test(row)));
    } else addLine(found, row, options);
  }
  return found;
}

const sentences = new Intl.Segmenter('en', { granularity: 'sentence' });
/** A sentence of fewer words belongs to the one before: "Taste." */
const fewestWords = 4;

/** A paragraph of several sentences becomes one step a sentence; a step that was numbered stays as it was cut by its writer. */
function cutIntoSteps(row: string, isNumbered: boolean): string[] {
  if (isNumbered) return [row];
  return [...sentences.segment(row)].reduce<string[]>((steps, { segment }) => {
    const sentence = segment.trim();
    if (steps.length > 0 && sentence.split(' ').length < fewestWords) return [...steps.slice(0, -1), `${steps[steps.length - 1]!} ${sentence}`];
    return sentence ? [...steps, sentence] : steps;
  }, []);
}

/** A step is numbered, or a sentence that begins with no amount and ends with a full stop. */
function looksLikeStep(row: string, options: RecipeTextOptions): boolean {
  if (numbered.test(row)) return true;
  if (/^[-*•]\s/.test(row)) return false;
  return parseIngredientLine(row, options).amount === null && /[.!]$/.test(row) && row.split(' ').length > 3;
}

function openComponent(found: SortedRows, name: string): void {
  const title = name.charAt(0).toUpperCase() + name.slice(1);
  found.components.push({ id: `c${found.components.length + 1}`, name: title, role: roleOf(title) });
}

function addLine(found: SortedRows, row: string, options: RecipeTextOptions): void {
  if (found.components.length === 0) openComponent(found, kindOf(found.title) === 'salad' ? 'Salad' : found.title.slice(0, 40) || 'All');
  const component = found.components[found.components.length - 1]!.id;
  for (const line of separateTogether(row, options)) found.lines.push({ reading: parseIngredientLine(line, options), component });
}

/** Two bare names are short; a sentence is not taken apart. */
const longestTogether = 60;

/** "Salt and pepper, to taste" becomes two lines: no amount is lost by it, and each is bought for itself. */
function separateTogether(row: string, options: RecipeTextOptions): string[] {
  if (row.length > longestTogether) return [row];
  const match = /^([^\d,;:()]+?) and ([^\d,;:()]+?)((?:,? (?:to taste|as needed))?)$/i.exec(row.replace(/^[-*•]\s+/, ''));
  if (!match || parseIngredientLine(row, options).ingredient !== null) return [row];
  const parts = [`${match[1]!}${match[3]!}`, `${match[2]!}${match[3]!}`];
  return parts.every((part) => parseIngredientLine(part, options).ingredient !== null) ? parts : [row];
}

function roleOf(name: string): ComponentRole {
  if (/dressing|vinaigrette|sauce/i.test(name)) return 'dressing';
  if (/\bdip|hummus|spread\b/i.test(name)) return 'dip';
  if (/dippers?|bread|crackers/i.test(name)) return 'dippers';
  if (/topping|top|crunch/i.test(name)) return 'topping';
  if (/garnish|serve|finish/i.test(name)) return 'garnish';
  return 'base';
}

function kindOf(title: string): DishKind {
  if (/dressing|vinaigrette/i.test(title)) return 'dressing';
  return /\bdip\b|hummus|spread|pâté/i.test(title) ? 'dip' : 'salad';
}

/** Makes a recipe line of a reading, scaled the way its ingredient usually is. */
export function lineOf(reading: LineReading, index: number, componentId: string, larder: Larder = standardLarder): RecipeLine {
  return { ...reading, id: `l${index + 1}`, componentId, scaling: scalingOf(reading, larder) };
}

/** To taste where no amount is given; otherwise as the ingredient usually scales. */
export function scalingOf(reading: LineReading, larder: Larder = standardLarder): Scaling {
  if (reading.amount === null) return 'toTaste';
  return findIngredient(larder, reading.ingredient)?.scaling ?? 'linear';
}

function componentOfStep(step: string, lines: readonly RecipeLine[], components: readonly RecipeComponent[]): string {
  const named = components.find((component) => new RegExp(`\\b${component.role}\\b`, 'i').test(step));
  const used = lines.find((line) => step.toLowerCase().includes(line.name.toLowerCase()));
  return named?.id ?? used?.componentId ?? components[0]?.id ?? 'c1';
}
