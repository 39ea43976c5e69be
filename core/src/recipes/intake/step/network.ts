import type { MeasureSystem } from '../../../amounts/index.js';
import { heatsFood, verbsSaid } from '../../../language/index.js';
import { findIngredient, type Larder, type Section, standardLarder } from '../../../larder/index.js';
import type { RecipeComponent, RecipeLine } from '../../types.js';
import type { Job } from './jobs.js';
import { kindsSaid } from './food-kinds.js';
import { sayings } from '../sayings.js';
import { openEnds, reduced } from './edges.js';
import { componentSaid, cutsFood, exceptIn } from './links.js';
import { LineMentions } from './mentions.js';
import {
  isOnlyMade,
  mayMake,
  onlyHeats,
  refersTo,
  thingsNamed,
  vesselsAgain,
  vesselsIn,
  wordsOf,
} from './refers.js';

/** What is known of a step where its place among the others is looked for. */
interface Named {
  readonly text: string;
  /** It goes on with what the step before it has in hand. */
  readonly isInHand: boolean;
  /** Lines and words of its own and of what it goes on with. */
  readonly has: { readonly words: ReadonlySet<string>; readonly lines: Set<string> };
  readonly words: ReadonlySet<string>;
  /** Lines that it names, with the place where it does so first. */
  readonly lines: ReadonlyMap<string, number>;
  /** Lines that "everything but" leaves out. */
  readonly excepted: ReadonlySet<string>;
  readonly componentId: string;
}

export interface NetworkInput {
  readonly jobs: readonly Job[];
  /** The component of each step. */
  readonly componentIds: readonly string[];
  readonly lines: readonly RecipeLine[];
  readonly components: readonly RecipeComponent[];
  readonly system: MeasureSystem;
  readonly larder?: Larder;
  /** Lines that each step uses, named or not: "boil them". */
  readonly used?: readonly (readonly string[])[];
  /** Of lines that are told behind work: the first step that can mean them by "everything". */
  readonly toldFrom?: ReadonlyMap<string, number>;
}

/**
 * Which steps each step comes after, by their numbers: those that made what it uses, by the food and the
 * things that it names, by the vessel that it goes on in, and by "it" and "everything". A step that begins
 * with food of its own and names nothing of the others comes after none. What is not clear comes after all
 * that is open; the last step after all that nothing else goes on with.
 */
export function networkOf(input: NetworkInput): number[][] {
  const named = namedIn(input);
  const after: number[][] = [];
  named.forEach((step, index) => {
    const open = openEnds(after);
    const found = beforeOf(step, { named, index, open, input });
    const isLast = index === named.length - 1 && index > 0;
    const isApart = found.isOwn && !refersTo.aFinishedDish(step.text);
    const before = reduced(isLast && !isApart ? [...found.steps, ...open] : found.steps, after);
    // Food goes where it is worked on: what is sautéed next are the kernels of the corn.
    for (const each of before) for (const line of named[each]!.has.lines) step.has.lines.add(line);
    after.push(before);
  });
  return after;
}

function namedIn({ jobs, componentIds, lines, used, larder = standardLarder }: NetworkInput): Named[] {
  const mentions = new LineMentions(lines, larder);
  const named: Named[] = [];
  jobs.forEach(({ text, goesOn }, index) => {
    const excepted = new Set(mentions.in(exceptIn(text)).keys());
    const said = withoutOthers(text);
    const own = {
      text: said,
      words: wordsOf(said),
      lines: new Map([...mentions.in(said)].filter(([line]) => !excepted.has(line))),
      excepted,
    };
    // "Salt them" is work on what is in hand, whatever it is done with.
    const verbs = new Set(verbsSaid(said).map(({ at }) => at));
    const places = [...own.lines.values()].filter((at) => !verbs.has(at));
    const firstNamed = Math.min(...places, said.length);
    const isInHand =
      goesOn ||
      (!refersTo.nothingBefore(text) &&
        (refersTo.whatIsInHand(text) || namesFoodOnly(said) || refersTo.itBefore(said, firstNamed)));
    const before = isInHand ? named[index - 1] : undefined;
    named.push({
      ...own,
      isInHand,
      has: {
        words: new Set([...own.words, ...(before?.has.words ?? [])]),
        lines: new Set([...own.lines.keys(), ...(used?.[index] ?? []), ...(before?.has.lines ?? [])]),
      },
      componentId: componentIds[index]!,
    });
  });
  return named;
}

/** "Then carrot and coconut": it goes in. */
const namesFoodOnly = (text: string) => verbsSaid(text).length === 0;

