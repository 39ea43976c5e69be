import type { Id } from '../identity/index.js';
import { type Allergen, allergens } from '../larder/index.js';

export type PersonId = Id<'person'>;

/** What a person may be allergic to: one substance, or a group as people name it. */
export const allergenGroups = ['nuts', 'gluten', 'shellfish'] as const;
export type AllergenGroup = (typeof allergenGroups)[number];
export type AllergenNeedOf = Allergen | AllergenGroup;
export const allergenNeeds: readonly AllergenNeedOf[] = [...allergenGroups, ...allergens];

export interface AllergenNeed {
  readonly what: AllergenNeedOf;
  /** Crumbs and smears count too: own tools, washed apart, and the free dish first. */
  readonly traces: boolean;
}

export const personDiets = [
  'vegetarian',
  'vegan',
  'halal',
  'kosher-style',
  'no pork',
  'no alcohol',
  'low salt',
  'low sugar',
  'low fat',
] as const;
export type PersonDiet = (typeof personDiets)[number];

/** How hot somebody eats. */
export const heats = ['none', 'mild', 'hot'] as const;
export type Heat = (typeof heats)[number];

/** Under 1, 1 to 4, 5 to 12, 13 to 17, grown up, and 65 or more. */
export const ages = ['baby', 'small child', 'child', 'teenager', 'adult', 'older'] as const;
export type Age = (typeof ages)[number];

/** Each age but the last, with the years at which it ends. */
const agesEnd: readonly (readonly [years: number, age: Age])[] = [
  [1, 'baby'],
  [5, 'small child'],
  [13, 'child'],
  [18, 'teenager'],
  [65, 'adult'],
];

/** The age that somebody of so many whole years has. */
export function ageOfYears(years: number): Age {
  return agesEnd.find(([end]) => years < end)?.[1] ?? 'older';
}

/** Somebody who comes to a class, with what they need. */
export interface Person {
  readonly id: PersonId;
  readonly name: string;
  /** Station number from 1; null where nobody has placed them. */
  readonly station: number | null;
  readonly allergens: readonly AllergenNeed[];
  /** In free words: "raw onion", "lactose". */
  readonly sensitivities: readonly string[];
  readonly diets: readonly PersonDiet[];
  readonly dislikes: readonly string[];
  /** Null where nobody asked. */
  readonly heat: Heat | null;
  readonly age: Age;
  readonly pregnant: boolean;
  readonly leftHanded: boolean;
  /** Sits, or cannot reach or stand for long: in free words. */
  readonly reach: string;
  /** Has cooked much. */
  readonly experienced: boolean;
  /** Whom they asked to share a station with. */
  readonly friends: readonly PersonId[];
  readonly notes: string;
}

export const nobody: Omit<Person, 'id' | 'name'> = {
  station: null,
  allergens: [],
  sensitivities: [],
  diets: [],
  dislikes: [],
  heat: null,
  age: 'adult',
  pregnant: false,
  leftHanded: false,
  reach: '',
  experienced: false,
  friends: [],
  notes: '',
};

const groups: Readonly<Record<AllergenGroup, readonly Allergen[]>> = {
  // Pine nuts are asked about too: one list counts them among nuts, another does not.
  nuts: [
    'almond',
    'hazelnut',
    'walnut',
    'pecan',
    'cashew',
    'pistachio',
    'pine nut',
    'brazil nut',
    'macadamia nut',
  ],
  gluten: ['wheat', 'rye', 'barley', 'oats'],
  shellfish: ['crustaceans', 'molluscs'],
};

/** The substances that a need stands for. */
export function substancesOf(what: AllergenNeedOf): readonly Allergen[] {
  return Object.hasOwn(groups, what) ? groups[what as AllergenGroup] : [what as Allergen];
}

/** Older, pregnant or very young: for them some foods are not served raw or unpasteurised. */
export function isAtRisk({ age, pregnant }: Pick<Person, 'age' | 'pregnant'>): boolean {
  return pregnant || age === 'older' || age === 'baby' || age === 'small child';
}

/** Somebody who needs a grown-up beside them at the bench. */
export function needsAnAdult({ age }: Pick<Person, 'age'>): boolean {
  return age === 'baby' || age === 'small child' || age === 'child';
}

export function isGrownUp({ age }: Pick<Person, 'age'>): boolean {
  return age === 'adult' || age === 'older';
}
