import { folded } from '../language/index.js';
import {
  type AllergenNeed,
  type AllergenNeedOf,
  type Heat,
  type Person,
  type PersonDiet,
  ageOfYears,
} from '../class/index.js';
import { isFoodName } from './free-words.js';
import { isNothing, type Meaning, piecesOfNeed, type SaidNeed, wordsOfNeeds } from './need-words.js';

/** What was understood of needs as people write them; heat and age only where they are said. */
export type ReadNeeds = Pick<Person, 'allergens' | 'diets' | 'sensitivities' | 'dislikes' | 'pregnant'> &
  Partial<Pick<Person, 'age'>> & { readonly heat?: Heat };

const longestWords = 60;

/**
 * Needs as a booking form has them: "Nut allergy (severe), veggie; no coriander". What is not understood is
 * kept as it is written, so that somebody asks; it is kept beside what is understood of the same words.
 */
export function readNeeds(text: string): ReadNeeds {
  const none: ReadNeeds = { allergens: [], diets: [], sensitivities: [], dislikes: [], pregnant: false };
  return piecesOf(text).reduce(withPiece, none);
}

function piecesOf(text: string): string[] {
  const pieces = isNothing(bare(text)) ? [] : piecesOfNeed(text).map(bare);
  return pieces.filter((piece) => piece !== '' && !isNothing(piece));
}

const bare = (text: string) => text.replace(/\s+/g, ' ').replace(/^[\s.!–—-]+|[\s.!–—-]+$/g, '');

function withPiece(read: ReadNeeds, piece: string): ReadNeeds {
  const said = wordsOfNeeds(piece);
  const is = (...meanings: readonly Meaning[]) => said.filter(({ meaning }) => meanings.includes(meaning));
  const [disliked] = is('dislike');
  if (disliked) return { ...read, dislikes: [...read.dislikes, short(piece.slice(disliked.to))] };
  const open = openWords(piece, said);
  if (is('allowed').length > 0) {
    const isNoMore = open.length === 0 && is('allergen', 'allergen traces').length === 0;
    return withMeanings(isNoMore ? read : withWords(read, piece), is('diet'), false);
  }
  const compound = said.find((each) => isPartOfFood(piece, each, open, said));
  if (compound) return withWords(read, withoutFiller(piece, said));
  const understood = withMeanings(read, said, is('traces', 'allergen traces').length > 0);
  const known = is('allergen', 'allergen traces', 'diet', 'words', 'pregnant', 'heat', 'age');
  if (open.length === 0) return known.length > 0 || is('traces').length > 0 ? understood : read;
  return withWords(understood, known.length > 0 ? piece : withoutFiller(piece, said));
}

function withMeanings(read: ReadNeeds, said: readonly SaidNeed[], isSevere: boolean): ReadNeeds {
  const allergens = said.filter(({ meaning }) => meaning.startsWith('allergen'));
  if (allergens.length === 0 && isSevere) read = withTraces(read);
  return said.reduce((all, each) => withMeaning(all, each, isSevere), read);
}

function withMeaning(read: ReadNeeds, { meaning, means, years }: SaidNeed, traces: boolean): ReadNeeds {
  switch (meaning) {
    case 'allergen':
    case 'allergen traces':
      return {
        ...read,
        allergens: withNeed(read.allergens, { what: means as AllergenNeedOf, traces }),
      };
    case 'diet':
      return { ...read, diets: [...new Set([...read.diets, means as PersonDiet])] };
    case 'words':
      return withWords(read, means);
    case 'pregnant':
      return { ...read, pregnant: true };
    case 'heat':
      return { ...read, heat: means as Heat };
    case 'age':
      return years === null ? read : { ...read, age: ageOfYears(years) };
    default:
      return read;
  }
}

/** Words of a piece that no phrase of the table covers, with their places. */
function openWords(piece: string, said: readonly SaidNeed[]): { word: string; at: number }[] {
  // "6 months pregnant".
  const isPregnant = said.some(({ meaning }) => meaning === 'pregnant');
  const covering = said.filter(({ meaning }) => meaning !== 'qualifier');
  return [...folded(piece).matchAll(/[a-zà-ÿ0-9’']+/g)]
    .map(({ 0: word, index: at }) => ({ word, at }))
    .filter(({ word }) => !(isPregnant && /^\d+$/.test(word)))
    .filter(({ word, at }) => !covering.some((each) => at >= each.at && at + word.length <= each.to));
}

/** "Almond milk" and "raw fish" are foods of their own, and neither all almonds nor all fish. */
function isPartOfFood(
  piece: string,
  { meaning, at, to }: SaidNeed,
  open: readonly { word: string; at: number }[],
  said: readonly SaidNeed[],
): boolean {
  if (meaning !== 'allergen') return false;
  const isQualified = said.some((each) => each.meaning === 'qualifier' && each.to + 1 === at);
  const near = [
    ...open.filter((each) => each.at + each.word.length + 1 === at || each.at === to + 1),
    ...said
      .filter((each) => each.meaning === 'allergen' && (each.to + 1 === at || each.at === to + 1))
      .map((each) => ({ word: piece.slice(each.at, each.to), at: each.at })),
  ];
  return (
    isQualified ||
    near.some((each) => {
      const [from, end] = each.at < at ? [each.at, to] : [at, each.at + each.word.length];
      return isFoodName(piece.slice(from, end));
    })
  );
}

/** A piece without the words around what it names: "no raw fish", "kiwi allergy". */
function withoutFiller(piece: string, said: readonly SaidNeed[]): string {
  let [from, to] = [0, piece.length];
  for (const { meaning, at, to: end } of said)
    if (at === from && (meaning === 'filler' || meaning === 'condition')) from = afterSpace(piece, end);
  for (const { meaning, at, to: end } of said.toReversed())
    if (end === to && at > from && meaning === 'condition') to = piece.slice(0, at).trimEnd().length;
  return piece.slice(from, to).replace(/-$/, '');
}

const afterSpace = (text: string, at: number) => (text[at] === ' ' ? at + 1 : at);

const short = (words: string) => words.trim().slice(0, longestWords);

function withWords(read: ReadNeeds, words: string): ReadNeeds {
  const kept = short(words);
  return kept === '' ? read : { ...read, sensitivities: [...new Set([...read.sensitivities, kept])] };
}

function withNeed(all: readonly AllergenNeed[], need: AllergenNeed): AllergenNeed[] {
  const before = all.find(({ what }) => what === need.what);
  const merged = { ...need, traces: need.traces || (before?.traces ?? false) };
  return [...all.filter(({ what }) => what !== need.what), merged];
}

/** A word about what was named just before it: "sesame (severe)", "nut allergy – carries EpiPen". */
function withTraces(read: ReadNeeds): ReadNeeds {
  const last = read.allergens.at(-1);
  return last ? { ...read, allergens: withNeed(read.allergens, { ...last, traces: true }) } : read;
}
