import { durationsIn, heatSaid, rowsOf, type Verb, verbNamed, verbsSaid } from '../../language/index.js';
import {
  cookingTime,
  family,
  findIngredient,
  type Form,
  type Ingredient,
  type Larder,
  standardLarder,
} from '../../larder/index.js';
import { capital, isPlural } from '../../words/index.js';
import type { LineId } from '../../identity/index.js';
import { lineCues } from '../intake/line-cues.js';
import { plainSpelling } from '../intake/line/numbers.js';
import { componentSaid } from '../intake/step/links.js';
import { LineMentions } from '../intake/step/mentions.js';
import { sayings } from '../intake/sayings.js';
import type { ComponentRole, RecipeComponent, RecipeLine } from '../types.js';
import { proposalsTable } from './data/proposals.js';

/** Work that a recipe lacks: what a line has as cooked, or is never eaten raw, and no step cooks. */
export interface Proposal {
  /** The line that is cooked, or the first of the part that is made. */
  readonly line: LineId;
  /** The part that is made; absent where a line is cooked. */
  readonly part?: string;
  readonly name: string;
  /** Why it is proposed, in a sentence. */
  readonly why: string;
  /** Steps as a cook would write them. */
  readonly texts: readonly string[];
  /** Before which of the written steps they stand. */
  readonly at: number;
}

const rules = rowsOf<'families' | 'ways' | 'text'>(proposalsTable).map(({ families, ways, text }) => ({
  isOf: families === '*' ? () => true : familyOf(families.split(';')),
  ways: new Set(ways.split(';')),
  texts: text.split('|'),
}));

function familyOf(names: readonly string[]): (food: Ingredient) => boolean {
  const members = family(...names);
  return (food) => members.has(food);
}

/** Raw, nobody eats them; what only soaks (couscous) or sprouts is none of them. */
const neverRaw = family(
  'dried beans and chickpeas',
  'lentils',
  'rice',
  'pasta',
  'noodles',
  'quinoa',
  'potatoes',
);
/** Only a boiled egg is cut. */
const eggs = family('eggs');
const cutForms: ReadonlySet<Form> = new Set(['halved', 'quartered', 'sliced', 'wedges', 'chopped']);
const rawMeat = family('poultry', 'minced meat');
const readyToEat = family('cured raw meat', 'smoked fish', 'tinned pulses');
const sectionsAsBought = new Set(['tins and jars', 'spices and seasoning', 'oils and vinegars', 'bakery']);

const makesPart = sayings.has('part made');
const isBoughtCooked = lineCues.has('bought cooked');
const isNuts = family('nuts', 'seeds');
/** What a packet of nuts has had done to it in the mill. */
const millWork = new Set(['blanch', 'steam', 'boil']);

/**
 * What of a recipe has to be cooked and no step of it cooks, with the steps for it. Lines that are bought
 * ready, and those in `bought`, need none.
 */
export function proposalsFor(
  work: readonly string[],
  lines: readonly RecipeLine[],
  larder: Larder = standardLarder,
): Proposal[] {
  if (work.length === 0) return [];
  const mentions = new LineMentions(lines, larder);
  const named = work.map((text) => mentions.in(text));
  const heating = work.map((text) => heatSaid(text).length > 0 || isInHotWater(text));
  // "Roast for 25 minutes" may be about anything.
  const isOpen = named.some((each, index) => heating[index] && each.size === 0);
  return lines.flatMap((line) => {
    const food = findIngredient(larder, line.ingredient);
    if (!food || line.amount === null) return [];
    const isHeated = named.some((each, index) => heating[index] && each.has(line.id));
    if (isHeated || isBought(line, food)) return [];
    const at = Math.max(
      0,
      named.findIndex((each) => each.has(line.id)),
    );
    const way = wayOf(line, food, work[at]!);
    const isMust = way === 'cook' && !saysCooked(line, food);
    if (!way || (isOpen && (isMust || line.byProducts.length > 0))) return [];
    const texts = textsFor(line, food, way);
    const name = nameOf(line);
    return texts.length === 0 ? [] : [{ line: line.id, name, why: whyOf(name, isMust), texts, at }];
  });
}

const madeBy: Readonly<Partial<Record<ComponentRole, string>>> = {
  dressing: 'Whisk the dressing ingredients together.',
  dip: 'Mix the dip ingredients together.',
};

/** Parts that the work takes and nobody makes: "toss with the dressing" of vinegar, oil and mustard. */
export function partsToMake(
  work: readonly string[],
  lines: readonly RecipeLine[],
  components: readonly RecipeComponent[],
  larder: Larder = standardLarder,
): Proposal[] {
  const mentions = new LineMentions(lines, larder);
  return components.flatMap(({ id, role, name }) => {
    const text = madeBy[role];
    const own = lines.filter(({ componentId }) => componentId === id);
    const names = new Set(own.map((line) => line.id));
    const isTouched = work.some((each) => [...mentions.in(each).keys()].some((line) => names.has(line)));
    // "Dressing: shake everything in a jar" makes it too.
    const isMade = work.some((each) => makesPart(each) || componentSaid(each, components)?.id === id);
    const at = work.findIndex((each) => new RegExp(`\\b${role}\\b`, 'i').test(each));
    if (!text || components.length < 2 || own.length < 2 || isTouched || isMade || at < 0) return [];
    const why = `The work takes the ${role}, and no step makes it.`;
    return [{ line: own[0]!.id, part: name, name: role, why, texts: [text], at }];
  });
}

