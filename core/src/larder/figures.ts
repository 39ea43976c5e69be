import { type FigureKind, kinds } from './figure-kinds.js';
import type { Ingredient, Section } from './types.js';

/** Who eats an ingredient of a kitchen's own, as far as its label says. */
export const eaters = ['not known', 'vegans', 'vegetarians', 'neither'] as const;
export type Eaters = (typeof eaters)[number];

/** What a kitchen says of an ingredient of its own. */
export interface OwnIngredient {
  readonly name: string;
  readonly section: Section;
  readonly shoppingUnit: Ingredient['shoppingUnit'];
  readonly packSize: number;
  readonly packName: string;
  readonly allergens: Ingredient['allergens'];
  /** True where nobody has looked: a dish with it is not said to be free of any. */
  readonly allergensNotKnown?: boolean;
  /** Absent is not known, and then nothing it is in is called vegan or vegetarian. */
  readonly eatenBy?: Eaters;
  /** What it is, by families of the larder: "poultry", "hard cheese". Absent where nobody has said. */
  readonly families?: readonly string[];
  /** Raw meat, fish or shellfish, with a board, knife and cloth of its own. */
  readonly rawProtein?: boolean;
}

/**
 * What a kitchen knows better, or adds: figures by their key, and the frame of an ingredient that is its own.
 */
export interface LarderEntry {
  readonly ingredient: string;
  readonly figures: Readonly<Record<string, number>>;
  readonly own: OwnIngredient | null;
  /** What this kitchen calls it besides: these words mean it in every recipe. */
  readonly called?: readonly string[];
  /** What the label of its pack warns of: "may contain". */
  readonly mayContain?: Ingredient['allergens'];
}

function split(key: string): { kind: FigureKind | undefined; rest: string } {
  const [name = '', ...rest] = key.split('.');
  return { kind: Object.hasOwn(kinds, name) ? kinds[name] : undefined, rest: rest.join('.') };
}

const keyShape = /^[a-zA-Z]+(?:\.[a-z0-9+-]{1,40})?$/;

/** Why a figure cannot be true; empty where it can. */
export function figureProblem(key: string, value: number): string {
  const { kind, rest } = split(key);
  if (!kind || !keyShape.test(key)) return `“${key}” is no figure of the larder.`;
  if (!Number.isFinite(value)) return `${kind.label(rest)} must be a number.`;
  if (value < kind.least || value > kind.most)
    return (
      `${kind.label(rest)} lies between ${kind.least} and ` +
      `${kind.most}${kind.unit ? ` ${kind.unit}` : ''}, not at ${value}.`
    );
  return '';
}

/** The ingredient with one figure replaced by the kitchen's own. */
export function withFigure(ingredient: Ingredient, key: string, value: number): Ingredient {
  const { kind, rest } = split(key);
  if (!kind || figureProblem(key, value)) return ingredient;
  return {
    ...kind.write(ingredient, rest, { value, source: 'measured' }),
    measured: [...(ingredient.measured ?? []), key],
  };
}

/**
 * The mean of weighings as they were typed, in grams to a tenth; null where none is written, or one of them
 * is no weight.
 */
export function averageGrams(weighings: readonly string[]): number | null {
  const written = weighings
    .map((weight) => weight.trim().replace(',', '.'))
    .filter(Boolean)
    .map(Number);
  if (written.length === 0 || written.some((weight) => !(weight > 0))) return null;
  return Math.round((written.reduce((sum, weight) => sum + weight, 0) / written.length) * 10) / 10;
}
