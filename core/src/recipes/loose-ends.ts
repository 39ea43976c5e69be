import { toFraction, toRational, type Rational } from '../amounts/index.js';
import type { Larder } from '../larder/index.js';
import { LineMentions, unlistedNames } from './intake/links.js';
import type { Recipe } from './types.js';

/** What lines and steps of a recipe leave open between each other. */
export interface LooseEnds {
  /** Lines that no step uses, by their name. */
  readonly unused: readonly string[];
  /** Lines of which steps use a part only, with the share that is left. */
  readonly partly: readonly { readonly name: string; readonly left: Rational }[];
  /** Ingredients that steps name and no line has. */
  readonly unlisted: readonly string[];
}

/** Compares the lines of a recipe with its steps. Nothing is loose where there are no steps at all. */
export function looseEnds(recipe: Pick<Recipe, 'lines' | 'steps'>, larder?: Larder): LooseEnds {
  if (recipe.steps.length === 0) return { unused: [], partly: [], unlisted: [] };
  const used = new Map<string, ReturnType<typeof toFraction>>();
  for (const { line, share } of recipe.steps.flatMap((step) => step.uses)) used.set(line, (used.get(line) ?? toFraction('0')).add(toFraction(share)));
  const mentions = new LineMentions(recipe.lines, larder);
  const named = new Set(recipe.steps.flatMap((step) => [...mentions.in(step.text).keys()]));
  const nameOf = (line: Recipe['lines'][number]) => line.name || line.text;
  return {
    unused: recipe.lines.filter((line) => !used.has(line.id) && !named.has(line.id)).map(nameOf),
    partly: recipe.lines.filter((line) => used.has(line.id) && used.get(line.id)!.compare(1) < 0).map((line) => ({ name: nameOf(line), left: toRational(toFraction('1').sub(used.get(line.id)!)) })),
    unlisted: unlistedNames(recipe.steps.map((step) => step.text), recipe.lines, larder),
  };
}
