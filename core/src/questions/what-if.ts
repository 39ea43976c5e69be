import { decisionsOf } from '../class/index.js';
import { type DishId, refOf, stepKey, type StepKey, stepKeyOf, type TaskRef } from '../identity/index.js';
import { type ClassBundle, fullClass, planClass } from '../plan/index.js';
import { timelineInputOf } from '../plan/plan-class.js';
import type { RecipeStep } from '../recipes/index.js';
import type { ScheduleResult } from '../scheduler/index.js';
import { explainTimeline, isOnTime, type Timeline } from '../timeline/index.js';

/** A change that is tried without being made. */
export type WhatIf =
  | { readonly kind: 'assistant' }
  | { readonly kind: 'longer'; readonly minutes: number }
  | { readonly kind: 'appliance'; readonly appliance: string }
  | { readonly kind: 'unpin'; readonly task: string }
  | { readonly kind: 'before'; readonly step: StepKey }
  | { readonly kind: 'leave out'; readonly step: StepKey }
  | { readonly kind: 'swap'; readonly dish: DishId };

/** The bundle as it would be. */
export function withWhatIf(bundle: ClassBundle, whatIf: WhatIf): ClassBundle {
  const { class: facts, kitchen } = bundle;
  const decisions = decisionsOf(facts);
  switch (whatIf.kind) {
    case 'assistant':
      return { ...bundle, class: { ...facts, assistants: facts.assistants + 1 } };
    case 'longer':
      return { ...bundle, class: { ...facts, lengthMinutes: facts.lengthMinutes + whatIf.minutes } };
    case 'appliance':
      return {
        ...bundle,
        kitchen: {
          ...kitchen,
          appliances: kitchen.appliances.map((each) =>
            each.appliance === whatIf.appliance ? { ...each, capacity: each.capacity * 2 } : each,
          ),
        },
      };
    case 'unpin':
      return {
        ...bundle,
        class: {
          ...facts,
          decisions: {
            ...decisions,
            pins: Object.fromEntries(Object.entries(decisions.pins).filter(([task]) => task !== whatIf.task)),
          },
        },
      };
    case 'before':
      return {
        ...bundle,
        class: {
          ...facts,
          decisions: { ...decisions, when: { ...decisions.when, [whatIf.step]: 'before' } },
        },
      };
    case 'swap':
      return {
        ...bundle,
        class: {
          ...facts,
          dishes: facts.dishes.map((dish) =>
            dish.id === whatIf.dish ? { ...dish, making: { ...dish.making, swap: true } } : dish,
          ),
        },
      };
    case 'leave out':
      return {
        ...bundle,
        class: { ...facts, decisions: { ...decisions, leftOut: [...decisions.leftOut, whatIf.step] } },
      };
  }
}

/** What a change does to the clock. */
export interface WhatIfEffect {
  /** Null for the class as it is. */
  readonly whatIf: WhatIf | null;
  /** Class minutes used, in per cent, and minutes over the class. */
  readonly usedPercent: number;
  readonly overrunMinutes: number;
  readonly clashes: number;
  /** First start on the day of the class, in minutes from class start. */
  readonly firstStart: number;
}

/** What each change does, and first the class as it is, all planned alike so that they compare. */
export function whatIfEffects(bundle: ClassBundle, whatIfs: readonly WhatIf[]): WhatIfEffect[] {
  return [null, ...whatIfs].map((whatIf) =>
    effectOf(whatIf, planClass(whatIf ? withWhatIf(bundle, whatIf) : bundle).timeline),
  );
}

function effectOf(whatIf: WhatIf | null, timeline: Timeline): WhatIfEffect {
  const firstStart = Math.min(0, ...timeline.clock.map((entry) => entry.start));
  return {
    whatIf,
    usedPercent: timeline.usedPercent,
    overrunMinutes: timeline.overrunMinutes,
    clashes: timeline.clashes.length + timeline.brokenPins.length,
    firstStart,
  };
}

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
  if (result.status !== 'impossible') return [...assistantOf(bundle), ...longer()];
  const { tasks, resources } = result.clash;
  const refs = tasks.flatMap((task) => refOf(task) ?? []);
  const pins = Object.keys(decisionsOf(bundle.class).pins).filter((task) => tasks.includes(task));
  const appliances = bundle.kitchen.appliances.filter(
    ({ appliance, capacity }) => capacity > 0 && resources.includes(appliance),
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
    ...longer(),
  ];
}

