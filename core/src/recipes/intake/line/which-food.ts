import {
  findIngredient,
  type Ingredient,
  type Larder,
  presumedOf,
  standardLarder,
} from '../../../larder/index.js';
import type { IngredientId } from '../../../identity/index.js';
import { lineCues } from '../line-cues.js';
import type { Front } from './front.js';
import { candidatesOf, isKnownName, type NameReading, readName, readTurned } from './names.js';
import type { Tail } from './tail.js';

/** Which food a line names, or why that has to be asked. */
export interface FoodReading {
  readonly ingredient: IngredientId | null;
  /** The name that was looked for: with all its words where it is unsure. */
  readonly name: string;
  /** Empty where the food is sure. */
  readonly problem: string;
}

/**
 * The food of a line by its whole name and by what is said beside it: "apricots, dried" are not fresh ones,
 * and "chickpeas, drained" come from a tin.
 */
export function foodOf(front: Front, tail: Tail, larder: Larder = standardLarder): FoodReading {
  const unsure = (problem: string, name = tail.fullName): FoodReading => ({
    ingredient: null,
    name,
    problem,
  });
  if (tail.fullName === '') return unsure('no ingredient is named');
  if (namesTwo(tail.name, larder))
    return unsure(`“${tail.name}” names two things: write each on a line of its own`, tail.name);
  const sure = (ingredient: IngredientId): FoodReading => ({ ingredient, name: tail.name, problem: '' });
  const bySpoon = front.unit === null || ['tsp', 'pinch', 'dash'].includes(front.unit);
  if (bySpoon && isPepper(tail.fullName)) return sure('black-pepper');
  const changed = changedBeside(tail, larder);
  if (changed === null)
    return unsure(
      `“${tail.fullName}, ${tail.changes[0]!}” is not in the larder`,
      `${tail.changes[0]!} ${tail.fullName}`,
    );
  const reading =
    changed ?? inTin(front, tail, larder) ?? inPowder(tail, larder) ?? readTurned(tail.fullName, larder);
  const id = reading.ingredient ?? byState(reading.shared, front, tail, larder);
  if (id) return sure(fromDried(id, tail, larder) ?? id);
  const told = reading.shared.length > 0 ? null : ofGloss(tail, larder);
  if (told) return sure(told);
  return unsure(
    reading.shared.length > 0
      ? `“${tail.fullName}” can be several things`
      : `“${tail.fullName}” is not in the larder${guessOf(tail.fullName)}`,
  );
}

/** "Dhania (coriander)": a name in another tongue, of which nothing is known, with what it is. */
function ofGloss({ fullName, glosses }: Tail, larder: Larder): IngredientId | null {
  if (glosses.length === 0 || guessOf(fullName) !== '' || candidatesOf(fullName, larder).length > 0)
    return null;
  const [only, ...others] = glosses.map((gloss) => readName(gloss, larder).ingredient).filter(Boolean);
  return only && others.length === 0 ? only : null;
}

const isPepper = lineCues.is('pepper');
const isPreserved = lineCues.is('already tinned');
const isFromDry = lineCues.has('from dry');
const isSoakedFromDry = lineCues.has('soaked from dry');
const isFromTin = lineCues.has('from a tin');
const isFrozen = lineCues.has('frozen');
const isDrained = lineCues.has('drained');
const isCooked = lineCues.has('cooked');
const isFresh = lineCues.has('fresh');

const onlyFood =
  /^(?:no amount is written; )?“[^”]*” (?:is not in the larder(?:: probably [^;]+)?|can be several things)$/;

/** Whether nothing of a line is open but which food it names. */
export function isOnlyFoodOpen({
  ingredient,
  unread,
}: {
  readonly ingredient: IngredientId | null;
  readonly unread: string;
}): boolean {
  return ingredient === null && onlyFood.test(unread);
}

/** ": probably a fish, not known which". */
function guessOf(name: string): string {
  const presumed = presumedOf(name);
  return presumed ? `: probably ${presumed.is}, not known which` : '';
}

/** "Salt and pepper": two things on one line, each known by itself. */
function namesTwo(name: string, larder: Larder): boolean {
  const parts = name.replace(/^each /i, '').split(/ (?:and|&) /i);
  return (
    parts.length > 1 && !isKnownName(name, larder) && parts.every((part) => isNamed(readName(part, larder)))
  );
}

