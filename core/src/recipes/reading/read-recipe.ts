import { parseIngredientLine } from '../intake/line/line.js';
import { lineOf } from '../intake/line/recipe-line.js';
import { sortRows } from '../intake/text/rows.js';
import type { SortedRows } from '../intake/text/sorted-rows.js';
import { type RecipeTextOptions, readParts, rowsOfTalk } from '../intake/text/text.js';
import { withActs } from '../acts/read.js';
import type { Recipe, RecipeLine, RecipeStep, StepUse } from '../types.js';
import { dishesOf } from './dishes.js';
import { type Answers, type Doubt, doubtId, harms, worstFirst } from './doubt.js';
import { doubtsOf } from './doubts.js';
import { type DishUse, withDishUses } from './dish-uses.js';
import { partsToMake, type Proposal, proposalsFor, withProposed } from './proposals.js';
import { lettersOf, roleSaidBy, type RowRole, type SaidRoles } from './row-roles.js';
import { type RowRead, rowsRead } from './rows-read.js';
import { readTimes } from '../intake/step/times.js';
import { guessServings } from './servings-guess.js';
import { withoutSlips } from './slips.js';
import { minutesShown } from './stamps.js';

export interface ReadRecipeOptions extends RecipeTextOptions {
  /** Answers to doubts that were asked before. */
  readonly answers?: Answers;
  /** What a person said that rows or sentences are. */
  readonly roles?: SaidRoles;
}

/** Work that was proposed for a recipe, with what can be chosen instead. */
export interface ProposalMade {
  readonly id: string;
  readonly recipe: number;
  readonly line: string;
  /** A line is cooked, and could be bought so; else a part is made. */
  readonly isCooked: boolean;
  readonly why: string;
  /** Ids of the steps that stand for it; none where it was declined. */
  readonly steps: readonly string[];
  readonly choice: 'keep' | 'bought' | 'leave out';
}

/** What a text was read as, before anybody touches it. */
export interface TextRead {
  readonly recipes: readonly Recipe[];
  /** Worst first. */
  readonly doubts: readonly Doubt[];
  readonly proposals: readonly ProposalMade[];
  /** Which recipe of the text is a part of which other. */
  readonly uses: readonly DishUse[];
  /** What each written row became. */
  readonly rows: readonly RowRead[];
}

/**
 * Reads a text as a cook understands it: each dish as a recipe, its lines, its work with acts, uses, order
 * and times; work that it lacks is proposed and stands in its place, marked by `proposed`. What could matter
 * and is not sure comes back as doubts, each with the guess on which the recipe stands. The same text, with
 * the same answers and roles, gives the same. Never throws; an empty text gives no recipe.
 */
export function readRecipe(text: string, options: ReadRecipeOptions): TextRead {
  const { rows, talk } = rowsOfTalk(text);
  if (rows.length === 0) return { recipes: [], doubts: [], proposals: [], uses: [], rows: [] };
  const { dishes, isUnsure } = cutInDishes(rows, options);
  const read: DishRead[] = [];
  for (const [index, dish] of dishes.entries())
    read.push(readDish(dish, { index, options, ofAll: read[0]?.found }));
  const shown = talk && minutesShown(talk);
  const { recipes, uses } = withDishUses(read.map(({ recipe }) => recipe));
  const doubts = read.flatMap(({ doubts: own }) => own);
  return {
    recipes: recipes.map((recipe) =>
      withActs(shown ? withMinutesShown(recipe, shown) : recipe, options.larder),
    ),
    doubts: worstFirst([...doubts, ...aboutDishes(recipes, isUnsure)]),
    proposals: read.flatMap(({ proposals }) => proposals),
    uses,
    rows: rowsRead(text, read, options.roles),
  };
}

/** Work that a talk shows and says no minutes of takes as long as it was shown. */
function withMinutesShown(recipe: Recipe, shown: ReadonlyMap<string, number>): Recipe {
  const sentences = [...shown].map(([words, minutes]) => ({
    letters: lettersOf(withoutSlips(words)),
    minutes,
  }));
  return {
    ...recipe,
    steps: recipe.steps.map((step) => {
      const own = sentences.find(({ letters }) => letters.includes(lettersOf(step.text)));
      const isSaid = step.waitMinutes !== null || readTimes(step.text).length > 0;
      return own && !isSaid ? { ...step, handsOnMinutes: own.minutes, isWorkedOut: false } : step;
    }),
  };
}

const dishesId = doubtId('dishes', '');

function cutInDishes(rows: readonly string[], options: ReadRecipeOptions) {
  const isOne = options.answers?.[dishesId] === 'one';
  return isOne ? { dishes: [rows], isUnsure: false } : dishesOf(rows, options);
}

function aboutDishes(recipes: readonly Recipe[], isUnsure: boolean): Doubt[] {
  if (!isUnsure) return [];
  const titles = recipes.map(({ title }) => `“${title}”`).join(' and ');
  return [
    {
      id: dishesId,
      about: { recipe: 0 },
      question: `Are ${titles} recipes of their own, or parts of one?`,
      guess: 'several',
      candidates: [
        { value: 'several', label: `${recipes.length} recipes` },
        { value: 'one', label: 'One recipe' },
      ],
      harm: harms.dishes,
    },
  ];
}

interface DishRead {
  readonly recipe: Recipe;
  readonly doubts: readonly Doubt[];
  readonly proposals: readonly ProposalMade[];
  readonly found: SortedRows;
  readonly asides: ReturnType<typeof readParts>['asides'];
}

interface DishContext {
  readonly index: number;
  readonly options: ReadRecipeOptions;
  /** The first dish of the text: what is said before its title is said of all. */
  readonly ofAll: SortedRows | undefined;
}

