import { Injectable } from '@nestjs/common';
import { QueryTypes } from 'sequelize';
import { Sequelize } from 'sequelize-typescript';
import { librarySlot } from '../database/changes.js';
import type { ClassRow } from '../database/models.js';
import type { LocalDate } from '@fornax/core';
import { digestOf } from '../planning/planner.js';
import { planningVersion } from '../planning/version.js';

/** Texts of 44 signs: the same text, the same plan and needs. */
export interface PlanStamps {
  /** By class: all but stock. What it wants of each ingredient rests on no more. */
  readonly needs: ReadonlyMap<string, string>;
  /** By class: with stock and the day. */
  readonly plan: ReadonlyMap<string, string>;
}

/**
 * What a class's plan rests on, told by revisions: nothing of it is read. A stamp changes with every change
 * that a plan could show, and now and then with one that it does not.
 */
@Injectable()
export class PlanStamper {
  constructor(private readonly sequelize: Sequelize) {}

  /** Asked for before what they stand for is read: what is written in between then has another stamp. */
  async of(kitchenId: string, rows: readonly ClassRow[]): Promise<PlanStamps> {
    const { kitchen, stock } = await this.#kitchen(kitchenId);
    const courses = await this.#courses(kitchenId, rows);
    const version = await planningVersion();
    const needs = new Map<string, string>();
    const plan = new Map<string, string>();
    for (const { id, revision, zone, courseId } of rows) {
      const facts = [version, id, revision, kitchen, courseId ? courses.get(courseId) : ''];
      needs.set(id, digestOf(facts.join(' ')));
      // The names of people are kept until a day of universal time, whatever the zone.
      const days = [todayIn(zone), new Date().toISOString().slice(0, 10)];
      plan.set(id, digestOf([...facts, stock, ...days].join(' ')));
    }
    return { needs, plan };
  }

  async #kitchen(kitchenId: string): Promise<{ kitchen: string; stock: string }> {
    const [found] = await this.sequelize.query<{ kitchen: string; stock: string }>(
      `SELECT CONCAT_WS(' ',
          (SELECT revision FROM kitchens WHERE id = :kitchenId),
          (SELECT changes FROM kitchen_changes WHERE kitchen_id = :kitchenId AND slot = :librarySlot),
          (SELECT ${toldBy('FALSE')} FROM larder_entries WHERE kitchen_id = :kitchenId),
          (SELECT ${toldBy('deleted_at IS NULL')} FROM techniques WHERE kitchen_id = :kitchenId)) AS kitchen,
        (SELECT ${toldBy('deleted_at IS NULL')} FROM stock WHERE kitchen_id = :kitchenId) AS stock`,
      { replacements: { kitchenId, librarySlot }, type: QueryTypes.SELECT },
    );
    return found!;
  }

  /** By course: its classes, of which the earlier ones have practised what a later one builds on. */
  async #courses(kitchenId: string, rows: readonly ClassRow[]): Promise<ReadonlyMap<string, string>> {
    const courseIds = [...new Set(rows.flatMap(({ courseId }) => courseId ?? []))];
    if (courseIds.length === 0) return new Map();
    const found = await this.sequelize.query<{ courseId: string; told: string }>(
      `SELECT course_id AS courseId, ${toldBy('deleted_at IS NULL')} AS told FROM classes
        WHERE kitchen_id = :kitchenId AND course_id IN (:courseIds) GROUP BY course_id`,
      { replacements: { kitchenId, courseIds }, type: QueryTypes.SELECT },
    );
    return new Map(found.map(({ courseId, told }) => [courseId, told]));
  }
}

/** An expression over rows with revisions: their number, the sum of revisions, and which they are. */
function toldBy(state: string): string {
  return `CONCAT_WS('.', COUNT(*), COALESCE(SUM(revision), 0),
    BIT_XOR(CRC32(CONCAT_WS(' ', id, revision, ${state}))))`;
}

const dayIn = new Map<string, Intl.DateTimeFormat>();

/** The local date in a zone, "2026-11-25": nothing is bought before it. */
export function todayIn(zone: string): LocalDate {
  const known = dayIn.get(zone) ?? new Intl.DateTimeFormat('sv-SE', { timeZone: zone });
  // There are a few hundred zones.
  dayIn.set(zone, known);
  return known.format(new Date()) as LocalDate;
}
