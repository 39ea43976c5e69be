import { spanOf, stalenessOf, sumOf, unevennessOf } from './costs.js';
import type { Model } from './model.js';
import type { PlanEngine } from './plan-engine.js';

/** A start for each task of a model, by its number. */
export type StartList = readonly number[];

/** One thing to make small, after all that came before it. */
export interface Stage {
  cost(starts: StartList): number;
  /** Asks for less than `cost`. */
  improve(plan: PlanEngine, cost: number, starts: StartList): void;
  /** Asks for no more than `cost`. */
  hold(plan: PlanEngine, cost: number): void;
}

export const lateStarts: Stage = {
  cost: (starts) => -sumOf(starts),
  improve: (plan, cost) => plan.limitStarts(1 - cost),
  hold: (plan, cost) => plan.limitStarts(-cost),
};

function spanStage(model: Model, which: 'class' | 'all', tasks: readonly number[]): Stage {
  return {
    cost: (starts) => spanOf(model, tasks, starts),
    improve: (plan, cost) => plan.limitSpan(which, cost - 1),
    hold: (plan, cost) => plan.limitSpan(which, cost),
  };
}

/** The span of the class, of all, then latest starts, then smallest starts in input order. */
export function shortestStages(model: Model): Stage[] {
  const all = model.minutes.map((_, task) => task);
  const inOrder = all.map((task): Stage => ({
    cost: (starts) => starts[task]!,
    improve: ({ engine }, cost) => engine.post(2 * task + 1, 1 - cost),
    hold: ({ engine }, cost) => engine.post(2 * task + 1, -cost),
  }));
  return [spanStage(model, 'class', model.inClass), spanStage(model, 'all', all), lateStarts, ...inOrder];
}

/**
 * The weighed waiting of results, then latest starts, then evenness: looked for plan by plan among those
 * equal in both.
 */
export function freshestStages(model: Model): Stage[] {
  const fresh: Stage = {
    cost: (starts) => stalenessOf(model, starts),
    improve: (plan, cost) => plan.limitStaleness(cost - 1),
    hold: (plan, cost) => plan.limitStaleness(cost),
  };
  const even: Stage = {
    cost: (starts) => unevennessOf(model, starts),
    improve: ({ engine }, _, starts) =>
      engine.addClause(
        starts.flatMap((start, task) => [2 * task, start + 1, 2 * task + 1, 1 - start]),
        false,
      ),
    hold: () => undefined,
  };
  return [fresh, lateStarts, even];
}
