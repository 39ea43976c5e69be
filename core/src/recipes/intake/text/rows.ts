import { verbsSaid } from '../../../language/index.js';
import { capital } from '../../../words/index.js';
import type { LineOptions } from '../line/amount.js';
import { parseIngredientLine } from '../line/line.js';
import {
  componentNamed,
  isIngredientsHeading,
  markedHeading,
  isMethodHeading,
  isNotesHeading,
} from './headings.js';
import { readTimes } from '../step/times.js';
import { rowCues } from '../row-cues.js';
import { type RowRole, roleSaidBy, type SaidRoles } from '../../reading/row-roles.js';
import { type Part, takeFact } from './fact-rows.js';
import { addLine, addRow, bullet, joinedRows, openComponent, withoutLead } from './ingredient-rows.js';
import { withoutNoise } from './noise.js';
import {
  dishTold,
  factsOfTitle,
  isSentence,
  kindOf,
  namesDish,
  titleOf,
  titleOfFoods,
  titleRow,
} from './title.js';
import { takeLinesOfSentences } from './letter.js';
import { separate } from './several-foods.js';
import { cutChain, sentencesOf } from './sentences.js';
import { withStepNumbers } from './step-numbers.js';
import { isListedWork } from './work-rows.js';
import { peopleOfAmount, peopleSaid, readServings } from './servings.js';
import { emptyRows, joined, type Serving, type SortedRows } from './sorted-rows.js';

const numbered =
  /^(?:(?:step )?\d{1,2}[.):]|step (?:one|two|three|four|five|six|seven|eight|nine|ten)[.):]?)\s+/i;

/** "Warm spinach salad for two: fry the bacon …" in one row is a title and its telling. */
function withTitleApart(rows: readonly string[]): readonly string[] {
  const [, title, telling] = rows.length === 1 ? (titleBeforeTelling.exec(rows[0]!) ?? []) : [];
  return title && namesDish(title) ? [title, telling!] : rows;
}

const titleBeforeTelling = /^([^:.;,\d]{4,60}): (\S.{60,})$/;

export interface RowsOptions extends LineOptions {
  /** What a person said that single rows are. */
  readonly roles?: SaidRoles | undefined;
}

/**
 * Sorts rows by what a person said that they are, by headings where there are any, and otherwise by what each
 * looks like.
 */
export function sortRows(written: readonly string[], options: RowsOptions): SortedRows {
  const roleSaid = roleSaidBy(options.roles);
  const isSaid = (row: string) => roleSaid(row) !== undefined;
  const told = withTitleApart(withoutNoise(written, isSaid).filter((row) => roleSaid(row) !== 'nothing'));
  // All of it in one paragraph is told sentence by sentence, and has no title.
  const isOneTelling = told.length === 1 && isProse(told[0]!);
  const rows = isOneTelling ? sentencesOf(told[0]!) : joinedRows(withStepNumbers(told), options, isSaid);
  const found = emptyRows();
  const servings: Serving = { people: null, millilitres: null };
  const hasHeadings = rows.some((row) => isIngredientsHeading(row));
  const hasMethod = rows.some((row) => isMethodHeading(row));
  const titleAt = isOneTelling ? -1 : titleRow(rows, options);
  let part: Part = 'unknown';
  let listRows = 0;
  rows.forEach((row, index) => {
    const said = roleSaid(row);
    if (said) {
      part = takeSaid(found, row, said, { part, options });
      return;
    }
    const heading = headingOf(row, rows[index + 1], { found, part, options, isTitled: index > titleAt });
    if (heading) part = heading;
    else if (index === titleAt) takeTitle(found, row, servings, options);
    else if (index < titleAt) found.story = joined(found.story, row);
    else if (!takeFact(found, row, part, servings, options)) {
      const before = found.lines.length;
      part = takeRow(found, row, roleIn(part, { hasHeadings, hasMethod }), options, part);
      if (found.lines.length > before && isListRow(row)) listRows++;
      const last = found.steps.at(-1);
      if (last !== undefined) for (const line of found.lines.slice(before)) line.behind = last;
    }
  });
  const isToldOnly = found.lines.length === 0 || (!hasHeadings && listRows < fewestOfList);
  takeLinesOfSentences(found, { usual: usualComponent(found), isToldOnly, options });
  if (found.title === '')
    found.title =
      dishTold(isOneTelling ? told[0]! : found.story) ??
      (titleOfFoods(
        found.lines.map(({ reading }) => reading),
        options,
      ) ||
        titleOf(rows[0] ?? ''));
  const people = servings.people ?? peopleOfAmount(servings.millilitres, kindOf(found.title));
  found.isServesSaid = people !== null;
  found.serves = people ?? found.serves;
  return found;
}