/** "Soak in the vinegar while the tomatoes drain", "While the beetroot roasts, …": beside them, not after. */
const whileOthers = / (?:while|as) the [a-z]+ (?:are |is )?[a-z]+(?=[.;,]|$)/gi;
const whileFirst = /^(?:while|as|whilst) (?:the|your|that|those) ([^,;.]{3,50}), */i;
const whileThey =
  /^(?:while|as|whilst) (?:they|it|these|that)(?:'re|'s| are| is)? (\p{L}+)(?:, *| (?=(?:you|i|we)\b))/iu;

/** A step without what goes on beside it; "while they are warm" says when, and stays. */
function withoutOthers(text: string): string {
  const first = whileFirst.exec(text) ?? whileThey.exec(text);
  const cooks =
    first && verbsSaid(first[1]!).some(({ verb, form }) => form !== 'done' && verb.hands === 'free');
  return (cooks ? text.slice(first[0].length) : text).replace(whileOthers, '');
}

interface Sight {
  readonly named: readonly Named[];
  readonly index: number;
  readonly open: readonly number[];
  readonly input: NetworkInput;
}

function beforeOf(step: Named, sight: Sight): { readonly steps: number[]; readonly isOwn: boolean } {
  const { index, open } = sight;
  if (index === 0) return { steps: [], isOwn: false };
  const known = [
    ...ofLines(step, sight),
    ...ofKinds(step, sight),
    ...ofThings(step, sight),
    ...ofComponents(step, sight),
    ...ofVessels(step, sight),
    ...ofHeat(step, sight),
  ];
  const { text } = step;
  if (step.isInHand) known.push(index - 1);
  if (refersTo.all(text)) {
    const isLeftOut = (each: number) =>
      [...step.excepted].some((line) => sight.named[each]!.has.lines.has(line));
    const own = componentSaid(text, sight.input.components);
    if (own === null && saysIngredientsOf(text)) return { steps: known, isOwn: known.length === 0 };
    const isMeant = (each: number) => own === null || sight.named[each]!.componentId === own.id;
    const meant = open.filter((each) => isMeant(each) && !isLeftOut(each));
    return { steps: [...known, ...meant], isOwn: own !== null && known.length + meant.length === 0 };
  }
  if (refersTo.nothingBefore(text)) return { steps: known, isOwn: known.length === 0 };
  if (refersTo.anUnnamedDish(text) || (refersTo.aFinishedDish(text) && known.length === 0))
    return { steps: [...known, ...open], isOwn: false };
  if (known.length > 0) return { steps: known, isOwn: false };
  return hasOwnFood(step, sight) ? { steps: [], isOwn: true } : { steps: [...open], isOwn: false };
}

/** What stands in the cupboard is taken from it again, unless something was done with it. */
const fromTheCupboard: ReadonlySet<Section> = new Set<Section>([
  'oils and vinegars',
  'spices and seasoning',
  'baking and sweet',
]);
const changesFood = sayings.has('changed');
/** "Put the chilli in hot water": it is soaked, whatever the word is. */
const isInWater = sayings.has('in water');
const clauseBehind = /^[^.;,]*/;
const someOf =
  /\b(?:rest|remaining|remainder|half|some|third|quarter|other|reserved|extra|little|more|pinch)(?: of)?(?: the| your| this)?(?: [\w-]+)?\s*$/i;

/** After the last step that had the food which this one names again. */
function ofLines(step: Named, { named, index, input }: Sight): number[] {
  return [...step.lines].flatMap(([line, at]) => {
    const before = lastIndex(named, index, (each) => each.has.lines.has(line));
    if (before < 0) return [];
    const isChanged = isChangedIn(named[before]!, line);
    const isPoured = isFromCupboard(line, input) || someOf.test(step.text.slice(0, at));
    return isPoured && !isChanged ? [] : [before];
  });
}

/** Whether a step does more with a food than take some of it: "toast the seeds", "the ground seeds". */
function isChangedIn({ text, lines }: Named, line: string): boolean {
  const at = lines.get(line) ?? -1;
  if (at < 0) return false;
  const [before] = /[^.;,]*$/.exec(text.slice(0, at))!;
  return changesFood(before) || isInWater(clauseBehind.exec(text.slice(at))![0]);
}

function isFromCupboard(id: string, { lines, larder = standardLarder }: NetworkInput): boolean {
  const line = lines.find((each) => each.id === id)!;
  const food = findIngredient(larder, line.ingredient);
  return (
    line.byProducts.length > 0 ||
    line.ingredient === 'water' ||
    (food !== null && fromTheCupboard.has(food.section))
  );
}

