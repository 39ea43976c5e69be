import { setTimeout as wait } from 'node:timers/promises';
import { Logger } from '@nestjs/common';
import type { ClassBundle, ClassPlan, LocalDate } from '@fornax/core';
import { LRUCache } from 'lru-cache';
import { Op } from 'sequelize';
import { PlanGlanceRow, StockRow, type ClassRow } from '../database/models.js';
import { KitchenScope } from '../database/scope.js';
import { digestOf, type Planner } from '../planning/planner.js';
import { planningVersion } from '../planning/version.js';
import type { PlanGlance } from './class-list.js';
import type { ClassViews } from './class-views.js';

/** Classes whose glance is kept. */
const mostKept = 2000;
/** The list waits so long for plans that are not known; then it shows what it had. */
const waitedMilliseconds = 300;
/** What a first plan shows stands so long, unless the best is known before. */
const firstStandsMilliseconds = 10_000;

type Glance = PlanGlance & { readonly isBest: boolean };

/**
 * What the list shows of plans. Kept here while the kitchen does not change, for the day; and as rows by the
 * digest of what each plan rests on, so that a server that has just started reads them.
 */
export class PlanGlances {
  readonly #logger = new Logger('ClassesService');
  readonly #kept = new LRUCache<string, Glance & { readonly stamp: string }>({ max: mostKept });
  /** What first plans show, by digest: who asks again soon does not have them all made again. */
  readonly #ofFirsts = new LRUCache<string, Glance>({ max: mostKept, ttl: firstStandsMilliseconds });

  constructor(
    private readonly views: ClassViews,
    private readonly planner: Planner,
  ) {}

  /**
   * By class: as it is, or while that is worked out as it was (`isBest` is false then), or null where nothing
   * is known of it yet.
   */
  async of(rows: readonly ClassRow[], stamp: string): Promise<ReadonlyMap<string, Glance | null>> {
    const stampOf = ({ zone }: ClassRow) => `${stamp} ${todayIn(zone)}`;
    const isKnown = (row: ClassRow) => this.#kept.get(row.id)?.stamp === stampOf(row);
    const glances = new Map<string, Glance | null>(
      rows.filter(isKnown).map(({ id }) => [id, this.#kept.get(id)!]),
    );
    const asked = rows.filter((row) => !isKnown(row));
    if (asked.length === 0) return glances;
    const { kitchenId } = asked[0]!;
    const stock = await stockOf(kitchenId);
    const stored = await storedOf(kitchenId, asked);
    const views = await this.views.ofMany(asked);
    const late = wait(waitedMilliseconds, null, { ref: false });
    await Promise.all(
      views.map(async (view, index) => {
        const bundle = { class: view, kitchen: view.kitchen, stock, today: todayIn(view.zone) };
        const before = stored.get(view.id) ?? null;
        const glance =
          (await Promise.race([this.#look(bundle, kitchenId, before), late])) ??
          (before && { ...glanceOf(before), isBest: false });
        glances.set(view.id, glance);
        if (glance?.isBest) this.#kept.set(view.id, { ...glance, stamp: stampOf(asked[index]!) });
      }),
    );
    return glances;
  }

  async #look(bundle: ClassBundle, kitchenId: string, stored: PlanGlanceRow | null): Promise<Glance | null> {
    const digest = digestOf(`${await planningVersion()} ${JSON.stringify(bundle)}`);
    if (stored?.digest === digest) return { ...glanceOf(stored), isBest: true };
    const ofFirst = this.#ofFirsts.get(digest);
    if (ofFirst) return ofFirst;
    try {
      const { plan, isBest, best } = await this.planner.soon(bundle, kitchenId);
      best.then((found) => this.#store(kitchenId, bundle.class.id, digest, found)).catch(() => undefined);
      const glance = { ...glanceIn(plan), isBest };
      if (!isBest) this.#ofFirsts.set(digest, glance);
      return glance;
    } catch (error) {
      this.#logger.warn(
        `Class ${bundle.class.id} is listed without a plan: ` +
          `${error instanceof Error ? error.message : String(error)}`,
      );
      return null;
    }
  }

  /** Writes down what the list shows of a best plan; one that cannot be is worked out again when needed. */
  async #store(kitchenId: string, classId: string, digest: string, plan: ClassPlan): Promise<void> {
    const { jobs, toDecide } = glanceIn(plan);
    await new KitchenScope(PlanGlanceRow, kitchenId).createOrUpdate({ classId, digest, jobs, toDecide }, [
      'digest',
      'jobs',
      'toDecide',
    ]);
  }
}

const glanceIn = ({ jobs, warnings }: ClassPlan): PlanGlance => ({ jobs, toDecide: warnings.length });
const glanceOf = ({ jobs, toDecide }: PlanGlanceRow): PlanGlance => ({ jobs, toDecide });

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

/** The local date in a zone, "2026-11-25": nothing is bought before it. */
export function todayIn(zone: string): LocalDate {
  return new Intl.DateTimeFormat('sv-SE', { timeZone: zone }).format(new Date()) as LocalDate;
}
