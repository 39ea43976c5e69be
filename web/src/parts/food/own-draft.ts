import {
  type Allergen,
  type Eaters,
  type LarderEntry,
  type OwnIngredient,
  presumedOf,
  type Section,
} from '@fornax/core';

/** What was looked up of an ingredient's allergens. */
export type Looked = 'not known' | 'none' | 'some';

/** An ingredient of the kitchen's own while it is written down. */
export interface OwnDraft {
  readonly name: string;
  readonly section: Section;
  readonly shoppingUnit: OwnIngredient['shoppingUnit'];
  readonly packSize: string;
  readonly packName: string;
  readonly looked: Looked;
  readonly allergens: readonly Allergen[];
  readonly eatenBy: Eaters;
  readonly rawProtein: boolean;
  /** What it is, by families of the larder. */
  readonly families: readonly string[];
  /** Days in the fridge, as typed; empty where nobody knows. */
  readonly keepsCold: string;
}

export const emptyOwn: OwnDraft = {
  name: '',
  section: 'other',
  shoppingUnit: 'g',
  packSize: '100',
  packName: '',
  looked: 'not known',
  allergens: [],
  eatenBy: 'not known',
  rawProtein: false,
  families: [],
  keepsCold: '',
};

/** Told by what is raw already. */
const ofItself: ReadonlySet<string> = new Set(['raw fish', 'raw molluscs', 'fresh fish and shellfish']);

/** What a name alone tells: “zander fillets” is probably a fish. To be looked at before it is added. */
export function draftFor(name: string): OwnDraft {
  const food = presumedOf(name)?.food;
  if (!food) return { ...emptyOwn, name };
  const isAnimal = !food.diet.vegetarian && !food.diet.unknown;
  return {
    ...emptyOwn,
    name,
    section: isAnimal ? 'fish and meat' : 'other',
    eatenBy: isAnimal ? 'neither' : 'not known',
    rawProtein: food.cautions.includes('raw-protein'),
    families: (food.families ?? []).filter((each) => !ofItself.has(each)),
  };
}

/** What stands of an ingredient already, to be changed. */
export function draftOf({ own, figures }: LarderEntry & { readonly own: OwnIngredient }): OwnDraft {
  const cold = figures['keeps.cold'];
  return {
    name: own.name,
    section: own.section,
    shoppingUnit: own.shoppingUnit,
    packSize: String(own.packSize),
    packName: own.packName,
    looked: own.allergensNotKnown ? 'not known' : own.allergens.length > 0 ? 'some' : 'none',
    allergens: own.allergens,
    eatenBy: own.eatenBy ?? 'not known',
    rawProtein: own.rawProtein ?? false,
    families: own.families ?? [],
    keepsCold: cold === undefined ? '' : String(cold),
  };
}

/** The ingredient that a draft describes. */
export function ownOf(draft: OwnDraft): OwnIngredient {
  return {
    name: draft.name.trim(),
    section: draft.section,
    shoppingUnit: draft.shoppingUnit,
    packSize: Number(draft.packSize.replace(',', '.')),
    packName: draft.packName.trim(),
    allergens: draft.looked === 'some' ? [...draft.allergens] : [],
    ...(draft.looked === 'not known' || (draft.looked === 'some' && draft.allergens.length === 0)
      ? { allergensNotKnown: true }
      : {}),
    eatenBy: draft.eatenBy,
    ...(draft.rawProtein ? { rawProtein: true } : {}),
    ...(draft.families.length > 0 ? { families: [...draft.families] } : {}),
  };
}

/** Its figures, as far as they were given. */
export function figuresOf(draft: OwnDraft): Record<string, number> {
  const days = Number(draft.keepsCold.replace(',', '.'));
  return draft.keepsCold.trim() !== '' && days >= 0 ? { 'keeps.cold': days } : {};
}