/** So many rows of their own are a list; work that names an amount beside it says how much of a line. */
const fewestOfList = 3;
/** A row of a list, not of a telling: no sentence, nothing that leads to it. */
const isListRow = (row: string) => !/[.!?]$/.test(row) && withoutLead(row) === row;

const saysMakes = rowCues.has('makes');
const placeOfMakes = rowCues.at('makes');

/** A title of more words that says for how many is told. */
const longestName = 7;
const saysPeople = /\b(?:serves|feeds|enough for|does)\b/i;

/** The row that is the title, with what stands in brackets behind it; a sentence of a letter is its story. */
function takeTitle(found: SortedRows, row: string, servings: Serving, options: LineOptions): void {
  const { title, facts } = factsOfTitle(row);
  // "Chicken and lentil salad for 6?" asks for how many; what is left of it is a name.
  const isTold = isSentence(title) || (title.split(/\s+/).length > longestName && saysPeople.test(title));
  const told = isTold ? row : facts;
  if (isTold) found.story = row;
  else found.title = titleOf(title);
  const people = peopleSaid(told);
  if (people === null && !saysMakes(told)) return;
  servings.people ??= people;
  found.portion = readServings(told, options.system).portion ?? found.portion;
  const place = placeOfMakes(facts);
  const makes = place && /^[^,;.)]*/.exec(facts.slice(place[0]))![0];
  if (makes) servings.millilitres ??= readServings(makes, options.system).millilitres;
  if (makes) found.story = joined(found.story, capital(makes));
}

/**
 * What a row of a part is taken for. Where no heading says where the method begins, rows under a component
 * may be steps already.
 */
function roleIn(part: Part, { hasHeadings, hasMethod }: { hasHeadings: boolean; hasMethod: boolean }): Part {
  if (part === 'unknown' && hasHeadings) return 'notes';
  return part === 'ingredients' && !hasMethod ? 'unknown' : part;
}

