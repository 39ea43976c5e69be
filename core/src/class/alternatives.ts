import {
  type DishId,
  type IngredientId,
  type LineId,
  lineKey,
  type LineKey,
  lookUp,
} from '../identity/index.js';
import { allergensByList, findIngredient, ingredientName, type Larder } from '../larder/index.js';
import {
  candidatesOf,
  contentsOf,
  dietsOf,
  groupWordsOf,
  type LineReading,
  notKnownWords,
  parseIngredientLine,
  type Recipe,
  type RecipeLine,
} from '../recipes/index.js';
import type { English } from '../words/index.js';
import { type AllergenList } from '../larder/index.js';
import { inNameOf, replacedAmount, type Replaced, replacedIngredient } from './substitute.js';

/** What may take the place of a line, or fill it. */
export interface AlternativeOption {
  /** As the recipe writes it: "2 tsp sugar". It is the decision. */
  readonly text: string;
  readonly name: string;
  /** Null where the larder has no such thing. */
  readonly ingredient: IngredientId | null;
  readonly inCupboard: boolean;
  /** What it changes about the dish, in words; empty where nothing. */
  readonly effect: string;
}

/** A line of which the recipe leaves something open. */
export interface LineAlternatives {
  readonly key: LineKey;
  readonly dishId: DishId;
  readonly dish: string;
  readonly lineId: LineId;
  /** As the recipe has it. */
  readonly name: string;
  /** The food of it, as the recipe has it or as it was decided; null where neither says. */
  readonly ingredient: IngredientId | null;
  /** For a group that the shopper fills: "any colour", "half red, half yellow"; empty for an "or". */
  readonly group: string;
  /** The text of the option that was taken; null where the recipe's own stands. */
  readonly taken: string | null;
  /** What is in the cupboard stands first. */
  readonly options: readonly AlternativeOption[];
}

type Taken = Readonly<Record<LineKey, string>>;

/** The recipe with what was decided in place of its lines. The recipe itself where nothing was. */
export function withAlternatives(
  recipe: Recipe,
  dishId: DishId,
  taken: Taken,
  larder: Larder,
  english: English,
): Recipe {
  if (Object.keys(taken).length === 0) return recipe;
  return recipe.lines.reduce((made, line) => {
    const text = lookUp(taken, lineKey(dishId, line.id));
    return text === undefined || !textsOf(line, larder).includes(text)
      ? made
      : withAlternative(made, line, text, larder, english);
  }, recipe);
}

function withAlternative(
  recipe: Recipe,
  line: RecipeLine,
  text: string,
  larder: Larder,
  english: English,
): Recipe {
  const next = lineWith(line, text, recipe.system, larder);
  const before = findIngredient(larder, line.ingredient);
  const after = findIngredient(larder, next.ingredient);
  const name = after ? ingredientName(after, english) : next.name;
  const replaced: Replaced = before
    ? replacedIngredient(before, english)
    : { names: [line.name], called: line.name, isFruit: false };
  return {
    ...recipe,
    lines: recipe.lines.map((each) => (each.id === line.id ? next : each)),
    steps: recipe.steps.map((step) =>
      step.uses.some((use) => use.line === line.id) ? inNameOf(step, replaced, name) : step,
    ),
  };
}

/**
 * The line with an alternative in its place: with the amount that is written for it, or by the larder's ratio
 * (fresh to dried), or else as much as of the first.
 */
function lineWith(line: RecipeLine, text: string, system: Recipe['system'], larder: Larder): RecipeLine {
  const read = readAs(line, text, system, larder);
  const measure = read.amount ? read : measureOf(line, read.ingredient, system, larder);
  const { amount, unit, pack } = measure;
  const isPart = (form: string) => form === 'juiced' || form === 'zested';
  return {
    ...line,
    amount: amount && { low: amount.low, high: amount.high },
    unit,
    pack,
    second: null,
    name: read.name,
    ingredient: read.ingredient,
    byProducts: read.byProducts,
    preparation: [...new Set([...read.preparation, ...line.preparation.filter((form) => !isPart(form))])],
    basis: read.amount ? read.basis : line.basis,
    note: [withoutAlternatives(line), `instead of ${line.name}`].filter(Boolean).join(', '),
    unread: '',
    confidence: read.confidence,
  };
}

/** An alternative as its line would read it: what comes in a tin is the tinned kind. */
function readAs(line: RecipeLine, text: string, system: Recipe['system'], larder: Larder): LineReading {
  const isPacked = line.unit === 'tin' || line.unit === 'jar';
  const own = parseIngredientLine(text, { system, larder });
  if (own.amount || !isPacked) return own;
  return { ...parseIngredientLine(`1 ${line.unit} ${text}`, { system, larder }), amount: null };
}

