import { phrasesSaid, type SaidVerb, verbsSaid } from '../../language/index.js';
import { capital, isPlural } from '../../words/index.js';
import type { Recipe, RecipeStep } from '../types.js';
import { shortTitle } from './clause.js';
import { firstFoodOf, isPart, mainFoodOf, nearestFood, waitingVerb } from './foods-said.js';

const wordsOf = (list: string): ReadonlySet<string> => new Set(list.split(' '));
const everyWord = /[a-zé]+/gi;

/** What may stand beside a verb that is hardly more than a word, and wants to be told what of. */
const besideBare = wordsOf(
  'it them everything well all together out dry up cold warm overnight aside completely cover and to ' +
    'stand rest cool',
);
const pronoun = /^([A-Z][a-z]+(?: (?:and|in|out|over))?) (it|them)\b(?! all\b| over\b)/;

/** Work on all of a part at once. */
const onAll: ReadonlySet<string> = new Set(['blend', 'whisk', 'mix', 'toss', 'seasoning', 'serve']);
const alsoOnAll: ReadonlySet<string> = new Set(['assemble', 'layer']);

/** Work whose food may have been named before: "Peel and slice". */
const onFood: ReadonlySet<string> = new Set('peel drain squeeze cool cut wash dry crush tear'.split(' '));
const leavesOpen = wordsOf('and while dry under in into');

interface Names {
  readonly job: string;
  readonly waiting: string;
}

/** Plans of one class ask for the same names many times. */
const named = new WeakMap<Recipe, Map<RecipeStep, Names>>();

function namesOf(step: RecipeStep, recipe: Recipe): Names {
  const known = named.get(recipe) ?? new Map<RecipeStep, Names>();
  named.set(recipe, known);
  const names = known.get(step) ?? { job: jobName(step, recipe), waiting: waitName(step, recipe) };
  known.set(step, names);
  return names;
}

/** The work of a step by its name: "Peel" is "Peel the aubergines", "Flake it" is "Flake the cod". */
export function jobTitle(step: RecipeStep, recipe: Recipe): string {
  return namesOf(step, recipe).job;
}

function jobName(step: RecipeStep, recipe: Recipe): string {
  const title = shortTitle(step.text);
  const rest = step.waitMinutes ? putAway(title, step, recipe) : null;
  if (rest) return rest;
  const food = mainFoodOf(step, recipe);
  const isWord = /^[a-z]+$/i.test(title);
  if (isPart(food)) return isWord && mixes(title) ? `${title} ${food}` : title;
  // "Squash on a tray": the food itself is no work.
  if (isWord && food.includes(title.toLowerCase()))
    return step.occupies?.appliance === 'oven' ? `Put ${food} in the oven` : `Prepare ${food}`;
  if (isWord) return `${title} ${food}`;
  if (title.includes(food)) return title;
  return withFood(
    title.replace(pronoun, (_, verb: string) => `${verb} ${food}`),
    food,
  );
}

const startOf = (title: string): SaidVerb | undefined => verbsSaid(title).find(({ at }) => at === 0);

function mixes(title: string): boolean {
  const verb = startOf(title)?.verb;
  return verb !== undefined && (onAll.has(verb.act) || alsoOnAll.has(verb.verb));
}

/** "Peel and slice" with what is peeled. */
function withFood(title: string, food: string): string {
  const first = startOf(title);
  const next =
    first &&
    title
      .slice(first.to + 1)
      .split(' ', 1)[0]!
      .toLowerCase();
  if (!first || !onFood.has(first.verb.act) || !leavesOpen.has(next!)) return title;
  return `${title.slice(0, first.to)} ${food}${title.slice(first.to)}`;
}

const wantsTime = /^(?:it|they|this|these) (?:wants?|needs?|likes?|takes?)\b/i;
const left: ReadonlySet<string> = new Set(['rest', 'steep', 'cool']);

/** What a step that only waits asks of the hands. */
function putAway(title: string, step: RecipeStep, recipe: Recipe): string | null {
  // "They want an hour" says of what was made that it waits.
  if (wantsTime.test(step.text)) return `Set ${pluralBefore(step, recipe) ?? mainFoodOf(step, recipe)} aside`;
  const [first] = verbsSaid(title).filter(({ verb }) => verb.verb !== 'cover');
  if (!first || !isBare(title)) return null;
  if (first.verb.act === 'chill') return `Put ${mainFoodOf(step, recipe)} in to chill`;
  const isLeft = left.has(first.verb.act) || first.verb.verb === 'set';
  return isLeft ? `Set ${mainFoodOf(step, recipe)} aside` : null;
}

/** Whether a title is hardly more than a verb: "Cover and chill", "Leave to cool before serving". */
function isBare(title: string): boolean {
  const words = (title.split(' before ', 1)[0]!.match(everyWord) ?? []).map((word) => word.toLowerCase());
  const others = words.filter((word) => !besideBare.has(word) && word !== 'let');
  return others.length <= 1;
}

/** What "they" are: the first food of the step before whose name speaks of several. */
function pluralBefore({ text, after }: RecipeStep, { steps, lines }: Recipe): string | null {
  if (!/^the(?:y|se)\b/i.test(text)) return null;
  const used = new Set(
    steps.filter(({ id }) => after.includes(id)).flatMap(({ uses }) => uses.map(({ line }) => line)),
  );
  const name = lines.find((line) => used.has(line.id) && isPlural(line.name))?.name;
  return name ? `the ${name.toLowerCase()}` : null;
}

/** What is waited for: "Cut the carrots, oil them and roast in one layer" is "Roast the carrots". */
export function waitingText(step: RecipeStep, recipe: Recipe): string {
  return namesOf(step, recipe).waiting;
}

function waitName(step: RecipeStep, recipe: Recipe): string {
  const verb = waitingVerb(step.text);
  if (!verb) return jobName(step, recipe).replace(/^Put (.+) in the oven$/, 'Roast $1');
  const food =
    nearestFood(step.text, verb) ?? firstFoodOf(step, recipe) ?? waterOf(step) ?? mainFoodOf(step, recipe);
  const word = step.text.slice(verb.at, verb.to).toLowerCase();
  return `${verb.verb.verb === 'sit' ? 'Leave' : capital(word)} ${food}`;
}

const heatsWater: ReadonlySet<string> = new Set(['bring', 'boil', 'heat']);

/** Water that comes to the boil for what is not in it yet. */
function waterOf({ text, uses }: RecipeStep): string | null {
  const isOfWater = phrasesSaid(text).some(({ name }) => name === 'water');
  const isFirst = heatsWater.has(startOf(text)?.verb.verb ?? '');
  return uses.length === 0 && isFirst && isOfWater ? 'the water' : null;
}

/** A wait by its name, told apart from the work before it. */
export function nameOfWait(step: RecipeStep, recipe: Recipe): string {
  const waiting = waitingText(step, recipe);
  return jobTitle(step, recipe).startsWith(waiting) ? `${waiting}: waiting` : waiting;
}

export function waitTitle(step: RecipeStep, recipe: Recipe): string {
  const setting = step.occupies?.setting.replace(/ °/g, '\u00a0°');
  return `${waitingText(step, recipe)}${setting ? `, ${setting}` : ''}`;
}
