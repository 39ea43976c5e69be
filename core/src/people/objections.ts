import {
  type AllergenNeed,
  type Heat,
  isAtRisk,
  type Person,
  type PersonDiet,
  substancesOf,
} from '../class/index.js';
import {
  type Allergen,
  family,
  foodOrPresumed,
  type Ingredient,
  presumedOf,
  type Larder,
} from '../larder/index.js';
import type { RecipeLine } from '../recipes/index.js';
import { isMeat, isShellfish, predatory, traitsOf } from './foods.js';
import { matchesWords, namesOfLine } from './free-words.js';
import type { MetLine, NeedKind, PeopleFinding } from './types.js';

/** Why one line does not go with a person. */
export interface Objection {
  readonly kind: NeedKind;
  readonly what: string;
  /** "walnuts (walnut)": the line, with what it holds where that is told. */
  readonly words: string;
  readonly level: PeopleFinding['level'];
  readonly food: Ingredient | null;
}

export function metLine(
  line: RecipeLine,
  larder: Larder,
  done: Pick<MetLine, 'isHeated' | 'said' | 'size'>,
): MetLine {
  // What is probably a fish counts as one until somebody says which.
  const food = foodOrPresumed(larder, line);
  const traits = traitsOf({ line, food, ...done });
  return { line, food, names: namesOfLine(line, food), traits, ...done };
}

/** Everything about a line that does not go with a person. */
export function objectionsTo(person: Person, met: MetLine): Objection[] {
  const found: Objection[] = [];
  addObjections(found, person, met);
  return found;
}

/** The same, added to what was found of other lines: most go with most people, and make nothing. */
export function addObjections(found: Objection[], person: Person, met: MetLine): void {
  const { food } = met;
  for (const need of person.allergens) push(found, allergenIn(need, met));
  if (!food || food.allergensNotKnown || food.diet.unknown) push(found, notKnownIn(person, met));
  if (food) for (const diet of person.diets) push(found, againstDiet(diet, food, met));
  if (person.pregnant || person.age !== 'adult') addRisks(found, person, met);
  for (const word of person.sensitivities) push(found, named(word, met, 'sensitivity'));
  for (const word of person.dislikes) push(found, named(word, met, 'dislike'));
  if (person.heat === 'none' || person.heat === 'mild') push(found, tooHot(person.heat, met));
}

function push(found: Objection[], one: Objection | null): void {
  if (one) found.push(one);
}

function objection(met: MetLine, rest: Pick<Objection, 'kind' | 'what' | 'level'>, holds = ''): Objection {
  const called = met.line.name || met.line.text;
  const name = isKnown(met) ? called : withGuess(called);
  return { ...rest, food: met.food, words: holds ? `${name} (${holds})` : name };
}

/** "zander, probably a fish". */
function withGuess(name: string): string {
  const is = presumedOf(name)?.is;
  return is ? `${name}, probably ${is}` : name;
}

const none: readonly Allergen[] = [];

function allergenIn({ what, traces }: AllergenNeed, met: MetLine): Objection | null {
  if (!met.food) return null;
  const { allergens, mayContain = none } = met.food;
  if (allergens.length === 0 && mayContain.length === 0) return null;
  const held = substancesOf(what).filter((each) => allergens.includes(each));
  if (held.length > 0) return objection(met, { kind: 'allergen', what, level: 'harm' }, held.join(', '));
  const warned = substancesOf(what).filter((each) => mayContain.includes(each));
  if (warned.length === 0) return null;
  const level = traces ? 'harm' : 'look';
  return objection(met, { kind: 'traces', what, level }, `may contain ${warned.join(', ')}`);
}

/** What is only presumed of its name has no id. */
function isKnown({ food }: MetLine): boolean {
  return food !== null && food.id !== '';
}

