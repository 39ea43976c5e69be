import { lowerBoundOf, spanOf, stalenessOf, sumOf, unevennessOf } from './costs.js';
import { asEarlyAs, asLateAs, headsOf, latestFirst, mostTroubled, withEnd } from './decide.js';
import type { Engine } from './engine.js';
import { engineOf, type Model, type PlanEngine } from './model.js';
import { nearMoved, neighbourhood } from './neighbourhood.js';
import { seeded } from './random.js';
import { search, type Decide, type Steps } from './search.js';

/** A start for each task of a model, by its number. */
export type StartList = readonly number[];

/** One thing to make small, after all that came before it. */
interface Stage {
  cost(starts: StartList): number;
  /** Asks for less than `cost`. */
  improve(plan: PlanEngine, cost: number, starts: StartList): void;
  /** Asks for no more than `cost`. */
  hold(plan: PlanEngine, cost: number): void;
}

export interface OptimiseOptions {
  readonly objective: 'shortest' | 'freshest';
  readonly seed: number;
  readonly steps: Steps;
  /** A plan to begin from; its starts are kept where they can be. */
  readonly standing?: StartList;
  readonly firstOnly?: boolean;
  readonly onImprove?: (starts: StartList) => void;
}

export type Outcome =
  | {
      readonly status: 'found';
      readonly starts: StartList;
      readonly length: number;
      readonly lowerBound: number;
    }
  | { readonly status: 'none' }
  | { readonly status: 'limit'; readonly lowerBound: number };

/** Up to this many tasks a plan is looked for whose optimum is proven. */
const mostProven = 80;
/** Of the steps, what finding any plan, and proving each stage, may take. */
const shareOfFirst = 0.7;
const shareOfStage = 0.5;
/** Conflicts in which one neighbourhood is given up. */
const conflictsPerNeighbourhood = 40;
const justifications = 3;
const large = 500;
/** Tasks that may move when a plan is mended, tried in turn. */
const repairSizes = [12, 40, 120, 300];

/** Whether there is any plan at all, within the steps. */
export function feasibility(model: Model, steps: Steps): 'found' | 'none' | 'limit' {
  return new Optimiser(model, { objective: 'shortest', seed: 1, steps }).first();
}

/** Finds the best plan that the steps allow; `none` is proof that there is none. */
export function optimise(model: Model, options: OptimiseOptions): Outcome {
  return new Optimiser(model, options).run();
}

class Optimiser {
  #plan: PlanEngine;
  readonly #stages: readonly Stage[];
  readonly #heads: readonly number[];
  readonly #random: () => number;
  #best: StartList | null = null;
  /** The plan found last, whether it was better or not. */
  #found: StartList = [];
  #lowerBound: number;
  /** Posts where the last end must lie; empty until it is known. */
  #anchor: (plan: PlanEngine) => void = () => undefined;

  constructor(
    private readonly model: Model,
    private readonly options: OptimiseOptions,
  ) {
    this.#plan = engineOf(model);
    this.#heads = headsOf(model);
    this.#random = seeded(options.seed);
    this.#stages = options.objective === 'shortest' ? shortestStages(model) : freshestStages(model);
    this.#lowerBound = lowerBoundOf(model);
  }

  run(): Outcome {
    if (this.model.count === 0) return { status: 'found', starts: [], length: 0, lowerBound: 0 };
    const first = this.#repair() ? 'found' : this.first();
    if (first !== 'found')
      return first === 'none' ? { status: 'none' } : { status: 'limit', lowerBound: this.#lowerBound };
    if (!this.options.firstOnly) this.#better();
    const starts = this.#best!;
    const length = spanOf(this.model, this.model.inClass, starts);
    return { status: 'found', starts, length, lowerBound: Math.min(length, this.#lowerBound) };
  }

  #better(): void {
    this.#justify();
    if (!this.#prove()) this.#improve();
  }

  /**
   * Mends the plan that stands: what is near to the moved tasks may move too, more and more of it, and the
   * rest stays.
   */
  #repair(): boolean {
    const { standing } = this.options;
    if (!standing || this.model.isFloating) return false;
    const moved = new Map(
      this.model.problem.tasks.flatMap((task, at) => {
        const pin = this.model.pinned[task.id];
        return pin === undefined || pin === standing[at] ? [] : [[at, pin] as const];
      }),
    );
    const near = nearMoved(this.model, standing, moved);
    return repairSizes
      .filter((size) => size < this.model.count || size === repairSizes[0])
      .some((size) => this.#repairAround(standing, new Set(near.slice(0, size))));
  }

  #repairAround(standing: StartList, free: ReadonlySet<number>): boolean {
    const { engine, orders, lastEnd } = this.#plan;
    const mark = engine.mark();
    fixOthers(engine, standing, free);
    const decide = withEnd(lastEnd, this.model.wantedEnd, mostTroubled(this.model, standing, orders));
    const isFound = search(engine, () => decide, { left: conflictsPerNeighbourhood }) === 'found';
    if (isFound) this.#take(this.model.minutes.map((_, task) => engine.from(task)));
    engine.release(mark);
    return isFound;
  }

  /** Any plan, with the last end where it belongs. */
  first(): 'found' | 'none' | 'limit' {
    if (!this.model.isFloating)
      return this.#search(this.#plan, this.#opening(this.options.standing ?? null), shareOfFirst);
    const { lastEnd } = this.#plan;
    const byZero = (plan: PlanEngine) => plan.engine.post(2 * lastEnd + 1, 0);
    if (this.model.isFree) return this.#plan.orders ? this.#anywhere(byZero) : this.#anchored(byZero);
    const atZero = this.#anchored((plan) => {
      byZero(plan);
      this.#endAtLeast(plan, 0);
    });
    return atZero === 'none' ? this.#nearZero(byZero) : atZero;
  }