/** A row of which a person said what it is: nothing else is asked of it. */
function takeSaid(
  found: SortedRows,
  row: string,
  role: RowRole,
  { part, options }: { part: Part; options: LineOptions },
): Part {
  const bare = capital(row.replace(numbered, '').replace(bullet, ''));
  if (role === 'line') addLine(found, row, usualComponent(found), options);
  if (role === 'heading') openComponent(found, bare.replace(/^#+ *|:$/g, ''));
  if (role === 'step')
    for (const step of cutIntoSteps(bare, false)) {
      found.steps.push(step);
      found.numbered?.add(step);
    }
  // It is told apart from the work when the steps are read.
  if (role === 'note' || role === 'way') found.steps.push(bare);
  return role === 'heading' ? 'ingredients' : part;
}

interface HeadingContext {
  readonly found: SortedRows;
  readonly part: Part;
  readonly options: LineOptions;
  readonly isTitled: boolean;
}

/**
 * The part that a heading opens; a heading of a component opens that too. Null where the row is no heading.
 */
function headingOf(row: string, next: string | undefined, context: HeadingContext): Part | null {
  const { found, part, options, isTitled } = context;
  if (isIngredientsHeading(row)) return 'ingredients';
  if (isMethodHeading(row)) return 'method';
  if (isNotesHeading(row)) return 'notes';
  if (!isTitled) return null;
  const name =
    part === 'method' || part === 'notes'
      ? null
      : (componentNamed(row, next, options) ??
        (part === 'ingredients' || part === 'unknown' ? (markedHeading.exec(row)?.[1] ?? null) : null));
  if (name) openComponent(found, name);
  return name ? 'ingredients' : part === 'method' && markedHeading.test(row) ? 'method' : null;
}

function takeRow(found: SortedRows, row: string, role: Part, options: LineOptions, part: Part): Part {
  if (role === 'notes') {
    const field = part === 'unknown' ? 'story' : 'notes';
    found[field] = joined(found[field], row);
    return part;
  }
  if (found.lines.length === 0 && isBlurb(row, options)) {
    found.story = joined(found.story, row);
    return part;
  }
  const isWork =
    looksLikeStep(row, options) ||
    isLineWithWork(row) ||
    ((found.lines.length > 0 || row.split(' ').length > longestFood) && isListedWork(row, options)) ||
    goesOnWithWork(found, row, options);
  if (role === 'method' || (role === 'unknown' && isWork)) {
    const bare = row.replace(numbered, '').replace(bullet, '');
    const isNumbered = numbered.test(row);
    const steps = cutIntoSteps(capital(bare), isNumbered);
    found.steps.push(...steps);
    if (isNumbered) for (const step of steps) found.numbered?.add(step);
    return role === 'unknown' && !numbered.test(row) ? 'unknown' : 'method';
  }
  addRow(found, row, usualComponent(found), options);
  return part;
}

/** A sentence of fewer words belongs to the one before: "Taste." */
const fewestWords = 3;

/**
 * A paragraph of several sentences becomes one step a sentence; a step that was numbered stays as it was cut
 * by its writer.
 */
function cutIntoSteps(row: string, isNumbered: boolean): string[] {
  if (isNumbered) return [row];
  return sentencesOf(row)
    .flatMap(cutChain)
    .reduce<string[]>((steps, sentence) => {
      const last = steps[steps.length - 1];
      // What is done while something waits is a job of its own, however short: "Flake the fish."
      const waits = last !== undefined && readTimes(last).some((span) => span.waits);
      if (last !== undefined && !waits && sentence.split(' ').length < fewestWords)
        return [...steps.slice(0, -1), `${last} ${sentence}`];
      return sentence ? [...steps, sentence] : steps;
    }, []);
}

/** Behind work stands more of it, or a remark, where nothing is measured: "squeeze lemon", "ok next day". */
function goesOnWithWork({ steps }: SortedRows, row: string, options: LineOptions): boolean {
  if (steps.length === 0 || row.split(' ').length < 2) return false;
  const [first] = separate(withoutLead(row), options);
  const { amount, ingredient, unit } = parseIngredientLine(first!, options);
  return amount === null ? ingredient === null : unit === 'squeeze';
}

/** "A five-minute starter that tastes of holidays.": no food that anybody knows. */
function isBlurb(row: string, options: LineOptions): boolean {
  const isSaid = /^an? .*[.!]$/i.test(row) && row.split(' ').length > fewestOfBlurb;
  return isSaid && parseIngredientLine(row, options).ingredient === null && verbsSaid(row)[0]?.at !== 0;
}
const fewestOfBlurb = 4;

/** The name of a food, and what is said of it, has fewer words. */
const longestFood = 7;

/** "2 tsp salt over them, sit 20 min, squeeze out": an amount, and what is done behind it. */
function isLineWithWork(row: string): boolean {
  const [first = '', ...parts] = row.replace(bullet, '').split(/, (?:and |then )?/);
  const work = parts.filter((part) => {
    const [verb] = verbsSaid(part);
    return verb?.at === 0 && verb.form === 'do' && verb.verb.also !== 'food';
  });
  const waits = readTimes(row).some((span) => span.waits);
  return (
    /^(?:\d|an? |half |one |two |three |then )/i.test(first) && work.length > 0 && (waits || work.length > 1)
  );
}

/** A line of a numbered list of ingredients is short; a step is longer, or begins with no amount. */
const longestNumberedLine = 10;

/** A step is numbered, or a sentence that begins with no amount and ends with a full stop. */
function looksLikeStep(row: string, options: LineOptions): boolean {
  const words = row.replace(numbered, '').split(' ').length;
  const isMeasured = parseIngredientLine(row.replace(numbered, ''), options).amount !== null;
  if (numbered.test(row)) return !isMeasured || words > longestNumberedLine;
  if (!bullet.test(row) && /[.!]$/.test(row) && isProse(row)) return true;
  return !bullet.test(row) && !isMeasured && /[.!]$/.test(row) && words > 3;
}

/** Several whole sentences are no ingredient, whatever they begin with. */
function isProse(row: string): boolean {
  return sentencesOf(row).filter((sentence) => sentence.split(' ').length > 3).length > 1;
}

function usualComponent({ title }: SortedRows): string {
  return kindOf(title) === 'salad' ? 'Salad' : titleOf(title).slice(0, 60) || 'All';
}
