import type { ComponentRole, DishKind, LineReading, Portion, RecipeComponent } from '../../types.js';
import type { LineOptions } from '../line/amount.js';
import { parseIngredientLine } from '../line/line.js';

const ingredientsHeading = /^(?:#+ *)?(?:ingredients|you need|what you need)\s*:?$/i;
const methodHeading = /^(?:#+ *)?(?:method|steps|directions|instructions|preparation|how to make it)\s*:?$/i;
const notesHeading = /^(?:#+ *)?(?:notes?|notes to self)\s*:?$/i;
const componentHeading = /^(?:#+ *)?(?:for the )?([\p{L}][\p{L}\p{N},:' -]{1,60}):$/iu;
/** "For the dressing" is a heading without a colon too. */
const forThe = /^for the ([a-z][a-z' -]{1,30})$/i;
/** In Markdown a heading needs no colon. */
const markedHeading = /^#{2,5} +(?:for the )?(\S.{0,60}?):?$/i;
const numbered = /^(?:step )?\d{1,2}[.):]\s+/i;
const bullet = /^[-*+•]\s+/;
const servesLine = /^\(?(?:serves|makes|yields?|for|feeds|enough for)\s*:?\s*(?:about |around )?(\d{1,3})\b/i;
/** "Makes about 300 ml, enough for 8": how much it gives, which is no number of people; they may follow. */
const yieldLine =
  /^\(?(?:makes|yields?)\s*:?\s*(?:about |around )?[\d.,/½¼¾–-]+\s*(?:g|kg|ml|l|litres?|cups?|pints?|quarts?|oz|lb)\b/i;
const servesAfter = /\b(?:serves|feeds|enough for|for)\s+(?:about |around )?(\d{1,3})\b/i;
const sourceLine = /^(source|from|credit|permission|notes?)\s*:\s*(\S.*)$/i;

/** The rows of a pasted recipe, each where it belongs. */
export interface SortedRows {
  title: string;
  serves: number;
  portion: Portion;
  story: string;
  source: string;
  credit: string;
  permission: string;
  notes: string;
  components: RecipeComponent[];
  lines: { reading: LineReading; component: string }[];
  steps: string[];
}

type Part = 'unknown' | 'ingredients' | 'method' | 'notes';

/** Sorts rows by headings where there are any, and otherwise by what each looks like. */
export function sortRows(rows: readonly string[], options: LineOptions): SortedRows {
  const found: SortedRows = {
    title: '',
    serves: 4,
    portion: 'side',
    story: '',
    source: '',
    credit: '',
    permission: '',
    notes: '',
    components: [],
    lines: [],
    steps: [],
  };
  const hasHeadings = rows.some((row) => ingredientsHeading.test(row));
  const hasMethod = rows.some((row) => methodHeading.test(row));
  let part: Part = 'unknown';
  for (const row of rows) {
    const heading = headingOf(row, found, part);
    if (heading) part = heading;
    else if (!found.title && part === 'unknown') found.title = row.replace(/^#+ */, '').slice(0, 120);
    else if (!takeFact(found, row, part))
      part = takeRow(found, row, roleIn(part, { hasHeadings, hasMethod }), options, part);
  }
  return found;
}

/**
 * What a row of a part is taken for. Where no heading says where the method begins, rows under a component
 * may be steps already.
 */
function roleIn(part: Part, { hasHeadings, hasMethod }: { hasHeadings: boolean; hasMethod: boolean }): Part {
  if (part === 'unknown' && hasHeadings) return 'notes';
  return part === 'ingredients' && !hasMethod ? 'unknown' : part;
}

/**
 * The part that a heading opens; a heading of a component opens that too. Null where the row is no heading.
 */
function headingOf(row: string, found: SortedRows, part: Part): Part | null {
  if (ingredientsHeading.test(row)) return 'ingredients';
  if (methodHeading.test(row)) return 'method';
  if (notesHeading.test(row)) return 'notes';
  if (!found.title) return null;
  const name =
    part === 'method' || part === 'notes'
      ? null
      : (componentHeading.exec(row) ??
        forThe.exec(row) ??
        (part === 'ingredients' ? markedHeading.exec(row) : null));
  if (name) openComponent(found, name[1]!);
  return name ? 'ingredients' : part === 'method' && markedHeading.test(row) ? 'method' : null;
}

/** Servings, source and the like, wherever they stand. */
function takeFact(found: SortedRows, row: string, part: Part): boolean {
  const isFact = found.steps.length === 0 && part !== 'notes';
  const isYield = isFact && yieldLine.test(row);
  if (isYield) found.story = joined(found.story, row);
  const serves = isFact ? (isYield ? servesAfter : servesLine).exec(row) : null;
  if (isYield && !serves) return true;
  if (serves) {
    found.serves = Math.max(1, Number(serves[1]));
    found.portion = portionOf(row) ?? found.portion;
    return true;
  }
  const fact = sourceLine.exec(row);
  if (!fact || (part === 'method' && !/^(?:source|credit|permission)\s*:/i.test(row))) return false;
  const field = fact[1]!.toLowerCase();
  if (field === 'credit' || field === 'permission') found[field] = fact[2]!;
  else if (field.startsWith('note')) found.notes = joined(found.notes, fact[2]!);
  else found.source = fact[2]!;
  return true;
}

function portionOf(row: string): Portion | null {
  const size = /\bas an? (?:light )?(main|side|starter|taste|nibble)/i.exec(row)?.[1]?.toLowerCase();
  if (!size) return null;
  return size === 'main' ? 'main' : size === 'side' ? 'side' : 'taste';
}

function takeRow(found: SortedRows, row: string, role: Part, options: LineOptions, part: Part): Part {
  if (role === 'notes') {
    const field = part === 'unknown' ? 'story' : 'notes';
    found[field] = joined(found[field], row);
    return part;
  }
  if (role === 'method' || (role === 'unknown' && looksLikeStep(row, options))) {
    found.steps.push(...cutIntoSteps(row.replace(numbered, '').replace(bullet, ''), numbered.test(row)));
    return role === 'unknown' && !numbered.test(row) ? 'unknown' : 'method';
  }
  addLine(found, row, options);
  return part;
}

function joined(before: string, row: string): string {
  return before ? `${before}\n${row}` : row;
}

const sentences = new Intl.Segmenter('en', { granularity: 'sentence' });
/** A sentence of fewer words belongs to the one before: "Taste." */
const fewestWords = 4;

/**
 * A paragraph of several sentences becomes one step a sentence; a step that was numbered stays as it was cut
 * by its writer.
 */
function cutIntoSteps(row: string, isNumbered: boolean): string[] {
  if (isNumbered) return [row];
  return [...sentences.segment(row)].reduce<string[]>((steps, { segment }) => {
    const sentence = segment.trim();
    if (steps.length > 0 && sentence.split(' ').length < fewestWords)
      return [...steps.slice(0, -1), `${steps[steps.length - 1]!} ${sentence}`];
    return sentence ? [...steps, sentence] : steps;
  }, []);
}

/** A line of a numbered list of ingredients is short; a step is longer, or begins with no amount. */
const longestNumberedLine = 10;

/** A step is numbered, or a sentence that begins with no amount and ends with a full stop. */
function looksLikeStep(row: string, options: LineOptions): boolean {
  const words = row.replace(numbered, '').split(' ').length;
  const isMeasured = parseIngredientLine(row.replace(numbered, ''), options).amount !== null;
  if (numbered.test(row)) return !isMeasured || words > longestNumberedLine;
  return !bullet.test(row) && !isMeasured && /[.!]$/.test(row) && words > 3;
}

function openComponent(found: SortedRows, name: string): void {
  const title = name.charAt(0).toUpperCase() + name.slice(1);
  found.components.push({ id: `c${found.components.length + 1}`, name: title, role: roleOf(title) });
}

function addLine(found: SortedRows, row: string, options: LineOptions): void {
  if (found.components.length === 0)
    openComponent(found, kindOf(found.title) === 'salad' ? 'Salad' : found.title.slice(0, 40) || 'All');
  const component = found.components[found.components.length - 1]!.id;
  for (const line of separateTogether(row.replace(bullet, ''), options))
    found.lines.push({ reading: parseIngredientLine(line, options), component });
}

/** Two bare names are short; a sentence is not taken apart. */
const longestTogether = 60;

/** "Salt and pepper, to taste" becomes two lines: no amount is lost by it, and each is bought for itself. */
function separateTogether(row: string, options: LineOptions): string[] {
  if (row.length > longestTogether) return [row];
  const match = /^([^\d,;:()]+?) and ([^\d,;:()]+?)((?:,? (?:to taste|as needed))?)$/i.exec(row);
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

/** What a title says a dish is. */
export function kindOf(title: string): DishKind {
  if (/dressing|vinaigrette/i.test(title)) return 'dressing';
  return /\bdip\b|hummus|spread|pâté/i.test(title) ? 'dip' : 'salad';
}
