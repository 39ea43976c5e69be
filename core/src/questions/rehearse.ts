import { appliancesOf, kitchenOfClass, stationsOf } from '../class/index.js';
import { handsOf, idOf, refOf, stepKey, type StepKey, stepKeyOf } from '../identity/index.js';
import { type ClassBundle, planClass } from '../plan/index.js';
import { appliances, type RecipeStep } from '../recipes/index.js';
import { type Rehearsal, type RehearsalProblem, type RehearsalStep, rehearse } from '../rehearsal/index.js';
import type { Starts, Timeline, TimelineEntry } from '../timeline/index.js';
import { type WhatIf, withWhatIf } from './with-what-if.js';

/** How far apart groups of a class are. Starting estimates. */
export const groupSpreads = { even: 0.15, mixed: 0.25, 'very mixed': 0.4 } as const;
export type GroupSpread = keyof typeof groupSpreads;

export interface RehearsalGain {
  readonly whatIf: WhatIf;
  readonly onTime: number;
  readonly median: number;
}

export interface ClassRehearsal extends Rehearsal {
  readonly classMinutes: number;
  /** When the plan ends as it is drawn, with nobody waiting for anybody. */
  readonly drawnEnd: number;
  /** What single changes would gain, most first. */
  readonly gains: readonly RehearsalGain[];
}

export interface RehearsalOptions {
  readonly runs: number;
  readonly seed: number;
  readonly group: GroupSpread;
  /** The plan that is played; without, the first valid one. */
  readonly standing?: Starts;
}

/** Steps in which the plan with a change is bettered, so that it compares with one that was. */
const changedEffort = 30;

/** Plays the class as it is planned, and as it would be with one change each. */
export function rehearseClass(bundle: ClassBundle, options: RehearsalOptions): ClassRehearsal {
  const { standing } = options;
  const plan = planClass(bundle, { standing });
  const own = rehearse(rehearsalProblem(bundle, plan.timeline, options.group), options);
  const gains = changes(bundle, own, plan.timeline).map((whatIf): RehearsalGain => {
    const changed = withWhatIf(bundle, whatIf);
    const { onTime, median } = rehearse(
      rehearsalProblem(
        changed,
        planClass(changed, standing ? { standing, effort: changedEffort } : {}).timeline,
        options.group,
      ),
      options,
    );
    return { whatIf, onTime, median };
  });
  return {
    ...own,
    classMinutes: bundle.class.lengthMinutes,
    drawnEnd: bundle.class.lengthMinutes + plan.timeline.overrunMinutes - plan.timeline.spareMinutes,
    gains: gains
      .filter(({ onTime, median }) => onTime > own.onTime || median < own.median)
      .sort((a, b) => b.onTime - a.onTime || a.median - b.median),
  };
}

/** The costliest step done before if it may be, twice the appliance that it takes, more room in time. */
function changes(bundle: ClassBundle, { costly }: Rehearsal, timeline: Timeline): WhatIf[] {
  const steps = recipeSteps(bundle);
  const refs = costly.flatMap(({ id }) => refOf(id) ?? []);
  const keys = refs.flatMap((ref) => (ref.ofSwap ? [] : (stepKeyOf(ref) ?? [])));
  const before = keys.filter((key) => steps.get(key)?.place === 'either');
  const used = new Set(
    timeline.clock
      .map(({ ref }) => (ref.ofSwap ? null : stepKeyOf(ref)))
      .flatMap((key) => (key && keys.includes(key) ? (steps.get(key)?.occupies?.appliance ?? []) : [])),
  );
  return [
    ...before.slice(0, 1).map((step): WhatIf => ({ kind: 'before', step })),
    ...[...used].slice(0, 1).map((appliance): WhatIf => ({ kind: 'appliance', appliance })),
    { kind: 'longer', minutes: 15 },
  ];
}

function recipeSteps({ class: facts }: ClassBundle): ReadonlyMap<StepKey, RecipeStep> {
  return new Map(
    facts.dishes.flatMap((dish) =>
      dish.recipe.steps.map((step) => [stepKey(dish.id, step.id), step] as const),
    ),
  );
}

/** The class as its plan has it, from the welcome to the clearing. */
export function rehearsalProblem(
  bundle: ClassBundle,
  timeline: Timeline,
  group: GroupSpread,
): RehearsalProblem {
  const { class: facts, kitchen } = bundle;
  const inClass = timeline.clock.filter((entry) => entry.start >= 0);
  const steps = recipeSteps(bundle);
  const { sizes } = stationsOf(facts);
  return {
    stations: sizes.length,
    // As the plan has it: where stations differ, the smallest sets the pace.
    pairsEach: Math.min(...sizes),
    classMinutes: facts.lengthMinutes,
    spread: groupSpreads[group],
    places: Object.fromEntries(
      appliancesOf(kitchenOfClass(kitchen, facts)).map(({ appliance, capacity }) => [appliance, capacity]),
    ),
    steps: inClass.map((entry) => stepOf(entry, inClass, waitOf(entry, steps))),
  };
}

/** The wait that a recipe gives an entry; null for all but its waits. */
function waitOf({ ref }: TimelineEntry, steps: ReadonlyMap<StepKey, RecipeStep>): RecipeStep['waitMinutes'] {
  const key = ref.role === 'wait' && !ref.ofSwap ? stepKeyOf(ref) : null;
  return (key && steps.get(key)?.waitMinutes) || null;
}

const applianceLanes: ReadonlySet<string> = new Set(appliances);

function stepOf(
  entry: TimelineEntry,
  all: readonly TimelineEntry[],
  wait: RecipeStep['waitMinutes'],
): RehearsalStep {
  const isStudents =
    entry.kind === 'students' ||
    (entry.kind === 'wait' &&
      all.some(({ id, kind }) => id === idOf(handsOf(entry.ref)) && kind === 'students'));
  const minutes = wait ? wait.high : entry.end - entry.start;
  const fixed = entry.kind === 'class';
  return {
    id: entry.id,
    title: entry.title,
    minutes,
    least: wait ? wait.low : fixed ? minutes : Math.round(minutes / 2),
    pairs: entry.hands?.pairs ?? 0,
    by: isStudents ? 'stations' : entry.kind === 'demonstration' || fixed ? 'all' : 'staff',
    appliance: applianceLanes.has(entry.lane) ? entry.lane : null,
    after: entry.after,
  };
}
