import {
  type ClassDish,
  type ClassFacts,
  decisionsOf,
  isMadeByStudents,
  type KitchenFacts,
} from '../../class/index.js';
import { lookUp, stepKey, type StepKey } from '../../identity/index.js';
import type { RecipeStep } from '../../recipes/index.js';
import { longestShow, standardShown } from '../../techniques/index.js';
import { objective } from '../objective.js';
import { eatMinuteOf, welcomeMinutes } from './frame-minutes.js';
import { levelOfTechnique, shownMinutes } from './shown.js';
import type { HowStep, Show, Shows } from './types.js';

const { minutesForOne, mostPercent } = objective.shown.limits;
/** Another technique of the same step costs one minute more while the hands are at it. */
const anotherMinutes = 1;

type ShownFacts = Pick<ClassFacts, 'demonstrationPlates' | 'lengthMinutes' | 'practised' | 'decisions'>;
type ShownDish = Pick<ClassDish, 'id' | 'maker' | 'recipe' | 'making'>;

/** A step that students may do in class. */
interface Candidate<Dish extends ShownDish = ShownDish> {
  readonly key: StepKey;
  readonly dish: Dish;
  readonly step: RecipeStep;
  /** The dish's own recipe says what of it is shown. */
  readonly isSaid: boolean;
  /** Minutes of its dish that come before it at least. */
  readonly at: number;
}

/**
 * What a class is shown before it does it: what the instructor decided and what a recipe says, else the first
 * use of each technique that is new to the class, once for all dishes, what takes longest to show first, as
 * many as leave the class its hands. Steps that staff do are never shown.
 */
export function showsOf(
  dishes: readonly ShownDish[],
  facts: ShownFacts,
  { shown = {} }: Pick<KitchenFacts, 'shown'>,
): Shows {
  if (facts.demonstrationPlates === 0) return new Map();
  const candidates = candidatesOf(dishes, facts);
  const minutesOf = (technique: string) => lookUp(shown, technique) ?? lookUp(standardShown, technique) ?? 0;
  const offer = (step: RecipeStep, without: ReadonlySet<string>) =>
    step.techniques
      .filter((each) => !without.has(each) && levelOfTechnique(each, facts) === 'new' && minutesOf(each) > 0)
      .sort((a, b) => minutesOf(b) - minutesOf(a));
  const said = saidShows(candidates, facts);
  const covered = new Set([
    ...[...said.values()].flatMap(({ techniques }) => techniques),
    ...dishes
      .filter(({ maker }) => maker === 'demonstration')
      .flatMap(({ recipe }) => recipe.steps.flatMap(({ techniques }) => techniques)),
  ]);
  const added = candidates.flatMap((each): [StepKey, Show][] => {
    const techniques = each.isSaid ? [] : offer(each.step, covered);
    for (const technique of techniques) covered.add(technique);
    return techniques.length > 0 ? [[each.key, addedShow(techniques, minutesOf)]] : [];
  });
  const all = new Map([...said, ...worthMost(added, [...said.values()], facts)]);
  const decided = asDecided(all, candidates, facts);
  return joinedShows(decided, candidates, facts, (step) => addedShow(offer(step, new Set()), minutesOf));
}

/** The same without those that the plan added, but for the first so many. */
export function withFewerAdded(shows: Shows, most: number): Shows {
  let added = 0;
  return new Map([...shows].filter(([, { isAdded }]) => !isAdded || added++ < most));
}

export function addedCount(shows: Shows): number {
  return [...shows.values()].filter(({ isAdded }) => isAdded).length;
}

/** In the order in which a class comes to them: by the minutes of what comes before, then as on the menu. */
export function candidatesOf<Dish extends ShownDish>(
  dishes: readonly Dish[],
  facts: ShownFacts,
): Candidate<Dish>[] {
  const { when } = decisionsOf(facts);
  return dishes
    .filter(({ maker }) => isMadeByStudents(maker))
    .flatMap((dish) => {
      const starts = earliestStarts(dish.recipe.steps);
      const isSaid = dish.recipe.steps.some(({ demonstrateMinutes }) => demonstrateMinutes > 0);
      return dish.recipe.steps
        .filter((step) => (when[stepKey(dish.id, step.id)] ?? step.place) !== 'before')
        .map((step) => ({
          key: stepKey(dish.id, step.id),
          dish,
          step,
          isSaid,
          at: starts.get(step.id) ?? 0,
        }));
    })
    .sort((a, b) => a.at - b.at);
}

/** At least one, so that what comes after a step is never told as coming with it. */
function minutesAtLeast({ handsOnMinutes, waitMinutes }: RecipeStep): number {
  return Math.max(1, handsOnMinutes + (waitMinutes?.high ?? 0));
}

