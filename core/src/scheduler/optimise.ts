import { spanOf } from './costs.js';
import { asEarlyAs, asLateAs, latestFirst, mostTroubled, withEnd } from './decide.js';
import { conflictsPerNeighbourhood, FirstPlan, fixOthers } from './first-plan.js';
import type { Model } from './model.js';
import { neighbourhood } from './neighbourhood.js';
import type { PlanEngine } from './plan-engine.js';
import type { OptimiseOptions } from './plan-search.js';
import { search, type Steps } from './search.js';
import { lateStarts, type Stage, type StartList } from './stages.js';

export type Outcome =
  | {
      readonly status: 'found';
      readonly starts: StartList;
      readonly length: number;
      /** Absent where only a first plan was asked for. */
      readonly lowerBound?: number;
    }
  | { readonly status: 'none' }
  | { readonly status: 'limit'; readonly lowerBound: number };

/** Whether there is any plan at all, within the steps. */
export function feasibility(model: Model, steps: Steps): 'found' | 'none' | 'limit' {
  return new FirstPlan(model, { objective: 'shortest', seed: 1, steps }).first();
}

/** Finds the best plan that the steps allow; `none` is proof that there is none. */
export function optimise(model: Model, options: OptimiseOptions): Outcome {
  return new Optimiser(model, options).run();
}

/** Of the steps, what proving each stage may take. */
const shareOfStage = 0.5;
/** Up to this many tasks a plan is looked for whose optimum is proven. */
const mostProven = 80;
const justifications = 3;
const large = 500;

class Optimiser extends FirstPlan {
  run(): Outcome {
    if (this.model.count === 0) return { status: 'found', starts: [], length: 0, lowerBound: 0 };
    const first = this.repair() ? 'found' : this.first();
    if (first !== 'found')
      return first === 'none' ? { status: 'none' } : { status: 'limit', lowerBound: this.lowerBound };
    if (!this.options.firstOnly) this.better();
    const starts = this.best!;
    const length = spanOf(this.model, this.model.inClass, starts);
    if (this.options.firstOnly) return { status: 'found', starts, length };
    return { status: 'found', starts, length, lowerBound: Math.min(length, this.lowerBound) };
  }

  protected better(): void {
    this.justify();
    if (!this.prove()) this.improve();
  }

  /** Pushes the whole plan early and late again: gaps close, and what was first in the way begins later. */
  protected justify(): void {
    for (let round = 0; round < (this.model.count > large ? 1 : justifications); round++) {
      const before = this.best!;
      this.dive(asLateAs(this.model, this.best!));
      const early = this.dive(asEarlyAs(this.model, this.best!));
      if (early) this.dive(asLateAs(this.model, early));
      if (this.best === before) return;
    }
  }

  /** Stage after stage to its proven optimum. True if the last one was proven. */
  protected prove(): boolean {
    if (this.model.count > mostProven) return false;
    const plan = this.fresh();
    for (let at = 0; at < this.stages.length; at++) {
      const stage = this.stages[at]!;
      const isShortest = at === 0 && this.options.objective === 'shortest';
      if (!(isShortest && stage.cost(this.best!) === this.lowerBound) && !this.proveStage(plan, stage))
        return false;
      if (isShortest) this.lowerBound = stage.cost(this.best!);
      stage.hold(plan, stage.cost(this.best!));
      if (plan.engine.propagate() && this.model.minutes.every((_, task) => plan.engine.isFixed(task)))
        return true;
    }
    return true;
  }

  protected proveStage(plan: PlanEngine, stage: Stage): boolean {
    const mark = plan.engine.mark();
    this.found = this.best!;
    let found: 'found' | 'none' | 'limit' = 'found';
    while (found === 'found') {
      stage.improve(plan, stage.cost(this.best!), this.found);
      found = this.searchAndTake(
        plan,
        (restarts) =>
          withEnd(
            plan.lastEnd,
            this.model.wantedEnd,
            restarts % 4 === 3
              ? latestFirst(this.model, this.heads, this.random, restarts)
              : mostTroubled(this.model, this.best, plan.orders),
          ),
        shareOfStage,
      );
    }
    plan.engine.release(mark);
    return found === 'none';
  }

  /** Rearranges a few tasks at a time while the rest stands still, until the steps are used up. */
  protected improve(): void {
    const size = { now: 12 };
    let idle = 0;
    while (this.options.steps.left > 0 && idle < this.model.count + 40) {
      this.options.steps.left--;
      const isBetter = this.rearrange(neighbourhood(this.model, this.best!, size.now, this.random));
      idle = isBetter ? 0 : idle + 1;
      size.now = isBetter
        ? size.now
        : Math.min(Math.max(12, this.model.count >> 1), size.now + (idle % 8 === 0 ? 1 : 0));
      if (isBetter && this.random() < 0.05) this.dive(asLateAs(this.model, this.best!));
    }
  }

  protected rearrange(free: ReadonlySet<number>): boolean {
    const plan = this.plan;
    const mark = plan.engine.mark();
    const best = this.best!;
    this.askForBetter(plan);
    fixOthers(plan.engine, best, free);
    const before = this.options.steps.left;
    const found = search(plan.engine, () => latestFirst(this.model, this.heads, this.random, 30), {
      left: conflictsPerNeighbourhood,
    });
    const starts = found === 'found' ? this.model.minutes.map((_, task) => plan.engine.from(task)) : null;
    plan.engine.release(mark);
    plan.limitStarts(-Infinity);
    plan.limitStaleness(Infinity);
    this.options.steps.left = before;
    return starts !== null && this.take(starts);
  }

  /** The first stage smaller now and then; else all but the late starts held, and those later. */
  protected askForBetter(plan: PlanEngine): void {
    const late = this.stages.indexOf(lateStarts);
    const first = this.random() < 0.25 ? 0 : late;
    for (let at = 0; at < first; at++) this.stages[at]!.hold(plan, this.stages[at]!.cost(this.best!));
    this.stages[first]!.improve(plan, this.stages[first]!.cost(this.best!), this.best!);
  }
}