function isNamed({ ingredient, shared }: NameReading): boolean {
  return ingredient !== null || shared.length > 0;
}

/** "Cumin powder" is ground cumin. */
function inPowder({ fullName }: Tail, larder: Larder): NameReading | null {
  const [, spice] = /^(.+) powder$/i.exec(fullName) ?? [];
  if (!spice || isNamed(readName(fullName, larder))) return null;
  const ground = readName(`ground ${spice.replace(/^(?:roasted|toasted|ground) /i, '')}`, larder);
  return findIngredient(larder, ground.ingredient)?.section === 'spices and seasoning' ? ground : null;
}

/** What comes in a tin is the tinned kind, where there is one. */
function inTin(front: Front, tail: Tail, larder: Larder): NameReading | null {
  if (front.unit !== 'tin') return null;
  const tinned = [tail.fullName, tail.name].map((name) => readName(`tinned ${name}`, larder));
  return tinned.find(({ ingredient }) => ingredient !== null) ?? null;
}

/**
 * The food under a word that stands beside its name and makes another one of it; undefined where none does,
 * null where the larder has no such thing.
 */
function changedBeside(tail: Tail, larder: Larder): NameReading | null | undefined {
  for (const change of tail.changes) {
    const named = [`${change} ${tail.fullName}`, `${tail.fullName} ${change}`]
      .map((name) => readName(name, larder))
      .find(isNamed);
    if (named) return named;
    const plain = findIngredient(larder, readName(tail.fullName, larder).ingredient);
    if (plain && !isAlready(plain, change)) return null;
  }
  return undefined;
}

/** Whether a food is this already: bay leaves are dried, tuna is tinned, prawns may be frozen. */
function isAlready(food: Ingredient, change: string): boolean {
  const names = [food.names.uk, food.names.us, ...food.names.also].join(' ').toLowerCase();
  if (names.includes(change)) return true;
  if (change === 'dried' || change === 'dry')
    return ['spices and seasoning', 'grains and pulses'].includes(food.section);
  if (isPreserved(change)) return food.section === 'tins and jars' || food.section === 'dairy and eggs';
  if (change === 'frozen') return food.section === 'fish and meat';
  if (change === 'salted') return food.section === 'vegetables';
  return change === 'powdered' && food.section === 'spices and seasoning';
}

/** Of foods that share a name, the only one whose state the line tells; null where there is none. */
function byState(
  shared: readonly IngredientId[],
  front: Front,
  tail: Tail,
  larder: Larder,
): IngredientId | null {
  const said = `${tail.description} ${tail.note}`.toLowerCase();
  const foods = shared.flatMap((id) => findIngredient(larder, id) ?? []);
  const only = (fits: (food: Ingredient) => boolean) => {
    const found = foods.filter(fits);
    return found.length === 1 ? found[0]!.id : null;
  };
  const isTinned = (food: Ingredient) => food.section === 'tins and jars' && food.drainedShare !== undefined;
  if (isFromDry(said)) return only(isDry);
  if (front.unit === 'tin' || front.unit === 'jar' || isFromTin(said)) return only(isTinned);
  if (isFrozen(said)) return only(({ names }) => isFrozen(names.uk));
  if (isDrained(said)) return only(isTinned);
  if (foods.some(isDry) && isCooked(said)) return only(isTinned);
  if (isFresh(said))
    return only(
      (food) =>
        ['vegetables', 'fruit', 'salad and herbs', 'fish and meat'].includes(food.section) &&
        !isFrozen(food.names.uk),
    );
  return null;
}

const isDry = (food: Ingredient | null) => food?.dryToCooked !== undefined;

/** "Cooked chickpeas (from dried)" are the dried ones, boiled. */
function fromDried(id: IngredientId, tail: Tail, larder: Larder): IngredientId | null {
  if (!isSoakedFromDry(tail.note)) return null;
  const name = findIngredient(larder, id)?.names.uk ?? '';
  const bare = name.slice(name.indexOf(' ') + 1);
  return readName(bare, larder).shared.find((each) => isDry(findIngredient(larder, each))) ?? null;
}
