import { latestFirst, mostTroubled, withEnd } from './decide.js';
import { Engine } from './engine.js';
import { nearMoved } from './neighbourhood.js';
import type { PlanEngine } from './plan-engine.js';
import { lastEndOf, PlanSearch } from './plan-search.js';
import { type Decide, search } from './search.js';
import type { StartList } from './stages.js';

/** Of the steps, what finding any plan may take. */
const shareOfFirst = 0.7;
/** Conflicts in which one neighbourhood is given up. */
export const conflictsPerNeighbourhood = 40;
/** Tasks that may move when a plan is mended, tried in turn. */
const repairSizes = [12, 40, 120, 300];

/** Finds a first plan: the one that stands, mended; or any, with the last end where it belongs. */
export class FirstPlan extends PlanSearch {
  /**
   * Mends the plan that stands: what is near to the moved tasks may move too, more and more of it, and the
   * rest stays.
   */
  protected repair(): boolean {
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
      .some((size) => this.repairAround(standing, new Set(near.slice(0, size))));
  }

  protected repairAround(standing: StartList, free: ReadonlySet<number>): boolean {
    const { engine, orders, lastEnd } = this.plan;
    const mark = engine.mark();
    fixOthers(engine, standing, free);
    const decide = withEnd(lastEnd, this.model.wantedEnd, mostTroubled(this.model, standing, orders));
    const isFound = search(engine, () => decide, { left: conflictsPerNeighbourhood }) === 'found';
    if (isFound) this.take(this.model.minutes.map((_, task) => engine.from(task)));
    engine.release(mark);
    return isFound;
  }

  /** Any plan, with the last end where it belongs. */
  first(): 'found' | 'none' | 'limit' {
    if (!this.model.isFloating)
      return this.searchAndTake(this.plan, this.opening(this.options.standing ?? null), shareOfFirst);
    const { lastEnd } = this.plan;
    const byZero = (plan: PlanEngine) => plan.engine.post(2 * lastEnd + 1, 0);
    if (this.model.isFree) return this.plan.orders ? this.anywhere(byZero) : this.anchored(byZero);
    const atZero = this.anchored((plan) => {
      byZero(plan);
      this.endAtLeast(plan, 0);
    });
    return atZero === 'none' ? this.nearZero(byZero) : atZero;
  }

  /** Looked for around one task that stands still, then moved as a whole to end at 0. */
  protected anywhere(byZero: (plan: PlanEngine) => void): 'found' | 'none' | 'limit' {
    const found = this.anchored((plan) => {
      plan.engine.post(0, 0);
      plan.engine.post(1, 0);
    });
    if (found !== 'found') return found;
    const end = lastEndOf(this.model, this.best!);
    this.anchor = byZero;
    this.plan = this.fresh();
    this.best = null;
    this.take(this.found.map((start) => start - end));
    return found;
  }

  /** Where nothing can end at 0, the last end is as near to it as it can be. */
  protected nearZero(byZero: (plan: PlanEngine) => void): 'found' | 'none' | 'limit' {
    const { lastEnd } = this.plan;
    const anywhere = this.anchored(() => undefined);
    if (anywhere !== 'found') return anywhere;
    const before = lastEndOf(this.model, this.best!) <= 0 ? 'found' : this.anchored(byZero);
    for (;;) {
      const end = lastEndOf(this.model, this.best!);
      const nearer = this.anchored(
        before === 'none'
          ? (plan) => plan.engine.post(2 * lastEnd + 1, 1 - end)
          : (plan) => {
              byZero(plan);
              this.endAtLeast(plan, end + 1);
            },
      );
      if (nearer === 'found') continue;
      const there = this.anchored((plan) => {
        plan.engine.post(2 * lastEnd + 1, -end);
        this.endAtLeast(plan, end);
      });
      // A plan is there already: steps that ran out on the way do not take it back.
      if (there !== 'found') this.plan = this.fresh();
      return 'found';
    }
  }

  protected anchored(anchor: (plan: PlanEngine) => void): 'found' | 'none' | 'limit' {
    this.plan = this.fresh(anchor);
    const found = this.searchAndTake(
      this.plan,
      this.opening(this.options.standing ?? this.best),
      shareOfFirst,
    );
    if (found !== 'found') return found;
    this.anchor = anchor;
    this.best = this.found;
    return found;
  }

  protected endAtLeast({ engine }: PlanEngine, end: number): void {
    engine.addClause(
      this.model.minutes.flatMap((minutes, task) => [2 * task, end - minutes]),
      false,
    );
  }

  protected opening(target: StartList | null): (restarts: number) => Decide {
    return (restarts) => {
      const decide =
        target && restarts % 2 === 0
          ? mostTroubled(this.model, target, this.plan.orders)
          : restarts % 3 === 2
            ? mostTroubled(this.model, target, this.plan.orders)
            : latestFirst(this.model, this.heads, this.random, restarts * 3);
      return withEnd(this.plan.lastEnd, this.model.wantedEnd, decide);
    };
  }
}

export function fixOthers(engine: Engine, starts: StartList, free: ReadonlySet<number>): void {
  starts.forEach((start, task) => {
    if (free.has(task)) return;
    engine.post(2 * task, start);
    engine.post(2 * task + 1, -start);
  });
}
