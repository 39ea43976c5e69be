import type { Allergen } from './types.js';

/** Which list a kitchen reports by: the fourteen of the EU and the UK, or the nine of the US. */
export const allergenLists = ['eu', 'us'] as const;
export type AllergenList = (typeof allergenLists)[number];

const nuts: readonly Allergen[] = [
  'almond',
  'hazelnut',
  'walnut',
  'pecan',
  'cashew',
  'pistachio',
  'brazil nut',
  'macadamia nut',
];

const lists: Readonly<Record<AllergenList, readonly (readonly [string, readonly Allergen[]])[]>> = {
  eu: [
    ['celery', ['celery']],
    ['cereals with gluten', ['wheat', 'rye', 'barley', 'oats']],
    ['crustaceans', ['crustaceans']],
    ['egg', ['egg']],
    ['fish', ['fish']],
    ['lupin', ['lupin']],
    ['milk', ['milk']],
    ['molluscs', ['molluscs']],
    ['mustard', ['mustard']],
    ['nuts', nuts],
    ['peanut', ['peanut']],
    ['sesame', ['sesame']],
    ['soya', ['soya']],
    ['sulphites', ['sulphites']],
  ],
  // Pine nuts are tree nuts in the US, and not among the EU's fourteen.
  us: [
    ['milk', ['milk']],
    ['egg', ['egg']],
    ['fish', ['fish']],
    ['crustacean shellfish', ['crustaceans']],
    ['tree nuts', [...nuts, 'pine nut']],
    ['peanut', ['peanut']],
    ['wheat', ['wheat']],
    ['soy', ['soya']],
    ['sesame', ['sesame']],
  ],
};

/**
 * The groups of a list that hold these atoms, in the list's order, with the atoms where a group has several:
 * "nuts (walnut)".
 */
export function allergensByList(atoms: readonly Allergen[], list: AllergenList): string[] {
  return lists[list].flatMap(([name, members]) => {
    const found = members.filter((member) => atoms.includes(member));
    if (found.length === 0) return [];
    return [members.length > 1 ? `${name} (${found.join(', ')})` : name];
  });
}
