import { cacheByOwner } from '../identity/index.js';
import type { Workings } from '../amounts/index.js';
import { type Family, family, type Larder } from '../larder/index.js';
import {
  type ActingStep,
  doing,
  either,
  type Recipe,
  type RecipeLine,
  type RecipeStep,
  saying,
} from '../recipes/index.js';
import { type WeighedLine, weighedLines } from './base-of.js';

/** What cut food gives off in the bowl before it is eaten, as a share of its weight. ~ */
interface Wet {
  readonly foods: Family;
  readonly share: number;
  /** Whether a step or a note leaves it wet no more. */
  readonly dries: (step: ActingStep) => boolean;
  readonly what: string;
}

const wet: readonly Wet[] = [
  {
    foods: family('tomatoes'),
    share: 0.08,
    dries: either(doing('drain', 'stone', 'salt', 'squeeze'), saying('drained', 'squeezed', 'salted')),
    what: 'not drained',
  },
  {
    foods: family('watery vegetables'),
    share: 0.1,
    dries: either(doing('squeeze', 'drain', 'pat'), saying('squeezed', 'drained')),
    what: 'not squeezed',
  },
  {
    foods: family('pulses'),
    share: 0.05,
    dries: either(doing('dry'), saying('dry')),
    what: 'wet from rinsing',
  },
];

interface WetLine {
  readonly name: string;
  readonly what: string;
  readonly millilitres: number;
}

/** Liquid that wet food brings into a dressing, for the recipe as written. */
export interface Dilution {
  readonly lines: readonly WetLine[];
  readonly millilitres: number;
}

const remembered = cacheByOwner<Recipe, Dilution>();

/** Liquid from undrained tomatoes, cucumber that is salted and not squeezed, and wet pulses. */
export function dilutionOf(recipe: Recipe, larder: Larder): Dilution {
  return remembered(recipe, [larder], () => {
    const lines = weighedLines(recipe, larder, ['base']).flatMap((each) => wetLine(each, recipe));
    return { lines, millilitres: lines.reduce((sum, each) => sum + each.millilitres, 0) };
  });
}

function wetLine({ line, ingredient, grams }: WeighedLine, { steps }: Recipe): WetLine[] {
  const kind = wet.find(({ foods }) => foods.has(ingredient));
  if (!kind || line.preparation.includes('seeded')) return [];
  if (kind.dries({ text: line.note }) || stepsWith(line, steps).some(kind.dries)) return [];
  const millilitres = grams * kind.share;
  return millilitres >= 1 ? [{ name: line.name, what: kind.what, millilitres }] : [];
}

function stepsWith({ id }: RecipeLine, steps: readonly RecipeStep[]): RecipeStep[] {
  return steps.filter(({ uses }) => uses.some(({ line }) => line === id));
}

/** A dressing of so many grams with that liquid in it: its salt and acid in per cent, and its workings. */
export function diluted(
  bowl: { readonly grams: number; readonly salt: number; readonly acidity: number },
  { lines, millilitres }: Dilution,
): { readonly salt: number; readonly acidity: number; readonly workings: Workings } {
  const share = bowl.grams > 0 ? bowl.grams / (bowl.grams + millilitres) : 1;
  const show = (value: number) => String(Math.round(value * 100) / 100);
  return {
    salt: bowl.salt * share,
    acidity: bowl.acidity * share,
    workings: {
      title: 'Thinned by what it dresses',
      estimated: true,
      result: `salt ${show(bowl.salt * share * 100)} %, acid ${show(bowl.acidity * share)} %`,
      steps: [
        { label: 'The dressing', value: `${Math.round(bowl.grams)} g` },
        ...lines.map(({ name, what, millilitres: each }) => ({
          label: `${name}, ${what}`,
          value: `${Math.round(each)} ml`,
        })),
        { label: 'Salt and acid', value: `× ${show(share)}` },
      ],
    },
  };
}
