import { phrasesSaid, type SaidVerb, verbsSaid } from '../../language/index.js';
import { sayings } from '../intake/sayings.js';
import type { ComponentRole, Recipe, RecipeStep } from '../types.js';

const span =
  /\b(?:\d{1,4}|two|three|four|five|six|seven|eight|nine|ten|twelve|fifteen|twenty|thirty|forty|an?|half an)[\s–-]{0,8}(?:to |or )?\d{0,4}[\s-]{0,8}(?:minutes?|mins?|hours?|hrs?|h)\b|\bovernight\b/i;

/** Done by hand, and then it stands. */
const thenStands: ReadonlySet<string> = new Set(['salt', 'set', 'pickle', 'cover']);

/** What happens by itself while nobody's hands are at it. */
function isWaiting({ verb, form }: SaidVerb): boolean {
  return form === 'do' && (verb.kind !== 'work' || thenStands.has(verb.verb));
}

/**
 * What a step waits with: the verb nearest before its minutes, "pour over the onions and leave for 30
 * minutes"; without minutes the last of its first sentence. Null where it waits with nothing.
 */
export function waitingVerb(text: string): SaidVerb | null {
  const verbs = verbsSaid(text).filter(isWaiting);
  if (verbs.length === 0) return null;
  const minutes = span.exec(text)?.index;
  const before = minutes === undefined ? [] : verbs.filter(({ at }) => at < minutes);
  const sentence = text.search(/[.;]\s/);
  const first = sentence < 0 ? verbs : verbs.filter(({ at }) => at < sentence);
  return before.at(-1) ?? (minutes === undefined ? first.at(-1) : undefined) ?? verbs[0]!;
}

/** "The" with up to three words of a noun, and what stands before it. */
interface SaidNoun {
  /** "the roast carrots", in small letters. */
  readonly noun: string;
  /** "into", "with"; empty where none stands before it. */
  readonly preposition: string;
  /** The word behind it. */
  readonly next: string;
}

const wordsOf = (list: string): ReadonlySet<string> => new Set(list.split(' '));
const prepositions = wordsOf('in on with at under from by off of into over onto to');
/** Before these it stands for what is done with something else. */
const besides = wordsOf('in on with at under from by off of');
const nounEnd = wordsOf(
  'and in into on over with for until till so all to at as hard gently slowly away off out dry by then ' +
    'from or under while is are well thinly roughly finely again together nine ten eight overnight just ' +
    'it them through a an the',
);
const mostWords = 3;

const isBreak = (word: string) => !/^[a-zé-]+$/.test(word);

function nounsIn(text: string): SaidNoun[] {
  const words = [...text.matchAll(/[a-zé-]+|[^a-zé\s-]+/gi)].map(([word]) => word.toLowerCase());
  return words.flatMap((word, index) => {
    if (word !== 'the') return [];
    const behind = words.slice(index + 1, index + 1 + mostWords);
    const end = behind.findIndex((each, place) => isBreak(each) || (place > 0 && nounEnd.has(each)));
    const noun = end < 0 ? behind : behind.slice(0, end);
    const before = words[index - 1] ?? '';
    if (noun.length === 0) return [];
    return [
      {
        noun: `the ${noun.join(' ')}`,
        preposition: prepositions.has(before) ? before : '',
        next: words[index + 1 + noun.length] ?? '',
      },
    ];
  });
}

/** Nouns that are where, when and with what, never what. */
const noFood = wordsOf(
  'heat boil top rest surface side sheet end before lid skin skins dish dishes hob freezer pot microwave ' +
    'oven ovens pans flames plate plates processor night day evening morning trays',
);

function isFood(noun: string): boolean {
  if (noFood.has(noun.split(' ').at(-1)!) || noFood.has(noun.split(' ')[1]!)) return false;
  const isPlace = phrasesSaid(noun).some(
    ({ kind, to }) => (kind === 'vessel' || kind === 'place' || kind === 'tool') && to === noun.length,
  );
  return !isPlace && noun !== 'the soaking water';
}

