import { lowerBoundOf, spanOf } from './costs.js';
import { headsOf } from './decide.js';
import type { Model } from './model.js';
import { engineOf, type PlanEngine } from './plan-engine.js';
import { seeded } from './random.js';
import { type Decide, search, type Steps } from './search.js';
import { freshestStages, shortestStages, type Stage, type StartList } from './stages.js';

export interface OptimiseOptions {
  readonly objective: 'shortest' | 'freshest';
  readonly seed: number;
  readonly steps: Steps;
  /** A plan to begin from; its starts are kept where they can be. */
  readonly standing?: StartList;
  readonly firstOnly?: boolean;
  readonly onImprove?: (starts: StartList) => void;
}

/** The best plan so far of a model, and the searches that may better it. */
export class PlanSearch {
  protected plan: PlanEngine;
  protected readonly stages: readonly Stage[];
  protected readonly heads: readonly number[];
  protected readonly random: () => number;
  protected best: StartList | null = null;
  /** The plan found last, whether it was better or not. */
  protected found: StartList = [];
  #lowerBound: number | null = null;
  /** Posts where the last end must lie; empty until it is known. */
  protected anchor: (plan: PlanEngine) => void = () => undefined;

  constructor(
    protected readonly model: Model,
    protected readonly options: OptimiseOptions,
  ) {
    this.plan = engineOf(model);
    this.heads = headsOf(model);
    this.random = seeded(options.seed);
    this.stages = options.objective === 'shortest' ? shortestStages(model) : freshestStages(model);
  }

  /** No class can be shorter. Worked out when it is asked for: a first plan does without. */
  protected get lowerBound(): number {
    return (this.#lowerBound ??= lowerBoundOf(this.model));
  }

  protected set lowerBound(proven: number) {
    this.#lowerBound = proven;
  }

  protected fresh(anchor = this.anchor): PlanEngine {
    const plan = engineOf(this.model);
    anchor(plan);
    return plan;
  }

  /** Searches and takes what was found if it is better. */
  protected searchAndTake(
    plan: PlanEngine,
    decide: (restarts: number) => Decide,
    share: number,
  ): 'found' | 'none' | 'limit' {
    const steps = { left: Math.max(1, Math.floor(this.options.steps.left * share)) };
    const given = steps.left;
    const found = search(plan.engine, decide, steps);
    this.options.steps.left -= given - steps.left;
    if (found === 'found') {
      this.found = this.model.minutes.map((_, task) => plan.engine.from(task));
      this.take(this.found);
    }
    plan.engine.backtrack(0);
    return found;
  }

  protected take(starts: StartList): boolean {
    if (this.best && !this.isBetter(starts, this.best)) return false;
    this.best = starts;
    this.options.onImprove?.(starts);
    return true;
  }

  protected isBetter(starts: StartList, than: StartList): boolean {
    for (const stage of this.stages) {
      const difference = stage.cost(starts) - stage.cost(than);
      if (difference !== 0) return difference < 0;
    }
    return false;
  }

  /** One plan no longer than the best, in the order given. */
  protected dive(decide: Decide): StartList | null {
    const { engine } = this.plan;
    const mark = engine.mark();
    this.holdSpans();
    const found =
      search(engine, () => decide, { left: 20 }) === 'found'
        ? this.model.minutes.map((_, task) => engine.from(task))
        : null;
    engine.release(mark);
    if (found) this.take(found);
    return found;
  }

  protected holdSpans(): void {
    const all = this.model.minutes.map((_, task) => task);
    this.plan.limitSpan('class', spanOf(this.model, this.model.inClass, this.best!));
    this.plan.limitSpan('all', spanOf(this.model, all, this.best!));
    const { engine, lastEnd } = this.plan;
    const end = lastEndOf(this.model, this.best!);
    if (engine.to(lastEnd) > end) engine.post(2 * lastEnd + 1, -end);
  }
}

export function lastEndOf({ minutes }: Model, starts: StartList): number {
  return Math.max(...starts.map((start, task) => start + minutes[task]!));
}