/** Of a food that nobody knows, nothing can be said to somebody with an allergy, a diet or at risk. */
function notKnownIn(person: Person, met: MetLine): Objection | null {
  const { allergens, diets } = person;
  const asks = (diet: PersonDiet) => !diet.startsWith('low');
  const isAllergenOpen = allergens.length > 0 && (!met.food || met.food.allergensNotKnown === true);
  const isDietOpen = diets.some(asks) && (!met.food || met.food.diet.unknown === true);
  const isRiskOpen = isAtRisk(person) && !isKnown(met);
  const asked = [
    ...(isAllergenOpen ? allergens.map((each) => each.what as string) : []),
    ...(isDietOpen ? diets.filter(asks) : []),
    ...(isRiskOpen ? ['foods to avoid'] : []),
  ];
  if (asked.length === 0) return null;
  const what = asked.join(', ');
  return objection(met, { kind: 'not known', what, level: 'look' });
}

/** More than this share of the weight is called much: salt, sugar, fat. General advice for labels. */
const much = { 'low salt': 0.015, 'low sugar': 0.225, 'low fat': 0.175 } as const;
const share = { 'low salt': 'salt', 'low sugar': 'sugar', 'low fat': 'fat' } as const;

type Refuses = (met: MetLine, food: Ingredient) => boolean;
const refuses: Readonly<Record<Exclude<PersonDiet, keyof typeof much>, Refuses>> = {
  vegetarian: (_, { diet }) => !diet.vegetarian,
  vegan: (_, { diet }) => !diet.vegan,
  'no pork': (_, { diet }) => diet.pork,
  'no alcohol': ({ traits }) => traits.isAlcoholic,
  halal: ({ traits }, { diet }) => diet.pork || traits.isAlcoholic,
  'kosher-style': (_, food) => food.diet.pork || isShellfish(food),
};

function againstDiet(diet: PersonDiet, food: Ingredient, met: MetLine): Objection | null {
  const against = (level: Objection['level'], holds = '') =>
    objection(met, { kind: 'diet', what: diet, level }, holds);
  if (diet === 'low salt' || diet === 'low sugar' || diet === 'low fat') {
    const found = food.composition?.[share[diet]].value ?? 0;
    return found > much[diet] ? against('look', `${Math.round(found * 100)} % ${share[diet]}`) : null;
  }
  if (porkFree.has(diet) && gelatine.has(food)) return against('clash', 'mostly of pork: ask');
  if (food.diet.unknown) return null;
  if (refuses[diet](met, food)) return against('clash');
  if ((diet === 'halal' || diet === 'kosher-style') && isMeat(food))
    return against('look', `ask for ${diet === 'halal' ? 'halal' : 'kosher'} meat`);
  return null;
}

function addRisks(found: Objection[], person: Person, met: MetLine): void {
  if (person.age === 'baby' && honey.has(met.food))
    found.push(objection(met, { kind: 'risk', what: 'honey under one year', level: 'harm' }));
  const { risk, isAlcoholic, chokes } = met.traits;
  const isOfAge = risk !== predatory || person.pregnant || isYoung(person);
  if (risk && isOfAge && isAtRisk(person))
    found.push(objection(met, { kind: 'risk', what: risk, level: 'harm' }));
  if (isAlcoholic && (person.pregnant || isYoung(person)))
    found.push(objection(met, { kind: 'risk', what: 'alcohol', level: 'harm' }));
  if (chokes && (person.age === 'small child' || person.age === 'baby'))
    found.push(objection(met, { kind: 'choking', what: 'choking', level: 'harm' }));
}

const honey = family('honey');
const gelatine = family('gelatine');
const porkFree: ReadonlySet<PersonDiet> = new Set<PersonDiet>(['no pork', 'halal', 'kosher-style']);
const isYoung = ({ age }: Person) => age !== 'adult' && age !== 'older';

function named(word: string, met: MetLine, kind: 'sensitivity' | 'dislike'): Objection | null {
  if (!matchesWords(word, met)) return null;
  return objection(met, { kind, what: word.trim(), level: kind === 'dislike' ? 'look' : 'clash' });
}

function tooHot(heat: Heat, met: MetLine): Objection | null {
  if (!met.traits.isHot) return null;
  return objection(met, { kind: 'heat', what: heat === 'none' ? 'no heat' : 'mild', level: 'look' });
}
