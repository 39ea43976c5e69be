import type { Workings } from '../amounts/index.js';
import type { IngredientId } from '../identity/index.js';
import { findIngredient, type Larder } from '../larder/index.js';
import { asAcetic } from './balance.js';
import type { Balance } from './types.js';

export const complaints = [
  'too sharp',
  'flat',
  'too salty',
  'too sweet',
  'too thick',
  'too thin',
  'bitter',
  'harsh garlic',
  'oily',
  'split',
] as const;
export type Complaint = (typeof complaints)[number];

/** A counted addition to a bowl, and what it does. */
export interface Addition {
  readonly ingredient: IngredientId;
  readonly name: string;
  readonly teaspoons: number;
  readonly why: string;
  /** What it does to the salt and the acid, in points of a per cent, and to the volume. */
  readonly saltPoints: number;
  readonly acidPoints: number;
  readonly ratio: number | null;
  readonly millilitres: number;
  readonly workings: Workings;
}

/** At most so much is moved at a time, in points of a per cent: then it is tasted again. */
const mostPoints = 0.3;
const teaspoonMillilitres = 5;
/** Down to a pinch. */
const spoons = [6, 3, 2, 1, 0.5, 0.25, 0.125, 0.0625];

interface Remedy {
  readonly ingredient: IngredientId;
  readonly why: string;
  /** At most so many teaspoons for 100 ml. */
  readonly most: number;
}

const remedy = (ingredient: IngredientId, why: string, most = 3): Remedy => ({ ingredient, why, most });

const remedies: Readonly<Record<Complaint, readonly Remedy[]>> = {
  'too sharp': [
    remedy('honey', 'Sweetness rounds the acid.', 1),
    remedy('olive-oil', 'More oil for the same acid.'),
    remedy('fine-salt', 'A little salt takes the edge off.', 0.25),
  ],
  flat: [
    remedy('lemon', 'Acid wakes it up.', 1),
    remedy('fine-salt', 'Salt brings out what is there.', 0.25),
  ],
  'too salty': [
    remedy('olive-oil', 'More bulk for the same salt; sugar would only hide it.'),
    remedy('water', 'Thinner, and less salty.', 2),
  ],
  'too sweet': [
    remedy('lemon', 'Acid balances the sweetness.', 1),
    remedy('fine-salt', 'Salt pulls it back.', 0.25),
  ],
  'too thick': [
    remedy('water', 'Loosens without changing the taste.', 2),
    remedy('lemon', 'Loosens and sharpens.', 1),
  ],
  'too thin': [
    remedy('olive-oil', 'Blended in slowly it thickens.'),
    remedy('tahini', 'Seeds bind the liquid.', 2),
  ],
  bitter: [remedy('honey', 'Sweetness covers bitterness.', 1), remedy('fine-salt', 'Salt dulls it.', 0.25)],
  'harsh garlic': [
    remedy('lemon', 'Acid tames raw garlic while it stands.', 1),
    remedy('olive-oil', 'More bulk for the same garlic.'),
  ],
  oily: [remedy('lemon', 'Acid cuts the oil.', 1), remedy('water', 'Lighter, with the same taste.', 1)],
  split: [
    remedy('dijon-mustard', 'A spoon of mustard in a clean bowl: whisk the split dressing into it.', 1),
  ],
};

/** Food whose juice is what is added. */
const juices: ReadonlySet<IngredientId> = new Set(['lemon', 'lime', 'orange']);

/**
 * What helps a bowl of this size, in spoons: each the largest that moves salt and acid by no more than 0.3
 * points. Too salty asks for bulk, never for sugar. Empty where nothing is in the bowl.
 */
export function adjustments(bowl: Balance, complaint: Complaint, larder: Larder): Addition[] {
  if (bowl.grams <= 0) return [];
  return remedies[complaint].flatMap((usual) => {
    const each = { ...usual, ingredient: ownOf(usual.ingredient, bowl) };
    const food = findIngredient(larder, each.ingredient);
    if (!food?.composition) return [];
    const density = juices.has(each.ingredient) ? 1.03 : (food.densities.plain?.value ?? 1);
    const { composition } = food;
    const effect = (teaspoons: number) => {
      const grams = teaspoons * teaspoonMillilitres * density;
      const acid = composition.acid ? composition.acid.share.value * asAcetic[composition.acid.kind] : 0;
      const after = (before: number, share: number) =>
        ((before * bowl.grams + share * grams) / (bowl.grams + grams) - before) * 100;
      return {
        salt: after(bowl.salt, composition.salt.value),
        acid: after(bowl.acidity / 100, acid),
      };
    };
    const most = (each.most * bowl.millilitres) / 100;
    const fits = (teaspoons: number) => {
      const { salt, acid } = effect(teaspoons);
      const isMild = Math.abs(salt) <= mostPoints + 1e-9 && Math.abs(acid) <= mostPoints + 1e-9;
      return isMild && teaspoons <= Math.max(most, 0.0625);
    };
    const teaspoons = spoons.find(fits) ?? 0.0625;
    const { salt, acid } = effect(teaspoons);
    const name = juices.has(each.ingredient) ? `${food.names.uk} juice` : food.names.uk;
    const more = teaspoons * teaspoonMillilitres;
    const isOil = composition.fat.value >= 0.95;
    const isAcid = (composition.acid?.share.value ?? 0) > 0.03;
    const oil = bowl.oilMillilitres + (isOil ? more : 0);
    const sharp = bowl.acidMillilitres + (isAcid ? more : 0);
    return [
      {
        ingredient: each.ingredient,
        name,
        teaspoons,
        why: each.why,
        saltPoints: salt,
        acidPoints: acid,
        ratio: sharp > 0 ? oil / sharp : null,
        millilitres: more,
        workings: additionWorkings(name, teaspoons, bowl, { salt, acid }),
      },
    ];
  });
}

/** Of oil and of what is sharp, the bowl's own is taken. */
function ownOf(ingredient: IngredientId, { lines }: Balance): IngredientId {
  const role = ingredient === 'olive-oil' ? 'oil' : ingredient === 'lemon' ? 'acid' : null;
  return (role && lines.find((line) => line.role === role)?.ingredient) || ingredient;
}

function additionWorkings(
  name: string,
  teaspoons: number,
  bowl: Balance,
  { salt, acid }: { salt: number; acid: number },
): Workings {
  const points = (value: number) =>
    `${value >= 0 ? '+' : '−'} ${Math.abs(Math.round(value * 100) / 100)} points`;
  return {
    title: `${teaspoons} tsp of ${name}`,
    estimated: true,
    result: `${teaspoons} tsp`,
    steps: [
      { label: 'The bowl', value: `${Math.round(bowl.grams)} g` },
      { label: 'Salt', value: points(salt) },
      {
        label: 'Acid',
        value: points(acid),
        note: `At most ${mostPoints} points at a time; then taste again.`,
      },
    ],
  };
}
