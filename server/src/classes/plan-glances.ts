import { Logger } from '@nestjs/common';
import type { ClassBundle, LocalDate } from '@fornax/core';
import { LRUCache } from 'lru-cache';
import { StockRow, type ClassRow } from '../database/models.js';
import { KitchenScope } from '../database/scope.js';
import type { Planner } from '../planning/planner.js';
import type { PlanGlance } from './class-list.js';
import type { ClassViews } from './class-views.js';

/** Classes whose glance is kept. */
const mostKept = 2000;

type Glance = PlanGlance & { readonly isBest: boolean };

/** What the list shows of plans: kept while the kitchen does not change, and for the day. */
export class PlanGlances {
  readonly #logger = new Logger('ClassesService');
  readonly #kept = new LRUCache<string, Glance & { readonly stamp: string }>({ max: mostKept });

  constructor(
    private readonly views: ClassViews,
    private readonly planner: Planner,
  ) {}

  /** By class; null for a class that cannot be planned now, which is listed without its next job. */
  async of(rows: readonly ClassRow[], stamp: string): Promise<ReadonlyMap<string, Glance | null>> {
    const stampOf = ({ zone }: ClassRow) => `${stamp} ${todayIn(zone)}`;
    const isKnown = (row: ClassRow) => this.#kept.get(row.id)?.stamp === stampOf(row);
    const glances = new Map<string, Glance | null>(
      rows.filter(isKnown).map(({ id }) => [id, this.#kept.get(id)!]),
    );
    const asked = rows.filter((row) => !isKnown(row));
    if (asked.length === 0) return glances;
    const stock = await stockOf(asked[0]!.kitchenId);
    const views = await this.views.ofMany(asked);
    await Promise.all(
      views.map(async (view, index) => {
        const bundle = { class: view, kitchen: view.kitchen, stock, today: todayIn(view.zone) };
        const glance = await this.#look(bundle);
        glances.set(view.id, glance);
        if (glance?.isBest) this.#kept.set(view.id, { ...glance, stamp: stampOf(asked[index]!) });
      }),
    );
    return glances;
  }

  #look(bundle: ClassBundle): Promise<Glance | null> {
    return this.planner.soon(bundle).then(
      ({ plan, isBest }) => ({ jobs: plan.jobs, toDecide: plan.warnings.length, isBest }),
      (error: unknown) => {
        this.#logger.warn(
          `Class ${bundle.class.id} is listed without a plan: ` +
            `${error instanceof Error ? error.message : String(error)}`,
        );
        return null;
      },
    );
  }
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
