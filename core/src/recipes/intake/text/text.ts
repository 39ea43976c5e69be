import type { MeasureSystem } from '../../../amounts/index.js';
import type { Larder } from '../../../larder/index.js';
import type { Recipe, RecipeComponent, RecipeLine } from '../../types.js';
import { lineOf } from '../line/recipe-line.js';
import { boundedText } from './bounded.js';
import { sortRows, type SortedRows } from './rows.js';
import { kindOf } from './title.js';
import { LineMentions } from '../step/mentions.js';
import { jobsOf } from '../step/jobs.js';
import { readSteps } from '../step/steps.js';
import { withoutAsides } from '../../reading/asides.js';
import { withAsides } from '../../reading/noted.js';
import { withMeasuredAcid } from './measured-acid.js';
import { withPulsesOfSteps } from './pulses-by-steps.js';

export interface RecipeTextOptions {
  readonly system: MeasureSystem;
  readonly larder?: Larder;
}

/**
 * Finds title, lines by component and steps in pasted text. Always gives a recipe; empty parts stay empty.
 */
export function parseRecipeText(text: string, options: RecipeTextOptions): Recipe {
  const rows = boundedText(text)
    .split('\n')
    .map((row) => row.trim().replace(/^([*_]{1,2})(\S.*\S)\1$/, '$2'))
    .filter(Boolean);
  return recipeOfParts(sortRows(rows, options), options);
}

/** Makes a recipe of its parts: its lines read, its steps read and linked to them. */
export function recipeOfParts(parts: SortedRows, options: RecipeTextOptions): Recipe {
  const read = parts.lines.map(({ reading, component }, index) =>
    lineOf(reading, index, component, options.larder),
  );
  const mentions = new LineMentions(read, options.larder);
  const { steps: rows, asides } = withoutAsides(parts.steps, {
    namesOwnFood: (text) => mentions.in(text).size > 0,
    isNumbered: (step) => parts.numbered?.has(step) ?? false,
  });
  const jobs = jobsOf(rows);
  const lines = withMeasuredAcid(withPulsesOfSteps(read, parts.steps, options.larder), options.larder);
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
    }),
  };
  return withAsides(recipe, asides, rows);
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
