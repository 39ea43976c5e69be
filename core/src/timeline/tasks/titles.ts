import type { Recipe, RecipeStep } from '../../recipes/index.js';
import { capital, isPlural } from '../../words/index.js';
import { firstFoodOf, isPart, mainFoodOf, nearestFood, verbIn } from './work-words.js';

const longestTitle = 46;

/** What stands before the work: when it is done, and what it is for. */
const leadIn =
  /^(?:(?:the )?(?:night|day|evening|morning) before|in the morning|meanwhile|next|then|now|finally|first|last|at the end|(?:while|when|once|as soon as|for the|to make|to serve|to finish) [^,.]+(?=,)),?\s+(?!are\b|is\b)/i;
/** The oven is heated by the clock, and a part is named by its column. */
const heating =
  /^(?:(?:pre-?)?heat (?:the |your )?oven\b|(?:the )?oven (?:on )?(?:to |at )?\d)[^.;]*[.;]\s+(?=\S)/i;
const label = /^[a-z][a-z' -]{2,20}:\s+(?=[a-z])/i;
/** How much of it: the amounts stand on the cards. */
const amount =
  /\b(?:\d+(?:[.,/]\d+)?|[½¼¾⅓⅔])\s*(?:(?:kg|g|ml|l|litres?|tbsp|tablespoons?|tsp|teaspoons?|cups?|tins?|cans?|jars?|bulbs?|bunch(?:es)?|heads?|cloves?)\b\s*(?:of\s+)?)/gi;
/** How long: the minutes stand beside the name. */
const span =
  /,?\s*\b(?:(?:for|about|around|another|a further|roughly|at least)\s+)*(?:\d+(?:\s*(?:[–-]|to|or)\s*\d+)?|two|three|four|five|six|eight|ten|twelve|a few|an|half an)[\s-]*(?:minutes?|mins?|hours?|hrs?|h)\b(?: (?:or so|at most|at least|more|longer|before(?! [a-z]+ing\b)|(?:a|each|per) side))?/gi;
/** What is done beside it. */
const beside = /,? (?:looking|checking|turning|stirring|shaking)\b.*$/i;
const leftOpen = /[\s,(]+(?:and|with|for|a|an|the|at|of|but|as|then)$/i;
const dangling =
  /[\s,(]+(?:and|with|over|for|in|a|an|the|to|at|of|into|on|from|their|its|as|until|through|by|or|then|out|it|but|if|using|[\d½¼¾⅓⅔]+)$/i;
const danglingVerb =
  /(?: and|,) (?:scatter|top|toss|pour|serve|spoon|warm|heat|drizzle|stir|fold|add|dress|keep|season|mix|blend|crumble|grate|squeeze|drain|check|pile|lay|cover|slice|tear|chop|bake|soak|fry|cut|put)$/i;
const leadsOn = /^(?:and|with|over|for|in|to|at|of|into|on|from|as|until|through|by|or|then)\b/i;
const lastPart = /^(.{18,}),? (?:and|with|over|for|in|to|at|of|into|on|from|through)\b.*$/i;

/** The first clause of a step as a cook says it: without when, how much and how long; never cut in a word. */
export function shortTitle(text: string): string {
  const said = text === text.toUpperCase() ? text.toLowerCase() : text;
  const bareSaid = said.trim().replace(heating, '').replace(label, '');
  const work = capital(bareSaid.replace(leadIn, '').replace(leadIn, ''));
  const clause = work.split(
    /[.;:(]| (?:un)?till? | so (?:that|the|it|they) | then | about the size | or (?:it|they) | (?:just|right) before (?=you |serving|eating)/,
  )[0]!;
  const counted = clause
    .replace(span, '')
    .replace(amount, '')
    .replace(beside, '')
    .replace(/\s{2,}/g, ' ');
  const bare = without(counted, leftOpen);
  return atBoundary(bare || clause.trim() || work);
}

/** Cut between two words, and never after one that leads on. */
function atBoundary(clause: string): string {
  if (clause.length <= longestTitle) return clause;
  const cut = clause.slice(0, longestTitle + 1);
  const end = Math.max(cut.lastIndexOf(' '), 1);
  const words = cut.slice(0, end);
  // In the midst of a part, the part goes.
  const isWhole = /[,]$/.test(words) || leadsOn.test(clause.slice(end + 1));
  const kept = isWhole ? words : (lastPart.exec(words)?.[1] ?? words);
  return without(without(kept, dangling), danglingVerb);
}

function without(words: string, ends: RegExp): string {
  const left = words.trim().replace(/[,\s]+$/, '');
  // A single capital is a letter that something goes by: "bowl A" is not cut at an article.
  if (/ [A-Z]$/.test(left)) return left;
  return ends.test(left) ? without(left.replace(ends, ''), ends) : left;
}

/** Work that is hardly more than a word wants to be told what of. */
const bareWork =
  /^(?:[a-z]+)(?: (?:it|them|everything|well|all))?(?: (?:all|together|out|dry|up|cold|warm))?$/i;
const pronoun = /^([A-Z][a-z]+(?: (?:and|in|out|over))?) (it|them)\b(?! all\b| over\b)/;

/** Work on all of a part at once. */
const mixes = /^(?:blend|whisk|shake|mix|toss|stir|whip|season|dress|serve|assemble|layer|combine)$/i;

/** Work whose food was named before: "Peel and slice". */
const openVerb =
  /^(Peel|Drain|Squeeze|Cool|Chop|Slice|Shred|Grate|Wash|Dry|Halve|Rinse|Crush|Mash)(?= (?:and|while|dry|under|in|into)\b)/;

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
  if (isPart(food)) return isWord && mixes.test(title) ? `${title} ${food}` : title;
  // "Squash on a tray": the food itself is no work.
  if (isWord && food.includes(title.toLowerCase()))
    return step.occupies?.appliance === 'oven' ? `Put ${food} in the oven` : `Prepare ${food}`;
  if (isWord) return `${title} ${food}`;
  if (title.includes(food)) return title;
  return title.replace(pronoun, (_, verb: string) => `${verb} ${food}`).replace(openVerb, `$1 ${food}`);
}

const cold = /^(?:cover(?: it)? and )?(?:chill|freeze|refrigerate)\b/i;
const wantsTime = /^(?:it|they|this|these) (?:wants?|needs?|likes?|takes?)\b/i;
const aside =
  /^(?:cover(?: it| them)? and )?(?:let (?:it|them) (?:sit|stand|rest|cool)|leave|rest|stand|set|infuse|steep|cool)\b/i;

/** What a step that only waits asks of the hands. */
function putAway(title: string, step: RecipeStep, recipe: Recipe): string | null {
  // "They want an hour" says of what was made that it waits.
  if (wantsTime.test(step.text)) return `Set ${pluralBefore(step, recipe) ?? mainFoodOf(step, recipe)} aside`;
  if (
    !bareWork.test(
      title
        .replace(/^cover(?: it| them)? and /i, '')
        .replace(/ (?:overnight|to cool|completely|aside|to stand|to rest)/gi, '')
        .replace(/ before [a-z]+ing\b.*$/i, ''),
    )
  )
    return null;
  if (cold.test(title)) return `Put ${mainFoodOf(step, recipe)} in to chill`;
  return aside.test(title) ? `Set ${mainFoodOf(step, recipe)} aside` : null;
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
  const verb = verbIn(step.text);
  if (!verb) return jobName(step, recipe).replace(/^Put (.+) in the oven$/, 'Roast $1');
  const food = nearestFood(step.text, verb) ?? firstFoodOf(step, recipe) ?? mainFoodOf(step, recipe);
  return `${verb.word === 'sit' ? 'Leave' : capital(verb.word)} ${food}`;
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