/** After the last step of each food of a kind that this one names as a whole: "the herbs", "vegetables". */
function ofKinds(step: Named, { named, index, open, input }: Sight): number[] {
  const { lines, larder = standardLarder } = input;
  const wanted = kindsSaid(step.text).filter(({ isEvery }) => !isEvery);
  const ofKind = lines.filter(({ id, ingredient }) => {
    const food = findIngredient(larder, ingredient);
    return wanted.some(({ has }) => has(food)) && !step.excepted.has(id);
  });
  // "The spices" come out of the cupboard again, whatever else had some.
  const before = ofKind
    .filter(({ id }) => !isFromCupboard(id, input))
    .map(({ id }) => lastIndex(named, index, (each) => each.has.lines.has(id)))
    .filter((each) => each >= 0);
  // "The vegetables" of which no line is known to be one are what stands there made.
  const isOwn = ofKind.some(({ id }) => step.lines.has(id) || input.used?.[index]?.includes(id));
  const namesLine = ({ at, to }: { at: number; to: number }) =>
    [...step.lines.values()].some((place) => place >= at && place < to);
  const isMade =
    !cutsFood(step.text) && wanted.some((kind) => isKnownThing(step.text, kind.at) && !namesLine(kind));
  return before.length === 0 && isMade && !isOwn && step.lines.size > 0 ? [...open] : before;
}

const isKnownThing = (text: string, at: number) => /\b(?:the|your|those|these)\s+$/i.test(text.slice(0, at));

/** After the last step that made a thing which this one speaks of as known. */
function ofThings(step: Named, { named, index, open, input }: Sight): number[] {
  const foods = input.lines
    .filter(({ id }) => step.lines.has(id) || step.excepted.has(id))
    .flatMap(nameWords);
  const text = step.text.toLowerCase();
  const isOfItsFood = (thing: string) =>
    foods.includes(thing) || foods.some((food) => text.includes(`${food} ${thing}`));
  return thingsNamed(step.text).flatMap((thing) => {
    const made = lastIndex(named, index, (each) => mayMake(each.text, thing));
    const said = lastIndex(named, index, (each) => each.has.words.has(thing));
    // "The dressing" that nobody speaks of before is what stands ready and is none of the food it goes on.
    const ready =
      isOnlyMade(thing) && !mayMake(step.text, thing)
        ? (open
            .filter((each) => ![...step.lines.keys()].some((id) => named[each]!.has.lines.has(id)))
            .at(-1) ?? -1)
        : -1;
    const before = said >= 0 ? said : Math.max(made, made < 0 ? ready : -1);
    return before < 0 || isOfItsFood(thing) ? [] : [before];
  });
}

function nameWords({ name, byProducts }: RecipeLine): string[] {
  return [...wordsOf(name), ...byProducts];
}

/** After the last step of another component that this one names: "the crumbs", "the quick pickle". */
function ofComponents(step: Named, { named, index, input }: Sight): number[] {
  return input.components
    .filter(({ id, name }) => id !== step.componentId && name.length > 3 && saysName(step.text, name))
    .map(({ id }) => lastIndex(named, index, (each) => each.componentId === id))
    .filter((before) => before >= 0);
}

function saysName(text: string, name: string): boolean {
  return text.toLowerCase().includes(`the ${name.toLowerCase().replace(/^(?:for )?(?:the|a) /, '')}`);
}

/** After the last step that had the vessel which this one goes on in. */
function ofVessels(step: Named, { named, index }: Sight): number[] {
  return vesselsAgain(step.text)
    .map((vessel) => lastIndex(named, index, (each) => vesselsIn(each.text).includes(vessel)))
    .filter((before) => before >= 0);
}

/** After a step that only heats what this one takes. */
function ofHeat(step: Named, { named, index }: Sight): number[] {
  const before = lastIndex(named, index, ({ text }) => onlyHeats(text));
  return before >= 0 && heatsFood(step.text) ? [before] : [];
}

/** Whether a step begins with food that no step before had; what only stands in the cupboard is mixed. */
function hasOwnFood(step: Named, { named, index, input }: Sight): boolean {
  const isNew = (line: string) => named.slice(0, index).every((each) => !each.lines.has(line));
  const own = [...step.lines.keys()].filter(isNew);
  const isOwn = own.some((line) => !isFromCupboard(line, input));
  return isOwn || makesPart(step.text) || (own.length > 0 && startsMixing(step.text));
}

const beforeWork = /^(?:(?:you|i|we) |\w+ly,? |for the \w+,? |to make the \w+,? )*/i;
const isMixing = sayings.has('starts mixing');
const makesPart = sayings.has('part made');
/** "All the ingredients for the dressing" are its lines, and nothing that was made. */
const saysIngredientsOf = (text: string) => makesPart(text) && /\bingredients\b/i.test(text);

/** Whether a step begins by making something. */
const startsMixing = (text: string) => isMixing(text.replace(beforeWork, ''));

function lastIndex(named: readonly Named[], before: number, is: (step: Named) => boolean): number {
  for (let index = before - 1; index >= 0; index--) if (is(named[index]!)) return index;
  return -1;
}
