import type { LarderEntry, OwnIngredient } from './figures.js';
import { withFigure } from './figures.js';
import { knowledgeOf } from './knowledge.js';
import { createLarder, standardLarder, type Larder } from './larder.js';
import type { Diet, Ingredient } from './types.js';

/** The id of an ingredient that a kitchen adds: letters, digits and dashes of its name, marked as its own. */
export function ownIngredientId(name: string): string {
  const words = name
    .toLowerCase()
    .normalize('NFKD')
    .replace(/[^a-z0-9]+/g, '-')
    .replace(/^-|-$/g, '')
    .slice(0, 34);
  return `own-${words || 'ingredient'}`;
}

/** What its maker says, and no more than its allergens allow: nothing with milk is vegan. */
function dietOf({ eatenBy = 'not known', allergens }: OwnIngredient): Diet {
  const most = knowledgeOf('', allergens).diet;
  return {
    vegan: eatenBy === 'vegans' && most.vegan,
    vegetarian: (eatenBy === 'vegans' || eatenBy === 'vegetarians') && most.vegetarian,
    pork: false,
    unknown: eatenBy === 'not known',
  };
}

function ownIngredient(id: string, own: OwnIngredient): Ingredient {
  return {
    id,
    names: { uk: own.name, us: own.name, also: [] },
    section: own.section,
    shoppingUnit: own.shoppingUnit,
    packs: [{ size: own.packSize, name: own.packName }],
    countGrams: {},
    densities: {},
    yields: {},
    keepingDays: {},
    allergens: own.allergens,
    scaling: 'linear',
    ...knowledgeOf(id, own.allergens),
    diet: dietOf(own),
    own: true,
  };
}

const known = new Map<string, Larder>();
const rememberedLarders = 20;

/**
 * The larder of a kitchen: the standard one, with its own figures over it and its own ingredients beside. The
 * same entries give the same larder.
 */
export function larderOf(entries: readonly LarderEntry[]): Larder {
  if (entries.length === 0) return standardLarder;
  const key = JSON.stringify(entries);
  const before = known.get(key);
  if (before) return before;
  if (known.size >= rememberedLarders) known.clear();
  const ingredients = new Map(standardLarder.ingredients);
  for (const { ingredient, figures, own } of entries) {
    const base = own ? ownIngredient(ingredient, own) : ingredients.get(ingredient);
    if (base)
      ingredients.set(
        ingredient,
        Object.entries(figures).reduce((item, [figure, value]) => withFigure(item, figure, value), base),
      );
  }
  const larder = createLarder([...ingredients.values()]);
  known.set(key, larder);
  return larder;
}
