import {
  type Allergen,
  allergens,
  eaters,
  type Eaters,
  familyNames,
  type Ingredient,
  type LarderEntry,
  type OwnIngredient,
} from '../larder/index.js';
import { listed } from '../words/index.js';

/** What the frame of an own ingredient says, by the word that stands under “figure”. */
const saidOf: Readonly<Record<string, (item: Ingredient) => string>> = {
  'bought by': ({ shoppingUnit }) => shoppingUnit,
  pack: ({ packs }) => `${packs[0]?.size ?? 100} ${packs[0]?.name ?? ''}`.trim(),
  allergens: (item) =>
    item.allergensNotKnown ? 'not known' : item.allergens.length === 0 ? 'none' : item.allergens.join('; '),
  'eaten by': ({ diet }) =>
    diet.unknown ? 'not known' : diet.vegan ? 'vegans' : diet.vegetarian ? 'vegetarians' : 'neither',
  'raw protein': ({ cautions }) => (cautions.includes('raw-protein') ? 'yes' : 'no'),
  families: ({ families = [] }) => (families.length === 0 ? 'none' : families.join('; ')),
};
export const calledKey = 'called';
export const mayContainKey = 'may contain';

/** Rows of what a kitchen says of an ingredient of its own, besides its figures: [word, value]. */
export function ownRows(item: Ingredient): (readonly [string, string])[] {
  return item.own ? Object.entries(saidOf).map(([key, read]) => [key, read(item)] as const) : [];
}

export function isSaid(key: string): boolean {
  return Object.hasOwn(saidOf, key) || key === calledKey || key === mayContainKey;
}

/** The entry with what one row says of it; a sentence where it says nothing that can be taken. */
export function withSaid(entry: LarderEntry, key: string, value: string): LarderEntry | string {
  if (key === calledKey) {
    const called = value
      .split(';')
      .map((name) => name.trim())
      .filter(Boolean);
    return { ...entry, called: [...new Set([...(entry.called ?? []), ...called])] };
  }
  if (key === mayContainKey) {
    const named = value
      .split(';')
      .map((name) => name.trim().toLowerCase())
      .filter((name) => name !== '' && name !== 'none');
    const unknown = named.find((name) => !(allergens as readonly string[]).includes(name));
    if (unknown) return `“${unknown}” is no allergen of the list.`;
    return { ...entry, mayContain: named as Allergen[] };
  }
  if (!entry.own) return `“${key}” is said of ingredients of your own only.`;
  const own = withOwn(entry.own, key, value);
  return typeof own === 'string' ? own : { ...entry, own };
}

function withOwn(own: OwnIngredient, key: string, value: string): OwnIngredient | string {
  if (key === 'bought by') {
    const unit = (['g', 'ml', 'piece'] as const).find((each) => each === value);
    return unit ? { ...own, shoppingUnit: unit } : 'It is bought by g, ml or piece.';
  }
  if (key === 'pack') {
    const [, size, name] = /^([\d.,]+)(?![\d.,])(.*)$/.exec(value) ?? [];
    return size
      ? { ...own, packSize: Number(size.replace(',', '.')), packName: name?.trim() ?? '' }
      : 'A pack is a number and a name, such as 200 jar.';
  }
  if (key === 'eaten by')
    return (eaters as readonly string[]).includes(value)
      ? { ...own, eatenBy: value as Eaters }
      : `It is eaten by ${listed(eaters, eaters.length)}.`;
  if (key === 'raw protein') return { ...own, rawProtein: value === 'yes' };
  if (key === 'families') return withFamilies(own, value);
  return withAllergens(own, value);
}

function withFamilies(own: OwnIngredient, value: string): OwnIngredient | string {
  const names = value === 'none' ? [] : listOf(value);
  const wrong = names.find((name) => !familyNames.includes(name));
  return wrong === undefined ? { ...own, families: names } : `“${wrong}” is no family of the larder.`;
}

const listOf = (value: string) => value.split(';').map((name) => name.trim().toLowerCase());

function withAllergens(own: OwnIngredient, value: string): OwnIngredient | string {
  if (value === 'not known') return { ...own, allergens: [], allergensNotKnown: true };
  const names = value === 'none' ? [] : listOf(value);
  const wrong = names.find((name) => !(allergens as readonly string[]).includes(name));
  if (wrong !== undefined) return `“${wrong}” is no allergen of the list.`;
  return { ...own, allergens: names as Allergen[], allergensNotKnown: false };
}
