import type {
  Attributes,
  CreationAttributes,
  FindOptions,
  Model,
  ModelStatic,
  WhereOptions,
} from 'sequelize';
import { isInTransaction } from './transaction.js';

/** What is written to a row, from the row as it stands; null where nothing is. */
type ValuesOf<M> = (row: M) => Record<string, unknown> | null | Promise<Record<string, unknown> | null>;

/**
 * The one way to write a row that carries a revision: a write that builds on an older one changes nothing and
 * returns false. A lint rule keeps every other way out of the server.
 */
export async function writeRevision<M extends Model>(
  model: ModelStatic<M>,
  which: object,
  revision: number,
  values: Record<string, unknown>,
): Promise<boolean> {
  const [changed] = await model.update({ ...values, revision: revision + 1 } as never, {
    where: { ...which, revision } as never,
  });
  return changed === 1;
}

/**
 * The one place that queries rows of a kitchen: each method adds the kitchen to what is asked or written, so
 * that no query can reach another kitchen's rows.
 */
export class KitchenScope<M extends Model & { kitchenId: string }> {
  constructor(
    private readonly model: ModelStatic<M>,
    private readonly kitchenId: string,
  ) {}

  find(options: FindOptions<Attributes<M>> = {}): Promise<M[]> {
    return this.model.findAll({ ...options, where: this.#where(options.where) });
  }

  findOne(options: FindOptions<Attributes<M>>): Promise<M | null> {
    return this.model.findOne({ ...options, where: this.#where(options.where) });
  }

  count(where?: WhereOptions<Attributes<M>>): Promise<number> {
    return this.model.count({ where: this.#where(where) });
  }

  create(values: Omit<Record<string, unknown>, 'kitchenId'>): Promise<M> {
    return this.model.create({ ...values, kitchenId: this.kitchenId } as unknown as CreationAttributes<M>);
  }

  /** Makes a row, or where one with its key is there writes these fields of it: one statement, so no race. */
  async createOrUpdate(values: Record<string, unknown>, fields: (keyof Attributes<M>)[]): Promise<void> {
    await this.model.upsert({ ...values, kitchenId: this.kitchenId } as never, { fields });
  }

  destroy(where: WhereOptions<Attributes<M>>): Promise<number> {
    return this.model.destroy({ where: this.#where(where) });
  }

  /** Writes a row under its revision; returns false where another write came first. */
  updateRevision(id: string, revision: number, values: Record<string, unknown>): Promise<boolean> {
    return writeRevision(this.model, { id, kitchenId: this.kitchenId }, revision, values);
  }

  /**
   * Changes a row whatever its revision, for writers that were shown none: it is held until the transaction
   * ends, so that an edit at the same moment is neither undone nor undoes this one. `valuesOf` gets the row
   * as it stands, and returns null where nothing is to be changed. Returns whether something was.
   */
  async changeHeld(id: string, valuesOf: ValuesOf<M>): Promise<boolean> {
    const row = await this.#held(id);
    const values = row && (await valuesOf(row));
    if (!values) return false;
    const { revision } = row as unknown as { revision: number };
    if (!(await this.updateRevision(id, revision, values)))
      throw new Error('A row that was held has changed meanwhile.');
    return true;
  }

  /** Writes the same content in another form: the row is held, and its revision stays. */
  async rewriteHeld(id: string, valuesOf: ValuesOf<M>): Promise<void> {
    const row = await this.#held(id);
    const values = row && (await valuesOf(row));
    if (values) await this.#writeBeside({ id } as never, values);
  }

  #held(id: string): Promise<M | null> {
    if (!isInTransaction()) throw new Error('A row is held only inside a transaction.');
    return this.findOne({ where: { id } as never, lock: true });
  }

  /**
   * Takes a row out, or puts it back with null. Its revision stays: what somebody has open is as it was once
   * the row is back.
   */
  async markDeleted(id: string, deletedAt: Date | null): Promise<void> {
    await this.#writeBeside({ id } as never, { deletedAt });
  }

  /** Forgets what was worked out from rows, which no revision covers. */
  async forgetDerived(where: WhereOptions<Attributes<M>>, columns: readonly 'summary'[]): Promise<void> {
    await this.#writeBeside(where, Object.fromEntries(columns.map((column) => [column, null])));
  }

  async #writeBeside(where: WhereOptions<Attributes<M>>, values: object): Promise<void> {
    await this.model.update(values as never, { where: this.#where(where) as never });
  }

  #where(where: WhereOptions<Attributes<M>> | undefined): WhereOptions<Attributes<M>> {
    return { ...(where as object | undefined), kitchenId: this.kitchenId } as unknown as WhereOptions<
      Attributes<M>
    >;
  }
}
