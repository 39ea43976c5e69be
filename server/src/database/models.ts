import { Column, DataType, Model, PrimaryKey, Table } from 'sequelize-typescript';
import type { RecipeSummary } from '@fornax/contract';
import type { KitchenFacts } from '@fornax/core';
import type {
  Amount,
  ClassDecisions,
  ClassPlan,
  DishMaking,
  LarderEntry,
  LocalDate,
  LocalDateTime,
  Recipe,
  TechniqueNote,
} from '@fornax/core';

/** What was read of a row's documents, beside the text it was read from. */
const readOf = new WeakMap<Model, Map<string, { readonly text: string; readonly value: unknown }>>();

function readOnce(row: Model, field: string, text: string): unknown {
  const known = readOf.get(row) ?? new Map<string, { readonly text: string; readonly value: unknown }>();
  readOf.set(row, known);
  const before = known.get(field);
  if (before?.text === text) return before.value;
  const value = JSON.parse(text) as unknown;
  known.set(field, { text, value });
  return value;
}

/**
 * A JSON document in a LONGTEXT column: MariaDB's JSON is text, and the driver hands it over as such. It is
 * read once a row, so whoever changes it changes a copy.
 */
function JsonColumn(field: string): PropertyDecorator {
  return Column({
    type: DataType.TEXT('long'),
    field,
    get(this: Model) {
      const stored = this.getDataValue(toProperty(field)) as string | null | undefined;
      return stored === null || stored === undefined ? null : readOnce(this, field, stored);
    },
    set(this: Model, value: unknown) {
      this.setDataValue(toProperty(field), value === null ? null : JSON.stringify(value));
    },
  }) as PropertyDecorator;
}

function toProperty(field: string): string {
  return field.replace(/_(\w)/g, (_, letter: string) => letter.toUpperCase());
}

@Table({ tableName: 'kitchens' })
export class KitchenRow extends Model {
  @PrimaryKey @Column(DataType.UUID) override id: string;
  @JsonColumn('facts') facts: KitchenFacts;
  @Column(DataType.BOOLEAN) demo: boolean;
  @Column(DataType.INTEGER) revision: number;
}

@Table({ tableName: 'accounts' })
export class AccountRow extends Model {
  @PrimaryKey @Column(DataType.UUID) override id: string;
  @Column({ type: DataType.UUID, field: 'kitchen_id' }) kitchenId: string;
  @Column(DataType.STRING(80)) name: string;
  @Column(DataType.STRING(254)) email: string | null;
  @Column({ type: DataType.STRING(255), field: 'password_hash' }) passwordHash: string | null;
}

/** The one account that the first start made; its key of 1 can be taken once. */
@Table({ tableName: 'first_account' })
export class FirstAccountRow extends Model {
  @PrimaryKey @Column(DataType.TINYINT) override id: number;
  @Column({ type: DataType.UUID, field: 'account_id' }) accountId: string;
}

@Table({ tableName: 'sessions' })
export class SessionRow extends Model {
  /** SHA-256 of the cookie's token, so that the table alone opens no session. */
  @PrimaryKey @Column({ type: DataType.CHAR(64), field: 'token_hash' }) tokenHash: string;
  @Column({ type: DataType.UUID, field: 'account_id' }) accountId: string;
  @Column({ type: DataType.UUID, field: 'kitchen_id' }) kitchenId: string;
  @Column({ type: DataType.DATE, field: 'expires_at' }) expiresAt: Date;
}

/** A device on which somebody has signed in: its cookie's token, as a hash. */
@Table({ tableName: 'known_devices' })
export class KnownDeviceRow extends Model {
  @PrimaryKey @Column({ type: DataType.CHAR(64), field: 'token_hash' }) tokenHash: string;
  @Column({ type: DataType.UUID, field: 'account_id' }) accountId: string;
  @Column({ type: DataType.DATE(3), field: 'seen_at' }) seenAt: Date;
}

/**
 * How often a kitchen was changed, as the sum of its slots: servers side by side write to different ones, so
 * that they do not wait for each other.
 */
@Table({ tableName: 'kitchen_changes' })
export class KitchenChangesRow extends Model {
  @PrimaryKey @Column({ type: DataType.UUID, field: 'kitchen_id' }) kitchenId: string;
  @PrimaryKey @Column(DataType.TINYINT.UNSIGNED) slot: number;
  @Column(DataType.BIGINT.UNSIGNED) changes: number;
}

@Table({ tableName: 'courses' })
export class CourseRow extends Model {
  @PrimaryKey @Column(DataType.UUID) override id: string;
  @Column({ type: DataType.UUID, field: 'kitchen_id' }) kitchenId: string;
  @Column(DataType.STRING(160)) title: string;
}

