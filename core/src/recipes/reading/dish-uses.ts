import type { ComponentId } from '../../identity/index.js';
import { type Rational, toFraction, toRational } from '../../amounts/index.js';
import type { Recipe, RecipeLine } from '../types.js';

/** A recipe of a text that is a part of another one. */
export interface DishUse {
  /** Place among the recipes of the text. */
  readonly recipe: number;
  readonly component: ComponentId;
  /** Place of the recipe that makes the component. */
  readonly of: number;
  /** How many batches of it. */
  readonly batches: Rational;
}

/** Small words of titles. */
const bare = (text: string) =>
  ` ${text
    .toLowerCase()
    .replace(/\b(?:the|a|an|our|my|quick|simple|easy|classic|basic)\b/g, ' ')
    .replace(/[^\p{L}]+/gu, ' ')
    .trim()} `;

/**
 * Recipes of one text with a part for each other one that a line of theirs names: "Lime crema, to serve",
 * "1 batch tahini dressing". The line is the part then.
 */
export function withDishUses(recipes: readonly Recipe[]): {
  readonly recipes: readonly Recipe[];
  readonly uses: readonly DishUse[];
} {
  if (recipes.length < 2) return { recipes, uses: [] };
  const uses: DishUse[] = [];
  const linked = recipes.map((recipe, index) => {
    const others = recipes.flatMap(({ title }, of) => (of === index ? [] : [{ of, title: bare(title) }]));
    return others.reduce((known, { of, title }) => {
      const line = known.lines.find((each) => isBatchOf(each, title));
      const takenBack = uses.some((use) => use.recipe === of && use.of === index);
      if (!line || takenBack) return known;
      const component = {
        id: `c${known.components.length + 1}`,
        name: recipes[of]!.title,
        role: roleOf(recipes[of]!),
      };
      uses.push({ recipe: index, component: component.id, of, batches: batchesOf(line) });
      return {
        ...known,
        components: [...known.components, component],
        lines: known.lines.filter((each) => each !== line),
        steps: known.steps.map((step) => ({
          ...step,
          uses: step.uses.filter((use) => use.line !== line.id),
        })),
      };
    }, recipe);
  });
  return { recipes: linked, uses };
}

function roleOf({ kind }: Recipe): 'base' | 'dressing' | 'dip' {
  return kind === 'salad' ? 'base' : kind;
}

/** A line of nothing but the title of another recipe, and what is said around it. */
function isBatchOf({ text, name }: RecipeLine, title: string): boolean {
  return title.trim() !== '' && (bare(name).includes(title) || bare(text).includes(title));
}

function batchesOf({ amount, unit }: RecipeLine): Rational {
  return amount && unit === 'piece' ? toRational(toFraction(amount.low)) : '1';
}
