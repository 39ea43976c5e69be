import { Injectable } from '@nestjs/common';
import type { ClassView } from '@fornax/contract';
import type { ClassNeeds } from '@fornax/core';
import { LRUCache } from 'lru-cache';
import type { ClassRow } from '../database/models.js';
import { Planner } from '../planning/planner.js';
import { ClassViews } from './class-views.js';
import { PlanStamper } from './plan-stamps.js';

/** Classes whose needs are kept: a list of amounts each. */
const mostKept = 500;

/** What classes want of each ingredient as purchased, kept until what it rests on changes. */
@Injectable()
export class NeedsOfClasses {
  readonly #kept = new LRUCache<string, Promise<ClassNeeds>>({ max: mostKept });

  constructor(
    private readonly views: ClassViews,
    private readonly stamper: PlanStamper,
    private readonly planner: Planner,
  ) {}

  /**
   * In the order of the rows, which are of one kitchen. Only what is not known is read; not the class that is
   * `open`, where that is as its row is.
   */
  async of(kitchenId: string, rows: readonly ClassRow[], open?: ClassView): Promise<ClassNeeds[]> {
    const { needs: stamps } = await this.stamper.of(kitchenId, rows);
    const unknown = rows.filter(({ id }) => !this.#kept.has(stamps.get(id as string)!));
    const isOpen = ({ id, revision }: ClassRow) => id === open?.id && revision === open?.revision;
    const read = await this.views.ofMany(unknown.filter((row) => !isOpen(row)));
    for (const view of unknown.some(isOpen) ? [open!, ...read] : read) {
      const stamp = stamps.get(view.id)!;
      const found = this.planner.needs({ class: view, kitchen: view.kitchen }, kitchenId);
      this.#kept.set(stamp, found);
      found.catch(() => this.#kept.delete(stamp));
    }
    return Promise.all(rows.map(({ id }) => this.#kept.get(stamps.get(id as string)!)!));
  }
}