/** The list's row of a recipe, and which way of working it out it comes from. */
export interface StoredSummary {
  readonly made: string;
  readonly row: Omit<RecipeSummary, 'id'>;
}

@Table({ tableName: 'recipes' })
export class RecipeRow extends Model {
  @PrimaryKey @Column(DataType.UUID) override id: string;
  @Column({ type: DataType.UUID, field: 'kitchen_id' }) kitchenId: string;
  @Column(DataType.INTEGER) revision: number;
  @Column(DataType.STRING(160)) title: string;
  /** The draft: what the editor shows and saves as one types. */
  @JsonColumn('content') content: Recipe;
  @Column({ type: DataType.INTEGER, field: 'line_count' }) lineCount: number;
  @Column({ type: DataType.INTEGER, field: 'step_count' }) stepCount: number;
  /** The technique notes that its own steps name. */
  @JsonColumn('techniques') techniques: readonly string[];
  /** What the list shows of it; null until it is next asked for, after what it rests on has changed. */
  @JsonColumn('summary') summary: StoredSummary | null;
  @Column({ type: DataType.DATE, field: 'deleted_at' }) override deletedAt: Date | null;
}

/** A component of a recipe that another recipe makes: one row each time it is asked for. */
@Table({ tableName: 'recipe_parts' })
export class RecipePartRow extends Model {
  @PrimaryKey @Column({ type: DataType.UUID, field: 'recipe_id' }) recipeId: string;
  @PrimaryKey @Column(DataType.INTEGER) position: number;
  @Column({ type: DataType.UUID, field: 'kitchen_id' }) kitchenId: string;
  @Column({ type: DataType.UUID, field: 'part_id' }) partId: string;
}

@Table({ tableName: 'recipe_versions' })
export class RecipeVersionRow extends Model {
  @PrimaryKey @Column(DataType.UUID) override id: string;
  @Column({ type: DataType.UUID, field: 'kitchen_id' }) kitchenId: string;
  @Column({ type: DataType.UUID, field: 'recipe_id' }) recipeId: string;
  @Column(DataType.INTEGER) number: number;
  @Column(DataType.STRING(160)) title: string;
  /** With its sub-recipes written out: a version never changes by itself. */
  @JsonColumn('content') content: Recipe;
  @Column({ type: DataType.INTEGER, field: 'line_count' }) lineCount: number;
  @Column({ type: DataType.INTEGER, field: 'step_count' }) stepCount: number;
  @Column(DataType.STRING(200)) note: string;
  @Column({ type: DataType.STRING(80), field: 'made_by' }) madeBy: string;
  @Column({ type: DataType.DATE(3), field: 'made_at' }) madeAt: Date | null;
}

@Table({ tableName: 'classes' })
export class ClassRow extends Model {
  @PrimaryKey @Column(DataType.UUID) override id: string;
  @Column({ type: DataType.UUID, field: 'kitchen_id' }) kitchenId: string;
  @Column({ type: DataType.UUID, field: 'course_id' }) courseId: string | null;
  @Column(DataType.INTEGER) revision: number;
  @Column(DataType.STRING(160)) title: string;
  /**
   * Local wall time as written, "2026-11-27T18:30": never an instant, so that a change of summer time cannot
   * move it.
   */
  @Column({ type: DataType.CHAR(16), field: 'starts_at' }) startsAt: LocalDateTime;
  @Column(DataType.STRING(60)) zone: string;
  @Column({ type: DataType.INTEGER, field: 'length_minutes' }) lengthMinutes: number;
  @Column(DataType.STRING(120)) place: string;
  @Column(DataType.INTEGER) people: number;
  @Column({ type: DataType.INTEGER, field: 'people_per_station' }) peoplePerStation: number;
  @Column(DataType.INTEGER) assistants: number;
  @Column({ type: DataType.INTEGER, field: 'demonstration_plates' }) demonstrationPlates: number;
  @JsonColumn('decisions') decisions: Partial<ClassDecisions>;
  /**
   * Names and needs of people, and notes on them, sealed (people/people-vault.ts): never in a log, an export
   * that was not asked for, or another kitchen.
   */
  @Column(DataType.TEXT('long')) roster: string;
  @Column({ type: DataType.DATE, field: 'deleted_at' }) override deletedAt: Date | null;
}

/** What the list shows of a class's best plan, and the digest of what that plan rests on. */
@Table({ tableName: 'plan_glances' })
export class PlanGlanceRow extends Model {
  @PrimaryKey @Column({ type: DataType.UUID, field: 'class_id' }) classId: string;
  @Column({ type: DataType.UUID, field: 'kitchen_id' }) kitchenId: string;
  @Column(DataType.CHAR(44)) digest: string;
  @JsonColumn('jobs') jobs: ClassPlan['jobs'];
  @Column({ type: DataType.INTEGER, field: 'to_decide' }) toDecide: number;
}