/** "So the flavours get to know each other" is why, not what. */
const why = /\bso (?:that |the |it |they )[^.;]*/gi;

function foodsIn(text: string): string[] {
  if (phrasesSaid(text).some(({ name, at }) => name === 'everything' && /^everything/i.test(text.slice(at))))
    return [];
  return (
    nounsIn(text.replace(why, ''))
      // What is poured over something is not what then waits.
      .filter(({ preposition, next, noun }) => !besides.has(preposition) && next !== 'over' && isFood(noun))
      .map(({ noun }) => noun)
  );
}

/** The food that a verb is about: after it in its clause, else the last one named before it. */
export function nearestFood(text: string, { at }: Pick<SaidVerb, 'at'>): string | null {
  const clause = text.slice(at).split(/[.;:]|, | [-–—] | and (?=[a-z]+ (?:the|it|them)\b)/)[0]!;
  const after = foodsIn(clause);
  if (after[0]) return after[0];
  // "Chill" or "leave them": of what was named before.
  return foodsIn(text.slice(0, at)).at(-1) ?? null;
}

/** What takes up the rest: "grate the garlic into the yoghurt". */
const goesInto = wordsOf('into over onto to');

const cuts: ReadonlySet<string> = new Set(['cut', 'tear', 'peel']);
const poured = wordsOf('oil vinegar salt pepper water juice sugar sauce');

/** The food that a step has first, where its words name none with "the": "tear bread", "chop tomatoes". */
export function firstFoodOf({ text, uses }: RecipeStep, { lines }: Recipe): string | null {
  const [verb] = verbsSaid(text);
  if (verb?.at !== 0 || !cuts.has(verb.verb.act)) return null;
  const used = uses.map(({ line }) => lines.find(({ id }) => id === line));
  const first = used.find((line) => line?.amount && !line.name.toLowerCase().split(' ').some(isPoured));
  return first ? `the ${first.name.toLowerCase()}` : null;
}

const isPoured = (word: string) => poured.has(word);

/** What a step is about: a food that it names, its only line, what it goes on with, or the part it makes. */
export function mainFoodOf(step: RecipeStep, recipe: Recipe, depth = 0): string {
  const named = foodsIn(step.text);
  // "Toss it with the rest": what else goes in is not what it is about.
  const uses = depth === 0 && saysTheRest(step.text) ? [] : step.uses;
  const lines = recipe.lines.filter(({ id }) => uses.some(({ line }) => line === id));
  const into = depth > 0 ? takenUpIn(step.text) : undefined;
  if (into) return into;
  if (named[0]) return named[0];
  if (lines.length === 1) return `the ${lines[0]!.name.toLowerCase()}`;
  const before = recipe.steps.filter(({ id }) => step.after.includes(id));
  if (lines.length === 0 && before.length === 1 && depth < 4)
    return mainFoodOf(before[0]!, recipe, depth + 1);
  return partOf(step, recipe);
}

const saysTheRest = sayings.has('all of it');

function takenUpIn(text: string): string | undefined {
  return nounsIn(text).find(({ preposition, noun }) => goesInto.has(preposition) && isFood(noun))?.noun;
}

const partNames: Readonly<Record<ComponentRole, string>> = {
  base: 'salad',
  dressing: 'dressing',
  dip: 'dip',
  dippers: 'dippers',
  topping: 'topping',
  garnish: 'garnish',
};
const parts: ReadonlySet<string> = new Set(Object.values(partNames).map((name) => `the ${name}`));

/** Whether such words name no food, but the part of the dish that is made. */
export function isPart(words: string): boolean {
  return parts.has(words);
}

function partOf({ componentId }: RecipeStep, { components, kind }: Recipe): string {
  const role = components.find(({ id }) => id === componentId)?.role ?? 'base';
  return `the ${role === 'base' ? kind : partNames[role]}`;
}
