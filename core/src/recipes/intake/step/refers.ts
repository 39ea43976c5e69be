import { folded, verbsSaid } from '../../../language/index.js';
import { withoutWhen } from '../when-said.js';
import { sayings } from '../sayings.js';

/** What the words of a step say about where it stands among the others. */

/** Said before the work, without meaning anything of it. */
const leadIn = /^(?:(?:i|we|you)(?:'d|'ll)? |then |now |next,? |gently |carefully |finally,? |once \w+,? )*/i;

/** "When it's warm put in the lime": the work, without what comes before it. */
const workOf = (text: string) => withoutWhen(text.replace(leadIn, ''));

/** "Sweat in 1 tbsp of the oil", "sprinkle with cheese": what is worked at is not named, as it is in hand. */
function goesWithoutObject(text: string): boolean {
  const [first] = verbsSaid(text);
  if (first?.at !== 0 || first.form !== 'do') return false;
  const rest = text.slice(first.to);
  return (
    (finishes.has(first.verb.act) && /^ with\b/i.test(rest)) ||
    (handles.has(first.verb.act) && /^ (?:on|in|into|onto|to)\b/i.test(rest)) ||
    (first.verb.kind === 'heat' && /^ (?:gently |slowly )?(?:in|on|with|over|for|until|till)\b/i.test(rest))
  );
}
/** "Put garlic and soy sauce": where is not said, as it is what is in hand. */
function putsIn(text: string): boolean {
  const [first] = verbsSaid(text);
  return first?.at === 0 && first.form === 'do' && first.verb.verb === 'put' && !saysWhere.test(text);
}
const saysWhere =
  /^[^.;]*\b(?:in|into|inside|on|onto|over|under|through|aside|away|back|together|up|down)\b/i;

const handles: ReadonlySet<string> = new Set(['handle', 'arrange', 'pour']);
const finishes: ReadonlySet<string> = new Set(['finish', 'coat', 'season', 'garnish']);

const goesOn = sayings.has('goes on');
const placeOfPronoun = sayings.at('pronoun');
const saysOverSomething = sayings.has('over something');

export const refersTo = {
  /** The step goes on with what is in hand: "add the garlic", "drain", "fold in the herbs". */
  whatIsInHand: (text: string) =>
    goesOn(workOf(text)) || goesWithoutObject(workOf(text)) || putsIn(workOf(text)),
  all: sayings.has('all'),
  /** Something goes over or into what is not named. */
  anUnnamedDish: (text: string) => text.split(/(?<=[.;]) /).some(saysOverSomething),
  /** Something is put together of what was made, or finished with what is left. */
  aFinishedDish: sayings.has('assembles'),
  nothingBefore: sayings.has('beside'),
  /** Whether "it" or "them" stands before any food that the step names by itself. */
  itBefore: (text: string, firstNamedAt: number) => (placeOfPronoun(text)?.[0] ?? Infinity) < firstNamedAt,
};

/** Vessels that are named again where one goes on in them. */
const again =
  /\b(?:same|that|the|back (?:in|into|to) the|to the|wiped?(?: out)? (?:the|same)) (?:same |hot |wiped |empty |large |big |small |frying )*$/i;
const vesselWords = 'pan,pot,saucepan,bowl,tray,jar,blender,processor,griddle,dish,platter'.split(',');
const vesselsToName = ['pan', 'blender', 'bowl', 'tray', 'jar', 'griddle', 'dish', 'platter'] as const;
const saysVessel = new Map(vesselsToName.map((name) => [name, sayings.has(name)]));

/** The vessels that a step takes up again, in one word each. */
export function vesselsAgain(text: string): string[] {
  return [...text.matchAll(/[a-z]+/gi)].flatMap(({ 0: word, index }) =>
    vesselWords.includes(word.toLowerCase()) && again.test(text.slice(0, index)) ? [kindOfVessel(word)] : [],
  );
}

/** The vessels that a step has something in, in one word each. */
export function vesselsIn(text: string): string[] {
  return vesselsToName.filter((name) => saysVessel.get(name)!(text));
}

function kindOfVessel(word: string): string {
  const plain = word.toLowerCase();
  if (plain.endsWith('pan') || plain === 'pot') return 'pan';
  return plain === 'processor' ? 'blender' : plain;
}

const startsWithHeat = sayings.has('only heats');

/**
 * Only heats what the next step takes: "heat the oil in a frying pan", "bring a pan of water to the boil".
 */