/** The key of a class that its people are sealed with, sealed itself with the installation's. */
@Table({ tableName: 'class_keys' })
export class ClassKeyRow extends Model {
  @PrimaryKey @Column({ type: DataType.UUID, field: 'class_id' }) classId: string;
  @Column({ type: DataType.UUID, field: 'kitchen_id' }) kitchenId: string;
  @Column(DataType.STRING(255)) wrapped: string;
}

/** Somebody who was erased, by a digest of their name. */
@Table({ tableName: 'erasures' })
export class ErasureRow extends Model {
  @PrimaryKey @Column({ type: DataType.UUID, field: 'kitchen_id' }) kitchenId: string;
  @PrimaryKey @Column(DataType.CHAR(64)) digest: string;
  @Column(DataType.DATE(3)) at: Date;
}

@Table({ tableName: 'class_dishes' })
export class ClassDishRow extends Model {
  @PrimaryKey @Column(DataType.UUID) override id: string;
  @Column({ type: DataType.UUID, field: 'kitchen_id' }) kitchenId: string;
  @Column({ type: DataType.UUID, field: 'class_id' }) classId: string;
  @Column({ type: DataType.UUID, field: 'recipe_id' }) recipeId: string;
  @Column(DataType.INTEGER) override version: number;
  @Column(DataType.INTEGER) position: number;
  @Column(DataType.STRING(20)) portion: string;
  @Column(DataType.STRING(20)) maker: string;
  @JsonColumn('choices') choices: Record<string, string>;
  @JsonColumn('making') making: DishMaking;
}

@Table({ tableName: 'shopping_ticks' })
export class TickRow extends Model {
  @PrimaryKey @Column(DataType.UUID) override id: string;
  @Column({ type: DataType.UUID, field: 'kitchen_id' }) kitchenId: string;
  @Column({ type: DataType.UUID, field: 'class_id' }) classId: string;
  @Column({ type: DataType.STRING(200), field: 'row_key' }) key: string;
  @Column(DataType.BOOLEAN) ticked: boolean;
  @Column({ type: DataType.INTEGER, field: 'amount' }) count: number;
  @Column({ type: DataType.STRING(80), field: 'ticked_by' }) by: string;
  @Column(DataType.DATE(3)) at: Date;
}

@Table({ tableName: 'techniques' })
export class TechniqueRow extends Model {
  @PrimaryKey @Column(DataType.UUID) override id: string;
  @Column({ type: DataType.UUID, field: 'kitchen_id' }) kitchenId: string;
  /** The name that steps use, "toss". */
  @Column(DataType.STRING(40)) slug: string;
  @JsonColumn('note') note: TechniqueNote;
  @Column(DataType.INTEGER) revision: number;
  @Column({ type: DataType.DATE, field: 'deleted_at' }) override deletedAt: Date | null;
}

/** What a kitchen knows better than the standard larder, or adds to it: one row an ingredient. */
@Table({ tableName: 'larder_entries' })
export class LarderEntryRow extends Model {
  @PrimaryKey @Column(DataType.UUID) override id: string;
  @Column({ type: DataType.UUID, field: 'kitchen_id' }) kitchenId: string;
  @Column(DataType.STRING(60)) ingredient: string;
  @JsonColumn('entry') entry: LarderEntry;
  @Column(DataType.INTEGER) revision: number;
}

@Table({ tableName: 'stock' })
export class StockRow extends Model {
  @PrimaryKey @Column(DataType.UUID) override id: string;
  @Column({ type: DataType.UUID, field: 'kitchen_id' }) kitchenId: string;
  @Column(DataType.STRING(60)) ingredient: string;
  @JsonColumn('amount') amount: Amount;
  @Column(DataType.STRING(40)) state: string;
  /** Local date, "2026-11-30"; null where it keeps. */
  @Column({ type: DataType.CHAR(10), field: 'use_by' }) useBy: LocalDate | null;
  @Column(DataType.STRING(120)) note: string;
  @Column(DataType.INTEGER) revision: number;
  @Column({ type: DataType.DATE, field: 'deleted_at' }) override deletedAt: Date | null;
}

export const models = [
  KitchenRow,
  AccountRow,
  FirstAccountRow,
  SessionRow,
  KnownDeviceRow,
  KitchenChangesRow,
  CourseRow,
  RecipeRow,
  RecipePartRow,
  RecipeVersionRow,
  ClassRow,
  ClassKeyRow,
  ErasureRow,
  ClassDishRow,
  PlanGlanceRow,
  TickRow,
  TechniqueRow,
  LarderEntryRow,
  StockRow,
];
