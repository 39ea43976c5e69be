import {
  type Amount,
  convert,
  type MeasureSystem,
  toFraction,
  toRational,
  unitKind,
} from '../amounts/index.js';
import {
  conversionFacts,
  type Ingredient,
  ingredientName,
  type Larder,
  type Substitute,
} from '../larder/index.js';
import { pieceSizeOf, type Recipe, type RecipeLine, type RecipeStep, retold } from '../recipes/index.js';
import type { English } from '../words/index.js';

/** Takes one ingredient's place everywhere in a recipe: amounts by its ratio, and the words of the steps. */
export function withSubstitute(
  recipe: Recipe,
  missing: string,
  taken: string,
  larder: Larder,
  english: English,
): Recipe {
  const from = larder.ingredients.get(missing);
  const to = larder.ingredients.get(taken);
  const rule = from?.substitutes.find((each) => each.ingredient === taken);
  if (!from || !to || !rule) return recipe;
  const changed = new Map<string, RecipeLine>();
  for (const line of recipe.lines) {
    const next =
      line.ingredient === missing
        ? substituted(line, { from, to, rule, english, system: recipe.system })
        : null;
    if (next) changed.set(line.id, next);
  }
  if (changed.size === 0) return recipe;
  const steps = recipe.steps.map((step) => {
    const uses = step.uses.some((use) => changed.has(use.line));
    return fallsAway(step, uses, { from, rule })
      ? withoutWork(step, ingredientName(to, english))
      : uses
        ? inNameOf(step, replacedIngredient(from, english), ingredientName(to, english))
        : step;
  });
  return { ...recipe, lines: recipe.lines.map((line) => changed.get(line.id) ?? line), steps };
}

interface Substitution {
  readonly from: Ingredient;
  readonly to: Ingredient;
  readonly rule: Substitute;
  readonly english: English;
  readonly system: MeasureSystem;
}

/**
 * The line with the other ingredient; null where it cannot take its place: fruit is replaced for its juice
 * only.
 */
function substituted(line: RecipeLine, substitution: Substitution): RecipeLine | null {
  const { from, to, english } = substitution;
  if (from.byProducts && !(line.byProducts.length === 1 && line.byProducts[0] === 'juice')) return null;
  const amount =
    line.amount && line.unit ? replacedAmount({ ...line.amount, unit: line.unit }, line, substitution) : null;
  if (line.amount && !amount) return null;
  const note = [line.note, `instead of ${ingredientName(from, english)}`].filter(Boolean).join(', ');
  return {
    ...line,
    name: ingredientName(to, english),
    ingredient: to.id,
    note,
    second: null,
    pack: null,
    keptBack: null,
    byProducts: to.byProducts ? line.byProducts : [],
    amount: amount && { low: amount.low, high: amount.high },
    unit: amount?.unit ?? null,
  };
}

/**
 * The ratio holds by volume or by weight: an amount in another kind of unit is converted first. Null where a
 * fact is missing.
 */
export function replacedAmount(
  amount: Amount,
  line: RecipeLine,
  { from, rule, system }: Pick<Substitution, 'from' | 'rule' | 'system'>,
): Amount | null {
  const by = rule.by === 'volume' ? 'ml' : 'g';
  const sameKind = unitKind(amount.unit) === (rule.by === 'volume' ? 'volume' : 'mass');
  const juice = from.byProducts?.juiceMillilitres?.low.value;
  const measured: Amount | null = sameKind
    ? amount
    : juice && amount.unit === 'piece'
      ? times(amount, toRational(juice), 'ml')
      : converted(amount, by);
  return measured && times(measured, toRational(toFraction(rule.ratio).simplify(0.001)), measured.unit);

  function converted(given: Amount, unit: 'ml' | 'g'): Amount | null {
    const result = convert(
      given,
      unit,
      conversionFacts(from, line.preparation, pieceSizeOf(line.note)),
      system,
    );
    return result.ok ? result.amount : null;
  }
}

function times(amount: Amount, by: string, unit: Amount['unit']): Amount {
  const end = (value: string) => toRational(toFraction(value).mul(toFraction(by)));
  return { low: end(amount.low), high: end(amount.high), unit };
}

/**
 * Whether a prepared substitute saves a step: one that uses what is replaced, or names it, and is no more
 * than the work that falls away.
 */
function fallsAway(
  step: RecipeStep,
  uses: boolean,
  { from, rule }: Pick<Substitution, 'from' | 'rule'>,
): boolean {
  const work =
    rule.savesWork.length > 0 && new RegExp(`\\b(?:${rule.savesWork.join('|')})`, 'i').test(step.text);
  const lastWord = from.names.uk.split(' ').pop()!;
  return work && (uses || new RegExp(`\\b${lastWord}`, 'i').test(step.text));
}

/** A step that is done already: a minute to open and drain, nothing to wait for and nothing to occupy. */
function withoutWork(step: RecipeStep, name: string): RecipeStep {
  return {
    ...retold(step, `Open the ${name}: ready to use. (Instead of: ${step.text.trim()})`),
    handsOnMinutes: Math.min(1, step.handsOnMinutes),
    waitMinutes: null,
    until: '',
    occupies: null,
    demonstrateMinutes: 0,
    tools: [],
  };
}

/** What is replaced, as a step names it. */
export interface Replaced {
  readonly names: readonly string[];
  /** Its name in the remark. */
  readonly called: string;
  /** A fruit whose juice is replaced: the method speaks of the fruit. */
  readonly isFruit: boolean;
}

export function replacedIngredient(from: Ingredient, english: English): Replaced {
  return {
    names: [from.names.uk, from.names.us, ...from.names.also],
    called: ingredientName(from, english),
    isFruit: from.byProducts !== undefined,
  };
}

/** The step in the name of what takes its place; where it names nothing, a remark at its end. */
export function inNameOf(step: RecipeStep, from: Replaced, name: string): RecipeStep {
  const names = [...from.names]
    .filter(Boolean)
    .sort((a, b) => b.length - a.length)
    .map((each) => each.replace(/[.*+?^${}()|[\]\\]/g, '\\$&'));
  const pattern = new RegExp(`\\b(?:${names.join('|')})s?\\b`, 'gi');
  const text =
    names.length > 0 && !from.isFruit && pattern.test(step.text)
      ? step.text.replace(pattern, name)
      : `${step.text.trim()} (Use ${name} instead of ${from.called}.)`;
  return retold(step, text);
}