function readDish(rows: readonly string[], { index, options, ofAll }: DishContext): DishRead {
  const { answers = {}, larder } = options;
  const roles = { ...options.roles, ...rolesAnswered(answers) };
  const found = sortRows(rows, { ...options, roles });
  if (ofAll?.isServesOfAll && !found.isServesSaid) {
    found.serves = ofAll.serves;
    found.isServesSaid = true;
  }
  const proposed: Proposal[] = [];
  const { recipe: plain, asides } = readParts(withAdded(found, answers, options), {
    ...options,
    roles,
    mend: (line) => answered(line, answers, options),
    propose: (work, lines) => {
      proposed.push(
        ...partsToMake(work, lines, found.components, larder),
        ...proposalsFor(work, lines, larder),
      );
      return withProposed(
        work,
        proposed.filter((each) => choiceOf(each, lines, answers) === 'keep'),
      );
    },
  });
  const recipe = finished(plain, { found, proposed, answers, index, options });
  const roleSaid = roleSaidBy(roles);
  return {
    recipe,
    found,
    asides,
    proposals: proposed.map((each) => proposalMade(each, recipe, index, answers)),
    doubts: doubtsOf({
      recipe,
      index,
      isServesSaid: found.isServesSaid || answers[doubtId('serves', String(index))] !== undefined,
      asides,
      isSureStep: (text) => (found.numbered?.has(text) ?? false) || roleSaid(text) !== undefined,
      ...(larder && { larder }),
    }).filter(({ id }) => answers[id] === undefined),
  };
}

interface Finishing {
  readonly found: SortedRows;
  readonly proposed: readonly Proposal[];
  readonly answers: Answers;
  readonly index: number;
  readonly options: ReadRecipeOptions;
}

/** The recipe with its servings, its proposals marked, and lines in the steps that were chosen for them. */
function finished(recipe: Recipe, { found, proposed, answers, index, options }: Finishing): Recipe {
  const said = Number(answers[doubtId('serves', String(index))]);
  const guess = found.isServesSaid ? null : guessServings(recipe, options.larder);
  const serves = said > 0 ? said : (guess?.serves ?? recipe.serves);
  const used = recipe.lines.flatMap((line) => {
    const step = answers[doubtId('unused', line.text)];
    return step === undefined ? [] : [{ line: line.id, step: lettersOf(step) }];
  });
  return {
    ...recipe,
    serves,
    steps: recipe.steps.map((step) => {
      const own = used.filter((each) => each.step === lettersOf(step.text));
      const uses: StepUse[] = [...step.uses, ...own.map(({ line }) => ({ line, share: '1' as const }))];
      return marked(own.length > 0 ? { ...step, uses } : step, proposed);
    }),
  };
}

/** A proposed text may have been cut into several jobs. */
function marked(step: RecipeStep, proposed: readonly Proposal[]): RecipeStep {
  const letters = lettersOf(step.text);
  const own = proposed.find(({ texts }) => texts.some((text) => lettersOf(text).includes(letters)));
  return own ? { ...step, proposed: own.why } : step;
}

const proposalId = ({ part }: Proposal, line: Pick<RecipeLine, 'text'>) =>
  part === undefined ? doubtId('cooked', line.text) : doubtId('made', part);

function choiceOf(
  proposal: Proposal,
  lines: readonly RecipeLine[],
  answers: Answers,
): ProposalMade['choice'] {
  const answer =
    answers[
      proposalId(
        proposal,
        lines.find(({ id }) => id === proposal.line)!,
      )
    ];
  return answer === 'bought' || answer === 'leave out' ? answer : 'keep';
}

function proposalMade(each: Proposal, recipe: Recipe, index: number, answers: Answers): ProposalMade {
  const line = recipe.lines.find(({ id }) => id === each.line)!;
  const own = recipe.steps.filter((step) => step.proposed === each.why);
  return {
    id: proposalId(each, line),
    isCooked: each.part === undefined,
    recipe: index,
    line: line.id,
    why: each.why,
    steps: own.map(({ id }) => id),
    choice: choiceOf(each, recipe.lines, answers),
  };
}

/** A line as it was answered: which food it is, or how much of it. */
function answered(line: RecipeLine, answers: Answers, options: RecipeTextOptions): RecipeLine {
  const food = answers[doubtId('food', line.text)];
  const amount = answers[doubtId('amount', line.text)];
  if (amount !== undefined) {
    const reading = parseIngredientLine(`${amount} ${line.text}`, options);
    return { ...lineOf(reading, 0, line.componentId, options.larder), id: line.id };
  }
  return food === undefined
    ? line
    : { ...line, ingredient: food, unread: '', confidence: 1, corrected: true };
}

/** Lines that were added for what the steps speak of. */
function withAdded(found: SortedRows, answers: Answers, options: RecipeTextOptions): SortedRows {
  const names = Object.entries(answers).flatMap(([id, answer]) =>
    id.startsWith('unlisted|') && answer === 'add' ? id.slice('unlisted|'.length) : [],
  );
  const inSteps = found.steps.join(' ').toLowerCase();
  const component = found.components[0]?.id ?? 'c1';
  return {
    ...found,
    lines: [
      ...found.lines,
      ...names
        .filter((name) => inSteps.includes(name))
        .map((name) => ({ reading: parseIngredientLine(name, options), component })),
    ],
  };
}

function rolesAnswered(answers: Answers): Record<string, RowRole> {
  return Object.fromEntries(
    Object.entries(answers).flatMap(([id, answer]) =>
      id.startsWith('role|') ? [[id.slice('role|'.length), answer as RowRole]] : [],
    ),
  );
}