function measureOf(
  line: RecipeLine,
  to: IngredientId | null,
  system: Recipe['system'],
  larder: Larder,
): Pick<RecipeLine, 'amount' | 'unit' | 'pack'> {
  const from = findIngredient(larder, line.ingredient);
  const rule = from?.substitutes.find(({ ingredient }) => ingredient === to);
  const isOtherSize = rule !== undefined && rule.ratio !== 1 && line.amount !== null && line.unit !== null;
  const by = isOtherSize
    ? replacedAmount({ ...line.amount, unit: line.unit }, line, { from: from!, rule, system })
    : null;
  return by ? { amount: by, unit: by.unit, pack: null } : line;
}

/** The note without the words that allow another thing. */
function withoutAlternatives(line: RecipeLine): string {
  return line.note
    .split(', ')
    .filter((piece) => !/^or | or /i.test(piece) && groupWordsOf(piece) === '')
    .join(', ');
}

/** The texts that may stand in place of a line: what its recipe allows; of a group what it can be. */
function textsOf(line: RecipeLine, larder: Larder): readonly string[] {
  if (line.ingredient !== null || groupWordsOf(line.note) === '') return line.alternatives;
  const names = candidatesOf(line.unit === 'tin' ? `tinned ${line.name}` : line.name, larder).flatMap(
    (id) => findIngredient(larder, id)?.names.uk ?? [],
  );
  return [...new Set([...line.alternatives, ...names])];
}

export interface AlternativesContext {
  readonly taken: Taken;
  readonly larder: Larder;
  readonly english: English;
  readonly allergenList: AllergenList;
  /** What is in the cupboard. */
  readonly stock: readonly { readonly ingredient: IngredientId }[];
}

/**
 * What the lines of a dish leave open, with what each option does to the dish. `recipe` is as the larder
 * reads it, with its choices made, before anything was decided about its lines.
 */
export function alternativesOf(
  dishId: DishId,
  recipe: Recipe,
  context: AlternativesContext,
): LineAlternatives[] {
  return recipe.lines.flatMap((line): LineAlternatives[] => {
    const group = groupWordsOf(line.note);
    const texts = textsOf(line, context.larder);
    if (texts.length === 0 && group === '') return [];
    const options = texts.map((text) => optionOf(recipe, line, text, context));
    const key = lineKey(dishId, line.id);
    const taken = options.find(({ text }) => text === lookUp(context.taken, key)) ?? null;
    return [
      {
        key,
        dishId,
        dish: recipe.title,
        lineId: line.id,
        name: line.name,
        ingredient: taken ? taken.ingredient : line.ingredient,
        group,
        taken: taken?.text ?? null,
        options: [...options].sort((a, b) => Number(b.inCupboard) - Number(a.inCupboard)),
      },
    ];
  });
}

function optionOf(
  recipe: Recipe,
  line: RecipeLine,
  text: string,
  { larder, english, allergenList, stock }: AlternativesContext,
): AlternativeOption {
  const next = lineWith(line, text, recipe.system, larder);
  const after = { lines: recipe.lines.map((each) => (each === line ? next : each)) };
  const food = findIngredient(larder, next.ingredient);
  return {
    text,
    name: food ? ingredientName(food, english) : next.name,
    ingredient: next.ingredient,
    inCupboard: stock.some(({ ingredient }) => ingredient === next.ingredient),
    effect: effectOf(recipe, after, larder, allergenList),
  };
}

/** "brings milk, no longer vegan": what an alternative changes about what the dish contains. */
function effectOf(
  before: Pick<Recipe, 'lines'>,
  after: Pick<Recipe, 'lines'>,
  larder: Larder,
  list: AllergenList,
): string {
  const was = contentsOf(before, larder);
  const is = contentsOf(after, larder);
  const listed = (contents: typeof was) => allergensByList(contents.allergens, list);
  const brings = listed(is).filter((each) => !listed(was).includes(each));
  const spares = listed(was).filter((each) => !listed(is).includes(each));
  const open = is.notKnown.filter((name) => !was.notKnown.includes(name));
  const diets = (contents: Pick<Recipe, 'lines'>) => dietsOf(contents, larder)[0];
  const diet = diets(after);
  return [
    brings.length > 0 ? `brings ${brings.join(', ')}` : '',
    spares.length > 0 ? `then without ${spares.join(', ')}` : '',
    open.length > 0 ? `allergens ${notKnownWords(open)}` : '',
    diet === diets(before) || was.notKnown.length > 0 || open.length > 0
      ? ''
      : diet
        ? `then ${diet}`
        : `no longer ${diets(before)}`,
  ]
    .filter(Boolean)
    .join('; ');
}
