import { toNumber, type Workings } from '../amounts/index.js';
import {
  type Balance,
  balanceDressing,
  type Base,
  dressedBases,
  dressingMethodOf,
  dresses,
  schoolTargets,
} from '../dressing/index.js';
import { type ComponentId, type DishId, type RecipeId, rememberLast } from '../identity/index.js';
import { findIngredient, type Larder } from '../larder/index.js';
import { lineMeasure } from '../portions/index.js';
import type { Recipe, RecipeComponent, RecipeLine } from '../recipes/index.js';
import type { Timeline } from '../timeline/index.js';
import { listed } from '../words/index.js';
import type { PlannedDish } from './planned-dish.js';

/** What is to be said of a dressing or dip of a dish, as it is made at a station. */
export interface DishDressing {
  readonly dishId: DishId;
  readonly recipeId: RecipeId;
  readonly componentId: ComponentId;
  readonly name: string;
  /** "3 : 1, oil-led · salt 1.9 % · dresses 620 g · holds 10 min, mix again at 19:40". */
  readonly words: string;
  /** What is out of its window, with what helps; empty where all is well. */
  readonly remedies: readonly string[];
  readonly workings: Workings;
}

/** The dressings and dips of a class with their balance, what they dress, and how long they hold. */
export function dressingsOf(
  dishes: readonly PlannedDish[],
  timeline: Timeline,
  larder: Larder,
): DishDressing[] {
  return dishes.flatMap(({ id, decided, portions }) => {
    const { recipe } = decided;
    const factor = Math.max(
      0,
      ...portions.batches
        .filter(({ stations }) => stations.length > 0)
        .map((batch) => toNumber(batch.factor)),
    );
    return recipe.components
      .filter(({ role }) => role === 'dressing' || role === 'dip')
      .flatMap((component): DishDressing[] => {
        const { balance, base } = asWritten(recipe, component, larder);
        if (balance.grams <= 0) return [];
        const grams = balance.grams * (factor || 1);
        const notKnown = balance.missing.filter(({ what }) => what === 'composition').map(({ name }) => name);
        if (notKnown.length > 0)
          return [unknownBalance({ id, recipeId: decided.recipeId, component }, balance, notKnown)];
        const reach = base && dresses(base.kind, { ...balance, grams });
        const enough = reach ? (reach.grams[0] + reach.grams[1]) / 2 : 0;
        const onBench = (base?.grams ?? 0) * (factor || 1);
        return [
          {
            dishId: id,
            recipeId: decided.recipeId,
            componentId: component.id,
            name: component.name,
            words: [
              partsWords(balance),
              `salt ${oneDecimal(balance.salt * 100)} %`,
              ...(reach ? [`dresses ${tens(enough)} g`] : [balance.thickness]),
              holdWords(balance, mixedAgainAt(id, timeline)),
            ].join(' · '),
            remedies: [...windowRemedies(balance), ...reachRemedies(enough, onBench)],
            workings: reach?.workings ?? balance.workings.thickness,
          },
        ];
      });
  });
}

/** Of what nobody knows what it consists of no balance is told. */
function unknownBalance(
  { id, recipeId, component }: { id: DishId; recipeId: RecipeId; component: RecipeComponent },
  { workings }: Balance,
  notKnown: readonly string[],
): DishDressing {
  return {
    dishId: id,
    recipeId,
    componentId: component.id,
    name: component.name,
    words: `balance not known, for what is in it: ${listed(notKnown, 3)}`,
    remedies: [],
    workings: workings.salt,
  };
}

interface AsWritten {
  readonly balance: Balance;
  /** What it dresses; null of a dip, and where nothing is weighed. */
  readonly base: { readonly kind: Base; readonly grams: number } | null;
}

/** A dressing or dip for the recipe as written: what most edits of a class leave as it is. */
function asWritten(recipe: Recipe, component: RecipeComponent, larder: Larder): AsWritten {
  return remembered(component, [recipe.lines, recipe.steps, recipe.components, larder], () => ({
    balance: balanceDressing(linesOf(recipe, component), larder, {
      method: dressingMethodOf(recipe, component.id),
      system: recipe.system,
    }),
    base: component.role === 'dressing' ? baseOf(recipe, larder) : null,
  }));
}

