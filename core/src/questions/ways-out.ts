import { appliancesOf, decisionsOf, insteadOf, kitchenOfClass, longestClassMinutes } from '../class/index.js';
import { refOf, stepKey, type StepKey, stepKeyOf, type TaskRef } from '../identity/index.js';
import type { ClassBundle } from '../plan/index.js';
import type { LackingStep } from '../kit/index.js';
import { lackingOf, timelineInputOf } from '../plan/plan-class.js';
import type { RecipeStep } from '../recipes/index.js';
import type { ScheduleResult } from '../scheduler/index.js';
import { buildTimeline, explainTimeline, isOnTime } from '../timeline/index.js';
import { quotedList } from '../words/index.js';
import { bridged } from './bridged.js';
import { type WhatIf, withWhatIfs } from './with-what-if.js';

/** Minutes by which a class may be made longer to find a way out, tried in turn. */
const longerBy = [15, 30, 60];

/** A class has one assistant or none. */
const mostAssistants = 1;

export interface ClashReport {
  readonly result: ScheduleResult;
  /** Single changes with which there is a plan on time; each was tried. */
  readonly waysOut: readonly WhatIf[];
  /** Where no single one frees it: a few changes together that do, the least ones first; each was tried. */
  readonly together: readonly (readonly WhatIf[])[];
}

/** What clashes in a class that has no plan on time, and which changes were found to free it. */
export function clashReport(bundle: ClassBundle): ClashReport {
  const lacking = lackingOf(bundle);
  if (lacking.length > 0) return lackingReport(bundle, lacking);
  const result = explainTimeline(timelineInputOf(bundle));
  if (result.status === 'scheduled') return { result, waysOut: [], together: [] };
  const changes = candidates(bundle, result);
  const waysOut = changes.filter((whatIf) => frees(bundle, [whatIf]));
  return { result, waysOut, together: waysOut.length > 0 ? [] : freedTogether(bundle, changes) };
}

/** What the kitchen has not on the day comes before any question of time. */
function lackingReport(bundle: ClassBundle, lacking: readonly LackingStep[]): ClashReport {
  const appliances = [...new Set(lacking.map(({ appliance }) => appliance))];
  const kitchen = kitchenOfClass(bundle.kitchen, bundle.class);
  const changes = appliances.flatMap((appliance): WhatIf[] => [
    ...insteadOf(appliance, kitchen).map(({ by }): WhatIf => ({ kind: 'instead', appliance, by })),
    { kind: 'hire', appliance },
  ]);
  const waysOut = changes.filter((whatIf) => frees(bundle, [whatIf]));
  const sentences = appliances.map((appliance) => {
    const titles = lacking.filter((each) => each.appliance === appliance).map(({ title }) => title);
    const wanting = [...new Set(titles)];
    const want = wanting.length === 1 ? 'wants' : 'want';
    return `${quotedList(wanting, 4)} ${want} the ${appliance}, and there is none`;
  });
  return {
    result: {
      status: 'impossible',
      clash: { tasks: [], links: [], resources: appliances },
      sentence: `${sentences.join('; ')} for this class.`,
    },
    waysOut,
    together: waysOut.length > 0 ? [] : freedTogether(bundle, changes),
  };
}

function frees(bundle: ClassBundle, changes: readonly WhatIf[]): boolean {
  const changed = withWhatIfs(bundle, changes);
  return lackingOf(changed).length === 0 && isOnTime(timelineInputOf(changed));
}

/** So many combinations of two, and of three, are tried; and so many that free it are enough. */
const mostTried = 60;
const enough = 3;

/** Two changes, and where no two do, three: those first that change least. */
function freedTogether(bundle: ClassBundle, changes: readonly WhatIf[]): (readonly WhatIf[])[] {
  for (const count of [2, 3]) {
    const found: (readonly WhatIf[])[] = [];
    const tried = combinations(changes, count)
      .filter(goTogether)
      .sort((a, b) => costOf(a) - costOf(b))
      .slice(0, mostTried);
    for (const each of tried) {
      if (frees(bundle, each)) found.push(each);
      if (found.length === enough) break;
    }
    if (found.length > 0) return found;
  }
  return [];
}