function assistantOf({ class: facts }: ClassBundle): WhatIf[] {
  return facts.assistants < mostAssistants ? [{ kind: 'assistant' }] : [];
}

function longer(): WhatIf[] {
  return longerBy.map((minutes) => ({ kind: 'longer', minutes }));
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

/**
 * What could be made before class: a step, or a whole dish as a ready-made swap; and what is used of the
 * class then.
 */
export interface AheadProposal {
  readonly whatIf: WhatIf & { readonly kind: 'before' | 'swap' };
  readonly title: string;
  readonly usedPercent: number;
  readonly overrunMinutes: number;
}

/**
 * What to make before class until it fits within 85 % of its minutes: each time what saves most, of the steps
 * that may be done before and the swaps that bridge a wait.
 */
export function proposeAhead(bundle: ClassBundle): AheadProposal[] {
  const proposals: AheadProposal[] = [];
  let current = bundle;
  let { timeline } = planClass(current);
  while (timeline.usedPercent > fullClass * 100 || timeline.overrunMinutes > 0) {
    const now = timeline;
    const wanted = [
      ...movable(current, now).map((step): AheadProposal['whatIf'] => ({ kind: 'before', step })),
      ...bridged(current).map((dish): AheadProposal['whatIf'] => ({ kind: 'swap', dish })),
    ];
    const tried = wanted
      .map((whatIf) => ({ whatIf, next: withWhatIf(current, whatIf) }))
      .map((each) => ({ ...each, timeline: planClass(each.next).timeline }));
    const best = tried
      .filter((each) => isBetter(each.timeline, now))
      .sort((a, b) => (isBetter(a.timeline, b.timeline) ? -1 : 1))[0];
    if (!best) break;
    proposals.push({
      whatIf: best.whatIf,
      title: titleOf(best.whatIf, current, now),
      usedPercent: best.timeline.usedPercent,
      overrunMinutes: best.timeline.overrunMinutes,
    });
    ({ timeline } = best);
    current = best.next;
  }
  return proposals;
}

function titleOf(whatIf: AheadProposal['whatIf'], { class: facts }: ClassBundle, timeline: Timeline): string {
  return (
    (whatIf.kind === 'swap'
      ? facts.dishes.find(({ id }) => id === whatIf.dish)?.recipe.title
      : timeline.budget.find(({ stepKey }) => stepKey === whatIf.step)?.title) ?? ''
  );
}

/**
 * Dishes without a ready-made swap in which something is shown after a wait in class: a swap would bridge
 * that wait.
 */
function bridged({ class: facts }: ClassBundle): string[] {
  return facts.dishes
    .filter((dish) => {
      if (dish.making?.swap || dish.maker === 'made ahead' || facts.demonstrationPlates === 0) return false;
      const waiting = new Set(
        dish.recipe.steps
          .filter((step) => step.waitMinutes !== null && step.place !== 'before')
          .map(({ id }) => id),
      );
      return dish.recipe.steps.some(
        (step) =>
          (dish.maker === 'demonstration' || step.demonstrateMinutes > 0) &&
          step.after.some((before) => waiting.has(before)),
      );
    })
    .map(({ id }) => id);
}

function isBetter(timeline: Timeline, than: Timeline): boolean {
  if (timeline.clashes.length > than.clashes.length) return false;
  return (
    timeline.overrunMinutes < than.overrunMinutes ||
    (timeline.overrunMinutes === than.overrunMinutes && timeline.usedPercent < than.usedPercent)
  );
}

/** Most steps tried at a time. */
const mostTried = 8;

/**
 * The steps in class that may be done before: those the recipe leaves open, longest first. What students are
 * to do themselves stays in class.
 */
function movable({ class: facts }: ClassBundle, timeline: Timeline): StepKey[] {
  const open = new Set(
    facts.dishes.flatMap((dish) =>
      dish.recipe.steps.filter((step) => step.place === 'either').map((step) => stepKey(dish.id, step.id)),
    ),
  );
  return timeline.budget
    .flatMap(({ stepKey: key }) => key ?? [])
    .filter((step) => open.has(step))
    .slice(0, mostTried);
}