const remembered = rememberLast<RecipeComponent, AsWritten>();

function linesOf({ lines }: Recipe, { id }: RecipeComponent): RecipeLine[] {
  return lines.filter(({ componentId }) => componentId === id);
}

const kinds: readonly (readonly [RegExp, Base])[] = [
  [/^(?:potato|sweet-potato)$/, 'potatoes'],
  [/^(?:sourdough|rye-bread|flatbread)$/, 'bread'],
  [/^(?:farro|bulgur|quinoa|couscous|pearl-barley|white-rice|short-pasta)$/, 'grains'],
];

/** What is dressed, by what there is most of, and its weight for the recipe as written. */
function baseOf(recipe: Recipe, larder: Larder): { kind: Base; grams: number } | null {
  const ids = new Set(recipe.components.filter(({ role }) => role === 'base').map(({ id }) => id));
  const sums = new Map<Base, number>(dressedBases.map((base) => [base, 0]));
  for (const line of recipe.lines.filter(({ componentId }) => ids.has(componentId))) {
    const food = findIngredient(larder, line.ingredient);
    if (!line.amount || !line.unit || !food) continue;
    const amount = { low: line.amount.low, high: line.amount.low, unit: line.unit };
    const grams = lineMeasure(line, food, amount).grams ?? 0;
    const kind =
      kinds.find(([pattern]) => pattern.test(food.id))?.[1] ??
      (food.section === 'salad and herbs' ? 'leaves' : 'vegetables and pulses');
    sums.set(kind, sums.get(kind)! + grams);
  }
  const [kind] = [...sums].sort((a, b) => b[1] - a[1])[0]!;
  const grams = [...sums.values()].reduce((sum, each) => sum + each, 0);
  return grams > 0 ? { kind, grams } : null;
}

const oneDecimal = (value: number) => String(Math.round(value * 10) / 10);
const tens = (grams: number) => Math.round(grams / 10) * 10;

function partsWords({ ratio, school }: Balance): string {
  if (ratio === null || school === 'creamy' || school === 'no-oil') return school;
  return ratio >= 1 ? `${oneDecimal(ratio)} : 1, ${school}` : `1 : ${oneDecimal(1 / ratio)}, ${school}`;
}

function holdWords({ holdMinutes }: Balance, again: string | null): string {
  const held = holdMinutes >= 1440 ? 'holds a day or more' : `holds ${holdMinutes} min`;
  return again ? `${held}, mix again at ${again}` : held;
}

function mixedAgainAt(dishId: DishId, { clock }: Timeline): string | null {
  return (
    clock.find(({ ref, title }) => ref.dishId === dishId && title.includes('Mix the dressing again'))
      ?.localTime ?? null
  );
}

/** Salt and acid out of the window of their school. */
function windowRemedies({ school, salt, acidity }: Balance): string[] {
  const target = schoolTargets[school];
  const percent = salt * 100;
  return [
    ...(percent > target.salt[1] + 0.5
      ? [`Salt is over the usual ${target.salt.join('–')} %: add oil or more of the rest, never sugar.`]
      : []),
    ...(percent < target.salt[0] - 0.5
      ? [`Salt is under the usual ${target.salt.join('–')} %: season what it dresses, or the dressing.`]
      : []),
    ...(acidity > target.acidity[1] + 0.5
      ? [`Sharper than usual for ${school}: oil, or a little honey.`]
      : []),
    ...(acidity < target.acidity[0] - 0.4
      ? [`Flatter than usual for ${school}: a teaspoon of something sharp.`]
      : []),
  ];
}

function reachRemedies(enough: number, onBench: number): string[] {
  if (enough <= 0 || onBench <= 0) return [];
  const times = enough / onBench;
  if (times > 1.4)
    return [
      `It dresses ${oneDecimal(times)} × what is on the bench: bottle the rest, it keeps about a week cold.`,
    ];
  return times < 0.7
    ? [`It dresses about ${tens(enough)} g, and ${tens(onBench)} g are on the bench: make more.`]
    : [];
}
