import { capital } from '../../../words/index.js';
import type { LineOptions } from '../line/amount.js';
import { parseIngredientLine } from '../line/line.js';
import {
  componentNamed,
  headApart,
  partOfFood,
  isIngredientsHeading,
  markedHeading,
  isMethodHeading,
  isNotesHeading,
} from './headings.js';
import { rowCues } from '../row-cues.js';
import { type RowRole, roleSaidBy, type SaidRoles } from '../../reading/row-roles.js';
import { type Part, takeFact } from './fact-rows.js';
import {
  addLine,
  addRow,
  bullet,
  isPartWithFoods,
  joinedRows,
  openComponent,
  withoutLead,
} from './ingredient-rows.js';
import { cutBreath } from './breath.js';
import { withoutNoise } from './noise.js';
import {
  dishTold,
  factsOfTitle,
  isSentence,
  kindOf,
  titleOf,
  titleOfFoods,
  titleRow,
  withTitleApart,
} from './title.js';
import { foodsNeeded, takeLinesOfSentences } from './letter.js';
import { linesOfProse } from './prose.js';
import { cutIntoSteps, foodBeforeWork, isBlurb, isProse, isWorkRow, numbered } from './row-work.js';
import { sentencesOf } from './sentences.js';
import { withStepNumbers } from './step-numbers.js';
import {
  isPeopleRow,
  peopleApart,
  peopleOfHeading,
  peopleCounted,
  peopleOfAmount,
  peopleSaid,
  peopleToldOf,
  readServings,
} from './servings.js';
import { isForEach, peopleOfEach } from './for-each.js';
import { emptyRows, joined, type Serving, type SortedRows } from './sorted-rows.js';

export interface RowsOptions extends LineOptions {
  /** What a person said that single rows are. */
  readonly roles?: SaidRoles | undefined;
}

/** The rows without noise, each title, heading and piece of work in a row of its own. */
function toldRows(
  written: readonly string[],
  options: LineOptions,
  isSaid: (row: string) => boolean,
): readonly string[] {
  const apart = (row: string) =>
    isSaid(row)
      ? [row]
      : headApart(row)
          .flatMap(peopleApart)
          .flatMap(cutBreath)
          .flatMap((piece) => foodBeforeWork(piece, options));
  return withTitleApart(withoutNoise(written, isSaid), options).flatMap(apart);
}

/**
 * Sorts rows by what a person said that they are, by headings where there are any, and otherwise by what each
 * looks like.
 */
