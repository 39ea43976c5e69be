import { toFraction, toRational, type Rational } from '../amounts/index.js';
import { cacheByOwner } from '../identity/index.js';
import { standardLarder, type Larder } from '../larder/index.js';
import { LineMentions } from './intake/step/mentions.js';
import { unlistedNames } from './intake/step/unlisted.js';
import type { Recipe } from './types.js';

/** What lines and steps of a recipe leave open between each other. */
export interface LooseEnds {
  /** Measured lines that no step uses, by their name. What is to taste is used without a word. */
  readonly unused: readonly string[];
  /** Lines of which steps use a part only, with the share that is left. */
  readonly partly: readonly { readonly name: string; readonly left: Rational }[];
  /** Ingredients that steps name and no line has. */
  readonly unlisted: readonly string[];
}

const none: LooseEnds = { unused: [], partly: [], unlisted: [] };
const comparedBefore = new WeakMap<Larder, Map<string, LooseEnds>>();
const rememberedRecipes = 200;

/**
 * Compares the lines of a recipe with its steps. Nothing is loose where there are no steps at all. The same
 * words are compared once: a class is planned again for every changed number, its recipes seldom change.
 */
export function looseEnds(
  recipe: Pick<Recipe, 'lines' | 'steps'>,
  larder: Larder = standardLarder,
): LooseEnds {
  if (recipe.steps.length === 0) return none;
  return comparedLast(recipe, [larder], () => comparedByWords(recipe, larder));
}

const comparedLast = cacheByOwner<Pick<Recipe, 'lines' | 'steps'>, LooseEnds>();

function comparedByWords(recipe: Pick<Recipe, 'lines' | 'steps'>, larder: Larder): LooseEnds {
  const known = comparedBefore.get(larder) ?? new Map<string, LooseEnds>();
  comparedBefore.set(larder, known);
  const key = JSON.stringify([
    recipe.lines.map(({ id, name, text, ingredient, byProducts, unit, alternatives, amount }) => [
      id,
      name,
      text,
      ingredient,
      byProducts,
      unit,
      alternatives,
      amount === null,
    ]),
    recipe.steps.map(({ text, uses }) => [text, uses]),
  ]);
  const before = known.get(key);
  if (before) return before;
  if (known.size >= rememberedRecipes) known.clear();
  const found = compare(recipe, larder);
  known.set(key, found);
  return found;
}

function compare(recipe: Pick<Recipe, 'lines' | 'steps'>, larder: Larder): LooseEnds {
  const used = new Map<string, ReturnType<typeof toFraction>>();
  for (const { line, share } of recipe.steps.flatMap((step) => step.uses))
    used.set(line, (used.get(line) ?? toFraction('0')).add(toFraction(share)));
  const mentions = new LineMentions(recipe.lines, larder);
  const named = new Set(recipe.steps.flatMap((step) => [...mentions.in(step.text).keys()]));
  const nameOf = (line: Recipe['lines'][number]) => line.name || line.text;
  return {
    unused: recipe.lines
      .filter((line) => line.amount !== null && !used.has(line.id) && !named.has(line.id))
      .map(nameOf),
    partly: recipe.lines
      .filter((line) => used.has(line.id) && used.get(line.id)!.compare(1) < 0)
      .map((line) => ({ name: nameOf(line), left: toRational(toFraction('1').sub(used.get(line.id)!)) })),
    unlisted: unlistedNames(
      recipe.steps.map((step) => step.text),
      recipe.lines,
      larder,
    ),
  };
}
