import { family } from './families.js';
import type { OwnIngredient } from './figures.js';
import type { Allergen, CautionId, Diet, Ingredient } from './types.js';

const animals = family('meat', 'fish', 'crustaceans', 'molluscs', 'gelatine');
const pork = family('pork');

/** What its maker says, and no more than its allergens and families allow: nothing with milk is vegan. */
function dietOf({ eatenBy = 'not known', allergens, families = [] }: OwnIngredient): Diet {
  const kin = { id: '', families };
  const isAnimal = eatenBy === 'neither' || animals.has(kin);
  const holds = (...wanted: Allergen[]) => wanted.some((each) => allergens.includes(each));
  const mayBe = !isAnimal && !holds('fish', 'crustaceans', 'molluscs');
  return {
    vegan: mayBe && eatenBy === 'vegans' && !holds('milk', 'egg'),
    vegetarian: mayBe && (eatenBy === 'vegans' || eatenBy === 'vegetarians'),
    pork: pork.has(kin),
    unknown: eatenBy === 'not known' && !isAnimal,
  };
}

/** Cautions that go with a family. */
const cautionsOf: readonly (readonly [family: ReturnType<typeof family>, caution: CautionId])[] = [
  [family('kidney-type beans'), 'kidney-type-beans'],
  [family('eggs'), 'raw-egg'],
  [family('sprouts'), 'sprouts'],
  [family('honey'), 'honey'],
  [family('mould-ripened cheese'), 'soft-cheese'],
  [family('chokes whole', 'hard nuts'), 'choking'],
  [family('hot by hand'), 'hot-hands'],
  [family('rice'), 'cool-fast'],
  [family('cut leaves'), 'wash-leaves'],
  [family('kept in oil only cold'), 'in-oil'],
  [family('fresh dairy', 'cured raw meat'), 'keep-cold'],
];

function cautionsFor({ families = [], rawProtein }: OwnIngredient): CautionId[] {
  const kin = { id: '', families };
  const found = cautionsOf.flatMap(([of, caution]) => (of.has(kin) ? [caution] : []));
  return [...new Set([...found, ...(rawProtein ? (['raw-protein', 'keep-cold'] as const) : [])])];
}

/** What raw fish and shellfish are besides. */
const whenRaw: Readonly<Record<string, readonly string[]>> = {
  fish: ['raw fish', 'fresh fish and shellfish'],
  crustaceans: ['fresh fish and shellfish'],
  molluscs: ['raw molluscs', 'fresh fish and shellfish'],
};

function familiesOf({ families = [], rawProtein }: OwnIngredient): readonly string[] {
  return rawProtein
    ? [...new Set([...families, ...families.flatMap((each) => whenRaw[each] ?? [])])]
    : families;
}

/** An ingredient as a kitchen says it is. */
export function ownIngredient(id: string, own: OwnIngredient): Ingredient {
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
    ...(own.allergensNotKnown ? { allergensNotKnown: true } : {}),
    ...(own.families?.length ? { families: familiesOf(own) } : {}),
    scaling: 'linear',
    seasonMonths: [],
    substitutes: [],
    cautions: cautionsFor(own),
    diet: dietOf(own),
    own: true,
  };
}