function earliestStarts(steps: readonly RecipeStep[]): ReadonlyMap<string, number> {
  const byId = new Map(steps.map((step) => [step.id as string, step]));
  const starts = new Map<string, number>();
  const startOf = (step: RecipeStep): number => {
    const known = starts.get(step.id);
    if (known !== undefined) return known;
    starts.set(step.id, 0);
    const ends = step.after.map((id) => {
      const before = byId.get(id);
      return before ? startOf(before) + minutesAtLeast(before) : 0;
    });
    const start = Math.max(0, ...ends);
    starts.set(step.id, start);
    return start;
  };
  for (const step of steps) startOf(step);
  return starts;
}

/** What recipes say; of two that show the same, the first. */
function saidShows(candidates: readonly Candidate[], facts: ShownFacts): Map<StepKey, Show> {
  const said = new Map<StepKey, Show>();
  const covered = new Set<string>();
  for (const { key, dish, step } of candidates) {
    const { minutes, how } = shownMinutes(dish.id, step, facts);
    const isShownBefore = step.techniques.length > 0 && step.techniques.every((each) => covered.has(each));
    if (minutes === 0 || isShownBefore) continue;
    for (const technique of step.techniques) covered.add(technique);
    said.set(key, { minutes, how, techniques: step.techniques, together: [], isAdded: false });
  }
  return said;
}

/**
 * As the instructor decided, step by step. Nothing else comes or goes by that, but what shows only techniques
 * that a step of theirs shows.
 */
function asDecided(
  shows: ReadonlyMap<StepKey, Show>,
  candidates: readonly Candidate[],
  facts: ShownFacts,
): Map<StepKey, Show> {
  const decided = candidates.flatMap(({ key, step: { techniques } }): [StepKey, Show][] => {
    const minutes = lookUp(decisionsOf(facts).shown, key);
    const how = [{ label: 'Shown for as long as you decided', value: `${minutes} min` }];
    return minutes === undefined ? [] : [[key, { minutes, how, techniques, together: [], isAdded: false }]];
  });
  const taken = new Map(decided);
  const covered = new Set(decided.flatMap(([, { minutes, techniques }]) => (minutes > 0 ? techniques : [])));
  const others = [...shows].filter(
    ([key, { isAdded, techniques }]) =>
      !taken.has(key) && !(isAdded && techniques.every((each) => covered.has(each))),
  );
  return new Map([...others, ...decided.filter(([, { minutes }]) => minutes > 0)]);
}

function addedShow(techniques: readonly string[], minutesOf: (technique: string) => number): Show {
  const [first, ...others] = techniques;
  const longest = first === undefined ? anotherMinutes : minutesOf(first);
  const minutes = Math.min(longestShow, longest + others.length * anotherMinutes);
  const how: HowStep[] = [
    { label: 'New to the class: shown as its technique note says', value: `${longest} min` },
    ...(others.length > 0 ? [{ label: 'With what else is new in it', value: `${minutes} min` }] : []),
  ];
  return { minutes, how, techniques, together: [], isAdded: true };
}

/** Of what could be shown, what takes longest, as far as the class has time besides what is wanted. */
function worthMost(
  added: readonly (readonly [StepKey, Show])[],
  wanted: readonly Show[],
  { lengthMinutes }: ShownFacts,
): (readonly [StepKey, Show])[] {
  const eatMinute = eatMinuteOf(lengthMinutes);
  let left = Math.floor((eatMinute - welcomeMinutes) / minutesForOne) - wanted.length;
  let minutes =
    Math.floor((eatMinute * mostPercent) / 100) - wanted.reduce((sum, each) => sum + each.minutes, 0);
  return [...added]
    .sort(([, a], [, b]) => b.minutes - a.minutes)
    .filter(([, show]) => {
      if (left <= 0 || show.minutes > minutes) return false;
      left -= 1;
      minutes -= show.minutes;
      return true;
    });
}

/**
 * Steps that the instructor has shown with another one are part of its demonstration, which comes before the
 * first of them.
 */
function joinedShows(
  shows: Map<StepKey, Show>,
  candidates: readonly Candidate[],
  facts: ShownFacts,
  showOf: (step: RecipeStep) => Show,
): Shows {
  const { shownWith } = decisionsOf(facts);
  const places = new Map(candidates.map(({ key }, place) => [key, place]));
  const moved = new Map<StepKey, StepKey>();
  for (const { key, step } of candidates) {
    const wanted = lookUp(shownWith, key);
    const other = candidates.find((each) => each.key === wanted && each.key !== key);
    if (!other || lookUp(shownWith, other.key) !== undefined) continue;
    const host = moved.get(other.key) ?? other.key;
    const show = shows.get(host) ?? showOf(other.step);
    const own = shows.get(key) ?? showOf(step);
    const minutes = Math.min(longestShow, show.minutes + own.minutes);
    const [first, ...together] = [host, ...show.together, key].sort(
      (a, b) => places.get(a)! - places.get(b)!,
    );
    shows.delete(key);
    shows.delete(host);
    moved.set(other.key, first!);
    shows.set(first!, {
      isAdded: false,
      minutes,
      how: [...show.how, { label: 'With what is shown together with it', value: `${minutes} min` }],
      techniques: [...show.techniques, ...own.techniques],
      together,
    });
  }
  return shows;
}
