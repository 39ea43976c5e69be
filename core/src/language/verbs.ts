import { cacheByText } from '../identity/index.js';
import { verbsTable } from './data/verbs.js';
import { formsOf, type VerbForm } from './forms.js';
import { rowsOf } from './table.js';

/** What is done: food is heated, only warmed, left to itself, or worked at. */
type VerbKind = 'heat' | 'warm' | 'left' | 'work';

/** A verb of the kitchen, of `language/data/verbs.csv`. */
export interface Verb {
  readonly verb: string;
  readonly kind: VerbKind;
  /** The kind of work: "cut", "soak", "wet heat". */
  readonly act: string;
  /** How the heat comes: in water or steam, in fat, dry, or either; empty where there is none. */
  readonly heat: 'wet' | 'fat' | 'dry' | 'any' | '';
  /** What it takes by itself; empty where that must be said. */
  readonly appliance: string;
  readonly vessel: string;
  /** What it is done with by itself, each between semicolons; empty where nothing of its own. */
  readonly tool: string;
  /** Whether hands stay with it or are free meanwhile; empty where it is done at once. */
  readonly hands: 'stay' | 'free' | '';
  /** What its first form can be besides: "a roast", "crisp", "lemon juice". */
  readonly also: 'noun' | 'adjective' | 'food' | '';
  /** The state it leaves food in; empty where that has no name of its own. */
  readonly state: string;
  /** The technique note that tells how it is done; empty where none does for every food. */
  readonly technique: string;
  /** The technique whose rates count for its minutes; empty where hands do nothing that is counted. */
  readonly rate: string;
  /** What it has done to food, "sliced", or that it is work on a batch as a whole, "to toss". */
  readonly named: string;
}

/** A verb in a text, whose accents are folded; from one character of it to another. */
export interface SaidVerb {
  readonly verb: Verb;
  readonly form: VerbForm;
  readonly at: number;
  readonly to: number;
}

interface Form {
  readonly verb: Verb;
  readonly form: VerbForm;
}

const rows = rowsOf<keyof Verb | VerbForm>(verbsTable);

/** Every verb of the lexicon, as it is listed. */
export const verbNames: readonly string[] = rows.map(({ verb }) => verb);

/** The row of a verb, or null where the lexicon has none. */
export function verbNamed(name: string): Verb | null {
  return verbsByName.get(name) ?? null;
}

const verbsByName: ReadonlyMap<string, Verb> = new Map(rows.map((row) => [row.verb, row as unknown as Verb]));

/** Every kind of work. */
export const actKinds: readonly string[] = [...new Set(rows.map(({ act }) => act))].sort();

/** "The leaves" are salad, and a dressing is what is made, whatever stands before them. */
const alwaysThings: ReadonlySet<string> = new Set([
  'crisps',
  'leaves',
  'dressing',
  'topping',
  'seasoning',
  'filling',
  'stuffing',
  'coating',
]);

const verbForms: ReadonlyMap<string, Form> = new Map(
  rows.flatMap((row) => {
    const verb = row as unknown as Verb;
    const said = (['do', 'doing', 'done'] as const).flatMap((form) =>
      row[form]
        .split(' ')
        .filter(Boolean)
        .map((word): [string, Form] => [word, { verb, form }]),
    );
    const regular = [...formsOf(verb.verb)].map(([word, form]): [string, Form] => [word, { verb, form }]);
    return [...regular, ...said].filter(([form]) => !alwaysThings.has(form));
  }),
);

/** Every word by which a verb is done or being done. Throws where the lexicon has no such verb. */
export function formsOfVerb(name: string): readonly string[] {
  return asListed(formsByVerb.get(name), name);
}

/** Every word by which work of a kind is done or being done. Throws where no verb is of that kind. */
export function formsOfKind(kind: string): readonly string[] {
  return asListed(formsByKind.get(kind), kind);
}

function asListed(words: readonly string[] | undefined, name: string): readonly string[] {
  if (!words) throw new Error(`The lexicon has no “${name}”.`);
  return words;
}

const formsByVerb = formsBy(({ verb }) => verb);
const formsByKind = formsBy(({ act }) => act);

function formsBy(keyOf: (verb: Verb) => string): ReadonlyMap<string, readonly string[]> {
  const found = new Map<string, string[]>();
  for (const [word, { verb, form }] of verbForms) {
    const words = found.get(keyOf(verb)) ?? [];
    if (form !== 'done') found.set(keyOf(verb), [...words, word]);
  }
  return found;
}