/** Noodles and grains swell in hot water, or are soaked. */
const isInHotWater = (text: string) =>
  hotWater.test(text) || verbsSaid(text).some(({ verb, form }) => verb.act === 'soak' && form !== 'done');
const hotWater = /\b(?:boiling|hot|boiled) (?:salted )?(?:water|stock)\b/i;

/** The work with what is proposed, each piece where its food is used first. */
export function withProposed(work: readonly string[], proposals: readonly Proposal[]): string[] {
  return work.flatMap((text, index) => [
    ...proposals.filter(({ at }) => at === index).flatMap(({ texts }) => texts),
    text,
  ]);
}

function isBought(line: RecipeLine, food: Ingredient): boolean {
  return isBoughtCooked(line.text) || sectionsAsBought.has(food.section) || readyToEat.has(food);
}

/** The verb by which a line, or the step that takes it first, says that its food has been cooked. */
function cookedBy(text: string, food: Ingredient): Verb | null {
  const names = [food.names.uk, food.names.us, ...food.names.also];
  // "Roasted peppers" from a jar are bought so.
  const own = new Set(names.flatMap((name) => verbsSaid(name).map(({ verb }) => verb.verb)));
  const said = verbsSaid(text).filter(
    ({ verb, form }) => form === 'done' && verb.kind === 'heat' && verb.heat !== '' && !own.has(verb.verb),
  );
  const verb = said.find(({ verb: { verb: each } }) => each !== 'cook')?.verb ?? said[0]?.verb ?? null;
  return verb && !asItComes.has(verb.verb) && !(isNuts.has(food) && millWork.has(verb.verb)) ? verb : null;
}

/** Smoked and melted things are bought or used so. */
const asItComes = new Set(['smoke', 'melt', 'candy', 'caramelise', 'warm']);

const saysCooked = (line: RecipeLine, food: Ingredient) => cookedBy(line.text, food) !== null;

/** How the food is to be cooked; null where it need not be. */
function wayOf(line: RecipeLine, food: Ingredient, step: string): string | null {
  const said = cookedBy(line.text, food) ?? cookedBy(stateBefore(step, line), food);
  if (said) return said.verb;
  if (eggs.has(food) && line.preparation.some((form) => cutForms.has(form))) return 'hard-boil';
  return neverRaw.has(food) || rawMeat.has(food) ? 'cook' : null;
}

/** "The boiled eggs": words of a step right before the name of a food. */
function stateBefore(step: string, { name }: RecipeLine): string {
  const head = name.toLowerCase().split(' ').pop()!.replace(/e?s$/, '');
  const at = head === '' ? -1 : step.toLowerCase().indexOf(head);
  return at < 0 ? '' : (/(?:[\p{L}-]+ ){1,2}$/u.exec(step.slice(0, at))?.[0] ?? '');
}

/** The name without what has been done to it: "boiled eggs" are eggs. */
function nameOf({ name, text }: RecipeLine): string {
  const plain = (name || text).toLowerCase();
  const bare = verbsSaid(plain).reduceRight(
    (rest, { at, to, form, verb }) =>
      form === 'done' && verb.kind === 'heat' ? rest.slice(0, at) + rest.slice(to) : rest,
    plain,
  );
  return bare.replace(/\s+/g, ' ').trim() || plain;
}

function textsFor(line: RecipeLine, food: Ingredient, way: string): string[] {
  const rule = rules.find(({ isOf, ways }) => isOf(food) && (ways.has('*') || ways.has(way)));
  const time =
    cookingTime(food, way === 'cook' ? 'simmer' : way, 'whole') ?? cookingTime(food, 'cook', 'whole');
  const [said] = durationsIn(plainSpelling(line.text));
  const [low, high] = said ? [said.low, said.high] : time ? [time.low, time.high] : [30, 60];
  return (rule?.texts ?? []).map((text) =>
    text
      .replaceAll('{food}', nameOf(line))
      .replaceAll('{them}', isPlural(nameOf(line)) ? 'them' : 'it')
      .replace('{Verb}', capital(verbNamed(way)?.verb ?? 'cook'))
      .replace('{minutes}', rangeOf(low, high)),
  );
}

function rangeOf(low: number, high: number): string {
  const [least, most] = [Math.round(low), Math.round(high)];
  return least === most ? String(least) : `${least}–${most}`;
}

function whyOf(name: string, isMust: boolean): string {
  const [is, them] = isPlural(name) ? ['are', 'them'] : ['is', 'it'];
  return isMust
    ? `The ${name} ${is} not eaten raw, and no step cooks ${them}.`
    : `The ${name} ${is} wanted cooked, and no step cooks ${them}.`;
}