function combinations(changes: readonly WhatIf[], count: number): WhatIf[][] {
  if (count === 0) return [[]];
  return changes.flatMap((first, index) =>
    combinations(changes.slice(index + 1), count - 1).map((others) => [first, ...others]),
  );
}

/** Nothing is made longer twice. */
function goTogether(changes: readonly WhatIf[]): boolean {
  return changes.filter(({ kind }) => kind === 'longer').length <= 1;
}

/** What a change asks of an instructor: to move a job is less than to find somebody. Starting estimates. */
const costs: Readonly<Partial<Record<WhatIf['kind'], number>>> = {
  unpin: 1,
  'leave out': 2,
  before: 3,
  swap: 5,
  longer: 4,
  instead: 2,
  hire: 8,
  appliance: 8,
  assistant: 8,
};

function costOf(changes: readonly WhatIf[]): number {
  return changes.reduce(
    (sum, change) => sum + costs[change.kind]! + (change.kind === 'longer' ? change.minutes / 15 : 0),
    0,
  );
}

function candidates(bundle: ClassBundle, result: ScheduleResult): WhatIf[] {
  if (result.status !== 'impossible') return [...assistantOf(bundle), ...longer(bundle)];
  const { tasks, resources } = result.clash;
  const refs = tasks.flatMap((task) => refOf(task) ?? []);
  const pins = Object.keys(decisionsOf(bundle.class).pins).filter((task) => tasks.includes(task));
  const appliances = appliancesOf(kitchenOfClass(bundle.kitchen, bundle.class)).filter(({ appliance }) =>
    resources.includes(appliance),
  );
  return [
    ...addedSteps(bundle, refs).map((step): WhatIf => ({ kind: 'leave out', step })),
    ...pins.map((task): WhatIf => ({ kind: 'unpin', task })),
    ...appliances.map(({ appliance }): WhatIf => ({ kind: 'appliance', appliance })),
    ...stepsForBefore(bundle, refs).map((step): WhatIf => ({ kind: 'before', step })),
    ...bridged(bundle)
      .filter((dish) => refs.some(({ dishId }) => dishId === dish))
      .map((dish): WhatIf => ({ kind: 'swap', dish })),
    ...assistantOf(bundle),
    ...longer(bundle),
  ];
}

function assistantOf({ class: facts }: ClassBundle): WhatIf[] {
  return facts.assistants < mostAssistants ? [{ kind: 'assistant' }] : [];
}

/** Longer by a little, or by what the class runs over as it is planned now. */
function longer(bundle: ClassBundle): WhatIf[] {
  const { overrunMinutes } = buildTimeline(timelineInputOf(bundle));
  const most = longerBy[longerBy.length - 1]!;
  const left = longestClassMinutes - bundle.class.lengthMinutes;
  return [...longerBy, ...(overrunMinutes > most ? [overrunMinutes] : [])]
    .filter((minutes) => minutes <= left)
    .map((minutes) => ({ kind: 'longer', minutes }));
}

function recipeStep({ class: facts }: ClassBundle, { dishId, stepId }: TaskRef): RecipeStep | undefined {
  return facts.dishes.find(({ id }) => id === dishId)?.recipe.steps.find(({ id }) => id === stepId);
}

/** Steps that no recipe has, so the plan added them: their hands and their wait are one step. */
function addedSteps(bundle: ClassBundle, refs: readonly TaskRef[]): StepKey[] {
  const added = refs.filter(
    (ref) => (ref.role === 'hands' || ref.role === 'wait') && !ref.ofSwap && !recipeStep(bundle, ref),
  );
  return [...new Set(added.flatMap((ref) => stepKeyOf(ref) ?? []))];
}

/** Steps whose hands clash and that could be done before class. */
function stepsForBefore(bundle: ClassBundle, refs: readonly TaskRef[]): StepKey[] {
  return refs
    .filter(
      (ref) =>
        ref.role === 'hands' && !ref.ofSwap && (recipeStep(bundle, ref)?.place ?? 'before') !== 'before',
    )
    .map(({ dishId, stepId }) => stepKey(dishId, stepId));
}
