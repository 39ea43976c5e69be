import {
  atName,
  findIngredient,
  type Larder,
  plainName,
  type Section,
  standardLarder,
} from '../../../larder/index.js';
import type { IngredientId } from '../../../identity/index.js';
import { sectionOfName } from './kinds-of-food.js';
import { isNeutralBefore, isNeutralBehind, nameWords } from './neutral-words.js';

export interface NamedIngredient {
  readonly ingredient: IngredientId;
}

/** What a written name is: one food for sure, or none, with those that it could be. */
export interface NameReading {
  /** Null unless every word of the name is accounted for. */
  readonly ingredient: IngredientId | null;
  /** The foods that go by this very name, where several do, the likeliest first. */
  readonly shared: readonly IngredientId[];
}

/**
 * Reads a written name in either English, singular or plural. It is sure only when every word belongs to a
 * name of the larder, the longest first, or changes nothing about what the food is: "large ripe avocado" is
 * avocado; "salt cod" without a cod of that name is neither salt nor cod.
 */
export function readName(written: string, larder: Larder = standardLarder): NameReading {
  const plain = plainName(written);
  const read = readBefore(larder);
  const before = read.get(plain);
  if (before) return before;
  const reading = resolve(plain, larder);
  if (read.size >= rememberedNames) read.clear();
  read.set(plain, reading);
  return reading;
}

const rememberedNames = 2000;
const readings = new WeakMap<Larder, Map<string, NameReading>>();
function readBefore(larder: Larder): Map<string, NameReading> {
  const known = readings.get(larder) ?? new Map<string, NameReading>();
  readings.set(larder, known);
  return known;
}

const unknown: NameReading = { ingredient: null, shared: [] };

function resolve(plain: string, larder: Larder): NameReading {
  const words = nameWords(plain);
  for (const span of spansOf(words)) {
    const id = atName(larder.names, span.text);
    if (id !== undefined && isAccountedFor(words, span, id, larder)) return { ingredient: id, shared: [] };
    const several = atName(larder.shared, span.text);
    if (several && isAccountedFor(words, span, several[0]!, larder))
      return { ingredient: null, shared: several };
  }
  return unknown;
}

interface Span {
  readonly from: number;
  readonly to: number;
  readonly text: string;
}

/** A name of more words is none; its last words are looked at. */
const longestName = 12;

/** Runs of words, the longest first; of equal ones the last, where the head of a name stands. */
function* spansOf(all: readonly string[]): Generator<Span> {
  const first = Math.max(0, all.length - longestName);
  for (let length = all.length - first; length > 0; length--)
    for (let from = all.length - length; from >= first; from--) {
      const text = all
        .slice(from, from + length)
        .join(' ')
        .replaceAll('-', ' ');
      yield { from, to: from + length, text };
    }
}

function isAccountedFor(words: readonly string[], { from, to }: Span, id: string, larder: Larder): boolean {
  const food = findIngredient(larder, id);
  return (
    food !== null &&
    words.slice(0, from).every((word) => isNeutralBefore(word, food)) &&
    words.slice(to).every((word) => isNeutralBehind(word, food))
  );
}

const mostCandidates = 5;
/** A name of two words of which one is held is just likely enough; one of three is not. */
const leastScore = -0.5;

/**
 * The foods that an unsure name could mean, the likeliest first: those that go by it, or else those with most
 * of its words in a name of theirs, or with its last word at the end.
 */
export function candidatesOf(written: string, larder: Larder = standardLarder): IngredientId[] {
  const { shared } = readName(written, larder);
  if (shared.length > 0) return shared.slice(0, mostCandidates);
  const words = nameWords(plainName(written));
  const stems = words.map(stemOf);
  const head = stems[stems.length - 1] ?? '';
  const points = new Map<string, number>();
  const known = namesByStem(larder);
  const alikeByWord = new Set(stems.flatMap((stem) => known.get(stem) ?? []));
  for (const { parts, id } of [...alikeByWord].sort((one, other) => one.at - other.at)) {
    const held = parts.filter((part) => stems.includes(part)).length;
    const score = held * 2 - parts.length + (parts[parts.length - 1] === head ? 1.5 : 0);
    if (score > (points.get(id) ?? leastScore)) points.set(id, score);
  }
  // Those that only share a word of two are shown where nothing is nearer.
  const alike = ofItsKind([...points], sectionOfName(words), larder);
  const isNear = alike.some(([, score]) => score > 0);
  return alike
    .filter(([, score]) => score > 0 || !isNear)
    .sort(([, a], [, b]) => b - a)
    .slice(0, mostCandidates)
    .map(([id]) => id);
}

interface StemmedName {
  readonly id: string;
  readonly parts: readonly string[];
  /** Its place among the names of the larder. */
  readonly at: number;
}

/** The names of a larder by each of their words: of some thousand only a few share one with a text. */
function namesByStem(larder: Larder): ReadonlyMap<string, readonly StemmedName[]> {
  const before = stemmed.get(larder);
  if (before) return before;
  const found = new Map<string, StemmedName[]>();
  let at = 0;
  for (const [name, id] of larder.names) {
    const each = { id, parts: name.split(' ').map(stemOf), at: at++ };
    for (const part of new Set(each.parts)) {
      const same = found.get(part);
      if (same) same.push(each);
      else found.set(part, [each]);
    }
  }
  stemmed.set(larder, found);
  return found;
}

const stemmed = new WeakMap<Larder, ReadonlyMap<string, readonly StemmedName[]>>();

/** What stands where such a food does, if anything with its words does. */
function ofItsKind(
  points: readonly (readonly [string, number])[],
  section: Section | null,
  larder: Larder,
): (readonly [string, number])[] {
  const alike = points.filter(([id]) => findIngredient(larder, id)?.section === section);
  return alike.length > 0 ? alike : [...points];
}

function stemOf(word: string): string {
  return word.replace(/e?s$/, '');
}

/** The food that a name is for sure; null where it has to be asked about. */
export function findByName(written: string, larder: Larder = standardLarder): NamedIngredient | null {
  const { ingredient } = readName(written, larder);
  return ingredient === null ? null : { ingredient };
}

/** What a sorted list says of a food behind its name. */
const sortedBehind = /^(?:red|green|white|black|yellow|brown|purple|cooked|smoked|cherry|baby|wild)$/i;

/** "Peppers green", "lentils cooked": as a list sorts them, where nothing goes by the name as it stands. */
export function readTurned(name: string, larder: Larder = standardLarder): NameReading {
  const reading = readName(name, larder);
  const words = name.split(' ');
  const last = words.at(-1)!;
  if (isOne(reading) || words.length < 2 || !sortedBehind.test(last)) return reading;
  const turned = readName([last, ...words.slice(0, -1)].join(' '), larder);
  return isOne(turned) ? turned : reading;
}

const isOne = ({ ingredient, shared }: NameReading) => ingredient !== null || shared.length > 0;

/** Whether a name is that of a food, or one that several foods go by. */
export function isNamed(name: string, larder?: Larder): boolean {
  return isOne(readName(name, larder));
}

/** Whether the whole name, as it stands, is one the larder has, alone or for several foods. */
export function isKnownName(name: string, larder: Larder = standardLarder): boolean {
  return idOfName(name, larder) !== null || atName(larder.shared, name) !== undefined;
}

/** The larder id of a name as it stands, in either number; null where the larder has no such name. */
export function idOfName(name: string, larder: Larder = standardLarder): string | null {
  return atName(larder.names, name) ?? null;
}