  /** Looked for around one task that stands still, then moved as a whole to end at 0. */
  #anywhere(byZero: (plan: PlanEngine) => void): 'found' | 'none' | 'limit' {
    const found = this.#anchored((plan) => {
      plan.engine.post(0, 0);
      plan.engine.post(1, 0);
    });
    if (found !== 'found') return found;
    const end = lastEndOf(this.model, this.#best!);
    this.#anchor = byZero;
    this.#plan = this.#fresh();
    this.#best = null;
    this.#take(this.#found.map((start) => start - end));
    return found;
  }

  /** Where nothing can end at 0, the last end is as near to it as it can be. */
  #nearZero(byZero: (plan: PlanEngine) => void): 'found' | 'none' | 'limit' {
    const { lastEnd } = this.#plan;
    const anywhere = this.#anchored(() => undefined);
    if (anywhere !== 'found') return anywhere;
    const before = lastEndOf(this.model, this.#best!) <= 0 ? 'found' : this.#anchored(byZero);
    for (;;) {
      const end = lastEndOf(this.model, this.#best!);
      const nearer = this.#anchored(
        before === 'none'
          ? (plan) => plan.engine.post(2 * lastEnd + 1, 1 - end)
          : (plan) => {
              byZero(plan);
              this.#endAtLeast(plan, end + 1);
            },
      );
      if (nearer === 'found') continue;
      const there = this.#anchored((plan) => {
        plan.engine.post(2 * lastEnd + 1, -end);
        this.#endAtLeast(plan, end);
      });
      // A plan is there already: steps that ran out on the way do not take it back.
      if (there !== 'found') this.#plan = this.#fresh();
      return 'found';
    }
  }

  #anchored(anchor: (plan: PlanEngine) => void): 'found' | 'none' | 'limit' {
    this.#plan = this.#fresh(anchor);
    const found = this.#search(this.#plan, this.#opening(this.options.standing ?? this.#best), shareOfFirst);
    if (found !== 'found') return found;
    this.#anchor = anchor;
    this.#best = this.#found;
    return found;
  }

  #fresh(anchor = this.#anchor): PlanEngine {
    const plan = engineOf(this.model);
    anchor(plan);
    return plan;
  }

  #endAtLeast({ engine }: PlanEngine, end: number): void {
    engine.addClause(
      this.model.minutes.flatMap((minutes, task) => [2 * task, end - minutes]),
      false,
    );
  }

  #opening(target: StartList | null): (restarts: number) => Decide {
    return (restarts) => {
      const decide =
        target && restarts % 2 === 0
          ? mostTroubled(this.model, target, this.#plan.orders)
          : restarts % 3 === 2
            ? mostTroubled(this.model, target, this.#plan.orders)
            : latestFirst(this.model, this.#heads, this.#random, restarts * 3);
      return withEnd(this.#plan.lastEnd, this.model.wantedEnd, decide);
    };
  }

  /** Searches and takes what was found if it is better. */
  #search(plan: PlanEngine, decide: (restarts: number) => Decide, share: number): 'found' | 'none' | 'limit' {
    const steps = { left: Math.max(1, Math.floor(this.options.steps.left * share)) };
    const given = steps.left;
    const found = search(plan.engine, decide, steps);
    this.options.steps.left -= given - steps.left;
    if (found === 'found') {
      this.#found = this.model.minutes.map((_, task) => plan.engine.from(task));
      this.#take(this.#found);
    }
    plan.engine.backtrack(0);
    return found;
  }

  #take(starts: StartList): boolean {
    if (this.#best && !this.#isBetter(starts, this.#best)) return false;
    this.#best = starts;
    this.options.onImprove?.(starts);
    return true;
  }

  #isBetter(starts: StartList, than: StartList): boolean {
    for (const stage of this.#stages) {
      const difference = stage.cost(starts) - stage.cost(than);
      if (difference !== 0) return difference < 0;
    }
    return false;
  }

  /** Pushes the whole plan early and late again: gaps close, and what was first in the way begins later. */
  #justify(): void {
    for (let round = 0; round < (this.model.count > large ? 1 : justifications); round++) {
      const before = this.#best!;
      this.#dive(asLateAs(this.model, this.#best!));
      const early = this.#dive(asEarlyAs(this.model, this.#best!));
      if (early) this.#dive(asLateAs(this.model, early));
      if (this.#best === before) return;
    }
  }

  /** One plan no longer than the best, in the order given. */
  #dive(decide: Decide): StartList | null {
    const { engine } = this.#plan;
    const mark = engine.mark();
    this.#holdSpans();
    const found =
      search(engine, () => decide, { left: 20 }) === 'found'
        ? this.model.minutes.map((_, task) => engine.from(task))
        : null;
    engine.release(mark);
    if (found) this.#take(found);
    return found;
  }

  #holdSpans(): void {
    const all = this.model.minutes.map((_, task) => task);
    this.#plan.limitSpan('class', spanOf(this.model, this.model.inClass, this.#best!));
    this.#plan.limitSpan('all', spanOf(this.model, all, this.#best!));
    const { engine, lastEnd } = this.#plan;
    const end = lastEndOf(this.model, this.#best!);
    if (engine.to(lastEnd) > end) engine.post(2 * lastEnd + 1, -end);
  }

  /** Stage after stage to its proven optimum. True if the last one was proven. */
  #prove(): boolean {
    if (this.model.count > mostProven) return false;
    const plan = this.#fresh();
    for (let at = 0; at < this.#stages.length; at++) {
      const stage = this.#stages[at]!;
      const isShortest = at === 0 && this.options.objective === 'shortest';
      if (!(isShortest && stage.cost(this.#best!) === this.#lowerBound) && !this.#proveStage(plan, stage))
        return false;
      if (isShortest) this.#lowerBound = stage.cost(this.#best!);
      stage.hold(plan, stage.cost(this.#best!));
      if (plan.engine.propagate() && this.model.minutes.every((_, task) => plan.engine.isFixed(task)))
        return true;
    }
    return true;
  }

  #proveStage(plan: PlanEngine, stage: Stage): boolean {
    const mark = plan.engine.mark();
    this.#found = this.#best!;
    let found: 'found' | 'none' | 'limit' = 'found';
    while (found === 'found') {
      stage.improve(plan, stage.cost(this.#best!), this.#found);
      found = this.#search(
        plan,
        (restarts) =>
          withEnd(
            plan.lastEnd,
            this.model.wantedEnd,
            restarts % 4 === 3
              ? latestFirst(this.model, this.#heads, this.#random, restarts)
              : mostTroubled(this.model, this.#best, plan.orders),
          ),
        shareOfStage,
      );
    }
    plan.engine.release(mark);
    return found === 'none';
  }

  /** Rearranges a few tasks at a time while the rest stands still, until the steps are used up. */
  #improve(): void {
    const size = { now: 12 };
    let idle = 0;
    while (this.options.steps.left > 0 && idle < this.model.count + 40) {
      this.options.steps.left--;
      const isBetter = this.#rearrange(neighbourhood(this.model, this.#best!, size.now, this.#random));
      idle = isBetter ? 0 : idle + 1;
      size.now = isBetter
        ? size.now
        : Math.min(Math.max(12, this.model.count >> 1), size.now + (idle % 8 === 0 ? 1 : 0));
      if (isBetter && this.#random() < 0.05) this.#dive(asLateAs(this.model, this.#best!));
    }
  }

  #rearrange(free: ReadonlySet<number>): boolean {
    const plan = this.#plan;
    const mark = plan.engine.mark();
    const best = this.#best!;
    this.#askForBetter(plan);
    fixOthers(plan.engine, best, free);
    const before = this.options.steps.left;
    const found = search(plan.engine, () => latestFirst(this.model, this.#heads, this.#random, 30), {
      left: conflictsPerNeighbourhood,
    });
    const starts = found === 'found' ? this.model.minutes.map((_, task) => plan.engine.from(task)) : null;
    plan.engine.release(mark);
    plan.limitStarts(-Infinity);
    plan.limitStaleness(Infinity);
    this.options.steps.left = before;
    return starts !== null && this.#take(starts);
  }

  /** The first stage smaller now and then; else all but the late starts held, and those later. */
  #askForBetter(plan: PlanEngine): void {
    const late = this.#stages.indexOf(lateStarts);
    const first = this.#random() < 0.25 ? 0 : late;
    for (let at = 0; at < first; at++) this.#stages[at]!.hold(plan, this.#stages[at]!.cost(this.#best!));
    this.#stages[first]!.improve(plan, this.#stages[first]!.cost(this.#best!), this.#best!);
  }
}

function fixOthers(engine: Engine, starts: StartList, free: ReadonlySet<number>): void {
  starts.forEach((start, task) => {
    if (free.has(task)) return;
    engine.post(2 * task, start);
    engine.post(2 * task + 1, -start);
  });
}

function lastEndOf({ minutes }: Model, starts: StartList): number {
  return Math.max(...starts.map((start, task) => start + minutes[task]!));
}

const lateStarts: Stage = {
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
function shortestStages(model: Model): Stage[] {
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
function freshestStages(model: Model): Stage[] {
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
