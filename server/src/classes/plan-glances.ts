import { setTimeout as wait } from 'node:timers/promises';
import { Injectable, Logger } from '@nestjs/common';
import type { ClassBundle } from '@fornax/core';
import { LRUCache } from 'lru-cache';
import { Op } from 'sequelize';
import { PlanGlanceRow, StockRow, type ClassRow } from '../database/models.js';
import { KitchenScope } from '../database/scope.js';
import { Planner } from '../planning/planner.js';
import type { WrittenPlan } from '../planning/written-plan.js';
import type { PlanGlance } from './class-list.js';
import { ClassViews } from './class-views.js';
import { PlanStamper, todayIn, type PlanStamps } from './plan-stamps.js';

/** Classes whose glance is kept. */
const mostKept = 2000;
/** The list waits so long for plans that are not known; then it shows what it had. */
const waitedMilliseconds = 300;
/** What a first plan shows stands so long, unless the best is known before. */
const firstStandsMilliseconds = 10_000;

/** `first` is of a first plan, which a better one may follow. */
type State = 'best' | 'first' | 'being planned' | 'failed';
/** What is known of the plan of a class; of one that is being planned, as it was before. */
type Glance = Partial<PlanGlance> & { readonly state: State };

/**
 * What the list shows of plans: kept here, and as rows by the stamp of what each plan rests on, so that a
 * server that has just started reads rows and no recipe.
 */
@Injectable()
export class PlanGlances {
  readonly #logger = new Logger('ClassesService');
  readonly #kept = new LRUCache<string, Glance & { readonly stamp: string }>({ max: mostKept });
  /** What first plans show, by stamp: who asks again soon does not have them all made again. */
  readonly #ofFirsts = new LRUCache<string, Glance>({ max: mostKept, ttl: firstStandsMilliseconds });

  constructor(
    private readonly views: ClassViews,
    private readonly stamper: PlanStamper,
    private readonly planner: Planner,
  ) {}

  /**
   * By class: as it is, or while that is worked out as it was, if anything is known of it. The classes are of
   * one kitchen. Only so many of them, the first, are planned for it: of those that follow, what is known
   * stands there.
   */
  async of(rows: readonly ClassRow[], mostPlanned: number): Promise<ReadonlyMap<string, Glance>> {
    if (rows.length === 0) return new Map();
    const { kitchenId } = rows[0]!;
    const { plan: stamps } = await this.stamper.of(kitchenId, rows);
    const glances = new Map<string, Glance>(this.#known(rows, stamps));
    const asked = rows.filter(({ id }) => !glances.has(id as string));
    if (asked.length === 0) return glances;
    const stored = await storedOf(kitchenId, asked);
    for (const row of stored.values())
      if (row.digest === stamps.get(row.classId))
        glances.set(row.classId, this.#keep(row.classId, row.digest, glanceOf(row)));
    const toPlan = rows.slice(0, mostPlanned).filter(({ id }) => !glances.has(id as string));
    const stock = toPlan.length > 0 ? await stockOf(kitchenId) : [];
    const late = wait(waitedMilliseconds, { state: 'being planned' as const }, { ref: false });
    await Promise.all(
      (await this.views.ofMany(toPlan)).map(async (view) => {
        const bundle = { class: view, kitchen: view.kitchen, stock, today: todayIn(view.zone) };
        const before = stored.get(view.id);
        const found = await Promise.race([this.#look(bundle, kitchenId, stamps.get(view.id)!), late]);
        glances.set(view.id, { ...(before ? glanceOf(before) : {}), ...found });
      }),
    );
    return glances;
  }

  #known(rows: readonly ClassRow[], stamps: PlanStamps['plan']): [string, Glance][] {
    return rows.flatMap((row) => {
      const id = row.id as string;
      const stamp = stamps.get(id)!;
      const kept = this.#kept.get(id);
      const glance = kept?.stamp === stamp ? kept : this.#ofFirsts.get(stamp);
      return glance ? [[id, glance]] : [];
    });
  }

  #keep(classId: string, stamp: string, plan: PlanGlance): Glance {
    const glance = { ...plan, state: 'best' as const, stamp };
    this.#kept.set(classId, glance);
    return glance;
  }

  async #look(bundle: ClassBundle, kitchenId: string, stamp: string): Promise<Glance> {
    const { id } = bundle.class;
    try {
      const { plan, isBest, best } = await this.planner.soon(bundle, kitchenId);
      best
        .then((found) => {
          this.#keep(id, stamp, glanceOf(found));
          return this.#store(kitchenId, id, stamp, found);
        })
        .catch(() => undefined);
      const glance: Glance = { ...glanceOf(plan), state: isBest ? 'best' : 'first' };
      if (!isBest) this.#ofFirsts.set(stamp, glance);
      return glance;
    } catch (error) {
      this.#logger.warn(
        `Class ${id} is listed without a plan: ${error instanceof Error ? error.message : String(error)}`,
      );
      return { state: 'failed' };
    }
  }

  /** Writes down what the list shows of a best plan; one that cannot be is worked out again when needed. */
  async #store(
    kitchenId: string,
    classId: string,
    digest: string,
    { jobs, toDecide }: WrittenPlan,
  ): Promise<void> {
    await new KitchenScope(PlanGlanceRow, kitchenId).createOrUpdate({ classId, digest, jobs, toDecide }, [
      'digest',
      'jobs',
      'toDecide',
    ]);
  }
}

const glanceOf = ({ jobs, toDecide }: PlanGlance): PlanGlance => ({ jobs, toDecide });

async function storedOf(
  kitchenId: string,
  rows: readonly ClassRow[],
): Promise<ReadonlyMap<string, PlanGlanceRow>> {
  const found = await new KitchenScope(PlanGlanceRow, kitchenId).find({
    where: { classId: { [Op.in]: rows.map(({ id }) => id) } },
  });
  return new Map(found.map((row) => [row.classId, row]));
}

export function stockOf(kitchenId: string): Promise<StockRow[]> {
  return new KitchenScope(StockRow, kitchenId).find({
    where: { deletedAt: null },
    order: [
      ['useBy', 'ASC'],
      ['ingredient', 'ASC'],
    ],
  });
}