export function sortRows(written: readonly string[], options: RowsOptions): SortedRows {
  const roleSaid = roleSaidBy(options.roles);
  const isSaid = (row: string) => roleSaid(row) !== undefined;
  const told = toldRows(written, options, isSaid).filter((row) => roleSaid(row) !== 'nothing');
  // All of it in one paragraph is told sentence by sentence, and has no title.
  const isOneTelling = told.length === 1 && isProse(told[0]!);
  const rows = isOneTelling ? sentencesOf(told[0]!) : joinedRows(withStepNumbers(told), options, isSaid);
  const found = emptyRows();
  const servings: Serving = { people: null, millilitres: null };
  const hasHeadings = rows.some((row) => isIngredientsHeading(row));
  const hasMethod = rows.some((row) => isMethodHeading(row));
  const titleAt = isOneTelling ? -1 : titleRow(rows, options);
  const isListed = rows.filter((row) => isListRow(row) && isMeasuredRow(row, options)).length >= fewestOfList;
  let part: Part = 'unknown';
  let listRows = 0;
  rows.forEach((row, index) => {
    const said = roleSaid(row);
    if (said) {
      part = takeSaid(found, row, said, { part, options });
      return;
    }
    if (isForEach(row)) {
      servings.each = peopleOfEach(row);
      part = 'ingredients';
      return;
    }
    const heading = headingOf(rows, index, { found, part, options, isTitled: index > titleAt });
    if (heading) part = openedBy(heading, row, servings);
    else if (index === titleAt && isPeopleRow(row) && takeFact(found, row, part, servings, options)) return;
    else if (index === titleAt) takeTitle(found, row, servings, { ...options, isListed });
    else if (index < titleAt) {
      if (!isPeopleRow(row) || !takeFact(found, row, part, servings, options))
        takePreface(found, row, servings);
    } else if (!takeFact(found, row, part, servings, options)) {
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
      dishTold(isOneTelling ? told[0]! : found.story || (rows[0] ?? '')) ?? nameOf(found, rows, options);
  servings.people ??= peopleToldOf(rows);
  return withServings(found, servings);
}

/** A heading of ingredients may say for how many: "You will need for six:". */
function openedBy(heading: Part, row: string, servings: Serving): Part {
  if (heading === 'ingredients') servings.people ??= peopleOfHeading(row);
  return heading;
}

/** A name where the text gives none: of its foods, or its first row. */
function nameOf({ lines }: SortedRows, rows: readonly string[], options: LineOptions): string {
  const readings = lines.map(({ reading }) => reading);
  return titleOfFoods(readings, options) || titleOf(rows[0] ?? '');
}

function withServings(found: SortedRows, { each, people, millilitres }: Serving): SortedRows {
  // "… squeeze it. Serves 4 with rice": the last of what is told.
  const last = isPeopleRow(found.steps.at(-1) ?? '') ? found.steps.at(-1)! : null;
  if (last !== null) found.steps = found.steps.slice(0, -1);
  if (last !== null && people !== null) found.notes = joined(found.notes, last);
  const said =
    each ??
    people ??
    (last === null ? null : peopleSaid(last)) ??
    peopleOfAmount(millilitres, kindOf(found.title));
  found.isServesSaid = said !== null;
  found.serves = said ?? found.serves;
  return found;
}

/** So many rows of their own are a list; work that names an amount beside it says how much of a line. */
const fewestOfList = 3;
/** A row of a list, not of a telling: no sentence, nothing that leads to it. */
const isListRow = (row: string) => !/[.!?]$/.test(row) && withoutLead(row) === row;

const isMeasuredRow = (row: string, options: LineOptions) =>
  parseIngredientLine(withoutLead(row), options).amount !== null;

const saysMakes = rowCues.has('makes');
const placeOfMakes = rowCues.at('makes');

/** A title of more words that says for how many is told. */
const longestName = 7;
const saysPeople = /\b(?:serves|feeds|enough for|does)\b/i;

/** The row that is the title, with what stands in brackets behind it; a sentence of a letter is its story. */
function takeTitle(
  found: SortedRows,
  row: string,
  servings: Serving,
  options: LineOptions & { readonly isListed: boolean },
): void {
  const { title, facts } = factsOfTitle(row);
  // "Chicken and lentil salad for 6?" asks for how many; what is left of it is a name.
  const isTold = isSentence(title) || (title.split(/\s+/).length > longestName && saysPeople.test(title));
  const told = isTold ? row : facts;
  // "For ezme you need ripe tomatoes, 4 of them, …" is no story.
  const tellsFood = foodsNeeded(row, options).length > 1 || linesOfProse([row], options).length > 0;
  if (isTold && !options.isListed && tellsFood) found.steps.push(...cutIntoSteps(row, false));
  else if (isTold) found.story = row;
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

/** What is written before the title may say for how many all of it is. */
function takePreface(found: SortedRows, row: string, servings: Serving): void {
  found.story = joined(found.story, row);
  const people = peopleCounted(row);
  if (people === null) return;
  servings.people ??= people;
  found.isServesOfAll = true;
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
function headingOf(rows: readonly string[], at: number, context: HeadingContext): Part | null {
  const row = rows[at]!;
  const { found, part, options, isTitled } = context;
  if (isIngredientsHeading(row)) return 'ingredients';
  if (isMethodHeading(row)) return 'method';
  if (isNotesHeading(row)) return 'notes';
  if (!isTitled) return null;
  const name =
    part === 'method' || part === 'notes'
      ? null
      : (componentNamed(row, rows[at + 1], options) ??
        partOfFood(rows, at, { title: found.title, options }) ??
        (part === 'ingredients' || part === 'unknown' ? (markedHeading.exec(row)?.[1] ?? null) : null));
  if (name) openComponent(found, name);
  return name ? 'ingredients' : part === 'method' && markedHeading.test(row) ? 'method' : null;
}

/** "No added salt!" is no ingredient. */
const saysNone = /^[-*• ]*(?:no|without|zero) (?:added |extra |more )?\p{L}+(?: \p{L}+)?[.! ]*$/iu;

function takeRow(found: SortedRows, row: string, role: Part, options: LineOptions, part: Part): Part {
  if (saysNone.test(row)) {
    found.notes = joined(found.notes, row);
    return part;
  }
  if (role === 'notes') {
    const field = part === 'unknown' ? 'story' : 'notes';
    found[field] = joined(found[field], row);
    return part;
  }
  if (found.lines.length === 0 && isBlurb(row, options)) {
    found.story = joined(found.story, row);
    return part;
  }
  const isPart = role === 'unknown' && !/[.!]$/.test(row) && isPartWithFoods(row, options);
  const isWork = !isPart && isWorkRow(row, found, options);
  if (role === 'method' || (role === 'unknown' && isWork)) {
    const bare = row.replace(numbered, '').replace(bullet, '');
    const isNumbered = numbered.test(row);
    const steps = cutIntoSteps(bare, isNumbered).map(capital);
    found.steps.push(...steps);
    if (isNumbered) for (const step of steps) found.numbered?.add(step);
    return role === 'unknown' && !numbered.test(row) ? part : 'method';
  }
  addRow(found, row, usualComponent(found), options);
  return part;
}

function usualComponent({ title }: SortedRows): string {
  return kindOf(title) === 'salad' ? 'Salad' : titleOf(title).slice(0, 60) || 'All';
}