/** A text without accents and capitals, each character in its place. */
export function folded(text: string): string {
  // Nearly every text is plain letters, and this is asked of each many times.
  if (plainLetters.test(text)) return text.toLowerCase();
  return text
    .normalize('NFC')
    .replace(capitals, (letters) => letters.toLowerCase())
    .replace(otherLetter, (each) => {
      const plain = each.normalize('NFD').replace(/\p{M}/gu, '').toLowerCase();
      return plain.length === each.length ? plain : each;
    });
}

const plainLetters = /^[ -~\s]*$/;
const capitals = /[A-Z]+/g;
const otherLetter = /[^ -~\s]/gu;

const word = /[a-z]+(?:-[a-z]+)*/g;

const mostTexts = 4000;

/** Each verb that a text says as something to be done, being done or done, in order. */
export const verbsSaid: (text: string) => readonly SaidVerb[] = cacheByText(mostTexts, (text) => {
  const plain = folded(text);
  const words = [...plain.matchAll(word)];
  const found: SaidVerb[] = [];
  for (let index = 0; index < words.length; index++) {
    const [one, two] = [words[index]!, words[index + 1]];
    const pair = two && /^[ -]$/.test(plain.slice(one.index + one[0].length, two.index)) ? two : undefined;
    const joined = pair && (verbForms.get(`${one[0]} ${pair[0]}`) ?? verbForms.get(`${one[0]}-${pair[0]}`));
    const known = joined ?? verbForms.get(one[0]) ?? verbForms.get(one[0].split('-').at(-1)!);
    if (!known) continue;
    const last = joined ? two! : one;
    const said = { ...known, at: one.index, to: last.index + last[0].length };
    if (joined) index += 1;
    if (!isThing(plain, said)) found.push(isPassive(plain, said) ? { ...said, form: 'do' } : said);
  }
  return found;
});

const clauseStart =
  /(?:^|[.;:,!?(–—]|\b(?:and|then|or|now|to|first|just|[a-z]+ly|until they|let (?:it|them|the [a-z]+(?: [a-z]+)?)))\s*$/;
const object =
  /^\s+(?:up|the|it|them|through|all|each|both|some|in (?:a|the)|on (?:a|the|both)|over|off|down|for)\b/;
/** Done to food: "in a bowl salt the cucumber", not "with lemon juice in the fridge". */
const foodBehind = /^\s+(?:the|it|them|both|each|half|all)\b/;
const workStart = /(?:^|[.;:!?(–—]|\b(?:then|to|first|now|[a-z]+ly))\s*$/;
const wordBefore = /([a-z]+(?:-[a-z]+)*)(?:,|,? (?:and|or))\s*$/;

/** Whether what can be a food is work where it stands: "peel, core and slice", not "lemon juice and oil". */
function isListedWork(before: string): boolean {
  const listed = verbForms.get(wordBefore.exec(before)?.[1] ?? '');
  return workStart.test(before) || (listed?.form === 'do' && listed.verb.also !== 'food');
}

/** "The roast", "on toast"; but "to the boil". */
const ofThing = /(?<!\bto )\b(?:the|with|on|of|some|over|a|an|this|that|more|under|until)\s+$/;
/** Brown rice is a food, and steam dries. */
const asFood = /^\s+(?:rice|sugar|bread|lentils?|flour|basmati)\b/;
const leavesBy = /^\s+(?:dry|off)\b/;
/** "A squeeze of lemon", "rest of the oil". */
const ofSomething = /^\s+of\b/;

const isBeing = /\b(?:is|are|be|being|gets?)(?: (?:then|now|first|all|also|[a-z]+ly))?\s+$/;
/** "Until they are browned", "once it is drained": a state that is waited for or looked at. */
const asSign =
  /\b(?:until|till|when|once|if|after|as|while|unless|sure|check|see|that|which|where|before|because|so|has|have|not|already|to)\b[^,.;]*$/;

/** "The beans are boiled for ten minutes": done now, by whoever reads it. */
function isPassive(plain: string, { form, at }: SaidVerb): boolean {
  const before = plain.slice(0, at);
  return form === 'done' && isBeing.test(before) && !asSign.test(before);
}

/** Whether a word that can be a thing or a quality is one here: "the roast carrots", "serve warm". */
function isThing(plain: string, { verb, form, at, to }: SaidVerb): boolean {
  if (form !== 'do' || verb.also === '') return false;
  const [before, after] = [plain.slice(0, at), plain.slice(to)];
  if (verb.also === 'adjective' && asFood.test(after)) return true;
  if (verb.heat !== '' && leavesBy.test(after)) return true;
  if (verb.also === 'noun') return ofThing.test(before) || ofSomething.test(after);
  if (verb.also === 'food') return !foodBehind.test(after) && !isListedWork(before);
  return !clauseStart.test(before) && !object.test(after);
}
