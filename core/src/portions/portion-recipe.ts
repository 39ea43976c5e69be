import type { ClassDish } from '../class/index.js';
import { cacheByOwner } from '../identity/index.js';
import {
  findIngredient,
  type Ingredient,
  ingredientName,
  type Larder,
  standardLarder,
} from '../larder/index.js';
import {
  type Cut,
  cutOf,
  dippersOf,
  isServedBeside,
  type KeptBack,
  keptBackOf,
  type RecipeLine,
  type RecipeStep,
} from '../recipes/index.js';
import type { English } from '../words/index.js';
import { batchesInAll } from './batches.js';
import { absentCell, cellOf, createShow, keptShow, totalOf } from './cells.js';
import { measureOf } from './measures.js';
import { type Fills, fillsFor, fillsOf } from './fills.js';
import type { Batch, DishPortions, PortionLine, PortionOptions } from './types.js';
import { fitVessels, makesStep } from './vessels/fits.js';
import { sectionOf } from './vessels/section.js';

/**
 * The amounts of every line of a dish for each of its batches, and in all; what each step is done in; and the
 * bowl in section. Amounts stay exact; what is shown is formatted for the kitchen's spoons and scales. A line
 * without an amount stays "to taste".
 */
export function portionRecipe(
  dish: ClassDish,
  batches: readonly Batch[],
  options: PortionOptions,
  larder: Larder = standardLarder,
): DishPortions {
  const { recipe } = dish;
  const fits = options.vessels ? fitVessels(dish, batches, options.vessels, larder) : [];
  const dippers = dippersOf(recipe, larder);
  const context: LineContext = {
    dish,
    batches,
    options,
    larder,
    fills: fillsOf(recipe, fits),
    once: batches.find((batch) => batch.kind === 'made once'),
    dippers: new Map(dippers.map((line) => [line, dippers.length])),
  };
  return {
    dishId: dish.id,
    title: recipe.title,
    portion: dish.portion,
    maker: dish.maker,
    servesAsWritten: `serves ${recipe.serves} as written, ${recipe.portion}`,
    batches,
    batchesInAll: batchesInAll(batches),
    fits,
    section: options.vessels ? sectionOf(dish, batches, fits, options.vessels, larder) : null,
    offers: [],
    components: recipe.components
      .map((component) => ({
        name: component.name,
        role: component.role,
        lines: recipe.lines
          .filter((line) => line.componentId === component.id)
          .map((line) => portionLine(line, context)),
      }))
      .filter((component) => component.lines.length > 0),
  };
}

interface LineContext {
  readonly dish: ClassDish;
  readonly batches: readonly Batch[];
  readonly options: PortionOptions;
  readonly larder: Larder;
  readonly fills: Fills;
  readonly once: Batch | undefined;
  readonly dippers: ReadonlyMap<RecipeLine, number>;
}

/** Whether a batch makes a line: of the components it is for, and of the way it is made in. */
export function makesLine(batch: Batch, line: Pick<RecipeLine, 'componentId' | 'when'>): boolean {
  return makesStep(batch, line);
}

function portionLine(line: RecipeLine, context: LineContext): PortionLine {
  const { dish, batches, options, larder } = context;
  const ingredient = findIngredient(larder, line.ingredient);
  const show = createShow(line, ingredient, dish.recipe.system, options, context.dippers.get(line));
  const { words, keptBack } = factsOf(line, [ingredient, dish.recipe.steps, options.english]);
  const kept = keptShow(line, keptBack, ingredient, { system: dish.recipe.system, options });
  const cells = batches.map((batch) =>
    makesLine(batch, line)
      ? cellOf(line, batch, {
          show,
          kept,
          isKeptWithin: keptBack?.share !== undefined,
          fills: fillsFor(context.fills, line, batch),
        })
      : absentCell(line, batch, context.once),
  );
  return {
    lineId: line.id,
    ingredient: ingredient?.id ?? null,
    ...words,
    scaling: line.scaling,
    measure: measureOf(line, ingredient, options),
    keptBack: keptBack?.words ?? '',
    inLarder: ingredient !== null,
    cells,
    total: totalOf(line, batches, cells, show),
  };
}

interface LineFacts {
  readonly words: Pick<PortionLine, 'name' | 'note' | 'advice'>;
  readonly keptBack: KeptBack | null;
}

/** What is said of a line, however much there is of it. */
function factsOf(
  line: RecipeLine,
  from: readonly [Ingredient | null, readonly RecipeStep[], English],
): LineFacts {
  const [ingredient, steps, english] = from;
  return lineFacts(line, from, () => ({
    words: {
      name: lineName(line, ingredient, english),
      note: noteOf(line, ingredient),
      advice: adviceOf(line),
    },
    keptBack: keptBackOf(line, steps),
  }));
}

const lineFacts = cacheByOwner<RecipeLine, LineFacts>();

/** The reader's word for the ingredient, with the recipe's own more telling one where it has one. */
function lineName(line: RecipeLine, ingredient: Ingredient | null, english: English): string {
  if (!ingredient) return line.name;
  const part = line.byProducts.length > 0 ? ` ${line.byProducts.join(' and ')}` : '';
  const base = ingredientName(ingredient, english);
  return part && ingredient.id === 'egg' ? `egg${part}${part.endsWith('s') ? '' : 's'}` : `${base}${part}`;
}

const about = 'about';

/** The amount says itself that it is one. */
function withoutAbout(note: string): string {
  if (!note.startsWith(about)) return note;
  const rest = note.slice(about.length);
  return rest.startsWith(',') ? rest.slice(1).trimStart() : rest.trimStart();
}

/** How it is prepared, with the size of its cut. */
function noteOf(line: RecipeLine, ingredient: Ingredient | null): string {
  const cut = cutOf(line.text, ingredient);
  const note = withoutAbout(line.note);
  return [cut ? withCut(note, cut) : note, line.optional ? 'optional' : ''].filter(Boolean).join(', ');
}

function withCut(note: string, { words, size }: Cut): string {
  return /\d ?(?:mm|cm)\b/.test(note) ? note : note ? `${note} (${size})` : words;
}

function adviceOf(line: RecipeLine): string {
  if (line.scaling === 'startLow') return 'use ¾ first, taste, then the rest';
  if (line.scaling === 'toTaste') return isServedBeside(line) ? '' : 'to taste';
  return '';
}
