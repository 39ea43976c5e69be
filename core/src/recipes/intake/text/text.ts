import type { MeasureSystem } from '../../../amounts/index.js';
import type { Larder } from '../../../larder/index.js';
import type { Recipe, RecipeComponent, RecipeLine } from '../../types.js';
import { lineOf } from '../line/recipe-line.js';
import { boundedText } from './bounded.js';
import { plainLayout } from './layout.js';
import { sortRows } from './rows.js';
import type { SortedRows } from './sorted-rows.js';
import { kindOf } from './title.js';
import { LineMentions } from '../step/mentions.js';
import { jobsOf } from '../step/jobs.js';
import { readSteps } from '../step/steps.js';
import { type Aside, withoutAsides } from '../../reading/asides.js';
import { withAsides } from '../../reading/noted.js';
import { lettersOf, roleSaidBy, type SaidRoles } from '../../reading/row-roles.js';
import { withoutSlips } from '../../reading/slips.js';
import { type Talk, talkOf } from '../../reading/stamps.js';
import { withoutTables } from '../../reading/tables.js';
import { withMeasuredAcid } from './measured-acid.js';
import { withPulsesOfSteps } from './pulses-by-steps.js';

export interface RecipeTextOptions {
  readonly system: MeasureSystem;
  readonly larder?: Larder;
}

interface PartsOptions extends RecipeTextOptions {
  /** What a person said that rows and sentences are. */
  readonly roles?: SaidRoles | undefined;
  /** Lines as they are known better than by their words. */
  readonly mend?: (line: RecipeLine) => RecipeLine;
  /** The work with what it lacks, for lines as they were read. */
  readonly propose?: (work: readonly string[], lines: readonly RecipeLine[]) => readonly string[];
}

/** A recipe with what of its text is no work, and the rows of its work as they were cut. */
export interface RecipeRead {
  readonly recipe: Recipe;
  readonly asides: readonly Aside[];
}

/**
 * Finds title, lines by component and steps in pasted text. Always gives a recipe; empty parts stay empty.
 */
export function parseRecipeText(text: string, options: RecipeTextOptions): Recipe {
  return recipeOfParts(sortRows(rowsOf(text), options), options);
}

/**
 * The rows of a text in bounds, without blank ones, marks of bold ones, times of a talk, cells of tables, and
 * what their teller took back.
 */
function rowsOf(text: string): string[] {
  return rowsOfTalk(text).rows;
}

/** The rows of a text, and the talk that they are from, if any. */
export function rowsOfTalk(text: string): { readonly rows: string[]; readonly talk: Talk | null } {
  const written = plainLayout(boundedText(text).split('\n'));
  const talk = talkOf(written);
  const rows = (talk?.rows ?? withoutTables(written))
    .map((row) => row.trim().replace(/^([*_]{1,2})(\S.*\S)\1$/, '$2'))
    .map(withoutSlips)
    .filter(Boolean);
  return { rows, talk };
}

/** Makes a recipe of its parts: its lines read, its steps read and linked to them. */
export function recipeOfParts(parts: SortedRows, options: RecipeTextOptions): Recipe {
  return readParts(parts, options).recipe;
}

/** A recipe of its parts, with what is told beside the work. */
export function readParts(parts: SortedRows, options: PartsOptions): RecipeRead {
  const { mend = (line) => line, propose = (work) => work } = options;
  const read = parts.lines.map(({ reading, component }, index) =>
    mend(lineOf(reading, index, component, options.larder)),
  );
  const mentions = new LineMentions(read, options.larder);
  const { steps: rows, asides } = withoutAsides(parts.steps, {
    namesOwnFood: (text) => mentions.in(text).size > 0,
    isNumbered: (step) => parts.numbered?.has(step) ?? false,
    roleSaid: roleSaidBy(options.roles),
  });
  const lines = withMeasuredAcid(withPulsesOfSteps(read, parts.steps, options.larder), options.larder);
  const jobs = jobsOf(propose(rows, lines));
  const { title, serves, portion, story, source, credit, permission, notes } = parts;
  // A recipe of a title only still has a place for its first line.
  const components: readonly RecipeComponent[] =
    parts.components.length > 0
      ? parts.components
      : [{ id: 'c1', name: kindOf(title) === 'salad' ? 'Salad' : title.slice(0, 40) || 'All', role: 'base' }];
  const recipe: Recipe = {
    title,
    kind: kindOf(title),
    serves,
    portion,
    system: options.system,
    leastBatch: '1/4',
    story,
    source,
    credit,
    permission,
    notes,
    choices: [],
    components,
    lines,
    steps: readSteps({
      jobs,
      componentIds: jobs.map(({ text }) => componentOfStep(text, lines, components)),
      lines,
      components,
      system: options.system,
      larder: options.larder,
      toldFrom: toldFrom(parts, jobs),
    }),
  };
  return { recipe: withAsides(recipe, asides, rows), asides };
}

/** Of lines that were told behind work, the first job that can mean them. */
function toldFrom(
  { lines }: SortedRows,
  jobs: readonly { readonly text: string }[],
): ReadonlyMap<string, number> {
  const letters = jobs.map(({ text }) => lettersOf(text));
  return new Map(
    lines.flatMap(({ behind }, index): [string, number][] => {
      const told = behind === undefined ? '' : lettersOf(behind);
      return told === '' ? [] : [[`l${index + 1}`, letters.findLastIndex((each) => told.includes(each)) + 1]];
    }),
  );
}

function componentOfStep(
  step: string,
  lines: readonly RecipeLine[],
  components: readonly RecipeComponent[],
): string {
  const named = components.find((component) => new RegExp(`\\b${component.role}\\b`, 'i').test(step));
  const used = lines.find((line) => step.toLowerCase().includes(line.name.toLowerCase()));
  return named?.id ?? used?.componentId ?? components[0]?.id ?? 'c1';
}
