import { appliancesOf, decisionsOf, longestClassMinutes } from '../class/index.js';
import { refOf, stepKey, type StepKey, stepKeyOf, type TaskRef } from '../identity/index.js';
import type { ClassBundle } from '../plan/index.js';
import { timelineInputOf } from '../plan/plan-class.js';
import type { RecipeStep } from '../recipes/index.js';
import type { ScheduleResult } from '../scheduler/index.js';
import { buildTimeline, explainTimeline, isOnTime } from '../timeline/index.js';
import { bridged } from './bridged.js';
import { type WhatIf, withWhatIf } from './with-what-if.js';

/** Minutes by which a class may be made longer to find a way out, tried in turn. */
const longerBy = [15, 30, 60];

/** A class has one assistant or none. */
const mostAssistants = 1;

export interface ClashReport {
  readonly result: ScheduleResult;
  /** Single changes with which there is a plan on time; each was tried. */
  readonly waysOut: readonly WhatIf[];
}

/** What clashes in a class that has no plan on time, and which single changes were found to free it. */
export function clashReport(bundle: ClassBundle): ClashReport {
  const result = explainTimeline(timelineInputOf(bundle));
  if (result.status === 'scheduled') return { result, waysOut: [] };
  return {
    result,
    waysOut: candidates(bundle, result).filter((whatIf) =>
      isOnTime(timelineInputOf(withWhatIf(bundle, whatIf))),
    ),
  };
}

function candidates(bundle: ClassBundle, result: ScheduleResult): WhatIf[] {
  if (result.status !== 'impossible') return [...assistantOf(bundle), ...longer(bundle)];
  const { tasks, resources } = result.clash;
  const refs = tasks.flatMap((task) => refOf(task) ?? []);
  const pins = Object.keys(decisionsOf(bundle.class).pins).filter((task) => tasks.includes(task));
  const appliances = appliancesOf(bundle.kitchen).filter(({ appliance }) => resources.includes(appliance));
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