export function onlyHeats(text: string): boolean {
  return startsWithHeat(text) && !/[.;]\s+\S/.test(text);
}

/** Words that stand behind "the" without being anything that was made. */
const noThings = new Set(
  (
    'oven fridge refrigerator freezer heat boil water top side sides bottom middle end table night ' +
    'day time rest other others same class salt pepper pan pot bowl tray jar blender processor dish ' +
    'platter board lid edges edge base centre center minute minutes hour hours first last whole half ' +
    'remaining large small fine coarse back way taste tin tins packet instructions knife fork spoon ' +
    'whisk grill griddle hob surface colour color texture size residual best least most meantime room ' +
    'air with and then from into over onto until the for its but all one two dry hot raw own lot cut ' +
    'let put few not oil out while plus some each them when that this those these there their which ' +
    'through about after before off'
  ).split(' '),
);

/** What is only ever made, with or without "the": "toss noodles and dressing". */
const onlyMade = new Set(
  'dressing vinaigrette sauce marinade brine syrup pickle crumbs croutons paste pesto salsa puree'.split(' '),
);

export const isOnlyMade = (thing: string) => onlyMade.has(thing);

/** "Dress them warm": with the dressing, unless it is said with what. */
const dressesWithIt = sayings.has('dresses');

const everyWord = /[a-zà-ÿ'-]+/g;

/** The things that a step speaks of as known: "the dressing", "the toasted crumbs". */
export function thingsNamed(text: string): string[] {
  const made = (folded(text).match(everyWord) ?? []).filter((word) => onlyMade.has(word)).map(plainNoun);
  const dressing = dressesWithIt(text) ? ['dressing'] : [];
  return [...new Set([...made, ...dressing, ...knownThings(text), ...thingWorkedAt(text)])];
}

/** "Sauté kernels in butter": whoever writes no "the" means the kernels all the same. */
function thingWorkedAt(text: string): string[] {
  const [first] = verbsSaid(text);
  if (first?.at !== 0 || first.form !== 'do' || /\b(?:the|your)\b/i.test(text)) return [];
  const [, thing] = /^ ([a-zà-ÿ'-]{3,})\b/i.exec(text.slice(first.to)) ?? [];
  return thing && !noThings.has(thing.toLowerCase()) && !noNoun.test(thing)
    ? [plainNoun(thing.toLowerCase())]
    : [];
}

/** Words that end so say how a thing is, or how something is done. */
const noNoun = /(?:ing|ed|ly|er|est)$/;

function knownThings(text: string): string[] {
  return [
    ...text
      .toLowerCase()
      .matchAll(/\b(?:the|your|that|those|these|each|every)\s+((?:[a-zà-ÿ'-]+[ ,]*){1,4})/g),
  ]
    .flatMap((match) => match[1]!.split(/[ ,]+/))
    .filter((word) => word.length > 2 && !noThings.has(word) && !noNoun.test(word))
    .map(plainNoun);
}

/** The nouns of a step, as another may speak of them. */
export function wordsOf(text: string): Set<string> {
  return new Set([...text.toLowerCase().matchAll(/[a-zà-ÿ'-]{3,}/g)].map((match) => plainNoun(match[0])));
}

function plainNoun(word: string): string {
  return word.replace(/(?:(?<=[^s])s|(?<=(?:sh|ch|x|o))es)$/, '');
}

/** What things are made by, where the step that makes them does not name them, by their names. */
const makers: Readonly<Record<string, string>> = {
  'dressing made by': 'dressing vinaigrette',
  'sauce made by': 'sauce',
  'marinade made by': 'marinade brine syrup glaze',
  'dip made by': 'dip purée puree hummus pesto salsa paste mash',
  'crumb made by': 'crumb crouton crisp chip cracker topping',
  'pickle made by': 'pickle quick-pickle',
  'fat made by': 'fat dripping rendering',
  'liquid made by': 'liquid juice liquor',
  'salad made by': 'salad leave green slaw',
  'mixture made by': 'mixture mix',
};
const makerOf = new Map(
  Object.entries(makers).flatMap(([saying, things]) => {
    const says = sayings.has(saying);
    return things.split(' ').map((thing) => [thing, says] as const);
  }),
);

/** Whether a step may make a thing that it does not name. */
export function mayMake(text: string, thing: string): boolean {
  return makerOf.get(thing)?.(text) ?? false;
}
